<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Material\Shape;
use Waage\Member\Fields;
use Waage\Units\Kind;
use Waage\Units\Quantity;
use Waage\Units\QuantityError;

/** Reads the block "coldFormed" of a member document; what is wrong goes to its field. */
final readonly class ColdFormedReader
{
    /** @param  array<array-key, mixed>  $block */
    public function __construct(private Fields $fields, private array $block, private string $path)
    {
    }

    public function read(Shape $shape): ?ColdFormedMake
    {
        $f = $this->fields;
        $of = $f->choice($this->block, 'shape', "{$this->path}shape", SectionShape::LippedC);
        $size = fn (string $key, string $name): float => $f->positive(
            $this->block,
            $key,
            "{$this->path}{$key}",
            Kind::Size,
            $name,
        );
        $isEmpty = fn (string $key): bool => in_array($this->block[$key] ?? '', ['', null], true);
        [$h, $b, $t] = [$size('h', 'The depth'), $size('b', 'The width'), $size('t', 'The thickness')];
        $c = $of->hasLips() ? $size('c', 'The lip') : 0.0;
        $r = $isEmpty('r') ? max(3.0, $t) : $f->quantity($this->block, 'r', "{$this->path}r", Kind::Size);
        $lean = $isEmpty('lean') ? 90.0 : $f->number($this->block, 'lean', "{$this->path}lean", 90.0, 30.0, 150.0);
        $Fy = $this->yield($t);
        [$least, $most] = Standard::of($shape->basis)->yields();
        if ($Fy > 0.0 && ($Fy < $least || $Fy > $most)) {
            $ksi = implode(' and ', [round($least / 6.895), round($most / 6.895)]);
            $f->fail("{$this->path}yield", "The yield strength lies between {$least} and {$most} MPa ({$ksi} ksi).");
        }
        $sizes = new Sizes($of, $h, $b, $c, $t, $r, ($lean * M_PI) / 180);
        $isRead = min($h, $b, $t, $Fy) > 0.0 && (! $of->hasLips() || $c > 0.0) && $f->areSound("{$this->path}lean");
        // One fault makes others: the first one is told.
        $fault = $isRead ? $sizes->fault() : null;
        if ($fault !== null) {
            $f->fail($this->path.$fault->path, $fault->message);
        }
        $isFastened = $f->flag($this->block, 'fastened', "{$this->path}fastened", true);

        $sheeting = $this->sheeting();
        $options = $this->options($shape, $this->uplift($sizes));
        $holes = $isRead && $fault === null ? $this->holes($sizes) : null;

        return $isRead && $fault === null
            ? new ColdFormedMake(
                $sizes,
                $Fy,
                $isFastened,
                $shape,
                sheeting: $sheeting,
                holes: $holes,
                options: $options,
            )
            : null;
    }

    /** Of a grade, or as it is typed, MPa; 0 after a fault. */
    private function yield(float $t): float
    {
        $said = strtoupper(trim(is_string($this->block['yield'] ?? null) ? $this->block['yield'] : ''));
        $grade = SheetGrade::tryFrom($said);
        if ($grade === null && preg_match('/^[A-Z]/', $said) === 1) {
            $this->fields->fail(
                "{$this->path}yield",
                'There is no such grade: S220GD to S350GD, G250 to G550, SS33 to SS80, or a strength, 350 MPa.',
            );

            return 0.0;
        }

        return $grade?->yield($t) ??
            $this->fields->positive($this->block, 'yield', "{$this->path}yield", Kind::Stress, 'The yield strength');
    }

    private function sheeting(): Sheeting
    {
        $isGiven = fn (string $key): bool => ! in_array($this->block[$key] ?? '', ['', null], true);
        $positive = fn (string $key, Kind $kind, string $name): float => $this->fields->positive(
            $this->block,
            $key,
            $this->path.$key,
            $kind,
            $name,
        );

        return new Sheeting(
            $isGiven('sheetSideways') ? $positive('sheetSideways', Kind::Stress, 'What sheeting holds sideways') : 0.0,
            $isGiven('sheetTurning')
                ? $positive('sheetTurning', Kind::Force, 'What sheeting holds against turning')
                : 0.0,
            $isGiven('distortionApart')
                ? $positive('distortionApart', Kind::Length, 'The distance of restraints')
                : INF,
        );
    }

    /** Null: none, or a fault. */
    private function holes(Sizes $sizes): ?Holes
    {
        $in = $this->block['holes'] ?? null;
        if (! is_array($in)) {
            return null;
        }
        $path = "{$this->path}holes.";
        $size = fn (string $key, string $name): float => $this->fields->positive(
            $in,
            $key,
            $path.$key,
            Kind::Size,
            $name,
        );
        $isRound = ($in['shape'] ?? 'round') !== 'slotted';
        $depth = $size('depth', 'The depth of a hole');
        $length = $isRound ? $depth : $size('length', 'The length of a hole');
        $spacing = $this->fields->positive($in, 'spacing', "{$path}spacing", Kind::Length, 'The distance of holes');
        $first = $this->fields->quantity($in, 'first', "{$path}first", Kind::Length);
        if ($depth >= $sizes->web()) {
            $this->fields->fail("{$path}depth", 'The hole is deeper than the flat part of the web.');
        }
        if ($spacing > 0.0 && $spacing <= $length) {
            $this->fields->fail("{$path}spacing", 'The holes run into each other.');
        }
        if ($first < 0.0) {
            $this->fields->fail("{$path}first", 'The first hole lies within the member.');
        }

        return min($depth, $length, $spacing) > 0.0 ? new Holes($isRound, $depth, $length, $spacing, $first) : null;
    }

    /** "table", a number, or null. */
    private function uplift(Sizes $sizes): ?string
    {
        $text = trim($this->fields->text($this->block, 'uplift', "{$this->path}uplift"));
        if ($text === '') {
            return null;
        }
        $isNumber = is_numeric($text) && (float) $text > 0.0 && (float) $text <= 1.0;
        if (! $isNumber && $text !== 'table') {
            $this->fields->fail(
                "{$this->path}uplift",
                'Give "table", or a number between 0 and 1 from tests; empty: lateral buckling.',
            );
        }
        if ($text === 'table' && Uplift::byTable($sizes, true) === null) {
            $this->fields->fail("{$this->path}uplift", 'The table ends at sections 12 in. (305 mm) deep.');
        }

        return $text;
    }

    private function options(Shape $shape, ?string $uplift): Options
    {
        $coating = in_array($this->block['coating'] ?? '', ['', null], true)
            ? 0.0
            : $this->fields->quantity($this->block, 'coating', "{$this->path}coating", Kind::Size);
        if ($coating < 0.0 || $coating > 0.5) {
            $this->fields->fail("{$this->path}coating", 'A coating is up to 0.5 mm thick, both faces together.');
        }
        $by = trim($this->fields->text($this->block, 'buckling', "{$this->path}buckling"));
        if (! in_array($by, ['', 'strips', 'formulas'], true)) {
            $this->fields->fail("{$this->path}buckling", 'Elastic buckling is by strips or by formulas.');
        }

        [$depths, $thicknesses] = [$this->list('depths', $shape), $this->list('thicknesses', $shape)];

        return new Options($coating, $depths, $thicknesses, $by === 'formulas', $uplift);
    }

    /** @return list<float> mm */
    private function list(string $key, Shape $shape): array
    {
        $text = $this->fields->text($this->block, $key, $this->path.$key);
        $sizes = [];
        foreach (preg_split('/\s*[,;]\s*/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
            try {
                $sizes[] = Quantity::parse($one, Kind::Size, $shape->basis->units);
            } catch (QuantityError) {
                $this->fields->fail($this->path.$key, 'Sizes with commas between: 150, 200, 250.');
            }
        }

        return $sizes;
    }
}
