<?php

declare(strict_types=1);

namespace Waage\Tests\Material;

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Shortlist;
use Waage\Design\ShortlistRow;
use Waage\Design\Show;
use Waage\Material\Registry;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\PlainText;
use Waage\Sheets\SheetBuilder;

beforeEach(fn () => Registry::with(new Ice()));
afterEach(fn () => Registry::with(null));

function iceBeam(string $size = '400 mm'): Design
{
    return new Design(
        MemberReader::member([
            'format' => 'waage-member',
            'version' => 5,
            'mark' => 'I1',
            'title' => 'Lintel of a snow hut',
            'material' => 'ice',
            'ice' => ['size' => $size],
            'length' => '4 m',
            'selfWeight' => true,
            'supports' => [
                ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '200 mm'],
                ['x' => '4 m', 'kind' => 'roller', 'bearing' => '200 mm'],
            ],
            'cases' => [['id' => 'q', 'name' => 'Snow', 'category' => 'snow']],
            'loads' => [
                ['id' => 'a', 'case' => 'q', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => '2 kN/m'],
            ],
        ]),
        Detail::Lines,
    );
}

// By hand: 1.35 · 1.44 + 1.5 · 2 = 4.944 kN/m, M = 9.888 kNm; a³/6 = 10.67e6 mm³: 0.927 against 1.5.
it('weighs a material that nothing outside its folder knows', function (): void {
    $design = iceBeam();
    expect($design->weighings[0]->ratio)
        ->toBeNear(9.888e6 / ((1.5 * 400 ** 3) / 6), 1e-9)
        ->and($design->verdict()->holds())
        ->toBeTrue()
        ->and(iceBeam('300 mm')->verdict()->holds())
        ->toBeFalse();
});

it('carries it to result, sheet, text and shortlist', function (): void {
    $design = iceBeam();
    $result = (new Result($design, Show::envelope()))->toArray();
    $sheet = (new SheetBuilder($design, new JobInfo(date: '2026-11-30'), true))->toArray();
    expect(\faultsAgainst('result', $result))
        ->toBe('')
        ->and(\faultsAgainst('sheet', $sheet))
        ->toBe('')
        ->and(json_encode($sheet))
        ->toContain('It freezes.')
        ->toContain('Rules of ice')
        ->and(PlainText::of($design))
        ->toContain('ice 400 clear, Rules of ice')
        ->toContain('u = M / (f * a^3 / 6) = 0.618');
    $holds = array_map(fn (ShortlistRow $row): bool => $row->verdict->holds(), [...Shortlist::of($design)]);
    expect($holds)->toBe([false, true]);
});

it('tells its faults at its fields, and is unknown without the line in the registry', function (): void {
    expect(fn () => iceBeam('-1 mm'))->toThrow(InvalidMember::class, 'The size');
    Registry::with(null);
    expect(fn () => iceBeam())->toThrow(
        InvalidMember::class,
        'The material is one of: steel, concrete, timber, coldFormed.',
    );
});
