<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\ThinWalled\Strip;

function built(string $name): StripSection
{
    $s = section($name);

    return $s instanceof StripSection ? $s : throw new LogicException('A section built of strips is needed.');
}

it('has the properties of a welded I section with unequal flanges', function (string $property): void {
    $strips = built('strips 15: -100,7.5 100,7.5; 10: 0,15 0,580; 20: -150,590 150,590');
    expect($strips->{$property})->toBeNear(unequal('welded I 600×300×200×10×20×15')->{$property}, 1e-9);
})->with(['A', 'Iy', 'Iz', 'It', 'Iw', 'Wely', 'Wply', 'h', 'b']);

it('has the shear centre of a welded I section with unequal flanges', function (): void {
    $s = built('strips 15: -100,7.5 100,7.5; 10: 0,15 0,580; 20: -150,590 150,590');
    $above = unequal('welded I 600×300×200×10×20×15')->shearLevel();
    expect($s->zM)
        ->toBeNear($above + (7.5 + 590) / 2 - $s->zs, 1e-9)
        ->and(abs($s->yM))
        ->toBeLessThan(1e-9);
});

it('has the shear centre and the warping of a channel', function (): void {
    $s = built('strips 12: 80,6 4,6; 8: 4,6 4,194; 12: 4,194 80,194');
    $c = section('welded channel 200×80×8×12');
    // The channel counts I_y with the thickness of its corners.
    expect($s->Iw)
        ->toBeNear($c->Iw, 1e-4)
        ->and(-$s->yM - $s->ys + 4)
        ->toBeNear($c instanceof Channel ? $c->ym - $c->ys + 4 : 0.0, 0.005);
});

// Closed values of a Z of b = 60, h = 200, t = 3: I_y = h² t (6 b + h)/12, I_z = 2 b³ t/3, I_yz = b² h t/2, I_w = b³ h²
// t (b + 2 h)/(12 (2 b + h)).
it('has the closed values of a Z', function (string $property, float $value, float $part): void {
    expect(built('strips 3: -60,0 0,0 0,200 60,200')->{$property})->toBeNear($value, $part);
})->with([
    ['Iy', (200 ** 2 * 3 * (6 * 60 + 200)) / 12, 1e-3],
    ['Iz', (2 * 60 ** 3 * 3) / 3, 2e-3],
    ['Iyz', (60 ** 2 * 200 * 3) / 2, 1e-9],
    ['Iw', (60 ** 3 * 200 ** 2 * 3 * (60 + 2 * 200)) / (12 * (2 * 60 + 200)), 1e-9],
]);

it('has the principal axes of a Z, and its shear centre in the middle', function (): void {
    $s = built('strips 3: -60,0 0,0 0,200 60,200');
    expect(hypot($s->yM, $s->zM))
        ->toBeLessThan(1e-9)
        ->and($s->Iu * $s->Iv)
        ->toBeNear($s->Iy * $s->Iz - $s->Iyz ** 2)
        ->and(tan(2 * $s->lean))
        ->toBeNear((-2 * $s->Iyz) / ($s->Iy - $s->Iz));
});

it('is an angle without radii, by its principal axes', function (): void {
    $s = built('strips 10: 120,5 5,5 5,150');
    $a = section('angle 150×120×10');
    expect($s->Iu + $s->Iv)
        ->toBeNear($s->Iy + $s->Iz)
        ->and($s->Iv)
        ->toBeNear($a instanceof Waage\Materials\Steel\Sections\Angle ? $a->Iv : 0.0, 0.02)
        ->and($s->Iw)
        ->toBeLessThan(1e-3)
        // The shear centre is where the middle lines meet.
        ->and($s->ys + $s->yM)
        ->toBeNear(5.0, 1e-9)
        ->and($s->zs + $s->zM)
        ->toBeNear(5.0, 1e-9);
});

it('does not depend on where it lies, how it is turned, or where it is divided', function (): void {
    $strips = fn (float $dy, float $dz, bool $mirrored): array => array_map(
        fn (array $p): Strip => new Strip(
            ($mirrored ? -1 : 1) * $p[0] + $dy,
            $p[1] + $dz,
            ($mirrored ? -1 : 1) * $p[2] + $dy,
            $p[3] + $dz,
            $p[4],
        ),
        [[0, 0, 90, 0, 6], [90, 0, 90, 200, 4], [90, 200, 40, 220, 5], [30, 0, 30, -20, 3]],
    );
    $s = new StripSection($strips(0, 0, false));
    foreach (
        [
            new StripSection($strips(500, -80, false)),
            new StripSection($strips(0, 0, true)),
            new StripSection(array_reverse($strips(0, 0, false))),
        ] as $other
    ) {
        foreach (['A', 'Iy', 'Iz', 'Iu', 'Iv', 'It', 'Iw', 'Wely', 'Wply', 'Wplz', 'shearing'] as $property) {
            expect($other->{$property})->toBeNear($s->{$property}, 1e-7);
        }
        expect(abs($other->yM))->toBeNear(abs($s->yM), 1e-7)->and($other->zM)->toBeNear($s->zM, 1e-7);
    }
});

