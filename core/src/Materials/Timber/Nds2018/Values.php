<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Working;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/**
 * NDS 2018, 4.3, 5.3 and the Supplement: reference design values times the adjustment factors that apply.
 * Temperature is ordinary (C_t = 1).
 */
final readonly class Values
{
    private const PSI = 0.00689475729;

    private const INCH = 25.4;

    /** C_M of Tables 4A and 4B, 4D and 5A: F_b, F_t, F_v, F_c⊥, F_c, E. */
    private const WET = [
        'lumber' => ['b' => 0.85, 't' => 1.0, 'v' => 0.97, 'cp' => 0.67, 'c' => 0.8, 's' => 0.9],
        'timber' => ['b' => 1.0, 't' => 1.0, 'v' => 1.0, 'cp' => 0.67, 'c' => 0.91, 's' => 1.0],
        'glulam' => ['b' => 0.8, 't' => 0.8, 'v' => 0.875, 'cp' => 0.53, 'c' => 0.73, 's' => 0.833],
    ];

    /** C_F of Table 4A by nominal width: F_b of 2 and 3 in., F_b of 4 in., F_t, F_c. */
    private const SIZE = [
        4 => [1.5, 1.5, 1.5, 1.15],
        5 => [1.4, 1.4, 1.4, 1.1],
        6 => [1.3, 1.3, 1.3, 1.1],
        8 => [1.2, 1.3, 1.2, 1.05],
        10 => [1.1, 1.2, 1.1, 1.0],
        12 => [1.0, 1.1, 1.0, 1.0],
        14 => [0.9, 1.0, 0.9, 0.9],
    ];

    /** C_fu of Table 4A by nominal width: 2 and 3 in. thick, 4 in. thick. */
    private const FLAT = [
        3 => [1.0, 1.0],
        4 => [1.1, 1.0],
        5 => [1.1, 1.05],
        6 => [1.15, 1.05],
        8 => [1.15, 1.05],
        10 => [1.2, 1.1],
    ];

    public function __construct(private TimberMake $timber, private Method $method)
    {
    }

    /** Nominal inches of a dressed size. */
    private static function nominal(float $mm): int
    {
        $inches = $mm / self::INCH;

        return match (true) {
            $inches <= 2.6 => 3,
            $inches <= 3.6 => 4,
            $inches <= 4.6 => 5,
            $inches <= 5.6 => 6,
            $inches <= 7.6 => 8,
            $inches <= 9.6 => 10,
            $inches <= 11.6 => 12,
            default => 14,
        };
    }

    private function isLumber(): bool
    {
        return $this->timber->grade->product === Product::Sawn;
    }

    private function isSouthernPine(): bool
    {
        return str_starts_with($this->timber->grade->name, 'Southern Pine');
    }

    /** C_M of one of b, t, v, cp, c, s. */
    public function wet(string $of, float $reference): float
    {
        if (! $this->timber->conditions->isWet()) {
            return 1.0;
        }
        $kind = match ($this->timber->grade->product) {
            Product::Glulam, Product::Lvl => 'glulam',
            Product::Sawn => 'lumber',
            default => 'timber',
        };
        // Footnotes of Table 4A: no reduction of low stresses, F_b C_F up to 1,150 psi, F_c C_F up to 750 psi.
        $isLow =
            $kind === 'lumber' &&
            (($of === 'b' && $reference <= 1150.5 * self::PSI) || ($of === 'c' && $reference <= 750.5 * self::PSI));

        return $isLow ? 1.0 : self::WET[$kind][$of];
    }

    /**
     * C_F of b, t or c.
     *
     * @return array{float, string}
     */
    public function size(string $of): array
    {
        $timber = $this->timber;
        if ($timber->grade->product === Product::Glulam || $timber->grade->product === Product::Lvl) {
            return [1.0, 'not of glulam'];
        }
        if (! $this->isLumber()) {
            $isDeep = $of === 'b' && $timber->h > 12 * self::INCH;

            return [$isDeep ? ((12 * self::INCH) / $timber->h) ** (1 / 9) : 1.0, '4.3.6.3'];
        }
        $width = self::nominal($timber->h);
        $isThick = $timber->ply > 3 * self::INCH;
        if ($this->isSouthernPine()) {
            $isDeep = $width >= 14;
            $factor = $of === 'b' && $isThick && $width >= 8 ? 1.1 : ($isDeep ? 0.9 : 1.0);

            return [$factor, 'Table 4B: its values go by the width'];
        }
        $grade = $timber->grade->name;
        if (str_ends_with($grade, 'Stud')) {
            return [$width <= 4 ? ['b' => 1.1, 't' => 1.1, 'c' => 1.05][$of] : 1.0, 'Table 4A, stud'];
        }
        if (str_ends_with($grade, 'Construction') || str_ends_with($grade, 'Standard')) {
            return [1.0, 'Table 4A'];
        }
        $row = self::SIZE[max(4, $width)];

        return [
            match ($of) {
                'b' => $row[$isThick ? 1 : 0],
                't' => $row[2],
                default => $row[3],
            },
            'Table 4A',
        ];
    }

    /** C_fu of bending about the minor axis. */
    private function flat(Working $w): string
    {
        $timber = $this->timber;
        if ($timber->grade->product === Product::Glulam) {
            $w->let('d_fu', 12 * self::INCH, Kind::Size, '5.3.7', '12 in.');
            $w->line('C_fu', 'max(1, d_fu / b)^(1/9)', Kind::Number, '5.3.7', 'by the width');
        } else {
            $row = self::FLAT[min(10, self::nominal($timber->h))] ?? [1.0, 1.0];
            $factor = match (true) {
                ! $this->isLumber() => str_ends_with($timber->grade->name, 'Select Structural')
                    ? 0.86
                    : (str_ends_with($timber->grade->name, 'No.1')
                        ? 0.74
                        : 1.0),
                // Plies on edge side by side are not a plank.
                $timber->plies > 1 => 1.0,
                default => $row[$timber->ply > 3 * self::INCH ? 1 : 0],
            };
            $w->let('C_fu', $factor, Kind::Number, $this->isLumber() ? 'Table 4A' : 'Table 4D');
        }

        return ' * C_fu';
    }

    /**
     * Lines of an adjusted design value without the factors of stability and volume: F′ = F C …
     *
     * @param  string  $symbol  of the answer
     * @param  string  $reference  symbol of the reference value
     * @param  string  $of  b, t, v, cp, c or s
     */
    public function adjusted(
        Working $w,
        LoadGroup $group,
        string $symbol,
        string $reference,
        float $value,
        string $of,
        bool $isFlat = false,
    ): float {
        $isModulus = $of === 's';
        $w->let(
            $reference,
            $value,
            $isModulus ? Kind::ModulusOfElasticity : Kind::Stress,
            'NDS Supplement',
            $this->timber->grade->name,
        );
        $factors = '';
        if (in_array($of, ['b', 't', 'c'], true)) {
            [$CF, $clause] = $this->size($of);
            $w->let("C_F_{$of}", $CF, Kind::Number, $clause);
            $factors .= " * C_F_{$of}";
            $value *= $CF;
        }
        $w->let(
            "C_M_{$of}",
            $this->wet($of, $value),
            Kind::Number,
            '4.3.3',
            $this->timber->conditions->isWet() ? 'wet' : 'dry',
        );
        $factors .= " * C_M_{$of}";
        if ($this->timber->conditions->incised && $this->timber->grade->product->isSawn()) {
            $w->let(
                "C_i_{$of}",
                match ($of) {
                    'cp' => 1.0,
                    's' => 0.95,
                    default => 0.8,
                },
                Kind::Number,
                'Table 4.3.8',
                'incised',
            );
            $factors .= " * C_i_{$of}";
        }
        if ($isFlat) {
            $factors .= $this->flat($w);
        }
        if ($of === 'b' && $this->isLumber()) {
            $shares = $this->timber->conditions->sharesLoad;
            $w->let('C_r', $shares ? 1.15 : 1.0, Kind::Number, '4.3.9', $shares ? 'repetitive' : 'single');
            $factors .= ' * C_r';
        }

        return $this->line(
            $w,
            $group,
            $symbol,
            $reference.$factors,
            $of,
            $isModulus ? Kind::ModulusOfElasticity : Kind::Stress,
        );
    }

    private function line(Working $w, LoadGroup $group, string $symbol, string $formula, string $of, Kind $kind): float
    {
        if ($this->method === Method::Asd) {
            if ($of !== 'cp' && $of !== 's') {
                $w->let('C_D', $group->factor, Kind::Number, $group->clause, $group->why);
                $formula .= ' * C_D';
            }

            return $w->line($symbol, $formula, $kind, $of === 's' ? '4.3.1' : 'Table 4.3.1');
        }
        [$KF, $phi] = $this->method->conversion($of);
        $w->let("K_F_{$of}", $KF, Kind::Number, 'Table N1');
        $w->let("phi_{$of}", $phi, Kind::Number, 'Table N2');
        $formula .= " * K_F_{$of} * phi_{$of}";
        if ($of !== 's') {
            $w->let('lambda', $group->factor, Kind::Number, $group->clause, $group->why);
            $formula .= ' * lambda';
        }

        return $w->line($symbol, $formula, $kind, 'Table 4.3.1');
    }

    /** What of E is left by moisture and incisions. */
    public function stiffness(): float
    {
        return $this->wet('s', 0.0) *
            ($this->timber->conditions->incised && $this->timber->grade->product->isSawn() ? 0.95 : 1.0);
    }
}
