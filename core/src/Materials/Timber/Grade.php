<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * A grade of timber as a standard knows it, for one size: American and Canadian values are others for timbers of 5 in.
 * and more, and those of Southern Pine go by the width.
 *
 * @phpstan-type Rows array<string, list<float>>
 */
final readonly class Grade
{
    private const PSI = 0.00689475729;

    private const INCH = 25.4;

    /** Declared values are typed; no product has values here. */
    public const LVL = 'LVL';

    /** @param  array<string, float>  $typed  values that the engineer gives in place of those of the grade */
    public function __construct(
        public Suite $suite,
        public string $name,
        public Product $product,
        public Properties $values,
        public bool $softwood = true,
        public array $typed = [],
    ) {
    }

    /**
     * @param  float  $b  of one ply, mm
     * @return self|null null: the suite has no such grade for this size
     */
    public static function of(Suite $suite, string $name, float $b, float $h): ?self
    {
        return match ($suite) {
            Suite::Nds2018 => self::american($name, $b, $h),
            Suite::CsaO86 => self::canadian($name, $b, $h),
            default => self::european($name),
        };
    }

    /** @return list<string> */
    public static function names(Suite $suite): array
    {
        $names = [];
        foreach (self::data($suite) as $table => $rows) {
            if (is_array($rows) && $table !== 'columns') {
                array_push($names, ...array_map(strval(...), array_keys($rows)));
            }
        }

        return [...array_values(array_unique($names)), ...$suite === Suite::CsaO86 ? [] : [self::LVL]];
    }

    /** @return list<string> the stronger grades of the same kind of wood, the weakest first */
    public function stronger(): array
    {
        $kind = fn (string $name): string => match ($this->suite) {
            Suite::Nds2018, Suite::CsaO86 => preg_match('/^\d/', $name) === 1
                ? 'glulam'
                : preg_replace(
                    '~ (Select Structural|SS|No\.\S*( & Btr)?|Stud|Construction|Standard|2.f-EX?)$~',
                    '',
                    $name,
                ) ?? '',
            default => preg_replace('/\d+/', '', $name) ?? '',
        };
        $of = [];
        foreach (self::names($this->suite) as $name) {
            $other = $kind($name) === $kind($this->name) ? self::of($this->suite, $name, 38.0, 200.0) : null;
            if ($other !== null && $other->values->bending > $this->values->bending) {
                $of[$name] = $other->values->bending;
            }
        }
        asort($of);

        return array_keys($of);
    }

    /** @param  array<string, float>  $typed  values that the engineer types in place of its own */
    public function with(array $typed): self
    {
        return $typed === []
            ? $this
            : new self($this->suite, $this->name, $this->product, $this->values->with($typed), $this->softwood, $typed);
    }

    /**
     * Laminated veneer lumber of values that are all typed.
     *
     * @param  array<string, float>  $typed
     */
    public static function lvl(Suite $suite, array $typed): self
    {
        $E = $typed['E'] ?? 0.0;
        $none = array_fill_keys(array_keys(Properties::NAMES), 0.0);

        return new self(
            $suite,
            self::LVL,
            Product::Lvl,
            new Properties(
                $typed + ['G' => $E / 20, 'densityK' => 480.0, 'density' => 510.0, 'gravity' => 0.5] + $none,
            ),
            true,
            $typed,
        );
    }

    private static function european(string $name): ?self
    {
        $row = self::data(Suite::En1995)['grades'][$name] ?? null;
        if ($row === null) {
            return null;
        }
        $names = ['bending', 'tension', 'compression', 'across', 'shear', 'E', 'E05', 'G', 'densityK', 'density'];
        $product = str_starts_with($name, 'GL') ? Product::Glulam : Product::Sawn;

        return new self(
            Suite::En1995,
            $name,
            $product,
            new Properties(array_combine($names, array_map(floatval(...), $row))),
            $name[0] !== 'D',
        );
    }

    private static function american(string $name, float $b, float $h): ?self
    {
        $data = self::data(Suite::Nds2018);
        $product = self::byTimbers($name, $b, $h, 5 * self::INCH - 15.0, $data);
        $row = match ($product) {
            Product::Glulam => $data['glulam'][$name],
            Product::Beam => $data['beams'][$name] ?? null,
            Product::Post => $data['posts'][$name] ?? null,
            default => $data['dimension'][$name] ?? self::byWidth($data['byWidth'][$name] ?? null, $h),
        };
        if ($row === null) {
            return null;
        }
        $G = $row[7];
        unset($row[7]);
        $names = [
            'bending',
            'tension',
            'compression',
            'across',
            'shear',
            'E',
            'E05',
            'bendingReversed',
            'bendingFlat',
            'shearFlat',
            'EFlat',
            'E05Flat',
        ];
        $values = array_map(fn (float $psi): float => $psi * self::PSI, array_values($row));
        $of = array_combine(array_slice($names, 0, count($values)), $values);

        return new self(
            Suite::Nds2018,
            $name,
            $product,
            new Properties($of + ['G' => $of['E'] / 16, 'density' => self::density($G), 'gravity' => $G]),
        );
    }

    private static function canadian(string $name, float $b, float $h): ?self
    {
        $data = self::data(Suite::CsaO86);
        $product = self::byTimbers($name, $b, $h, 114.0, $data);
        $row =
            $data[
                match ($product) {
                    Product::Glulam => 'glulam',
                    Product::Beam => 'beams',
                    Product::Post => 'posts',
                    default => 'dimension',
                }
            ][$name] ?? null;
        if ($row === null) {
            return null;
        }
        [$fb, $ft, $fc, $fcp, $fv, $E, $E05, $G] = array_map(floatval(...), $row);

        return new self(
            Suite::CsaO86,
            $name,
            $product,
            new Properties([
                'bending' => $fb,
                'tension' => $ft,
                'compression' => $fc,
                'across' => $fcp,
                'shear' => $fv,
                'E' => $E,
                'E05' => $E05,
                'G' => $E / 16,
                'density' => self::density($G),
                'bendingReversed' => (float) ($row[8] ?? $fb),
                'gravity' => $G,
            ]),
        );
    }

    /**
     * Beams and stringers are more than 2 in. (51 mm) deeper than wide, posts and timbers are not.
     *
     * @param  array<string, mixed>  $data
     */
    private static function byTimbers(string $name, float $b, float $h, float $least, array $data): Product
    {
        return match (true) {
            isset($data['glulam'][$name]) => Product::Glulam,
            min($b, $h) < $least => Product::Sawn,
            abs($h - $b) > 2 * self::INCH => Product::Beam,
            default => Product::Post,
        };
    }

    /**
     * Values by nominal width; between two sizes those of the larger one, which are smaller.
     *
     * @param  array<string, list<float>>|null  $rows
     * @return list<float>|null
     */
    private static function byWidth(?array $rows, float $h): ?array
    {
        foreach ($rows ?? [] as $width => $row) {
            if ($h <= (float) $width * self::INCH + 0.5) {
                return $row;
            }
        }

        return null;
    }

    /** kg/m³ at 15 % of moisture, from the specific gravity of oven-dry wood: NDS Supplement, 3.1.3. */
    private static function density(float $G): float
    {
        return ((1000 * $G) / (1 + $G * 0.009 * 15)) * 1.15;
    }

    /** @return array<string, mixed> a file of data/ */
    private static function data(Suite $suite): array
    {
        static $read = [];

        return $read[$suite->key()] ??= json_decode(
            (string) file_get_contents(__DIR__."/data/{$suite->key()}.json"),
            true,
            8,
            JSON_THROW_ON_ERROR,
        );
    }
}
