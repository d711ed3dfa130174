<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\SidewaysEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\SectionStep;
use Waage\Units\Kind;

/** ANSI/AISC 360, F and G: yielding and local buckling in bending, and shear, of one length of one section. */
final readonly class CrossSections
{
    /** @param  list<Combination>  $strength */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $shear,
        private Envelope $moment,
        private array $strength,
        private string $standard,
        private Method $method,
    ) {
    }

    public function bending(Profile $profile, SectionStep $stretch, float $weight, Detail $detail): Weighing
    {
        $available = fn (?Derivation $d): float => $this->method->available(
            'M_n',
            $profile->moment($d),
            Flexure::FACTORS,
            'b',
            Kind::Moment,
            'F1(a)',
            $d,
        );

        return $this->weighing(
            ['bending', 'Bending', $profile->bendingClause()],
            new Demand($this->beam, $this->moment, 'M', Kind::Moment),
            $available,
            $weight,
            $detail,
            $stretch,
        );
    }

    public function shear(Profile $profile, SectionStep $stretch, float $weight, Detail $detail): Weighing
    {
        return $this->weighing(
            ['shear', 'Shear', $profile->shearClauses()[0]],
            new Demand($this->beam, $this->shear, 'V', Kind::Force),
            fn (?Derivation $d): float => $profile->shear($this->method, $d),
            $weight,
            $detail,
            $stretch,
        );
    }

    /** @return array{Weighing, Weighing} bending and shear about the weak axis */
    public function sideways(
        Profile $profile,
        SectionStep $stretch,
        SidewaysEnvelopes $sideways,
        float $weight,
        Detail $detail,
    ): array {
        $bends = fn (?Derivation $d): float => $this->method->available(
            'M_n',
            $profile->weakMoment($d),
            Flexure::FACTORS,
            'b',
            Kind::Moment,
            'F1(a)',
            $d,
        );

        return [
            $this->weighing(
                ['sideways-bending', 'Bending about the minor axis', $profile->weakClause()],
                new Demand($sideways->beam, $sideways->moment, 'M_y', Kind::Moment),
                $bends,
                $weight,
                $detail,
                $stretch,
            ),
            $this->weighing(
                ['sideways-shear', 'Lateral shear', $profile->shearClauses()[1]],
                new Demand($sideways->beam, $sideways->shear, 'V_y', Kind::Force),
                fn (?Derivation $d): float => $profile->weakShear($this->method, $d),
                $weight,
                $detail,
                $stretch,
            ),
        ];
    }

    /**
     * The greatest of an effect against the available strength.
     *
     * @param  array{string, string, string}  $what  id, title, clause
     * @param  \Closure(?Derivation): float  $strength  the available one
     */
    private function weighing(
        array $what,
        Demand $of,
        \Closure $strength,
        float $weight,
        Detail $detail,
        SectionStep $stretch,
    ): Weighing {
        [$id, $title, $clause] = $what;
        [$beam, $envelope, $symbol, $kind] = [$of->beam, $of->envelope, $of->symbol, $of->kind];
        $e =
            $envelope->greatest($this->strength, $weight, $stretch->from, $stretch->to) ??
            throw new \LogicException('An envelope has at least one combination here.');
        $demand = abs($e->value);
        $required = $this->method->required($symbol);
        $capacity = "{$symbol[0]}_c";
        $d = $detail->derivation();
        $d?->given($required, $demand, $kind, '', $id !== 'bending' ? '' : ($e->value >= 0 ? 'sagging' : 'hogging'));
        $available = $strength($d);
        $d?->with([$capacity => [$available, $kind]])->line('u', "{$required} / {$capacity}", Kind::Number, 'B3');
        $factors = $beam->worst(
            $e->combination,
            $weight,
            $envelope->effect,
            $e->value >= 0 ? 1 : -1,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $id,
            $title,
            "{$this->standard}, {$clause}",
            $demand / $available,
            against: new Against(
                demand: $demand,
                capacity: $available,
                kind: $kind,
                demandSymbol: $required,
                capacitySymbol: $capacity,
            ),
            at: $beam->placed($e, $factors),
            lines: $d->lines ?? [],
            ranges: $beam === $this->beam ? [[$stretch->from, $stretch->to, $available]] : [],
        );
    }
}
