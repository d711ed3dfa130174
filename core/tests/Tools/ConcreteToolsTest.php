<?php

declare(strict_types=1);

namespace Waage\Tests\Tools;

use Waage\Checks\Formula;
use Waage\Checks\Working;
use Waage\Member\InvalidMember;
use Waage\Tools\Input;
use Waage\Tools\Toolbox;
use Waage\Tools\Values;
use Waage\Units\UnitSystem;

/**
 * The values of an answer, in the unit they are shown in.
 *
 * @param  array<string, string|float>  $given
 * @return array<string, float>
 */
function answerOf(string $tool, array $given = [], UnitSystem $units = UnitSystem::Metric): array
{
    $answer = Toolbox::answer($tool, $given, $units);

    return array_column($answer['lines'], 'value', 'symbol');
}

it('answers as published or by hand', function (string $tool, array $given, array $values): void {
    $answer = answerOf($tool, $given);
    foreach ($values as $symbol => $value) {
        expect($answer[$symbol])->toBeNear($value, 0.013, 1e-6);
    }
})->with([
    // EN 1992-1-1, Table 3.1 (rounded there).
    'C30/37' => [
        'concrete-properties',
        ['f_ck' => 30],
        ['f_ctm' => 2.9, 'f_ctk_005' => 2.03, 'E_cm' => 32800, 'epsilon_c1' => 2.16],
    ],
    'C70/85' => [
        'concrete-properties',
        ['f_ck' => 70],
        [
            'f_ctm' => 4.6,
            'E_cm' => 40750,
            'epsilon_cu1' => 2.84,
            'epsilon_c2' => 2.42,
            'epsilon_cu2' => 2.66,
            'n' => 1.44,
            'lambda' => 0.75,
            'eta' => 0.9,
        ],
    ],
    'C90/105' => [
        'concrete-properties',
        ['f_ck' => 90],
        [
            'f_ctm' => 5.04,
            'E_cm' => 43600,
            'epsilon_c2' => 2.6,
            'epsilon_cu2' => 2.6,
            'n' => 1.4,
            'epsilon_c3' => 2.3,
            'lambda' => 0.7,
            'eta' => 0.8,
        ],
    ],
    // Table 3.2: nominal drying shrinkage, cement N, ‰ (two digits there).
    'shrinkage C20, 40 %' => ['concrete-shrinkage', ['f_ck' => 20, 'RH' => 40], ['epsilon_cd_0' => 0.58]],
    'shrinkage C40, 60 %' => ['concrete-shrinkage', ['f_ck' => 40, 'RH' => 60], ['epsilon_cd_0' => 0.381]],
    'shrinkage C60, 80 %' => ['concrete-shrinkage', ['f_ck' => 60, 'RH' => 80], ['epsilon_cd_0' => 0.1865]],
    // Annex B by hand: C20/25 (28 MPa), 80 %, 300 mm, 28 days: φ_RH = 1 + 0.2/0.6694 = 1.2988; 16.8/√28 = 3.1749;
    // 0.4884.
    'creep C20' => [
        'concrete-creep',
        ['f_ck' => 20, 'RH' => 80, 'h_0' => '300 mm', 't' => 1e9],
        ['phi_0' => 1.2988 * 3.1749 * 0.4884, 'phi' => 2.014],
    ],
    // Table 4.4N and 4.2.
    'cover XC3' => ['concrete-cover', ['exposure' => 'XC3', 'phi' => 12], ['c_nom' => 35]],
    'cover by bond' => ['concrete-cover', ['exposure' => 'XC1', 'phi' => 25], ['c_nom' => 35]],
    // Mosley, Bungey and Hulse: 185 kNm, 260 × 440, C25, α_cc = 0.85.
    'singly reinforced' => [
        'concrete-bending',
        ['M_Ed' => 185, 'b' => 260, 'd' => 440, 'f_ck' => 25, 'alpha_cc' => 0.85],
        ['z' => 373, 'A_s' => 1140],
    ],
    // By hand: x = 0.448 · 440 = 197.1; M_max = 0.8 · 197.1 · 260 · 14.167 · (440 − 78.85) = 209.8; A_s2 = 75.2/(0.39 ·
    // 420.6).
    'doubly reinforced' => [
        'concrete-bending',
        ['M_Ed' => 285, 'b' => 260, 'd' => 440, 'd_2' => 50, 'f_ck' => 25, 'alpha_cc' => 0.85],
        ['M_max' => 209.76, 'A_s2' => 458.6, 'A_s' => 1779],
    ],
    // By hand: a T of 600 wide, web 250, flange 150, d = 530, C25 with 0.85: M_f = 600 · 150 · 14.167 · 455 = 580.1
    // kNm.
    'T, block in the flange' => [
        'concrete-bending',
        ['M_Ed' => 400, 'b' => 600, 'b_w' => 250, 'h_f' => 150, 'd' => 530, 'f_ck' => 25, 'alpha_cc' => 0.85],
        ['M_f' => 580.1, 'A_s' => 1914],
    ],
    // By hand: 350 · 150 · 14.167 = 743.8 kN · 455 = 338.4 kNm beside the web; 261.6 kNm in the web: z = 530/2 (1 + √(1
    // − 0.5259)) = 447.5.
    'T, block in the web' => [
        'concrete-bending',
        ['M_Ed' => 600, 'b' => 600, 'b_w' => 250, 'h_f' => 150, 'd' => 530, 'f_ck' => 25, 'alpha_cc' => 0.85],
        ['M_1' => 338.4, 'z' => 447.5, 'A_s' => 743750 / 434.78 + 261.6e6 / (447.5 * 434.78)],
    ],
    // By hand: k = 1.667, ρ = 0.698 %, 0.12 · 1.667 · (100 · 0.00698 · 30)^⅓ = 0.5512 MPa.
    'shear without links' => ['concrete-shear', [], ['V_Rd_c' => 74.41]],
    'shear, least' => ['concrete-shear', ['A_sl' => 100], ['V_Rd_c' => 0.035 * 1.6667 ** 1.5 * sqrt(30) * 135]],
    'links' => ['concrete-links', ['V_Ed' => 200], ['A_sw_s' => 454.3, 'V_Rd_max' => 442.4, 'a_l' => 506.25]],
    'links, steep' => ['concrete-links', ['V_Ed' => 600], ['V_Rd_max' => 600]],
    'given links' => [
        'concrete-link-resistance',
        ['A_sw' => 300, 's' => 100],
        ['V_Rd_s' => ((300 / 100) * 405 * 434.78 * sqrt((300 * 100 * 0.528 * 20) / (300 * 434.78) - 1)) / 1000],
    ],
    // Example by hand: σ_s = 216.2, h_c,ef = 107.5, s_r,max = 129.2 + 116.4.
    'crack width' => ['concrete-crack-width', [], ['sigma_s' => 216.2, 's_r_max' => 245.6, 'w_k' => 0.208]],
    'crack tables' => ['concrete-crack-table', ['sigma_s' => 280], ['phi_tab' => 12, 's_max' => 150]],
    'least steel against cracks' => ['concrete-crack-least', [], ['A_s_min' => (0.4 * 0.86 * 2.896 * 75000) / 240]],
    // ø16, C30, good bond: 4 · 435/3.041 = 572 mm, the 36 φ of tables.
    'anchorage' => ['concrete-anchorage', [], ['l_bd' => 572, 'l_0' => 809]],
    'flange' => ['concrete-flange-width', [], ['b_eff' => 1740]],
    'span to depth' => ['concrete-span-depth', [], ['lambda_lim' => 23.6]],
    // Table 7.4N: K = 1, C30, ρ = 0.5 % and 1.5 %: 20 and 14.
    'lightly stressed' => ['concrete-span-depth', ['A_s_req' => 678, 'A_s_prov' => 678], ['lambda_lim' => 20.5]],
    'highly stressed' => ['concrete-span-depth', ['A_s_req' => 2034, 'A_s_prov' => 2034], ['lambda_lim' => 14.0]],
    'elastic section' => ['concrete-elastic', [], ['x_II' => 164.55, 'sigma_s' => 80e6 / (942 * (452 - 164.55 / 3))]],
    // By hand, below cracking and without creep and shrinkage: 5 q L⁴/(384 E I_I), a cantilever q L⁴/(8 E I_I), of
    // plain concrete.
    'deflection' => [
        'concrete-deflection',
        ['q' => '3 kN/m', 'A_s1' => 0, 'A_s2' => 0, 'phi_c' => 0, 'epsilon_cs' => 0],
        ['w' => (5 * 3 * 6000 ** 4) / (384 * 32836.6 * 3.125e9)],
    ],
    'cantilever' => [
        'concrete-deflection',
        [
            'q' => '3 kN/m',
            'L' => '2 m',
            'system' => 'cantilever',
            'A_s1' => 0,
            'A_s2' => 0,
            'phi_c' => 0,
            'epsilon_cs' => 0,
        ],
        ['w' => (3 * 2000 ** 4) / (8 * 32836.6 * 3.125e9)],
    ],
    // The beam of the tests of members, 15 kN/m of 300 × 500 with 4ø20 and 2ø16: by finite differences 9.99 mm.
    'cracked' => ['concrete-deflection', ['A_s1' => '1256.64 mm²', 'A_s2' => '402.12 mm²'], ['w' => 9.99]],
    'circle' => [
        'concrete-section',
        ['shape' => 'circle', 'b' => 500, 'bars' => 'ring 8,190,20'],
        ['A_c' => (M_PI * 2500) / 4, 'A_s' => 8 * M_PI * 100, 'M_Rd_z' => 0.0],
    ],
    'box' => [
        'concrete-section',
        ['shape' => 'box', 'b' => 600, 'h' => 900, 'b_w' => 100, 'h_f' => 150, 'bars' => '50,50,20 550,50,20'],
        ['A_c' => 5400 - (400 * 600) / 100],
    ],
    'T by its dimensions' => [
        'concrete-section',
        ['shape' => 'T', 'b' => 800, 'h' => 600, 'b_w' => 300, 'h_f' => 150, 'bars' => '400,50,a1000'],
        ['A_c' => 2550, 'A_s' => 1000],
    ],
    'bars' => ['bar-table', [], ['A_n' => 804.2, 'a_s' => 1340.4, 'm_1' => 1.578]],
    'bars that fit' => ['concrete-bars-fit', [], ['a' => 44.67, 'a_min' => 25]],
]);

