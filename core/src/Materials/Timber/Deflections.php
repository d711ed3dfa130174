<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Material\Situation;
use Waage\Units\Kind;

/** The greatest deflection of spans and overhangs under some combinations, against limits by the span or in mm. */
final readonly class Deflections
{
    /** Steeper members stand: their tops sway; rad. */
    private const STANDS = M_PI / 4;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /**
     * @param  list<Combination>  $combinations
     * @param  float  $n  of the limit: length over n, twice the length of an overhang
     * @param  float  $stiffness  factor on the modulus of elasticity
     */
    public function weigh(
        string $id,
        string $title,
        string $clause,
        array $combinations,
        float $n,
        TimberMake $timber,
        bool $derive,
        float $stiffness = 1.0,
        string $note = '',
        float $camber = 0.0,
    ): ?Weighing {
        if ($combinations === []) {
            return null;
        }
        [$e, $L, $limit, $rule, $ranges] = $this->worst($combinations, $n, $timber, $stiffness, $camber);
        $w = new Working($derive);
        $this->modulus($w, $timber, $stiffness);
        $this->deflection($w, $timber, $e, $stiffness, $note, $camber);
        $w->let('L', $L, Kind::Length);
        $w->let('n', $limit, Kind::Number, '', 'basis of the job, or of this member');
        $w->line('w_lim', $rule, Kind::Deflection, $clause);
        $w->line('u', 'w / w_lim', Kind::Number, $clause);

        return $this->report($id, $title, $clause, $w, $e, $timber, $ranges);
    }

    /**
     * The same against a limit in mm.
     *
     * @param  list<Combination>  $combinations
     */
    public function absolute(
        string $id,
        string $title,
        string $clause,
        array $combinations,
        float $limit,
        TimberMake $timber,
        bool $derive,
        float $stiffness = 1.0,
        string $note = '',
        float $camber = 0.0,
    ): ?Weighing {
        $most = null;
        foreach ($combinations === [] ? [] : [1, -1] as $sign) {
            $e = $this->envelopes->sag->extreme($combinations, $sign, $timber->weight());
            $most = $e !== null && ($most === null || abs($e->value) > abs($most->value)) ? $e : $most;
        }
        if ($most === null) {
            return null;
        }
        $w = new Working($derive);
        $this->modulus($w, $timber, $stiffness);
        $this->deflection($w, $timber, $most, $stiffness, $note, $camber);
        $w->let('w_lim', $limit, Kind::Deflection, '', 'asked for');
        $w->line('u', 'w / w_lim', Kind::Number);

        return $this->report($id, $title, $clause, $w, $most, $timber, []);
    }

    private function modulus(Working $w, TimberMake $timber, float $stiffness): void
    {
        $w->let('E', $timber->grade->values->E, Kind::ModulusOfElasticity, $timber->grade->suite->tables(), 'mean');
        if ($stiffness !== 1.0) {
            $w->let('k_E', $stiffness, Kind::Number, '', 'moisture and treatment');
            $w->line('E_adj', 'k_E * E', Kind::ModulusOfElasticity);
        }
    }

    private function deflection(
        Working $w,
        TimberMake $timber,
        Extreme $e,
        float $stiffness,
        string $note,
        float $camber,
    ): void {
        $EI = $timber->main(new Situation)->rigidity->EI * $stiffness;
        $direction = $e->value >= 0.0 ? 'downward' : 'upward';
        $symbol = $camber > 0.0 ? 'w_0' : 'w';
        $w->let($symbol, abs($e->value) / $EI, Kind::Deflection, '', trim("{$direction}, exact, {$note}", ', '));
        if ($camber > 0.0) {
            $w->let('w_c', $camber, Kind::Deflection, '', 'camber');
            $w->line('w', 'abs(w_0 - w_c)', Kind::Deflection, '', 'net of camber');
        }
    }

    /** @param  list<list<float>>  $ranges */
    private function report(
        string $id,
        string $title,
        string $clause,
        Working $w,
        Extreme $e,
        TimberMake $timber,
        array $ranges,
    ): Weighing {
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
            $id,
            $title,
            $clause,
            $w->value('u'),
            demand: $w->value('w'),
            capacity: $w->value('w_lim'),
            kind: Kind::Deflection,
            demandSymbol: 'w',
            capacitySymbol: 'w_lim',
            x: $e->x,
            combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors),
            factors: $factors,
            lines: $w->lines,
            ranges: $ranges,
        );
    }

    /**
     * @param  non-empty-list<Combination>  $combinations
     * @return array{Extreme, float, float, string, list<list<float>>} extreme, length (mm), n of its limit, the limit
     *     as a formula, and how far each length is used
     */
    private function worst(array $combinations, float $n, TimberMake $timber, float $stiffness, float $camber): array
    {
        $beam = $this->envelopes->beam;
        $isPost = abs($beam->member->angle) > self::STANDS;
        $EI = $timber->main(new Situation)->rigidity->EI * $stiffness;
        $worst = null;
        $ranges = [];
        foreach ($beam->beam->fields() as [$from, $to]) {
            $overhangs = $beam->isOverhang($from, $to);
            $limit = $overhangs && $isPost ? $beam->member->basis->limitSway : $n;
            $times = $overhangs && ! $isPost ? 2 : 1;
            $most = 0.0;
            foreach ([1, -1] as $sign) {
                $e = $this->envelopes->sag->extreme($combinations, $sign, $timber->weight(), $from, $to);
                $w = $e === null ? -1.0 : abs($e->value / $EI - $camber) * ($sign * $e->value >= 0.0 ? 1 : -1);
                $u = ($w * $limit) / ($times * ($to - $from));
                $most = max($most, $u);
                if ($e !== null && ($worst === null || $u > $worst[4])) {
                    $worst = [$e, $to - $from, $limit, $times === 2 ? '2 * L / n' : 'L / n', $u];
                }
            }
            $ranges[] = [$from, $to, ($times * ($to - $from)) / $limit, $most];
        }
        $worst ?? throw new \LogicException('A beam has at least one span or overhang.');

        return [$worst[0], $worst[1], $worst[2], $worst[3], $camber > 0.0 ? [] : $ranges];
    }
}
