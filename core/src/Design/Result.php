<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\BeamSupport;
use Waage\Analysis\CaseSets;
use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Polynomial;
use Waage\Checks\Formula;
use Waage\Checks\Line;
use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Material\CurvePart;
use Waage\Material\Figure;
use Waage\Material\Piece;
use Waage\Material\Situation;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\Restraint;
use Waage\Member\Support;
use Waage\Units\Kind;

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
    public function __construct(private Design $design, private Show $show)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $verdict = $this->design->verdict();
        $strength = $this->curves($this->design->ultimate(), $this->design->characteristic());
        $secondOrder = (new SecondOrderCheck($this->design))->toArray();
        $shown = match ($this->show->kind) {
            'combination' => $this->combinationCurves(),
            'case' => $this->curvesOf($this->caseFactors($this->show->id)),
            'weighing' => $this->curvesOf($this->weighingFactors($this->show->id)),
            default => null,
        };

        return [
            'verdict' => ['state' => $verdict->state->value, 'holds' => $verdict->holds(), 'ratio' => $verdict->ratio, 'weighing' => $verdict->weighing, 'title' => $verdict->title, 'governs' => $verdict->governs(), 'reason' => $verdict->reason],
            'member' => $this->member(),
            'section' => ['class' => $this->design->checks->sectionClass(), 'symbols' => RuleSet::of($this->design->member->basis->combinations)->isAisc360() ? 'AISC' : 'EN', ...$this->design->make->describe()],
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
            'figures' => array_map($this->figure(...), [...$this->design->checks->figures($this->design->make), ...$this->deflectionLimit()]),
            'weighings' => array_map($this->weighing(...), $this->design->everyWeighing),
            'messages' => $this->messages($secondOrder),
        ];
    }

    /** @return array<string, mixed> */
    private function member(): array
    {
        $member = $this->design->member;
        $names = $this->design->beam->beam->fieldNames();
        $fields = [];
        foreach ($this->design->beam->beam->fields() as $i => [$from, $to]) {
            $fields[] = ['from' => $from, 'to' => $to, 'name' => $names[$i], 'overhang' => $this->design->beam->isOverhang($from, $to)];
        }
        $restraint = fn (Restraint $r): array => ['continuous' => $r->isContinuous(), 'positions' => $r->positions];

        return [
            'length' => $member->length,
            'supports' => array_map(fn (Support $s): array => ['x' => $s->x, 'kind' => $s->kind->value, 'bearing' => $s->bearing, 'turning' => $s->holdsTurning(), 'bearsOnly' => $s->bearsOnly, 'holds' => $s->holds->value], $member->supports),
            'angle' => $member->angle,
            'stretches' => array_map(fn (Piece $p): array => ['from' => $p->from, 'to' => $p->to, 'section' => $p->name, 'h' => $p->depth], $member->make->pieces(new Situation)),
            'hinges' => $member->hinges,
            'fields' => $fields,
            'loads' => array_map(fn (Load $l): array => ['id' => $l->id, 'name' => $l->name, 'case' => $l->case, 'kind' => $l->kind->value, 'on' => $l->on, 'from' => $l->from, 'to' => $l->to, 'profile' => $l->profile, 'axles' => $l->axles, 'direction' => $l->direction->value, 'eccentricity' => $l->eccentricity, 'across' => $l->across ?: $l->twist, 'reduction' => $l->reduction === null ? null : (new PrintedLine(Reductions::line($l->reduction), $member->basis->units))->toArray()], $member->loads),
            'top' => $restraint($member->top),
            'bottom' => $restraint($member->bottom),
        ];
    }

    /** @return array<string, mixed> */
    private function combination(Combination $c): array
    {
        $governed = array_filter($this->design->weighings, fn (Weighing $w): bool => $w->combination === $c->id && $w->ratio !== null);

        return [
            'id' => $c->id, 'key' => $c->key(), 'purpose' => $c->purpose->value, 'own' => $c->own, 'clause' => $c->clause,
            'text' => $c->text, 'governs' => array_values(array_map(fn (Weighing $w): string => $w->title, $governed)),
        ];
    }

    /**
     * @param  list<Combination>  $forForces
     * @param  list<Combination>  $forDeflection
     * @return array<string, array{max: Curve, min: Curve}>
     */
    private function curves(array $forForces, array $forDeflection): array
    {
        $checks = $this->design->envelopes;

        return [
            ...$checks->axial === null ? [] : ['N' => $this->pair($checks->axial, $forForces, 1.0)],
            'V' => $this->pair($checks->shear, $forForces, 1.0),
            'M' => $this->pair($checks->moment, $forForces, 1.0),
            'w' => $this->pair($checks->deflection, $forDeflection, 1 / $this->stiffness()),
            ...$checks->sideways === null ? [] : [
                'Vy' => $this->pair($checks->sideways->shear, $forForces, 1.0),
                'Mz' => $this->pair($checks->sideways->moment, $forForces, 1.0),
                'v' => $this->pair($checks->sideways->deflection, $forDeflection, 1 / $this->stiffnessSideways()),
            ],
            ...$checks->torque === null ? [] : ['T' => $this->pair($checks->torque, $forForces, 1.0)],
            ...$checks->sag === $checks->deflection ? [] : ['sag' => $this->pair($checks->sag, $forDeflection, 1 / $this->stiffness())],
        ];
    }

    /** @return array<string, array{max: Curve, min: Curve}>|null */
    private function combinationCurves(): ?array
    {
        $chosen = array_values(array_filter($this->design->combinations, fn (Combination $c): bool => $c->id === $this->show->id && $c->purpose !== Purpose::Equilibrium));

        return $chosen === [] ? null : $this->curves($chosen, $chosen);
    }

    /**
     * @param  array<int, float>  $factors  load set => factor
     * @return array<string, array{max: Curve, min: Curve}>|null
     */
    private function curvesOf(array $factors): ?array
    {
        if ($factors === []) {
            return null;
        }
        $beam = $this->design->beam;
        $curves = [];
        $effects = [...$this->design->envelopes->axial === null ? [] : ['N' => Effect::Axial], 'V' => Effect::Shear, 'M' => Effect::Moment, 'w' => Effect::Deflection];
        foreach ([[$beam, $effects, $this->stiffness()], ...$beam->sideways === null ? [] : [[$beam->sideways, ['Vy' => Effect::Shear, 'Mz' => Effect::Moment, 'v' => Effect::Deflection], $this->stiffnessSideways()]], ...$beam->twisting === null ? [] : [[$beam->twisting, ['T' => Effect::Axial], 1.0]]] as [$of, $shown, $stiffness]) {
            $responses = $of->responses;
            foreach ($shown as $name => $effect) {
                $scale = $effect === Effect::Deflection ? 1 / $stiffness : 1.0;
                $curve = [];
                for ($k = 0; $k < $responses->segments(); $k++) {
                    $curve[] = [$responses->breaks[$k], $responses->breaks[$k + 1], -1, ...array_map(fn (float $c): float => $c * $scale, $responses->combined($effect, $factors, $k))];
                }
                $curves[$name] = ['max' => $curve, 'min' => $curve];
            }
        }

        return $curves;
    }

    /** @return array<int, float> */
    private function weighingFactors(string $id): array
    {
        foreach ($this->design->everyWeighing as $w) {
            if ($w->id === $id) {
                return $w->factors;
            }
        }

        return [];
    }

    /** @return array<int, float> */
    private function caseFactors(string $id): array
    {
        $beam = $this->design->beam;
        if ($id === 'self-weight' && $beam->selfWeight !== null) {
            return [$beam->selfWeight => $this->design->member->make->weight()];
        }
        foreach ($beam->cases as $case) {
            if ($case->case->id === $id) {
                return array_fill_keys($case->whole(), 1.0);
            }
        }

        return [];
    }

    /**
     * @param  list<Combination>  $combinations
     * @return array{max: Curve, min: Curve}
     */
    private function pair(Envelope $envelope, array $combinations, float $scale): array
    {
        if ($combinations === []) {
            return ['max' => [], 'min' => []];
        }
        $index = $this->combinationNumbers();
        $breaks = $envelope->breaks();
        $weight = $this->design->member->make->weight();
        $curve = fn (int $sign): array => array_map(fn (array $p): array => [
            $breaks[$p['segment']] + $p['from'],
            $breaks[$p['segment']] + $p['to'],
            $index[$p['combination']->id],
            ...array_map(fn (float $c): float => $c * $scale, Polynomial::shift($p['polynomial'], $p['from'])),
        ], $envelope->curve($combinations, $sign, $weight));

        return ['max' => $curve(1), 'min' => $curve(-1)];
    }

    /** @return array<string, int> by id */
    private function combinationNumbers(): array
    {
        return array_flip(array_map(fn (Combination $c): string => $c->id, $this->design->combinations));
    }

    /** @return list<Figure> what deflections may come to, span by span; downwards and upwards */
    private function deflectionLimit(): array
    {
        $id = $this->design->checks->limitsDeflection();
        $weighing = array_values(array_filter($this->design->weighings, fn (Weighing $w): bool => $w->id === $id))[0] ?? null;
        $limit = fn (int $sign): array => array_map(
            fn (array $range): CurvePart => new CurvePart($range[0], $range[1], [$sign * $range[2]]),
            $weighing->ranges ?? [],
        );

        return $limit(1) === [] ? [] : [new Figure('w', 'Deflection', '', Kind::Deflection, true, [], [], $limit(1), $limit(-1))];
    }

    /** @return array<string, mixed> */
    private function figure(Figure $figure): array
    {
        $index = $this->combinationNumbers();
        $curve = fn (array $parts): array => array_map(
            fn (CurvePart $p): array => [$p->from, $p->to, $p->combination === null ? -1 : $index[$p->combination->id], ...$p->polynomial],
            $parts,
        );

        return [
            'id' => $figure->id, 'title' => $figure->title, 'caption' => $figure->caption, 'kind' => $figure->kind->value,
            'downward' => $figure->isDownward, 'curves' => ['max' => $curve($figure->max), 'min' => $curve($figure->min)],
            'there' => ['max' => $curve($figure->most), 'min' => $curve($figure->least)],
        ];
    }

    private function stiffness(): float
    {
        return $this->design->member->make->main(new Situation)->rigidity->EI;
    }

    private function stiffnessSideways(): float
    {
        return $this->design->member->make->main(new Situation)->rigidity->EIz;
    }

    /** @return array<string, mixed>|null what holds the member sideways, and the forces there, to the back positive */
    private function sideways(): ?array
    {
        $beam = $this->design->beam->sideways;

        return $beam === null ? null : ['places' => $beam->beam->supports, ...(new Reactions($this->design, $beam))->toArray()];
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
            ['V', $checks->shear, $ultimate, 1.0, $beam], ['M', $checks->moment, $ultimate, 1.0, $beam],
            ['w', $checks->deflection, $characteristic, 1 / $this->stiffness(), $beam], ['slope', new Envelope($beam, Effect::Slope), $characteristic, 1 / $this->stiffness(), $beam],
        ];
        if ($checks->sideways !== null && $beam->sideways !== null) {
            array_push(
                $effects, ['Vy', $checks->sideways->shear, $ultimate, 1.0, $beam->sideways], ['Mz', $checks->sideways->moment, $ultimate, 1.0, $beam->sideways],
                ['v', $checks->sideways->deflection, $characteristic, 1 / $this->stiffnessSideways(), $beam->sideways],
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
                $rows[] = ['effect' => $name, 'value' => $e->value * $scale, 'x' => $e->x, 'combination' => $e->combination->id, 'arrangement' => $of->arrangementText($factors)];
            }
        }

        return $rows;
    }

    /** @return list<array{support: int, lift: float, combination: string, arrangement: string}> of each support the greatest lift for strength and the greatest characteristic one, mm */
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
        $said = $this->design->member->remarks[$w->id] ?? null;

        return [
            'id' => $w->id, 'group' => $w->group, 'title' => $w->title, 'clause' => $w->clause, 'ratio' => $w->ratio, 'state' => ($said->leftOut ?? false ? State::LeftOut : $w->state)->value, 'holds' => $w->holds(),
            'demand' => $w->demand, 'capacity' => $w->capacity, 'kind' => $w->kind->value,
            'demandTex' => $w->demandSymbol === '' ? '' : Formula::symbol($w->demandSymbol),
            'capacityTex' => $w->capacitySymbol === '' ? '' : Formula::symbol($w->capacitySymbol),
            'x' => $w->x, 'combination' => $w->combination, 'arrangement' => $w->arrangement, 'shows' => $w->factors !== [], 'remark' => $w->remark, 'said' => $said->text ?? '', 'ranges' => $w->ranges, 'shape' => $w->shape,
            'lines' => array_map(fn (Line $l): array => (new PrintedLine($l, $this->design->member->basis->units))->toArray(), $w->lines),
        ];
    }

    /**
     * @param  array{factor: float|null, enough: bool, rows: list<array<string, mixed>>}|null  $secondOrder
     * @return list<string>
     */
    private function messages(?array $secondOrder): array
    {
        $messages = [];
        if ($secondOrder !== null && ! $secondOrder['enough']) {
            $messages[] = $secondOrder['factor'] <= 1.0
                ? 'The member buckles in its plane under the axial force.'
                : 'Loads '.number_format($secondOrder['factor'], 1).' times as great buckle the member in its plane. Diagrams and reactions are of first order. '.$this->design->checks->secondOrder(false);
        }
        if ($this->design->combinations === []) {
            $messages[] = 'No load acts on the member yet, so nothing is weighed.';
        }
        $beam = $this->design->beam->beam;
        if ($beam->axis->isStrained && count(array_filter($beam->holds, fn (BeamSupport $s): bool => $s->along)) > 1) {
            $messages[] = 'More than one support holds the member along its axis: axial forces go into the nearest ones. Make those rollers that let it slide.';
        }
        if ($this->design->member->hinges !== []) {
            $messages[] = 'Hinges are taken to pass on sideways bending and twist. Where a joint does not, hold both flanges there.';
        }
        if ($this->design->beam->twisting === null && array_filter($this->design->member->loads, fn (Load $l): bool => $l->on && $l->twists()) !== []) {
            $messages[] = 'Loads in front of the axis go into what holds both flanges all along; they do not twist the member.';
        }
        if ($this->design->beam->sideways === null && array_filter($this->design->member->loads, fn (Load $l): bool => $l->on && $l->actsSideways()) !== []) {
            $messages[] = 'Loads that act sideways go into what holds both flanges all along; they do not bend the member.';
        }
        $member = $this->design->member;
        array_push($messages, ...$this->design->checks->notes());
        $never = $member->arrangements === [] ? [] : array_values(array_diff_key($beam->fieldNames(), array_flip(array_merge(...$member->arrangements))));
        if ($never !== []) {
            $messages[] = 'No arrangement loads '.CaseSets::listed($never).': imposed load does not act there.';
        }
        if ($this->design->notCounted !== []) {
            $messages[] = 'Left out by the engineer, so that the verdict is without: '.implode(', ', array_map(fn (Weighing $w): string => $w->title, $this->design->notCounted)).'.';
        }
        $off = count(array_filter($this->design->member->loads, fn (Load $l): bool => ! $l->on));
        if ($off > 0) {
            $messages[] = $off === 1 ? '1 load is switched off.' : "{$off} loads are switched off.";
        }
        $used = array_column($this->design->member->loads, 'case');
        $idle = array_filter($this->design->member->cases, fn (LoadCase $c): bool => ! in_array($c->id, $used, true) && $c->category !== Category::Permanent);
        $names = implode(', ', array_map(fn (LoadCase $c): string => "“{$c->name}”", $idle));
        if ($idle !== []) {
            $messages[] = count($idle) === 1
                ? "Load case {$names} has no load; it takes no part in the combinations."
                : "Load cases {$names} have no load; they take no part in the combinations.";
        }

        return $messages;
    }
}
