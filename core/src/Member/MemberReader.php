<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Loading\LoadDuration;
use Waage\Material\Make;
use Waage\Material\Registry;
use Waage\Material\Shape;
use Waage\Material\SlabStrip;
use Waage\Units\Kind;

/** Turns a member document into a Member, or tells every field that is wrong. */
final class MemberReader
{
    public const FORMAT = 'waage-member';

    /** Written; older versions are read as well. */
    public const VERSION = 5;

    public const MOST_CASES = 30;

    public const MOST_CHOICES = 100;

    public const MOST_RESTRAINTS = 500;

    public const MOST_INFLUENCES = 30;

    public const MOST_ARRANGEMENTS = 60;

    private const MOST_REMARKS = 60;

    /** The length over this. */
    private const MOST_CAMBER = 50;

    private readonly Fields $f;

    /** @param  array<array-key, mixed>  $in */
    private function __construct(private readonly array $in)
    {
        $this->f = new Fields;
    }

    /**
     * @param  array<array-key, mixed>  $document  the member document with its basis (docs/member-format.md)
     *
     * @throws InvalidMember
     */
    public static function member(array $document): Member
    {
        return (new self($document))->read();
    }

    /** @throws InvalidMember */
    private function read(): Member
    {
        $in = $this->in;
        $f = $this->f;
        self::assertFormat($in);
        $basisIn = $in['basis'] ?? [];
        $basis = is_array($basisIn) ? BasisReader::readInto($f, $basisIn) : BasisReader::readInto($f, []);

        $geometry = new GeometryReader($f, $in);
        $length = $geometry->length;
        $angle = $geometry->angle();
        $supports = $geometry->supports($angle);
        $hinges = $geometry->hinges($supports);
        $cases = $this->cases();

        $combinations = new CombinationReader($f, $cases);
        $own = $combinations->own($in);
        $leftOut = $combinations->leftOut($in);

        $restraint = is_array($in['restraint'] ?? null) ? $in['restraint'] : [];
        $top = $this->restraint($restraint, 'top', $length, $supports);
        $bottom = $this->restraint($restraint, 'bottom', $length, $supports);
        $places = [0.0, $length, ...array_map(fn (Support $s): float => $s->x, $supports), ...$hinges];
        $make = $this->make(new Shape($length, array_values($places), $top, $bottom, $basis, $supports));
        $strip = $make instanceof SlabStrip ? $make->strip() : null;
        $loads = (new LoadReader($f, $length, $angle, $cases, $supports, $hinges, $basis, $strip))->read($in);
        $loadHeight = $f->choice($in, 'loadHeight', 'loadHeight', LoadHeight::Top);
        $selfWeight = $f->flag($in, 'selfWeight', 'selfWeight', true);
        $basis = $this->ownLimits($basis);
        $mark = $f->text($in, 'mark', 'mark');
        $title = $f->text($in, 'title', 'title');
        $notes = $f->text($in, 'notes', 'notes');
        $arrangement = $f->choice($in, 'arrangement', 'arrangement', Arrangement::Worst);
        $arrangements = $arrangement === Arrangement::Chosen ? $this->arrangements($length, $supports) : [];
        $influence = array_values($f->rows($in, 'influence', self::MOST_INFLUENCES, 'influence lines'));
        $collapse = $f->flag($in, 'collapse', 'collapse', false);

        $remarks = $this->remarks();
        $camber = $this->camber($length, $supports);
        $effective = $this->effective($length);
        $endForces = (new EndForcesReader($f, $length, $supports, $top, $bottom))->read($in);
        $this->assertHeldSideways($supports, $top, $bottom);
        $shears = $f->flag($in, 'shears', 'shears', false);
        $permanentBySpan = $f->flag($in, 'permanentBySpan', 'permanentBySpan', false);
        $liftsOff = $geometry->liftsOff(
            $supports,
            $hinges,
            $angle !== 0.0 || array_filter($loads, fn (Load $l): bool => $l->on && $l->actsAlong()) !== [],
            array_filter($loads, fn (Load $l): bool => $l->on && $l->actsSideways()) !== [],
        );

        $f->throwIfAny();
        if ($supports === [] || $make === null) {
            throw new \LogicException('Errors must have been told.');
        }

        return new Member(
            mark: $mark,
            title: $title,
            notes: $notes,
            length: $length,
            supports: $supports,
            hinges: $hinges,
            make: $make,
            top: $top,
            bottom: $bottom,
            loadHeight: $loadHeight,
            selfWeight: $selfWeight,
            cases: $cases,
            loads: $loads,
            ownCombinations: $own,
            leftOut: $leftOut,
            basis: $basis,
            collapse: $collapse,
            arrangement: $arrangement,
            influence: $influence,
            angle: $angle,
            shears: $shears,
            permanentBySpan: $permanentBySpan,
            liftsOff: $liftsOff,
            arrangements: $arrangements,
            remarks: $remarks,
            camber: $camber,
            endForces: $endForces,
            effective: $effective,
        );
    }

