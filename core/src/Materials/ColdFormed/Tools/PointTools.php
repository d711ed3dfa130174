<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Tools;

use Waage\Checks\Working;
use Waage\ThinWalled\BucklingCurve;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/**
 * Tools of any open section bent from one sheet, by the corners of its midline: hats, sigmas, angles; and of a
 * plate. Points in mm, "x z; x z; …", x to the right and z upwards.
 */
final class PointTools
{
    private const HAT = '0 0; 20 0; 20 60; 80 60; 80 0; 100 0';

    private const ACTIONS = [
        'compression',
        'bending, top compressed',
        'bending, bottom compressed',
        'bending, right compressed',
        'bending, left compressed',
    ];

    /** @return list<Tool> */
    public static function all(): array
    {
        $section = [
            Input::text('points', 'corners of the midline, mm: x z; x z; …', self::HAT),
            Input::of('t', 'thickness without coating', Kind::Size, '1.5 mm'),
            Input::of('r', 'inner radius of corners', Kind::Size, '3 mm'),
        ];
        $edges = ['simple', 'clamped', 'free'];

        return [
            new FormulaTool(
                'thin-points',
                'Properties of a thin section by points',
                'geometry',
                $section,
                self::properties(...),
            ),
            new FormulaTool(
                'thin-points-buckling',
                'Elastic buckling of a thin section by points',
                'finite strips',
                [
                    ...$section,
                    Input::of('E', 'modulus of elasticity', Kind::ModulusOfElasticity, '203000 MPa'),
                    Input::choice('under', 'under', self::ACTIONS),
                    Input::optional('L', 'half-wavelength that is asked for', Kind::Length),
                ],
                self::buckling(...),
            ),
            new FormulaTool(
                'thin-plate',
                'Buckling factor of a plate',
                'finite strips',
                [
                    Input::of('b', 'width', Kind::Size, '200 mm'),
                    Input::of('t', 'thickness', Kind::Size, '2 mm'),
                    Input::of('E', 'modulus of elasticity', Kind::ModulusOfElasticity, '210000 MPa'),
                    Input::of('psi', 'stress at the other edge over that at the first', Kind::Number, '1'),
                    Input::choice('first', 'first edge', $edges),
                    Input::choice('other', 'other edge', $edges),
                ],
                self::plate(...),
            ),
        ];
    }

