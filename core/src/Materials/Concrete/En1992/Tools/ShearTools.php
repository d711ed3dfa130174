<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.2: shear without links, links for a shear force, and what given links take. */
final class ShearTools
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        $section = [
            Input::of('b_w', 'width of the web', Kind::Size, '300 mm'),
            Input::of('d', 'effective depth', Kind::Size, '450 mm'),
        ];
        $links = [
            ...$section,
            Inputs::strength(),
            Input::of('f_ywk', 'yield strength of links', Kind::Stress, '500 MPa'),
            ...Inputs::factors(),
        ];

        return [
            new FormulaTool(
                'concrete-shear',
                'Shear without links',
                Inputs::STANDARD,
                [
                    Input::of('V_Ed', 'shear force', Kind::Force, '60 kN'),
                    ...$section,
                    Input::of('A_sl', 'bars in tension that go on by l_bd + d', Kind::SteelArea, '942 mm²'),
                    Input::of('N_Ed', 'axial force, compression positive', Kind::Force, '0 kN'),
                    Input::of('A_c', 'area of the section', Kind::Area, '1500 cm²'),
                    Inputs::strength(),
                    ...array_values(
                        array_filter(Inputs::factors(), fn (Input $i): bool => $i->symbol !== 'gamma_S'),
                    ),
                ],
                self::plain(...),
            ),
            new FormulaTool(
                'concrete-links',
                'Links for a shear force',
                Inputs::STANDARD,
                [Input::of('V_Ed', 'shear force', Kind::Force, '200 kN'), ...$links],
                self::required(...),
            ),
            new FormulaTool(
                'concrete-link-resistance',
                'Shear that given links take',
                Inputs::STANDARD,
                [
                    Input::of('A_sw', 'area of the legs of a link', Kind::SteelArea, '100.5 mm²'),
                    Input::of('s', 'spacing', Kind::Size, '200 mm'),
                    ...$links,
                ],
                self::given(...),
            ),
        ];
    }

    /** V_Rd,c of b_w, d, A_sl, f_ck, γ_C; with axial force as σ_cp. */
    public static function withoutLinks(Working $w): float
    {
        $w->line('C_Rd_c', '0.18 / gamma_C', Kind::Number, '6.2.2(1)');
        $w->line('k', 'min(1 + sqrt(200 / d), 2)', Kind::Number, '6.2.2(1)', 'd in mm');
        $w->line('rho_l', 'min(A_sl / (b_w * d), 0.02)', Kind::Number, '6.2.2(1)');
        $w->line('v_min', '0.035 * sqrt(k^3) * sqrt(f_ck)', Kind::Stress, '6.2.2(1) (6.3N)', 'in MPa');
        $w->line(
            'v_c',
            'max(C_Rd_c * k * (100 * rho_l * f_ck)^(1/3), v_min)',
            Kind::Stress,
            '6.2.2(1) (6.2a), (6.2b)',
            'in MPa',
        );

        return $w->line('V_Rd_c', '(v_c + 0.15 * sigma_cp) * b_w * d', Kind::Force, '6.2.2(1) (6.2a)');
    }

    private static function plain(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b_w', 'd', 'A_c', 'gamma_C', 'alpha_cc');
        $v->let($w, 'V_Ed', 'b_w', 'd', 'A_sl', 'N_Ed', 'A_c', 'f_ck', 'gamma_C', 'alpha_cc');
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->line('sigma_cp', 'min(N_Ed / A_c, 0.2 * f_cd)', Kind::Stress, '6.2.2(1)');
        self::withoutLinks($w);
        $w->line(
            'V_max',
            '0.5 * b_w * d * 0.6 * (1 - f_ck / 250) * f_cd',
            Kind::Force,
            '6.2.2(6) (6.5)',
            'loads near the support unreduced',
        );
        $w->line(
            'u',
            'V_Ed / min(V_Rd_c, V_max)',
            Kind::Number,
            '6.2.1(3)',
            $w->value('V_Ed / V_Rd_c') <= 1.0 ? 'no links needed for strength' : 'links are needed',
        );
    }

    private static function start(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b_w', 'd', 'f_ywk', 'gamma_C', 'gamma_S', 'alpha_cc', 'A_sw', 's');
        $v->let($w, 'b_w', 'd', 'f_ck', 'gamma_C', 'alpha_cc', 'f_ywk', 'gamma_S');
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->line('f_ywd', 'f_ywk / gamma_S', Kind::Stress, '3.2.7(2)');
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)', 'unless typed');
        $w->line('nu_1', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');
        $w->let('alpha_cw', 1.0, Kind::Number, '6.2.3(3)');
    }

    private static function required(Values $v, Working $w): void
    {
        $v->assertPositive('V_Ed');
        $v->let($w, 'V_Ed');
        self::start($v, $w);
        $k = $w->line(
            'k_theta',
            'alpha_cw * b_w * z * nu_1 * f_cd / V_Ed',
            Kind::Number,
            '6.2.3(3) (6.9)',
            'cot θ + tan θ at which the struts are used up',
        );
        match (true) {
            $k >= 2.9 => $w->let('cot_theta', 2.5, Kind::Number, '6.2.3(2) (6.7N)', 'the flattest struts'),
            $k > 2.0 => $w->line(
                'cot_theta',
                '(k_theta + sqrt(k_theta^2 - 4)) / 2',
                Kind::Number,
                '6.2.3(2), (3)',
                'as flat as the struts bear',
            ),
            default => $w->let('cot_theta', 1.0, Kind::Number, '6.2.3(2) (6.7N)', 'the steepest struts'),
        };
        $w->line(
            'V_Rd_max',
            'alpha_cw * b_w * z * nu_1 * f_cd / (cot_theta + 1 / cot_theta)',
            Kind::Force,
            '6.2.3(3) (6.9)',
            $k < 2.0 ? 'less than V_Ed: the struts are crushed' : '',
        );
        $w->line(
            'A_sw_s',
            'V_Ed / (z * f_ywd * cot_theta)',
            Kind::AreaByLength,
            '6.2.3(3) (6.8)',
            'links needed by length',
        );
        self::limits($w);
        $w->line('A_sw_s_min', '0.08 * sqrt(f_ck) / f_ywk * b_w', Kind::AreaByLength, '9.2.2(5) (9.5N)');
    }

    private static function limits(Working $w): void
    {
        $w->line('a_l', 'z * cot_theta / 2', Kind::Size, '9.2.1.3(2) (9.2)', 'shift of the moment');
        if ($w->has('V_Ed')) {
            $w->line(
                'dF_td',
                '0.5 * V_Ed * cot_theta',
                Kind::Force,
                '6.2.3(7) (6.18)',
                'more tension along the member',
            );
        }
        $w->line('s_l_max', '0.75 * d', Kind::Size, '9.2.2(6) (9.6N)');
        $w->line('s_t_max', 'min(0.75 * d, 600)', Kind::Size, '9.2.2(8) (9.8N)');
    }

    private static function given(Values $v, Working $w): void
    {
        self::start($v, $w);
        $v->let($w, 'A_sw', 's');
        $square = $w->line(
            'k_s',
            'alpha_cw * b_w * s * nu_1 * f_cd / (A_sw * f_ywd) - 1',
            Kind::Number,
            '6.2.3(3) (6.8) = (6.9)',
            'cot² θ where links and struts are used up together',
        );
        match (true) {
            $square >= 6.25 => $w->let('cot_theta', 2.5, Kind::Number, '6.2.3(2) (6.7N)', 'the flattest struts'),
            $square > 1.0 => $w->line('cot_theta', 'sqrt(k_s)', Kind::Number, '6.2.3(2), (3)'),
            default => $w->let('cot_theta', 1.0, Kind::Number, '6.2.3(2) (6.7N)', 'the steepest struts'),
        };
        $w->line('V_Rd_s', 'A_sw / s * z * f_ywd * cot_theta', Kind::Force, '6.2.3(3) (6.8)');
        $w->line(
            'V_Rd_max',
            'alpha_cw * b_w * z * nu_1 * f_cd / (cot_theta + 1 / cot_theta)',
            Kind::Force,
            '6.2.3(3) (6.9)',
        );
        $w->line('V_Rd', 'min(V_Rd_s, V_Rd_max)', Kind::Force, '6.2.3(3)');
        self::limits($w);
    }
}
