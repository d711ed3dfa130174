<?php

declare(strict_types=1);

namespace Waage\Sections;

/** The sections of core/data/sections-en10365.csv, by name and in the order of the standard. */
final class Catalogue
{
    /** Families that a shortlist looks at when none are chosen. */
    public const USUAL = ['IPE', 'HEA', 'HEB', 'HEM'];

    /** @var array<string, ISection>|null */
    private static ?array $sections = null;

    /** @return array<string, ISection> */
    public static function all(): array
    {
        return self::$sections ??= self::read();
    }

    /** A section by its name; upper and lower case, spaces and x for × do not matter ("ipe300", "ub 457x191x67"). */
    public static function find(string $name): ?ISection
    {
        $section = self::all()[$name] ?? null;
        if ($section !== null) {
            return $section;
        }
        $key = self::key($name);
        foreach (self::all() as $section) {
            if (self::key($section->name) === $key) {
                return $section;
            }
        }

        return null;
    }

    /** The section with the greatest self-weight. */
    public static function heaviest(): ISection
    {
        return self::extreme(fn (ISection $s): float => $s->A);
    }

    /** The section with the least self-weight. */
    public static function lightest(): ISection
    {
        return self::extreme(fn (ISection $s): float => -$s->A);
    }

    /** The section whose warping counts the most beside its torsion (I_w/I_t). */
    public static function mostWarping(): ISection
    {
        return self::extreme(fn (ISection $s): float => $s->Iw / $s->It);
    }

    /** The section whose warping counts the least beside its torsion. */
    public static function leastWarping(): ISection
    {
        return self::extreme(fn (ISection $s): float => -$s->Iw / $s->It);
    }

    /** @param  \Closure(ISection): float  $of */
    private static function extreme(\Closure $of): ISection
    {
        return array_reduce(self::all(), fn (?ISection $most, ISection $s): ISection => $most !== null && $of($most) >= $of($s) ? $most : $s)
            ?? throw new \LogicException('The catalogue is empty.');
    }

    /** @return list<string> */
    public static function families(): array
    {
        return array_values(array_unique(array_map(fn (ISection $s): string => $s->family, self::all())));
    }

    private static function key(string $name): string
    {
        return strtr(strtoupper((string) preg_replace('/\s+/', '', $name)), ['×' => 'X', '*' => 'X']);
    }

    /** @return array<string, ISection> */
    private static function read(): array
    {
        $lines = file(__DIR__.'/../../data/sections-en10365.csv', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        $sections = [];
        foreach ($lines as $line) {
            if ($line[0] === '#' || str_starts_with($line, 'family')) {
                continue;
            }
            [$family, $name, $h, $b, $tw, $tf, $r] = explode(',', $line);
            $sections[$name] = new ISection($name, $family, (float) $h, (float) $b, (float) $tw, (float) $tf, (float) $r);
        }

        return $sections;
    }
}
