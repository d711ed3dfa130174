<?php

declare(strict_types=1);

use Waage\Units\Dimension;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;
use Waage\Units\UnitTable;

// NIST SP 811 (2008), appendix B.8: exact or to seven digits.
it('converts as NIST SP 811 does', function (string $unit, float $factor): void {
    expect(UnitTable::unit($unit)['factor'])->toBeNear($factor, 1e-6);
})->with([
    ['ft', 304.8],
    ['in', 25.4],
    ['lbf', 4.448222],
    ['kip', 4448.222],
    ['psi', 6.894757e-3],
    ['ksi', 6.894757],
    ['psf', 47.88026e-6],
    ['plf', 14.5939e-3],
    ['klf', 14.5939],
    ['lb·ft', 1355.818],
    ['kip·ft', 1.355818e6],
    ['kip·in', 112984.8],
    ['in²', 645.16],
    ['in³', 16387.06],
    ['in⁴', 416231.4],
    ['in⁶', 2.685359e8],
    ['kg', 9.80665],
    ['kip·in²', 2.869814e6],
]);

it('knows every kind in both systems with a unit of its dimension', function (Kind $kind): void {
    foreach (UnitSystem::cases() as $system) {
        $unit = $system->unit($kind);
        expect($unit === '' ? Dimension::Number->value : UnitTable::unit($unit)['dimension'])->toBe(
            $kind->dimension()->value,
        );
    }
})->with(Kind::cases());

it('formats with the unit', function (UnitSystem $system, float $value, Kind $kind, string $text): void {
    expect($system->format($value, $kind))->toBe($text);
})->with([
    [UnitSystem::Metric, 123456.0, Kind::Force, '123.5 kN'],
    [UnitSystem::Metric, -0.001, Kind::Force, '0.0 kN'],
    [UnitSystem::UsCustomary, 3048.0, Kind::Length, '10.000 ft'],
    [UnitSystem::Metric, 0.4141, Kind::Mass, '42.2 kg/m'],
]);

it('keeps significant digits', function (float $value, string $text): void {
    expect(UnitSystem::Metric->significant($value, Kind::Number))->toBe($text);
})->with([
    [0.0, '0'],
    [1234.56, '1235'],
    [0.00123456, '0.001235'],
    [1.5, '1.5'],
    [12.3456, '12.35'],
    [123456.0, '123456'],
]);
