<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\Kind;

/** Reads the length of a member, how its axis lies, its supports, hinges and steps in section. */
final readonly class GeometryReader
{
    public const MOST_SUPPORTS = 60;

    /** mm; a longer member is a typing error. */
    private const LONGEST = 500_000.0;

    /**
     * rad; a support that holds plumb or level holds a member only where it is clearly across its axis: common sense,
     * no source.
     */
    private const CLEARLY = 0.087;

    /** mm */
    public float $length;

    /** @param  array<array-key, mixed>  $in */
    public function __construct(private Fields $f, private array $in)
    {
        $this->length = round($f->positive($in, 'length', 'length', Kind::Length, 'The length of the member'), 6);
        if ($this->length > self::LONGEST) {
            $f->fail('length', 'A member can be at most 500 m long.');
        }
    }

    /** How the member rises from its start, rad. */
    public function angle(): float
    {
        $in = $this->in['slope'] ?? [];
        $in = is_array($in) ? $in : [];
        /** @var Slope $by */
        $by = $this->f->choice($in, 'by', 'slope.by', Slope::Level);
        if ($by === Slope::Level || $by === Slope::Upright) {
            return $by === Slope::Level ? 0.0 : M_PI_2;
        }
        if ($by === Slope::Angle) {
            $angle = $this->f->quantity($in, 'value', 'slope.value', Kind::Angle);
            if (abs($angle) > M_PI_2 + 1e-9) {
                $this->f->fail(
                    'slope.value',
                    'The angle lies between −90 and 90 degrees; a negative one falls to the right.',
                );
            }

            return max(-M_PI_2, min(M_PI_2, $angle));
        }
        $rise = $this->f->quantity($in, 'value', 'slope.value', Kind::Length);
        if (abs($rise) > $this->length && $this->f->areSound('length', 'slope')) {
            $this->f->fail(
                'slope.value',
                'The rise is more than the length of the member, which is measured along its axis.',
            );
        }

        return $this->length > 0.0 ? asin(max(-1.0, min(1.0, $rise / $this->length))) : 0.0;
    }

    /** @param  array<array-key, mixed>  $row */
    private function holds(array $row, string $path, float $angle): RollerHolds
    {
        /** @var RollerHolds $holds */
        $holds = $this->f->choice($row, 'holds', $path, RollerHolds::Normal);
        $across = match ($holds) {
            RollerHolds::Normal => 1.0,
            RollerHolds::Vertical => cos($angle),
            RollerHolds::Horizontal => abs(sin($angle)),
        };
        if ($across < self::CLEARLY) {
            $this->f->fail(
                $path,
                "A support that holds {$holds->value}ly holds this member along its axis only. Let it hold normal to the member, or make it pinned.",
            );
        }

        return $holds;
    }

    /**
     * @param  float  $angle  rad, as angle()
     * @return list<Support> from left to right
     */
    public function supports(float $angle): array
    {
        $rows = $this->f->rows($this->in, 'supports', self::MOST_SUPPORTS, 'supports');
        $supports = [];
        foreach ($rows as $i => $row) {
            $x = $this->f->place($row, 'x', "supports.{$i}.x", $this->length, 'The support');
            $kind = $this->f->choice($row, 'kind', "supports.{$i}.kind", SupportKind::Pinned);
            [$vertical, $rotation] =
                $kind === SupportKind::Elastic ? $this->springs($row, "supports.{$i}") : [INF, 0.0];
            $bearing = $this->f->positive($row, 'bearing', "supports.{$i}.bearing", Kind::Size, 'The bearing length');
            foreach ($supports as $j => $other) {
                if (abs($other->x - $x) < 1.0 && $this->f->areSound('length', "supports.{$i}.x", "supports.{$j}.x")) {
                    $this->f->fail("supports.{$i}.x", 'This support lies on top of support '.($j + 1).'.');
                }
            }
            $holds =
                $kind === SupportKind::Roller
                    ? $this->holds($row, "supports.{$i}.holds", $angle)
                    : RollerHolds::Normal;
            $bearsOnly = $this->f->flag($row, 'bearsOnly', "supports.{$i}.bearsOnly", false);
            if ($bearsOnly && in_array($kind, [SupportKind::Fixed, SupportKind::Guided], true)) {
                $this->f->fail(
                    "supports.{$i}.bearsOnly",
                    'A support that holds the beam against turning holds it down as well.',
                );
            }
            $capacity =
                in_array($kind, [SupportKind::Pinned, SupportKind::Roller], true) ||
                ($row['momentCapacity'] ?? '') === ''
                    ? INF
                    : $this->f->positive(
                        $row,
                        'momentCapacity',
                        "supports.{$i}.momentCapacity",
                        Kind::Moment,
                        'The moment capacity',
                    );
            $stiffened = $this->f->flag($row, 'stiffened', "supports.{$i}.stiffened", false);
            $along = $this->f->choice(
                $row,
                'along',
                "supports.{$i}.along",
                $kind === SupportKind::Guided ? AlongAxis::Free : AlongAxis::Held,
            );
            $supports[$i] = new Support(
                $x,
                $kind,
                $bearing,
                $vertical,
                $rotation,
                $bearsOnly,
                $capacity,
                $holds,
                $stiffened,
                $along,
            );
        }
        usort($supports, fn (Support $a, Support $b): int => $a->x <=> $b->x);
        if ($supports === [] && $this->f->areSound('supports')) {
            $this->f->fail('supports', 'The beam has no support: it can move down as a whole.');
        }

        return $supports;
    }

    /**
     * May the member lift off the supports that bear only? It has to be level, in one piece, and these must not hold
     * against turning.
     *
     * @param  list<Support>  $supports
     * @param  list<float>  $hinges
     */
    public function liftsOff(array $supports, array $hinges, bool $isStrainedAlong, bool $bendsSideways): bool
    {
        if (
            ! $this->f->flag($this->in, 'liftsOff', 'liftsOff', false) ||
            array_filter($supports, fn (Support $s): bool => $s->bearsOnly) === []
        ) {
            return false;
        }
        foreach ($supports as $i => $support) {
            if ($support->bearsOnly && $support->rotation > 0.0) {
                $this->f->fail(
                    'liftsOff',
                    'Support '.
                        ($i + 1).
                        ' holds against turning as well as bearing only: what it does when the member lifts off is not covered. Let it be free to turn.',
                );
            }
        }
        if ($hinges !== []) {
            $this->f->fail(
                'liftsOff',
                'Lifting off is computed for members without hinges. Take uplift as a weighing here.',
            );
        }
        if ($bendsSideways) {
            $this->f->fail(
                'liftsOff',
                'Lifting off is computed for members without lateral loads. Take uplift as a weighing here.',
            );
        }
        if ($isStrainedAlong) {
            $this->f->fail(
                'liftsOff',
                'Lifting off is computed for level members without forces along their axis. Take uplift as a weighing here.',
            );
        }

        return true;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array{float, float} N/mm, INF where nothing is given; Nmm/rad, 0 where nothing is given
     */
    private function springs(array $row, string $path): array
    {
        $given = fn (string $key): bool => ($row[$key] ?? '') !== '';
        if (! $given('vertical') && ! $given('rotation')) {
            $this->f->fail("{$path}.vertical", 'Give a stiffness against moving, against turning, or both.');
        }

        return [
            $given('vertical')
                ? $this->f->positive($row, 'vertical', "{$path}.vertical", Kind::Spring, 'The stiffness')
                : INF,
            $given('rotation')
                ? $this->f->positive($row, 'rotation', "{$path}.rotation", Kind::RotationSpring, 'The stiffness')
                : 0.0,
        ];
    }

    /**
     * @param  list<Support>  $supports
     * @return list<float>
     */
    public function hinges(array $supports): array
    {
        $given = $this->in['hinges'] ?? [];
        if (! is_array($given) || ! array_is_list($given) || count($given) > self::MOST_SUPPORTS) {
            $this->f->fail('hinges', 'This must be a list of at most '.self::MOST_SUPPORTS.' places.');

            return [];
        }
        $hinges = [];
        foreach ($given as $i => $text) {
            $path = "hinges.{$i}";
            $x = $this->f->place([$text], '0', $path, $this->length, 'The hinge');
            if (! $this->f->areSound('length', 'supports', $path)) {
                continue;
            }
            foreach ($supports as $support) {
                if (abs($support->x - $x) < 1.0) {
                    $x = $support->x;
                    if ($support->holdsTurning()) {
                        $this->f->fail(
                            $path,
                            'The support here holds the beam against turning, and a hinge would do so on one side of it only. Put the hinge a little to that side.',
                        );
                    }
                }
            }
            if ($x < 1.0 || $x > $this->length - 1.0) {
                $this->f->fail($path, 'A hinge joins two parts of the beam; at its end there is one only.');
            }
            foreach ($hinges as $j => $other) {
                if (abs($other - $x) < 1.0) {
                    $this->f->fail($path, 'This hinge lies on top of hinge '.($j + 1).'.');
                }
            }
            $hinges[] = $x;
        }
        sort($hinges);

        return $hinges;
    }
}