// In inches, pounds and kips.
it('answers after ACI 318-19 as published or by hand', function (string $tool, array $given, array $values): void {
    $answer = answerOf($tool, $given, UnitSystem::UsCustomary);
    foreach ($values as $symbol => $value) {
        expect($answer[$symbol])->toBeNear($value, 2e-3, 1e-6);
    }
})->with([
    // Wight and MacGregor, Reinforced Concrete: Mechanics and Design, Example 4-1 (from memory): 3 #8, d = 17.5 in.
    'strength' => ['aci-strength', [], ['a' => 3.485, 'M_n' => 187, 'phi' => 0.9]],
    // By hand: 4 in² in 12 × 17.5: a = 5.882, c = 6.920, ε_t = 0.00459; φ = 0.65 + 0.25 (0.00459 − 0.00207)/0.003.
    'between the limits of strain' => [
        'aci-strength',
        ['A_s' => 4],
        ['c' => 6.92, 'epsilon_t' => 0.004587, 'phi' => 0.8598],
    ],
    'steel' => ['aci-steel', ['M_u' => 168.03], ['A_s' => 2.37, 'A_s_min' => 0.7]],
    // By hand: a_max = 5.5306 of 17.5; M_max = 277.1; beyond it 300/0.9 − 277.1 = 56.3 kip·ft on an arm of 15 in; the
    // bars strain by 1.85 ‰ only: 53.6 ksi less 3.4 of the concrete.
    'steel in compression' => ['aci-steel', ['M_u' => 300], ['M_max' => 277.07, 'A_s_c' => 0.897]],
    // A T of 48 × 4 in with a web of 12: 0.85 · 4 · 36 · 4 = 489.6 kip beside the web on an arm of 18 in.
    'T' => [
        'aci-strength',
        ['b' => 48, 'b_w' => 12, 'h_f' => 4, 'd' => 20, 'A_s' => 13],
        ['C_f' => 489.6, 'M_f' => 734.4],
    ],
    'shear' => [
        'aci-shear',
        [],
        ['V_c_a' => 26.563, 'V_c_b' => 23.83, 'lambda_s' => sqrt(2 / 2.75), 's_max' => 8.75, 'V_s' => 26.77],
    ],
    // 25.4.2.4 with (c_b + K_tr)/d_b = 2: 3/40 · 60000/√4000/2 = 35.6 in; Table 25.4.2.3: 47.4 in.
    'development' => ['aci-development', [], ['l_d' => 35.576, 'l_st' => 46.25, 'l_d_1' => 47.434]],
    // 25.4.3.1: 60000 · 1.6 · 1.25 · 0.8667/(55 · 63.25) = 29.9 in.
    'hook' => ['aci-development', [], ['l_dh' => 29.898]],
    'top bars' => ['aci-development', ['place' => 'top, over 12 in of fresh concrete'], ['l_d_1' => 61.664]],
    // Tables 7.3.1.1 and 24.3.2: 15 ft/20 = 9 in; 0.0018 · 12 · 7.5 = 0.162 in²/ft.
    'slab' => ['aci-thickness', [], ['h_min' => 9.0, 'a_s_min' => 0.162, 's_cr' => 12.0]],
    'flange' => ['aci-flange-width', [], ['b_o' => 36.0, 'b_f' => 84.0]],
    // By hand: I_e of 100 kip·ft with M_cr = 31.62: I_cr = 3385.3, I_e = 3385.3/(1 − 0.2108² · 0.5768).
    'deflection' => ['aci-deflection', [], ['M_cr' => 31.623, 'I_cr' => 3385.3, 'I_e_T' => 3474.3]],
]);

