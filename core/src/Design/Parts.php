<?php

declare(strict_types=1);

namespace Waage\Design;

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
 */
final readonly class Parts
{
    /** With more loads than this the sum is told by load case. */
    private const MOST_LOADS = 60;

    /** A part that is a smaller share of the greatest one is nothing. */
    private const NOTHING = 1e-9;

    private function __construct(private Design $design, private string $effect, private float $x, private int $sign)
    {
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
        $of = self::beamOf($this->design->beam, $this->effect) ?? throw new \LogicException('It was looked for before.');
        [$beam, $effect] = $of;
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
        $rows = array_map(fn (array $r): array => ['part' => $r['part'] * $scale, 'each' => $r['each'] * $scale] + $r, [
            ...$this->selfWeight($beam, $combination, $values),
            ...$this->rows($beam, $effect, $combination, $factors, $values),
        ]);
        $most = max([0.0, ...array_map(fn (array $r): float => abs($r['part']), $rows)]);

        return [
            'value' => $this->sign * $value * $scale,
            'combination' => ['id' => $combination->id, 'text' => $combination->text, 'clause' => $combination->clause],
            'arrangement' => $beam->arrangementText($factors),
            'rows' => array_values(array_filter($rows, fn (array $r): bool => abs($r['part']) > self::NOTHING * $most)),
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
     * @return list<array{load: string, name: string, case: string, where: string, factor: float, each: float, part: float}>
     */
    private function selfWeight(LoadedBeam $beam, Combination $combination, array $values): array
    {
        if ($beam->selfWeight === null) {
            return [];
        }
        $each = $this->design->member->make->weight() * $values[$beam->selfWeight];

        return [self::row('', 'Self-weight', 'Self-weight', '', $combination->permanent, $each)];
    }

    /** @return array{load: string, name: string, case: string, where: string, factor: float, each: float, part: float} */
    private static function row(string $load, string $name, string $case, string $where, float $factor, float $each): array
    {
        return [
            'load' => $load, 'name' => $name, 'case' => $case, 'where' => $where,
            'factor' => $factor, 'each' => $each, 'part' => $factor * $each,
        ];
    }

    /**
     * @param  array<int, float>  $factors  of the sets
     * @param  list<float>  $values  of the sets
     * @return list<array{load: string, name: string, case: string, where: string, factor: float, each: float, part: float}>
     */
    private function rows(LoadedBeam $beam, Effect $effect, Combination $combination, array $factors, array $values): array
    {
        $rows = [];
        foreach ($beam->cases as $case) {
            $acting = array_values(array_filter($case->sets, fn (int $set): bool => isset($factors[$set])));
            $loads = array_filter($this->design->member->loads, fn (Load $l): bool => $l->on && $l->case === $case->case->id);
            $single = $case->isMade || $this->design->lifts !== [] || count($this->design->member->loads) > self::MOST_LOADS
                || array_filter($loads, fn (Load $l): bool => $l->kind->isMoving() || $l->kind->isDisplacement()) !== [];
            foreach ($acting as $set) {
                $where = $case->labels[$set] ?? '';
                $single || count($loads) < 2
                    ? $rows[] = self::row(
                        count($loads) === 1 && ! $case->isMade ? array_values($loads)[0]->id : '',
                        count($loads) === 1 && ! $case->isMade ? array_values($loads)[0]->name : $case->case->name,
                        $case->case->name, $where, $factors[$set], $values[$set],
                    )
                    : array_push($rows, ...$this->byLoad($effect, array_values($loads), $where, $factors[$set]));
            }
        }

        return $rows;
    }

    /**
     * What each load of a case adds that acts on a span: the member is solved with it alone.
     *
     * @param  list<Load>  $loads
     * @return list<array{load: string, name: string, case: string, where: string, factor: float, each: float, part: float}>
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
                        $rows[] = self::row($load->id, $load->name, $case->case->name, $where, $factor, $values[$set]);
                    }
                }
            }
        }

        return $rows;
    }
}
