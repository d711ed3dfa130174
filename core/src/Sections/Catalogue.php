<?php

declare(strict_types=1);

namespace Waage\Sections;

/** The sections of core/data/sections-*.csv, by name and in the order of their standards. A table is read when it is needed. */
final class Catalogue
{
    /** Families that a shortlist looks at when none are chosen. */
    public const USUAL = ['IPE', 'HEA', 'HEB', 'HEM'];

    private const INCH = 25.4;

    /** Part of the nominal thickness of American hollow sections that counts (ANSI/AISC 360, B4.2). */
    private const DESIGN_THICKNESS = 0.93;

    /** Tables, and the families in each. */
    private const TABLES = [
        'en10365' => ['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC'],
        'en10210' => ['SHS', 'RHS', 'CHS'],
        'en10219' => ['SHS cold', 'RHS cold', 'CHS cold'],
        'w' => ['W'],
        'hss' => ['HSS', 'Pipe'],
    ];

    /** @var array<string, array<string, Section>> by table and name */
    private static array $tables = [];

    /** @return array<string, Section> */
    public static function all(): array
    {
        return array_merge(...array_map(self::table(...), array_keys(self::TABLES)));
    }

    /**
     * @param  list<string>  $families
     * @return list<Section>
     */
    public static function ofFamilies(array $families): array
    {
        $sections = [];
        foreach (self::TABLES as $table => $in) {
            if (array_intersect($in, $families) !== []) {
                array_push($sections, ...array_filter(array_values(self::table($table)), fn (Section $s): bool => in_array($s->family, $families, true)));
            }
        }

        return $sections;
    }

    /** A section by its name; upper and lower case, spaces and x for × do not matter ("ipe300", "ub 457x191x67"). */
    public static function find(string $name): ?Section
    {
        if (OwnSections::isMeant($name)) {
            return OwnSections::find($name);
        }
        $key = self::key($name);
        foreach (array_keys(self::TABLES) as $table) {
            $section = self::table($table)[$name] ?? null;
            if ($section !== null) {
                return $section;
            }
            foreach (self::table($table) as $section) {
                if (self::key($section->name) === $key) {
                    return $section;
                }
            }
        }

        return null;
    }

    /** Why there is no section of a name, for the engineer. */
    public static function missing(string $name): string
    {
        return match (true) {
            trim($name) === '' => 'Choose a section.',
            OwnSections::isMeant($name) => OwnSections::fault($name),
            default => 'There is no section “'.mb_substr($name, 0, 40).'” in the catalogue.',
        };
    }

    /** The I section with the greatest self-weight. */
    public static function heaviest(): ISection
    {
        return self::extreme(fn (ISection $s): float => $s->A);
    }

    /** The I section whose warping counts the most beside its torsion (I_w/I_t). */
    public static function mostWarping(): ISection
    {
        return self::extreme(fn (ISection $s): float => $s->Iw / $s->It);
    }

    /** The I section whose warping counts the least beside its torsion. */
    public static function leastWarping(): ISection
    {
        return self::extreme(fn (ISection $s): float => -$s->Iw / $s->It);
    }

    /** @return list<string> */
    public static function families(): array
    {
        return array_merge(...array_values(self::TABLES));
    }

    /** @param  \Closure(ISection): float  $of */
    private static function extreme(\Closure $of): ISection
    {
        $most = null;
        foreach ([...self::table('en10365'), ...self::table('w')] as $section) {
            if ($section instanceof ISection && ($most === null || $of($section) > $of($most))) {
                $most = $section;
            }
        }

        return $most ?? throw new \LogicException('The catalogue is empty.');
    }

    private static function key(string $name): string
    {
        return strtr(strtoupper((string) preg_replace('/\s+/', '', $name)), ['×' => 'X', '*' => 'X']);
    }

    /** @return array<string, Section> */
    private static function table(string $table): array
    {
        if (isset(self::$tables[$table])) {
            return self::$tables[$table];
        }
        $sections = [];
        foreach (file(__DIR__."/../../data/sections-{$table}.csv", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if ($line[0] === '#' || str_starts_with($line, 'family')) {
                continue;
            }
            $cells = explode(',', $line);
            [$family, $name] = $cells;
            $of = array_map(floatval(...), array_slice($cells, 2));
            $finish = match ($table) {
                'en10219' => Finish::Cold,
                'hss' => Finish::Tubing,
                default => Finish::Hot,
            };
            if ($table === 'hss') {
                $of = [self::INCH * $of[0], self::INCH * $of[1], self::DESIGN_THICKNESS * self::INCH * $of[2]];
            }
            $sections[$name] = match (true) {
                $table === 'en10365' => new ISection($name, $family, $of[0], $of[1], $of[2], $of[3], $of[4]),
                $table === 'w' => new ISection($name, $family, $of[0] * self::INCH, $of[1] * self::INCH, $of[2] * self::INCH, $of[3] * self::INCH, ($of[4] - $of[3]) * self::INCH),
                str_starts_with($family, 'CHS'), $family === 'Pipe' => new CircularHollow($name, $family, $of[0], $of[2], $finish),
                default => new RectangularHollow($name, $family, $of[0], $of[1], $of[2], $finish),
            };
        }

        return self::$tables[$table] = $sections;
    }
}
