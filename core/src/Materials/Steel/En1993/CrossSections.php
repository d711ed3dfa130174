<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\Polynomial;
use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Materials\Steel\Stretches;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** Weighings of the cross-sections of a member (EN 1993-1-1, 5.5 and 6.2), on each length of one section. */
final class CrossSections
{
    /**
     * Up to here a plastic moment does not let the edge yield in use: the least of the factors on loads is about as
     * great.
     */
    private const SERVICE = 1.5;

    /** EN 1993 has no rule for it. */
    private const FOREIGN = 'Shear buckling, as ANSI/AISC 360 has it';

    private readonly HighShearSearch $search;

    /** @param  list<Combination>  $strength */
    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly Envelope $shearEnvelope,
        private readonly Envelope $momentEnvelope,
        private readonly array $strength,
    ) {
        $this->search = new HighShearSearch($beam, $shearEnvelope, $momentEnvelope, $strength);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<Weighing> class of the section, which stands alone where it is not covered; bending,
     *     shear, shear buckling, bending with shear
     */
    public function weigh(array $stretches, float $weight, Detail $detail): array
    {
        $member = $this->beam->member;
        $weighings = $classes = [];
        foreach ($stretches as $stretch) {
            $steel = new SteelSection($stretch->section, $stretch->grade, $member->basis);
            $classes[] = $steel->class;
            $classification = Classification::weigh($steel, $detail);
            if (! $classification->isCovered()) {
                return [Stretches::named($classification, $stretch, count($stretches), $member->basis->units)];
            }
            $weighings[] =
                $this->strength === []
                    ? [$classification]
                    : [
                        $classification,
                        $this->bending($steel, $stretch, $weight, $detail),
                        ...$this->shear($steel, $stretch, $weight, $detail),
                    ];
        }

        return Stretches::heaviest($stretches, $weighings, $classes, $member->basis->units);
    }

    private function bending(SteelSection $steel, SectionStep $stretch, float $weight, Detail $detail): Weighing
    {
        $e = $this->worst($this->momentEnvelope, $stretch, $weight);
        $d = $detail->derivation();
        $d?->given('M_Ed', abs($e->value), Kind::Moment, '', $e->value >= 0 ? 'sagging' : 'hogging');
        $Mc = Bending::resistance($steel, $d);
        $ratio = abs($e->value) / $Mc;
        $d?->with(['M_c_Rd' => [$Mc, Kind::Moment]])->line('u', 'M_Ed / M_c_Rd', Kind::Number, '6.2.5(1) (6.12)');

        return new Weighing(
            'bending',
            'Bending'.$steel->foreign(),
            'EN 1993-1-1, 6.2.5',
            $ratio,
            against: new Against(
                demand: abs($e->value),
                capacity: $Mc,
                kind: Kind::Moment,
                demandSymbol: 'M_Ed',
                capacitySymbol: 'M_c_Rd',
            ),
            at: $this->beam->placed($e, $this->acting(Effect::Moment, $e, $weight)),
            lines: $d->lines ?? [],
            ranges: [[$stretch->from, $stretch->to, $Mc]],
            remark: $steel->class <= 2 && $steel->section->Wply > self::SERVICE * $steel->section->Wely
                ? sprintf(
                    'W_pl is %.2f W_el: the edge yields under loads below those of design, already in use perhaps.',
                    $steel->section->Wply / $steel->section->Wely,
                )
                : '',
        );
    }

    /** @return list<Weighing> shear, shear buckling, bending with shear */
    private function shear(SteelSection $steel, SectionStep $stretch, float $weight, Detail $detail): array
    {
        $e = $this->worst($this->shearEnvelope, $stretch, $weight);
        $V = abs($e->value);
        $d = $detail->derivation();
        $d?->given('V_Ed', $V, Kind::Force);
        $Vpl = Shear::resistance($steel, $d);
        $d?->with(['V_pl_Rd' => [$Vpl, Kind::Force]])->line('u', 'V_Ed / V_pl_Rd', Kind::Number, '6.2.6(1) (6.17)');
        $shear = new Weighing(
            'shear',
            'Shear',
            'EN 1993-1-1, 6.2.6',
            $V / $Vpl,
            against: new Against(
                demand: $V,
                capacity: $Vpl,
                kind: Kind::Force,
                demandSymbol: 'V_Ed',
                capacitySymbol: 'V_pl_Rd',
            ),
            at: $this->beam->placed($e, $this->acting(Effect::Shear, $e, $weight)),
            lines: $d->lines ?? [],
            ranges: [[$stretch->from, $stretch->to, $Vpl]],
        );

        $d = $detail->derivation();
        $limit = Shear::bucklingLimit($steel, $d);
        $slenderness = Shear::webSlenderness($steel);
        if ($slenderness > $limit && SlenderWeb::covers($steel)) {
            return [$shear, ...$this->slenderWeb($steel, $stretch, $e, $weight, $detail)];
        }
        $web =
            $slenderness === null
                ? ($steel->section instanceof CircularHollow
                    ? $this->tube($steel, $steel->section, $e, $weight, $detail)
                    : $this->plate($steel, $detail))
                : new Weighing(
                    'shear-buckling',
                    'Shear buckling of the web',
                    'EN 1993-1-1, 6.2.6(6)',
                    null,
                    applies: $slenderness <= $limit,
                    against: new Against(
                        demand: $slenderness,
                        capacity: $limit,
                        demandSymbol: 'lambda_w',
                        capacitySymbol: 'lambda_w_max',
                    ),
                    remark: $slenderness <= $limit
                        ? 'The web is stocky enough: it does not buckle in shear.'
                        : 'The web is so slender that it may buckle in shear (EN 1993-1-5, section 5), which is computed for I sections only. Take a section with thicker sides.',
                    lines: $d->lines ?? [],
                );

        return [$shear, $web, $this->bendingWithShear($steel, $stretch, $V, $Vpl, $weight, $detail)];
    }

    /**
     * EN 1993-1-1 has no rule for the wall of a tube that shears: ANSI/AISC 360, G5, however long it is, with its φ,
     * and H3-2b for where it yields when it is twisted too.
     */
    private function tube(SteelSection $steel, CircularHollow $s, Extreme $e, float $weight, Detail $detail): Weighing
    {
        $isTwisted = $this->beam->twisting !== null;
        $part = $isTwisted ? '0.60' : '0.78';
        $E = ['E' => [SteelGrade::E, Kind::ModulusOfElasticity]];
        $slenderness = $s->h / $s->t;
        $limit = (((float) $part * SteelGrade::E * sqrt(3)) / $steel->fy) ** (2 / 3);
        $d = $detail->derivation();
        $d?->with(['d' => [$s->h, Kind::Size], 't' => [$s->t, Kind::Size]])->line('lambda_w', 'd / t', Kind::Number);
        $d?->with([...$E, 'f_y' => [$steel->fy, Kind::Stress]])->line(
            'lambda_w_max',
            "({$part} * E * sqrt(3) / f_y)^(2 / 3)",
            Kind::Number,
            $isTwisted ? 'ANSI/AISC 360, H3-2b' : 'ANSI/AISC 360, G5-2b',
            'yields at f_y/√3 before it buckles',
        );
        if ($slenderness <= $limit) {
            return new Weighing(
                'shear-buckling',
                self::FOREIGN,
                'ANSI/AISC 360, G5',
                null,
                lines: $d->lines ?? [],
                remark: 'The wall of the tube is stocky enough not to buckle in shear before it yields.',
            );
        }
        $V = abs($e->value);
        $tau = (0.78 * SteelGrade::E) / $slenderness ** 1.5;
        $Vb = (0.9 * $tau * $s->A) / 2 / $steel->basis->steel->gammaM1;
        $d?->with([...$E])->line('tau_cr', '0.78 * E / lambda_w^1.5', Kind::Stress, 'ANSI/AISC 360, G5-2b');
        $d?->with(['A' => [$s->A, Kind::Area], 'gamma_M1' => [$steel->basis->steel->gammaM1, Kind::Number]])->line(
            'V_b_Rd',
            '0.9 * tau_cr * A / (2 * gamma_M1)',
            Kind::Force,
            'ANSI/AISC 360, G5-1',
        );
        $d?->with(['V_Ed' => [$V, Kind::Force]])->line('u', 'V_Ed / V_b_Rd', Kind::Number);
        $holds = ! $isTwisted && $this->beam->sideways === null && $V <= 0.5 * $Vb;
        $factors = $this->acting(Effect::Shear, $e, $weight);

        return new Weighing(
            'shear-buckling',
            self::FOREIGN,
            'ANSI/AISC 360, G5',
            $holds ? $V / $Vb : null,
            applies: $holds,
            against: new Against(
                demand: $V,
                capacity: $Vb,
                kind: Kind::Force,
                demandSymbol: 'V_Ed',
                capacitySymbol: 'V_b_Rd',
            ),
            at: $this->beam->placed($e, $factors),
            lines: $d->lines ?? [],
            remark: $holds
                ? 'The wall of the tube is slender; the shear force is not more than half of what buckles it, and bending is not reduced.'
                : 'The wall of the tube is so slender that it may buckle in shear, which is covered for shear forces up to half of what buckles it, without torsion and without lateral forces. Take a thicker one.',
        );
    }

    /** A stem, a leg or a strip that shears. */
    private function plate(SteelSection $steel, Detail $detail): Weighing
    {
        [$slenderness, $k] = $steel->profile->plate();
        $limit = (0.83 / $steel->basis->steel->eta) * 37.4 * $steel->epsilon * sqrt($k);
        $d = $detail->hasLines() && $slenderness > 0.0 ? new Derivation() : null;
        $d?->given('lambda_w', $slenderness, Kind::Number, '', 'c/t of what buckles first');
        $d?->given(
            'k_tau',
            $k,
            Kind::Number,
            $k === 1.2 ? '' : 'EN 1993-1-5, A.3',
            $k === 1.2 ? 'with a free edge, as ANSI/AISC 360, G3, has it' : 'long, supported along both edges',
        );
        $d?->with([
            'eta' => [$steel->basis->steel->eta, Kind::Number],
            'epsilon' => [$steel->epsilon, Kind::Number],
        ])->line(
            'lambda_w_max',
            '0.83 / eta * 37.4 * epsilon * sqrt(k_tau)',
            Kind::Number,
            'EN 1993-1-5, 5.3(1), Table 5.1',
        );

        return new Weighing(
            'shear-buckling',
            $k === 1.2 && $slenderness > 0.0 ? self::FOREIGN : 'Shear buckling',
            'EN 1993-1-1, 6.2.6(6)',
            null,
            applies: $slenderness <= $limit,
            lines: $d->lines ?? [],
            remark: match (true) {
                $slenderness === 0.0 => 'Without a plate that could buckle in shear.',
                $slenderness <= $limit => 'Its plates are stocky enough not to buckle in shear before they yield.',
                default => ($k === 1.2 ? 'What has a free edge' : 'A strip between others').
                    ' is so slender that it may buckle in shear. Take a thicker one.',
            },
        );
    }

    /** @return list<Weighing> shear buckling, bending with shear, the flange against the web */
    private function slenderWeb(
        SteelSection $steel,
        SectionStep $stretch,
        Extreme $e,
        float $weight,
        Detail $detail,
    ): array {
        $bare = array_filter(
            $this->beam->member->supports,
            fn (Support $s): bool => ! $s->stiffened &&
                $s->kind !== SupportKind::Guided &&
                $s->x >= $stretch->from - 1e-6 &&
                $s->x <= $stretch->to + 1e-6,
        );
        if ($bare !== []) {
            return [
                new Weighing(
                    'shear-buckling',
                    'Shear buckling of the web',
                    'EN 1993-1-5, 5.1(2)',
                    null,
                    applies: false,
                    remark: 'The web is so slender that it needs stiffeners at its supports. Say at the supports that it has them, or take a section with a thicker web.',
                ),
            ];
        }
        $slender = new SlenderWeb($steel);
        $d = $detail->derivation();
        $limit = $slender->flangeLimit($d);
        $slenderness = Shear::webSlenderness($steel) ?? 0.0;
        $flange = new Weighing(
            'flange-buckling',
            'Flange against the web',
            'EN 1993-1-5, 8',
            null,
            applies: $slenderness <= $limit,
            against: new Against(
                demand: $slenderness,
                capacity: $limit,
                demandSymbol: 'lambda_w',
                capacitySymbol: 'lambda_w_max',
            ),
            remark: $slenderness <= $limit
                ? 'The web is stocky enough to keep the compressed flange from buckling into it.'
                : 'The web is so slender that the compressed flange may buckle into it (8(1)). Take a thicker web.',
            lines: $d->lines ?? [],
        );
        $V = abs($e->value);
        $stiffeners = SteelMake::of($this->beam->member)->webStiffeners;
        if ($stiffeners === null) {
            [$Vb, $web] = $this->bareWeb($slender, $e, $weight, $detail);
            $more = [];
        } else {
            [$Vb, $web, $more] = (new WebPanels(
                $this->beam,
                $this->shearEnvelope,
                $this->momentEnvelope,
                $this->strength,
            ))->weigh($steel, $stretch, $stiffeners, $weight, $detail);
            $more = [$more];
        }
        if ($V <= 0.5 * $Vb) {
            return [
                $web,
                new Weighing(
                    'bending-shear',
                    'Bending with shear',
                    'EN 1993-1-5, 7.1',
                    null,
                    remark: 'The shear force is nowhere more than half of what buckles the web: bending is not reduced (7.1(1)).',
                ),
                $flange,
                ...$more,
            ];
        }
        $m = $this->worst($this->momentEnvelope, $stretch, $weight);
        $d = $detail->derivation();
        $d?->given('M_Ed', abs($m->value), Kind::Moment);
        $u = $slender->withBending(abs($m->value), $V / $Vb, $d);

        return [
            $web,
            new Weighing(
                'bending-shear',
                'Bending with shear',
                'EN 1993-1-5, 7.1',
                $u,
                at: $this->beam->placed($m, $this->acting(Effect::Moment, $m, $weight)),
                lines: $d->lines ?? [],
                remark: 'The greatest moment with the greatest shear force, wherever they are: on the safe side.',
            ),
            $flange,
            ...$more,
        ];
    }

    /** @return array{float, Weighing} V_bw,Rd (N) of a web with stiffeners at the supports only */
    private function bareWeb(SlenderWeb $slender, Extreme $e, float $weight, Detail $detail): array
    {
        $V = abs($e->value);
        $d = $detail->derivation();
        $d?->given('V_Ed', $V, Kind::Force);
        $Vb = $slender->resistance($d);
        $d?->with(['V_bw_Rd' => [$Vb, Kind::Force]])->line('u', 'V_Ed / V_bw_Rd', Kind::Number, '5.5(1) (5.10)');
        $factors = $this->acting(Effect::Shear, $e, $weight);

        return [
            $Vb,
            new Weighing(
                'shear-buckling',
                'Shear buckling of the web',
                'EN 1993-1-5, 5',
                $V / $Vb,
                against: new Against(
                    demand: $V,
                    capacity: $Vb,
                    kind: Kind::Force,
                    demandSymbol: 'V_Ed',
                    capacitySymbol: 'V_bw_Rd',
                ),
                at: $this->beam->placed($e, $factors),
                lines: $d->lines ?? [],
            ),
        ];
    }

    private function bendingWithShear(
        SteelSection $steel,
        SectionStep $stretch,
        float $greatest,
        float $Vpl,
        float $weight,
        Detail $detail,
    ): Weighing {
        $clause = 'EN 1993-1-1, 6.2.8';
        if ($greatest <= 0.5 * $Vpl) {
            $d = $detail->derivation();
            $d?->with(['V_Ed' => [$greatest, Kind::Force], 'V_pl_Rd' => [$Vpl, Kind::Force]])->line(
                'u_V',
                'V_Ed / V_pl_Rd',
                Kind::Number,
                '6.2.8(2)',
                'not above 0.5',
            );

            return new Weighing(
                'bending-shear',
                'Bending with shear',
                $clause,
                null,
                remark: 'The shear force is nowhere more than half of its resistance: bending is not reduced (6.2.8(2)).',
                lines: $d->lines ?? [],
            );
        }
        $Mc = Bending::resistance($steel);
        $best = -1.0;
        $found = null;
        foreach ($this->search->high($steel, $stretch, $weight, $Vpl, $Mc) as [$bound, $combination, $k]) {
            if ($bound <= $best) {
                break;
            }
            foreach ($this->search->worstOn($k, $combination, $weight, 0.5 * $Vpl) as $factors) {
                $m = $this->beam->responses->combined(Effect::Moment, $factors, $k);
                $start = $this->beam->responses->breaks[$k];
                foreach (
                    $this->search->places($steel, $m, $Vpl, $Mc, $this->beam->responses->breaks[$k + 1] - $start) as $t
                ) {
                    $V = abs($m[1] + $t * (2 * $m[2] + $t * 3 * $m[3]));
                    if ($V <= 0.5 * $Vpl) {
                        continue;
                    }
                    $M = abs(Polynomial::value($m, $t));
                    $ratio = $M / max(BendingWithShear::resistance($steel, $V, $Vpl, $Mc), 1e-6 * $Mc);
                    if ($ratio > $best) {
                        $best = $ratio;
                        $found = [$M, $V, $start + $t, $combination, $factors];
                    }
                }
            }
        }
        if ($found === null) {
            throw new \LogicException('Some place must have the shear that was found.');
        }
        [$M, $V, $x, $combination, $factors] = $found;
        $d = $detail->derivation();
        $d?->given('V_Ed', $V, Kind::Force, '', 'acts together with M_Ed');
        $d?->given('M_Ed', $M, Kind::Moment);
        $d?->given('V_pl_Rd', $Vpl, Kind::Force);
        $Mc = Bending::resistance($steel, $d);
        $MV = BendingWithShear::resistance($steel, $V, $Vpl, $Mc, $d);
        if ($MV > 0) {
            $d?->with(['M_V_Rd' => [$MV, Kind::Moment]])->line('u', 'M_Ed / M_V_Rd', Kind::Number, '6.2.8(1)');
        }

        return new Weighing(
            'bending-shear',
            'Bending with shear',
            $clause,
            $best,
            against: new Against(
                demand: $M,
                capacity: max(0.0, $MV),
                kind: Kind::Moment,
                demandSymbol: 'M_Ed',
                capacitySymbol: 'M_V_Rd',
            ),
            at: new Place(
                x: $x,
                combination: $combination->id,
                arrangement: $this->beam->arrangementText($factors),
                factors: $factors,
            ),
            lines: $d->lines ?? [],
        );
    }

    private function worst(Envelope $envelope, SectionStep $stretch, float $weight): Extreme
    {
        return $envelope->greatest($this->strength, $weight, $stretch->from, $stretch->to) ??
            throw new \LogicException('An envelope has at least one combination here.');
    }

    /** @return array<int, float> */
    private function acting(Effect $effect, Extreme $e, float $weight): array
    {
        return $this->beam->worst($e->combination, $weight, $effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);
    }
}
