<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\SidewaysEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\Stretches;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.5 and 6.2.6 about z-z: what bends a member sideways between the places that hold both its
 * flanges. Loads are taken to act through the shear centre.
 */
final readonly class SidewaysBending
{
    private LoadedBeam $beam;

    /** @param  list<Combination>  $strength */
    public function __construct(private SidewaysEnvelopes $envelopes, private array $strength)
    {
        $this->beam = $envelopes->beam;
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @return array{Weighing, Weighing} bending, shear
     */
    public function weigh(array $stretches, float $weight, Detail $detail): array
    {
        $basis = $this->beam->member->basis;
        $steels = array_map(
            fn (SectionStep $s): SteelSection => new SteelSection($s->section, $s->grade, $basis),
            $stretches,
        );
        $weighings = array_map(
            fn (SteelSection $steel, SectionStep $s): array => [
                $this->bending($steel, $s, $weight, $detail),
                $this->shear($steel, $s, $weight, $detail),
            ],
            $steels,
            $stretches,
        );
        [$bending, $shear] = Stretches::heaviest(
            $stretches,
            $weighings,
            array_map(fn (SteelSection $s): int => $s->classZ, $steels),
            $basis->units,
        );

        return [$bending, $shear];
    }

    private function bending(SteelSection $steel, SectionStep $stretch, float $weight, Detail $detail): Weighing
    {
        $e = $this->worst($this->envelopes->moment, $stretch, $weight);
        $M = abs($e->value);
        $d = $detail->derivation();
        $d?->given('M_z_Ed', $M, Kind::Moment, '', $e->value >= 0 ? 'tension in front' : 'tension behind');
        $symbol = ['W_pl_z', 'W_pl_z', 'W_el_z', 'W_eff_z'][$steel->classZ - 1];
        $W = $steel->modulusZ($d);
        $Mc = ($W * $steel->fy) / $steel->basis->steel->gammaM0;
        $d?->with([
            $symbol => [$W, Kind::Modulus],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M0' => [$steel->basis->steel->gammaM0, Kind::Number],
        ])->line(
            'M_z_Rd',
            "{$symbol} * f_y / gamma_M0",
            Kind::Moment,
            ['6.2.5(2) (6.13)', '6.2.5(2) (6.13)', '6.2.5(2) (6.14)', '6.2.5(2) (6.15)'][$steel->classZ - 1],
            $steel->section instanceof ISection && $steel->classZ < 4
                ? "class {$steel->classZ}, as in bending about y-y"
                : "class {$steel->classZ}",
        );
        $d?->line('u', 'M_z_Ed / M_z_Rd', Kind::Number, '6.2.5(1) (6.12)');

        return new Weighing(
            'sideways-bending',
            'Bending about the minor axis',
            'EN 1993-1-1, 6.2.5',
            $M / $Mc,
            against: new Against(
                demand: $M,
                capacity: $Mc,
                kind: Kind::Moment,
                demandSymbol: 'M_z_Ed',
                capacitySymbol: 'M_z_Rd',
            ),
            at: $this->beam->placed($e, $this->acting(Effect::Moment, $e, $weight)),
            lines: $d->lines ?? [],
        );
    }

    private function shear(SteelSection $steel, SectionStep $stretch, float $weight, Detail $detail): Weighing
    {
        $e = $this->worst($this->envelopes->shear, $stretch, $weight);
        $V = abs($e->value);
        $d = $detail->derivation();
        $d?->given('V_y_Ed', $V, Kind::Force);
        $Vpl = Shear::sidewaysResistance($steel, $d);
        $d?->with(['V_y_Rd' => [$Vpl, Kind::Force]])->line('u', 'V_y_Ed / V_y_Rd', Kind::Number, '6.2.6(1) (6.17)');

        return new Weighing(
            'sideways-shear',
            'Lateral shear',
            'EN 1993-1-1, 6.2.6',
            $V / $Vpl,
            against: new Against(
                demand: $V,
                capacity: $Vpl,
                kind: Kind::Force,
                demandSymbol: 'V_y_Ed',
                capacitySymbol: 'V_y_Rd',
            ),
            at: $this->beam->placed($e, $this->acting(Effect::Shear, $e, $weight)),
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
