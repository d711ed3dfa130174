<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BearingPressure;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Cover;
use Waage\Materials\Concrete\Detailing\Detailing;
use Waage\Materials\Concrete\Fire;
use Waage\Materials\Concrete\Hangers;
use Waage\Materials\Concrete\LateralSlenderness;
use Waage\Materials\Concrete\Redistribution;
use Waage\Materials\Concrete\Robustness;
use Waage\Materials\Concrete\SteelAlong;
use Waage\Materials\Concrete\StressedStretches;
use Waage\Units\UnitSystem;

/** The checks of a concrete beam or a one-way slab after BS 8110-1:1997. */
final readonly class ConcreteBeam implements MemberChecks
{
    use PlainChecks;

    /** With moments redistributed, for strength. */
    private MemberEnvelopes $strength;

    private Bending $bending;

    private Shear $shear;

    private Torsion $torsion;

    private Hangers $hangers;

    private SpanDepth $spanDepth;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->strength = Redistribution::of($envelopes);
        $this->unweighed = new Unweighed('BS 8110-1', 'concrete');
        $this->bending = new Bending($this->strength);
        $this->shear = new Shear($this->strength);
        $this->torsion = new Torsion($this->strength);
        $this->hangers = new Hangers($this->strength);
        $this->spanDepth = new SpanDepth($this->strength);
    }

    /** With its bars and links. */
    public function settle(Make $make): Make
    {
        $concrete = ConcreteMake::from($make);

        return (new Detailing($this->strength, $this->rules($concrete), $this->envelopes))
            ->settled($concrete, Anchorage::isBent(...));
    }

    private function rules(ConcreteMake $concrete): Rules
    {
        return new Rules($concrete, $this->torsion, $this->hangers);
    }

    public function figures(Make $make): array
    {
        $concrete = ConcreteMake::from($make);

        return (new SteelAlong($this->strength, $this->rules($concrete)))->figures($concrete);
    }

    /** Strengths in MPa and lengths in mm stand in its formulas. */
    public function printedIn(UnitSystem $ofJob): UnitSystem
    {
        return UnitSystem::Metric;
    }

    public function factors(): array
    {
        return ['gamma_ms' => $this->envelopes->beam->member->basis->parameters['concrete']['gammaMs']];
    }

    public function standard(): string
    {
        return 'BS 8110-1:1997';
    }

    public function weigh(Make $make, Detail $detail): array
    {
        $concrete = ConcreteMake::from($this->settle($make));

        return [
            ...$this->envelopes->strength === []
                ? []
                : [
                    ...$this->bending->weigh($concrete, $detail),
                    ...$this->shear->weigh($concrete, $this->rules($concrete), $detail),
                    ...$this->spanDepth->weigh($concrete, $detail),
                    ...BarSpacing::weigh($concrete, $this->stressed($concrete), $detail),
                    ...Anchorage::weigh($concrete, $this->envelopes->beam->member->supports, $detail),
                    ...$this->torsion->weigh($concrete, $this->rules($concrete), $detail),
                    ...$this->hangers->weigh($concrete, $this->rules($concrete), $detail),
                    ...BearingPressure::weigh($this->envelopes, $concrete, $detail),
                    ...Cover::weigh($concrete, $detail),
                    ...(new Fire($this->envelopes))->weigh($concrete, $detail),
                    ...LateralSlenderness::weigh($concrete, $detail),
                    ...Robustness::weigh($concrete, $this->envelopes->beam->member->supports, $detail),
                    ...(new CrackWidths($this->envelopes))->weigh($concrete, $detail),
                    ...FlangeSteel::weigh($concrete, $detail),
                ],
            ...array_filter(
                $this->unweighed->beyondBending($this->envelopes, $concrete->weight()),
                fn (Weighing $w): bool => $w->id !== 'torsion',
            ),
        ];
    }

    /** @return list<BarGroup> */
    private function stressed(ConcreteMake $concrete): array
    {
        return StressedStretches::groups($this->strength, $concrete, Strength::block($concrete));
    }

    public function assumptions(): array
    {
        return [
            'Cracks by the spacing of bars (3.12.11.2); the calculated width of rectangles stands beside it.',
            ...$this->unsaid(),
            'Bars in compression are used only where the moment calls for them; concrete that they displace is not deducted.',
            'Bottom bars of a span run from support to support.',
            'Top bars over a support reach an anchorage length, at least d and 12 ø, beyond the place where those that run through suffice (3.12.9.1).',
            'Forces from elastic analysis of the uncracked section.',
            ...ConcreteMake::from($this->envelopes->beam->member->make)->told(),
            'All permanent load has one factor unless the member says that it varies by span (3.2.1.2.2).',
            'Deflection by span to depth (3.4.6); deflections in diagrams are those of the uncracked section, at once.',
            'Aggregate of at most 20 mm. v_c counts f_cu up to 40 MPa.',
        ];
    }

    /** @return list<string> what is not weighed because the engineer says nothing of it */
    private function unsaid(): array
    {
        return ConcreteMake::from($this->envelopes->beam->member->make)->unsaid();
    }

    public function notes(): array
    {
        return ['Deflections drawn are of the uncracked section, at once; weighed is span to depth.'];
    }
}
