<?php

declare(strict_types=1);

namespace Waage\Tests\ThinWalled;

use Waage\Tools\Toolbox;
use Waage\Units\UnitSystem;

// Direct Strength Method Design Guide (AISI 2006), the C 9CS2.5x059 fully braced, kip and in., from memory: M_nl 94,
// M_nd 93; P_nl 19.4, P_nd 19.6.
it('has the strengths of the published C', function (string $tool, array $given, array $published): void {
    $answer = array_column(Toolbox::answer($tool, $given, UnitSystem::UsCustomary)['lines'], 'value', 'symbol');
    foreach ($published as $symbol => $value) {
        expect($answer[$symbol])->toBeNear($value, 0.006);
    }
})->with([
    [
        'direct-strength-beam',
        [
            'M_y' => '126.55 kip·in',
            'M_cre' => '1000 kip·in',
            'M_crl' => '0.67*126.55 kip·in',
            'M_crd' => '0.85*126.55 kip·in',
        ],
        ['M_nl' => 94 / 12, 'M_nd' => 93 / 12],
    ],
    [
        'direct-strength-column',
        ['P_y' => '48.42 kip', 'P_cre' => '1e7 kip', 'P_crl' => '0.12*48.42 kip', 'P_crd' => '0.27*48.42 kip'],
        ['P_nl' => 19.4, 'P_nd' => 19.6],
    ],
]);

it('is continuous at the borders of its curves', function (
    string $tool,
    array $given,
    string $symbol,
    string $answer,
    float $at,
): void {
    $of = fn (float $value): float => array_column(
        Toolbox::answer(
            $tool,
            [$symbol => $value.($tool === 'direct-strength-beam' ? ' Nm' : ' N')] + $given,
            UnitSystem::Metric,
        )['lines'],
        'value',
        'symbol',
    )[$answer];
    expect($of($at * 0.9999))->toBeNear($of($at * 1.0001), 1e-3);
})->with([
    ['direct-strength-beam', ['M_y' => '1000 Nm', 'M_crl' => '1e6 Nm', 'M_crd' => '1e6 Nm'], 'M_cre', 'M_ne', 2780.0],
    [
        'direct-strength-beam',
        ['M_y' => '1000 Nm', 'M_cre' => '1e6 Nm', 'M_crd' => '1e6 Nm'],
        'M_crl',
        'M_nl',
        1000 / 0.776 ** 2,
    ],
    [
        'direct-strength-beam',
        ['M_y' => '1000 Nm', 'M_cre' => '1e6 Nm', 'M_crl' => '1e6 Nm'],
        'M_crd',
        'M_nd',
        1000 / 0.673 ** 2,
    ],
    [
        'direct-strength-column',
        ['P_y' => '1000 N', 'P_crl' => '1e6 N', 'P_crd' => '1e6 N'],
        'P_cre',
        'P_ne',
        1000 / 1.5 ** 2,
    ],
    [
        'direct-strength-column',
        ['P_y' => '1000 N', 'P_cre' => '1e6 N', 'P_crl' => '1e6 N'],
        'P_crd',
        'P_nd',
        1000 / 0.561 ** 2,
    ],
]);

it('refuses sections that cannot be', function (array $given, string $field): void {
    expect(fn (): array => Toolbox::answer('thin-properties', $given, UnitSystem::Metric))
        ->toThrow(\Waage\Member\InvalidMember::class)
        ->and(
            array_column(
                (function () use ($given): array {
                    try {
                        Toolbox::answer('thin-properties', $given, UnitSystem::Metric);
                    } catch (\Waage\Member\InvalidMember $e) {
                        return $e->errors;
                    }

                    return [];
                })(),
                'path',
            ),
        )
        ->toBe(["values.{$field}"]);
})->with([
    [['b' => '8 mm'], 'b'],
    [['c' => '110 mm'], 'c'],
    [['t' => '20 mm'], 't'],
    [['r' => '30 mm'], 'r'],
    [['lean' => '10'], 'lean'],
]);
