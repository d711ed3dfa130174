<?php

declare(strict_types=1);

use Waage\Design\Design;

/** @param  array<string, mixed>  $change */
function permanentOnTwoSpans(array $change = []): Design
{
    return design([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'permanentBySpan' => true,
        ...$change,
    ]);
}

// Arrangement of BS 8110-1:1997, 3.2.1.2.2 (from memory): one span with 1.4 g + 1.6 q, the other one with 1.0 g. The
// moment over the support is (w1 + w2) l² / 16, the greatest one in the span R² / 2 w1 with R = w1 l / 2 − (w1 + w2) l
// / 16.
it('gives permanent load its smaller factor on the spans where it helps', function (): void {
    $design = permanentOnTwoSpans(['basis' => ['combinations' => 'classic']]);
    [$w1, $w2] = [1.4 * 5 + 1.6 * 10, 1.0 * 5];
    $R = ($w1 * 6000) / 2 - (($w1 + $w2) * 6000) / 16;
    $e = $design->envelopes->moment->extreme($design->ultimate(), 1, 0.0);
    expect($e?->value)
        ->toBeNear($R ** 2 / 2 / $w1, 1e-9)
        ->and($e?->combination->text)
        ->toBe('1.4 or 1 × Permanent + 1.6 × Imposed')
        ->and(weighing($design, 'bending')->combination)
        ->toBe($e?->combination->id)
        ->and($design->envelopes->moment->extreme($design->ultimate(), -1, 0.0)?->value)
        ->toBeNear((-$w1 * 6000 ** 2) / 8, 1e-9);
});

it('counts self-weight among it, for each section of a shortlist its own', function (): void {
    $change = ['selfWeight' => true, 'section' => 'HEB 300', 'families' => ['HEB'], 'loads' => []];
    $design = permanentOnTwoSpans($change);
    $g = section('HEB 300')->weight();
    $R = (1.35 * $g * 6000) / 2 - (2.35 * $g * 6000) / 16;
    expect($design->envelopes->moment->extreme($design->ultimate(), 1, $g)?->value)->toBeNear(
        $R ** 2 / 2 / 1.35 / $g,
        1e-9,
    );
    foreach ($design->shortlist() as $row) {
        expect($row->verdict->ratio)->toBeNear(
            (float) permanentOnTwoSpans([...$change, 'section' => $row->make->name()])->verdict()->ratio,
            1e-9,
        );
    }
});

it('is never less than one factor for all, and the same on one span', function (string $combinations): void {
    $basis = ['basis' => ['combinations' => $combinations]];
    foreach (['bending', 'shear', 'buckling', 'deflection-total'] as $id) {
        $one = (float) weighing(permanentOnTwoSpans([...$basis, 'permanentBySpan' => false]), $id)->ratio;
        expect(weighing(permanentOnTwoSpans($basis), $id)->ratio)
            ->toBeGreaterThanOrEqual($one * (1 - 1e-9))
            ->and((float) weighing(design([...$basis, 'permanentBySpan' => true]), $id)->ratio)
            ->toBeNear((float) weighing(design($basis), $id)->ratio, 1e-9, 1.0);
    }
})->with(['6.10', '6.10a/b', 'classic']);
