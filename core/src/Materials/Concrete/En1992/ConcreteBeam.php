<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Material\Unweighed;
use Waage\Materials\Concrete\BearingPressure;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Cover;
use Waage\Materials\Concrete\DesignForces;
use Waage\Materials\Concrete\Detailing\Detailing;
use Waage\Materials\Concrete\Fire;
use Waage\Materials\Concrete\Hangers;
use Waage\Materials\Concrete\LateralSlenderness;
use Waage\Materials\Concrete\Redistribution;
use Waage\Materials\Concrete\Robustness;
use Waage\Materials\Concrete\SteelAlong;
use Waage\Units\UnitSystem;

/** The checks of a beam of reinforced concrete after EN 1992-1-1:2004. */
final readonly class ConcreteBeam implements MemberChecks
{
    use PlainChecks;

    /** With moments redistributed, for strength. */
    private MemberEnvelopes $strength;

    private Bending $bending;

    private Shear $shear;

    private Torsion $torsion;

    private Hangers $hangers;

    private FlangeShear $flangeShear;

    private SpanDepth $spanDepth;

    private EndAnchorage $endAnchorage;

    private Deflection $deflection;

    private Cracks $cracks;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->strength = Redistribution::of($envelopes);
        $this->unweighed = new Unweighed('EN 1992-1-1', 'concrete');
        $this->bending = new Bending($this->strength);
        $this->shear = new Shear($this->strength);
        $this->torsion = new Torsion($this->strength);
        $this->hangers = new Hangers($this->strength);
        $this->flangeShear = new FlangeShear($this->strength);
        $this->spanDepth = new SpanDepth($this->strength);
        $this->deflection = new Deflection($envelopes);
        $this->endAnchorage = new EndAnchorage($this->strength);
        $this->cracks = new Cracks($envelopes);
    }

    /** With its bars and links. */
    public function settle(Make $make): Make
    {
        $concrete = ConcreteMake::from($make);

        return (new Detailing($this->strength, $this->rules($concrete), $this->envelopes))
            ->settled($concrete, $this->endAnchorage->isBent(...));
    }

    private function rules(ConcreteMake $concrete): Rules
    {
        return new Rules($concrete, $this->cracks, $this->torsion, $this->hangers);
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
        $of = $this->envelopes->beam->member->basis->parameters['concrete'];

        return ['gamma_C' => $of['gammaC'], 'gamma_S' => $of['gammaS'], 'alpha_cc' => $of['alphaCc']];
    }

    public function standard(): string
    {
        return 'EN 1992-1-1:2004+A1:2014';
    }

    public function weigh(Make $make, Detail $detail): array
    {
        $concrete = ConcreteMake::from($this->settle($make));

        return [
            ...$this->envelopes->strength === []
                ? []
                : [
                    ...$this->bending->weigh($concrete, $detail),
                    ...$this->shear->weigh($concrete, $detail),
                    ...$this->flangeShear->weigh($concrete, $detail),
                    ...$this->torsion->weigh($concrete, $this->rules($concrete), $detail),
                    ...$this->hangers->weigh($concrete, $this->rules($concrete), $detail),
                    ...$this->deflection->weigh($concrete, $detail),
                    ...$this->spanDepth->weigh($concrete, $detail),
                    ...$this->cracks->weigh($concrete, $detail),
                    ...TimeEffects::weigh($concrete, $detail),
                    ...BarSpacing::weigh($concrete, $detail),
                    ...PartialFixity::weigh(
                        $concrete,
                        $this->envelopes->beam->member->supports,
                        new DesignForces($this->strength, $concrete),
                        $detail,
                    ),
                    ...Anchorage::weigh($concrete, $detail),
                    ...$this->endAnchorage->weigh($concrete, $detail),
                    ...BearingPressure::weigh($this->envelopes, $concrete, $detail),
                    ...Cover::weigh($concrete, $detail),
                    ...(new Fire($this->envelopes))->weigh($concrete, $detail),
                    ...LateralSlenderness::weigh($concrete, $detail),
                    ...Robustness::weigh($concrete, $this->envelopes->beam->member->supports, $detail),
                ],
            ...array_filter(
                $this->unweighed->beyondBending($this->envelopes, $concrete->weight()),
                fn (Weighing $w): bool => $w->id !== 'torsion',
            ),
        ];
    }

    public function assumptions(): array
    {
        return [
            'Bars over 12 m are in pieces that lap; laps are long enough for all bars at one place and lie where the moment is small (8.7.2).',
            'Not weighed: ledges of an inverted T by themselves.',
            ...$this->unsaid(),
            'Bottom bars of a span run from support to support and are anchored there.',
            'Top bars over a support reach a_l + l_bd beyond the place where those that run through suffice (9.2.1.3).',
            'Steel in compression is used only where the moment calls for it.',
            'Forces from elastic analysis of the uncracked section (5.4).',
            'Links carry all of the shear (6.2.3).',
            ...ConcreteMake::from($this->envelopes->beam->member->make)->told(),
            'Deflection in the end under quasi-permanent load, by curvature with tension stiffening, creep and shrinkage (7.4.3); forces stay those of the uncracked member.',
            'Deflections in diagrams and tables are those of the uncracked section, at once: less than the beam will show.',
            'Cracks under quasi-permanent load by calculated width (7.3.4).',
            'Least steel against cracks by 7.3.2 and 9.2.1.1; shrinkage that is held back as a whole is not weighed.',
        ];
    }

    /** @return list<string> what is not weighed because the engineer says nothing of it */
    private function unsaid(): array
    {
        return ConcreteMake::from($this->envelopes->beam->member->make)->unsaid();
    }

    public function notes(): array
    {
        return [
            'Deflections drawn are of the uncracked section, at once; weighed is that of the cracked member in the end.',
        ];
    }
}
