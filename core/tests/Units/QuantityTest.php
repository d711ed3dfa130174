<?php

declare(strict_types=1);

use Waage\Units\Kind;
use Waage\Units\Quantity;
use Waage\Units\QuantityError;
use Waage\Units\UnitSystem;

$cases = json_decode((string) file_get_contents(__DIR__.'/../data/quantities.json'), true, 16, JSON_THROW_ON_ERROR);

it('reads what engineers type', function (string $text, string $kind, float $value): void {
    expect(Quantity::parse($text, Kind::from($kind)))->toBeNear($value, 1e-12);
})->with($cases['good']);

it('gives a plain number the unit of the field', function (
    string $text,
    string $kind,
    string $system,
    float $value,
): void {
    expect(Quantity::parse($text, Kind::from($kind), UnitSystem::from($system)))->toBeNear($value, 1e-12);
})->with($cases['bare']);

it('says what is wrong', function (string $text, string $kind, string $message): void {
    expect(fn () => Quantity::parse($text, Kind::from($kind)))->toThrow(QuantityError::class, $message);
})->with($cases['bad']);

it('refuses a text that is far too long', function (): void {
    expect(fn () => Quantity::parse(str_repeat('9', 10_000), Kind::Length))->toThrow(QuantityError::class, 'too long');
});
