<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\Camber;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Material\Situation;
use Waage\Member\Member;
use Waage\Units\Kind;

/** The greatest deflection of spans and overhangs under some combinations, against limits by the span or in mm. */
final readonly class Deflections
{
    /** Steeper members stand: their tops sway; rad. */
    private const STANDS = M_PI / 4;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** The camber that a member is made with, where it has one. */
    public static function camber(Member $member): ?Camber
    {
        return $member->camber > 0.0 ? new Camber($member->camber, $member->length) : null;
    }

    /**
     * @param  float  $n  of the limit: length over n, twice the length of an overhang
     * @param  float  $stiffness  factor on the modulus of elasticity
     */
    public function bySpan(
        DeflectionCase $case,
        float $n,
        TimberMake $timber,
        Detail $detail,
        float $stiffness = 1.0,
    ): ?Weighing {
        if ($case->combinations === []) {
            return null;
        }
        $EI = $timber->main(new Situation())->rigidity->EI * $stiffness;
        [$e, $L, $limit, $rule, $ranges] = $this->worst($case, $n, $timber, $EI);
        $w = $detail->working();
        $this->deflection($w, $timber, $case, $e, $stiffness);
        $w->let('L', $L, Kind::Length);
        $w->let('n', $limit, Kind::Number, '', 'basis of the job, or of this member');
        $w->line('w_lim', $rule, Kind::Deflection, $case->clause);
        $w->line('u', 'w / w_lim', Kind::Number, $case->clause);

        return $this->report($case, $w, $e, $timber, $ranges);
    }

    /** The same against a limit in mm. */
    public function absolute(
        DeflectionCase $case,
        float $limit,
        TimberMake $timber,
        Detail $detail,
        float $stiffness = 1.0,
    ): ?Weighing {
        $EI = $timber->main(new Situation())->rigidity->EI * $stiffness;
        $most = null;
        foreach ([1, -1] as $sign) {
            $e = $this->extreme($case, $sign, $timber, $EI);
            $most = $e !== null && ($most === null || abs($e->value) > abs($most->value)) ? $e : $most;
        }
        if ($most === null) {
            return null;
        }
        $w = $detail->working();
        $this->deflection($w, $timber, $case, $most, $stiffness);
        $w->let('w_lim', $limit, Kind::Deflection, '', 'asked for');
        $w->line('u', 'w / w_lim', Kind::Number);

        return $this->report($case, $w, $most, $timber, []);
    }

    private function extreme(
        DeflectionCase $case,
        int $sign,
        TimberMake $timber,
        float $EI,
        float $from = 0.0,
        float $to = INF,
    ): ?Extreme {
        return match (true) {
            $case->combinations === [] => null,
            $case->camber !== null => $case->camber->remaining(
                $this->envelopes->sag,
                $case->combinations,
                $sign,
                $timber->weight(),
                $EI,
            ),
            default => $this->envelopes->sag->extreme($case->combinations, $sign, $timber->weight(), $from, $to),
        };
    }

    private function deflection(
        Working $w,
        TimberMake $timber,
        DeflectionCase $case,
        Extreme $e,
        float $stiffness,
    ): void {
        $w->let('E', $timber->grade->values->E, Kind::ModulusOfElasticity, $timber->grade->suite->tables(), 'mean');
        if ($stiffness !== 1.0) {
            $w->let('k_E', $stiffness, Kind::Number, '', 'moisture and treatment');
            $w->line('E_adj', 'k_E * E', Kind::ModulusOfElasticity);
        }
        $EI = $timber->main(new Situation())->rigidity->EI * $stiffness;
        $rise = $case->camber?->at($e->x) ?? 0.0;
        $direction = $e->value / $EI + $rise >= 0.0 ? 'downward' : 'upward';
        $note = trim("{$direction}, exact, {$case->note}", ', ');
        if ($this->envelopes->beam->member->shears && $w->keepsLines) {
            $bending = $this->ofBending($e, $timber) / $EI;
            $w->let('w_m', $bending, Kind::Deflection, '', 'of bending alone');
            $w->let('w_v', $e->value / $EI + $rise - $bending, Kind::Deflection, '', 'of shear');
        }
        if ($case->camber === null) {
            $w->let('w', abs($e->value) / $EI, Kind::Deflection, '', $note);

            return;
        }
        $w->let('w_0', $e->value / $EI + $rise, Kind::Deflection, '', $note);
        $w->let('w_c', $rise, Kind::Deflection, '', 'camber there');
        $w->line('w', 'abs(w_0 - w_c)', Kind::Deflection, '', 'net of camber');
    }

    /** @param  list<list<float>>  $ranges */
    private function report(DeflectionCase $case, Working $w, Extreme $e, TimberMake $timber, array $ranges): Weighing
    {
        $beam = $this->envelopes->beam;
        $factors = $beam->worst(
            $e->combination,
            $timber->weight(),
            $this->envelopes->sag->effect,
            $e->value >= 0.0 ? 1 : -1,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $case->id,
            $case->title,
            $case->clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value('w'),
                capacity: $w->value('w_lim'),
                kind: Kind::Deflection,
                demandSymbol: 'w',
                capacitySymbol: 'w_lim',
            ),
            at: $beam->placed($e, $factors),
            lines: $w->lines,
            ranges: $ranges,
        );
    }

    /** The deflection at the same place under the same loads without shear deformation, times E I. */
    private function ofBending(Extreme $e, TimberMake $timber): float
    {
        $beam = $this->envelopes->beam;
        $plain = LoadedBeam::of($beam->member->withMake($timber)->withoutShear());
        $effect = $this->envelopes->sag->effect;
        $sign = $e->value >= 0.0 ? 1 : -1;
        $factors = $beam->worst($e->combination, $timber->weight(), $effect, $sign, $e->segment, $e->t);
        $segment = $plain->responses->segmentAt($e->x);
        $values = $plain->responses->valuesAt($effect, $segment, $e->x - $plain->responses->breaks[$segment]);
        $sum = 0.0;
        foreach ($factors as $set => $factor) {
            $sum += $factor * $values[$set];
        }

        return $sum;
    }

    /**
     * @return array{Extreme, float, float, string, list<list<float>>} extreme, length (mm), n of its limit, the limit
     *     as a formula, and how far each length is used
     */
    private function worst(DeflectionCase $case, float $n, TimberMake $timber, float $EI): array
    {
        $beam = $this->envelopes->beam;
        $isPost = abs($beam->member->angle) > self::STANDS;
        $worst = null;
        $ranges = [];
        foreach ($beam->beam->fields() as [$from, $to]) {
            $overhangs = $beam->isOverhang($from, $to);
            $limit = $overhangs && $isPost ? $beam->member->basis->limits->sway : $n;
            $times = $overhangs && ! $isPost ? 2 : 1;
            $most = 0.0;
            foreach ([1, -1] as $sign) {
                $e = $this->extreme($case, $sign, $timber, $EI, $from, $to);
                $u = $e === null ? -1.0 : ((($sign * $e->value) / $EI) * $limit) / ($times * ($to - $from));
                $most = max($most, $u);
                if ($e !== null && ($worst === null || $u > $worst[4])) {
                    $worst = [$e, $to - $from, $limit, $times === 2 ? '2 * L / n' : 'L / n', $u];
                }
            }
            $ranges[] = [$from, $to, ($times * ($to - $from)) / $limit, $most];
        }
        $worst ?? throw new \LogicException('A beam has at least one span or overhang.');

        return [$worst[0], $worst[1], $worst[2], $worst[3], $case->camber === null ? $ranges : []];
    }
}
