<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Analysis\CaseSets;
use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Member\Arrangement;
use Waage\Member\Load;

/** The combinations of actions on a sheet, and where imposed load lies. */
final readonly class CombinationBlocks
{
    public function __construct(private Design $design)
    {
    }

    /** @return list<array<string, mixed>> */
    public function toBlocks(): array
    {
        $b = $this->design->member->basis;
        $rules = RuleSet::of($b->combinations);
        $rows = array_map(
            fn (Combination $c): array => [
                $c->id,
                $c->purpose->value,
                $c->text,
                str_replace("{$rules->standard}, ", '', $c->clause),
            ],
            array_values(array_filter($this->design->combinations, fn (Combination $c): bool => ! $c->isRow())),
        );
        if ($rows === []) {
            return [];
        }
        $factors = str_starts_with($b->combinations, '6.10')
            ? [
                'gamma_G_sup' => $b->actions->gammaGsup,
                'gamma_G_inf' => $b->actions->gammaGinf,
                'gamma_Q' => $b->actions->gammaQ,
                ...$this->settles() ? ['gamma_G_set' => $b->actions->gammaGset] : [],
                ...$b->combinations === '6.10a/b' ? ['xi' => $b->actions->xi] : [],
                'K_FI' => $b->actions->KFI,
                ...$this->design->supports->equilibrium === null
                    ? []
                    : ['gamma_G_dst' => $b->actions->gammaGsupEqu, 'gamma_G_stb' => $b->actions->gammaGinfEqu],
            ]
            : [];

        return [
            Block::heading("Combinations of actions ({$rules->standard})"),
            Block::text(
                "By {$rules->title}.".
                    match ($this->design->member->arrangement) {
                        Arrangement::Worst => ' Imposed load lies on those spans, and variable actions act at all, only where they make the effect looked at worse.',
                        Arrangement::Alternate => ' Imposed load lies on all spans, on every other span or on two adjacent spans, whichever makes the effect looked at worse; variable actions act where they do.',
                        Arrangement::Chosen => ' Imposed load lies as the engineer has chosen: '.
                            implode(
                                '; ',
                                array_map(
                                    fn (array $fields): string => CaseSets::listed(
                                        array_map(
                                            fn (int $f): string => $this->design->beam->beam->fieldNames()[$f],
                                            $fields,
                                        ),
                                    ),
                                    $this->design->member->arrangements,
                                ),
                            ).
                            '. One of these acts at a time, or none; variable actions act where they make the effect looked at worse.',
                        Arrangement::All => ' Imposed load lies on all spans or on none; variable actions act where they make the effect looked at worse.',
                    }.
                    ($this->design->supports->equilibrium === null
                        ? ''
                        : ' For equilibrium the permanent load of each span has the first factor where it destabilises and the second where it holds.').
                    ($this->design->member->permanentBySpan
                        ? ' Permanent load has its greater factor on those spans where it makes the effect looked at worse, and its smaller one on the others (EN 1990, 6.4.3.1(4)).'
                        : ''),
            ),
            Block::values([...$factors, ...$this->design->checks->factors()]),
            Block::table(['No.', 'Purpose', 'Actions', 'Clause'], $rows),
        ];
    }

    private function settles(): bool
    {
        return array_filter($this->design->member->loads, fn (Load $l): bool => $l->kind->isDisplacement()) !== [];
    }
}
