<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Envelope;
use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\BucklingLength;
use Waage\Materials\Steel\BucklingLengths;
use Waage\Materials\Steel\LateralBuckling;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\SectionStep;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.3.2: lateral-torsional buckling of a beam, length by length between the places that hold it
 * laterally and against twisting.
 *
 * The load factor at which a length buckles elastically is an eigenvalue of the length itself, or comes from closed
 * formulas where the engineer prefers them; the one is shown beside the other.
 */
final class LateralTorsionalBuckling
{
    private readonly LateralBuckling $lateral;

    /** @var list<BucklingLength>|null between places that hold a flange */
    private ?array $ofFlanges = null;

    /** @param  list<Combination>  $strength */
    public function __construct(private readonly LoadedBeam $beam, Envelope $moment, array $strength)
    {
        $this->lateral = new LateralBuckling($beam, $moment, $strength);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight of the member's section, N/mm
     */
    public function weigh(array $stretches, float $weight, Detail $detail): Weighing
    {
        $member = $this->beam->member;
        [$id, $title, $clause] = ['buckling', 'Lateral-torsional buckling', 'EN 1993-1-1, 6.3.2'];
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: 'Both flanges are continuously restrained: the member cannot buckle laterally (6.3.2.1(2)).',
            );
        }
        if (LateralBuckling::areSafe($stretches)) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: 'Square and round hollow sections do not buckle in lateral torsion (6.3.2.1(2)).',
            );
        }
        foreach ($this->isClosed($stretches) ? $this->lateral->lengths() : [] as $diagrams) {
            if ($this->weakest($stretches, $diagrams->held) === null) {
                $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);
                [$from, $to] = [$at($diagrams->held->from), $at($diagrams->held->to)];

                return new Weighing(
                    $id,
                    $title,
                    'EN 1993-1-1, 6.3.4',
                    null,
                    applies: false,
                    at: new Place(x: $diagrams->held->from),
                    remark: "Between x = {$from} and {$to} no section is the weakest in all that resists lateral-torsional buckling, so that closed formulas do not cover the length. Restrain it where the section changes, or take the eigenvalue.",
                );
            }
        }
        $governing = $this->lateral->governing(
            $stretches,
            fn (HeldLength $held): LateralResistance => $this->resistance($stretches, $held, $weight),
            $weight,
        );
        if ($governing === null) {
            return new Weighing($id, $title, $clause, null, remark: 'No combination bends the member.');
        }
        [$case, $resistance, $ratio] = [$governing->case, $governing->resistance, $governing->ratio];
        [$steel, $M, $x] = $resistance->governing($case);
        $alpha = $resistance->factor($case, $governing->alpha);
        $Mb = $resistance->moment($steel, $case, $M, $alpha);
        $factors = $this->beam->factors($case->combination, $weight, $case->sum->patterns());
        $d = $detail->derivation();
        if ($d !== null) {
            $this->derive($d, $stretches, $case, $resistance, $weight, $alpha);
            $d->with(['M_Ed' => [$M, Kind::Moment], 'M_b_Rd' => [$Mb, Kind::Moment]])->line(
                'u',
                'M_Ed / M_b_Rd',
                Kind::Number,
                '6.3.2.1(1) (6.54)',
            );
        }

        // A free tip has an effective length that EN 1993 does not give.
        $decides = $this->isClosed($stretches) ? $this->byHand($stretches, $case, $weight) : null;
        $foreign = $decides !== null && $decides[1]->freeEnd ? ', effective length by BS 5950-1' : '';

        return new Weighing(
            $id,
            $title.$foreign,
            count($this->parts($stretches, $case->held)) > 1 ? 'EN 1993-1-1, 6.3.4' : $clause,
            $ratio,
            against: new Against(
                demand: $M,
                capacity: $Mb,
                kind: Kind::Moment,
                demandSymbol: 'M_Ed',
                capacitySymbol: 'M_b_Rd',
            ),
            at: new Place(
                x: $x,
                combination: $case->combination->id,
                arrangement: $this->beam->arrangementText($factors),
                factors: $factors,
            ),
            lines: $d->lines ?? [],
            ranges: $governing->ranges,
            shape: $d === null ? [] : $governing->flanges($weight),
            critical: $alpha,
        );
    }

    /** What one combination makes of a member of one section, at most. */
    public function utilisation(Combination $combination, SectionStep $stretch, float $weight): float
    {
        return LateralBuckling::areSafe([$stretch])
            ? 0.0
            : $this->lateral->utilisation(
                $combination,
                [$stretch],
                fn (HeldLength $held): LateralResistance => $this->resistance([$stretch], $held, $weight),
                $weight,
            );
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function derive(
        Derivation $d,
        array $stretches,
        BucklingCase $case,
        LateralResistance $resistance,
        float $weight,
        float $alpha,
    ): void {
        $member = $this->beam->member;
        $held = $case->held;
        [$steel, $M, , $sign] = $resistance->governing($case);
        $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);
        $d->given(
            'L',
            $held->length(),
            Kind::Length,
            '',
            "restrained laterally and against twisting: from x = {$at($held->from)} to {$at($held->to)}".
                $this->lateral->between($held),
        );
        $d->given(
            'M_Ed',
            $M,
            Kind::Moment,
            '',
            ($sign > 0 ? 'greatest moment of the length, sagging' : 'greatest moment of the length, hogging').
                (count($stretches) > 1 ? "; of {$steel->section->name}, which is stressed most" : ''),
        );
        if ($steel->section instanceof SkewSection) {
            Bending::deriveSkew($steel->section, $d);
            $d->given(
                'I_z',
                $steel->section->Iz,
                Kind::SecondMoment,
                'elastic theory',
                'of a moment that turns with the section: (I_y I_z − I_yz²)/I_y',
            );
        }
        $hand = $this->byHand($stretches, $case, $weight);
        $eigenvalue = $this->lateral->eigenvalue($stretches, $case, $weight, $resistance->upTo($case));
        $isClosed = $this->isClosed($stretches);
        if ($isClosed && $hand !== null) {
            $this->deriveByHand($d, $hand, $case, $weight);
            $d->with(['M_cr_C' => [$hand[0] * $hand[2], Kind::Moment], 'M' => [$hand[2], Kind::Moment]])->line(
                'alpha_C',
                'M_cr_C / M',
                Kind::Number,
                '6.3.4(3)',
            );
            $alpha < $hand[0]
                ? $d->given('alpha_cr', $alpha, Kind::Number, '6.3.2.2(4)', 'more than this makes no difference')
                : $d->line('alpha_cr', 'alpha_C', Kind::Number);
        } else {
            $d->given(
                'alpha_cr',
                $alpha,
                Kind::Number,
                '6.3.2.2(2)',
                is_finite($eigenvalue)
                    ? 'eigenvalue of the length: thin-walled beam with warping, real moments and heights of the loads; ends free to warp and to turn in plan'
                    : 'or more, which makes no difference',
            );
        }
        $d->with(['alpha_cr' => [$alpha, Kind::Number]])->line('M_cr', 'alpha_cr * M_Ed', Kind::Moment, '6.3.2.2(2)');
        $resistance->moment($steel, $case, $M, $alpha, $d);
        // The other way beside it.
        if ($hand === null || ! is_finite($eigenvalue)) {
            return;
        }
        $difference = sprintf('%+.1f %%', 100 * ($hand[0] / $eigenvalue - 1));
        if (! $isClosed) {
            $this->deriveByHand($d, $hand, $case, $weight);
            $d->with(['M_cr_C' => [$hand[0] * $hand[2], Kind::Moment], 'M' => [$hand[2], Kind::Moment]])->line(
                'alpha_C',
                'M_cr_C / M',
                Kind::Number,
                '',
                'by closed formulas, beside α_cr',
            );
            $d->line(
                'r',
                'alpha_C / alpha_cr',
                Kind::Number,
                '',
                'the closed formulas beside the eigenvalue: '.$difference,
            );
        } else {
            $d->given(
                'alpha_E',
                $eigenvalue,
                Kind::Number,
                '',
                'eigenvalue of the length, beside α_cr: thin-walled beam with warping',
            );
            $d->with(['alpha_C' => [$hand[0], Kind::Number]])->line(
                'r',
                'alpha_C / alpha_E',
                Kind::Number,
                '',
                'the closed formulas beside the eigenvalue: '.$difference,
            );
        }
    }

    /**
     * The length between restraints of the compressed flange which buckles first by the closed formulas.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @return array{float, BucklingLength, float, SteelSection}|null its factor, the length, its moment (Nmm), the
     *     weakest section
     */
    private function byHand(array $stretches, BucklingCase $case, float $weight): ?array
    {
        $member = $this->beam->member;
        $held = $case->held;
        $steel = $this->weakest($stretches, $held);
        $lengths = $this->ofFlanges ??= BucklingLengths::ofBoth($this->beam->beam, $member);
        $within = array_values(
            array_filter(
                $lengths,
                fn (BucklingLength $l): bool => $l->from >= $held->from - 1.0 && $l->to <= $held->to + 1.0,
            ),
        );
        // A free end has no closed formula where flanges differ.
        $isCovered =
            $steel !== null &&
            ($steel->section->monosymmetry() === 0.0 ||
                array_filter($within, fn (BucklingLength $l): bool => $l->freeEnd) === []);
        $least = $isCovered ? ClosedForms::least($steel, $within, $case->diagram, $member->loadHeight, $weight) : null;

        return $least === null || $steel === null ? null : [...$least, $steel];
    }

    /** @param  array{float, BucklingLength, float, SteelSection}  $hand */
    private function deriveByHand(Derivation $d, array $hand, BucklingCase $case, float $weight): void
    {
        $member = $this->beam->member;
        [, $length, $M, $steel] = $hand;
        $at = fn (float $x): string => $member->basis->units->format($x, Kind::Length);
        $d->given(
            'L',
            $length->length(),
            Kind::Length,
            '',
            ($length->sign > 0 ? 'top' : 'bottom').
                " flange, between places that hold it: from x = {$at($length->from)} to {$at($length->to)}",
        );
        $d->given(
            'M',
            $M,
            Kind::Moment,
            '',
            $length->sign > 0 ? 'greatest sagging moment in it' : 'greatest hogging moment in it',
        );
        ClosedForms::criticalMoment($steel, $length, $case->diagram, $member->loadHeight, $weight, $M, $d);
    }

    /**
     * Are the closed formulas asked for, and do they cover the sections: have these flanges alike?
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function isClosed(array $stretches): bool
    {
        return $this->beam->member->basis->steel->closedForms &&
            array_filter($stretches, fn (SectionStep $s): bool => $s->section->monosymmetry() !== 0.0) === [];
    }

    /** @param  non-empty-list<SectionStep>  $stretches */
    private function resistance(array $stretches, HeldLength $held, float $weight): LateralResistance
    {
        $closed = fn (BucklingCase $case): float => $this->byHand($stretches, $case, $weight)[0] ?? INF;

        return new LateralResistance(
            $this->parts($stretches, $held),
            $weight,
            $this->isClosed($stretches) ? $closed : null,
            $held->isPlain(),
        );
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<array{SteelSection, float, float}>
     */
    private function parts(array $stretches, HeldLength $held): array
    {
        $parts = [];
        foreach ($stretches as $s) {
            if (min($s->to, $held->to) - max($s->from, $held->from) > 1e-6) {
                $parts[] = [
                    new SteelSection($s->section, $s->grade, $this->beam->member->basis),
                    max($s->from, $held->from),
                    min($s->to, $held->to),
                ];
            }
        }

        return $parts === [] ? throw new \LogicException('Every length of a member has a section.') : $parts;
    }

    /**
     * The section of a length that has the least of all that resists buckling.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function weakest(array $stretches, HeldLength $held): ?SteelSection
    {
        $parts = $this->parts($stretches, $held);
        foreach ($parts as [$candidate]) {
            $isLeast = true;
            foreach ($parts as [$other]) {
                [$a, $b] = [$candidate->section, $other->section];
                $isLeast = $isLeast && $a->Iz <= $b->Iz && $a->It <= $b->It && $a->Iw <= $b->Iw;
            }
            if ($isLeast) {
                return $candidate;
            }
        }

        return null;
    }
}
