<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Design\Design;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Shape;
use Waage\Materials\Concrete\En1992\ConcreteBeam;
use Waage\Member\Fields;
use Waage\Units\Kind;

/** Reinforced concrete: rectangular beams. */
final class Concrete implements Material
{
    private const LARGEST = 3000.0;

    private const WIDTHS = [200, 250, 300, 350, 400, 450, 500, 600];

    private const DEPTHS = [250, 300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 800, 900, 1000];

    public function id(): string
    {
        return 'concrete';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        $sizes = [];
        foreach (['width' => 'The width', 'depth' => 'The depth', 'cover' => 'The cover', 'linkDiameter' => 'The diameter of the links', 'linkSpacing' => 'The spacing of the links'] as $key => $name) {
            $sizes[$key] = $fields->positive($block, $key, "{$path}{$key}", Kind::Size, $name);
            if ($sizes[$key] > self::LARGEST) {
                $fields->fail("{$path}{$key}", "{$name} is more than 3 m, which is not covered.");
            }
        }
        $fyk = ($block['yield'] ?? '') === '' ? 500.0 : $fields->positive($block, 'yield', "{$path}yield", Kind::Stress, 'The yield strength of the bars');
        if ($fyk > 0.0 && ($fyk < 400.0 || $fyk > 600.0)) {
            $fields->fail("{$path}yield", 'The rules are for bars of 400 to 600 MPa (EN 1992-1-1, 3.2.2(3)).');
        }
        $grade = Grade::of($fields->text($block, 'grade', "{$path}grade"));
        if ($grade === null) {
            $fields->fail("{$path}grade", 'The strength class is one of: '.implode(', ', Grade::names()).'.');
        }
        $legs = $fields->number($block, 'legs', "{$path}legs", 2.0, 2.0, 12.0);
        if ($legs != floor($legs)) {
            $fields->fail("{$path}legs", 'The legs of a link are a whole number.');
        }
        $crack = $fields->choice($block, 'crackWidth', "{$path}crackWidth", CrackWidth::Usual);
        [$bottom, $top] = array_map(function (string $key) use ($fields, $block, $path): ?Bars {
            $bars = Bars::parse($fields->text($block, $key, "{$path}{$key}"));
            if ($bars === null) {
                $fields->fail("{$path}{$key}", 'Bars are given as number and diameter in mm, "4ø16" or "4x16": 2 to 40 of 6 to 40 mm.');
            }

            return $bars;
        }, ['bottom', 'top']);
        if ($grade === null || $bottom === null || $top === null || min($sizes) <= 0.0 || $fyk <= 0.0) {
            return null;
        }
        $make = new ConcreteMake($sizes['width'], $sizes['depth'], $grade, $fyk, $sizes['cover'], $bottom, $top, new Links($sizes['linkDiameter'], $sizes['linkSpacing'], (int) $legs), $crack, $shape);
        foreach (['bottom' => $bottom, 'top' => $top] as $key => $bars) {
            if ($make->clear($bars) < 1.0) {
                $fields->fail("{$path}{$key}", 'These bars do not fit in one layer between the links.');
            }
        }
        if (min($make->d(1), $make->d(-1)) < $make->h / 2) {
            $fields->fail("{$path}cover", 'Cover, links and bars leave less than half the depth to the middle of the bars.');
        }

        return $make;
    }

    public function choices(): array
    {
        return ['grade' => Grade::names(), 'crackWidth' => array_column(CrackWidth::cases(), 'value')];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        $concrete = ConcreteMake::from($make);
        foreach (self::WIDTHS as $b) {
            foreach (self::DEPTHS as $h) {
                $other = $concrete->withSize($b, $h);
                if (min($other->clear($concrete->bottom), $other->clear($concrete->top)) >= 1.0 && min($other->d(1), $other->d(-1)) >= $h / 2) {
                    yield $other;
                }
            }
        }
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return new ConcreteBeam($envelopes);
    }

    public function collapse(Design $design, string $combination): array
    {
        return NoCollapse::because('How far plastic hinges of concrete turn is not computed.');
    }
}
