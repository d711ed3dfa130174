<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\AsNzs4600;

use Waage\Checks\Against;
use Waage\Checks\Line;
use Waage\Checks\State;
use Waage\Checks\Weighing;

/**
 * AS/NZS 4600:2018, Section 7, has the direct strength of AISI S100 with symbols, clauses and factors of its own:
 * the same calculation, told in its words. From memory.
 */
final class Dialect
{
    private const STANDARD = 'AS/NZS 4600:2018';

    private const SYMBOLS = [
        'S_f' => 'Z_f',
        'S_ft' => 'Z_ft',
        'F_y' => 'f_y',
        'M_ne' => 'M_be',
        'M_nl' => 'M_bl',
        'M_nd' => 'M_bd',
        'M_n' => 'M_b',
        'M_crl' => 'M_ol',
        'M_crd' => 'M_od',
        'M_cre' => 'M_o',
        'F_crl' => 'f_ol',
        'F_crd' => 'f_od',
        'F_cre' => 'f_oc',
        'F_tf' => 'f_oxz',
        'L_crd' => 'l_od',
        'M_a' => 'phiM_b',
        'M_ax' => 'phiM_bx',
        'M_alo' => 'phiM_s',
        'M_at' => 'phiM_sxf',
        'phi_M_a' => 'phi_b',
        'phi_M_ax' => 'phi_bx',
        'phi_M_alo' => 'phi_bs',
        'phi_M_at' => 'phi_bt',
        'V_a' => 'phiV_v',
        'V_n' => 'V_v',
        'phi_V_a' => 'phi_v',
        'P_y' => 'N_y',
        'P' => 'N',
        'P_cre' => 'N_oc',
        'P_crl' => 'N_ol',
        'P_crd' => 'N_od',
        'P_ne' => 'N_ce',
        'P_nl' => 'N_cl',
        'P_nd' => 'N_cd',
        'P_n' => 'N_c',
        'P_a' => 'phiN_c',
        'P_E' => 'N_e',
        'phi_P_a' => 'phi_c',
        'u_P' => 'u_N',
        'T' => 'N_st',
        'T_n' => 'N_t',
        'T_a' => 'phiN_t',
        'phi_T_a' => 'phi_t',
        'u_T' => 'u_Nt',
        'A' => 'A_g',
        'r_o' => 'r_o1',
        'sigma_ex' => 'f_ox',
        'sigma_ey' => 'f_oy',
        'sigma_t' => 'f_oz',
        'L_x' => 'l_ex',
        'L_y' => 'l_ey',
        'L_t' => 'l_ez',
        'C_w' => 'I_w',
        'h' => 'd_1',
        't' => 't_w',
        'I_eff' => 'I_e',
        'B_1' => 'a_n',
        'S_y' => 'Z_y',
        'S_w' => 'Z_w',
        'S_l' => 'Z_l',
        'M_ay' => 'phiM_by',
        'phi_M_ay' => 'phi_by',
        'M_ne2' => 'M_be2',
        'M_cre2' => 'M_o2',
        'P_ex' => 'N_ex',
        'P_ey' => 'N_ey',
        'F_lw' => 'f_olw',
        'F_ll' => 'f_oll',
        'F_dw' => 'f_odw',
        'F_dl' => 'f_odl',
        'F_crd_f' => 'f_od_f',
        'd_F' => 'd_f',
        'M_ynet' => 'M_yn',
        'S_net' => 'Z_n',
        'P_ynet' => 'N_yn',
        'A_net' => 'A_n',
        'P_nR' => 'N_cR',
        'M_nR' => 'M_bR',
        'F_crl_g' => 'f_ol_g',
        'F_crl_h' => 'f_ol_h',
        'M_d2' => 'M_bd2',
        'P_d2' => 'N_cd2',
        'P_L' => 'N_ib',
    ];

