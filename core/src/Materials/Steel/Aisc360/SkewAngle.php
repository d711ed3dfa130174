<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F10, for an angle that is laterally unrestrained under vertical forces: with equal legs about the
 * geometric axis (F10.2(b)(iii)), with unequal ones about both principal axes, w-w and z-z, whose utilisations are
 * added (H2.1). Moments in Nmm.
 */
final readonly class SkewAngle extends PlaneProfile
{
    /** Of F_y S (F10.2, F10.3): about the geometric axis of equal legs that nothing holds. */
    public const GEOMETRIC = 0.8;

    public Angle $angle;

    private SingleAngle $held;

    /** Parts of a vertical moment about the principal axes, w-w and z-z. */
    public float $ofW;

    public float $ofZ;

    /** Elastic moduli about them, of the corner that is farthest off, mm³. */
    public float $Sw;

    public float $Sz;

    /** β_w (F10.2), less than 0 where what is compressed buckles the sooner, mm. */
    public float $beta;

    public function __construct(SkewSection $section, SteelGrade $grade)
    {
        $this->angle =
            $section->whole instanceof Angle ? $section->whole : throw new \LogicException('An angle is needed.');
        parent::__construct($section, $grade, $grade->yieldStrength($this->angle->t));
        $this->held = new SingleAngle($this->angle, $grade);
        [$cos, $sin] = [cos($this->angle->lean), sin($this->angle->lean)];
        [$this->ofW, $this->ofZ] = [abs($cos), abs($sin)];
        $u = $v = 0.0;
        foreach ($this->angle->corners() as [$y, $z]) {
            [$u, $v] = [max($u, abs($y * $cos + $z * $sin)), max($v, abs($z * $cos - $y * $sin))];
        }
        [$this->Sw, $this->Sz] = [$this->angle->Iu / $v, $this->angle->Iv / $u];
        // Of a sagging moment, by the middle lines of the legs.
        $strips = $this->angle->strips();
        $beta = 2 * $strips->v0 - $strips->wagner([-sin($strips->lean), cos($strips->lean)]) / $strips->Iu;
        $this->beta = match ($section->stem) {
            Stem::Compressed => $beta,
            Stem::Tensioned => -$beta,
            Stem::Both => -abs($beta),
        };
    }

    public function isEqual(): bool
    {
        return abs($this->angle->h - $this->angle->b) < 1e-6;
    }

    public function compactness(): string
    {
        return $this->held->compactness();
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        return $this->held->weighCompactness($standard, $detail);
    }

    public function moment(?Derivation $d = null): float
    {
        return $this->withoutBuckling($d, 'M_n');
    }

    /** M_n without lateral-torsional buckling, as a vertical moment. */
    public function withoutBuckling(?Derivation $d, string $symbol): float
    {
        if ($this->isEqual()) {
            return $this->least($symbol, '', $this->angle->Wely, self::GEOMETRIC, INF, $d);
        }
        $w = $this->least('M_nw', 'w', $this->Sw, 1.0, INF, $d);

        return $this->together($symbol, $w, $d);
    }

    /**
     * Both principal axes at once (H2-1), as a vertical moment: the sum of the greatest stresses, wherever they are.
     *
     * @param  float  $w  M_nw
     */
    public function together(string $symbol, float $w, ?Derivation $d): float
    {
        $z = $this->least('M_nz', 'z', $this->Sz, 1.0, INF, $d);
        $M = 1 / ($this->ofW / $w + $this->ofZ / $z);
        $d?->given(
            'theta',
            rad2deg(atan2($this->ofZ, $this->ofW)),
            Kind::Number,
            '',
            'degrees between the vertical plane and that of bending about w-w: of a vertical moment M cos θ bends about w-w, M sin θ about z-z',
        );
        $d?->given('c', $this->ofW, Kind::Number, '', 'cos θ');
        $d?->given('s', $this->ofZ, Kind::Number, '', 'sin θ');
        $d?->with(['M_nw' => [$w, Kind::Moment], 'M_nz' => [$z, Kind::Moment]])->line(
            $symbol,
            '1 / (c / M_nw + s / M_nz)',
            Kind::Moment,
            'H2-1',
            'the vertical moment at which the sum of both is 1',
        );

        return $M;
    }

    /**
     * The least of yielding, local and lateral-torsional buckling about one axis.
     *
     * @param  string  $axis  w, z, or nothing for the geometric one
     * @param  float  $S  elastic modulus, mm³
     * @param  float  $part  of it that counts in local buckling
     * @param  float  $LTB  M_n of lateral-torsional buckling; INF: it is left out
     */
    public function least(string $symbol, string $axis, float $S, float $part, float $LTB, ?Derivation $d): float
    {
        $name = $axis === '' ? 'S' : "S_{$axis}";
        $to = $axis === '' ? '' : "_{$axis}";
        $limits = ["M_Y{$to}" => 1.5 * $this->Fy * $S];
        $d?->with(['F_y' => [$this->Fy, Kind::Stress], $name => [$S, Kind::Modulus]])->line(
            "M_Y{$to}",
            "1.5 * F_y * {$name}",
            Kind::Moment,
            'F10-1',
            $axis === ''
                ? 'yielding; S of the farther edge, about the geometric axis'
                : "yielding about {$axis}-{$axis}",
        );
        $Sc = $part * $S;
        if ($this->compactness() !== 'compact') {
            $part < 1.0
                ? $d
                    ?->with(['S' => [$S, Kind::Modulus]])
                    ->line('S_c', "{$part} * S", Kind::Modulus, 'F10.3', 'the angle is unrestrained')
                : null;
            $limits["M_L{$to}"] = $this->held->ofLegs($Sc, $part < 1.0 ? 'S_c' : $name, "M_L{$to}", $d);
        }
        $limits += is_finite($LTB) ? ['M_LTB' => $LTB] : [];
        $d?->with(array_map(fn (float $M): array => [$M, Kind::Moment], $limits))->line(
            $symbol,
            count($limits) === 1 ? "M_Y{$to}" : 'min('.implode(', ', array_keys($limits)).')',
            Kind::Moment,
            'F10',
        );

        return min($limits);
    }

    public function bendingClause(): string
    {
        return 'F10';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        return $this->held->shear($method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return $this->held->shearClauses();
    }

    public function lateral(): LateralStrength
    {
        return new AngleLateralStrength($this);
    }

    public function lateralClause(): string
    {
        return 'F10.2';
    }
}
