<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Material\Situation;
use Waage\Materials\Timber\ServiceClass;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\LoadCase;
use Waage\Units\Kind;

/** EN 1995-1-1, 2.2.3 and 7.2: deflection at once, and in the end with creep. */
final class Deflection
{
    /** Steeper members stand; rad. */
    private const STANDS = M_PI / 4;

    /** @var array<array-key, list<Combination>> by service class: characteristic combinations with creep */
    private array $final = [];

    public function __construct(private readonly MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $basis = $this->envelopes->beam->member->basis;
        $final = $this->final[$timber->serviceClass->value] ??= $this->withCreep($timber->serviceClass);
        if ($this->envelopes->characteristic === [] || $final === []) {
            return [];
        }

        return [
            $this->against(
                'deflection-variable',
                'Deflection at once',
                $this->envelopes->characteristic,
                $basis->limitVariable,
                '2.2.3(2), 7.2',
                $timber,
                $derive,
                '',
            ),
            $this->against(
                'deflection-total',
                'Deflection in the end',
                $final,
                $basis->limitTotal,
                '2.2.3(5), 7.2',
                $timber,
                $derive,
                'with k_def = '.$timber->serviceClass->kDef(),
            ),
        ];
    }

    /**
     * @return list<Combination> permanent load (1 + k_def) times, each variable one with ψ_2 k_def more (2.3) to (2.5)
     */
    private function withCreep(ServiceClass $serviceClass): array
    {
        $k = $serviceClass->kDef();
        $psi = [];
        foreach ($this->envelopes->beam->cases as $case) {
            $psi[$case->case->id] = $this->psi2($case->case);
        }

        $combinations = [];
        foreach ($this->envelopes->characteristic as $c) {
            $variable = [];
            foreach ($c->variable as $id => $factor) {
                $variable[$id] = $factor > 0.0 ? $factor + ($psi[$id] ?? 0.0) * $k : 0.0;
            }
            $combinations[] = new Combination(
                $c->id,
                $c->purpose,
                'EN 1995-1-1, 2.2.3(5)',
                $c->permanent * (1 + $k),
                $variable,
                "{$c->text}, with creep",
            );
        }

        return $combinations;
    }

    private function psi2(LoadCase $case): float
    {
        return $this->envelopes->beam->member->basis->psi[$case->category->psiRow()][2] ?? 0.0;
    }

    /** @param  non-empty-list<Combination>  $combinations */
    private function against(
        string $id,
        string $title,
        array $combinations,
        float $n,
        string $clause,
        TimberMake $timber,
        bool $derive,
        string $note,
    ): Weighing {
        [$e, $L, $limit, $rule, $ranges] = $this->worst($combinations, $n, $timber);
        $EI = $timber->main(new Situation)->rigidity->EI;
        $w = new Working($derive);
        $w->let('E_0_mean', $timber->grade->E, Kind::ModulusOfElasticity, 'EN 338', $timber->grade->name);
        $w->let(
            'w',
            abs($e->value) / $EI,
            Kind::Deflection,
            '',
            trim(($e->value >= 0.0 ? 'downward' : 'upward').', exact, '.$note, ', '),
        );
        $w->let('L', $L, Kind::Length);
        $w->let('n', $limit, Kind::Number, 'basis of the job');
        $allowed = $w->line('w_lim', $rule, Kind::Deflection, 'basis of the job');
        $u = $w->line('u', 'w / w_lim', Kind::Number, '7.2(2)');
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
            "EN 1995-1-1, {$clause}",
            $u,
            demand: abs($e->value) / $EI,
            capacity: $allowed,
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
     *     as a formula,
     *                                                                 and how far each length is used
     */
    private function worst(array $combinations, float $n, TimberMake $timber): array
    {
        $beam = $this->envelopes->beam;
        $isPost = abs($beam->member->angle) > self::STANDS;
        $EI = $timber->main(new Situation)->rigidity->EI;
        $worst = null;
        $ranges = [];
        foreach ($beam->beam->fields() as [$from, $to]) {
            $overhangs = $beam->isOverhang($from, $to);
            $limit = $overhangs && $isPost ? $beam->member->basis->limitSway : $n;
            $times = $overhangs && ! $isPost ? 2 : 1;
            $most = 0.0;
            foreach ([1, -1] as $sign) {
                $e = $this->envelopes->sag->extreme($combinations, $sign, $timber->weight(), $from, $to);
                $u = $e === null ? -1.0 : ($sign * $e->value * $limit) / ($times * ($to - $from));
                $most = max($most, $u / $EI);
                if ($e !== null && ($worst === null || $u > $worst[4])) {
                    $worst = [$e, $to - $from, $limit, $times === 2 ? '2 * L / n' : 'L / n', $u];
                }
            }
            $ranges[] = [$from, $to, ($times * ($to - $from)) / $limit, $most];
        }
        $worst ?? throw new \LogicException('A beam has at least one span or overhang.');

        return [$worst[0], $worst[1], $worst[2], $worst[3], $ranges];
    }
}
