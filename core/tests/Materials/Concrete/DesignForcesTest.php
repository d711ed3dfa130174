<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Design\Design;
use Waage\Member\MemberReader;

const FACES = ['momentsAtFace' => true, 'shearAtD' => true, 'width' => '400 mm', 'bottom' => '4ø25', 'top' => '4ø25'];

// By hand, two spans of 6 m, w = 31.2 kN/m: M = w L²/8 at the axis, V = 5 w L/8 beside it; the face
// is 125 mm away: M_face = M − V t/2 + w (t/2)²/2.
it('takes moments at the face of a support', function (): void {
    $of = fn (array $c): array => linesOf(openBeam([6.0, 6.0], 12, 10, $c), 'hogging-2');
    $w = 1.35 * (12 + 25 * 0.4 * 0.55) + 15;
    [$M, $V] = [($w * 36) / 8, ($w * 6 * 5) / 8];
    expect($of(['momentsAtFace' => false] + FACES)['M_Ed'] / 1e6)
        ->toBeNear($M, 1e-6)
        ->and($of(FACES)['M_Ed'] / 1e6)
        ->toBeNear($M - $V * 0.125 + ($w * 0.125 ** 2) / 2, 1e-6);
});

// A wide support, 2 m in spans of 6 m: with imposed load on one span only, the face of the other: M = (u + v) L²/16, V
// = v L/2 + M/L; less than 0.65 w L²/12.
it('does not go below 0.65 of the fixed-end moment by EN, and has no such floor by ACI', function (): void {
    $wide = function (array $basis): float {
        $document = openDocument([6.0, 6.0], 12, 10, FACES, $basis);
        $document['supports'][1]['bearing'] = '2 m';
        $design = new Design(MemberReader::member($document));
        $lines = linesOf($design, 'hogging-2');

        return ($lines['M_Ed'] ?? $lines['M_u']) / 1e6;
    };
    $w = 1.35 * (12 + 25 * 0.4 * 0.55) + 15;
    expect($wide([]))->toBeNear((0.65 * $w * 36) / 12, 1e-4);
    [$u, $v] = [1.2 * (12 + 23.563 * 0.4 * 0.55) + 16, 1.2 * (12 + 23.563 * 0.4 * 0.55)];
    $M = (($u + $v) * 36) / 16;
    expect($wide(['combinations' => 'asce-7-16-lrfd']))->toBeNear($M - $v * 3 - $M / 6 + $v / 2, 1e-4);
});

// V at d from the face of an end support: 3/8 would be the least; here a single span: w (L/2 − t/2 − d); crushing at
// the face.
it('takes shear at d from the face, but crushing at the face', function (): void {
    $design = openBeam([6.0], 12, 10, FACES);
    $w = 1.35 * (12 + 25 * 0.4 * 0.55) + 15;
    $d = linesOf($design, 'shear')['d'] / 1000;
    expect(weighingOf($design, 'shear')->demand / 1000)
        ->toBeNear($w * (3 - 0.125 - $d), 1e-4)
        ->and(weighingOf($design, 'struts')->demand / 1000)
        ->toBeNear($w * (3 - 0.125), 1e-4);
});

it('does not reduce shear where a point load acts within d', function (): void {
    $document = openDocument([6.0], 12, 10, ['linkSpacing' => '100 mm'] + FACES, []);
    $document['loads'][] = [
        'id' => 'p',
        'case' => 'q',
        'kind' => 'point',
        'name' => '',
        'remark' => '',
        'value' => '50 kN',
        'x' => '0.5 m',
    ];
    $design = new Design(MemberReader::member($document));
    $w = 1.35 * (12 + 25 * 0.4 * 0.55) + 15;
    expect(weighingOf($design, 'shear')->demand / 1000)->toBeNear($w * (3 - 0.125) + (75 * 5.5) / 6, 1e-4);
});
