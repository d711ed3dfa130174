<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Material\Shape;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Plates;
use Waage\Materials\Steel\Sections\Section;
use Waage\Member\Fields;
use Waage\Member\MemberReader;
use Waage\Units\Kind;

/** Reads what a steel member is made of from its block of the document. */
final class SteelReader
{
    private const MOST_STEPS = 40;

    /** mm, of a plate */
    private const THICKEST = 80.0;

    private Shape $shape;

    /** @param  array<array-key, mixed>  $in */
    public function __construct(
        private readonly Fields $f,
        private readonly array $in,
        private readonly string $path,
    ) {
    }

    public function read(Shape $shape): ?SteelMake
    {
        $this->shape = $shape;
        $f = $this->f;
        $name = $f->text($this->in, 'section', "{$this->path}section");
        $section = Catalogue::find($name);
        if ($section === null) {
            $f->fail("{$this->path}section", Catalogue::missing($name));
        }
        $grade = $f->choice($this->in, 'grade', "{$this->path}grade", SteelGrade::S355);
        $steps = $this->steps($shape->places, $grade);
        $ductility = $f->choice($this->in, 'ductility', "{$this->path}ductility", Ductility::None);
        $stemUp = $f->flag($this->in, 'stemUp', "{$this->path}stemUp", false);
        $ends = in_array($this->in['strutEnds'] ?? '', ['', null], true)
            ? null
            : $f->choice($this->in, 'strutEnds', "{$this->path}strutEnds", StrutEnds::Centroid);
        $stiffeners = $this->webStiffeners();

        return $section === null
            ? null
            : new SteelMake(
                $section,
                $grade,
                $steps,
                $this->families(),
                $shape,
                $ductility,
                $stemUp,
                $ends,
                $stiffeners,
            );
    }

    /** @param  array<array-key, mixed>  $row */
    private function withPlates(Section $section, array $row, string $path): Section
    {
        if (($row['plateWidth'] ?? '') === '' && ($row['plateThickness'] ?? '') === '') {
            return $section;
        }
        if (! ($section instanceof ISection)) {
            $this->f->fail(
                "{$path}.plateWidth",
                'Plates are welded onto the flanges of I sections only. Take a thicker section, or leave the plate out.',
            );

            return $section;
        }
        $width = $this->f->positive($row, 'plateWidth', "{$path}.plateWidth", Kind::Size, 'The width of the plates');
        $thickness = $this->f->positive(
            $row,
            'plateThickness',
            "{$path}.plateThickness",
            Kind::Size,
            'The thickness of the plates',
        );
        if ($width > $section->b + 1e-6) {
            $this->f->fail(
                "{$path}.plateWidth",
                'The plates are wider than the flanges. Plates that stand out are not covered: take narrower ones.',
            );
        }
        if ($thickness > self::THICKEST) {
            $this->f->fail(
                "{$path}.plateThickness",
                'Plates of more than 80 mm are not covered: Table 3.1 of EN 1993-1-1 ends there.',
            );
        }

        return $width > 0.0 && $thickness > 0.0
            ? $section->with(
                new Plates($width, $thickness),
                "{$section->name} + 2 × {$this->size($width)}×{$this->size($thickness)}",
            )
            : $section;
    }

