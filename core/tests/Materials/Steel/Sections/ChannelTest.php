<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Channel;
use Waage\ThinWalled\Outline;

function channelOf(string $name): Channel
{
    $section = section($name);

    return $section instanceof Channel ? $section : throw new LogicException('A channel is needed.');
}

it('has a published row for every channel', function (): void {
    expect(array_keys(publishedRows('channel-tables')))->toBe(
        array_map(fn ($s): string => $s->name, Catalogue::ofFamilies(['UPE', 'UPN', 'PFC', 'C'])),
    );
});

it('agrees with the published tables of channels', function (string $name, string ...$published): void {
    $s = channelOf($name);
    $isAmerican = $s->family === 'C';
    $unit = $isAmerican ? 25.4 : 10.0;
    [$G, $A, $Iy, $Wely, $Wply, $Iz, $Welz, $Wplz, $It, $Iw, $e, $ys] = $published;
    // Tables have three digits.
    foreach (
        [
            [$s->A, $A, 2],
            [$s->Iy, $Iy, 4],
            [$s->Wely, $Wely, 3],
            [$s->Wply, $Wply, 3],
            [$s->Iz, $Iz, 4],
            [$s->Welz, $Welz, 3],
            [$s->Wplz, $Wplz, 3],
            [$s->ys, $ys, 1],
        ] as [$computed, $table, $power]
    ) {
        if ($table !== '') {
            expect($computed / $unit ** $power)->toBeNear((float) $table, 0.0105);
        }
    }
    expect(($s->mass() * 1000) / ($isAmerican ? 1.48816 : 1.0))
        ->toBeNear((float) $G, 0.01, 10.0)
        ->and($s->It / $unit ** 4)
        ->toBeNear((float) $It, 0.015);
    if ($Iw !== '') {
        expect($s->Iw / ($isAmerican ? $unit ** 6 : 1e9))->toBeNear((float) $Iw, $s->family === 'PFC' ? 0.045 : 0.025);
    }
    if ($e !== '') {
        expect(($s->ym - $s->ys + ($isAmerican ? 0.0 : $s->tw / 2)) / $unit)->toBeNear((float) $e, 0.02);
    }
})->with(
    array_map(
        fn (string $name, array $row): array => [$name, ...$row],
        array_keys(publishedRows('channel-tables')),
        publishedRows('channel-tables'),
    ),
);

it('agrees with strips summed over the width', function (string $name): void {
    $s = channelOf($name);
    $n = 20000;
    [$A, $S, $I, $Iz] = [0.0, 0.0, 0.0, 0.0];
    $strips = [];
    $root = $s->tf + $s->slope * ($s->b - $s->tw - $s->at);
    // How far the fillet and the toe reach, for flanges that slope little: by their circles.
    $norm = hypot(1.0, $s->slope);
    $face = fn (float $y): float => $root - $s->slope * ($y - $s->tw);
    [$cy, $cz] = [$s->tw + $s->r, $face($s->tw + $s->r) + $s->r * $norm];
    [$ty, $tz] = [$s->b - $s->toe, $face($s->b - $s->toe) - $s->toe * $norm];
    for ($i = 0; $i < $n; $i++) {
        $y = (($i + 0.5) * $s->b) / $n;
        $t = match (true) {
            $y < $s->tw => $s->h / 2,
            $y < $cy - ($s->r * $s->slope) / $norm => $cz - sqrt(max(0.0, $s->r ** 2 - ($y - $cy) ** 2)),
            $y > $ty + ($s->toe * $s->slope) / $norm && $s->toe > 0.0 => $tz +
                sqrt(max(0.0, $s->toe ** 2 - ($y - $ty) ** 2)),
            default => $face($y),
        };
        $dA = (2 * $t * $s->b) / $n;
        $strips[] = [$y, $dA];
        $A += $dA;
        $S += $y * $dA;
        $Iz += $y ** 2 * $dA;
        $I += ($s->b / $n) * (2 / 3) * (($s->h / 2) ** 3 - ($s->h / 2 - $t) ** 3);
    }
    // The axis that halves the area.
    [$left, $Wpl] = [0.0, 0.0];
    foreach ($strips as [$y, $dA]) {
        $sign = $left < $A / 2 ? -1 : 1;
        $left += $dA;
        $Wpl += $sign * $y * $dA;
    }
    expect($s->A)
        ->toBeNear($A, 5e-4)
        ->and($s->Iy)
        ->toBeNear($I, 5e-4)
        ->and($s->ys)
        ->toBeNear($S / $A, 1e-3)
        ->and($s->Iz)
        ->toBeNear($Iz - $S ** 2 / $A, 1e-3)
        ->and($s->Wplz)
        ->toBeNear($Wpl, 2e-3);
})->with(['UPE 200', 'UPN 200', 'UPN 400', 'PFC 300×90×41', 'C12×20.7']);

