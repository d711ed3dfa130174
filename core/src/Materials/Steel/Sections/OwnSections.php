<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Strip;

/**
 * Sections welded of plates, by their dimensions in mm: "welded I 500×200×8×15" (depth, width, web, flange), with
 * flanges that differ "welded I 600×300×200×10×20×15" (depth, widths of the top and the bottom flange, web, top and
 * bottom flange), "welded box 300×200×10" (depth, width, plates), "welded T 150×120×8×12" and "welded channel
 * 200×80×8×12" (depth, width, web, flange); angles "angle 120×80×10" (upright leg, flat leg, thickness), hollow
 * sections "hollow 180×100×7" and tubes "tube 200×8", hot-finished, or with "cold" behind cold-formed; open sections
 * built of strips, "strips 12: 0,0 200,0; 8: 100,6 100,300" (thickness: points y,z of the middle lines, from one to
 * the next); and solid bars: "flat 120×15" (depth, thickness), "round 40".
 */
final class OwnSections
{
    /** Depth and width, mm. */
    private const LEAST = 40.0;

    private const MOST = 3000.0;

    private const MOST_STRIPS = 40;

    /**
     * Depth over thickness of a flat up to which it is solid: no plate held along its edges buckles in any of the
     * grades (EN 1993-1-1, Table 5.2, 42 ε of S460).
     */
    private const SLIMMEST = 30.0;

    private const THINNEST_STRIP = 0.5;

    /** Plates, mm. */
    private const THINNEST = 3.0;

    private const THICKEST = 80.0;

    /** Is a name one of these, whatever its numbers are? */
    public static function isMeant(string $name): bool
    {
        return preg_match('/^\s*(welded|angle|hollow|tube|strips|flat|round)\b/i', $name) === 1;
    }

    /** The section of a name; null: its dimensions do not make one. */
    public static function find(string $name): ?Section
    {
        $of = self::read($name);

        return is_string($of) ? null : $of;
    }

    /** What is wrong with a name, for the engineer; empty: nothing. */
    public static function fault(string $name): string
    {
        $of = self::read($name);

        return is_string($of) ? $of : '';
    }

    private static function read(string $name): Section|string
    {
        if (preg_match('/^\s*strips\b(.*)$/is', $name, $found) === 1) {
            return self::strips($found[1]);
        }
        $key = strtr(strtolower((string) preg_replace('/\s+/', '', $name)), ['×' => 'x', '*' => 'x']);
        if (preg_match('/^(flat|round)/', $key) === 1) {
            return self::bar($key);
        }
        if (
            preg_match('/^(weldedt|weldedchannel|angle|hollow|tube)([\d.]*(?:x[\d.]+)*)(cold)?$/', $key, $found) === 1
        ) {
            return self::other($found[1], array_map(floatval(...), explode('x', $found[2])), isset($found[3]));
        }
        if (preg_match('/^welded(i|box)([\d.]+(?:x[\d.]+)*)$/', $key, $found) !== 1) {
            return 'Give a section welded of plates as “welded I 500×200×8×15” (depth, width, web, flange), “welded box 300×200×10” (depth, width, plates), “welded T 150×120×8×12” or “welded channel 200×80×8×12”, in mm.';
        }
        $of = array_map(floatval(...), explode('x', $found[2]));
        $isI = $found[1] === 'i';
        if (count($of) === 6 && $isI) {
            return self::unequal($of);
        }
        if (count($of) !== ($isI ? 4 : 3)) {
            return $isI
                ? 'A welded I section has four dimensions: depth, width, web and flange, for example 500×200×8×15; or six where its flanges are unequal: depth, width of the top and the bottom flange, web, top and bottom flange.'
                : 'A welded box has three dimensions: depth, width and plates, for example 300×200×10.';
        }
        [$h, $b, $t] = $of;
        $plates = [$t, $of[3] ?? $t];
        $inside = max($plates) * 2;
        $written = self::written($of);

        return match (true) {
            min($h, $b) < self::LEAST || max($h, $b) > self::MOST => 'Depth and width lie between 40 and 3000 mm.',
            min($plates) < self::THINNEST || max($plates) > self::THICKEST => 'Plates are between 3 and 80 mm thick.',
            $inside >= 0.8 * $h || ($isI ? $of[2] >= 0.5 * $b : $inside >= 0.8 * $b) => 'The plates are too thick for the depth and width: nothing is left between them.',
            ! $isI && $h < $b => 'The depth of a box is not less than its width; turn it round.',
            $isI => new ISection(
                "welded I {$written}",
                'welded I',
                $h,
                $b,
                $of[2],
                $of[3],
                0.0,
                finish: Finish::Welded,
            ),
            default => new RectangularHollow("welded box {$written}", 'welded box', $h, $b, $t, Finish::Welded),
        };
    }

