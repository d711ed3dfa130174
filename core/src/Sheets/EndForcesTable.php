<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Design\Verdict;
use Waage\Member\EndForces;
use Waage\Units\Kind;

/** The rows of end forces with what each governs; on a brief sheet those only that govern something. */
final readonly class EndForcesTable
{
    public function __construct(private Design $design, private bool $full)
    {
    }

    /** @return list<array<string, mixed>> */
    public function toBlocks(): array
    {
        $member = $this->design->member;
        if ($member->endForces === []) {
            return [];
        }
        $units = $member->basis->units;
        $governs = [];
        foreach ($this->design->everyWeighing as $w) {
            if ($w->ratio !== null && str_starts_with($w->combination, 'ROW ')) {
                $governs[$w->combination][] = $w->title.' '.Verdict::rounded($w->ratio, 3);
            }
        }
        $rows = [];
        foreach ($member->endForces as $i => $row) {
            $id = 'ROW '.($i + 1);
            if ($this->full || isset($governs[$id])) {
                $rows[] = [
                    str_replace(' ', "\u{00A0}", $id),
                    $row->name,
                    ...array_map(
                        fn (string $part): string => $row->{$part} == 0.0
                            ? '–'
                            : $units->format($row->{$part}, $part === 'N' ? Kind::Force : Kind::Moment),
                        EndForces::PARTS,
                    ),
                    implode('; ', $governs[$id] ?? []),
                ];
            }
        }
        $count = count($member->endForces);

        return [
            Block::text(
                ($count === 1 ? 'One row' : "{$count} rows").
                    ' of forces at the ends, from an analysis of the whole structure with all factors'.
                    ($this->full || count($rows) === $count ? '' : '; those that govern').
                    '. N compression positive; moments at start and end, My sagging positive, Mz with tension in front positive.',
            ),
            Block::table(
                ['No.', 'Combination', '>N', '>My start', '>My end', '>Mz start', '>Mz end', 'Governs'],
                $rows,
            ),
        ];
    }
}
