<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Tools;

use Waage\Checks\Working;
use Waage\Materials\ColdFormed\Aisi2016\DirectStrength;
use Waage\Materials\ColdFormed\Profile;
use Waage\Materials\ColdFormed\SectionShape;
use Waage\Materials\ColdFormed\Sizes;
use Waage\ThinWalled\BucklingCurve;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of cold-formed sections: properties, elastic buckling by finite strips, direct strength. */
final class ColdFormedTools
{
    private const STANDARD = 'AISI S100-16';

    /** @return list<Tool> */
    public static function all(): array
    {
        $section = [
            Input::choice('shape', 'the section is a', array_column(SectionShape::cases(), 'value')),
            Input::of('h', 'depth, out to out', Kind::Size, '200 mm'),
            Input::of('b', 'width of a flange, out to out', Kind::Size, '65 mm'),
            Input::of('c', 'length of a lip, out to out', Kind::Size, '18 mm'),
            Input::of('t', 'thickness without coating', Kind::Size, '1.5 mm'),
            Input::of('r', 'inner radius', Kind::Size, '3 mm'),
            Input::of('lean', 'lips turned from the flange, degrees', Kind::Number, '90'),
        ];

        return [
            new FormulaTool(
                'thin-properties',
                'Properties of a thin section',
                'geometry',
                $section,
                self::properties(...),
            ),
            new FormulaTool(
                'thin-buckling',
                'Elastic buckling of a thin section',
                'finite strips',
                [
                    ...$section,
                    Input::of('E', 'modulus of elasticity', Kind::ModulusOfElasticity, '203000 MPa'),
                    Input::of('nu', 'Poisson’s ratio', Kind::Number, '0.3'),
                    Input::of('F_y', 'yield strength', Kind::Stress, '345 MPa'),
                    Input::choice('under', 'under', ['bending about the horizontal axis', 'compression']),
                    Input::optional('L', 'half-wavelength that is asked for', Kind::Length),
                ],
                self::buckling(...),
            ),
            new FormulaTool(
                'direct-strength-beam',
                'Direct strength in bending',
                self::STANDARD,
                [
                    Input::of('M_y', 'yield moment', Kind::Moment, '14.3 kNm'),
                    Input::of('M_cre', 'critical moment, lateral-torsional', Kind::Moment, '40 kNm'),
                    Input::of('M_crl', 'critical moment, local', Kind::Moment, '9.58 kNm'),
                    Input::of('M_crd', 'critical moment, distortional', Kind::Moment, '12.15 kNm'),
                    Input::optional('M_ynet', 'yield moment at a hole', Kind::Moment),
                    Input::optional('M_p', 'plastic moment, for inelastic reserve', Kind::Moment),
                ],
                self::beam(...),
            ),
            new FormulaTool(
                'direct-strength-column',
                'Direct strength in compression',
                self::STANDARD,
                [
                    Input::of('P_y', 'yield force', Kind::Force, '215 kN'),
                    Input::of('P_cre', 'critical force, global', Kind::Force, '300 kN'),
                    Input::of('P_crl', 'critical force, local', Kind::Force, '25.8 kN'),
                    Input::of('P_crd', 'critical force, distortional', Kind::Force, '58 kN'),
                    Input::optional('P_ynet', 'yield force at a hole', Kind::Force),
                ],
                self::column(...),
            ),
            ...PointTools::all(),
            ...MemberTools::all($section),
        ];
    }

    /** @throws \Waage\Member\InvalidMember */
    private static function section(Values $v): Midline
    {
        return Profile::midline(self::sizes($v));
    }

    /** @throws \Waage\Member\InvalidMember */
    public static function sizes(Values $v): Sizes
    {
        $v->assertPositive('h', 'b', 't');
        $sizes = new Sizes(
            SectionShape::from($v->text('shape')),
            $v->number('h'),
            $v->number('b'),
            $v->number('c'),
            $v->number('t'),
            $v->number('r'),
            ($v->number('lean') * M_PI) / 180,
        );
        $fault = $sizes->fault();
        $v->assert($fault->path ?? '', $fault === null, $fault->message ?? '');

        return $sizes;
    }

