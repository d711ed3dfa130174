<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Member\SectionStep;
use Waage\Units\Kind;

/** ANSI/AISC 360, F2.1 and F3 (yielding, local buckling) and G2.1 (shear) of one length of one section. */
final readonly class CrossSections
{
    /** @param  list<Combination>  $strength */
    public function __construct(private LoadedBeam $beam, private Envelope $shear, private Envelope $moment, private array $strength, private string $standard, private Method $method)
    {
    }

    public function bending(Shape $shape, SectionStep $stretch, float $weight, bool $derive): Weighing
    {
        $e = $this->worst($this->moment, $stretch, $weight);
        $M = abs($e->value);
        $required = $this->method->required('M');
        $d = $derive ? new Derivation : null;
        $d?->given($required, $M, Kind::Moment, '', $e->value >= 0 ? 'sagging' : 'hogging');
        $Mc = $this->method->available('M_n', Flexure::local($shape, $d), Flexure::FACTORS, 'b', Kind::Moment, 'F1(a)', $d);
        $d?->line('u', "{$required} / M_c", [$required => [$M, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]], $M / $Mc, Kind::Number, 'B3');
        $factors = $this->acting(Effect::Moment, $e, $weight);

        return new Weighing(
            'bending', 'Bending', "{$this->standard}, ".($shape->compactness() === 'compact' ? 'F2.1' : 'F3'), $M / $Mc, demand: $M, capacity: $Mc, kind: Kind::Moment, demandSymbol: $required, capacitySymbol: 'M_c',
            x: $e->x, combination: $e->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: [[$stretch->from, $stretch->to, $Mc]],
        );
    }

    public function shear(Shape $shape, SectionStep $stretch, float $weight, bool $derive): Weighing
    {
        $e = $this->worst($this->shear, $stretch, $weight);
        $V = abs($e->value);
        $required = $this->method->required('V');
        $d = $derive ? new Derivation : null;
        $d?->given($required, $V, Kind::Force);
        $Vc = Shear::available($shape, $this->method, $d);
        $d?->line('u', "{$required} / V_c", [$required => [$V, Kind::Force], 'V_c' => [$Vc, Kind::Force]], $V / $Vc, Kind::Number, 'B3');
        $factors = $this->acting(Effect::Shear, $e, $weight);

        return new Weighing(
            'shear', 'Shear', "{$this->standard}, G2.1", $V / $Vc, demand: $V, capacity: $Vc, kind: Kind::Force, demandSymbol: $required, capacitySymbol: 'V_c',
            x: $e->x, combination: $e->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: [[$stretch->from, $stretch->to, $Vc]],
        );
    }

    private function worst(Envelope $envelope, SectionStep $stretch, float $weight): Extreme
    {
        return $envelope->greatest($this->strength, $weight, $stretch->from, $stretch->to) ?? throw new \LogicException('An envelope has at least one combination here.');
    }

    /** @return array<int, float> */
    private function acting(Effect $effect, Extreme $e, float $weight): array
    {
        return $this->beam->worst($e->combination, $weight, $effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);
    }
}