it('answers after BS 8110 as published or by hand', function (string $tool, array $given, array $values): void {
    $answer = answerOf($tool, $given);
    foreach ($values as $symbol => $value) {
        expect($answer[$symbol])->toBeNear($value, 6e-3, 1e-6);
    }
})->with([
    // Mosley and Bungey, Reinforced Concrete Design (4th ed.), Example 4.1 (from memory), γ_m = 1.15; by hand beyond
    // K′: 235.6 kNm without, 49.4 kNm on an arm of 390 mm at 400 MPa.
    'singly' => ['bs-bending', ['gamma_ms' => 1.15], ['K' => 0.122, 'z' => 369, 'A_s' => 1250]],
    'doubly' => ['bs-bending', ['M' => 285, 'gamma_ms' => 1.15], ['A_s_c' => 316.8, 'A_s' => 2040]],
    'redistributed' => ['bs-bending', ['beta_b' => 0.8], ['K_lim' => 0.132]],
    // Table 3.8: 100 A_s/(b d) = 1.00, d = 400: 0.63 MPa for f_cu = 25.
    'shear' => ['bs-shear', ['A_s' => 1200, 'd' => 400, 'f_cu' => 25], ['v_c' => 0.632, 'v_max' => 4.0]],
    // By hand: 400/(4 · 0.5 √30).
    'anchorage' => ['bs-anchorage', ['gamma_ms' => 1.15], ['k_a' => 36.5]],
    // Table 3.10: f_s = 307, M/bd² = 1: 0.55 + 170/228 = 1.296 (1.29 there).
    'span to depth' => ['bs-span-depth', ['A_s_req' => 804, 'A_s_prov' => 804.0, 'M' => 50.336], ['k_t' => 1.295]],
]);

