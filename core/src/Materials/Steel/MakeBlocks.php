<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Sheets\Block;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** What a sheet says of a steel member's lengths of other sections, and of stiffeners on its web. */
final readonly class MakeBlocks
{
    public function __construct(private SteelMake $make, private UnitSystem $units)
    {
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        $stiffeners = $this->make->webStiffeners;

        return [
            ...$this->make->steps === [] ? [] : [$this->steps()],
            ...$stiffeners === null ? [] : [Block::text($this->ofStiffeners($stiffeners))],
        ];
    }

    /** @return array<string, mixed> */
    private function steps(): array
    {
        $columns = ['Section', 'Grade', '>From x', '>To x', '>Depth', '>I about y-y', '>Mass'];

        return Block::table(
            $columns,
            array_map(
                fn (SectionStep $s): array => [
                    $s->section->name,
                    $s->grade->value,
                    $this->units->format($s->from, Kind::Length),
                    $this->units->format($s->to, Kind::Length),
                    $this->units->format($s->section->h, Kind::Size),
                    $this->units->format($s->section->Iy, Kind::SecondMoment),
                    $this->units->format($s->section->weight(), Kind::Mass),
                ],
                $this->make->stretches(),
            ),
        );
    }

    private function ofStiffeners(WebStiffeners $s): string
    {
        $post =
            $s->endPost > 0.0
                ? '; end posts of two pairs '.$this->units->format($s->endPost, Kind::Size).' apart'
                : '';

        return 'Pairs of stiffeners on the web, '.
            $this->units->format($s->width, Kind::Size).
            ' wide and '.
            $this->units->format($s->thickness, Kind::Size).
            ' thick, at most '.
            $this->units->format($s->spacing, Kind::Length).
            " apart, evenly in each span{$post}.";
    }
}