    /**
     * @param  non-empty-list<float>  $of  six of them
     */
    private static function unequal(array $of): Section|string
    {
        [$h, $top, $bottom, $tw, $tt, $tb] = [...$of, 0.0, 0.0, 0.0, 0.0, 0.0];

        return match (true) {
            min($h, $top, $bottom) < self::LEAST
                || max($h, $top, $bottom) > self::MOST => 'Depth and widths lie between 40 and 3000 mm.',
            min($tw, $tt, $tb) < self::THINNEST
                || max($tw, $tt, $tb) > self::THICKEST => 'Plates are between 3 and 80 mm thick.',
            $tt + $tb >= 0.8 * $h || $tw >= 0.5 * min($top, $bottom) => 'The plates are too thick for the depth and width: nothing is left between them.',
            $top === $bottom && $tt === $tb => self::read('welded I '.self::written([$h, $top, $tw, $tt])),
            default => new UnequalI('welded I '.self::written($of), 'welded I', $h, $top, $bottom, $tw, $tt, $tb),
        };
    }

    private static function strips(string $text): Section|string
    {
        $strips = [];
        foreach (
            array_filter(array_map(trim(...), explode(';', $text)), fn (string $line): bool => $line !== '') as $line
        ) {
            if (preg_match('/^([\d.]+)\s*:((?:\s*-?[\d.]+\s*,\s*-?[\d.]+)+)$/', $line, $found) !== 1) {
                return 'Give strips as “strips 12: 0,0 200,0; 8: 100,6 100,300”: the thickness, then the points y,z of its middle line, in mm.';
            }
            preg_match_all('/(-?[\d.]+)\s*,\s*(-?[\d.]+)/', $found[2], $points, PREG_SET_ORDER);
            for ($i = 1, $n = count($points); $i < $n; $i++) {
                $strips[] = new Strip(
                    (float) $points[$i - 1][1],
                    (float) $points[$i - 1][2],
                    (float) $points[$i][1],
                    (float) $points[$i][2],
                    (float) $found[1],
                );
            }
        }
        $t = array_map(fn (Strip $s): float => $s->t, $strips);
        $reach = array_merge(
            [],
            ...array_map(fn (Strip $s): array => [abs($s->y1), abs($s->z1), abs($s->y2), abs($s->z2)], $strips),
        );
        $isThick = array_filter($strips, fn (Strip $s): bool => $s->length < $s->t) !== [];
        $wrong = match (true) {
            $strips === [] || count($strips) > self::MOST_STRIPS => 'A section is built of 1 to '.
                self::MOST_STRIPS.
                ' strips: a thickness, and two points at least.',
            min([INF, ...$t]) < self::THINNEST_STRIP
                || max([0.0, ...$t]) > self::THICKEST => 'Strips are between 0.5 and 80 mm thick.',
            max([0.0, ...$reach]) > self::MOST => 'Points lie within 3000 mm of the origin.',
            $isThick => 'A strip is longer than it is thick.',
            array_filter($strips, fn (Strip $s): bool => abs($s->z2 - $s->z1) > 1.0) === [] => 'Strips that all lie flat have no depth to bend with. Let one of them stand.',
            default => '',
        };
        if ($wrong !== '' || $strips === []) {
            return $wrong;
        }
        try {
            return new StripSection($strips, (string) preg_replace('/\s+/', ' ', trim($text)));
        } catch (\DomainException $e) {
            return $e->getMessage();
        }
    }