it('takes an intermediate value that is typed in place of its own', function (): void {
    expect(answerOf('concrete-links', ['cot_theta' => '1.5'])['A_sw_s'])
        ->toBeNear((200e3 / (405 * 434.78 * 1.5)) * 1000, 1e-4)
        ->and(answerOf('concrete-crack-width', ['alpha_e' => 15])['x'])
        ->toBeNear(164.55, 1e-3);
});

it('says at the field what it cannot take', function (string $tool, array $given, string $path): void {
    expect(fn (): array => Toolbox::answer($tool, $given, UnitSystem::Metric))->toThrow(function (InvalidMember $e) use (
        $path,
    ): void {
        expect($e->errors[0]->path)->toBe($path);
    });
})->with([
    ['nothing', [], 'tool'],
    ['concrete-properties', ['f_ck' => 0], 'values.f_ck'],
    ['concrete-properties', ['f_ck' => 500], 'values.f_ck'],
    ['concrete-bending', ['b' => '-3'], 'values.b'],
    ['concrete-bending', ['M_Ed' => 500, 'd_2' => 210], 'values.M_Ed'],
    ['concrete-bending', ['delta' => 0.5], 'values.delta'],
    ['concrete-bars-fit', ['n' => 1], 'values.n'],
    ['concrete-section', ['shape' => 'T', 'b' => 300], 'values.h'],
    ['concrete-section', ['shape' => 'box', 'b' => 300, 'h' => 300, 'b_w' => 200, 'h_f' => 50], 'values.b_w'],
    ['aci-steel', ['f_c' => '100 psi'], 'values.f_c'],
    ['aci-shear', ['f_yt' => '80 ksi'], 'values.f_yt'],
    ['bs-bending', ['f_cu' => 5], 'values.f_cu'],
    ['bs-shear', ['f_yv' => 500], 'values.f_yv'],
    ['concrete-shear', ['chi' => '0.5'], 'values.chi'],
    ['concrete-shear', ['d' => 'deep'], 'values.d'],
    ['concrete-crack-table', ['sigma_s' => 500], 'values.sigma_s'],
    ['concrete-cover', ['exposure' => 'XF1'], 'values.exposure'],
]);

