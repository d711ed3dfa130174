<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\CaseSets;
use Waage\Analysis\Effect;
use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Material\Situation;
use Waage\Member\Fields;
use Waage\Member\InvalidMember;
use Waage\Member\Load;
use Waage\Units\Kind;

/**
 * What a value of a diagram is made of: the combination and arrangement that govern it, and what each load adds to it
 * (core/schema/parts.schema.json). The parts add up to the value.
 *
 * @phpstan-type Row array{load: string, name: string, case: string, where: string, factor: float, each: float,
 *     part: float}
 */
final readonly class Parts
{
    /** With more loads than this the sum is told by load case. */
    private const MOST_LOADS = 60;

    /** A part that is a smaller share of the greatest one is nothing. */
    private const NOTHING = 1e-9;

    private function __construct(
        private Design $design,
        private string $effect,
        private float $x,
        private int $sign,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $ask  effect (N, V, M, w, Vy, Mz, v, T), x as a quantity, sign 1 or −1
     *
     * @throws InvalidMember with paths that start with "parts."
     */
    public static function of(Design $design, array $ask): self
    {
        $f = new Fields;
        $effect = is_string($ask['effect'] ?? null) ? $ask['effect'] : '';
        if (self::beamOf($design->beam, $effect) === null) {
            $f->fail('parts.effect', 'There is no such diagram for this member.');
        }
        $x = $f->quantity($ask, 'x', 'parts.x', Kind::Length);
        if ($x < 0.0 || $x > $design->member->length + 0.5) {
            $f->fail('parts.x', 'This place lies off the member.');
        }
        $f->throwIfAny();

        return new self($design, $effect, $x, ($ask['sign'] ?? 1) === -1 ? -1 : 1);
    }

    /** @return array{LoadedBeam, Effect}|null */
    private static function beamOf(LoadedBeam $beam, string $effect): ?array
    {
        $of = match ($effect) {
            'N' => [$beam->beam->axis->isStrained ? $beam : null, Effect::Axial],
            'V' => [$beam, Effect::Shear],
            'M' => [$beam, Effect::Moment],
            'w' => [$beam, Effect::Deflection],
            'Vy' => [$beam->sideways, Effect::Shear],
            'Mz' => [$beam->sideways, Effect::Moment],
            'v' => [$beam->sideways, Effect::Deflection],
            'T' => [$beam->twisting, Effect::Axial],
            default => [null, Effect::Moment],
        };

        return $of[0] === null ? null : $of;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $of = self::beamOf($this->design->beam, $this->effect);
        [$beam, $effect] = $of ?? throw new \LogicException('It was looked for before.');
        $isDeflection = $effect === Effect::Deflection;
        $combinations = $isDeflection ? $this->design->characteristic() : $this->design->ultimate();
        if ($combinations === []) {
            return ['value' => 0.0, 'combination' => null, 'arrangement' => '', 'rows' => []];
        }
        $scale = 1.0;
        if ($isDeflection) {
            $rigidity = $this->design->member->make->main(new Situation)->rigidity;
            $scale = 1 / ($this->effect === 'v' ? $rigidity->EIz : $rigidity->EI);
        }
        $values = self::valuesAt($beam, $effect, $this->x);
        $weight = $this->design->member->make->weight();
        [$value, $combination, $factors] = $beam->greatest($combinations, $weight, $this->sign, $values);
        $scaled = fn (array $r): array => ['part' => $r['part'] * $scale, 'each' => $r['each'] * $scale] + $r;
        $rows = array_map($scaled, [
            ...$this->selfWeight($beam, $combination, $values),
            ...$this->rows($beam, $effect, $factors, $values),
        ]);
        $most = max([0.0, ...array_map(fn (array $r): float => abs($r['part']), $rows)]);

        return [
            'value' => $this->sign * $value * $scale,
            'combination' => [
                'id' => $combination->id,
                'text' => $combination->text,
                'clause' => $combination->clause,
            ],
            'arrangement' => $beam->arrangementText($factors),
            'rows' => array_values(
                array_filter($rows, fn (array $r): bool => abs($r['part']) > self::NOTHING * $most),
            ),
        ];
    }

    /** @return list<float> effect of each set of loads at a place, to the right of a jump */
    private static function valuesAt(LoadedBeam $beam, Effect $effect, float $x): array
    {
        $segment = $beam->responses->segmentAt($x);

        return $beam->responses->valuesAt($effect, $segment, $x - $beam->responses->breaks[$segment]);
    }

    /**
     * @param  list<float>  $values
     * @return list<Row>
     */
    private function selfWeight(LoadedBeam $beam, Combination $combination, array $values): array
    {
        if ($beam->selfWeight === null) {
            return [];
        }
        $each = $this->design->member->make->weight() * $values[$beam->selfWeight];

        return [self::row('', 'Self-weight', 'Self-weight', '', $combination->permanent, $each)];
    }

    /** @return Row */
    private static function row(
        string $load,
        string $name,
        string $case,
        string $where,
        float $factor,
        float $each,
    ): array {
        return [
            'load' => $load,
            'name' => $name,
            'case' => $case,
            'where' => $where,
            'factor' => $factor,
            'each' => $each,
            'part' => $factor * $each,
        ];
    }

    /**
     * @param  array<int, float>  $factors  of the sets
     * @param  list<float>  $values  of the sets
     * @return list<Row>
     */
    private function rows(LoadedBeam $beam, Effect $effect, array $factors, array $values): array
    {
        $rows = [];
        foreach ($beam->cases as $case) {
            $loads = $this->loadsOf($case);
            $only = count($loads) === 1 && ! $case->isMade ? $loads[0] : null;
            foreach ($case->sets as $set) {
                if (! isset($factors[$set])) {
                    continue;
                }
                $where = $case->labels[$set] ?? '';
                if ($only === null && $this->isTakenApart($case, $loads)) {
                    array_push($rows, ...$this->byLoad($effect, $loads, $where, $factors[$set]));

                    continue;
                }
                $name = $only->name ?? $case->case->name;
                $rows[] = self::row($only->id ?? '', $name, $case->case->name, $where, $factors[$set], $values[$set]);
            }
        }

        return $rows;
    }

    /** @return list<Load> */
    private function loadsOf(CaseSets $case): array
    {
        $loads = $this->design->member->loads;

        return array_values(array_filter($loads, fn (Load $l): bool => $l->on && $l->case === $case->case->id));
    }

    /**
     * Loads that move, movements of supports and what lifts off are told as they act together.
     *
     * @param  list<Load>  $loads
     */
    private function isTakenApart(CaseSets $case, array $loads): bool
    {
        $together = array_filter($loads, fn (Load $l): bool => $l->kind->isMoving() || $l->kind->isDisplacement());

        return ! $case->isMade &&
            $together === [] &&
            $this->design->lifts === [] &&
            count($this->design->member->loads) <= self::MOST_LOADS;
    }

    /**
     * What each load of a case adds that acts on a span: the member is solved with it alone.
     *
     * @param  list<Load>  $loads
     * @return list<Row>
     */
    private function byLoad(Effect $effect, array $loads, string $where, float $factor): array
    {
        $rows = [];
        foreach ($loads as $load) {
            $of = self::beamOf(Design::statics($this->design->member->withLoads([$load], [])), $this->effect);
            if ($of === null) {
                continue;
            }
            $values = self::valuesAt($of[0], $effect, $this->x);
            foreach ($of[0]->cases as $case) {
                foreach ($case->case->id === $load->case ? $case->sets : [] as $set) {
                    if (($case->labels[$set] ?? '') === $where) {
                        $rows[] = self::row(
                            $load->id,
                            $load->name,
                            $case->case->name,
                            $where,
                            $factor,
                            $values[$set],
                        );
                    }
                }
            }
        }

        return $rows;
    }
}
