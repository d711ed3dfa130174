<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\Kind;

/** Reads the loads of a member document. */
final class LoadReader
{
    public const MOST_LOADS = 500;

    private const MOST_WIDTHS = 50;

    private const MOST_AXLES = 40;

    private const MOST_STOREYS = 100.0;

    /** rad; yield lines of a slab are between these. */
    private const FLATTEST = 0.35;

    private const STEEPEST = 1.22;

    /** rad; steeper members have no length on plan. */
    private const UPRIGHT = 1.57;

    /**
     * @param  float  $angle  of the member, rad
     * @param  list<LoadCase>  $cases
     * @param  list<Support>  $supports
     * @param  list<float>  $hinges
     * @param  float|null  $strip  width of the strip of slab that loads spread over, mm; null: it is none
     */
    public function __construct(
        private readonly Fields $f,
        private readonly float $length,
        private readonly float $angle,
        private readonly array $cases,
        private readonly array $supports,
        private readonly array $hinges,
        private readonly Basis $basis,
        private readonly ?float $strip = null,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return list<Load>
     */
    public function read(array $in): array
    {
        $byId = array_column($this->cases, null, 'id');
        $loads = [];
        foreach ($this->f->rows($in, 'loads', self::MOST_LOADS, 'loads') as $i => $row) {
            $path = "loads.{$i}";
            $caseId = $this->f->text($row, 'case', "{$path}.case");
            $case = $byId[$caseId] ?? null;
            if ($case === null) {
                $this->f->fail("{$path}.case", 'This load belongs to no load case of the member.');
            }
            /** @var LoadKind $kind */
            $kind = $this->f->choice($row, 'kind', "{$path}.kind", LoadKind::Line);
            if ($case !== null && $kind->isDisplacement() !== ($case->category === Category::Settlement)) {
                $this->f->fail(
                    "{$path}.case",
                    $kind->isDisplacement()
                        ? 'A movement of a support belongs to a load case of the category “Settlement”.'
                        : 'A load case of the category “Settlement” takes movements of supports only.',
                );
            }
            if ($case !== null && $kind->isThermal() !== ($case->category === Category::Temperature)) {
                $this->f->fail(
                    "{$path}.case",
                    $kind->isThermal()
                        ? 'A temperature belongs to a load case of the category “Temperature”.'
                        : 'A load case of the category “Temperature” takes temperatures only.',
                );
            }
            if (
                $case !== null &&
                $kind->isMoving() &&
                ! $case->category->isImposed() &&
                $case->category !== Category::Accidental
            ) {
                $this->f->fail("{$path}.case", 'A load that moves belongs to a load case of imposed load.');
            }
            $loads[] = $this->load($row, $path, $kind, $caseId, $case?->category);
        }
        (new MovingLoads($this->f, count($this->supports)))->check($loads);

        return $loads;
    }

    /** @param  array<array-key, mixed>  $row */
    private function reduction(
        array $row,
        string $path,
        LoadKind $kind,
        Category $category,
    ): AreaReduction|StoreyReduction|null {
        if (($row['storeys'] ?? '') !== '') {
            return $this->storeys($row, "{$path}.storeys", $kind, $category);
        }
        if (($row['area'] ?? '') === '') {
            return null;
        }
        $area = $this->f->positive($row, 'area', "{$path}.area", Kind::FloorArea, 'The floor area');
        if (! in_array($kind, [LoadKind::Line, LoadKind::Area, LoadKind::Slab], true)) {
            $this->f->fail("{$path}.area", 'Only distributed loads are reduced with the area.');
        }
        $reduction = $area > 0 ? AreaReduction::of($area, $category, $this->basis) : null;
        if (is_string($reduction)) {
            $this->f->fail("{$path}.area", $reduction);
        }

        return $reduction instanceof AreaReduction ? $reduction : null;
    }

    /** @param  array<array-key, mixed>  $row */
    private function storeys(array $row, string $path, LoadKind $kind, Category $category): ?StoreyReduction
    {
        $n = $this->f->number($row, 'storeys', $path, 1.0, 1.0, self::MOST_STOREYS);
        if ($n !== floor($n)) {
            $this->f->fail($path, 'The number of storeys is a whole one.');
        }
        if (($row['area'] ?? '') !== '') {
            $this->f->fail(
                $path,
                'A load is reduced with the area or with the number of storeys, not with both (EN 1991-1-1, 3.3.2).',
            );
        }
        if ($kind->isMoving() || ! $kind->hasDirection()) {
            $this->f->fail($path, 'Only forces and distributed loads are reduced with the number of storeys.');
        }
        $reduction = StoreyReduction::of((int) $n, $category, $this->basis);
        if (is_string($reduction)) {
            $this->f->fail($path, $reduction);
        }

        return $reduction instanceof StoreyReduction ? $reduction : null;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return list<array{float, float}>
     */
    private function axles(array $row, string $path): array
    {
        $f = $this->f;
        $rows = $f->rows($row, 'axles', self::MOST_AXLES, 'axles', "{$path}.axles");
        if ($rows === [] && $f->areSound("{$path}.axles")) {
            $f->fail("{$path}.axles", 'Give the load of one axle at least.');
        }
        $axles = [];
        $behind = 0.0;
        foreach ($rows as $i => $axle) {
            $behind +=
                $i === 0
                    ? 0.0
                    : $f->positive($axle, 'distance', "{$path}.axles.{$i}.distance", Kind::Length, 'The distance');
            $axles[] = [
                $behind,
                $f->positive($axle, 'force', "{$path}.axles.{$i}.force", Kind::Force, 'The axle load'),
            ];
        }

        return $axles === [] ? [[0.0, 0.0]] : $axles;
    }

    /** @param  array<array-key, mixed>  $row */
    private function load(array $row, string $path, LoadKind $kind, string $case, ?Category $category): Load
    {
        $f = $this->f;
        $up = $category === Category::WindUp;
        $sign = $up ? -1.0 : 1.0;
        $value = function (string $key, Kind $quantity) use ($f, $row, $path, $up, $sign): float {
            $v = $f->quantity($row, $key, "{$path}.{$key}", $quantity);
            if ($up && $v < 0) {
                $f->fail(
                    "{$path}.{$key}",
                    'Loads of an upward wind case are entered as positive numbers; they act upward.',
                );
            }

            return $sign * $v;
        };
        $pressure = null;
        $widths = $axles = [];
        $buildUp = null;
        if ($kind->isAtOnePlace()) {
            $x = $this->place($row, 'x', $path);
            $x = $kind->isDisplacement() ? $this->onSupport($x, $kind, $path) : $x;
            if (
                $kind === LoadKind::Moment &&
                $f->areSound('length', 'hinges', "{$path}.x") &&
                array_filter($this->hinges, fn (float $hinge): bool => abs($hinge - $x) < 1.0) !== []
            ) {
                $f->fail(
                    "{$path}.x",
                    'There is a hinge here, and a moment acts on one side of it. Put the moment a little to that side.',
                );
            }
            $profile = [
                [
                    $x,
                    $value(
                        'value',
                        match ($kind) {
                            LoadKind::Moment => Kind::Moment,
                            LoadKind::Settlement => Kind::Deflection,
                            LoadKind::Rotation => Kind::Rotation,
                            default => Kind::Force,
                        },
                    ),
                ],
            ];
        } elseif ($kind === LoadKind::Lengths) {
            [$from, $to] = $this->extent($row, $path);
            $load = $f->positive($row, 'value', "{$path}.value", Kind::LineLoad, 'The load');
            $profile = [[$from, $load], [$to, $load]];
        } elseif ($kind->isMoving()) {
            [$from, $to] = $this->extent($row, $path);
            $axles =
                $kind === LoadKind::Train
                    ? $this->axles($row, $path)
                    : [[0.0, $f->positive($row, 'value', "{$path}.value", Kind::Force, 'The force')]];
            $profile = [[$from, 0.0], [$to, 0.0]];
        } elseif ($kind->isThermal()) {
            [$from, $to] = $this->extent($row, $path);
            $difference = $value('value', Kind::Temperature);
            $profile = [[$from, $difference], [$to, $difference]];
        } elseif ($kind === LoadKind::Line) {
            [$from, $to] = $this->extent($row, $path);
            $start = $value('value', Kind::LineLoad);
            $profile = [[$from, $start], [$to, ($row['end'] ?? '') === '' ? $start : $value('end', Kind::LineLoad)]];
        } else {
            $buildUp = $this->buildUp($row, $path, $category);
            $pressure = $buildUp?->load() ?? $value('value', Kind::AreaLoad);
            $widths = match (true) {
                $kind === LoadKind::Slab => $this->slab($row, $path),
                array_key_exists('widths', $row) => $this->widths($row, $path),
                default => $this->sameWidth($row, $path),
            };
            $profile =
                $widths === [] ? [[0.0, 0.0]] : array_map(fn (array $w): array => [$w[0], $pressure * $w[1]], $widths);
        }

        $direction = $this->direction($row, $path, $kind);
        $reduction = $category === null ? null : $this->reduction($row, $path, $kind, $category);
        if (($row['covers'] ?? '') !== '') {
            $reduction = (new SpreadReader($this->f, $this->length, $this->supports, $this->strip))
                ->read($row, $path, $kind, $profile);
        }
        if ($reduction !== null) {
            $profile = array_map(fn (array $p): array => [$p[0], $reduction->factor * $p[1]], $profile);
        }

        return new Load(
            $f->text($row, 'id', "{$path}.id"),
            $case,
            $kind,
            $f->text($row, 'name', "{$path}.name"),
            $f->text($row, 'remark', "{$path}.remark"),
            ! $f->flag($row, 'off', "{$path}.off", false),
            $profile,
            $pressure,
            $widths,
            $axles,
            $reduction,
            $direction,
            $this->eccentricity($row, 'eccentricity', $path, $kind, $direction),
            $buildUp,
            $this->eccentricity($row, 'across', $path, $kind, $direction),
            $this->bearing($row, $path, $kind),
            $f->flag($row, 'stiffened', "{$path}.stiffened", false),
            $this->twist($row, $path, $kind, $direction),
            $f->choice($row, 'way', "{$path}.way", Way::Both),
            $f->flag($row, 'hangs', "{$path}.hangs", false),
        );
    }

    /**
     * The build-up of the job that an area load follows.
     *
     * @param  array<array-key, mixed>  $row
     */
    private function buildUp(array $row, string $path, ?Category $category): ?BuildUp
    {
        $name = trim($this->f->text($row, 'buildUp', "{$path}.buildUp"));
        if ($name === '') {
            return null;
        }
        $buildUp = $this->basis->buildUps[$name] ?? null;
        if ($buildUp === null) {
            $this->f->fail(
                "{$path}.buildUp",
                "The job has no build-up “{$name}”. Choose another one, or give the load a value of its own.",
            );
        }
        if ($category !== null && $category !== Category::Permanent) {
            $this->f->fail("{$path}.buildUp", 'A build-up is permanent: the load belongs to a permanent load case.');
        }

        return $buildUp;
    }

    /** @param  array<array-key, mixed>  $row */
    private function direction(array $row, string $path, LoadKind $kind): LoadDirection
    {
        /** @var LoadDirection $direction */
        $direction = $this->f->choice($row, 'direction', "{$path}.direction", LoadDirection::Vertical);
        if (! $kind->hasDirection()) {
            return LoadDirection::Vertical;
        }
        if ($kind === LoadKind::Point && $direction === LoadDirection::Plan) {
            // A force has no length on plan: it is plumb, all of it.
            return LoadDirection::Vertical;
        }
        if ($direction === LoadDirection::Plan && abs($this->angle) > self::UPRIGHT) {
            $this->f->fail(
                "{$path}.direction",
                'An upright member has no length on plan. Give the load along the member, or normal to it.',
            );
        }

        return $direction;
    }

    /** @param  array<array-key, mixed>  $row */
    private function bearing(array $row, string $path, LoadKind $kind): float
    {
        return ($row['bearing'] ?? '') === '' ||
            ! in_array($kind, [LoadKind::Point, LoadKind::Train, LoadKind::Concentrated], true)
            ? 0.0
            : $this->f->positive($row, 'bearing', "{$path}.bearing", Kind::Size, 'The length that the load acts on');
    }

    /** @param  array<array-key, mixed>  $row */
    private function eccentricity(
        array $row,
        string $key,
        string $path,
        LoadKind $kind,
        LoadDirection $direction,
    ): float {
        $hasPart =
            $direction === LoadDirection::Along || ($direction === LoadDirection::Vertical && $this->angle !== 0.0);
        // In front of the axis a force normal to it twists the member: twist().
        if (($row[$key] ?? '') === '' || $kind !== LoadKind::Point || ($key === 'across' && ! $hasPart)) {
            return 0.0;
        }
        $e = $this->f->quantity($row, $key, "{$path}.{$key}", Kind::Size);
        if ($e != 0.0 && ! $hasPart) {
            $this->f->fail(
                "{$path}.{$key}",
                'This force has no part along the member that could act beside its axis.',
            );
        }

        return $e;
    }

    /**
     * How far in front of the axis a load normal to it acts, or its part that is.
     *
     * @param  array<array-key, mixed>  $row
     */
    private function twist(array $row, string $path, LoadKind $kind, LoadDirection $direction): float
    {
        if (
            ($row['across'] ?? '') === '' ||
            ! in_array($kind, [LoadKind::Point, LoadKind::Line, LoadKind::Area, LoadKind::Slab], true)
        ) {
            return 0.0;
        }
        $e = $this->f->quantity($row, 'across', "{$path}.across", Kind::Size);
        if (
            $e != 0.0 &&
            ($direction === LoadDirection::Sideways ||
                ($direction === LoadDirection::Along && $kind !== LoadKind::Point))
        ) {
            $this->f->fail(
                "{$path}.across",
                'Give how far in front of the axis it acts for loads that are plumb or normal to the member, or for a force along it.',
            );
        }

        return $direction === LoadDirection::Along ||
            (abs($this->angle) > self::UPRIGHT && $direction !== LoadDirection::Normal)
            ? 0.0
            : $e;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array{float, float}
     */
    private function extent(array $row, string $path): array
    {
        $from = ($row['from'] ?? '') === '' ? 0.0 : $this->place($row, 'from', $path);
        $to = ($row['to'] ?? '') === '' ? $this->length : $this->place($row, 'to', $path);
        if ($to <= $from && $this->f->areSound('length', "{$path}.from", "{$path}.to")) {
            $this->f->fail("{$path}.to", 'The load must end to the right of where it starts.');
        }

        return [$from, $to];
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return list<array{float, float}> place, width
     */
    private function sameWidth(array $row, string $path): array
    {
        [$from, $to] = $this->extent($row, $path);
        $width = $this->f->positive($row, 'width', "{$path}.width", Kind::Length, 'The width carried');

        return [[$from, $width], [$to, $width]];
    }

    /**
     * A width that changes along the member, straight between the places that are given.
     *
     * @param  array<array-key, mixed>  $row
     * @return list<array{float, float}>
     */
    private function widths(array $row, string $path): array
    {
        $rows = $this->f->rows($row, 'widths', self::MOST_WIDTHS, 'widths', "{$path}.widths");
        if (count($rows) < 2 && $this->f->areSound("{$path}.widths")) {
            $this->f->fail("{$path}.widths", 'Give the width at two places at least.');
        }
        $widths = [];
        $most = $last = 0.0;
        foreach ($rows as $i => $at) {
            $x = $this->f->place($at, 'x', "{$path}.widths.{$i}.x", $this->length, 'The load');
            $width = $this->f->quantity($at, 'width', "{$path}.widths.{$i}.width", Kind::Length);
            if ($width < 0) {
                $this->f->fail("{$path}.widths.{$i}.width", 'A width cannot be negative.');
            }
            if ($i > 0 && $x <= $last && $this->f->areSound('length', "{$path}.widths")) {
                $this->f->fail("{$path}.widths.{$i}.x", 'Each place must lie to the right of the one before.');
            }
            $most = max($most, $width);
            $last = $x;
            $widths[] = [$x, $width];
        }
        if ($most <= 0.0 && $this->f->areSound("{$path}.widths")) {
            $this->f->fail("{$path}.widths", 'No width is greater than zero, so that nothing is carried.');
        }

        return $widths;
    }

    /**
     * The part of a slab spanning two ways that its yield lines give to one edge: it grows from the corners at an angle
     * up to the greatest width, or to a peak.
     *
     * @param  array<array-key, mixed>  $row
     * @return list<array{float, float}>
     */
    private function slab(array $row, string $path): array
    {
        $f = $this->f;
        [$from, $to] = $this->extent($row, $path);
        $width = $f->positive($row, 'width', "{$path}.width", Kind::Length, 'The greatest width');
        if (($row['peak'] ?? '') !== '') {
            $peak = $this->place($row, 'peak', $path);
            if (
                ($peak < $from || $peak > $to) &&
                $f->areSound('length', "{$path}.peak", "{$path}.from", "{$path}.to")
            ) {
                $f->fail("{$path}.peak", 'The peak lies within the length of the load.');
            }

            return [...$peak > $from ? [[$from, 0.0]] : [], [$peak, $width], ...$peak < $to ? [[$to, 0.0]] : []];
        }
        $angle = ($row['angle'] ?? '') === '' ? M_PI / 4 : $f->quantity($row, 'angle', "{$path}.angle", Kind::Angle);
        if (($angle < self::FLATTEST || $angle > self::STEEPEST) && $f->areSound("{$path}.angle")) {
            $f->fail(
                "{$path}.angle",
                'The yield lines of a slab run at 20 to 70 degrees; 45 where both edges are supported alike.',
            );
        }
        $rise = $width / tan(max($angle, self::FLATTEST));
        $half = ($to - $from) / 2;

        return $rise >= $half
            ? [[$from, 0.0], [$from + $half, ($width * $half) / max($rise, 1e-9)], [$to, 0.0]]
            : [[$from, 0.0], [$from + $rise, $width], [$to - $rise, $width], [$to, 0.0]];
    }

    /** The support at a place that moves, exactly. */
    private function onSupport(float $x, LoadKind $kind, string $path): float
    {
        foreach ($this->supports as $support) {
            if (abs($support->x - $x) < 1.0) {
                if ($kind === LoadKind::Settlement && $support->kind === SupportKind::Guided) {
                    $this->f->fail("{$path}.x", 'A guided support is free to move up and down: it cannot settle.');
                } elseif ($kind === LoadKind::Rotation && ! $support->holdsTurning()) {
                    $this->f->fail("{$path}.x", 'The beam turns freely on this support: its rotation does nothing.');
                }

                return $support->x;
            }
        }
        if ($this->f->areSound('length', 'supports', "{$path}.x")) {
            $this->f->fail("{$path}.x", 'There is no support at this place that could move.');
        }

        return $x;
    }

    /** @param  array<array-key, mixed>  $row */
    private function place(array $row, string $key, string $path): float
    {
        return $this->f->place($row, $key, "{$path}.{$key}", $this->length, 'The load');
    }
}
