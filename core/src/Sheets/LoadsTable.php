<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Checks\PrintedLine;
use Waage\Design\Reductions;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadKind;
use Waage\Member\Member;
use Waage\Member\Spread;
use Waage\Member\StoreyReduction;
use Waage\Member\Way;
use Waage\Units\Kind;

/** The loads of a member as they were given, with their reductions. */
final readonly class LoadsTable
{
    public function __construct(private Member $member)
    {
    }

    /** @return list<array<string, mixed>> */
    public function toBlocks(): array
    {
        $cases = array_column($this->member->cases, null, 'id');
        $rows = array_map(
            fn (Load $l): array => [
                $l->name,
                $cases[$l->case]->name,
                $cases[$l->case]->category->label(),
                $this->loadText($l),
                $this->placeText($l),
                $l->on ? $l->remark : trim('switched off, without effect. '.$l->remark),
            ],
            $this->member->loads,
        );
        if ($this->member->selfWeight) {
            array_unshift($rows, [
                'Self-weight',
                'Self-weight',
                'Permanent',
                $this->format($this->member->make->weight(), Kind::LineLoad),
                'full length',
                '',
            ]);
        }
        $lines = [];
        foreach ($this->member->loads as $load) {
            if ($load->reduction !== null) {
                $line = (new PrintedLine(Reductions::line($load->reduction), $this->member->basis->units))->toArray();
                $lines[] = [...$line, 'note' => trim("{$load->name}: {$line['note']}", ': ')];
            }
        }

        return [
            Block::table(['Load', 'Load case', 'Category', '>Value', 'Place', 'Remark'], $rows),
            ...$lines === [] ? [] : [Block::derivation($lines)],
            ...$this->buildUps(),
        ];
    }

    /** @return list<array<string, mixed>> the layers of the build-ups that loads follow */
    private function buildUps(): array
    {
        $used = [];
        foreach ($this->member->loads as $load) {
            if ($load->buildUp !== null) {
                $used[$load->buildUp->name] = $load->buildUp;
            }
        }
        $rows = [];
        foreach ($used as $buildUp) {
            foreach ($buildUp->layers as $i => [$name, $thickness, $weight, $pressure]) {
                $rows[] = [
                    $i === 0 ? $buildUp->name : '',
                    $name,
                    $thickness === null ? '' : $this->format($thickness, Kind::Size),
                    $thickness === null ? '' : $this->format($weight, Kind::UnitWeight),
                    $this->format($pressure, Kind::AreaLoad),
                ];
            }
            $rows[] = ['', 'Sum', '', '', $this->format($buildUp->load(), Kind::AreaLoad)];
        }

        return $rows === []
            ? []
            : [Block::table(['Build-up', 'Layer', '>Thickness', '>Unit weight', '>Load'], $rows)];
    }

    private function format(float $value, Kind $kind): string
    {
        return $this->member->basis->units->format($value, $kind);
    }

    private function number(float $value, Kind $kind): string
    {
        return explode(' ', $this->format($value, $kind))[0];
    }

    private function loadText(Load $l): string
    {
        $text = match ($l->kind) {
            LoadKind::Point => $this->format($l->start(), Kind::Force),
            LoadKind::Moment => $this->format($l->start(), Kind::Moment),
            LoadKind::Settlement => 'settles '.$this->format($l->start(), Kind::Deflection),
            LoadKind::Temperature => 'bottom warmer by '.$this->format($l->start(), Kind::Temperature),
            LoadKind::Warming => 'warmer by '.$this->format($l->start(), Kind::Temperature),
            LoadKind::Rotation => 'turns '.$this->format($l->start(), Kind::Rotation),
            LoadKind::Area, LoadKind::Slab => ($l->buildUp === null ? '' : "build-up “{$l->buildUp->name}”, ").
                $this->format((float) $l->pressure, Kind::AreaLoad).
                ' × '.
                $this->widthText($l),
            LoadKind::Concentrated => $this->format($l->axles[0][1], Kind::Force).
                ' at the worst place, in place of the rest of its case',
            LoadKind::Train => implode(
                ' + ',
                array_map(
                    fn (array $a): string => $this->format($a[1], Kind::Force).
                        ($a[0] > 0.0 ? ' '.$this->format($a[0], Kind::Length).' behind' : ''),
                    $l->axles,
                ),
            ).
                match ($l->way) {
                    Way::Both => ', driving either way',
                    Way::ToRight => ', driving to the right',
                    Way::ToLeft => ', driving to the left',
                },
            LoadKind::Lengths => $this->format($l->start(), Kind::LineLoad).' on any lengths',
            LoadKind::Line => $l->start() === $l->end()
                ? $this->format($l->start(), Kind::LineLoad)
                : $this->format($l->start(), Kind::LineLoad).' to '.$this->format($l->end(), Kind::LineLoad),
        };

        $text .= match ($l->direction) {
            LoadDirection::Vertical => $this->member->angle === 0.0 || ! $l->kind->hasDirection() ? '' : ', plumb',
            LoadDirection::Plan => ', plumb, on plan',
            LoadDirection::Normal => ', normal to the member',
            LoadDirection::Along => ', along the member',
            LoadDirection::Sideways => ', lateral',
        };
        $text .=
            $l->eccentricity == 0.0 ? '' : ', '.$this->format($l->eccentricity, Kind::Size).' beside the axis';

        $text .=
            ($l->bearing > 0.0 ? ', on '.$this->format($l->bearing, Kind::Size) : '').
            ($l->stiffened ? ', web stiffened' : '');
        $across = $l->across ?: $l->twist;
        $text .= $across == 0.0 ? '' : ', '.$this->format($across, Kind::Size).' in front of the axis';

        return $l->reduction === null
            ? $text
            : $text.
                    ', with '.
                    match (true) {
                        $l->reduction instanceof StoreyReduction => 'α_n',
                        $l->reduction instanceof Spread => 'β',
                        default => 'α_A',
                    }.
                    ' = '.
                    number_format($l->reduction->factor, 3, '.', '');
    }

    private function widthText(Load $l): string
    {
        return self::hasOneWidth($l)
            ? $this->format($l->widths[0][1], Kind::Length).' = '.$this->format($l->start(), Kind::LineLoad)
            : 'up to '.$this->format(max(0.0, ...array_column($l->widths, 1)), Kind::Length);
    }

    private static function hasOneWidth(Load $l): bool
    {
        return count($l->widths) === 2 && $l->widths[0][1] === $l->widths[1][1];
    }

    private function placeText(Load $l): string
    {
        return match (true) {
            $l->widths !== [] && ! self::hasOneWidth($l) => 'width '.
                implode(
                    ', ',
                    array_map(
                        fn (array $w): string => $this->number($w[1], Kind::Length).
                            ' at '.
                            $this->format($w[0], Kind::Length),
                        $l->widths,
                    ),
                ),
            $l->kind->isAtOnePlace() => 'at '.$this->format($l->from, Kind::Length),
            $l->from === 0.0 && $l->to === $this->member->length => 'full length',
            default => $this->format($l->from, Kind::Length).' to '.$this->format($l->to, Kind::Length),
        };
    }
}
