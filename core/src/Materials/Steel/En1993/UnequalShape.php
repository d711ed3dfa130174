<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Units\Kind;

/**
 * An I section with unequal flanges, either as if compressed; in bending the web with the greater part of it
 * compressed, of sagging and hogging.
 */
final readonly class UnequalShape extends Profile
{
    public function __construct(private UnequalI $section)
    {
        parent::__construct($section);
    }

    public function parts(Strain $by): array
    {
        $s = $this->section;
        $flanges = [$this->flange('top', $s->top, $s->tt), $this->flange('bottom', $s->bottom, $s->tb)];

        return match ($by) {
            Strain::BendingZ => $flanges,
            Strain::Compression => [
                ...$flanges,
                new ClassedPart('web', ['c_w', $s->hw], ['t_w', $s->tw], ClassedPart::INTERNAL, 'web in compression'),
            ],
            Strain::BendingY => [...$flanges, $this->bentWeb()],
        };
    }

    private function flange(string $name, float $b, float $t): ClassedPart
    {
        return new ClassedPart(
            $name,
            ["c_{$name}", ($b - $this->section->tw) / 2],
            ["t_{$name}", $t],
            ClassedPart::OUTSTAND,
            "{$name} flange, outstand in compression",
        );
    }

    private function bentWeb(): ClassedPart
    {
        $s = $this->section;
        // How far the axis that halves the area, and that through the centroid, lie from the middle of the web.
        $alpha = min(1.0, 0.5 + abs($s->top * $s->tt - $s->bottom * $s->tb) / (2 * $s->tw * $s->hw));
        $off = abs($s->zs - ($s->tb - $s->tt) / 2);
        $psi = min(1.0, -($s->hw / 2 - $off) / ($s->hw / 2 + $off));
        // Rounded down to what is printed.
        $limits = array_map(fn (float $limit): float => floor(100 * $limit) / 100, [
            396 / (13 * $alpha - 1),
            456 / (13 * $alpha - 1),
            42 / (0.67 + 0.33 * $psi),
        ]);

        return new ClassedPart(
            'web',
            ['c_w', $s->hw],
            ['t_w', $s->tw],
            $limits,
            sprintf('web, by the larger part that is compressed: α = %.3f, ψ = %.3f', $alpha, $psi),
        );
    }

    public function classesWebTogether(): bool
    {
        return false;
    }

    public function local(float $epsilon): LocalBuckling
    {
        $s = $this->section;
        $web = new PlateGroup($s->hw, $s->tw);
        $side = function (int $side) use ($s, $web): BentWebs {
            [$b, $t] = $side > 0 ? [$s->top, $s->tt] : [$s->bottom, $s->tb];
            $edge = $s->h / 2 - $side * $s->zs;
            $flange = new PlateGroup(($b - $s->tw) / 2, $t, 2, false);

            return new BentWebs('y', $s->A, $s->Iy, $s->h, $edge, $edge - $t, $flange, $web);
        };
        $sides = $s->pressed === null ? [$side(1), $side(-1)] : [$side($s->pressed)];

        return new EffectiveUnequal($sides, new ReducedStress($this, $epsilon), $epsilon);
    }

    public function shearArea(float $eta, ?Derivation $d = null): float
    {
        return OpenShape::ofWeldedWeb($eta, $this->section->hw, $this->section->tw, $d);
    }

    public function sidewaysShearArea(?Derivation $d = null): float
    {
        $Av = $this->section->sidewaysShearArea();
        $d?->given(
            'A_v',
            $Av,
            Kind::Area,
            '6.2.6(3)',
            'of the flange that shears the most, each with its part of I_z: b t_f (I_1 + I_2)/I_1',
        );

        return $Av;
    }

    public function web(): array
    {
        return [$this->section->hw, $this->section->tw];
    }

    public function curves(bool $isS460): array
    {
        return max($this->section->tt, $this->section->tb) <= 40.0 ? ['b', 'c'] : ['c', 'd'];
    }

    public function likeFlanges(): LikeFlanges
    {
        $s = $this->section;
        $weaker = $s->top * $s->tt < $s->bottom * $s->tb ? 1 : -1;

        return new LikeFlanges($s->seenFrom($weaker), $s->seenFrom(-$weaker));
    }

    public function lateralCurve(bool $rolledCurves): LateralCurve
    {
        $s = $this->section;

        return LateralCurve::ofI($s->h / min($s->top, $s->bottom) > 2, true, $rolledCurves);
    }
}
