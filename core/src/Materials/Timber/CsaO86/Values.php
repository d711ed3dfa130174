<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Checks\Working;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** CSA O86:19, 5.3, 6.4 and 7.4: specified strengths times K_D, K_H, K_S and K_T. */
final readonly class Values
{
    /** K_S wet, of sawn up to 89 mm, of thicker sawn, of glulam: bending, shear, compression, across, tension, E. */
    private const WET = [
        'thin' => ['b' => 0.84, 'v' => 0.96, 'c' => 0.69, 'cp' => 0.67, 't' => 0.84, 's' => 0.94, 'f' => 0.85],
        'thick' => ['b' => 1.0, 'v' => 1.0, 'c' => 0.91, 'cp' => 0.67, 't' => 1.0, 's' => 1.0, 'f' => 0.85],
        'glulam' => ['b' => 0.8, 'v' => 0.87, 'c' => 0.75, 'cp' => 0.67, 't' => 0.75, 's' => 0.9, 'f' => 0.85],
    ];

    /** Table 6.4.5 by depth: bending 38 to 64 thick, 89 to 102, 114 and more; tension; shear. */
    private const SIZE = [
        89 => [1.7, 1.7, 1.3, 1.5, 1.7],
        114 => [1.5, 1.6, 1.3, 1.4, 1.5],
        140 => [1.4, 1.5, 1.3, 1.3, 1.4],
        191 => [1.2, 1.3, 1.3, 1.2, 1.2],
        241 => [1.1, 1.2, 1.2, 1.1, 1.1],
        292 => [1.0, 1.1, 1.1, 1.0, 1.0],
        343 => [0.9, 1.0, 1.0, 0.9, 0.9],
        5000 => [0.8, 0.9, 0.9, 0.8, 0.8],
    ];

    public function __construct(private TimberMake $timber)
    {
    }

    private function isGlulam(): bool
    {
        return $this->timber->grade->product === Product::Glulam;
    }

    /** K_S of b, v, c, cp, t, s (E) or f (fracture at notches). */
    public function wet(string $of): float
    {
        return ! $this->timber->conditions->isWet()
            ? 1.0
            : self::WET[$this->isGlulam() ? 'glulam' : ($this->timber->ply <= 89.0 ? 'thin' : 'thick')][$of];
    }

    /** K_T: 6.4.3, of incised timber up to 89 mm thick. */
    public function treated(bool $ofE): float
    {
        $isIncised = $this->timber->conditions->incised && ! $this->isGlulam() && $this->timber->ply <= 89.0;

        return match (true) {
            ! $isIncised => 1.0,
            $this->timber->conditions->isWet() => $ofE ? 0.95 : 0.85,
            default => $ofE ? 0.9 : 0.75,
        };
    }

    /**
     * K_H, Table 6.4.4: three or more members up to 610 mm apart that share their load (case 2 under sheathing),
     * plies as a built-up beam; of glulam 7.4.3.
     *
     * @return array{float, string}
     */
    public function system(string $of): array
    {
        if (! in_array($of, ['b', 'v', 'c', 't'], true)) {
            return [1.0, ''];
        }
        $shares = $this->timber->conditions->sharesLoad;

        return match (true) {
            $this->isGlulam() => $shares && $of !== 'v' ? [1.1, 'shares its load'] : [1.0, 'stands alone'],
            $shares && $of === 't' => [1.0, 'not in tension'],
            $shares => [$of === 'c' ? 1.1 : 1.4, 'case 2, sheathed'],
            $this->timber->plies > 1 && ($of === 'b' || $of === 'v') => [1.1, 'built-up beam'],
            default => [1.0, 'stands alone'],
        };
    }

    /** Lines of f (K_D K_H K_S K_T). */
    public function strength(
        Working $w,
        LoadGroup $group,
        string $symbol,
        string $reference,
        float $value,
        string $of,
    ): float {
        $w->let($reference, $value, Kind::Stress, 'CSA O86:19', $this->timber->grade->name);
        $w->let('K_D', $group->factor, Kind::Number, $group->clause, $group->why);
        $factors = 'K_D';
        [$KH, $why] = $this->system($of);
        if (in_array($of, ['b', 'v', 'c', 't'], true)) {
            $w->let("K_H_{$of}", $KH, Kind::Number, $this->isGlulam() ? '7.4.3' : 'Table 6.4.4', $why);
            $factors .= " * K_H_{$of}";
        }
        $w->let(
            "K_S_{$of}",
            $this->wet($of),
            Kind::Number,
            $this->isGlulam() ? 'Table 7.4.2' : 'Table 6.4.2',
            $this->timber->conditions->isWet() ? 'wet' : 'dry',
        );
        $w->let(
            'K_T',
            $this->treated(false),
            Kind::Number,
            $this->isGlulam() ? '7.4.4' : '6.4.3',
            $this->timber->conditions->incised ? 'incised' : 'not incised',
        );

        return $w->line($symbol, "{$reference} * ({$factors} * K_S_{$of} * K_T)", Kind::Stress, '5.3.1');
    }

    /** Lines of E_05 or E with K_SE and K_T. */
    public function modulus(Working $w, string $symbol, string $reference, float $value): float
    {
        $w->let($reference, $value, Kind::ModulusOfElasticity, 'CSA O86:19');
        $w->let('K_S_E', $this->wet('s'), Kind::Number, '6.4.2');
        $w->let('K_T_E', $this->treated(true), Kind::Number, '6.4.3');

        return $w->line($symbol, "{$reference} * K_S_E * K_T_E", Kind::ModulusOfElasticity, '5.4.1');
    }

    public function stiffness(): float
    {
        return $this->wet('s') * $this->treated(true);
    }

    /** K_Z of bending (b), tension (t) or shear (v), by the next deeper row between two. */
    public function size(string $of): float
    {
        if (! $this->timber->grade->product->isSawn()) {
            return 1.0;
        }
        $column = match ($of) {
            't' => 3,
            'v' => 4,
            default => $this->timber->ply < 89.0 ? 0 : ($this->timber->ply < 114.0 ? 1 : 2),
        };
        foreach (self::SIZE as $depth => $row) {
            if (max($this->timber->h, $this->timber->ply) <= $depth + 0.5) {
                return $row[$column];
            }
        }

        return 0.8;
    }
}
