<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Tools;

use Waage\Checks\Working;
use Waage\Materials\ColdFormed\Aisi2016\BearingCase;
use Waage\Materials\ColdFormed\Aisi2016\DistortionalFormula;
use Waage\Materials\ColdFormed\Aisi2016\Web;
use Waage\Materials\ColdFormed\En1993;
use Waage\Materials\ColdFormed\Holes;
use Waage\Materials\ColdFormed\Profile;
use Waage\Materials\ColdFormed\SectionShape;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of parts of a weighing: global and distortional buckling, holes, effective sections, shear and bearing. */
final class MemberTools
{
    private const AISI = 'AISI S100-16';

    private const EN = 'EN 1993-1-3';

    /** Parts of the length that a chart has. */
    private const PARTS = [0.25, 0.5, 0.75, 1.0, 1.5, 2.0];

    /**
     * @param  list<Input>  $section  of a C or a Z by its dimensions
     * @return list<Tool>
     */
    public static function all(array $section): array
    {
        $E = Input::of('E', 'modulus of elasticity', Kind::ModulusOfElasticity, '203000 MPa');
        $Fy = Input::of('F_y', 'yield strength', Kind::Stress, '345 MPa');
        $fyb = Input::of('f_yb', 'yield strength, or the greatest stress', Kind::Stress, '350 MPa');
        $web = [
            Input::of('h', 'flat depth of the web', Kind::Size, '190 mm'),
            Input::of('t', 'thickness without coating', Kind::Size, '2 mm'),
        ];
        $core = [
            Input::of('h_w', 'depth between midlines of flanges', Kind::Size, '198 mm'),
            Input::of('t', 'core thickness', Kind::Size, '2 mm'),
            $fyb,
        ];
        $bearing = [
            Input::choice('place', 'place', ['end', 'interior']),
            Input::choice('flanges', 'flanges loaded', ['one', 'two']),
        ];

        return [
            new FormulaTool(
                'thin-distortion',
                'Distortional buckling by closed formulas',
                self::AISI,
                [
                    Input::of('h_o', 'depth, out to out', Kind::Size, '200 mm'),
                    Input::of('b_o', 'flange, out to out', Kind::Size, '65 mm'),
                    Input::of('d_o', 'lip, out to out', Kind::Size, '18 mm'),
                    Input::of('t', 'thickness without coating', Kind::Size, '1.5 mm'),
                    $E,
                    Input::of('G', 'shear modulus', Kind::ModulusOfElasticity, '78000 MPa'),
                    Input::of('k_phi', 'sheeting against turning, Nm by m and rad', Kind::Force, '0 N'),
                    Input::of('L_m', 'distance of restraints of distortion', Kind::Length, '100 m'),
                    Input::choice('under', 'under', ['bending', 'compression']),
                ],
                self::distortion(...),
            ),
            new FormulaTool(
                'thin-global',
                'Global buckling of a C or a Z, with a chart over the length',
                self::AISI,
                [
                    ...$section,
                    $E,
                    Input::of('G', 'shear modulus', Kind::ModulusOfElasticity, '78000 MPa'),
                    Input::of('L_x', 'buckling length in the plane', Kind::Length, '3 m'),
                    Input::of('L_y', 'sideways', Kind::Length, '3 m'),
                    Input::of('L_t', 'twisting', Kind::Length, '3 m'),
                    Input::of('C_b', 'moment gradient', Kind::Number, '1'),
                ],
                self::global(...),
            ),
            new FormulaTool(
                'thin-holes',
                'A C or a Z with holes: net section and elastic buckling',
                self::AISI,
                [
                    ...$section,
                    $E,
                    $Fy,
                    Input::choice('hole', 'holes are', ['round', 'slotted']),
                    Input::of('d_h', 'depth of a hole', Kind::Size, '80 mm'),
                    Input::of('L_h', 'its length, where slotted', Kind::Size, '100 mm'),
                    Input::of('S', 'distance of holes, middle to middle', Kind::Size, '600 mm'),
                ],
                self::holes(...),
            ),
            new FormulaTool(
                'thin-effective',
                'Effective section of a C or a Z',
                self::EN,
                [...$section, $fyb, Input::choice('under', 'under', ['bending', 'compression'])],
                self::effective(...),
            ),
            new FormulaTool('thin-shear-aisi', 'Shear of a web', self::AISI, [...$web, $Fy, $E], function (
                Values $v,
                Working $w,
            ): void {
                $v->assertPositive('h', 't', 'F_y', 'E');
                $v->let($w, 'h', 't', 'F_y', 'E');
                Web::nominalShear($w);
            }),
            new FormulaTool('thin-shear-en', 'Shear of a web', self::EN, $core, function (Values $v, Working $w): void {
                $v->assertPositive('h_w', 't', 'f_yb');
                $v->let($w, 'h_w', 't', 'f_yb');
                $w->let('E', 210000.0, Kind::ModulusOfElasticity, '3.2.1');
                $w->let('gamma_M0', 1.0, Kind::Number, '2(3)', 'unless typed');
                En1993\Web::shearResistance($w);
            }),
            new FormulaTool(
                'thin-bearing-aisi',
                'Bearing of a web',
                self::AISI,
                [
                    Input::choice('shape', 'the section is a', array_column(SectionShape::cases(), 'value')),
                    ...$web,
                    Input::of('R', 'inner radius', Kind::Size, '3 mm'),
                    Input::of('N', 'length of bearing', Kind::Size, '90 mm'),
                    $Fy,
                    Input::choice('fastened', 'to the support', ['fastened', 'loose']),
                    ...$bearing,
                ],
                self::bearing(...),
            ),
            new FormulaTool(
                'thin-bearing-en',
                'Bearing of a web that may turn',
                self::EN,
                [
                    ...$core,
                    Input::of('r', 'inner radius', Kind::Size, '3 mm'),
                    Input::of('s_s', 'length of bearing', Kind::Size, '90 mm'),
                    Input::choice('lips', 'flanges', ['with lips', 'plain']),
                    ...$bearing,
                ],
                function (Values $v, Working $w): void {
                    $v->assertPositive('h_w', 't', 'f_yb', 's_s');
                    $v->assert(
                        'h_w',
                        $v->number('h_w') <= 200 * $v->number('t'),
                        'The rule is for webs up to 200 t deep.',
                    );
                    $v->assert('r', $v->number('r') <= 6 * $v->number('t'), 'The rule is for radii up to 6 t.');
                    $v->let($w, 'h_w', 't', 'f_yb', 'r', 's_s');
                    $w->let('gamma_M1', 1.0, Kind::Number, '2(3)', 'unless typed');
                    En1993\Web::localResistance(
                        $w,
                        $v->text('lips') === 'with lips',
                        $v->text('place') === 'end',
                        $v->text('flanges') === 'two',
                    );
                },
            ),
        ];
    }

