<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * A strength class of solid timber: characteristic strengths and stiffnesses in MPa, densities in kg/m³ (EN 338:2016,
 * from memory).
 */
final readonly class Grade
{
    /** f_m, f_t,0, f_c,0, f_c,90, f_v, E_0,mean, E_0,05, G_mean, ρ_k, ρ_mean */
    private const ROWS = [
        'C14' => [14, 7.2, 16, 2.0, 3.0, 7000, 4700, 440, 290, 350],
        'C16' => [16, 8.5, 17, 2.2, 3.2, 8000, 5400, 500, 310, 370],
        'C18' => [18, 10, 18, 2.2, 3.4, 9000, 6000, 560, 320, 380],
        'C20' => [20, 11.5, 19, 2.3, 3.6, 9500, 6400, 590, 330, 400],
        'C22' => [22, 13, 20, 2.4, 3.8, 10000, 6700, 630, 340, 410],
        'C24' => [24, 14.5, 21, 2.5, 4.0, 11000, 7400, 690, 350, 420],
        'C27' => [27, 16.5, 22, 2.5, 4.0, 11500, 7700, 720, 360, 430],
        'C30' => [30, 19, 24, 2.7, 4.0, 12000, 8000, 750, 380, 460],
        'C35' => [35, 22.5, 25, 2.7, 4.0, 13000, 8700, 810, 390, 470],
        'C40' => [40, 26, 27, 2.8, 4.0, 14000, 9400, 880, 400, 480],
        'D30' => [30, 18, 24, 5.3, 3.9, 11000, 9200, 690, 530, 640],
        'D40' => [40, 24, 27, 5.5, 4.2, 13000, 10900, 810, 550, 660],
    ];

    private function __construct(
        public string $name,
        public float $fm,
        public float $ft0,
        public float $fc0,
        public float $fc90,
        public float $fv,
        public float $E,
        public float $E05,
        public float $G,
        public float $rhoK,
        public float $rho,
    ) {
    }

    public static function of(string $name): ?self
    {
        return isset(self::ROWS[$name]) ? new self($name, ...array_map(floatval(...), self::ROWS[$name])) : null;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ROWS);
    }

    public function isSoftwood(): bool
    {
        return $this->name[0] === 'C';
    }

    /** @return list<string> the stronger classes of the same kind of wood */
    public function stronger(): array
    {
        $same = array_values(array_filter(self::names(), fn (string $n): bool => $n[0] === $this->name[0]));

        return array_slice($same, (int) array_search($this->name, $same, true) + 1);
    }
}