    private static function properties(Values $v, Working $w): void
    {
        $of = new MidlineProperties(self::section($v));
        [$left, $right] = $of->sides();
        $w->let('A', $of->A, Kind::Area, '', 'gross');
        $w->let('x_c', $left, Kind::Size, '', 'from the left face to the centroid');
        $w->let('I_x', $of->Ix, Kind::SecondMoment, '', 'about the horizontal axis');
        $w->let('I_y', $of->Iz, Kind::SecondMoment, '', 'about the vertical axis');
        $w->let('I_xy', $of->Ixz, Kind::SecondMoment);
        $w->line('I_1', '(I_x + I_y) / 2 + sqrt(((I_x - I_y) / 2)^2 + I_xy^2)', Kind::SecondMoment, '', 'principal');
        $w->line('I_2', '(I_x + I_y) / 2 - sqrt(((I_x - I_y) / 2)^2 + I_xy^2)', Kind::SecondMoment, '', 'principal');
        $w->let('theta', atan2(-2 * $of->Ixz, $of->Ix - $of->Iz) / 2, Kind::Angle, '', 'of the strong principal axis');
        $w->let('z_o', $of->outermost(), Kind::Size, '', 'outermost fibre');
        $w->line('S_x', 'I_x / z_o', Kind::Modulus);
        $w->let('x_r', $right, Kind::Size, '', 'outermost fibre at the right');
        $w->line('S_y', 'I_y / max(x_c, x_r)', Kind::Modulus);
        $w->let('J', $of->J, Kind::SecondMoment, '', 'torsion');
        $w->let('C_w', $of->Cw, Kind::Warping, '', 'warping, with true corners');
        $w->let('x_o', $of->shearCentre[0], Kind::Size, '', 'shear centre from the centroid');
        $w->let('z_s', $of->shearCentre[1], Kind::Size, '', 'shear centre, upwards');
        $w->line('r_o', 'sqrt((I_x + I_y) / A + x_o^2 + z_s^2)', Kind::Size, '', 'polar radius about the shear centre');
    }

    private static function buckling(Values $v, Working $w): void
    {
        $midline = self::section($v);
        $v->assertPositive('E', 'F_y', 'L');
        $v->assert('nu', $v->number('nu') >= 0.0 && $v->number('nu') < 0.5, 'Poisson’s ratio lies between 0 and 0.5.');
        $of = new MidlineProperties($midline);
        $v->let($w, 'E', 'nu', 'F_y');
        $bends = $v->text('under') !== 'compression';
        $F = $v->number('F_y');
        $outermost = $of->outermost();
        $stresses = array_map(fn (array $p): float => $bends ? ($F * $p[1]) / $outermost : $F, $of->points);
        $strips = array_fill(0, count($midline->points) - 1, $midline->t);
        $finite = new FiniteStrip($midline->points, $strips, $v->number('E'), $v->number('nu'));
        [$letter, $kind] = $bends ? ['M', Kind::Moment] : ['P', Kind::Force];
        $w->let('A', $of->A, Kind::Area);
        $w->let('S', $of->Ix / $outermost, Kind::Modulus, '', 'of the outermost fibre');
        $note = $bends ? 'constrained to the geometric axis' : '';
        $w->line("{$letter}_y", $bends ? 'S * F_y' : 'A * F_y', $kind, '', $note);
        if ($v->has('L')) {
            $w->let('L', $v->number('L'), Kind::Length, '', 'half-wavelength');
            $w->let('alpha', $finite->factor($v->number('L'), $stresses), Kind::Number, '', 'load factor there');
            $w->line("{$letter}_cr", "alpha * {$letter}_y", $kind);

            return;
        }
        $longest = 12 * max($v->number('h'), $v->number('b'));
        $curve = new BucklingCurve($finite, $stresses, 0.1 * $v->number('h'), $longest);
        foreach (array_slice($curve->stations, 0, null, true) as $i => [$length, $factor]) {
            if ($i % 4 === 0) {
                $w->let("L_{$i}", $length, Kind::Size, '', 'half-wavelength');
                $w->let("alpha_{$i}", $factor, Kind::Number, '', 'load factor there');
            }
        }
        foreach (array_slice($curve->minima(), 0, 2) as $i => [$length, $factor]) {
            [$s, $what] = $i === 0 ? ['l', 'local: first minimum of the curve'] : ['d', 'distortional: second minimum'];
            $w->let("L_cr{$s}", $length, Kind::Size, '', $what);
            $w->let("alpha_{$s}", $factor, Kind::Number, '', 'load factor there');
            $w->line("{$letter}_cr{$s}", "alpha_{$s} * {$letter}_y", $kind);
        }
    }

    private static function beam(Values $v, Working $w): void
    {
        $v->assertPositive('M_y', 'M_cre', 'M_crl', 'M_crd');
        $v->let($w, 'M_y', 'M_cre', 'M_crl', 'M_crd');
        self::letNet($v, $w, 'M_ynet', 'M_y', Kind::Moment);
        if ($v->has('M_p')) {
            $v->assert('M_p', $v->number('M_p') >= $v->number('M_y'), 'It is not less than the yield moment.');
            $w->let('M_p', $v->number('M_p'), Kind::Moment, 'F2.4.2');
        }
        DirectStrength::beam($w);
    }

    private static function column(Values $v, Working $w): void
    {
        $v->assertPositive('P_y', 'P_cre', 'P_crl', 'P_crd');
        $v->let($w, 'P_y', 'P_cre', 'P_crl', 'P_crd');
        self::letNet($v, $w, 'P_ynet', 'P_y', Kind::Force);
        DirectStrength::column($w);
    }

    /** Of the net section, where it is given. */
    private static function letNet(Values $v, Working $w, string $symbol, string $gross, Kind $kind): void
    {
        if ($v->has($symbol)) {
            $v->assert(
                $symbol,
                $v->number($symbol) <= $v->number($gross),
                'It is not more than that of the gross section.',
            );
            $v->assertPositive($symbol);
            $w->let($symbol, $v->number($symbol), $kind, '', 'at a hole');
        }
    }
}
