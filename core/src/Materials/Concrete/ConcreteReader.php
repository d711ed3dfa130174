<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Shape;
use Waage\Member\Fields;
use Waage\Units\Kind;
use Waage\Units\Quantity;
use Waage\Units\QuantityError;

/** Reads the block "concrete" of a member document; what is wrong goes to its field. */
final readonly class ConcreteReader
{
    /** mm */
    private const LARGEST = 3000.0;

    private const HOW = 'Bars are given as number and diameter in mm, "4ø16" or "4x16", 2 to 40 of 6 to 40 mm; or as "4 #8", #3 to #11.';

    private const HOW_SPACED = 'Bars of a slab are given as diameter and spacing in mm, "ø12/150", 6 to 40 at 50 to 500 mm; or as "#5 at 12 in"; or a fabric, "A393" or "6x6-W4xW4".';

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
        $fyk = $this->yield('yield', Code::of($shape->basis));
        $grade = $this->grade(Code::of($shape->basis));
        $wishes = $this->wishes($form === Form::Slab ? $width : null, $shape);
        $links = $this->links($form, $fyk, Code::of($shape->basis), $wishes?->legs);
        $aggregate = $this->aggregate(Code::of($shape->basis));
        $widths = $form === Form::Slab ? null : $this->widths($shape, $width, $depth, $cover);
        if (
            $grade === null ||
            $wishes === null ||
            min($width, $depth, $cover, $fyk) <= 0.0 ||
            ($form === Form::Beam && min($links->diameter, $links->yield) <= 0.0)
        ) {
            return null;
        }
        $make = new ConcreteMake(
            $width,
            $depth,
            $grade,
            $fyk,
            $cover,
            $wishes->legs === null ? $links->enough($width, $depth, $cover) : $links,
            $wishes,
            $this->service(Code::of($shape->basis)),
            $shape,
            $form,
            $widths,
            new Reductions(
                $this->fields->flag($this->block, 'momentsAtFace', "{$this->path}momentsAtFace", false),
                $this->fields->flag($this->block, 'shearAtD', "{$this->path}shearAtD", false),
                $this->redistribution($shape),
                $this->number('stiffnessFactor', 1.0, 0.1, 1.0),
            ),
            aggregate: $aggregate,
            tie: $this->tie($form, Code::of($shape->basis)),
            bottomLaps: $this->fields->flag($this->block, 'bottomLaps', "{$this->path}bottomLaps", false),
        );
        $this->assertFits($make);

        return $make;
    }

    /** A slab has none; as many legs as the engineer says, otherwise two. */
    private function links(Form $form, float $fyk, Code $code, ?int $legs): Links
    {
        $diameter = $form === Form::Slab ? 0.0 : $this->linkDiameter();
        $fywk =
            ($this->block['linkYield'] ?? '') === ''
                ? min($fyk, $code->yields(true)[2])
                : $this->yield('linkYield', $code);

        return new Links($diameter, $legs ?? 2, $fywk);
    }

    /** A length, or an American number, "#3". */
    private function linkDiameter(): float
    {
        $text = $this->block['linkDiameter'] ?? '';
        $bar = is_string($text) ? Bars::parse("2 {$text}") : null;

        return $bar?->number !== null ? $bar->diameter : $this->size('linkDiameter', 'The diameter of the links');
    }

    /** A class, or a strength; null after a fault. */
    private function grade(Code $code): ?Grade
    {
        $text = trim($this->fields->text($this->block, 'grade', "{$this->path}grade"));
        $grade = Grade::of($text);
        if ($grade === null) {
            try {
                $grade = Grade::ofStrength(Quantity::parse($text, Kind::Stress), $text, $code);
            } catch (QuantityError) {
                // It is neither: the sentence below tells both ways.
            }
        }
        if ($grade !== null && $grade->isWithin($code)) {
            return $grade;
        }
        $this->fields->fail(
            "{$this->path}grade",
            sprintf(
                'Give a strength class, %s, or %s.',
                implode(', ', Grade::names(Code::En1992)),
                Grade::limits($code)[2],
            ),
        );

        return null;
    }

    /** Of the flange, where there is one. */
    private function widths(Shape $shape, float $web, float $depth, float $cover): ?EffectiveWidth
    {
        $profile = $this->fields->choice($this->block, 'profile', "{$this->path}profile", Profile::Rectangle);
        if (! $profile->hasFlange()) {
            return null;
        }
        $width = $this->size('flangeWidth', 'The width of the flange', 20000.0);
        $thickness = $this->size('flangeThickness', 'The thickness of the flange');
        $effective =
            ($this->block['effectiveWidth'] ?? '') === ''
                ? null
                : $this->size('effectiveWidth', 'The effective width', 20000.0);
        $faults = [
            'flangeWidth' => [$width > 0.0 && $width <= $web, 'The flange is wider than the web.'],
            'flangeThickness' => [$thickness >= $depth, 'The flange is thinner than the section is deep.'],
            'effectiveWidth' => [
                $effective !== null && $effective > 0.0 && ($effective < $web || $effective > $width),
                'The effective width lies between the width of the web and that of the flange.',
            ],
        ];
        if ($thickness > 0.0 && $thickness <= $cover) {
            $faults['flangeThickness'] = [true, 'The flange is thinner than the cover.'];
        }
        foreach ($faults as $key => [$isWrong, $message]) {
            if ($isWrong) {
                $this->fields->fail($this->path.$key, $message);
            }
        }
        $weighs = $this->fields->choice($this->block, 'flangeWeight', "{$this->path}flangeWeight", FlangeWeight::Own);
        $flange = new Flange($profile, $width, $thickness, $effective, $weighs === FlangeWeight::Own);

        return new EffectiveWidth(Code::of($shape->basis), $flange, Span::all($shape->length, $shape->supports));
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

    private function size(string $key, string $name, float $largest = self::LARGEST): float
    {
        $size = $this->fields->positive($this->block, $key, $this->path.$key, Kind::Size, $name);
        if ($size > $largest) {
            $metres = $largest / 1000.0;
            $this->fields->fail($this->path.$key, "{$name} is more than {$metres} m, which is not covered.");
        }

        return $size;
    }

    private function yield(string $key, Code $code): float
    {
        [$otherwise, $least, $most, $rule] = $code->yields($key === 'linkYield');
        if (($this->block[$key] ?? '') === '') {
            return $otherwise;
        }
        $fyk = $this->fields->positive(
            $this->block,
            $key,
            $this->path.$key,
            Kind::Stress,
            'The yield strength of the bars',
        );
        if ($fyk > 0.0 && ($fyk < $least - 1e-6 || $fyk > $most + 1e-6)) {
            $this->fields->fail($this->path.$key, $rule);
        }

        return $fyk;
    }

    /** @return array<int, float> %, by number of the support */
    private function redistribution(Shape $shape): array
    {
        $given = $this->block['redistribution'] ?? [];
        $parts = [];
        $most = Redistribution::most(Code::of($shape->basis));
        foreach (is_array($given) ? $given : [] as $number => $percent) {
            $path = "{$this->path}redistribution.{$number}";
            $there = count($shape->supports);
            if (! is_int($number) || $number <= 1 || $number >= $there || $this->isBesideOverhang($number, $shape)) {
                $this->fields->fail($path, 'Moments are redistributed over supports between two spans.');

                continue;
            }
            [$before, $after] = array_map(fn (int $i): float => $shape->supports[$i]->x, [$number - 2, $number]);
            $x = $shape->supports[$number - 1]->x;
            $ratio = ($x - $before) / ($after - $x);
            if (Code::of($shape->basis) === Code::En1992 && ($ratio < 0.5 - 1e-9 || $ratio > 2.0 + 1e-9)) {
                $this->fields->fail($path, 'The spans beside this support differ by more than two to one (5.5(4)).');
            }
            if (trim(is_scalar($percent) ? (string) $percent : '-') !== '') {
                $parts[$number] = $this->fields->number($given, (string) $number, $path, 0.0, 0.0, $most);
            }
        }

        return $parts;
    }

    private function isBesideOverhang(int $number, Shape $shape): bool
    {
        $x = $shape->supports[$number - 1]->x;
        $beside = array_filter(
            Span::all($shape->length, $shape->supports),
            fn (Span $s): bool => $s->isOverhang && (abs($s->from - $x) < 1.0 || abs($s->to - $x) < 1.0),
        );

        return $beside !== [];
    }

    private function service(Code $code): Service
    {
        $crack = $this->fields->choice($this->block, 'crackWidth', "{$this->path}crackWidth", CrackWidth::Usual);
        $exposure = $this->oneOf('exposure', Cover::exposures($code), 'The exposure');
        $class = $this->oneOf('structuralClass', ['S1', 'S2', 'S3', 'S4', 'S5', 'S6'], 'The structural class') ?? 'S4';
        $periods = array_map(fn (int $m): string => "R{$m}", Fire::periods());
        $fire = $this->oneOf('fire', $periods, 'The resistance to fire');
        $deviation =
            ($this->block['coverDeviation'] ?? '') === ''
                ? 10.0
                : $this->fields->quantity($this->block, 'coverDeviation', "{$this->path}coverDeviation", Kind::Size);
        if ($deviation < 0.0 || $deviation > 40.0) {
            $this->fields->fail("{$this->path}coverDeviation", 'The allowance for deviation lies between 0 and 40 mm.');
        }

        $bearing =
            ($this->block['bearingStrength'] ?? '') === ''
                ? null
                : $this->fields->positive(
                    $this->block,
                    'bearingStrength',
                    "{$this->path}bearingStrength",
                    Kind::Stress,
                    'The strength of what is below',
                );

        $minutes = $fire === null ? null : (int) substr($fire, 1);

        return new Service(
            $crack,
            $this->isEmpty('creep') ? null : $this->number('creep', 2.0, 0.0, 6.0),
            $this->isEmpty('shrinkage') ? null : $this->number('shrinkage', 0.4, 0.0, 1.5),
            $this->climate(),
            $this->isEmpty('finishes') ? null : $this->number('finishes', 500.0, 100.0, 2000.0),
            new Surroundings($exposure, (int) substr($class, 1), $deviation, $minutes, $bearing),
        );
    }

    private function isEmpty(string $key): bool
    {
        return ($this->block[$key] ?? '') === '';
    }

    /** Where the humidity is said. */
    private function climate(): ?Climate
    {
        $age = $this->number('loadingAge', 28.0, 1.0, 3650.0);
        $cement = $this->oneOf('cement', Climate::CEMENTS, 'The class of cement') ?? 'N';

        return $this->isEmpty('humidity')
            ? null
            : new Climate($this->number('humidity', 50.0, 40.0, 100.0), $age, $cement);
    }

    /** Null where none is asked for. */
    private function tie(Form $form, Code $code): ?Tie
    {
        $place = $this->oneOf('tie', Tie::PLACES, 'The tie');
        $isInside = $place === 'inside';
        $width =
            $isInside && $form === Form::Beam && $code !== Code::Aci318
                ? $this->size('tieWidth', 'The width that the tie serves', 30000.0)
                : 0.0;
        $isClassic = $place !== null && $code === Code::Bs8110;
        $storeys = $isClassic ? $this->number('tieStoreys', 0.0, 1.0, 100.0) : 0.0;
        $load =
            $isInside && $isClassic
                ? $this->fields->positive(
                    $this->block,
                    'tieLoad',
                    "{$this->path}tieLoad",
                    Kind::AreaLoad,
                    'The load of the floors',
                )
                : 0.0;

        return $place === null ? null : new Tie($place, $width, (int) $storeys, $load);
    }

    /** Its greatest size, mm; the usual one where nothing is said. */
    private function aggregate(Code $code): float
    {
        if ($this->isEmpty('aggregate')) {
            return Cage::usual($code);
        }
        $size = $this->size('aggregate', 'The aggregate');
        if ($size > 0.0 && ($size < 4.0 || $size > 63.0)) {
            $this->fields->fail("{$this->path}aggregate", 'The greatest size of aggregate lies between 4 and 63 mm.');
        }

        return $size;
    }

    /**
     * Null where nothing is said, or after a fault.
     *
     * @param  list<string>  $choices
     */
    private function oneOf(string $key, array $choices, string $name): ?string
    {
        $text = trim($this->fields->text($this->block, $key, $this->path.$key));
        if ($text !== '' && ! in_array($text, $choices, true)) {
            $this->fields->fail($this->path.$key, "{$name} is one of: ".implode(', ', $choices).'; or empty.');

            return null;
        }

        return $text === '' ? null : $text;
    }

    /** A plain number; the usual one where none is given. */
    private function number(string $key, float $otherwise, float $least, float $most): float
    {
        $given = ($this->block[$key] ?? '') === '' ? [] : $this->block;

        return $this->fields->number($given, $key, $this->path.$key, $otherwise, $least, $most);
    }

    /** @return list<Bars> that may be chosen */
    private function sizes(bool &$isSound): array
    {
        $sizes = [];
        $text = $this->fields->text($this->block, 'sizes', "{$this->path}sizes");
        foreach (preg_split('/[\s,;]+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $size) {
            $bar = Bars::parseSize($size);
            if ($bar === null || count($sizes) >= 12) {
                $isSound = false;
                $this->fields->fail(
                    "{$this->path}sizes",
                    'Diameters in mm, "12, 16, 20", or American numbers, "#5, #6", of slabs fabrics too, "A252, A393": 12 at most.',
                );

                return [];
            }
            $sizes[] = $bar;
        }

        return $sizes;
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
    private function wishes(?float $strip, Shape $shape): ?Wishes
    {
        $isSound = true;
        [$bottom, $top] = array_map(
            function (string $key) use (&$isSound, $strip): ?Bars {
                return $this->bars($this->block, $key, $this->path.$key, $isSound, $strip);
            },
            ['bottom', 'top'],
        );
        [$spans, $supports] = array_map(
            function (string $key) use (&$isSound, $strip, $shape): array {
                return $this->places($key, $isSound, $strip, $shape);
            },
            ['spans', 'supports'],
        );
        $spacing = null;
        if ($strip === null && ($this->block['linkSpacing'] ?? '') !== '') {
            $spacing = $this->size('linkSpacing', 'The spacing of the links');
            $isSound = $isSound && $spacing > 0.0;
        }

        $legs = $this->legs();

        $sizes = $this->sizes($isSound);

        return $isSound ? new Wishes($bottom, $top, $spans, $supports, $spacing, $legs, $sizes) : null;
    }

    /** @return array<int, Bars> */
    private function places(string $key, bool &$isSound, ?float $strip, Shape $shape): array
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
        $there = $key === 'supports' ? count($shape->supports) : max(1, count($shape->supports) - 1);
        foreach (array_keys($given) as $number) {
            $path = "{$this->path}{$key}.{$number}";
            $one = $this->bars($given, (string) $number, $path, $isSound, $strip);
            if ($one === null) {
                continue;
            }
            if (! is_int($number) || $number < 1 || $number > $there) {
                $this->fields->fail($path, self::noSuch($key === 'spans' ? 'span' : 'support', $there));
                $isSound = false;

                continue;
            }
            $bars[$number] = $one;
        }

        return $bars;
    }

    private static function noSuch(string $what, int $there): string
    {
        return "There is no such {$what}: they are counted from the left, from 1 to {$there}.";
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
