<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\ForkBeams;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\Polynomial;
use Waage\Analysis\SecondOrder;
use Waage\Analysis\SidewaysEnvelopes;
use Waage\Checks\Place;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\Section;

/** A member that is pressed, combination by combination. */
final class Columns
{
    /** Buckling lengths that differ by less are the same. */
    private const SAME = 1e-4;

    private ?CriticalForces $inPlane = null;

    private ?CriticalForces $aside = null;

    /** @var array{float, float}|null */
    private ?array $lengths = null;

    /** @var array{bool, bool}|null are moments about both axes zero at both ends */
    private ?array $vanish = null;

    /**
     * @var array{float|null, float|null}|null ratios of the end moments about both axes that all loads have in common
     */
    private ?array $ratios = null;

    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly ?Envelope $axial,
        private readonly ?SidewaysEnvelopes $sideways,
    ) {
    }

    /**
     * @param  float  $stiffer  stiffer()
     * @param  float  $weight  self-weight, N/mm
     * @param  Section  $main  the member's section in place of its own
     * @param  Section  $sideways  what the buckling length sideways is told for, the one that buckles at the least
     *     force all along
     * @param  non-empty-list<SectionStep>  $stretches  all there are
     */
    public function of(
        Combination $combination,
        float $stiffer,
        float $weight,
        Section $main,
        Section $sideways,
        array $stretches,
    ): Column {
        $most = $this->axial?->extreme([$combination], 1, $weight);
        $least = $this->axial?->extreme([$combination], -1, $weight);
        $compression = max(0.0, $most->value ?? 0.0);
        $tension = max(0.0, -($least->value ?? 0.0));
        $e = $tension > $compression ? $least : $most;
        $at =
            $e === null
                ? new Place(0.0, $combination->id)
                : $this->beam->place(Effect::Axial, $e, $weight, $combination);
        $alphaCr = INF;
        $member = $this->beam->member;
        [$Lz, $LT] = $this->lengths();
        $isExact = false;
        $isOwn = $weight === SteelMake::of($member)->section->weight();
        if ($most !== null && $compression > 1.0) {
            $acting = $this->beam->worst($combination, $weight, Effect::Axial, 1, $most->segment, $most->t);
            if ($member->effective->y === null) {
                $alphaCr = ($this->inPlane()->of($acting, $most, $isOwn) / $most->value) * $stiffer;
            }
            if ($member->effective->z === null && $Lz > 0.0) {
                $force = $this->aside()->of($acting, $most, $isOwn);
                [$Lz, $isExact] = $this->sidewaysLength($force, $main, $sideways, $stretches);
            }
        }

        return new Column(
            $combination,
            $compression > 1.0 ? $compression : 0.0,
            $tension > 1.0 ? $tension : 0.0,
            $alphaCr,
            [$member->effective->y, $Lz, $LT],
            $this->endMoments($combination),
            $at,
            $isExact,
        );
    }

    /**
     * That of buckling sideways: between restraints of both flanges, or longer or shorter as the member buckles in
     * truth.
     *
     * @param  float  $force  at which the statics' own sections buckle so, N: it grows with that of the main one
     * @param  non-empty-list<SectionStep>  $stretches
     * @return array{float, bool} mm, and whether it is the true one
     */
    private function sidewaysLength(float $force, Section $main, Section $sideways, array $stretches): array
    {
        $make = SteelMake::of($this->beam->member);
        [$between, $LT] = $this->lengths();
        $force *= $main->Iz / $make->section->Iz;
        $exact = is_finite($force)
            ? $this->beam->member->apart * M_PI * sqrt(($make->grade->elasticity() * $sideways->Iz) / $force)
            : $between;
        // Stiffer neighbours help it sideways, but one of them may twist at a smaller force than it does: then they
        // count for nothing.
        $exact = $this->twistsLeast($sideways, $stretches, $LT) ? $exact : max($exact, $between);
        $isExact = abs($exact - $between) > self::SAME * $between;

        return [$isExact ? $exact : $between, $isExact];
    }

    /** The greatest moment sideways on a length of one section, Nmm. */
    public function sidewaysMoment(Combination $combination, SectionStep $stretch, float $weight): float
    {
        return abs(
            $this->sideways?->moment->greatest([$combination], $weight, $stretch->from, $stretch->to)->value ?? 0.0,
        );
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function twistsLeast(Section $sideways, array $stretches, float $LT): bool
    {
        if ($LT <= 0.0) {
            return true;
        }
        $grade = SteelMake::of($this->beam->member)->grade;
        $force = fn (Section $s): float => $s->torsionalForce($grade->elasticity(), $grade->shearModulus(), $LT);

        return $force($sideways) <=
            min(array_map(fn (SectionStep $s): float => $force($s->section), $stretches)) * (1.0 + 1e-9);
    }

    /**
     * How much stiffer the main section is than the one that the statics was solved with: the critical force grows
     * alike, nearly so where the section changes.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    public function stiffer(array $stretches): float
    {
        return $this->main($stretches)->Iy / SteelMake::of($this->beam->member)->section->Iy;
    }

    /**
     * The main section of a member in place of its own: that of the lengths which are no steps.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    public function main(array $stretches): Section
    {
        $ofSteps = array_map(fn (SectionStep $s): float => $s->from, SteelMake::of($this->beam->member)->steps);
        foreach ($stretches as $stretch) {
            if (! in_array($stretch->from, $ofSteps, true)) {
                return $stretch->section;
            }
        }

        return SteelMake::of($this->beam->member)->section;
    }

    /** @return array{float, float} of buckling about z-z and of twisting, mm; 0: continuously restrained */
    public function lengths(): array
    {
        if ($this->lengths === null) {
            $effective = $this->beam->member->effective;
            $apart = $this->beam->member->apart;
            $held = $this->heldApart();
            $this->lengths = [
                $effective->z === null ? $held : $apart * $effective->z,
                $effective->twist === null ? $held : $apart * $effective->twist,
            ];
        }

        return $this->lengths;
    }

    /** Of its plane. */
    private function inPlane(): CriticalForces
    {
        return $this->inPlane ??= new CriticalForces(
            $this->beam,
            fn (array $factors, float $near): float => SecondOrder::of(
                $this->beam->beam,
                $this->beam->responses,
                $factors,
            )->criticalFactor($near),
        );
    }

    /** And sideways, with the forces and the stiffness along it, as far as it is held. */
    private function aside(): CriticalForces
    {
        if ($this->aside === null) {
            $beam = ForkBeams::buckling($this->beam->member);
            $this->aside = new CriticalForces(
                $this->beam,
                fn (array $factors, float $near): float => SecondOrder::pressedLike(
                    $beam,
                    $this->beam->responses,
                    $factors,
                )->criticalFactor($near),
            );
        }

        return $this->aside;
    }

    /**
     * Where nothing holds the member between two supports at its ends, moments at these run straight from one to the
     * other: those of rows, and those that all loads make at one and the same end.
     */
    private function endMoments(Combination $combination): EndMoments
    {
        $member = $this->beam->member;
        $supports = $this->beam->beam->supports;
        if (count($supports) !== 2 || abs($supports[0]) > 1e-6 || abs($supports[1] - $member->length) > 1e-6) {
            return new EndMoments();
        }
        if ($combination->isRow()) {
            $at = fn (string $part): float => ($combination->variable[Combination::END_FORCE.$part.'+'] ?? 0.0) -
                ($combination->variable[Combination::END_FORCE.$part.'-'] ?? 0.0);
            [$y, $z] = [EndMoments::ratio($at('My1'), $at('My2')), EndMoments::ratio($at('Mz1'), $at('Mz2'))];
        } else {
            [$y, $z] = $this->ratios ??= [
                self::isFromOneEnd($this->beam) ? 0.0 : null,
                $this->beam->sideways !== null && self::isFromOneEnd($this->beam->sideways) ? 0.0 : null,
            ];
        }
        $isFree =
            $member->top->positions === [] &&
            $member->bottom->positions === [] &&
            ! $member->top->isContinuous() &&
            ! $member->bottom->isContinuous();

        [$swaysY, $swaysZ] = [
            $member->effective->y > $member->length + 1.0,
            $member->effective->z > $member->length + 1.0,
        ];

        [$atY, $atZ] = $combination->isRow()
            ? [false, false]
            : ($this->vanish ??= [
                self::vanishAtEnds($this->beam),
                $this->beam->sideways !== null &&
                $member->heldSideways() === [] &&
                self::vanishAtEnds($this->beam->sideways),
            ]);

        return new EndMoments($y, $member->heldSideways() === [] ? $z : null, $isFree ? $y : null, $swaysY, $swaysZ, [
            $atY,
            $atZ,
            $isFree && $atY,
        ]);
    }

    /** Are the moments of every load zero at both ends, without a couple between them? */
    private static function vanishAtEnds(LoadedBeam $beam): bool
    {
        $ends = $jump = $most = 0.0;
        $breaks = $beam->responses->breaks;
        foreach ($beam->responses->M as $segments) {
            $last = 0.0;
            foreach ($segments as $k => $m) {
                $jump = max($jump, abs($m[0] - $last));
                $l = $breaks[$k + 1] - $breaks[$k];
                $last = Polynomial::value($m, $l);
                $most = max($most, abs($m[0]), abs($last), abs(Polynomial::value($m, $l / 2)));
            }
            $ends = max($ends, abs($last));
        }

        return max($ends, $jump) <= 1e-9 * $most;
    }

    /** Do the moments of every load run straight to zero at one and the same end? */
    private static function isFromOneEnd(LoadedBeam $beam): bool
    {
        $length = $beam->beam->length;
        $start = $end = $most = 0.0;
        $bends = 0.0;
        foreach ($beam->responses->M as $segments) {
            $last = null;
            foreach ($segments as $k => [$a, $b, $c, $d]) {
                $l = $beam->responses->breaks[$k + 1] - $beam->responses->breaks[$k];
                $value = $a + $l * ($b + $l * ($c + $l * $d));
                $most = max($most, abs($a), abs($value));
                $bends = max(
                    $bends,
                    abs($c) * $length ** 2,
                    abs($d) * $length ** 3,
                    $last === null ? 0.0 : abs($a - $last[0]),
                    $last === null ? 0.0 : abs($b - $last[1]) * $length,
                );
                $start = $k === 0 ? max($start, abs($a)) : $start;
                $last = [$value, $b];
            }
            $end = max($end, abs($last[0] ?? 0.0));
        }

        return $bends <= 1e-9 * $most && min($start, $end) <= 1e-9 * $most;
    }

    /** Greatest distance between restraints of both flanges sideways, mm; a free end counts twice. */
    public function heldApart(): float
    {
        $member = $this->beam->member;
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return 0.0;
        }
        $places = [...$this->beam->beam->forks, ...$member->heldSideways()];
        sort($places);
        $gap = 2 * max($places[0], $member->length - $places[count($places) - 1]);
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            $gap = max($gap, $places[$i] - $places[$i - 1]);
        }

        return $this->beam->member->apart * $gap;
    }
}