    private function effective(float $length): EffectiveLengths
    {
        $given = $this->in['effectiveLengths'] ?? [];
        if (! is_array($given)) {
            $this->f->fail('effectiveLengths', 'Give the buckling lengths as y, z and twist.');

            return new EffectiveLengths;
        }
        $of = function (string $axis) use ($given, $length): ?float {
            if (in_array($given[$axis] ?? '', ['', null], true)) {
                return null;
            }
            $L = $this->f->quantity($given, $axis, "effectiveLengths.{$axis}", Kind::Length);
            if (
                $this->f->areSound('length', "effectiveLengths.{$axis}") &&
                ($L < $length / 20 || $L > 20 * $length)
            ) {
                $this->f->fail(
                    "effectiveLengths.{$axis}",
                    'A buckling length lies between 1/20 of the member and 20 times its length.',
                );
            }

            return $L;
        };

        return new EffectiveLengths($of('y'), $of('z'), $of('twist'));
    }

    /**
     * @param  list<Support>  $supports
     * @return float mm
     */
    private function camber(float $length, array $supports): float
    {
        if (in_array($this->in['camber'] ?? '', ['', null], true)) {
            return 0.0;
        }
        $camber = $this->f->quantity($this->in, 'camber', 'camber', Kind::Size);
        if ($camber < 0.0 || $camber > $length / self::MOST_CAMBER) {
            $this->f->fail(
                'camber',
                'A camber lies between 0 and 1/'.self::MOST_CAMBER.' of the length; it is upward.',
            );
        }
        $places = array_map(fn (Support $s): float => $s->kind === SupportKind::Guided ? -1.0 : $s->x, $supports);
        if ($camber > 0.0 && (count($places) !== 2 || abs($places[0]) > 1e-6 || abs($places[1] - $length) > 1e-6)) {
            $this->f->fail(
                'camber',
                'A camber is counted in a single span between supports at both ends only, none of them guided. Leave it empty here.',
            );
        }

        return $camber;
    }

    /** What it is made of: the material that the document names, steel where it names none, from its block. */
    private function make(Shape $shape): ?Make
    {
        $id = $this->in['material'] ?? 'steel';
        $material = is_string($id) ? Registry::all()[$id] ?? null : null;
        if ($material === null) {
            $this->f->fail('material', 'The material is one of: '.implode(', ', array_keys(Registry::all())).'.');

            return null;
        }
        // Up to version 4 the fields of steel stand among the others.
        $isBlock = is_array($this->in[$id] ?? null);
        if (! $isBlock && $id !== 'steel') {
            $this->f->fail($id, "Say what the member is made of, under “{$id}”.");

            return null;
        }

        return $material->read($this->f, $isBlock ? $this->in[$id] : $this->in, $shape, $isBlock ? "{$id}." : '');
    }

    /**
     * A guided support does not hold the member sideways: the others, and points of restraint of both flanges, have
     * to.
     *
     * @param  list<Support>  $supports
     */
    private function assertHeldSideways(array $supports, Restraint $top, Restraint $bottom): void
    {
        $forks = array_filter($supports, fn (Support $s): bool => $s->kind !== SupportKind::Guided);
        if ($forks === [] || count($forks) === count($supports) || $top->isContinuous() || $bottom->isContinuous()) {
            return;
        }
        $both = array_filter(
            $top->positions,
            fn (float $x): bool => array_filter($bottom->positions, fn (float $y): bool => abs($x - $y) < 1.0) !== [],
        );
        $isFixed = array_filter($forks, fn (Support $s): bool => $s->kind === SupportKind::Fixed) !== [];
        if (! $isFixed && count($forks) + count($both) < 2) {
            $this->f->fail(
                'supports',
                'A guided support does not restrain the member laterally, so that it could turn about the other one. Give a place that restrains both flanges.',
            );
        }
    }