    /** @param  non-empty-list<float>  $of */
    private static function other(string $kind, array $of, bool $isCold): Section|string
    {
        [$count, $says] = match ($kind) {
            'weldedt' => [
                4,
                'A welded T has four dimensions: depth, width, stem and flange, for example “welded T 150×120×8×12”.',
            ],
            'weldedchannel' => [
                4,
                'A welded channel has four dimensions: depth, width, web and flange, for example “welded channel 200×80×8×12”.',
            ],
            'angle' => [
                3,
                'An angle has three dimensions: upright leg, flat leg and thickness, for example “angle 120×80×10”.',
            ],
            'hollow' => [
                3,
                'A hollow section has three dimensions: depth, width and wall, for example “hollow 180×100×7” or “hollow 180×100×7 cold”.',
            ],
            default => [
                2,
                'A tube has two dimensions: diameter and wall, for example “tube 200×8” or “tube 200×8 cold”.',
            ],
        };
        if (count($of) !== $count || ($isCold && $count === 4) || ($isCold && $kind === 'angle')) {
            return $says;
        }
        [$h, $b, $t, $tf] = [...$of, 0.0, 0.0];
        $walls = match ($count) {
            2 => [$b],
            3 => [$t],
            default => [$t, $tf],
        };
        $sizes = $kind === 'tube' ? [$h] : [$h, $b];
        $isPlated = $count === 4;
        $isHollow = $kind === 'hollow' || $kind === 'tube';
        $finish = $isCold ? Finish::Cold : Finish::Hot;
        $cold = $isCold ? ' cold' : '';
        $written = self::written($of);
        $fits = match (true) {
            $isPlated => $tf * ($kind === 'weldedt' ? 1 : 2) < 0.8 * $h && $t < 0.5 * $b,
            // Corners of three walls on either side.
            $isHollow => max($walls) < min($sizes) / ($kind === 'hollow' ? 6.5 : 2.5),
            default => max($walls) < 0.4 * min($sizes),
        };

        return match (true) {
            min($sizes) < self::LEAST / 2 || max($sizes) > self::MOST => 'Depth and width lie between 20 and 3000 mm.',
            min($walls) < ($isHollow ? 1.5 : self::THINNEST) || max($walls) > self::THICKEST => $isHollow
                ? 'Walls are between 1.5 and 80 mm thick.'
                : 'Plates and legs are between 3 and 80 mm thick.',
            ! $fits => 'The walls are too thick for the depth and width: nothing is left between them.',
            $kind === 'hollow' && $h < $b => 'The depth of a hollow section is not less than its width; turn it round.',
            $kind === 'weldedt' => new Tee(
                "welded T {$written}",
                'welded T',
                $h,
                $b,
                $t,
                $tf,
                0.0,
                finish: Finish::Welded,
            ),
            $kind === 'weldedchannel' => new Channel(
                "welded channel {$written}",
                'welded channel',
                $h,
                $b,
                $t,
                $tf,
                0.0,
                finish: Finish::Welded,
            ),
            $kind === 'angle' => new Angle("angle {$written}", 'angle', $h, $b, $t, 0.0, 0.0),
            $kind === 'hollow' => new RectangularHollow("hollow {$written}{$cold}", 'hollow', $h, $b, $t, $finish),
            default => new CircularHollow("tube {$written}{$cold}", 'tube', $h, $b, $finish),
        };
    }

    private static function bar(string $key): Section|string
    {
        if (
            preg_match('/^(flat|round)([\d.]+(?:x[\d.]+)*)$/', $key, $found) !== 1 ||
            count($of = array_map(floatval(...), explode('x', $found[2]))) !== ($found[1] === 'flat' ? 2 : 1)
        ) {
            return 'Give a solid bar as “flat 120×15” (depth, thickness) or “round 40” (diameter), in mm.';
        }
        $name = "{$found[1]} ".self::written($of);

        return match (true) {
            min($of) < self::THINNEST ||
                max($of) > ($found[1] === 'flat' ? 500.0 : 200.0) ||
                min($of) > ($found[1] === 'flat' ? self::THICKEST : 200.0) => 'Flats are up to 500 mm deep and 3 to 80 mm thick, rounds 3 to 200 mm.',
            $found[1] === 'round' => SolidBar::round($name, $of[0]),
            $of[0] < ($of[1] ?? 0.0) => 'A flat stands on edge: its depth is not less than its thickness.',
            $of[0] > self::SLIMMEST * ($of[1] ?? 0.0) => 'A flat is at most 30 times as deep as it is thick: a thinner one may buckle like a plate where its edges are supported.',
            default => SolidBar::flat($name, $of[0], $of[1] ?? 0.0),
        };
    }

    /** @param  list<float>  $of */
    private static function written(array $of): string
    {
        return implode('×', array_map(fn (float $v): string => (string) round($v, 2), $of));
    }
}
