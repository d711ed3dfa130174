<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

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
use Waage\Materials\Steel\SectionStep;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2.2: lateral-torsional buckling of a member, length by length between the places that hold it
 * sideways and against twisting.
 */
final class LateralTorsionalBuckling
{
    private readonly LateralBuckling $lateral;

    /** @var list<BucklingLength>|null between places that hold a flange */
    private ?array $ofFlanges = null;

    /** @param  list<Combination>  $strength */
    public function __construct(
        private readonly LoadedBeam $beam,
        Envelope $moment,
        array $strength,
        private readonly string $standard,
        private readonly Method $method,
    ) {
        $this->lateral = new LateralBuckling($beam, $moment, $strength);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  non-empty-list<Profile>  $profiles  of each of them
     * @param  float  $weight  self-weight, N/mm
     */
    public function weigh(array $stretches, array $profiles, float $weight, Detail $detail): Weighing
    {
        $member = $this->beam->member;
        $profile = $profiles[0];
        [$id, $title, $clause] = [
            'buckling',
            'Lateral-torsional buckling',
            "{$this->standard}, ".$profile->lateralClause(),
        ];
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: 'Both flanges are continuously restrained: L_b is zero.',
            );
        }
        $strengths = self::strengths($stretches, $profiles);
        if ($strengths === []) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: 'Square and round hollow sections do not buckle in lateral torsion.',
            );
        }
        if (
            count($stretches) > 1 &&
            ($member->basis->steel->closedForms ||
                array_filter($strengths, fn (array $s): bool => $s[0]->needsBraces()) !== [])
        ) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                applies: false,
                remark: 'By L_b and C_b a member of one section is covered; this one changes along its length. Take the eigenvalue, and webs that are not slender.',
            );
        }
        $governing = $this->lateral->governing(
            $stretches,
            fn (HeldLength $held): ?LateralResistance => $this->resistance($strengths, $held, $weight),
            $weight,
        );
        if ($governing === null || $governing->ratio <= 0.0) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: $governing === null
                    ? 'No combination bends the member.'
                    : 'No unrestrained flange is in compression.',
            );
        }
        [$case, $resistance, $alpha] = [$governing->case, $governing->resistance, $governing->alpha];
        $ratio = $governing->ratio;
        $part = $resistance->part($case, $alpha);
        $M = $part->M;
        $factors = $this->beam->factors($case->combination, $weight, $case->sum->patterns());
        $d = $detail->derivation();
        if ($d !== null) {
            $M = $this->derive($d, $case, $resistance, $weight, $alpha, $part, count($stretches) > 1);
        } elseif ($resistance->closed) {
            $M = $resistance->braced($part->strength, $case)->M ?? $M;
        }

        return new Weighing(
            $id,
            $title,
            $clause,
            $ratio,
            against: new Against(
                demand: $M,
                capacity: $M / $ratio,
                kind: Kind::Moment,
                demandSymbol: $this->method->required('M'),
                capacitySymbol: 'M_c',
            ),
            at: new Place(
                x: $part->x,
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

    /**
     * What one combination makes of the member, at most.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function utilisation(Combination $combination, SectionStep $stretch, Profile $profile, float $weight): float
    {
        $member = $this->beam->member;
        $strengths = self::strengths([$stretch], [$profile]);

        return $strengths === [] || ($member->top->isContinuous() && $member->bottom->isContinuous())
            ? 0.0
            : $this->lateral->utilisation(
                $combination,
                [$stretch],
                fn (HeldLength $held): ?LateralResistance => $this->resistance($strengths, $held, $weight),
                $weight,
            );
    }

    /**
     * What can buckle so, of each section.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  non-empty-list<Profile>  $profiles
     * @return list<array{LateralStrength, float, float}> from, to (mm)
     */
    private static function strengths(array $stretches, array $profiles): array
    {
        $strengths = [];
        foreach ($profiles as $i => $profile) {
            $strength = $profile->lateral();
            if ($strength !== null) {
                $strengths[] = [$strength, $stretches[$i]->from, $stretches[$i]->to];
            }
        }

        return $strengths;
    }

    /**
     * Null: nothing of the length can buckle so.
     *
     * @param  non-empty-list<array{LateralStrength, float, float}>  $strengths
     */
    private function resistance(array $strengths, HeldLength $held, float $weight): ?LateralResistance
    {
        $parts = [];
        foreach ($strengths as [$strength, $from, $to]) {
            if (min($to, $held->to) - max($from, $held->from) > 1e-6) {
                $parts[] = [$strength, max($from, $held->from), min($to, $held->to)];
            }
        }
        if ($parts === []) {
            return null;
        }
        $member = $this->beam->member;
        $lengths = $this->ofFlanges ??= BucklingLengths::ofBoth($this->beam->beam, $member);
        $within = array_values(
            array_filter(
                $lengths,
                fn (BucklingLength $l): bool => $l->from >= $held->from - 1.0 && $l->to <= $held->to + 1.0,
            ),
        );

        return new LateralResistance(
            $parts,
            $this->method,
            $within,
            $weight,
            $member->basis->steel->closedForms || $parts[0][0]->needsBraces(),
        );
    }

    /** @return float the moment that is weighed, Nmm */
    private function derive(
        Derivation $d,
        BucklingCase $case,
        LateralResistance $resistance,
        float $weight,
        float $alpha,
        StrainedPart $part,
        bool $changes,
    ): float {
        $braced = $resistance->braced($part->strength, $case);
        $most = $part->strength->harmless() / $part->M;
        $isFound = is_finite($alpha);
        $alpha = min($alpha, $resistance->upTo($case), $most);
        if ($resistance->closed && $braced !== null) {
            return $this->deriveByBraces($d, $case, $weight, $alpha < $most ? $alpha : INF, $part, $braced);
        }
        $this->deriveLength($d, $case, $part, $changes);
        $d->given(
            'alpha_cr',
            $alpha,
            Kind::Number,
            'F1',
            match (true) {
                $alpha >= $most => 'or more: buckles at no less than an unbraced length of L_p under uniform moment',
                $isFound => 'eigenvalue of the length: thin-walled beam with warping, real moments and heights of the loads; ends free to warp and to turn in plan',
                default => 'or more: not looked for beyond what makes no difference to the section with the greatest moment',
            },
        );
        $Mn =
            $alpha >= $most
                ? $part->strength->profile->moment($d)
                : $this->deriveByEigenvalue($d, $case, $weight, $alpha, $part, $braced, $changes);
        $this->ratio($d, $part->M, $Mn);

        return $part->M;
    }

    /**
     * By L_b and C_b alone.
     *
     * @param  float  $alpha  eigenvalue that stands beside it; INF: none does
     * @return float the moment that is weighed, Nmm
     */
    private function deriveByBraces(
        Derivation $d,
        BucklingCase $case,
        float $weight,
        float $alpha,
        StrainedPart $part,
        BracedLength $braced,
    ): float {
        [$l, $strength] = [$braced->length, $part->strength];
        $d->given('L_b', $l->length(), Kind::Length, $strength->profile->lateralClause(), $this->places($l));
        $d->given(
            $this->method->required('M'),
            $braced->M,
            Kind::Moment,
            '',
            $l->sign > 0 ? 'greatest sagging moment in it' : 'greatest hogging moment in it',
        );
        $strength->usesMomentFactor() ? BracedLength::momentFactor($l, $case->diagram, $weight, $d) : null;
        $strength->deriveRadius($d);
        $Mn = $strength->nominal($l->length(), $braced->Cb, $d);
        if (is_finite($alpha)) {
            $d->given(
                'alpha_cr',
                $alpha,
                Kind::Number,
                '',
                'eigenvalue of the length beside it: thin-walled beam with warping, real moments and heights of the loads',
            );
            $d->with([
                'M_max' => [$part->M, Kind::Moment],
                'M_cr_C' => [$strength->critical($l->length(), $braced->Cb), Kind::Moment],
            ])->line(
                'r',
                'alpha_cr * M_max / M_cr_C',
                Kind::Number,
                '',
                'critical moment by eigenvalue over that by C_b',
            );
        }
        $this->ratio($d, $braced->M, $Mn);

        return $braced->M;
    }

    private function deriveLength(Derivation $d, BucklingCase $case, StrainedPart $part, bool $changes): void
    {
        $held = $case->held;
        $d->given(
            'L',
            $held->length(),
            Kind::Length,
            '',
            "restrained laterally and against twisting: from x = {$this->at($held->from)} to {$this->at($held->to)}".
                $this->lateral->between($held),
        );
        $d->given(
            $this->method->required('M'),
            $part->M,
            Kind::Moment,
            '',
            ($part->sign > 0 ? 'greatest moment of the length, sagging' : 'greatest moment of the length, hogging').
                ($changes ? ", where it is {$part->strength->profile->whole->name}, which is stressed most" : ''),
        );
    }

    /** @return float M_n, Nmm */
    private function deriveByEigenvalue(
        Derivation $d,
        BucklingCase $case,
        float $weight,
        float $alpha,
        StrainedPart $part,
        ?BracedLength $braced,
        bool $changes,
    ): float {
        $strength = $part->strength;
        $d->line('M_cr', "alpha_cr * {$this->method->required('M')}", Kind::Moment);
        $braced === null
            ? $d->given('C_b', 1.0, Kind::Number, 'F1', 'no unrestrained flange is in compression')
            : BracedLength::momentFactor($braced->length, $case->diagram, $weight, $d);
        $Cb = $braced->Cb ?? 1.0;
        $strength->deriveRadius($d);
        $L = $strength->lengthOf($alpha * $part->M, $Cb, $d);
        $Mn = $strength->nominal($L, $Cb, $d);
        if ($braced === null || $changes) {
            return $Mn;
        }
        $byHand = $strength->nominal($braced->length->length(), $braced->Cb);
        $d->given(
            'M_n_C',
            $byHand,
            Kind::Moment,
            $strength->profile->lateralClause(),
            "beside it, by L_b = {$this->at($braced->length->length())} and C_b: ".$this->places($braced->length),
        );
        $d->with(['M_n' => [$Mn, Kind::Moment]])->line(
            'r',
            'M_n_C / M_n',
            Kind::Number,
            '',
            sprintf('by C_b beside the eigenvalue: %+.1f %%', 100 * ($byHand / $Mn - 1)),
        );

        return $Mn;
    }

    private function at(float $x): string
    {
        return $this->beam->member->basis->units->format($x, Kind::Length);
    }

    private function places(BucklingLength $l): string
    {
        return ($l->sign > 0 ? 'top' : 'bottom').
            " flange, between places that hold it: from x = {$this->at($l->from)} to {$this->at($l->to)}";
    }

    private function ratio(Derivation $d, float $M, float $Mn): void
    {
        $required = $this->method->required('M');
        $Mc = $this->method->available('M_n', $Mn, Flexure::FACTORS, 'b', Kind::Moment, 'F1(a)', $d);
        $d->with([$required => [$M, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]])->line(
            'u',
            "{$required} / M_c",
            Kind::Number,
            'B3',
        );
    }
}
