<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Material\Shape;
use Waage\Materials\Timber\Asked;
use Waage\Materials\Timber\Conditions;
use Waage\Materials\Timber\Details;
use Waage\Materials\Timber\Dimensions;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\OpenSizes;
use Waage\Materials\Timber\Row;
use Waage\Materials\Timber\ServiceClass;
use Waage\Materials\Timber\Suite;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\BasisReader;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;
use Waage\Tools\Input;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** A piece of timber and the duration of its loads, as tools ask for them. */
final class Sample
{
    /** @return list<Input> width, depth, plies, grade and circumstances */
    public static function inputs(Suite $suite, string $b, string $h, string $grade): array
    {
        return [
            Input::of('b', 'width', Kind::Size, $b),
            Input::of('h', 'depth', Kind::Size, $h),
            Input::choice('grade', 'grade', self::grades($suite, $grade)),
            $suite === Suite::En1995
                ? Input::choice('service', 'service class', ['1', '2', '3'])
                : Input::choice('service', 'in service it is', ['dry', 'wet']),
            Input::choice('shares', 'shares its load with others alike', ['no', 'yes']),
        ];
    }

    /** @return non-empty-list<string> with one of them first */
    private static function grades(Suite $suite, string $first): array
    {
        $others = array_filter(Grade::names($suite), fn (string $n): bool => $n !== $first && $n !== Grade::LVL);

        return [$first, ...array_values($others)];
    }

    /** @throws \Waage\Member\InvalidMember */
    public static function make(Suite $suite, Values $v): TimberMake
    {
        $v->assertPositive('b', 'h');
        [$b, $h] = [$v->number('b'), $v->number('h')];
        $grade = Grade::of($suite, $v->text('grade'), $b, $h);
        $v->assert(
            'grade',
            $grade !== null,
            "The grade is one of those of {$suite->tables()} for this size, such as ".
                implode(', ', array_slice(Grade::names($suite), 0, 4)).
                '.',
        );
        $wet = in_array($v->text('service'), ['wet', '3'], true);
        $serviceClass = $wet ? ServiceClass::Exposed : ServiceClass::tryFrom($v->text('service')) ?? ServiceClass::Dry;
        $combinations = match ($suite) {
            Suite::Nds2018 => 'asce-7-16-asd',
            Suite::CsaO86 => 'nbc-2020',
            default => '6.10',
        };
        $free = new Restraint(RestraintKind::Supports);

        return new TimberMake(
            new Dimensions($b, $h),
            $grade ?? throw new \LogicException('It was looked for before.'),
            new Conditions($serviceClass, sharesLoad: $v->text('shares') === 'yes'),
            new Details(),
            new Asked(),
            new Row(),
            new OpenSizes(),
            new Shape(1000.0, [], $free, $free, BasisReader::read(['combinations' => $combinations])),
        );
    }

    public static function duration(): Input
    {
        return Input::choice('duration', 'load duration', ['medium', 'permanent', 'long', 'short', 'instantaneous']);
    }

    public static function group(float $factor, string $why, string $clause): LoadGroup
    {
        return new LoadGroup($factor, $why, $clause, [new Combination('', Purpose::Strength, '', 1.0, [], '')]);
    }
}
