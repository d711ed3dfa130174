<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Design\Reactions;
use Waage\Loading\Combination;
use Waage\Member\Load;
use Waage\Member\Support;
use Waage\Units\Kind;

/** Reactions on a sheet, with where the member lifts off. */
final readonly class ReactionBlocks
{
    /** @param  array<string, mixed>  $result  as core/schema/result.schema.json */
    public function __construct(private Design $design, private array $result, private bool $full)
    {
    }

    private function format(float $value, Kind $kind): string
    {
        return $this->design->member->basis->units->format($value, $kind);
    }

    private function number(float $value, Kind $kind): string
    {
        return explode(' ', $this->format($value, $kind))[0];
    }

    /** @return list<array<string, mixed>> */
    public function toBlocks(): array
    {
        if (
            array_filter($this->design->combinations, fn (Combination $c): bool => ! $c->isRow()) === [] &&
            $this->design->member->endForces !== []
        ) {
            return [];
        }
        $reactions = new Reactions($this->design);
        /**
         * @var list<array{name: string, forces: list<float>, moments: list<float>, horizontal: list<float>,
         *     load: float, reaction: float}> $cases
         */
        $cases = $reactions->toArray()['cases'];
        $m = $this->design->member;
        $columns = ['Load case'];
        foreach (array_keys($m->supports) as $i) {
            $columns[] = '>Support '.($i + 1);
        }
        $rows = array_map(
            fn (array $r): array => [
                $r['name'],
                ...array_map(fn (float $f): string => $this->format($f, Kind::Force), $r['forces']),
                $this->format($r['reaction'], Kind::Force),
                $this->format($r['load'], Kind::Force),
            ],
            $cases,
        );
        $range = $reactions->strengthRange();
        foreach ([0 => 'Strength, greatest', 1 => 'Strength, smallest'] as $i => $name) {
            if ($range !== []) {
                $rows[] = [
                    $name,
                    ...array_map(fn (array $r): string => $this->format($r[$i], Kind::Force), $range),
                    '',
                    '',
                ];
            }
        }
        $blocks = [
            Block::heading('Reactions'),
            ...$this->full
                ? [
                    Block::text(
                        'By load case unfactored and with every span loaded, up positive; the last columns are the check of equilibrium.',
                    ),
                ]
                : [],
            Block::table([...$columns, '>Sum of reactions', '>Sum of loads'], $rows),
        ];
        if ($this->full) {
            /** @var list<array{id: string, forces: list<array{float, float}>}> $combinations */
            $combinations = $reactions->toArray()['combinations'];
            $both = fn (array $r): string => $this->format($r[1], Kind::Force) === $this->format($r[0], Kind::Force)
                ? $this->format($r[0], Kind::Force)
                : $this->number($r[1], Kind::Force).' to '.$this->format($r[0], Kind::Force);
            $blocks[] = Block::table(
                ['Combination', ...array_slice($columns, 1)],
                array_map(fn (array $c): array => [$c['id'], ...array_map($both, $c['forces'])], $combinations),
            );
        }
        $sideways = $this->design->beam->sideways;
        if ($sideways !== null) {
            array_push(
                $blocks,
                ...SidewaysBlocks::reactions(
                    new Reactions($this->design, $sideways),
                    $sideways->beam->supports,
                    $m->basis->units,
                ),
            );
        }
        /** @var list<array{support: int, lift: float, combination: string, arrangement: string}> $lifts */
        $lifts = $this->result['lifts'];
        if ($lifts !== []) {
            $blocks[] = Block::text(
                'The member lifts off supports that bear only; greatest lift over the strength and over the characteristic combinations:',
            );
            $blocks[] = Block::table(
                ['Support', '>Lift', 'Comb.', 'Variable load'],
                array_map(
                    fn (array $l): array => [
                        (string) ($l['support'] + 1),
                        $this->format($l['lift'], Kind::Deflection),
                        $l['combination'],
                        $l['arrangement'],
                    ],
                    $lifts,
                ),
            );
        }
        if ($this->design->beam->beam->axis->isStrained) {
            $rows = array_map(
                fn (array $r): array => [
                    $r['name'],
                    ...array_map(fn (float $f): string => $this->format($f, Kind::Force), $r['horizontal']),
                ],
                $cases,
            );
            $blocks[] = Block::table(['Horizontal, to the right', ...array_slice($columns, 1)], $rows);
        }
        $fixed = array_filter($m->supports, fn (Support $s): bool => $s->holdsTurning());
        if ($fixed !== []) {
            $rows = array_map(
                fn (array $r): array => [
                    $r['name'],
                    ...array_map(
                        fn (int $i): string => $this->format($r['moments'][$i], Kind::Moment),
                        array_keys($fixed),
                    ),
                ],
                $cases,
            );
            $blocks[] = Block::table(
                [
                    'Moment at the support',
                    ...array_map(fn (int $i): string => '>Support '.($i + 1), array_keys($fixed)),
                ],
                $rows,
            );
        }

        return $blocks;
    }
}