    private static function distortion(Values $v, Working $w): void
    {
        $v->assertPositive('h_o', 'b_o', 'd_o', 't', 'E', 'G', 'L_m');
        $v->let($w, 'b_o', 'd_o', 't', 'E', 'G', 'k_phi', 'L_m');
        $w->let('h_o', $v->number('h_o') - $v->number('t'), Kind::Size, '', 'between midlines of flanges');
        $w->line('b', 'b_o - t', Kind::Size, '', 'midline');
        $w->line('d', 'd_o - t / 2', Kind::Size, '', 'midline');
        $v->text('under') === 'bending' ? DistortionalFormula::beam($w) : DistortionalFormula::column($w);
    }

    private static function global(Values $v, Working $w): void
    {
        $sizes = ColdFormedTools::sizes($v);
        $v->assertPositive('E', 'G', 'L_x', 'L_y', 'L_t', 'C_b');
        $of = Profile::of($sizes, $v->number('E'))->of;
        $isZ = $sizes->shape->isZ();
        $v->let($w, 'E', 'G', 'L_x', 'L_y', 'L_t', 'C_b');
        $w->let('A', $of->A, Kind::Area);
        $w->let('I_x', $of->Ix, Kind::SecondMoment);
        $w->let('I_y', $of->Iz, Kind::SecondMoment, '', 'parallel to the web');
        $w->let('I_2', $isZ ? $of->principal()[1] : $of->Iz, Kind::SecondMoment, '', 'weak');
        $w->let('J', $of->J, Kind::SecondMoment);
        $w->let('C_w', $of->Cw, Kind::Warping);
        $w->let('x_o', $isZ ? 0.0 : abs($of->shearCentre[0]), Kind::Size);
        $w->line('r_o', 'sqrt((I_x + I_y) / A + x_o^2)', Kind::Size);
        $twist = '(G * J + pi^2 * E * C_w / L_t^2)';
        $w->line('P_ex', 'pi^2 * E * I_x / L_x^2', Kind::Force, 'E2.1');
        $w->line('P_ey', 'pi^2 * E * I_2 / L_y^2', Kind::Force, 'E2.1');
        $w->line('P_t', "{$twist} / r_o^2", Kind::Force, 'E2.2');
        $w->line('beta', '1 - (x_o / r_o)^2', Kind::Number, 'E2.2');
        $w->line(
            'P_tf',
            '(P_ex + P_t - sqrt((P_ex + P_t)^2 - 4 * beta * P_ex * P_t)) / (2 * beta)',
            Kind::Force,
            'E2.2',
        );
        $w->line('P_cre', 'min(P_ex, P_ey, P_t, P_tf)', Kind::Force, 'E2');
        $half = $isZ ? '1 / 2 * ' : '';
        $note = $isZ ? 'Z: half of a C' : '';
        $w->line('M_cre', "{$half}C_b * sqrt(pi^2 * E * I_y / L_y^2 * {$twist})", Kind::Moment, 'F2.1.1', $note);
        // The chart: all lengths so many times as long.
        foreach (self::PARTS as $i => $part) {
            $w->let("n_{$i}", $part, Kind::Number, '', 'times the lengths');
            $twisted = "(G * J + pi^2 * E * C_w / (n_{$i} * L_t)^2)";
            $x = "P_ex / n_{$i}^2";
            $t = "{$twisted} / r_o^2";
            $tf = "({$x} + {$t} - sqrt(({$x} + {$t})^2 - 4 * beta * {$x} * {$t})) / (2 * beta)";
            $w->line("P_{$i}", "min({$x}, P_ey / n_{$i}^2, {$t}, {$tf})", Kind::Force, 'E2');
            $w->line(
                "M_{$i}",
                "{$half}C_b * sqrt(pi^2 * E * I_y / (n_{$i} * L_y)^2 * {$twisted})",
                Kind::Moment,
                'F2.1.1',
            );
        }
    }

