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
        $link = $this->size('linkDiameter', 'The diameter of the links');
        $fyk = $this->yield();
        $grade = Grade::of($this->fields->text($this->block, 'grade', "{$this->path}grade"));
        if ($grade === null) {
            $this->fields->fail(
                "{$this->path}grade",
                'The strength class is one of: '.implode(', ', Grade::names()).'.',
            );
        }
        $wishes = $this->wishes();
        $links = new Links($link, $this->legs());
        $crack = $this->fields->choice($this->block, 'crackWidth', "{$this->path}crackWidth", CrackWidth::Usual);
        if ($grade === null || $wishes === null || min($width, $depth, $cover, $link, $fyk) <= 0.0) {
            return null;
        }
        $make = new ConcreteMake($width, $depth, $grade, $fyk, $cover, $links, $wishes, $crack, $shape);
        $this->assertFits($make);

        return $make;
    }

    private function assertFits(ConcreteMake $make): void
    {
        if ($make->cage()->toBars() + 10.0 > $make->h / 3 || $make->cage()->room() < 50.0) {
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
                    'These bars do not fit between the links in three layers within a third of the depth.',
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

    private function legs(): int
    {
        $legs = $this->fields->number($this->block, 'legs', "{$this->path}legs", 2.0, 2.0, 12.0);
        if ($legs != floor($legs)) {
            $this->fields->fail("{$this->path}legs", 'The legs of a link are a whole number.');
        }

        return (int) $legs;
    }

    /** Null after a fault. */
    private function wishes(): ?Wishes
    {
        $isSound = true;
        [$bottom, $top] = array_map(
            function (string $key) use (&$isSound): ?Bars {
                return $this->bars($this->block, $key, $this->path.$key, $isSound);
            },
            ['bottom', 'top'],
        );
        [$spans, $supports] = array_map(
            function (string $key) use (&$isSound): array {
                return $this->places($key, $isSound);
            },
            ['spans', 'supports'],
        );
        $spacing = null;
        if (($this->block['linkSpacing'] ?? '') !== '') {
            $spacing = $this->size('linkSpacing', 'The spacing of the links');
            $isSound = $isSound && $spacing > 0.0;
        }

        return $isSound ? new Wishes($bottom, $top, $spans, $supports, $spacing) : null;
    }

    /** @return array<int, Bars> */
    private function places(string $key, bool &$isSound): array
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
            $one = $this->bars($given, (string) $number, "{$this->path}{$key}.{$number}", $isSound);
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
    private function bars(array $in, string $key, string $path, bool &$isSound): ?Bars
    {
        $text = $this->fields->text($in, $key, $path);
        $bars = Bars::parse($text);
        if ($bars === null && trim($text) !== '') {
            $this->fields->fail($path, self::HOW);
            $isSound = false;
        }

        return $bars;
    }
}
