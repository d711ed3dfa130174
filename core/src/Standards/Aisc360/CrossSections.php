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
use Waage\Standards\SidewaysEnvelopes;
use Waage\Units\Kind;

/** ANSI/AISC 360, F and G: yielding and local buckling in bending, and shear, of one length of one section. */
final readonly class CrossSections
{
    /** @param  list<Combination>  $strength */
    public function __construct(private LoadedBeam $beam, private Envelope $shear, private Envelope $moment, private array $strength, private string $standard, private Method $method)
    {
    }

    public function bending(Profile $profile, SectionStep $stretch, float $weight, bool $derive): Weighing
    {
        $e = $this->worst($this->moment, $stretch, $weight);
        $M = abs($e->value);
        $required = $this->method->required('M');
        $d = $derive ? new Derivation : null;
        $d?->given($required, $M, Kind::Moment, '', $e->value >= 0 ? 'sagging' : 'hogging');
        $Mc = $this->method->available('M_n', $profile->moment($d), Flexure::FACTORS, 'b', Kind::Moment, 'F1(a)', $d);
        $d?->line('u', "{$required} / M_c", [$required => [$M, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]], $M / $Mc, Kind::Number, 'B3');
        $factors = $this->acting(Effect::Moment, $e, $weight);

        return new Weighing(
            'bending', 'Bending', "{$this->standard}, {$profile->bendingClause()}", $M / $Mc, demand: $M, capacity: $Mc, kind: Kind::Moment, demandSymbol: $required, capacitySymbol: 'M_c',
            x: $e->x, combination: $e->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: [[$stretch->from, $stretch->to, $Mc]],
        );
    }

    public function shear(Profile $profile, SectionStep $stretch, float $weight, bool $derive): Weighing
    {
        $e = $this->worst($this->shear, $stretch, $weight);
        $V = abs($e->value);
        $required = $this->method->required('V');
        $d = $derive ? new Derivation : null;
        $d?->given($required, $V, Kind::Force);
        $Vc = $profile->shear($this->method, $d);
        $d?->line('u', "{$required} / V_c", [$required => [$V, Kind::Force], 'V_c' => [$Vc, Kind::Force]], $V / $Vc, Kind::Number, 'B3');
        $factors = $this->acting(Effect::Shear, $e, $weight);

        return new Weighing(
            'shear', 'Shear', "{$this->standard}, {$profile->shearClauses()[0]}", $V / $Vc, demand: $V, capacity: $Vc, kind: Kind::Force, demandSymbol: $required, capacitySymbol: 'V_c',
            x: $e->x, combination: $e->combination->id, arrangement: $this->beam->arrangementText($factors), factors: $factors, lines: $d->lines ?? [], ranges: [[$stretch->from, $stretch->to, $Vc]],
        );
    }

    /** @return array{Weighing, Weighing} bending and shear about the weak axis */
    public function sideways(Profile $profile, SidewaysEnvelopes $sideways, float $weight, bool $derive): array
    {
        $weighings = [];
        foreach ([['bending', $profile->isClosed() ? $profile->bendingClause() : 'F6', $sideways->moment, 'M', Kind::Moment], ['shear', $profile->shearClauses()[1], $sideways->shear, 'V', Kind::Force]] as [$what, $clause, $envelope, $symbol, $kind]) {
            $e = $envelope->greatest($this->strength, $weight) ?? throw new \LogicException('An envelope has at least one combination here.');
            $required = "{$symbol}_y".substr($this->method->required($symbol), 1);
            $d = $derive ? new Derivation : null;
            $d?->given($required, abs($e->value), $kind);
            $available = $what === 'bending' ? $this->method->available('M_n', $profile->weakMoment($d), Flexure::FACTORS, 'b', $kind, 'F1(a)', $d) : $profile->weakShear($this->method, $d);
            $d?->line('u', "{$required} / {$symbol}_c", [$required => [abs($e->value), $kind], "{$symbol}_c" => [$available, $kind]], abs($e->value) / $available, Kind::Number, 'B3');
            $acting = $sideways->beam->worst($e->combination, $weight, $envelope->effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);
            $weighings[] = new Weighing(
                "sideways-{$what}", ucfirst($what).' sideways', "{$this->standard}, {$clause}", abs($e->value) / $available, demand: abs($e->value), capacity: $available, kind: $kind, demandSymbol: $required, capacitySymbol: "{$symbol}_c",
                x: $e->x, combination: $e->combination->id, arrangement: $sideways->beam->arrangementText($acting), factors: $acting, lines: $d->lines ?? [],
            );
        }

        return [$weighings[0], $weighings[1]];
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
