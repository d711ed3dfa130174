<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\InfluenceLine;
use Waage\Analysis\LoadedBeam;
use Waage\Member\Fields;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Units\Kind;

/**
 * An influence line of a member, what a uniform load and a train of axles make with it at worst, and the places where
 * they then stand (core/schema/influence.schema.json). Loads act as they are given: unfactored.
 */
final readonly class Influence
{
    private const MOST_AXLES = 20;

    /**
     * @param  string  $effect  "M", "V" or "R"
     * @param  float  $load  uniform load, N/mm
     * @param  list<array{float, float}>  $axles  distance behind the first axle (mm), force (N)
     * @param  bool  $left  is a shear force that just to the left of x
     */
    private function __construct(
        private LoadedBeam $beam,
        private string $effect,
        private float $x,
        private int $support,
        private float $load,
        private array $axles,
        private bool $left,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $ask  effect, x or support (from 0), load, axles with force and distance from
     *     the one before
     *
     * @throws InvalidMember with paths that start with "influence."
     */
    public static function of(Member $member, array $ask): self
    {
        $f = new Fields;
        $effect = $ask['effect'] ?? 'M';
        if (! in_array($effect, ['M', 'V', 'R'], true)) {
            $f->fail('influence.effect', 'An influence line is of a moment, a shear force or a reaction.');
        }
        $x = $effect === 'R' ? 0.0 : $f->quantity($ask, 'x', 'influence.x', Kind::Length);
        if ($x < 0 || $x > $member->length + 0.5) {
            $f->fail('influence.x', 'This place lies off the beam.');
        }
        $support = $ask['support'] ?? 0;
        if (! is_int($support) || ! isset($member->supports[$support])) {
            $f->fail('influence.support', 'There is no such support.');
        }
        if ($member->isStrainedAlong()) {
            $f->fail(
                'influence.effect',
                'Influence lines are of level members without axial force.',
            );
        }
        if ($member->liftsOff) {
            $f->fail(
                'influence.effect',
                'Influence lines are of a member that stays on its supports. Weigh uplift instead of letting it lift off to see them.',
            );
        }
        $load = $f->positive($ask, 'load', 'influence.load', Kind::LineLoad, 'The uniform load');
        $axles = [];
        $behind = 0.0;
        $rows = $f->rows($ask, 'axles', self::MOST_AXLES, 'axles', 'influence.axles');
        foreach ($rows as $i => $row) {
            $behind +=
                $i === 0
                    ? 0.0
                    : $f->positive($row, 'distance', "influence.axles.{$i}.distance", Kind::Length, 'The distance');
            $axles[] = [
                $behind,
                $f->positive($row, 'force', "influence.axles.{$i}.force", Kind::Force, 'The axle load'),
            ];
        }
        $f->throwIfAny();

        return new self(
            Design::statics($member),
            is_string($effect) ? $effect : 'M',
            min($x, $member->length),
            is_int($support) ? $support : 0,
            $load,
            $axles,
            $f->flag($ask, 'left', 'influence.left', false),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $beam = $this->beam->beam;
        $line = match ($this->effect) {
            'M' => InfluenceLine::ofMoment($beam, $this->x),
            'V' => $this->left
                ? InfluenceLine::ofShearLeftOf($beam, $this->x)
                : InfluenceLine::ofShear($beam, $this->x),
            default => InfluenceLine::ofReaction($beam, $this->support),
        };
        $fields = $beam->fields();
        $names = $beam->fieldNames();
        $areas = array_map(fn (array $field): float => $line->area(...$field), $fields);
        // Where statics alone gives zero, what is left is rounding.
        $nothing = 1e-9 * max([0.0, ...array_map(abs(...), $areas)]);
        $worst = function (int $sign) use ($line, $areas, $names, $nothing): array {
            $free = $line->worst($sign);
            $spans = array_filter($areas, fn (float $area): bool => $sign * $area > $nothing);

            return [
                'value' => $this->load * $free['area'],
                'parts' => $free['parts'],
                'spans' => $this->load * array_sum($spans),
                'on' => array_values(array_intersect_key($names, $spans)),
                'train' => $this->train($line, $sign),
            ];
        };

        return [
            'effect' => $this->effect,
            'left' => $this->left,
            'x' => $this->x,
            'support' => $this->support,
            'load' => $this->load,
            'curve' => array_map(fn (array $p): array => [$p[0], $p[1], -1, ...$p[2]], $line->pieces),
            'max' => $worst(1),
            'min' => $worst(-1),
            'all' => $this->load * array_sum($areas),
        ];
    }

    /**
     * @return array{value: float, axles: list<array{float, float}>}|null value; place and force of each axle on the
     *     beam; driving either way
     */
    private function train(InfluenceLine $line, int $sign): ?array
    {
        if ($this->axles === []) {
            return null;
        }
        $last = $this->axles[count($this->axles) - 1][0];
        $turned = array_reverse(array_map(fn (array $a): array => [$last - $a[0], $a[1]], $this->axles));
        $best = null;
        foreach ([$this->axles, $turned] as $axles) {
            $found = $line->train($axles, $sign);
            if ($best === null || $sign * $found['value'] > $sign * $best['value']) {
                $places = array_map(fn (array $a): array => [$found['x'] - $a[0], $a[1]], $axles);
                $on = array_filter(
                    $places,
                    fn (array $a): bool => $a[0] >= -1e-6 && $a[0] <= $this->beam->beam->length + 1e-6,
                );
                $best = ['value' => $found['value'], 'axles' => array_values($on)];
            }
        }

        return $best;
    }
}