it('prints lines that can be computed again, for every tool', function (): void {
    foreach (Toolbox::all() as $tool) {
        $w = new Working(true);
        $tool->run(Values::read($tool, [], UnitSystem::Metric), $w);
        foreach ($w->lines as $line) {
            expect(Formula::value($line->formula, array_map(fn (array $v): float => $v[0], $line->values)))->toBeNear(
                $line->result,
                1e-12,
                1e-12,
            );
        }
        expect(array_map(fn (Input $i): string => $i->title, $tool->inputs()))->each->not->toBe('');
    }
});

it('resists a given axial force with any polygon, and refuses what is none', function (): void {
    $hollow = [
        'polygon' => '0,0 400,0 400,600 0,600; 150,200 250,200 250,450 150,450',
        'bars' => '50,50,25 350,50,25 50,550,20 350,550,20',
        'N_Ed' => '800 kN',
    ];
    expect(answerOf('concrete-section', $hollow))
        ->toHaveKey('sigma_s_4')
        ->and(answerOf('concrete-section', $hollow)['N_Rd'])
        ->toBeNear(800.0, 1e-9)
        ->and(fn (): array => answerOf('concrete-section', ['polygon' => '0,0 1,x 2,2']))
        ->toThrow(InvalidMember::class)
        ->and(fn (): array => answerOf('concrete-section', ['N_Ed' => '90 MN']))
        ->toThrow(InvalidMember::class);
});
