<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F4, F5 and G2.1: an I shape welded of plates with unequal flanges, of which one is compressed;
 * without stiffeners a web is not more slender than 260 (F13.2). Moments in Nmm, lengths in mm.
 */
final readonly class UnequalShape extends PlaneProfile
{
    private const MOST = 260.0;

    /** Compression flange. */
    public float $bc;

    public float $tc;

    /** S of the compression and of the tension flange, mm³. */
    public float $Sc;

    public float $St;

    /** h_c: twice the distance from the centroid to the inner face of the compression flange. */
    private float $hc;

    /** h_p: twice that from the axis that halves the area. */
    private float $hp;

    /** I_yc over I_y. */
    public float $share;

    public float $aw;

    /** r_t (F4-11). */
    public float $rt;

    /** F_L (F4-6). */
    public float $FL;

    public float $Mp;

    /** R_pc (F4-9, F4-10), or R_pg (F5-6). */
    public float $factor;

    public function __construct(public UnequalI $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->thickest()));
        $s = $section;
        $isTop = $s->pressed !== -1;
        [$this->bc, $this->tc, $toFace] = $isTop
            ? [$s->top, $s->tt, $s->h / 2 - $s->zs]
            : [$s->bottom, $s->tb, $s->h / 2 + $s->zs];
        [$bt, $tt] = $isTop ? [$s->bottom, $s->tb] : [$s->top, $s->tt];
        [$this->Sc, $this->St] = [$s->Iy / $toFace, $s->Iy / ($s->h - $toFace)];
        $this->hc = 2 * ($toFace - $this->tc);
        // From the inner face of the compression flange: A_c + t_w z = A/2.
        $this->hp = 2 * max(1e-6 * $s->hw, ($s->hw * $s->tw + $bt * $tt - $this->bc * $this->tc) / (2 * $s->tw));
        $this->share = ($this->bc ** 3 * $this->tc) / 12 / $s->Iz;
        $this->aw = ($this->hc * $s->tw) / ($this->bc * $this->tc);
        $this->rt = $this->bc / sqrt(12 * (1 + $this->aw / 6));
        $this->FL =
            $this->isSlender() || $this->St >= 0.7 * $this->Sc
                ? 0.7 * $this->Fy
                : max(0.5, $this->St / $this->Sc) * $this->Fy;
        $this->Mp = $this->Fy * min($s->Wply, 1.6 * min($this->Sc, $this->St));
        $this->factor = $this->isSlender()
            ? min(1.0, 1 - ($this->aw / (1200 + 300 * $this->aw)) * ($this->web() - $this->slenderWeb()))
            : $this->webFactor($this->Fy * $this->Sc);
    }

    public function refusal(): string
    {
        return match (true) {
            $this->share < 0.1 || $this->share > 0.9 => 'One flange is so much the smaller that it has less than a tenth of I_y (F13.2). Make it wider.',
            $this->section->hw / $this->section->tw > self::MOST || $this->aw > 10.0 => 'A web without stiffeners is not more slender than 260, and not more than ten times its flange (F13.2). Take a thicker web.',
            default => '',
        };
    }

    /** Is the web slender: F5? */
    public function isSlender(): bool
    {
        return $this->web() > $this->slenderWeb();
    }

    /** R_pg, where it reduces what the flange bears. */
    public function part(): float
    {
        return $this->isSlender() ? $this->factor : 1.0;
    }

    /** What a noncompact flange, and an inelastic member, come down to: F_L S_xc, with R_pg of a slender web. */
    public function residual(): float
    {
        return $this->part() * $this->FL * $this->Sc;
    }

    /** h_c/t_w. */
    private function web(): float
    {
        return $this->hc / $this->section->tw;
    }

    private function slenderWeb(): float
    {
        return 5.7 * $this->rootEF;
    }

    /** λ_pw (Table B4.1b, 16). */
    private function compactWeb(): float
    {
        $My = $this->Fy * min($this->Sc, $this->St);

        return min(
            $this->slenderWeb(),
            (($this->hc / $this->hp) * $this->rootEF) / ((0.54 * $this->Mp) / $My - 0.09) ** 2,
        );
    }

    /** R_pc or R_pt (F4-9, F4-10, F4-16, F4-17), for the moment at which a flange yields. */
    private function webFactor(float $My): float
    {
        $ratio = max(1.0, $this->Mp / $My);
        [$p, $r] = [$this->compactWeb(), $this->slenderWeb()];

        return match (true) {
            $this->share <= 0.23 => 1.0,
            $this->web() <= $p || $p >= $r => $ratio,
            default => min($ratio, $ratio - (($ratio - 1) * ($this->web() - $p)) / ($r - $p)),
        };
    }

    /** b/t of half of the compression flange. */
    public function flange(): float
    {
        return $this->bc / 2 / $this->tc;
    }

    private function compactFlange(): float
    {
        return 0.38 * $this->rootEF;
    }

    private function kc(): float
    {
        return min(0.76, max(0.35, 4 / sqrt($this->section->hw / $this->section->tw)));
    }

    private function slenderFlange(): float
    {
        return 0.95 * sqrt(($this->kc() * $this->E) / $this->FL);
    }

    public function compactness(): string
    {
        $words = [
            ...$this->flange() > $this->compactFlange()
                ? ['flange '.($this->flange() > $this->slenderFlange() ? 'slender' : 'noncompact')]
                : [],
            ...$this->isSlender() ? ['web slender'] : ($this->web() > $this->compactWeb() ? ['web noncompact'] : []),
        ];

        return $words === [] ? 'compact' : implode(', ', $words);
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $this->section;
        $of = ['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]];
        $d?->with(['b_fc' => [$this->bc, Kind::Size], 't_fc' => [$this->tc, Kind::Size]])->line(
            'lambda_f',
            'b_fc / (2 * t_fc)',
            Kind::Number,
            'B4.1',
            'compression flange',
        );
        $d?->with($of)->line('lambda_pf', '0.38 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 11');
        $d?->given('h_c', $this->hc, Kind::Size, 'B4.1b', 'twice from the centroid to the compression flange');
        $d?->given('h_p', $this->hp, Kind::Size, 'B4.1b', 'twice from the axis that halves the area to it');
        $d?->with(['t_w' => [$s->tw, Kind::Size]])->line('lambda_w', 'h_c / t_w', Kind::Number, 'B4.1');
        $d?->given(
            'lambda_pw',
            $this->compactWeb(),
            Kind::Number,
            'Table B4.1b, 16',
            'h_c/h_p √(E/F_y) / (0.54 M_p/M_y − 0.09)², not above λ_rw',
        );
        $d?->with($of)->line('lambda_rw', '5.7 * sqrt(E / F_y)', Kind::Number, 'Table B4.1b, 16');

        return new Weighing(
            'classification',
            'Compactness',
            "{$standard}, B4.1",
            null,
            remark: $this->compactness() === 'compact'
                ? 'The shape is compact in bending.'
                : "In bending: {$this->compactness()} ({$this->bendingClause()}).",
            lines: $d->lines ?? [],
        );
    }

    /** R_pc M_yc, or R_pg M_yc, on the sheet as M_1. */
    public function plateau(?Derivation $d = null): float
    {
        $M = $this->factor * $this->Fy * $this->Sc;
        $d?->given('S_xc', $this->Sc, Kind::Modulus, 'F4', 'of the compression flange');
        if ($this->isSlender()) {
            $d?->given('a_w', $this->aw, Kind::Number, 'F4-12', 'h_c t_w / (b_fc t_fc)');
            $d?->with([
                'lambda_w' => [$this->web(), Kind::Number],
                'E' => [$this->E, Kind::ModulusOfElasticity],
                'F_y' => [$this->Fy, Kind::Stress],
            ])->line(
                'R_pg',
                'min(1, 1 - a_w / (1200 + 300 * a_w) * (lambda_w - 5.7 * sqrt(E / F_y)))',
                Kind::Number,
                'F5-6',
                'λ_w = h_c/t_w',
            );
            $d?->line('M_1', 'R_pg * F_y * S_xc', Kind::Moment, 'F5-1', 'yielding of the compression flange');

            return $M;
        }
        $d?->with([
            'F_y' => [$this->Fy, Kind::Stress],
            'Z_x' => [$this->section->Wply, Kind::Modulus],
            'S_x' => [min($this->Sc, $this->St), Kind::Modulus],
        ])->line('M_p', 'F_y * min(Z_x, 1.6 * S_x)', Kind::Moment, 'F4.2');
        $d?->given(
            'R_pc',
            $this->factor,
            Kind::Number,
            $this->share <= 0.23 ? 'F4-10' : 'F4-9',
            $this->share <= 0.23 ? 'I_yc/I_y up to 0.23' : 'M_p/M_yc, 1 at least; less where the web is noncompact',
        );
        $d?->line('M_1', 'R_pc * F_y * S_xc', Kind::Moment, 'F4-1', 'yielding of the compression flange');

        return $M;
    }

    public function moment(?Derivation $d = null): float
    {
        $limits = ['M_1' => $this->plateau($d)];
        if ($this->flange() > $this->compactFlange()) {
            $limits['M_FLB'] = $this->ofFlange($limits['M_1'], $d);
        }
        if ($this->St < $this->Sc) {
            $Rpt = $this->isSlender() ? 1.0 : $this->webFactor($this->Fy * $this->St);
            $limits['M_TFY'] = $Rpt * $this->Fy * $this->St;
            $d?->given('R_pt', $Rpt, Kind::Number, $this->isSlender() ? 'F5.4' : 'F4-16, F4-17');
            $d?->with(['F_y' => [$this->Fy, Kind::Stress], 'S_xt' => [$this->St, Kind::Modulus]])->line(
                'M_TFY',
                'R_pt * F_y * S_xt',
                Kind::Moment,
                $this->isSlender() ? 'F5-10' : 'F4-15',
                'yielding of the tension flange',
            );
        }
        $d?->with(array_map(fn (float $M): array => [$M, Kind::Moment], $limits))->line(
            'M_n',
            count($limits) === 1 ? 'M_1' : 'min('.implode(', ', array_keys($limits)).')',
            Kind::Moment,
            $this->bendingClause(),
        );

        return min($limits);
    }

    /** F4.3, F5.3. */
    private function ofFlange(float $plateau, ?Derivation $d): float
    {
        [$R, $factor] = $this->isSlender() ? ['R_pg * ', ['R_pg' => [$this->factor, Kind::Number]]] : ['', []];
        [$lambda, $p, $r] = [$this->flange(), $this->compactFlange(), $this->slenderFlange()];
        $d?->given('lambda_f', $lambda, Kind::Number, 'B4.1');
        if ($lambda > $r) {
            $Mn = ($this->part() * 0.9 * $this->E * $this->kc() * $this->Sc) / $lambda ** 2;
            $d?->given('k_c', $this->kc(), Kind::Number, 'Table B4.1b, note a');
            $d?->with([
                ...$factor,
                'E' => [$this->E, Kind::ModulusOfElasticity],
                'S_xc' => [$this->Sc, Kind::Modulus],
            ])->line(
                'M_FLB',
                "{$R}0.9 * E * k_c * S_xc / lambda_f^2",
                Kind::Moment,
                $this->isSlender() ? 'F5-9' : 'F4-14',
                'flange slender',
            );

            return $Mn;
        }
        $Mn = $plateau - (($plateau - $this->residual()) * ($lambda - $p)) / ($r - $p);
        $d?->with([
            ...$factor,
            'M_1' => [$plateau, Kind::Moment],
            'F_L' => [$this->FL, Kind::Stress],
            'S_xc' => [$this->Sc, Kind::Modulus],
            'lambda_f' => [$lambda, Kind::Number],
            'lambda_pf' => [$p, Kind::Number],
            'lambda_rf' => [$r, Kind::Number],
        ])->line(
            'M_FLB',
            "M_1 - (M_1 - {$R}F_L * S_xc) * (lambda_f - lambda_pf) / (lambda_rf - lambda_pf)",
            Kind::Moment,
            $this->isSlender() ? 'F5-8' : 'F4-13',
            'flange noncompact',
        );

        return $Mn;
    }

    public function bendingClause(): string
    {
        return $this->isSlender() ? 'F5' : 'F4';
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        $s = $this->section;
        $limit = 1.1 * sqrt(5.34) * $this->rootEF;
        $web = $s->hw / $s->tw;
        $Cv = min(1.0, $limit / $web);
        $Vn = 0.6 * $this->Fy * $s->h * $s->tw * $Cv;
        $d?->with(['h' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'lambda_h',
            'h / t_w',
            Kind::Number,
            'G2.1',
        );
        $d?->with(['E' => [$this->E, Kind::ModulusOfElasticity], 'F_y' => [$this->Fy, Kind::Stress]])->line(
            'lambda_v',
            '1.10 * sqrt(5.34 * E / F_y)',
            Kind::Number,
            'G2.1(b)',
            'no stiffeners',
        );
        $d?->line('C_v1', 'min(1, lambda_v / lambda_h)', Kind::Number, 'G2-3, G2-4');
        $d?->with(['d' => [$s->h, Kind::Size]])->line('V_n', '0.6 * F_y * d * t_w * C_v1', Kind::Force, 'G2-1');

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return WeakAxis::moment($this, $this->moreSlender(), WeakAxis::plastic($this, $d), $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        $of = new Area(
            $this->section->sidewaysShearArea(),
            'of the flange that shears the most, each with its part of I_y: b_f t_f (I_1 + I_2)/I_1',
        );

        return WeakAxis::shear($this, $this->moreSlender(), $of, $method, $d);
    }

    private function moreSlender(): float
    {
        return max($this->section->top / $this->section->tt, $this->section->bottom / $this->section->tb) / 2;
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $s = $this->section;
        $limit = 0.64 * sqrt($this->kc()) * $this->rootEF;

        return SlenderElements::area(
            $this,
            $Fcr,
            [
                new SlenderElements(
                    't',
                    ['b_t', $s->top / 2],
                    ['t_t', $s->tt],
                    2,
                    $limit,
                    [0.22, 1.49],
                    'Table B4.1a, 2',
                    'half of the top flange',
                ),
                new SlenderElements(
                    'b',
                    ['b_b', $s->bottom / 2],
                    ['t_b', $s->tb],
                    2,
                    $limit,
                    [0.22, 1.49],
                    'Table B4.1a, 2',
                    'half of the bottom flange',
                ),
                new SlenderElements(
                    'w',
                    ['h', $s->hw],
                    ['t_w', $s->tw],
                    1,
                    1.49 * $this->rootEF,
                    [0.18, 1.31],
                    'Table B4.1a, 5',
                    'web',
                ),
            ],
            $d,
        );
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G2.1', 'G6'];
    }

    public function lateral(): LateralStrength
    {
        return new UnequalLateralStrength($this);
    }

    public function lateralClause(): string
    {
        return "{$this->bendingClause()}.2";
    }
}
