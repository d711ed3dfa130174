<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Member\SectionStep;
use Waage\Standards\BucklingLength;
use Waage\Standards\BucklingLengths;
use Waage\Standards\LateralBuckling;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2.2: lateral-torsional buckling of a member of one section, length by length between the places that
 * hold it sideways and against twisting.
 */
final class LateralTorsionalBuckling
{
    private readonly LateralBuckling $lateral;

    /** @var list<BucklingLength>|null between places that hold a flange */
    private ?array $ofFlanges = null;

    /** @param  list<Combination>  $strength */
    public function __construct(private readonly LoadedBeam $beam, Envelope $moment, array $strength, private readonly string $standard, private readonly Method $method)
    {
        $this->lateral = new LateralBuckling($beam, $moment, $strength);
    }

    /** @param  float  $weight  self-weight, N/mm */
    public function weigh(SectionStep $stretch, Profile $profile, float $weight, bool $derive): Weighing
    {
        $member = $this->beam->member;
        [$id, $title, $clause] = ['buckling', 'Lateral-torsional buckling', "{$this->standard}, ".$this->clause($profile)];
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return new Weighing($id, $title, $clause, null, remark: 'Both flanges are held sideways along the whole length: L_b is zero.');
        }
        $strength = $profile->lateral();
        if ($strength === null) {
            return new Weighing($id, $title, $clause, null, remark: 'Square and round hollow sections do not buckle in lateral torsion.');
        }
        $heaviest = null;
        $ranges = [];
        foreach ($this->lateral->lengths() as $i => $diagrams) {
            $held = $diagrams->held;
            $resistance = $this->resistance($strength, $held, $weight);
            $shapes = $this->lateral->shapes($i, [$stretch]);
            $case = $this->lateral->heaviest($i, $shapes, $resistance, $weight);
            if ($case === null) {
                continue;
            }
            [$M, $x] = $case->greatest($weight);
            $alpha = $shapes->factor($case, $weight, $resistance->mostFactor($M));
            $ratio = $resistance->utilisation($case, $alpha);
            if ($ratio > 0.0) {
                $ranges[] = [$held->from, $held->to, $M / $ratio, $ratio];
            }
            if ($heaviest === null || $ratio > $heaviest[0]) {
                $heaviest = [$ratio, $case, $resistance, $alpha, $M, $x, $shapes->flanges(...)];
            }
        }
        if ($heaviest === null || $heaviest[0] <= 0.0) {
            return new Weighing($id, $title, $clause, null, remark: $heaviest === null ? 'No combination bends the member.' : 'No flange that is not held is compressed.');
        }
        [$ratio, $case, $resistance, $alpha, $M, $x, $flanges] = $heaviest;
        $factors = $this->beam->factors($case->combination, $weight, $case->sum->patterns());
        $d = $derive ? new Derivation : null;
        if ($d !== null) {
            $M = $this->derive($d, $case, $resistance, $weight, $alpha, $M, $ratio);
        } elseif ($resistance->closed) {
            $M = $resistance->braced($case)->M ?? $M;
        }

        return new Weighing(
            $id, $title, $clause, $ratio, demand: $M, capacity: $M / $ratio, kind: Kind::Moment, demandSymbol: $this->method->required('M'), capacitySymbol: 'M_c',
            x: $x, combination: $case->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: $ranges,
            shape: $d === null ? [] : $flanges($case, $weight, $resistance->mostFactor($case->greatest($weight)[0])), critical: $alpha,
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
        $most = 0.0;
        $strength = $profile->lateral();
        if ($strength === null || ($member->top->isContinuous() && $member->bottom->isContinuous())) {
            return 0.0;
        }
        foreach ($this->lateral->lengths() as $i => $diagrams) {
            $resistance = $this->resistance($strength, $diagrams->held, $weight);
            $shapes = $this->lateral->shapes($i, [$stretch]);
            $case = $this->lateral->heaviestOf($combination, $i, $shapes, $resistance, $weight);
            if ($case !== null) {
                $most = max($most, $resistance->utilisation($case, $shapes->factor($case, $weight, $resistance->mostFactor($case->greatest($weight)[0]))));
            }
        }

        return $most;
    }

    private function resistance(LateralStrength $strength, HeldLength $held, float $weight): LateralResistance
    {
        $member = $this->beam->member;
        $lengths = $this->ofFlanges ??= BucklingLengths::ofBoth($this->beam->beam, $member);
        $within = array_values(array_filter($lengths, fn (BucklingLength $l): bool => $l->from >= $held->from - 1.0 && $l->to <= $held->to + 1.0));

        return new LateralResistance($strength, $this->method, $within, $weight, $member->basis->closedForms || $strength->needsBraces());
    }