    /** A size in whole or tenths of millimetres, for a name. */
    private function size(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 1, '.', ''), '0'), '.');
    }

    /**
     * @param  list<float>  $places  of supports and hinges: a step that lies on one of them by less than a
     *     millimetre begins there
     * @param  SteelGrade  $grade  of the member, where a length has none of its own
     * @return list<SectionStep> lengths with another section, from left to right
     */
    private function steps(array $places, SteelGrade $grade): array
    {
        $snapped = function (float $x) use (&$places): float {
            foreach ($places as $place) {
                if (abs($place - $x) < 1.0) {
                    return $place;
                }
            }
            $places[] = $x;

            return $x;
        };
        $steps = [];
        foreach ($this->f->rows($this->in, 'steps', self::MOST_STEPS, 'steps', "{$this->path}steps") as $i => $row) {
            $from =
                ($row['from'] ?? '') === ''
                    ? 0.0
                    : $this->f->place($row, 'from', "{$this->path}steps.{$i}.from", $this->shape->length, 'The step');
            $to =
                ($row['to'] ?? '') === ''
                    ? $this->shape->length
                    : $this->f->place($row, 'to', "{$this->path}steps.{$i}.to", $this->shape->length, 'The step');
            $name = $this->f->text($row, 'section', "{$this->path}steps.{$i}.section");
            $section = Catalogue::find($name);
            if ($section === null) {
                $this->f->fail("{$this->path}steps.{$i}.section", Catalogue::missing($name));
            }
            $section = $section === null ? null : $this->withPlates($section, $row, "{$this->path}steps.{$i}");
            [$from, $to] = [$snapped($from), $snapped($to)];
            if ($to - $from < 1.0 && $this->f->areSound('length', "{$this->path}steps.{$i}")) {
                $this->f->fail(
                    "{$this->path}steps.{$i}.to",
                    'The length with this section must end to the right of where it starts.',
                );
            }
            if ($section !== null) {
                $own =
                    ($row['grade'] ?? '') === ''
                        ? $grade
                        : $this->f->choice($row, 'grade', "{$this->path}steps.{$i}.grade", $grade);
                $steps[] = [new SectionStep($from, $to, $section, $own), $i];
            }
        }
        usort($steps, fn (array $a, array $b): int => $a[0]->from <=> $b[0]->from);
        for ($i = 1, $n = count($steps); $i < $n && $this->f->areSound('length', "{$this->path}steps"); $i++) {
            if ($steps[$i][0]->from < $steps[$i - 1][0]->to - 1e-6) {
                $this->f->fail(
                    "{$this->path}steps.{$steps[$i][1]}.from",
                    'Two sections are given for the same length: this one starts before the one on its left ends.',
                );
            }
        }

        return array_column($steps, 0);
    }

    private function webStiffeners(): ?WebStiffeners
    {
        $row = $this->in['webStiffeners'] ?? null;
        if (! is_array($row)) {
            $row === null ||
                $this->f->fail(
                    "{$this->path}webStiffeners",
                    'Give the spacing, the width and the thickness of the stiffeners.',
                );

            return null;
        }
        $spacing = $this->f->positive(
            $row,
            'spacing',
            "{$this->path}webStiffeners.spacing",
            Kind::Length,
            'The spacing',
        );
        if (
            $this->f->areSound('length', "{$this->path}webStiffeners.spacing") &&
            $this->shape->length / $spacing > MemberReader::MOST_RESTRAINTS
        ) {
            $this->f->fail(
                "{$this->path}webStiffeners.spacing",
                'This spacing gives more than '.MemberReader::MOST_RESTRAINTS.' stiffeners.',
            );
        }

        return new WebStiffeners(
            $spacing,
            $this->f->positive(
                $row,
                'width',
                "{$this->path}webStiffeners.width",
                Kind::Size,
                'The width of a stiffener',
            ),
            $this->f->positive(
                $row,
                'thickness',
                "{$this->path}webStiffeners.thickness",
                Kind::Size,
                'The thickness of a stiffener',
            ),
            ($row['endPost'] ?? '') === ''
                ? 0.0
                : $this->f->positive(
                    $row,
                    'endPost',
                    "{$this->path}webStiffeners.endPost",
                    Kind::Size,
                    'The distance of the two pairs of an end post',
                ),
        );
    }

    /** @return list<string> */
    private function families(): array
    {
        $known = Catalogue::families();
        $families = $this->in['families'] ?? Catalogue::USUAL;
        if (! is_array($families)) {
            $this->f->fail("{$this->path}families", 'This must be a list of section families.');

            return $known;
        }

        return array_values(array_intersect($known, array_filter($families, is_string(...))));
    }
}
