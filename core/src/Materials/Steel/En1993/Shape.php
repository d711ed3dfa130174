<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Units\Kind;

/** An I section with two flanges alike, with plates on them or without. */
final readonly class Shape extends OpenShape
{
    public function __construct(private ISection $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        $s = $this->section;
        $plate =
            $s->plates === null
                ? []
                : [
                    new ClassedPart(
                        'plate',
                        ['b_p', $s->plates->width],
                        ['t_p', $s->plates->thickness],
                        ClassedPart::INTERNAL,
                        'plate between its welds, in compression',
                    ),
                ];

        return [...$plate, $this->flange(), ...$by === Strain::BendingZ ? [] : [$this->classedWeb($by)]];
    }

    public function local(float $epsilon): LocalBuckling
    {
        $s = $this->section;
        if ($s->plates !== null) {
            return new ReducedStress($this, $epsilon);
        }
        $tips = new PlateGroup($s->c, $s->tf, 2, false);
        $web = new PlateGroup($s->d, $s->tw);
        $y = new BentWebs('y', $s->A, $s->Iy, $s->h, $s->h / 2, $s->d / 2, $tips, $web);

        return new EffectiveSection($s->A, $tips, $web, $y, new BentTips($s, $tips), $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        $s = $this->section;
        if ($s->finish === Finish::Welded) {
            return self::ofWeldedWeb($eta, $s->hw, $s->tw, $d);
        }
        $d?->with([
            'A' => [$s->rolled, Kind::Area],
            'b' => [$s->b, Kind::Size],
            't_f' => [$s->tf, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'r' => [$s->r, Kind::Size],
            'eta' => [$eta, Kind::Number],
            'h_w' => [$s->hw, Kind::Size],
        ])->line(
            'A_v',
            'max(A - 2 * b * t_f + (t_w + 2 * r) * t_f, eta * h_w * t_w)',
            Kind::Area,
            '6.2.6(3)a',
            $s->plates === null ? '' : 'of the rolled section, without its plates',
        );

        return max($s->AvRolled, $eta * $s->hw * $s->tw);
    }

    public function curves(bool $isS460): array
    {
        $s = $this->section;

        return match (true) {
            $s->finish === Finish::Welded => $s->tf <= 40.0 ? ['b', 'c'] : ['c', 'd'],
            $s->h / $s->b > 1.2 && $s->tf <= 40.0 => $isS460 ? ['a0', 'a0'] : ['a', 'b'],
            default => $isS460 ? ['a', 'a'] : ['b', 'c'],
        };
    }

    public function likeFlanges(): LikeFlanges
    {
        return new LikeFlanges($this->section, $this->section);
    }

    /** With plates it counts as welded. */
    public function lateralCurve(bool $rolledCurves): LateralCurve
    {
        $s = $this->section;
        $isWelded = $s->plates !== null || $s->finish === Finish::Welded;

        return LateralCurve::ofI($s->h / $s->b > 2, $isWelded, $rolledCurves);
    }

    public function plasticLeft(string $axis, float $n, ?Derivation $d = null): float
    {
        $s = $this->section;
        $flanges = 2 * $s->b * $s->tf + ($s->plates === null ? 0.0 : 2 * $s->plates->width * $s->plates->thickness);
        $a = min(0.5, ($s->A - $flanges) / $s->A);
        $d?->with(['A' => [$s->A, Kind::Area], 'A_f' => [$flanges, Kind::Area]])->line(
            'a',
            'min(0.5, (A - A_f) / A)',
            Kind::Number,
            '6.2.9.1(5)',
            'A_f: both flanges',
        );
        if ($axis === 'y') {
            $m = min(1.0, (1 - $n) / (1 - 0.5 * $a));
            $d?->with(['n' => [$n, Kind::Number]])->line(
                'm_N_y',
                'min(1, (1 - n) / (1 - 0.5 * a))',
                Kind::Number,
                '6.2.9.1(5) (6.36)',
                'M_N_Rd over M_pl_Rd',
            );

            return $m;
        }
        if ($n <= $a) {
            $d?->given('m_N_z', 1.0, Kind::Number, '6.2.9.1(5) (6.37)', 'n is not above a');

            return 1.0;
        }
        $m = 1 - (($n - $a) / (1 - $a)) ** 2;
        $d?->with(['n' => [$n, Kind::Number]])->line(
            'm_N_z',
            '1 - ((n - a) / (1 - a))^2',
            Kind::Number,
            '6.2.9.1(5) (6.38)',
            'M_N_Rd over M_pl_Rd',
        );

        return $m;
    }

    public function exponents(float $n, ?Derivation $d = null): array
    {
        $d?->given('alpha', 2.0, Kind::Number, '6.2.9.1(6)');
        $d?->with(['n' => [$n, Kind::Number]])->line('beta', 'max(1, 5 * n)', Kind::Number, '6.2.9.1(6)');

        return [2.0, max(1.0, 5 * $n)];
    }
}