    private static function holes(Values $v, Working $w): void
    {
        $sizes = ColdFormedTools::sizes($v);
        $v->assertPositive('E', 'F_y', 'd_h', 'L_h', 'S');
        $v->assert('d_h', $v->number('d_h') < $sizes->web(), 'The hole is deeper than the flat part of the web.');
        $isRound = $v->text('hole') === 'round';
        $length = $isRound ? $v->number('d_h') : $v->number('L_h');
        $v->assert('S', $v->number('S') > $length, 'The holes run into each other.');
        $holes = new Holes($isRound, $v->number('d_h'), $length, $v->number('S'), 0.0);
        $profile = Profile::of($sizes, $v->number('E'));
        [$of, $net] = [$profile->of, $profile->net($holes)];
        $v->let($w, 'F_y', 'd_h', 'S');
        $w->let('A', $of->A, Kind::Area, '', 'gross');
        $w->let('A_net', $net->A, Kind::Area, '', 'at a hole');
        $w->let('S_f', $of->Ix / $of->outermost(), Kind::Modulus, '', 'gross');
        $w->let('S_net', $net->Ix / $of->outermost(), Kind::Modulus, '', 'at a hole');
        $w->line('M_y', 'S_f * F_y', Kind::Moment);
        $w->line('M_ynet', 'S_net * F_y', Kind::Moment, 'F3.2.2');
        $w->line('P_y', 'A * F_y', Kind::Force);
        $w->line('P_ynet', 'A_net * F_y', Kind::Force, 'E3.2.2');
        $w->let('L_h', $length, Kind::Size);
        $w->line('p', 'L_h / S', Kind::Number, 'Appendix 2', 'part of the length with holes');
        foreach (
            ['I_x' => [$of->Ix, $net->Ix], 'I_y' => [$of->Iz, $net->Iz], 'J' => [$of->J, $net->J]] as $name => [$g, $n]
        ) {
            $w->let("{$name}g", $g, Kind::SecondMoment, '', 'gross');
            $w->let("{$name}n", $n, Kind::SecondMoment, '', 'at a hole');
            $w->line("{$name}avg", "{$name}g + p * ({$name}n - {$name}g)", Kind::SecondMoment, 'Appendix 2', 'average');
        }
        $w->let('C_w', min($of->Cw, $net->Cw), Kind::Warping, 'Appendix 2', 'at a hole');
        foreach (
            ['M' => $profile->inBending(holes: $holes), 'P' => $profile->inCompression($holes)] as $letter => $buckling
        ) {
            $times = $letter === 'M' ? 'S_f' : 'A';
            $kind = $letter === 'M' ? Kind::Moment : Kind::Force;
            $w->let(
                "F_{$letter}l",
                $buckling->localStress(),
                Kind::Stress,
                'Appendix 2',
                'finite strips, without holes',
            );
            $w->let(
                "F_{$letter}h",
                $buckling->atHole[1] ?? 1e6,
                Kind::Stress,
                'Appendix 2',
                'finite strips beside a hole',
            );
            $w->line("{$letter}_crl", "{$times} * min(F_{$letter}l, F_{$letter}h)", $kind, 'Appendix 2');
            if ($buckling->distortional !== null) {
                $note = 'finite strips, web thinned';
                $w->let("F_{$letter}d", $buckling->distortional[1], Kind::Stress, 'Appendix 2', $note);
                $w->line("{$letter}_crd", "{$times} * F_{$letter}d", $kind, 'Appendix 2');
            }
        }
    }