    /** Of bearing, which has the letters of axial force otherwise. */
    private const BEARING = [
        'P' => 'R',
        'P_n' => 'R_b',
        'P_a' => 'phiR_b',
        'phi_P_a' => 'phi_w',
        'N' => 'l_b',
        'R' => 'r_i',
        'C_R' => 'C_r',
        'C_N' => 'C_l',
        'C_h' => 'C_w',
        'h' => 'd_1',
        't' => 't_w',
    ];

    /** Clauses by the start of those of AISI S100, the longer ones first. */
    private const CLAUSES = [
        'F2.1' => '7.2.2.2',
        'F3' => '7.2.2.3',
        'F4' => '7.2.2.4',
        'F1' => '7.2.2.1',
        'E2.1' => '3.4.1',
        'E2.2' => '3.4.3',
        'E2' => '7.2.1.2',
        'E3' => '7.2.1.3',
        'E4' => '7.2.1.4',
        'E1' => '7.2.1.1',
        'I6.2.1' => '3.3.3.4',
        'C2.2.1' => '4.3.3',
        'G3' => '7.2.3.4',
        'G6' => '3.3.6.3',
        'G2' => '7.2.3',
        'G5' => '3.3.6',
        'Table G5-2' => 'Table 3.3.6.2(A)',
        'Table G5-3' => 'Table 3.3.6.2(B)',
        'H1.1' => '3.5.2',
        'H1.2' => '3.5.1',
        'H2' => '3.3.5',
        'H3' => '3.3.7',
        'H4' => '3.3.8',
        'C1' => '3.5.1',
        'D2' => '3.2.1',
        'L2' => '7.1.4',
        '2.3.3.3' => 'Appendix D',
        'Appendix 2' => 'Appendix D',
        'Table B4.1-1' => 'Table 7.1.1',
    ];

    public static function of(Weighing $weighing): Weighing
    {
        $isBearing = str_contains($weighing->id, 'bearing');
        $names = ($isBearing ? self::BEARING : []) + self::SYMBOLS;
        $told = fn (string $symbol): string => $names[$symbol] ?? $symbol;
        $of = $weighing->against;

        return new Weighing(
            $weighing->id,
            $weighing->title,
            self::STANDARD.', '.self::clause(str_replace('AISI S100-16, ', '', $weighing->clause)),
            $weighing->ratio,
            applies: $weighing->isCovered(),
            against: new Against(
                $of->demand,
                $of->capacity,
                $of->kind,
                $told($of->demandSymbol),
                $told($of->capacitySymbol),
            ),
            at: $weighing->at,
            remark: str_replace(array_keys(self::CLAUSES), array_values(self::CLAUSES), $weighing->remark),
            lines: array_map(fn (Line $l): Line => self::line($l, $names), $weighing->lines),
            ranges: $weighing->ranges,
            shape: $weighing->shape,
            critical: $weighing->critical,
            group: $weighing->group,
            told: $weighing->state === State::Told,
        );
    }

    public static function clause(string $clause): string
    {
        foreach (self::CLAUSES as $of => $to) {
            if (str_starts_with($clause, $of)) {
                return $to;
            }
        }

        return $clause;
    }

    /** @param  array<string, string>  $names */
    private static function line(Line $line, array $names): Line
    {
        $values = [];
        foreach ($line->values as $symbol => $value) {
            $values[$names[$symbol] ?? $symbol] = $value;
        }
        $formula = preg_replace_callback(
            '/[A-Za-z][A-Za-z0-9_]*/',
            fn (array $found): string => $names[$found[0]] ?? $found[0],
            $line->formula,
        );

        return new Line(
            $names[$line->symbol] ?? $line->symbol,
            (string) $formula,
            $values,
            $line->result,
            $line->kind,
            self::clause($line->clause),
            str_replace(['M_y', 'M_ne', 'M_alo', 'F_cre', 'F_y'], ['M_y', 'M_be', 'M_s', 'f_o', 'f_y'], $line->note),
        );
    }
}