// Second way: the warping function of a thin line of many short parts, by summing; shear centre from Σ ω z A = 0.
it('has the shear centre and warping of its middle line', function (string $name): void {
    $s = channelOf($name);
    $root = $s->tf + $s->slope * ($s->b - $s->tw - $s->at);
    $n = 4000;
    $line = [];
    $l = $s->b - $s->tw / 2;
    for ($i = 0; $i <= $n; $i++) {
        $y = $l * (1 - $i / $n);
        $t = $root - $s->slope * ($y - $s->tw / 2);
        $line[] = [$y, ($s->h - $t) / 2, $t];
    }
    $corner = end($line)[1];
    for ($i = 1; $i <= $n; $i++) {
        $line[] = [0.0, $corner * (1 - $i / $n), $s->tw];
    }
    // ω from the middle of the web outwards about its middle; half of the section, the other is its mirror image.
    $line = array_reverse($line);
    $of = function (float $e) use ($line): array {
        [$omega, $sum, $square, $Iy] = [0.0, 0.0, 0.0, 0.0];
        for ($i = 1; $i < count($line); $i++) {
            [[$y0, $z0, $t0], [$y1, $z1, $t1]] = [$line[$i - 1], $line[$i]];
            $before = $omega;
            $omega += ($y0 + $e) * ($z1 - $z0) - $z0 * ($y1 - $y0);
            $dA = (hypot($y1 - $y0, $z1 - $z0) * ($t0 + $t1)) / 2;
            $mean = ($before + $omega) / 2;
            $sum += (($mean * ($z0 + $z1)) / 2) * $dA;
            $square += 2 * $mean ** 2 * $dA;
            $Iy += 2 * (($z0 + $z1) / 2) ** 2 * $dA;
        }

        return [$sum, $square, $Iy];
    };
    [$low, $high] = [0.0, $s->b];
    for ($i = 0; $i < 50; $i++) {
        $e = ($low + $high) / 2;
        $of($e)[0] < 0.0 ? ($low = $e) : ($high = $e);
    }
    // The line has a little less I_y than the section with its fillets: the same forces, in the flanges as in the line.
    $e *= $of($e)[2] / $s->Iy;
    expect($s->ym - $s->ys + $s->tw / 2)
        ->toBeNear($e, 0.005)
        ->and($s->Iw)
        ->toBeNear($of($e)[1], 0.005);
})->with(['UPE 200', 'UPE 400', 'UPN 200', 'UPN 300', 'PFC 430×100×64', 'PFC 100×50×10']);

it('rounds corners inwards and outwards', function (): void {
    $square = Outline::of([[0.0, 0.0, 10.0], [40.0, 0.0, 0.0], [40.0, 40.0, 0.0], [0.0, 40.0, 0.0]]);
    expect($square->area)
        ->toBeNear(1600 - 100 * (1 - M_PI / 4), 2e-4)
        ->and($square->perimeter())
        ->toBeNear(160 - 20 + 5 * M_PI, 1e-3);
    $angle = Outline::of([
        [0.0, 0.0, 0.0],
        [40.0, 0.0, 0.0],
        [40.0, 10.0, 0.0],
        [10.0, 10.0, 8.0],
        [10.0, 40.0, 0.0],
        [0.0, 40.0, 0.0],
    ]);
    expect($angle->area)
        ->toBeNear(700 + 64 * (1 - M_PI / 4), 4e-4)
        ->and($angle->Iy)
        ->toBeNear($angle->Iz, 1e-9);
    $rectangle = Outline::of([[5.0, 3.0, 0.0], [25.0, 3.0, 0.0], [25.0, 33.0, 0.0], [5.0, 33.0, 0.0]]);
    expect([
        $rectangle->Iy,
        $rectangle->Iz,
        $rectangle->plasticAboutY(),
        $rectangle->plasticAboutZ(),
    ])->toEqualWithDelta([45000.0, 20000.0, 4500.0, 3000.0], 1e-6);
});
