<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Aisc360\Shape;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\SteelGrade;

function shape(string $name, SteelGrade $grade = SteelGrade::A992): Shape
{
    $section = section($name);

    return new Shape($section instanceof Flanged ? $section : throw new LogicException('No I shape.'), $grade);
}

/**
 * Beam of the published Design Example F.1: W18×50, A992, 35 ft, 0.45 kip/ft dead and 0.75 kip/ft live.
 *
 * @param  list<string>  $braces
 * @param  array<string, mixed>  $change
 */
function american(string $rules, array $braces = [], bool $closed = false, array $change = []): Design
{
    $hold = $braces === [] ? ['kind' => 'supports'] : ['kind' => 'positions', 'positions' => $braces];

    return design(
        [
            'length' => '35 ft',
            'section' => 'W18X50',
            'grade' => 'A992',
            'supports' => [
                supportAt('0 ft') + ['stiffened' => true],
                supportAt('35 ft', 'roller') + ['stiffened' => true],
            ],
            'loads' => [lineLoad('g', '0.45 kip/ft'), lineLoad('q', '0.75 kip/ft')],
            'loadHeight' => 'centre',
            'restraint' => ['top' => $hold, 'bottom' => $hold],
            'basis' => ['combinations' => $rules, 'units' => 'us', 'parameters' => ['closedForms' => $closed]],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}