    private static function effective(Values $v, Working $w): void
    {
        $sizes = ColdFormedTools::sizes($v);
        $v->assertPositive('f_yb');
        $v->let($w, 'f_yb');
        $section = new En1993\EffectiveSection(En1993\Walls::of($sizes), 210000.0);
        $v->text('under') === 'bending' ? $section->bending($w) : $section->compression($w);
    }

    private static function bearing(Values $v, Working $w): void
    {
        $v->assertPositive('h', 't', 'N', 'F_y');
        $case = BearingCase::of(
            SectionShape::from($v->text('shape')),
            $v->text('fastened') === 'fastened',
            $v->text('place') === 'end',
            $v->text('flanges') === 'two',
        );
        [$C, $CR, $CN, $Ch, $phi, $Omega, $most] = $case->of;
        $v->assert(
            'R',
            $v->number('R') <= $most * $v->number('t'),
            "{$case->table} ends at radii of {$most} times the thickness.",
        );
        $w->let('C', $C, Kind::Number, $case->table, $case->words);
        $w->let('C_R', $CR, Kind::Number, $case->table);
        $w->let('C_N', $CN, Kind::Number, $case->table);
        $w->let('C_h', $Ch, Kind::Number, $case->table);
        $v->let($w, 't', 'F_y', 'R', 'N', 'h');
        Web::nominalBearing($w);
        $w->let('phi', $phi, Kind::Number, $case->table);
        $w->let('Omega', $Omega, Kind::Number, $case->table);
        $w->line('R_LRFD', 'phi * P_n', Kind::Force, '', 'LRFD, of each web');
        $w->line('R_ASD', 'P_n / Omega', Kind::Force, '', 'ASD');
    }
}
