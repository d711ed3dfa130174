<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Material\Shape;
use Waage\Member\Fields;
use Waage\Member\Support;
use Waage\Units\Kind;

/** Reads the block "timber" of a member document; what is wrong goes to its field. */
final readonly class TimberReader
{
    /** mm */
    private const LARGEST = ['sawn' => 400.0, 'glued' => 3000.0];

    private const MOST_PLIES = 6;

    private const MOST_NOTCHES = 2;

    /** @param  array<array-key, mixed>  $block */
    public function __construct(private Fields $fields, private array $block, private string $path)
    {
    }

    public function read(Shape $shape): ?TimberMake
    {
        $suite = Suite::of($shape->basis);
        $open = new OpenSizes($this->isEmpty('width'), $this->isEmpty('depth'));
        $b = $open->width ? 0.0 : $this->size('width', 'The width');
        $h = $open->depth ? 0.0 : $this->size('depth', 'The depth');
        $plies = (int) $this->number('plies', 1.0, 1.0, (float) self::MOST_PLIES);
        $typed = $this->typed();
        $grade = $this->grade($suite, $b, $h, $typed);
        $row = new Row(
            $this->size('spacing', 'The spacing', 0.0),
            $this->size('rowWidth', 'The width of the row', 0.0),
        );
        $conditions = new Conditions(
            $this->fields->choice($this->block, 'serviceClass', "{$this->path}serviceClass", ServiceClass::Dry),
            $this->flag('installedWet'),
            $this->flag('incised'),
            $this->flag('sharesLoad'),
        );
        $details = $this->details($suite, $shape, $h);
        $asked = new Asked(
            $this->fire($suite, $b * $plies, $h),
            $this->floor($row),
            $this->size('mostDeflection', 'The limit', 0.0),
            $this->flag('byDepthToBreadth'),
            $this->flag('criticalOfMember'),
        );
        $lamination = $this->isEmpty('lamination') ? null : $this->size('lamination', 'The thickness of laminations');
        if ($grade === null || (! $open->width && $b <= 0.0) || (! $open->depth && $h <= 0.0)) {
            return null;
        }
        $make = new TimberMake(
            new Dimensions($b, $h, $plies, $this->taper($suite, $grade, $shape, $h), $lamination),
            $grade,
            $conditions,
            $details,
            $asked,
            $row,
            $open,
            $shape,
        );

        return $open->any() ? $this->smallest($make) : $make;
    }

    private function taper(Suite $suite, Grade $grade, Shape $shape, float $h): ?Taper
    {
        $shapes = ['single tapered' => false, 'double tapered' => true];
        if ($this->isEmpty('taper')) {
            return null;
        }
        $text = $this->fields->text($this->block, 'taper', "{$this->path}taper");
        $end = $this->size('endDepth', 'The depth at the low end');
        $supports = array_map(fn (Support $s): float => $s->x, $shape->supports);
        $isSingle = count($supports) === 2 && $supports[0] < 1.0 && $supports[1] > $shape->length - 1.0;
        $why = match (true) {
            ! isset($shapes[$text]) => 'A beam is "single tapered" or "double tapered", or it is empty.',
            $suite !== Suite::En1995 => 'Tapered beams are weighed after EN 1995-1-1 only.',
            $grade->product !== Product::Glulam => 'Tapered beams are of glulam. Choose a grade GL.',
            ! $isSingle => 'A tapered beam has two supports, at its ends.',
            $h <= 0.0 => 'The depth of a tapered beam has to be typed.',
            ($this->block['notches'] ?? []) !== [] => 'Notches of tapered beams are not covered.',
            default => '',
        };
        if ($why !== '') {
            $this->fields->fail("{$this->path}taper", $why);
        } elseif ($end > 0.0 && ($end >= $h || $end < $h / 5)) {
            $this->fields->fail(
                "{$this->path}endDepth",
                'The low end is less deep than the rest, and at least a fifth of it.',
            );
        } elseif (
            $end > 0.0 &&
            $shape->length > 0.0 &&
            ($h - $end) / ($text === 'double tapered' ? $shape->length / 2 : $shape->length) > tan(M_PI / 12)
        ) {
            $this->fields->fail("{$this->path}endDepth", 'The tapered edge is steeper than 15°, which is not covered.');
        }
        $edge = $this->fields->text($this->block, 'taperedEdge', "{$this->path}taperedEdge", 'top');

        return new Taper($shapes[$text] ?? false, $end, $edge !== 'bottom');
    }

    private function smallest(TimberMake $make): ?TimberMake
    {
        $sizes = Sizes::of($make);
        if ($sizes === []) {
            $this->fields->fail("{$this->path}grade", 'No size of this grade has the width or depth that is typed.');

            return null;
        }

        return $make->withSize(...$sizes[0]);
    }

    private function isEmpty(string $key): bool
    {
        return in_array($this->block[$key] ?? '', ['', null], true);
    }

    private function flag(string $key): bool
    {
        return $this->fields->flag($this->block, $key, "{$this->path}{$key}", false);
    }

    private function number(string $key, float $default, float $least, float $most): float
    {
        return $this->isEmpty($key)
            ? $default
            : $this->fields->number($this->block, $key, "{$this->path}{$key}", $default, $least, $most);
    }

    /** A positive size in mm; where it may be left empty, what it is then. */
    private function size(string $key, string $name, ?float $otherwise = null): float
    {
        if ($otherwise !== null && $this->isEmpty($key)) {
            return $otherwise;
        }
        $size = $this->fields->positive($this->block, $key, "{$this->path}{$key}", Kind::Size, $name);
        if (in_array($key, ['width', 'depth'], true) && $size > self::LARGEST['glued']) {
            $this->fields->fail("{$this->path}{$key}", 'Timber of more than 3 m is not covered.');
        }

        return $size;
    }

    /** @return array<string, float> values in place of those of the grade */
    private function typed(): array
    {
        $given = $this->block['properties'] ?? [];
        if (! is_array($given)) {
            $this->fields->fail("{$this->path}properties", 'Give values of the timber by their names.');

            return [];
        }
        $typed = [];
        foreach (Properties::NAMES as $name => $kind) {
            if (! in_array($given[$name] ?? '', ['', null], true)) {
                $typed[$name] = $this->fields->positive(
                    $given,
                    $name,
                    "{$this->path}properties.{$name}",
                    $kind,
                    'The value',
                );
            }
        }
        if (! in_array($given['sizeExponent'] ?? '', ['', null], true)) {
            $typed['sizeExponent'] = $this->fields->number(
                $given,
                'sizeExponent',
                "{$this->path}properties.sizeExponent",
                0.12,
                0.0,
                0.3,
            );
        }
        if (! in_array($given['density'] ?? '', ['', null], true)) {
            $typed['density'] = $this->fields->number(
                $given,
                'density',
                "{$this->path}properties.density",
                500.0,
                200.0,
                1200.0,
            );
        }

        return $typed;
    }

    /** @param  array<string, float>  $typed */
    private function grade(Suite $suite, float $b, float $h, array $typed): ?Grade
    {
        $name = $this->fields->text($this->block, 'grade', "{$this->path}grade");
        if ($name === Grade::LVL) {
            foreach (array_keys(array_diff_key(Properties::NAMES, $typed)) as $missing) {
                $this->fields->fail("{$this->path}properties.{$missing}", 'LVL has declared values: type this one.');
            }

            return Grade::lvl($suite, $typed);
        }
        // An open size is as small as sizes are: of timbers the grade is looked up again for each.
        $grade = Grade::of($suite, $name, $b > 0.0 ? $b : 38.0, $h > 0.0 ? $h : 89.0);
        if ($grade !== null) {
            if ($grade->product->isSawn() && max($b, $h) > self::LARGEST['sawn']) {
                $which = $b > self::LARGEST['sawn'] ? 'width' : 'depth';
                $this->fields->fail(
                    "{$this->path}{$which}",
                    'Sawn timber of more than 400 mm is not covered. Take glulam.',
                );
            }

            return $grade->with($typed);
        }
        $isKnown = in_array($name, Grade::names($suite), true);
        $this->fields->fail(
            "{$this->path}grade",
            match (true) {
                $isKnown => 'This grade has no values for this size.',
                $this->isOfOther($name) => "This grade belongs to another standard. {$suite->tables()} has: ".
                    implode(', ', array_slice(Grade::names($suite), 0, 6)).
                    ' …',
                default => 'The grade is one of: '.implode(', ', Grade::names($suite)).'.',
            },
        );

        return null;
    }

    private function isOfOther(string $name): bool
    {
        foreach ([Suite::En1995, Suite::Nds2018, Suite::CsaO86] as $suite) {
            if (in_array($name, Grade::names($suite), true)) {
                return true;
            }
        }

        return false;
    }

    private function details(Suite $suite, Shape $shape, float $h): Details
    {
        $sill = $this->fields->text($this->block, 'sill', "{$this->path}sill");
        $of = $sill === '' ? null : Grade::of($suite, $sill, 38.0, 89.0);
        if ($sill !== '' && $of === null) {
            $this->fields->fail(
                "{$this->path}sill",
                'There is no such grade of what the member bears on. Leave it empty for steel or concrete.',
            );
        }

        return new Details($this->notches($shape, $h), $of, $this->size('sillBeyond', 'The length beyond', 0.0));
    }

    /** @return list<Notch> */
    private function notches(Shape $shape, float $h): array
    {
        $notches = [];
        $rows = $this->fields->rows($this->block, 'notches', self::MOST_NOTCHES, 'notches', "{$this->path}notches");
        foreach ($rows as $i => $row) {
            $at = "{$this->path}notches.{$i}.";
            $number = (int) $this->fields->number(
                $row,
                'support',
                "{$at}support",
                1.0,
                1.0,
                (float) max(1, count($shape->supports)),
            );
            $support = $shape->supports[$number - 1] ?? null;
            $isEnd = $support !== null && (abs($support->x) < 1.0 || abs($support->x - $shape->length) < 1.0);
            if ($support !== null && ! $isEnd) {
                $this->fields->fail("{$at}support", 'Notches are weighed at supports at the ends of the member only.');
            }
            if (array_filter($notches, fn (Notch $n): bool => $n->support === $number - 1) !== []) {
                $this->fields->fail("{$at}support", 'This support has a notch already.');
            }
            $depth = $this->fields->positive($row, 'depth', "{$at}depth", Kind::Size, 'The depth of the notch');
            $x = $this->fields->quantity($row, 'x', "{$at}x", Kind::Size);
            if ($x < 0.0) {
                $this->fields->fail("{$at}x", 'The corner of a notch lies within the member.');
            }
            if ($h > 0.0 && $depth >= $h) {
                $this->fields->fail(
                    "{$at}depth",
                    'The notch is as deep as the member. Make it less than half as deep.',
                );
            } elseif ($h > 0.0 && $depth > $h / 2) {
                $this->fields->fail("{$at}depth", 'A notch deeper than half of the member is not covered.');
            }
            $edge = $this->fields->text($row, 'edge', "{$at}edge", 'bottom');
            if (! in_array($edge, ['bottom', 'top'], true)) {
                $this->fields->fail("{$at}edge", 'A notch is cut out of the "bottom" or of the "top" edge.');
            }
            $slope = in_array($row['slope'] ?? '', ['', null], true)
                ? 0.0
                : $this->fields->number($row, 'slope', "{$at}slope", 0.0, 0.0, 20.0);
            $notches[] = new Notch($number - 1, $edge === 'bottom', $depth, $x, $slope);
        }

        return $notches;
    }

    private function fire(Suite $suite, float $b, float $h): ?FireExposure
    {
        if ($this->isEmpty('fire')) {
            return null;
        }
        $text = $this->fields->text($this->block, 'fire', "{$this->path}fire");
        $minutes = preg_match('/^R?\s*(\d{2,3})$/i', trim($text), $m) === 1 ? (float) $m[1] : 0.0;
        if ($minutes < 10.0 || $minutes > 120.0) {
            $this->fields->fail("{$this->path}fire", 'The fire resistance is R10 to R120, such as R30.');

            return null;
        }
        if ($suite !== Suite::En1995) {
            $this->fields->fail("{$this->path}fire", 'Fire is computed after EN 1995-1-2 only. Leave it empty here.');

            return null;
        }
        $sides = (int) $this->number('fireSides', 3.0, 1.0, 4.0);
        $fire = new FireExposure($minutes, $sides, $this->flag('fireUnrestrained'));
        [, $ofWidth, $ofDepth] = FireExposure::SIDES[$sides];
        // The least charring there is, of dense hardwood, leaves nothing: no class would.
        $least = 0.5 * $minutes;
        foreach (['width' => [$b, $ofWidth], 'depth' => [$h, $ofDepth]] as $key => [$size, $times]) {
            if ($size > 0.0 && $size <= $times * $least) {
                $this->fields->fail(
                    "{$this->path}fire",
                    "After {$text} nothing is left of the {$key}. Take a larger section.",
                );
            }
        }

        return $fire;
    }

    private function floor(Row $row): ?Floor
    {
        $given = $this->block['floor'] ?? null;
        if ($given === null) {
            return null;
        }
        if (! is_array($given)) {
            $this->fields->fail("{$this->path}floor", 'Give the floor with its width and its stiffness across.');

            return null;
        }
        $at = "{$this->path}floor.";
        $f = $this->fields;
        if ($row->spacing <= 0.0) {
            $f->fail("{$this->path}spacing", 'The vibration of a floor needs the spacing of its joists.');
        }
        $empty = fn (string $key): bool => in_array($given[$key] ?? '', ['', null], true);
        $of = fn (string $key, float $otherwise, float $least, float $most): float => $empty($key)
            ? $otherwise
            : $f->number($given, $key, "{$at}{$key}", $otherwise, $least, $most);
        $width = $f->positive($given, 'width', "{$at}width", Kind::Length, 'The width of the floor');

        return new Floor(
            $width,
            $of('transverse', 5e3, 1.0, 1e8),
            $empty('mass') ? null : $of('mass', 0.0, 5.0, 2000.0),
            $of('damping', 1.0, 0.5, 10.0) / 100,
            $of('share', 1.0, 0.2, 1.0),
            $of('a', 1.5, 0.5, 4.0),
        );
    }
}
