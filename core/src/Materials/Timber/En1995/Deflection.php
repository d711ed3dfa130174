<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Timber\DeflectionCase;
use Waage\Materials\Timber\Deflections;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\LoadCase;

/** EN 1995-1-1, 2.2.3 and 7.2: deflection at once, and in the end with creep, net of camber. */
final class Deflection
{
    private readonly Deflections $deflections;

    /** @var array<string, list<Combination>> by k_def: characteristic combinations with creep */
    private array $final = [];

    public function __construct(private readonly MemberEnvelopes $envelopes)
    {
        $this->deflections = new Deflections($envelopes);
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $member = $this->envelopes->beam->member;
        $k = $timber->conditions->kDef();
        $final = $this->final["k{$k}"] ??= $this->withCreep($k);
        $clause = 'EN 1995-1-1, 2.2.3(5), 7.2';
        $creep = "with k_def = {$k}";
        $camber = Deflections::camber($member);
        $of = fn (string $id, string $title): DeflectionCase => new DeflectionCase(
            $id,
            $title,
            $clause,
            $final,
            $creep,
            $camber,
        );
        $atOnce = new DeflectionCase(
            'deflection-variable',
            'Deflection at once',
            'EN 1995-1-1, 2.2.3(2), 7.2',
            $this->envelopes->characteristic,
        );
        $inMm = $of('deflection-absolute', 'Deflection in the end, in mm');
        $most = $timber->asked->mostDeflection;

        return array_values(
            array_filter([
                $this->deflections->bySpan($atOnce, $member->basis->limits->variable, $timber, $detail),
                $this->deflections->bySpan(
                    $of('deflection-total', 'Deflection in the end'),
                    $member->basis->limits->total,
                    $timber,
                    $detail,
                ),
                $most === 0.0 ? null : $this->deflections->absolute($inMm, $most, $timber, $detail),
            ]),
        );
    }

    /** @return list<Combination> permanent load (1 + k_def) times, variable load with ψ_2 k_def more */
    private function withCreep(float $k): array
    {
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
        return $case->sustained ??
            ($this->envelopes->beam->member->basis->actions->psi[$case->category->psiRow()][2] ?? 0.0);
    }
}
