<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * A strength of concrete, a class or any strength that is typed; MPa. `fck`: of the cylinder, f'_c for ACI 318;
 * `cube`: f_cu. EN 1992-1-1:2004, Table 3.1, by its formulas; BS 8110-2, 7.2; ACI 318-19, 19.2.2.
 */
final readonly class Grade
{
    private const PSI = 0.00689475729;

    private const NAMES = [
        'C12/15' => [12.0, 15.0],
        'C16/20' => [16.0, 20.0],
        'C20/25' => [20.0, 25.0],
        'C25/30' => [25.0, 30.0],
        'C28/35' => [28.0, 35.0],
        'C30/37' => [30.0, 37.0],
        'C32/40' => [32.0, 40.0],
        'C35/45' => [35.0, 45.0],
        'C40/50' => [40.0, 50.0],
        'C45/55' => [45.0, 55.0],
        'C50/60' => [50.0, 60.0],
        'C55/67' => [55.0, 67.0],
        'C60/75' => [60.0, 75.0],
        'C70/85' => [70.0, 85.0],
        'C80/95' => [80.0, 95.0],
        'C90/105' => [90.0, 105.0],
    ];

    /** The usual ones where strengths have no classes. */
    private const TYPED = [
        Code::Aci318->value => ['3000 psi', '3500 psi', '4000 psi', '5000 psi', '6000 psi', '8000 psi'],
        Code::Bs8110->value => ['25 MPa', '30 MPa', '35 MPa', '40 MPa', '45 MPa', '50 MPa'],
    ];

    private function __construct(public string $name, public float $fck, public float $cube)
    {
    }

    public static function of(string $name): ?self
    {
        return isset(self::NAMES[$name]) ? new self($name, ...self::NAMES[$name]) : null;
    }

    /** Of a strength that is no class, as it was typed: of the cube for BS 8110, otherwise of the cylinder. */
    public static function ofStrength(float $strength, string $text, Code $code): self
    {
        return $code === Code::Bs8110
            ? new self(trim($text), 0.8 * $strength, $strength)
            : new self(trim($text), $strength, $strength / 0.8);
    }

    /** @return list<string> */
    public static function names(Code $code): array
    {
        return self::TYPED[$code->value] ?? array_keys(self::NAMES);
    }

    /**
     * Strengths that the rules of a standard are for: EN 1992-1-1, 3.1.2(2); ACI 318-19, 19.2.1; BS 8110-1, 3.1.7.
     *
     * @return array{float, float, string} the least, the most, what they are
     */
    public static function limits(Code $code): array
    {
        return match ($code) {
            Code::Aci318 => [
                2500 * self::PSI,
                12000 * self::PSI,
                'a cylinder strength of 2500 to 12000 psi, "4000 psi" or "28 MPa"',
            ],
            Code::Bs8110 => [20.0, 60.0, 'a cube strength of 20 to 60 MPa, "35 MPa"'],
            default => [12.0, 90.0, 'a cylinder strength of 12 to 90 MPa, "33 MPa" or "4000 psi"'],
        };
    }

    public function isWithin(Code $code): bool
    {
        [$least, $most] = self::limits($code);
        $strength = $code === Code::Bs8110 ? $this->cube : $this->fck;

        return $strength >= $least * (1 - 1e-9) && $strength <= $most * (1 + 1e-9);
    }

    public function isHigh(): bool
    {
        return $this->fck > 50.0;
    }

    /** Mean tensile strength. */
    public function fctm(): float
    {
        return $this->isHigh() ? 2.12 * log(1 + ($this->fck + 8.0) / 10.0) : 0.3 * $this->fck ** (2 / 3);
    }

    /** Secant modulus. */
    public function Ecm(): float
    {
        return 22000.0 * (($this->fck + 8.0) / 10.0) ** 0.3;
    }

    public function modulus(Code $code): float
    {
        return match ($code) {
            Code::Aci318 => 57000 * sqrt($this->fck / self::PSI) * self::PSI,
            Code::Bs8110 => 20000.0 + 200.0 * $this->cube,
            default => $this->Ecm(),
        };
    }

    /** @return list<string> those above it */
    public function stronger(Code $code): array
    {
        if (! isset(self::TYPED[$code->value])) {
            return array_keys(array_filter(self::NAMES, fn (array $of): bool => $of[0] > $this->fck + 1e-6));
        }
        $value = fn (string $text): float => (float) $text * (str_ends_with($text, 'psi') ? self::PSI : 1.0);
        $own = $code === Code::Bs8110 ? $this->cube : $this->fck;

        return array_values(
            array_filter(self::TYPED[$code->value], fn (string $t): bool => $value($t) > $own * (1 + 1e-6)),
        );
    }
}