    /** @throws \Waage\Member\InvalidMember */
    private static function midline(Values $v): Midline
    {
        $v->assertPositive('t');
        $corners = [];
        foreach (preg_split('/\s*;\s*/', trim($v->text('points')), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $pair) {
            $xz = preg_split('/[\s,]+/', trim($pair), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $isPoint = count($xz) === 2 && is_numeric($xz[0]) && is_numeric($xz[1]);
            $v->assert('points', $isPoint, 'Points are pairs of numbers in mm, with semicolons between: 0 0; 60 0.');
            $corners[] = [(float) ($xz[0] ?? 0), (float) ($xz[1] ?? 0)];
        }
        $v->assert('points', count($corners) >= 2 && count($corners) <= 40, 'Give 2 to 40 points.');
        $v->assert('points', ! self::cross($corners), 'The line crosses itself.');
        $radius = $v->number('r') + $v->number('t') / 2;
        foreach (array_slice($corners, 1) as $i => [$x, $z]) {
            $length = hypot($x - $corners[$i][0], $z - $corners[$i][1]);
            $v->assert('points', $length > 1e-6, 'Two points are the same.');
            $v->assert('r', $length > $radius, 'The radius is too large for a part of the section.');
        }
        if ($corners === []) {
            throw new \LogicException('That was asserted.');
        }

        return Midline::rounded($corners, $v->number('t'), $radius);
    }

    /** @param  list<array{float, float}>  $p */
    private static function cross(array $p): bool
    {
        $side = fn (array $a, array $b, array $c): float => ($b[0] - $a[0]) * ($c[1] - $a[1]) -
            ($b[1] - $a[1]) * ($c[0] - $a[0]);
        for ($i = 0; $i + 1 < count($p); $i++) {
            for ($j = $i + 2; $j + 1 < count($p); $j++) {
                [$a, $b, $c, $d] = [$p[$i], $p[$i + 1], $p[$j], $p[$j + 1]];
                if ($side($a, $b, $c) * $side($a, $b, $d) < 0.0 && $side($c, $d, $a) * $side($c, $d, $b) < 0.0) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function properties(Values $v, Working $w): void
    {
        $of = new MidlineProperties(self::midline($v));
        [$left, $right] = $of->sides();
        $z = array_column($of->points, 1);
        $half = $of->midline->t / 2;
        $w->let('A', $of->A, Kind::Area, '', 'gross');
        $w->let('x_c', $of->centroid[0], Kind::Size, '', 'centroid');
        $w->let('z_c', $of->centroid[1], Kind::Size, '', 'centroid');
        $w->let('I_x', $of->Ix, Kind::SecondMoment, '', 'about the horizontal axis');
        $w->let('I_z', $of->Iz, Kind::SecondMoment, '', 'about the vertical axis');
        $w->let('I_xz', $of->Ixz, Kind::SecondMoment);
        $w->line('I_1', '(I_x + I_z) / 2 + sqrt(((I_x - I_z) / 2)^2 + I_xz^2)', Kind::SecondMoment, '', 'principal');
        $w->line('I_2', '(I_x + I_z) / 2 - sqrt(((I_x - I_z) / 2)^2 + I_xz^2)', Kind::SecondMoment, '', 'principal');
        $w->let('theta', atan2(-2 * $of->Ixz, $of->Ix - $of->Iz) / 2, Kind::Angle, '', 'of the strong principal axis');
        $w->let('c_top', max(-INF, ...$z) + $half, Kind::Size, '', 'outermost fibres from the centroid');
        $w->let('c_bot', -min(INF, ...$z) + $half, Kind::Size);
        $w->let('c_left', $left, Kind::Size);
        $w->let('c_right', $right, Kind::Size);
        $w->line('S_top', 'I_x / c_top', Kind::Modulus);
        $w->line('S_bot', 'I_x / c_bot', Kind::Modulus);
        $w->line('S_left', 'I_z / c_left', Kind::Modulus);
        $w->line('S_right', 'I_z / c_right', Kind::Modulus);
        $w->let('Z_x', $of->plastic(1), Kind::Modulus, '', 'plastic');
        $w->let('Z_z', $of->plastic(0), Kind::Modulus, '', 'plastic');
        $w->let('J', $of->J, Kind::SecondMoment, '', 'torsion');
        $w->let('C_w', $of->Cw, Kind::Warping, '', 'warping');
        $w->let('x_o', $of->shearCentre[0], Kind::Size, '', 'shear centre from the centroid');
        $w->let('z_o', $of->shearCentre[1], Kind::Size);
        $w->line('r_o', 'sqrt((I_x + I_z) / A + x_o^2 + z_o^2)', Kind::Size, '', 'polar radius about the shear centre');
        [$jx, $jz] = $of->monosymmetry();
        $w->let('j_x', $jx, Kind::Size, '', 'monosymmetry, bending about the vertical axis');
        $w->let('j_z', $jz, Kind::Size, '', 'monosymmetry, bending about the horizontal axis');
    }

    private static function buckling(Values $v, Working $w): void
    {
        $midline = self::midline($v);
        $v->assertPositive('E');
        $of = new MidlineProperties($midline);
        $axis = str_contains($v->text('under'), 'top') || str_contains($v->text('under'), 'bottom') ? 1 : 0;
        $sign = str_contains($v->text('under'), 'bottom') || str_contains($v->text('under'), 'left') ? -1.0 : 1.0;
        $bends = $v->text('under') !== 'compression';
        $values = array_map(fn (array $p): float => $sign * $p[$axis], $of->points);
        $most = max(1e-9, ...$values);
        $stresses = array_map(fn (float $p): float => $bends ? $p / $most : 1.0, $values);
        $v->let($w, 'E');
        $strips = new FiniteStrip($midline->points, $midline->thicknesses(), $v->number('E'));
        $what = $bends ? 'at the outermost point of the midline' : 'of all of the section';
        if ($v->has('L')) {
            $v->assertPositive('L');
            $w->let('L', $v->number('L'), Kind::Length, '', 'half-wavelength');
            $w->let('F_cr', $strips->factor($v->number('L'), $stresses), Kind::Stress, '', $what);

            return;
        }
        $xs = array_column($of->points, 0);
        $extent = fn (array $of): float => max(-INF, ...$of) - min(INF, ...$of);
        $size = max($extent($xs), $extent($values), 1.0);
        $curve = new BucklingCurve($strips, $stresses, 0.1 * $size, 12 * $size);
        foreach ($curve->stations as $i => [$length, $factor]) {
            if ($i % 4 === 0) {
                $w->let("L_{$i}", $length, Kind::Size, '', 'half-wavelength');
                $w->let("F_{$i}", $factor, Kind::Stress, '', $what);
            }
        }
        foreach (array_slice($curve->minima(), 0, 2) as $i => [$length, $factor]) {
            $note = $i === 0 ? 'first minimum of the curve: local' : 'second minimum: distortional';
            $w->let('L_cr'.($i + 1), $length, Kind::Size, '', $note);
            $w->let('F_cr'.($i + 1), $factor, Kind::Stress, '', $what);
        }
    }

    /** The least over half-waves of a long plate. */
    private static function plate(Values $v, Working $w): void
    {
        $v->assertPositive('b', 't', 'E');
        $v->assert(
            'psi',
            $v->number('psi') >= -3.0 && $v->number('psi') <= 1.0,
            'The ratio of stresses lies between −3 and 1.',
        );
        $bothFree = $v->text('first') === 'free' && $v->text('other') === 'free';
        $v->assert('other', ! $bothFree, 'One edge is held.');
        $n = 16;
        [$b, $t] = [$v->number('b'), $v->number('t')];
        $edge = fn (string $kind): array => match ($kind) {
            'free' => [0.0, 0.0, 0.0],
            'clamped' => [0.0, 1e7, 1e10],
            default => [0.0, 1e7, 0.0],
        };
        $springs = [0 => $edge($v->text('first')), $n => $edge($v->text('other'))];
        $springs[0][0] = 1e3;
        $points = array_map(fn (int $i): array => [($b * $i) / $n, 0.0], range(0, $n));
        $strips = new FiniteStrip($points, array_fill(0, $n, $t), $v->number('E'), 0.3, $springs);
        $stresses = array_map(fn (int $i): float => 1.0 + (($v->number('psi') - 1.0) * $i) / $n, range(0, $n));
        $curve = new BucklingCurve($strips, $stresses, 0.3 * $b, 40 * $b);
        $least = $curve->minima()[0] ?? $curve->stations[count($curve->stations) - 1];
        $v->let($w, 'b', 't', 'E', 'psi');
        $w->let('L_cr', $least[0], Kind::Size, '', 'half-wavelength');
        $w->let('F_cr', $least[1], Kind::Stress, '', 'at the first edge, where it is greatest');
        $w->line('k', 'F_cr * 12 * (1 - 0.3^2) / (pi^2 * E) * (b / t)^2', Kind::Number, '', 'ν = 0.3');
    }
}
