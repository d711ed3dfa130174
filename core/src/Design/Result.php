<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Polynomial;
use Waage\Checks\Formula;
use Waage\Checks\Line;
use Waage\Checks\PrintedLine;
use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Material\Piece;
use Waage\Material\Situation;
use Waage\Member\Load;
use Waage\Member\Restraint;
use Waage\Member\Support;

/**
 * A design as the document that goes to the browser and the command line (core/schema/result.schema.json).
 *
 * Values in N, mm, MPa. A curve is a list of pieces [x0, x1, combination, c0, c1, …]: between x0 and x1 the value is
 * c0 + c1 (x − x0) + …, governed by the combination with that index (−1: a load case).
 *
 * @phpstan-type Curve list<list<float|int>>
 */
final readonly class Result
{
    private Curves $curves;

    public function __construct(private Design $design, private Show $show)
    {
        $this->curves = new Curves($design);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $verdict = $this->design->verdict();
        $strength = $this->curves->envelope();
        $shown = $this->curves->shown($this->show);
        $secondOrder = (new SecondOrderCheck($this->design))->toArray();

        return [
            'verdict' => [
                'state' => $verdict->state->value,
                'holds' => $verdict->holds(),
                'ratio' => $verdict->ratio,
                'weighing' => $verdict->weighing,
                'title' => $verdict->title,
                'governs' => $verdict->governs(),
                'reason' => $verdict->reason,
            ],
            'member' => $this->member(),
            'section' => [
                'class' => $this->design->checks->sectionClass(),
                'symbols' => RuleSet::of($this->design->member->basis->combinations)->isAisc360() ? 'AISC' : 'EN',
                ...$this->design->make->describe(),
            ],
            'combinations' => array_map($this->combination(...), $this->design->combinations),
            'leftOut' => array_map($this->combination(...), $this->design->leftOut),
            'envelope' => $strength,
            'shown' => $shown,
            'extremes' => $this->extremes(),
            'reactions' => (new Reactions($this->design))->toArray(),
            'sideways' => $this->sideways(),
            'lifts' => $this->lifts(),
            'secondOrder' => $secondOrder,
            'selfCheck' => (new SelfCheck($this->design))->toArray(),
            'zeros' => $this->zeros($shown ?? $strength),
            'figures' => $this->curves->figures(),
            'weighings' => array_map($this->weighing(...), $this->design->everyWeighing),
            'messages' => (new Messages($this->design))->of($secondOrder),
        ];
    }

    /** @return array<string, mixed> */
    private function member(): array
    {
        $member = $this->design->member;
        $names = $this->design->beam->beam->fieldNames();
        $fields = [];
        foreach ($this->design->beam->beam->fields() as $i => [$from, $to]) {
            $fields[] = [
                'from' => $from,
                'to' => $to,
                'name' => $names[$i],
                'overhang' => $this->design->beam->isOverhang($from, $to),
            ];
        }
        $restraint = fn (Restraint $r): array => ['continuous' => $r->isContinuous(), 'positions' => $r->positions];

        return [
            'length' => $member->length,
            'supports' => array_map(
                fn (Support $s): array => [
                    'x' => $s->x,
                    'kind' => $s->kind->value,
                    'bearing' => $s->bearing,
                    'turning' => $s->holdsTurning(),
                    'bearsOnly' => $s->bearsOnly,
                    'holds' => $s->holds->value,
                ],
                $member->supports,
            ),
            'angle' => $member->angle,
            'stretches' => array_map(
                fn (Piece $p): array => ['from' => $p->from, 'to' => $p->to, 'section' => $p->name, 'h' => $p->depth],
                $member->make->pieces(new Situation),
            ),
            'hinges' => $member->hinges,
            'fields' => $fields,
            'loads' => array_map(
                fn (Load $l): array => [
                    'id' => $l->id,
                    'name' => $l->name,
                    'case' => $l->case,
                    'kind' => $l->kind->value,
                    'on' => $l->on,
                    'from' => $l->from,
                    'to' => $l->to,
                    'profile' => $l->profile,
                    'axles' => $l->axles,
                    'direction' => $l->direction->value,
                    'eccentricity' => $l->eccentricity,
                    'across' => $l->across ?: $l->twist,
                    'reduction' => $l->reduction === null
                            ? null
                            : (new PrintedLine(Reductions::line($l->reduction), $member->basis->units))->toArray(),
                ],
                $member->loads,
            ),
            'top' => $restraint($member->top),
            'bottom' => $restraint($member->bottom),
        ];
    }

    /** @return array<string, mixed> */
    private function combination(Combination $c): array
    {
        $governed = array_filter(
            $this->design->weighings,
            fn (Weighing $w): bool => $w->combination === $c->id && $w->ratio !== null,
        );

        return [
            'id' => $c->id,
            'key' => $c->key(),
            'purpose' => $c->purpose->value,
            'own' => $c->own,
            'clause' => $c->clause,
            'text' => $c->text,
            'governs' => array_values(array_map(fn (Weighing $w): string => $w->title, $governed)),
        ];
    }

    /** @return array<string, mixed>|null what holds the member sideways, and the forces there, to the back positive */
    private function sideways(): ?array
    {
        $beam = $this->design->beam->sideways;

        return $beam === null
            ? null
            : ['places' => $beam->beam->supports, ...(new Reactions($this->design, $beam))->toArray()];
    }

    /** @return list<array<string, mixed>> */
    public function extremes(): array
    {
        $checks = $this->design->envelopes;
        $weight = $this->design->member->make->weight();
        $beam = $this->design->beam;
        [$ultimate, $characteristic] = [$this->design->ultimate(), $this->design->characteristic()];
        $effects = [
            ...$checks->axial === null ? [] : [['N', $checks->axial, $ultimate, 1.0, $beam]],
            ['V', $checks->shear, $ultimate, 1.0, $beam],
            ['M', $checks->moment, $ultimate, 1.0, $beam],
            ['w', $checks->deflection, $characteristic, 1 / $this->curves->stiffness(), $beam],
            ['slope', new Envelope($beam, Effect::Slope), $characteristic, 1 / $this->curves->stiffness(), $beam],
        ];
        if ($checks->sideways !== null && $beam->sideways !== null) {
            array_push(
                $effects,
                ['Vy', $checks->sideways->shear, $ultimate, 1.0, $beam->sideways],
                ['Mz', $checks->sideways->moment, $ultimate, 1.0, $beam->sideways],
                [
                    'v',
                    $checks->sideways->deflection,
                    $characteristic,
                    1 / $this->curves->stiffnessSideways(),
                    $beam->sideways,
                ],
            );
        }
        if ($checks->torque !== null && $beam->twisting !== null) {
            $effects[] = ['T', $checks->torque, $ultimate, 1.0, $beam->twisting];
        }
        $rows = [];
        foreach ($effects as [$name, $envelope, $combinations, $scale, $of]) {
            foreach ([1, -1] as $sign) {
                $e = $envelope->extreme($combinations, $sign, $weight);
                if ($e === null || $sign * $e->value <= 1e-6) {
                    continue;
                }
                $factors = $of->worst($e->combination, $weight, $envelope->effect, $sign, $e->segment, $e->t);
                $rows[] = [
                    'effect' => $name,
                    'value' => $e->value * $scale,
                    'x' => $e->x,
                    'combination' => $e->combination->id,
                    'arrangement' => $of->arrangementText($factors),
                ];
            }
        }

        return $rows;
    }

    /**
     * @return list<array{support: int, lift: float, combination: string, arrangement: string}> of each support the
     *     greatest lift for strength and the greatest characteristic one, mm
     */
    public function lifts(): array
    {
        $greatest = [];
        foreach ([$this->design->ultimate(), $this->design->characteristic()] as $kind => $combinations) {
            $ids = array_map(fn (Combination $c): string => $c->id, $combinations);
            foreach ($this->design->lifts as $row) {
                $key = $row['support'].' '.$kind;
                if (in_array($row['combination'], $ids, true) && $row['lift'] > ($greatest[$key]['lift'] ?? 0.0)) {
                    $greatest[$key] = $row;
                }
            }
        }
        ksort($greatest);

        return array_values($greatest);
    }

    /**
     * Where the moment passes through zero.
     *
     * @param  array<string, array{max: Curve, min: Curve}>  $curves
     * @return array{max: list<float>, min: list<float>} places, mm
     */
    private function zeros(array $curves): array
    {
        $of = function (array $curve): array {
            $zeros = [];
            $before = 0.0;
            /** @var list<float|int> $piece */
            foreach ($curve as $piece) {
                $p = array_map(floatval(...), array_slice($piece, 3));
                // A sign that changes from one piece to the next, as over a support.
                $start = Polynomial::value($p, 0.0);
                if ($before * $start < 0.0 || ($start === 0.0 && $before !== 0.0)) {
                    $zeros[] = (float) $piece[0];
                }
                foreach (Polynomial::roots($p, 0.0, $piece[1] - $piece[0]) as $t) {
                    $zeros[] = $piece[0] + $t;
                }
                $before = Polynomial::value($p, $piece[1] - $piece[0]);
            }

            return $zeros;
        };

        return ['max' => $of($curves['M']['max']), 'min' => $of($curves['M']['min'])];
    }

    /** @return array<string, mixed> */
    private function weighing(Weighing $w): array
    {
        $units = $this->design->checks->printedIn($this->design->member->basis->units);
        $said = $this->design->member->remarks[$w->id] ?? null;

        return [
            'id' => $w->id,
            'group' => $w->group,
            'title' => $w->title,
            'clause' => $w->clause,
            'ratio' => $w->ratio,
            'state' => ($said->leftOut ?? false ? State::LeftOut : $w->state)->value,
            'holds' => $w->holds(),
            'demand' => $w->demand,
            'capacity' => $w->capacity,
            'kind' => $w->kind->value,
            'demandTex' => $w->demandSymbol === '' ? '' : Formula::symbol($w->demandSymbol),
            'capacityTex' => $w->capacitySymbol === '' ? '' : Formula::symbol($w->capacitySymbol),
            'x' => $w->x,
            'combination' => $w->combination,
            'arrangement' => $w->arrangement,
            'shows' => $w->factors !== [],
            'remark' => $w->remark,
            'said' => $said->text ?? '',
            'ranges' => $w->ranges,
            'shape' => $w->shape,
            'lines' => array_map(fn (Line $l): array => (new PrintedLine($l, $units))->toArray(), $w->lines),
        ];
    }
}
