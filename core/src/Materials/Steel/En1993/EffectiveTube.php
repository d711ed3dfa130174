<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Units\Kind;

/**
 * A tube of class 4, for which EN 1993-1-1, 6.2.2.5(5) names EN 1993-1-6 and gives no effective section: that of BS
 * 5950-1:2000, 3.6.6, in terms of EN 1993-1-1, as British practice has it (A_eff from the limit of class 3 on, W_eff
 * from 140 ε² on), up to d/t = 240 ε².
 */
final readonly class EffectiveTube implements LocalBuckling
{
    private const MOST = 240.0;

    private const IN_COMPRESSION = 90.0;

    private const IN_BENDING = 140.0;

    private const CLAUSE = 'BS 5950-1, 3.6.6';

    public function __construct(private CircularHollow $section, private float $epsilon)
    {
    }

    public static function covers(CircularHollow $section, float $epsilon): bool
    {
        return $section->h / $section->t <= self::MOST * $epsilon ** 2;
    }

    public function modulus(string $axis, ?Derivation $d = null): float
    {
        $part = $this->part(self::IN_BENDING, 0.25, $d);
        $d?->with(['rho' => [$part, Kind::Number], "W_el_{$axis}" => [$this->section->Wely, Kind::Modulus]])->line(
            "W_eff_{$axis}",
            "rho * W_el_{$axis}",
            Kind::Modulus,
            self::CLAUSE,
        );

        return $part * $this->section->Wely;
    }

    public function area(?Derivation $d = null): float
    {
        $part = $this->part(self::IN_COMPRESSION, 0.5, $d);
        $d?->with(['rho' => [$part, Kind::Number], 'A' => [$this->section->A, Kind::Area]])->line(
            'A_eff',
            'rho * A',
            Kind::Area,
            self::CLAUSE,
        );

        return $part * $this->section->A;
    }

    public function says(): string
    {
        return 'Its effective section counts (BS 5950-1, 3.6.6; EN 1993-1-1 gives none).';
    }

    public function foreign(): string
    {
        return ', effective section by BS 5950-1';
    }

    private function part(float $limit, float $power, ?Derivation $d): float
    {
        $s = $this->section;
        $part = min(1.0, (($limit * $this->epsilon ** 2) / ($s->h / $s->t)) ** $power);
        $d?->with([
            'epsilon' => [$this->epsilon, Kind::Number],
            'd' => [$s->h, Kind::Size],
            't' => [$s->t, Kind::Size],
        ])->line(
            'rho',
            "min(1, ({$limit} * epsilon^2 / (d / t))^{$power})",
            Kind::Number,
            self::CLAUSE,
            'EN 1993-1-1, 6.2.2.5(5) names EN 1993-1-6 and gives no effective section',
        );

        return $part;
    }
}
