<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Shape;
use Waage\Member\Fields;
use Waage\Units\Kind;

/** Reads the block "concrete" of a member document; what is wrong goes to its field. */
final readonly class ConcreteReader
{
    /** mm */
    private const LARGEST = 3000.0;

    private const HOW = 'Bars are given as number and diameter in mm, "4ø16" or "4x16": 2 to 40 of 6 to 40 mm.';

    private const HOW_SPACED = 'Bars of a slab are given as diameter and spacing in mm, "ø12/150": 6 to 40 at 50 to 500 mm.';

    private const MOST_PLACES = 60;

    /** @param  array<array-key, mixed>  $block */
    public function __construct(private Fields $fields, private array $block, private string $path)
    {
    }

    public function read(Shape $shape): ?ConcreteMake
    {
        $width = $this->size('width', 'The width');
        $depth = $this->size('depth', 'The depth');
        $cover = $this->size('cover', 'The cover');
        $form = $this->fields->choice($this->block, 'form', "{$this->path}form", Form::Beam);
        $link = $form === Form::Slab ? 0.0 : $this->size('linkDiameter', 'The diameter of the links');
        $fyk = $this->yield();
        $grade = Grade::of($this->fields->text($this->block, 'grade', "{$this->path}grade"));
        if ($grade === null) {
            $this->fields->fail(
                "{$this->path}grade",
                'The strength class is one of: '.implode(', ', Grade::names()).'.',
            );
        }
        $wishes = $this->wishes($form === Form::Slab ? $width : null);
        $legs = $wishes?->legs;
        $links = $legs === null ? Links::enough($link, $width, $depth, $cover) : new Links($link, $legs);
        $crack = $this->fields->choice($this->block, 'crackWidth', "{$this->path}crackWidth", CrackWidth::Usual);
        $creep = $this->number('creep', 2.0, 0.0, 6.0);
        $shrinkage = $this->number('shrinkage', 0.4, 0.0, 1.5);
        if (
            $grade === null ||
            $wishes === null ||
            min($width, $depth, $cover, $fyk) <= 0.0 ||
            ($form === Form::Beam && $link <= 0.0)
        ) {
            return null;
        }
        $make = new ConcreteMake(
            $width,
            $depth,
            $grade,
            $fyk,
            $cover,
            $links,
            $wishes,
            $crack,
            $shape,
            $form,
            $creep,
            $shrinkage,
        );
        $this->assertFits($make);

        return $make;
    }

    private function assertFits(ConcreteMake $make): void
    {
        if ($make->cage()->toBars() + 10.0 > $make->h / 2 || $make->cage()->room() < 50.0) {
            $this->fields->fail(
                "{$this->path}cover",
                'Cover and links leave too little of the section: give less cover, or more width and depth.',
            );

            return;
        }
        $given = [
            'bottom' => $make->wishes->bottom,
            'top' => $make->wishes->top,
            ...self::keyed('spans', $make->wishes->spans),
            ...self::keyed('supports', $make->wishes->supports),
        ];
        foreach (array_filter($given) as $key => $bars) {
            if (! $make->fits($bars)) {
                $this->fields->fail(
                    "{$this->path}{$key}",
                    $make->isSlab()
                        ? 'These bars lie too close or too deep in the slab.'
                        : 'These bars do not fit between the links in three layers within a third of the depth.',
                );
            }
        }
    }

    /**
     * @param  array<int, Bars>  $bars
     * @return array<string, Bars>
     */
    private static function keyed(string $key, array $bars): array
    {
        return array_combine(array_map(fn (int $i): string => "{$key}.{$i}", array_keys($bars)), $bars);
    }

    private function size(string $key, string $name): float
    {
        $size = $this->fields->positive($this->block, $key, $this->path.$key, Kind::Size, $name);
        if ($size > self::LARGEST) {
            $this->fields->fail($this->path.$key, "{$name} is more than 3 m, which is not covered.");
        }

        return $size;
    }

    private function yield(): float
    {
        if (($this->block['yield'] ?? '') === '') {
            return 500.0;
        }
        $fyk = $this->fields->positive(
            $this->block,
            'yield',
            "{$this->path}yield",
            Kind::Stress,
            'The yield strength of the bars',
        );
        if ($fyk > 0.0 && ($fyk < 400.0 || $fyk > 600.0)) {
            $this->fields->fail(
                "{$this->path}yield",
                'The rules are for bars of 400 to 600 MPa (EN 1992-1-1, 3.2.2(3)).',
            );
        }

        return $fyk;
    }

    /** A plain number; the usual one where none is given. */
    private function number(string $key, float $otherwise, float $least, float $most): float
    {
        $given = ($this->block[$key] ?? '') === '' ? [] : $this->block;

        return $this->fields->number($given, $key, $this->path.$key, $otherwise, $least, $most);
    }

    /** Null where they are left open. */
    private function legs(): ?int
    {
        if (($this->block['legs'] ?? '') === '') {
            return null;
        }
        $legs = $this->fields->number($this->block, 'legs', "{$this->path}legs", 2.0, 2.0, 12.0);
        if ($legs != floor($legs)) {
            $this->fields->fail("{$this->path}legs", 'The legs of a link are a whole number.');
        }

        return (int) $legs;
    }

    /**
     * Null after a fault.
     *
     * @param  float|null  $strip  width of the strip of a slab, mm; null: a beam
     */
    private function wishes(?float $strip): ?Wishes
    {
        $isSound = true;
        [$bottom, $top] = array_map(
            function (string $key) use (&$isSound, $strip): ?Bars {
                return $this->bars($this->block, $key, $this->path.$key, $isSound, $strip);
            },
            ['bottom', 'top'],
        );
        [$spans, $supports] = array_map(
            function (string $key) use (&$isSound, $strip): array {
                return $this->places($key, $isSound, $strip);
            },
            ['spans', 'supports'],
        );
        $spacing = null;
        if ($strip === null && ($this->block['linkSpacing'] ?? '') !== '') {
            $spacing = $this->size('linkSpacing', 'The spacing of the links');
            $isSound = $isSound && $spacing > 0.0;
        }

        $legs = $this->legs();

        return $isSound ? new Wishes($bottom, $top, $spans, $supports, $spacing, $legs) : null;
    }

    /** @return array<int, Bars> */
    private function places(string $key, bool &$isSound, ?float $strip): array
    {
        $given = $this->block[$key] ?? [];
        if (! is_array($given) || count($given) > self::MOST_PLACES) {
            $this->fields->fail(
                $this->path.$key,
                "Bars of {$key} are given by their number, counted from 1 from the left.",
            );
            $isSound = false;

            return [];
        }
        $bars = [];
        foreach (array_keys($given) as $number) {
            $one = $this->bars($given, (string) $number, "{$this->path}{$key}.{$number}", $isSound, $strip);
            if ($one !== null && (int) $number > 0) {
                $bars[(int) $number] = $one;
            }
        }

        return $bars;
    }

    /**
     * Null where they are left open, or after a fault.
     *
     * @param  array<array-key, mixed>  $in
     */
    private function bars(array $in, string $key, string $path, bool &$isSound, ?float $strip): ?Bars
    {
        $text = $this->fields->text($in, $key, $path);
        $bars = $strip === null ? Bars::parse($text) : Bars::parseSpaced($text, $strip);
        if ($bars === null && trim($text) !== '') {
            $this->fields->fail($path, $strip === null ? self::HOW : self::HOW_SPACED);
            $isSound = false;
        }

        return $bars;
    }
}