    private function clause(Profile $profile): string
    {
        return match (true) {
            $profile instanceof Box => 'F7.4',
            $profile instanceof TeeShape => 'F9.2',
            $profile instanceof Girder => $profile->isSlender() ? 'F5.2' : 'F4.2',
            default => 'F2.2',
        };
    }

    /** @return float the moment that is weighed, Nmm */
    private function derive(Derivation $d, BucklingCase $case, LateralResistance $resistance, float $weight, float $alpha, float $M, float $ratio): float
    {
        $units = $this->beam->member->basis->units;
        $at = fn (float $x): string => $units->format($x, Kind::Length);
        $strength = $resistance->strength;
        $required = $this->method->required('M');
        $braced = $resistance->braced($case);
        $most = $resistance->mostFactor($M);
        $alpha = min($alpha, $most);
        $where = fn (BucklingLength $l): string => ($l->sign > 0 ? 'top' : 'bottom')." flange, between places that hold it: from x = {$at($l->from)} to {$at($l->to)}";
        if ($resistance->closed && $braced !== null) {
            $l = $braced->length;
            $d->given('L_b', $l->length(), Kind::Length, $this->clause($strength->profile), $where($l));
            $d->given($required, $braced->M, Kind::Moment, '', $l->sign > 0 ? 'greatest sagging moment in it' : 'greatest hogging moment in it');
            $strength->usesMomentFactor() ? BracedLength::momentFactor($l, $case->diagram, $weight, $d) : null;
            $strength->deriveRadius($d);
            $Mn = $strength->nominal($l->length(), $braced->Cb, $d);
            if ($alpha < $most) {
                $d->given('alpha_cr', $alpha, Kind::Number, '', 'eigenvalue of the length beside it: thin-walled beam with warping, real moments and heights of the loads');
                $d->line('r', 'alpha_cr * M_max / M_cr_C', ['alpha_cr' => [$alpha, Kind::Number], 'M_max' => [$M, Kind::Moment], 'M_cr_C' => [$strength->critical($l->length(), $braced->Cb), Kind::Moment]], $alpha * $M / $strength->critical($l->length(), $braced->Cb), Kind::Number, '', 'critical moment by eigenvalue over that by C_b');
            }
            $this->ratio($d, $required, $braced->M, $Mn, $ratio);

            return $braced->M;
        }
        $held = $case->held;
        $d->given('L', $held->length(), Kind::Length, '', "held sideways and against twisting: from x = {$at($held->from)} to {$at($held->to)}".$this->lateral->between($held));
        $d->given($required, $M, Kind::Moment, '', $case->greatest($weight)[2] > 0 ? 'greatest moment of the length, sagging' : 'greatest moment of the length, hogging');
        $d->given('alpha_cr', $alpha, Kind::Number, 'F1', $alpha < $most ? 'eigenvalue of the length: thin-walled beam with warping, real moments and heights of the loads; ends free to warp and to turn in plan' : 'or more: buckles at no less than an unbraced length of L_p under uniform moment');
        if ($alpha >= $most) {
            $Mn = $strength->profile->moment($d);
            $this->ratio($d, $required, $M, $Mn, $ratio);

            return $M;
        }
        $d->line('M_cr', "alpha_cr * {$required}", ['alpha_cr' => [$alpha, Kind::Number], $required => [$M, Kind::Moment]], $alpha * $M, Kind::Moment);
        $braced === null
            ? $d->given('C_b', 1.0, Kind::Number, 'F1', 'no flange that is not held is compressed between places that hold it')
            : BracedLength::momentFactor($braced->length, $case->diagram, $weight, $d);
        $Cb = $braced->Cb ?? 1.0;
        $strength->deriveRadius($d);
        $L = $strength->lengthOf($alpha * $M, $Cb, $d);
        $Mn = $strength->nominal($L, $Cb, $d);
        if ($braced !== null) {
            $byHand = $strength->nominal($braced->length->length(), $braced->Cb);
            $d->given('M_n_C', $byHand, Kind::Moment, $this->clause($strength->profile), "beside it, by L_b = {$at($braced->length->length())} and C_b: ".$where($braced->length));
            $d->line('r', 'M_n_C / M_n', ['M_n_C' => [$byHand, Kind::Moment], 'M_n' => [$Mn, Kind::Moment]], $byHand / $Mn, Kind::Number, '', sprintf('by C_b beside the eigenvalue: %+.1f %%', 100 * ($byHand / $Mn - 1)));
        }
        $this->ratio($d, $required, $M, $Mn, $ratio);

        return $M;
    }

    private function ratio(Derivation $d, string $required, float $M, float $Mn, float $ratio): void
    {
        $Mc = $this->method->available('M_n', $Mn, Flexure::FACTORS, 'b', Kind::Moment, 'F1(a)', $d);
        $d->line('u', "{$required} / M_c", [$required => [$M, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]], $ratio, Kind::Number, 'B3');
    }
}