it('says what is wrong with strips', function (string $typed, string $says): void {
    expect(Catalogue::find($typed))->toBeNull()->and(Catalogue::missing($typed))->toContain($says);
})->with([
    ['strips', '1 to 40 strips'],
    ['strips 8: 0,0', '1 to 40 strips'],
    ['strips 8 0,0 100,0', 'the thickness, then the points'],
    ['strips 8: 0,0 100,0; 8: 0,50 100,90', 'do not all meet'],
    ['strips 8: 0,0 100,0 100,100 0,100 0,0', 'close a ring'],
    ['strips 0.2: 0,0 100,0', 'between 0.5 and 80'],
    ['strips 8: 0,0 4,0', 'longer than it is thick'],
    ['strips 12: 0,0 100,0', 'all lie flat'],
    ['strips 8: 0,0 9000,0', 'within 3000 mm'],
]);

it('is weighed elastically where it is held', function (): void {
    $held = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    $name = 'strips 12: 0,0 200,0; 10: 100,6 100,130';
    $design = design(
        ['section' => $name, 'length' => '2 m', 'supports' => [supportAt('0 m'), supportAt('2 m', 'roller')], ...$held],
        detail: Detail::Lines,
    );
    $s = built($name);
    expect(weighing($design, 'bending')->capacity)
        ->toBeNear(235 * $s->Wely)
        ->and(weighing($design, 'classification')->remark)
        ->toContain('class 3')
        // τ = V S/(I t) at the axis of a T: half the square of the stem beyond it.
        ->and(Shear::resistance(steel($name)))
        ->toBeNear((($s->Iy / ((130 - $s->zs) ** 2 / 2)) * 235) / sqrt(3), 1e-9)
        // Of class 4 at a reduced stress, and too slender to shear.
        ->and(
            weighing(design(['section' => 'strips 2: 0,0 200,0; 2: 100,1 100,130', ...$held]), 'classification')
                ->remark,
        )
        ->toContain('reduced stress')
        ->and(
            weighing(
                design(['section' => 'strips 2: 0,0 200,0; 2: 100,1 100,130', ...$held]),
                'shear-buckling',
            )->isCovered(),
        )
        ->toBeFalse();
});

// EN 1993-1-5, 5.1(2) by hand: 72 ε/η = 60 in S235 with η = 1.2 between others; 0.83/1.2 · 37.4 √1.2 = 28.3 with a free
// edge.
it('keeps what shears from buckling', function (string $name, bool $applies, string $says): void {
    $shear = weighing(
        design([
            'section' => $name,
            'grade' => 'S235',
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        ]),
        'shear-buckling',
    );
    expect($shear->isCovered())->toBe($applies)->and($shear->remark)->toContain($says);
})->with([
    ['strips 3.4: -30,0 0,0 0,200 30,200', true, 'stocky'],
    ['strips 3.3: -30,0 0,0 0,200 30,200', false, 'A strip between others'],
    ['strips 3.3: -30,0 0,0 0,80 0,200 30,200', false, 'A strip between others'],
    ['strips 12: 0,0 200,0; 5: 100,6 100,146', true, 'stocky'],
    ['strips 12: 0,0 200,0; 4.9: 100,6 100,146', false, 'What has a free edge'],
]);

it('takes strips that go on straight as one', function (): void {
    expect(built('strips 3: -60,0 -20,0 0,0 0,70 0,200 60,200')->tree->strips)
        ->toHaveCount(3)
        ->and(built('strips 8: 0,0 50,0 100,0; 8: 50,4 50,60 50,90')->tree->strips)
        ->toHaveCount(4)
        ->and(built('strips 8: 0,0 50,0 100,0; 8: 50,-50 50,0 50,50')->tree->strips)
        ->toHaveCount(4)
        ->and(built('strips 8: 0,0 50,0; 6: 50,0 100,0 100,50')->tree->strips)
        ->toHaveCount(3);
});