    /** @return array<string, Remark> by weighing */
    private function remarks(): array
    {
        $given = $this->in['remarks'] ?? [];
        if (! is_array($given) || count($given) > self::MOST_REMARKS) {
            $this->f->fail(
                'remarks',
                'Give at most '.self::MOST_REMARKS.' remarks, each with the weighing it belongs to.',
            );

            return [];
        }
        $remarks = [];
        foreach ($given as $weighing => $remark) {
            if (! is_array($remark)) {
                $this->f->fail("remarks.{$weighing}", 'A remark needs a text.');

                continue;
            }
            $remarks[(string) $weighing] = new Remark(
                $this->f->text($remark, 'text', "remarks.{$weighing}.text"),
                $this->f->flag($remark, 'leftOut', "remarks.{$weighing}.leftOut", false),
            );
        }

        return $remarks;
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws InvalidMember when this is no member file, or one of a later version
     */
    public static function assertFormat(array $document): void
    {
        if (($document['format'] ?? null) !== self::FORMAT) {
            throw new InvalidMember([new FieldError('format', 'This is not a Waage member file.')]);
        }
        if (! in_array($document['version'] ?? null, range(1, self::VERSION), true)) {
            throw new InvalidMember([
                new FieldError(
                    'version',
                    'This file has another version of the member format; versions 1 to '.
                        self::VERSION.
                        ' can be read.',
                ),
            ]);
        }
    }

    /** @return list<LoadCase> */
    private function cases(): array
    {
        $cases = [];
        foreach ($this->f->rows($this->in, 'cases', self::MOST_CASES, 'load cases') as $i => $row) {
            $id = $this->f->text($row, 'id', "cases.{$i}.id");
            $name = $this->f->text($row, 'name', "cases.{$i}.name");
            if (preg_match('/^[A-Za-z][\w-]{0,39}$/', $id) !== 1) {
                $this->f->fail(
                    "cases.{$i}.id",
                    'The id of a load case starts with a letter and has letters and digits only.',
                );
            }
            if (trim($name) === '') {
                $this->f->fail("cases.{$i}.name", 'A load case needs a name.');
            }
            foreach ($cases as $other) {
                if ($other->id === $id) {
                    $this->f->fail("cases.{$i}.id", "Two load cases have the id “{$id}”.");
                }
            }
            /** @var Category $category */
            $category = $this->f->choice($row, 'category', "cases.{$i}.category", Category::Permanent);
            $alternatives = trim($this->f->text($row, 'alternatives', "cases.{$i}.alternatives"));
            if ($alternatives !== '' && ($category === Category::Permanent || $category === Category::Settlement)) {
                $this->f->fail(
                    "cases.{$i}.alternatives",
                    'Only variable load cases can be alternatives of each other.',
                );
            }
            $always = $this->f->flag($row, 'always', "cases.{$i}.always", false);
            if ($always && $category !== Category::Settlement && $category !== Category::Temperature) {
                $this->f->fail(
                    "cases.{$i}.always",
                    'Settlements and temperatures may be there always; permanent loads are, other loads come and go.',
                );
            }
            $duration =
                ($row['duration'] ?? '') === ''
                    ? null
                    : $this->f->choice($row, 'duration', "cases.{$i}.duration", LoadDuration::Medium);
            if ($category === Category::Permanent && $duration !== null && $duration !== LoadDuration::Permanent) {
                $this->f->fail(
                    "cases.{$i}.duration",
                    'Permanent load stays for good. Give what goes again another category.',
                );
            }
            $cases[] = new LoadCase(
                $id,
                $name,
                $category,
                $alternatives,
                $always,
                $duration,
                $this->sustained($row, $category, "cases.{$i}.sustained"),
            );
        }
        $this->checkAlternatives($cases);

        return $cases;
    }

    /**
     * The part of a load case that stays; null: as its category has it.
     *
     * @param  array<array-key, mixed>  $row
     */
    private function sustained(array $row, Category $category, string $path): ?float
    {
        if (($row['sustained'] ?? '') === '') {
            return null;
        }
        if (! $category->comesAndGoes()) {
            $this->f->fail($path, 'Only of an imposed load, snow, wind or rain a part stays.');
        }

        return $this->f->number($row, 'sustained', $path, 0.0, 0.0, 1.0);
    }

    /** @param  list<LoadCase>  $cases */
    private function checkAlternatives(array $cases): void
    {
        $count = array_count_values(
            array_filter(
                array_map(fn (LoadCase $c): string => $c->alternatives, $cases),
                fn (string $a): bool => $a !== '',
            ),
        );
        foreach ($cases as $i => $case) {
            if (($count[$case->alternatives] ?? 0) === 1) {
                $this->f->fail(
                    "cases.{$i}.alternatives",
                    "No other load case is an alternative “{$case->alternatives}”; it takes two at least.",
                );
            }
        }
        if (array_product($count) > self::MOST_CHOICES) {
            $this->f->fail(
                'cases',
                'These alternatives can be chosen from in '.
                    array_product($count).
                    ' ways; at most '.
                    self::MOST_CHOICES.
                    ' are combined.',
            );
        }
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @param  list<Support>  $supports
     */
    private function restraint(array $in, string $flange, float $length, array $supports): Restraint
    {
        $f = $this->f;
        $row = is_array($in[$flange] ?? null) ? $in[$flange] : [];
        $path = "restraint.{$flange}";
        $kind = $f->choice($row, 'kind', "{$path}.kind", RestraintKind::Supports);
        $positions = [];
        if ($kind === RestraintKind::Spacing) {
            $spacing = $f->positive($row, 'spacing', "{$path}.spacing", Kind::Length, 'The spacing');
            if ($spacing > 0 && $length / $spacing > self::MOST_RESTRAINTS) {
                $f->fail("{$path}.spacing", 'This spacing gives more than '.self::MOST_RESTRAINTS.' restraints.');
            } elseif ($spacing > 0) {
                for ($i = 1; $i * $spacing < $length - 0.5; $i++) {
                    $positions[] = $i * $spacing;
                }
            }
        } elseif ($kind === RestraintKind::Positions) {
            $given = $row['positions'] ?? [];
            if (
                ! is_array($given) ||
                ! array_is_list($given) ||
                $given === [] ||
                count($given) > self::MOST_RESTRAINTS
            ) {
                $f->fail("{$path}.positions", 'Give between 1 and '.self::MOST_RESTRAINTS.' positions.');
                $given = [];
            }
            foreach ($given as $i => $text) {
                $positions[] = $this->f->place([$text], '0', "{$path}.positions.{$i}", $length, 'The restraint');
            }
            sort($positions);
        }

        return new Restraint($kind, $positions);
    }

    /**
     * Spans and overhangs that are loaded together, numbered from 1 from the left in the document.
     *
     * @param  list<Support>  $supports
     * @return list<non-empty-list<int>> from 0
     */
    private function arrangements(float $length, array $supports): array
    {
        $count = count(array_unique([0.0, ...array_map(fn (Support $s): float => $s->x, $supports), $length])) - 1;
        $given = $this->in['arrangements'] ?? [];
        if (! is_array($given) || ! array_is_list($given) || $given === [] || count($given) > self::MOST_ARRANGEMENTS) {
            $this->f->fail(
                'arrangements',
                'Give between 1 and '.self::MOST_ARRANGEMENTS.' arrangements of imposed load.',
            );

            return [];
        }
        $arrangements = [];
        foreach ($given as $i => $fields) {
            $fields = is_array($fields) ? array_values(array_unique($fields, SORT_REGULAR)) : [];
            $known = array_values(array_filter($fields, fn (mixed $f): bool => is_int($f) && $f >= 1 && $f <= $count));
            if ($fields === [] || $known === [] || count($known) < count($fields)) {
                $this->f->fail(
                    "arrangements.{$i}",
                    $fields === []
                        ? 'This arrangement loads no span.'
                        : "This arrangement loads a span that is not there; the member has {$count} spans and overhangs.",
                );

                continue;
            }
            sort($known);
            $arrangements[] = array_map(fn (int $f): int => $f - 1, $known);
        }

        return $arrangements;
    }

    /** The member may have deflection limits of its own. */
    private function ownLimits(Basis $basis): Basis
    {
        $own = $this->in['deflection'] ?? null;
        if (! is_array($own)) {
            return $basis;
        }
        $of = $basis->limits;
        $over = fn (string $key, float $usual): float => $this->f->number(
            $own,
            $key,
            "deflection.{$key}",
            $usual,
            50,
            2000,
        );
        $limits = new DeflectionLimits(
            $over('total', $of->total),
            $over('variable', $of->variable),
            $over('sway', $of->sway),
            $this->f->number($own, 'frequency', 'deflection.frequency', $of->frequency, 0, 50),
        );

        return new Basis(...['limits' => $limits] + get_object_vars($basis));
    }
}
