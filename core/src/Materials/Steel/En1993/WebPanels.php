<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\WebStiffeners;
use Waage\Units\Kind;

/**
 * The panels of a slender web between its stiffeners, each under its greatest shear force with its greatest moment
 * (EN 1993-1-5, 5 and 9.3).
 */
final readonly class WebPanels
{
    /** @param  list<Combination>  $strength */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $shear,
        private Envelope $moment,
        private array $strength,
    ) {
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @return array{float, Weighing, Weighing} least V_bw,Rd of a panel (N); shear of the heaviest panel; the
     *     stiffeners
     */
    public function weigh(
        SteelSection $steel,
        SectionStep $stretch,
        WebStiffeners $stiffeners,
        float $weight,
        Detail $detail,
    ): array {
        $heaviest = null;
        $least = INF;
        foreach ($this->panels($stiffeners->spacing) as [$from, $to]) {
            [$a, $b] = [max($from, $stretch->from), min($to, $stretch->to)];
            $e = $b - $a <= 1e-6 ? null : $this->shear->greatest($this->strength, $weight, $a, $b);
            if ($e === null) {
                continue;
            }
            $web = new StiffenedWeb($steel, $stiffeners, $to - $from);
            $M = abs($this->moment->greatest($this->strength, $weight, $a, $b)->value ?? 0.0);
            $least = min($least, $web->ofWeb());
            $u = abs($e->value) / $web->resistance($M);
            if ($heaviest === null || $u > $heaviest[0] * (1 + 1e-9)) {
                $heaviest = [$u, $e, $web, $M];
            }
        }
        [$u, $e, $web, $M] = $heaviest ?? throw new \LogicException('A stretch lies in a panel.');
        $V = abs($e->value);
        $d = $detail->derivation();
        $d?->given('V_Ed', $V, Kind::Force, '', 'greatest in the panel');
        $Vb = $web->resistance($M, $d);
        $d?->with(['V_b_Rd' => [$Vb, Kind::Force]])->line('u', 'V_Ed / V_b_Rd', Kind::Number, '5.5(1) (5.10)');
        $factors = $this->beam->worst(
            $e->combination,
            $weight,
            $this->shear->effect,
            $e->value >= 0 ? 1 : -1,
            $e->segment,
            $e->t,
        );
        $most = abs($this->shear->greatest($this->strength, $weight, $stretch->from, $stretch->to)->value ?? 0.0);
        $ofStiffeners = $detail->derivation();

        return [
            $least,
            new Weighing(
                'shear-buckling',
                'Shear buckling of the web',
                'EN 1993-1-5, 5',
                $u,
                against: new Against(
                    demand: $V,
                    capacity: $Vb,
                    kind: Kind::Force,
                    demandSymbol: 'V_Ed',
                    capacitySymbol: 'V_b_Rd',
                ),
                at: $this->beam->placed($e, $factors),
                lines: $d->lines ?? [],
            ),
            new Weighing(
                'stiffeners',
                'Stiffeners of the web',
                'EN 1993-1-5, 9.3.3',
                $web->ofStiffeners($most, $ofStiffeners),
                lines: $ofStiffeners->lines ?? [],
                remark: 'Without forces of loads that act on them.',
            ),
        ];
    }

    /** @return list<array{float, float}> equal ones between the supports and the ends, not longer than the spacing */
    private function panels(float $spacing): array
    {
        $panels = [];
        foreach ($this->beam->beam->fields() as [$from, $to]) {
            $n = (int) ceil(($to - $from) / $spacing - 1e-6);
            for ($i = 0; $i < $n; $i++) {
                $panels[] = [$from + (($to - $from) * $i) / $n, $from + (($to - $from) * ($i + 1)) / $n];
            }
        }

        return $panels;
    }
}
