<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * The sections of Materials/Steel/data/*.csv, by name and in the order of their standards. A table is read, and a
 * section made, when it is needed.
 */
final class Catalogue
{
    /** Families that a shortlist looks at when none are chosen. */
    public const USUAL = ['IPE', 'HEA', 'HEB', 'HEM'];

    private const INCH = 25.4;

    /** Part of the nominal thickness of American hollow sections that counts (ANSI/AISC 360, B4.2). */
    private const DESIGN_THICKNESS = 0.93;

    /** Inner faces of the flanges of American Standard Channels and S shapes. */
    private const AMERICAN_SLOPE = 1 / 6;

    private const INCHES = ['w', 's', 'hss', 'c', 'l', 'wt'];

    /** Tables, and the families in each. */
    private const TABLES = [
        'en10365' => ['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC'],
        'en10210' => ['SHS', 'RHS', 'CHS'],
        'en10219' => ['SHS cold', 'RHS cold', 'CHS cold'],
        'w' => ['W'],
        's' => ['S', 'M'],
        'hss' => ['HSS', 'Pipe'],
        'channels' => ['UPE', 'UPN', 'PFC'],
        'c' => ['C'],
        'angles' => ['L'],
        'l' => ['L inch'],
        'tees' => ['½ IPE', '½ HEAA', '½ HEA', '½ HEB', '½ HEM', '½ UB', '½ UC'],
        'wt' => ['WT'],
    ];

    /** Tables of sections that are cut in two, and what they are cut from. */
    private const CUT = ['tees' => 'en10365', 'wt' => 'w'];

    /** @var array<string, array<string, list<string>>> by table and name */
    private static array $rows = [];

    /** @var array<string, Section> by name */
    private static array $made = [];

    /** @return array<string, Section> */
    public static function all(): array
    {
        return array_column(self::ofFamilies(self::families()), null, 'name');
    }

    /**
     * @param  list<string>  $families
     * @return list<Section>
     */
    public static function ofFamilies(array $families): array
    {
        $sections = [];
        foreach (self::TABLES as $table => $in) {
            foreach (array_intersect($in, $families) === [] ? [] : self::rows($table) as $name => [$family]) {
                if (in_array($family, $families, true)) {
                    $sections[] = self::section($table, $name);
                }
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
        if (str_ends_with($key, self::FLAT)) {
            $whole = self::find(substr($key, 0, -strlen(self::FLAT)));

            return $whole instanceof RectangularHollow ? $whole->flat() : null;
        }
        foreach (array_keys(self::TABLES) as $table) {
            if (isset(self::rows($table)[$name])) {
                return self::section($table, $name);
            }
            foreach (array_keys(self::rows($table)) as $other) {
                if (self::key($other) === $key) {
                    return self::section($table, $other);
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

    /** Behind the name of a rectangle that lies on its wide side. */
    private const FLAT = 'FLAT';

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
        foreach (self::ofFamilies([...self::TABLES['en10365'], 'W']) as $section) {
            if ($section instanceof ISection && ($most === null || $of($section) > $of($most))) {
                $most = $section;
            }
        }

        return $most ?? throw new \LogicException('The catalogue is empty.');
    }

    private static function key(string $name): string
    {
        return strtr(strtoupper((string) preg_replace('/\s+/', '', $name)), ['×' => 'X', '*' => 'X', '½' => '1/2']);
    }

    private static function section(string $table, string $name): Section
    {
        return self::$made[$name] ??= self::make($table, self::rows($table)[$name]);
    }

    /** @return array<string, list<string>> the cells of a table, by name */
    private static function rows(string $table): array
    {
        if (isset(self::$rows[$table])) {
            return self::$rows[$table];
        }
        if (isset(self::CUT[$table])) {
            return self::$rows[$table] = self::halves(self::rows(self::CUT[$table]));
        }
        $rows = [];
        foreach (
            file(__DIR__."/../data/{$table}.csv", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line
        ) {
            if ($line[0] !== '#' && ! str_starts_with($line, 'family')) {
                $cells = explode(',', $line);
                $rows[$cells[1]] = $cells;
            }
        }

        return self::$rows[$table] = $rows;
    }

    /**
     * The tees that I sections are cut into: named after these in Europe, by half the depth and the weight in America.
     *
     * @param  array<string, list<string>>  $rows
     * @return array<string, list<string>>
     */
    private static function halves(array $rows): array
    {
        $halves = [];
        foreach ($rows as $name => $cells) {
            $half =
                preg_match('/^W([\d.]+)×([\d.]+)$/', $name, $m) === 1
                    ? 'WT'.(float) $m[1] / 2 .'×'.(float) $m[2] / 2
                    : "½ {$name}";
            $halves[$half] = [$cells[0] === 'W' ? 'WT' : "½ {$cells[0]}", $half, ...array_slice($cells, 2)];
        }

        return $halves;
    }

    /** @param  list<string>  $cells */
    private static function make(string $table, array $cells): Section
    {
        [$family, $name] = $cells;
        $of = array_map(floatval(...), array_slice($cells, 2));
        $of = in_array($table, self::INCHES, true)
            ? array_map(fn (float $inches): float => self::INCH * $inches, $of)
            : $of;
        $finish = match ($table) {
            'en10219' => Finish::Cold,
            'hss' => Finish::Tubing,
            default => Finish::Hot,
        };
        $thickness = fn (float $t): float => $finish === Finish::Tubing ? self::DESIGN_THICKNESS * $t : $t;

        return match (true) {
            $table === 'en10365' => new ISection($name, $family, $of[0], $of[1], $of[2], $of[3], $of[4]),
            $table === 's' => new ISection(
                $name,
                $family,
                $of[0],
                $of[1],
                $of[2],
                $of[3],
                $of[4],
                slope: $family === 'S' ? self::AMERICAN_SLOPE : 0.0,
                toe: $of[5],
                given: self::INCH ** 3 * $of[6],
            ),
            $table === 'w' => new ISection($name, $family, $of[0], $of[1], $of[2], $of[3], $of[4] - $of[3]),
            $table === 'tees' => new Tee($name, $family, $of[0] / 2, $of[1], $of[2], $of[3], $of[4]),
            $table === 'wt' => new Tee($name, $family, $of[0] / 2, $of[1], $of[2], $of[3], $of[4] - $of[3]),
            $table === 'channels' => new Channel(
                $name,
                $family,
                $of[0],
                $of[1],
                $of[2],
                $of[3],
                $of[4],
                $of[5],
                $of[6],
                $cells[9] === 'b/2' ? $of[1] / 2 : null,
                $cells[10] === '' ? null : 1e4 * $of[8],
            ),
            $table === 'c' => new Channel(
                $name,
                $family,
                $of[0],
                $of[1],
                $of[2],
                $of[3],
                $of[4],
                $of[5],
                self::AMERICAN_SLOPE,
                It: self::INCH ** 3 * $of[6],
                isAverage: true,
            ),
            $table === 'angles' => new Angle($name, $family, $of[0], $of[1], $of[2], $of[3], $of[3] / 2),
            $table === 'l' => new Angle($name, $family, $of[0], $of[1], $of[2], $of[3], $of[4]),
            str_starts_with($family, 'CHS'), $family === 'Pipe' => new CircularHollow(
                $name,
                $family,
                $of[0],
                $thickness($of[2]),
                $finish,
            ),
            default => new RectangularHollow($name, $family, $of[0], $of[1], $thickness($of[2]), $finish),
        };
    }
}
