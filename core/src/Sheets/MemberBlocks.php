<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Material\Reinforced;
use Waage\Member\LoadHeight;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;
use Waage\Member\RollerHolds;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** What a sheet says of the member: section, supports, loads, restraint. */
final readonly class MemberBlocks
{
    public function __construct(private Design $design, private bool $full)
    {
    }

    private function format(float $value, Kind $kind): string
    {
        return $this->design->member->basis->units->format($value, $kind);
    }

    /** @return list<array<string, mixed>> */
    public function toBlocks(): array
    {
        $m = $this->design->member;
        $supports = array_map(
            fn (Support $s, int $i): array => [
                (string) ($i + 1),
                $this->format($s->x, Kind::Length),
                $this->supportText($s),
                $this->format($s->bearing, Kind::Size),
                $i === 0 ? '' : $this->format($s->x - $m->supports[$i - 1]->x, Kind::Length),
            ],
            $m->supports,
            array_keys($m->supports),
        );

        $edge = $m->make->edge();

        return [
            Block::heading('Member'),
            Block::figure('member', 'Member with its loads (unfactored)'),
            $this->sectionBlock(),
            $this->full
                ? Block::table(['Support', '>x', 'Kind', '>Bearing', '>Span from the last'], $supports)
                : Block::text(
                    'Supports: '.
                        implode(
                            '; ',
                            array_map(
                                fn (array $s): string => "{$s[0]} at {$s[1]}, {$s[2]}, bearing {$s[3]}",
                                $supports,
                            ),
                        ).
                        '.',
                ),
            ...$m->angle === 0.0 ? [] : [Block::text($this->slopeText())],
            ...$m->camber === 0.0
                ? []
                : [
                    Block::text(
                        'Made with a camber of '.
                            $this->format($m->camber, Kind::Size).
                            ' in the middle, a parabola. Diagrams and tables show deflections from the shape it is made in; the total deflection is weighed less the camber (EN 1990, A1.4.3).',
                    ),
                ],
            ...$this->blocksOfMake(),
            ...$m->hinges === []
                ? []
                : [
                    Block::text(
                        'Hinges at x = '.
                            implode(
                                ', ',
                                array_map(fn (float $x): string => $this->format($x, Kind::Length), $m->hinges),
                            ).
                            '.',
                    ),
                ],
            ...$m->loads === [] && ! $m->selfWeight && $m->endForces !== [] ? [] : (new LoadsTable($m))->toBlocks(),
            ...(new EndForcesTable($this->design, $this->full))->toBlocks(),
            $this->full
                ? Block::table(
                    ['Lateral restraint', 'Given as'],
                    [
                        ["Top {$edge}", $this->restraintText($m->top)],
                        ["Bottom {$edge}", $this->restraintText($m->bottom)],
                        ...$this->effectiveLengths(),
                    ],
                )
                : Block::text(
                    "Top {$edge} held {$this->restraintText($m->top)}; bottom {$edge} {$this->restraintText(
                        $m->bottom,
                    )}.".
                        implode(
                            '',
                            array_map(fn (array $r): string => " {$r[0]}: {$r[1]}.", $this->effectiveLengths()),
                        ),
                ),
        ];
    }

    /** @return list<array<string, mixed>> of a make with bars on a brief sheet these in a sentence */
    private function blocksOfMake(): array
    {
        $make = $this->design->make;
        $blocks = [
            ...$make->blocks($this->design->member->basis->units),
            ...array_map(Block::text(...), $this->full ? $this->design->checks->notes() : []),
        ];

        return $this->full || ! $make instanceof Reinforced ? $blocks : [Block::text($make->barsInWords())];
    }

    /** @return array<string, mixed> */
    private function sectionBlock(): array
    {
        $m = $this->design->member;
        $acts = match ($m->loadHeight) {
            LoadHeight::Top => "on the top {$m->make->edge()}",
            LoadHeight::Centre => 'at the shear centre',
            LoadHeight::Bottom => "on the bottom {$m->make->edge()}",
        };
        $make = $m->make;
        $row = [
            $make->title(),
            $make->grade(),
            $this->format($make->depth(), Kind::Size),
            $this->format($make->width(), Kind::Size),
            $this->format($make->weight(), Kind::Mass),
            $this->format($m->length, Kind::Length),
            $acts,
        ];

        return $this->full
            ? Block::table(['Section', 'Grade', '>Depth', '>Width', '>Mass', '>Length', 'Load acts'], [$row])
            : Block::text(
                "{$row[0]} in {$row[1]}, {$row[2]} deep, {$row[3]} wide, {$row[4]}; length {$row[5]}; load acts {$acts}.",
            );
    }

    private function slopeText(): string
    {
        $m = $this->design->member;

        return abs($m->angle) > M_PI_2 - 1e-9
            ? 'The member stands upright; lengths run along it from its foot.'
            : 'The member rises to the right by '.
                    $this->format($m->angle, Kind::Angle).
                    ': '.
                    $this->format($m->length * cos($m->angle), Kind::Length).
                    ' on plan, '.
                    $this->format($m->length * sin($m->angle), Kind::Length).
                    ' in height. Lengths run along it.';
    }

    private function supportText(Support $s): string
    {
        $springs = [
            ...$s->vertical < INF ? [$this->format($s->vertical, Kind::Spring)] : [],
            ...$s->rotation > 0.0 ? ['turning '.$this->format($s->rotation, Kind::RotationSpring)] : [],
            ...$s->kind === SupportKind::Roller && $this->design->member->angle !== 0.0
                ? [$s->holds === RollerHolds::Normal ? 'holds normal to the member' : "holds {$s->holds->value}ly"]
                : [],
            ...in_array($s->kind, [SupportKind::Fixed, SupportKind::Guided], true) &&
            $this->design->beam->beam->axis->isStrained
                ? [$s->holdsAlong() ? 'restrained along the axis' : 'free along the axis']
                : [],
            ...$s->bearsOnly ? ['bears only'] : [],
            ...$s->stiffened ? ['web stiffened or end plate'] : [],
            ...$s->momentCapacity < INF ? ['up to '.$this->format($s->momentCapacity, Kind::Moment)] : [],
        ];

        return implode(', ', [$s->kind->value, ...$springs]);
    }

    /** @return list<list<string>> */
    private function effectiveLengths(): array
    {
        $of = $this->design->member->effective;
        $rows = [];
        foreach (['y-y' => $of->y, 'z-z' => $of->z, 'twisting' => $of->twist] as $axis => $L) {
            if ($L !== null) {
                $rows[] = [
                    $axis === 'twisting' ? 'Buckling length, twisting' : "Buckling length about {$axis}",
                    $this->format($L, Kind::Length).', as given',
                ];
            }
        }

        return $rows;
    }

    private function restraintText(Restraint $r): string
    {
        return match ($r->kind) {
            RestraintKind::Continuous => 'continuous',
            RestraintKind::Supports => 'at the supports only',
            RestraintKind::Spacing, RestraintKind::Positions => 'at the supports and at x = '.
                implode(', ', array_map(fn (float $x): string => $this->format($x, Kind::Length), $r->positions)),
        };
    }
}
