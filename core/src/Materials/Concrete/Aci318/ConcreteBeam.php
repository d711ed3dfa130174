<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

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

/** The checks of a concrete beam or a one-way slab after ACI 318-19. */
final readonly class ConcreteBeam implements MemberChecks
{
    use PlainChecks;

    /** With moments redistributed, for strength. */
    private MemberEnvelopes $strength;

    private Bending $bending;

    private Shear $shear;

    private Torsion $torsion;

    private Hangers $hangers;

    private Deflection $deflection;

    private Development $development;

    private Unweighed $unweighed;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->strength = Redistribution::of($envelopes);
        $this->unweighed = new Unweighed('ACI 318-19', 'concrete');
        $this->bending = new Bending($this->strength);
        $this->shear = new Shear($this->strength);
        $this->torsion = new Torsion($this->strength);
        $this->hangers = new Hangers($this->strength);
        $this->deflection = new Deflection($envelopes);
        $this->development = new Development($this->strength);
    }

    /** With its bars and stirrups. */
    public function settle(Make $make): Make
    {
        $concrete = ConcreteMake::from($make);

        return (new Detailing($this->strength, $this->rules($concrete), $this->envelopes))
            ->settled($concrete, $this->development->isBent(...));
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

    public function standard(): string
    {
        return 'ACI 318-19';
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
                    ...$this->deflection->weigh($concrete, $detail),
                    ...Thickness::weigh($concrete, $this->envelopes->beam->member->supports, $detail),
                    ...BarSpacing::weigh($concrete, $this->stressed($concrete), $detail),
                    ...$this->development->weigh($concrete, $detail),
                    ...$this->torsion->weigh($concrete, $this->rules($concrete), $detail),
                    ...$this->hangers->weigh($concrete, $this->rules($concrete), $detail),
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

    /** @return list<BarGroup> */
    private function stressed(ConcreteMake $concrete): array
    {
        return StressedStretches::groups($this->strength, $concrete, Strength::block($concrete));
    }

    public function assumptions(): array
    {
        return [
            ...$this->unsaid(),
            'Not weighed: fire (ACI 318-19 has no rule for it); earthquake details of chapter 18; shear between flange and web, with the steel across it (9.7.6.2, 7.5.2.3).',
            'Normalweight concrete, λ = 1; bars without coating.',
            'Bottom bars of a span run from support to support.',
            'Top bars over a support reach max(d, 12 d_b) beyond the place where those that run through suffice (9.7.3.3), and beyond all tension (9.7.3.5).',
            'Bars in compression are used only where the moment calls for them.',
            'Forces from elastic analysis of the uncracked member.',
            ...ConcreteMake::from($this->envelopes->beam->member->make)->told(),
            'Deflection: gross member times I_g/I_e of each load level; sustained load as the combinations for long-term effects say; five years.',
            'Deflections in diagrams and tables are those of the gross section, at once: less than the beam will show.',
        ];
    }

    /** @return list<string> what is not weighed because the engineer says nothing of it */
    private function unsaid(): array
    {
        return ConcreteMake::from($this->envelopes->beam->member->make)->unsaid();
    }

    public function notes(): array
    {
        return ['Deflections drawn are of the gross section, at once; weighed are those of the cracked member.'];
    }
}
