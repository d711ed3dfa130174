<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Loading\LoadDuration;
use Waage\Units\Kind;

/** Reads the rows of forces at the ends of a member, and whether its supports let them act. */
final readonly class EndForcesReader
{
    public const MOST = 500;

    private const NAMES = [
        'N' => 'axial force',
        'My1' => 'moment at the start',
        'My2' => 'moment at the end',
        'Mz1' => 'moment about the minor axis at the start',
        'Mz2' => 'moment about the minor axis at the end',
    ];

    /** @param  list<Support>  $supports */
    public function __construct(
        private Fields $f,
        private float $length,
        private array $supports,
        private Restraint $top,
        private Restraint $bottom,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return list<EndForces>
     */
    public function read(array $in): array
    {
        $rows = [];
        foreach ($this->f->rows($in, 'endForces', self::MOST, 'rows of end forces') as $i => $row) {
            $value = fn (string $part): float => ($row[$part] ?? '') === ''
                ? 0.0
                : $this->f->quantity(
                    $row,
                    $part,
                    "endForces.{$i}.{$part}",
                    $part === 'N' ? Kind::Force : Kind::Moment,
                );
            $name = trim($this->f->text($row, 'name', "endForces.{$i}.name"));
            $forces = new EndForces(
                $name === '' ? 'row '.($i + 1) : mb_substr($name, 0, 80),
                ...[
                    ...array_map($value, EndForces::PARTS),
                    ($row['duration'] ?? '') === ''
                        ? null
                        : $this->f->choice($row, 'duration', "endForces.{$i}.duration", LoadDuration::Medium),
                ],
            );
            $this->check($forces, $i);
            $rows[] = $forces;
        }

        return $rows;
    }

    private function check(EndForces $row, int $i): void
    {
        $along = array_filter($this->supports, fn (Support $s): bool => $s->holdsAlong());
        if ($row->N != 0.0 && count($along) !== 1) {
            $this->f->fail(
                "endForces.{$i}.N",
                count($along) > 1
                    ? 'More than one support holds the member along its axis, so that this axial force would go from one support into the other. Make all but one of them rollers.'
                    : 'No support holds the member along its axis. Make one of them pinned.',
            );
        }
        foreach ([['My1', 'Mz1', 0.0], ['My2', 'Mz2', $this->length]] as [$y, $z, $x]) {
            $fixed =
                array_filter(
                    $this->supports,
                    fn (Support $s): bool => abs($s->x - $x) < 1e-6 &&
                        ($s->kind === SupportKind::Fixed || $s->kind === SupportKind::Guided),
                ) !== [];
            foreach ([$y, $z] as $part) {
                if ($row->{$part} != 0.0 && $fixed) {
                    $this->f->fail(
                        "endForces.{$i}.{$part}",
                        'The support there is fixed: a '.
                            self::NAMES[$part].
                            ' would go straight into it. Make it pinned.',
                    );
                }
            }
        }
        if (($row->Mz1 != 0.0 || $row->Mz2 != 0.0) && $this->top->isContinuous() && $this->bottom->isContinuous()) {
            $this->f->fail(
                "endForces.{$i}.".($row->Mz1 != 0.0 ? 'Mz1' : 'Mz2'),
                'Both flanges are continuously restrained, so that the member cannot bend laterally. Leave this moment out, or restrain a flange at points only.',
            );
        }
    }
}
