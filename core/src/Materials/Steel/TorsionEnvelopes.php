<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Place;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\Section;

/** What twists a member between the places that hold it against that: LoadedBeam::$twisting. */
final readonly class TorsionEnvelopes
{
    private Envelope $flange;

    /**
     * @param  non-empty-list<Combination>  $strength
     * @param  list<Combination>  $characteristic
     */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $torque,
        private array $strength,
        private array $characteristic,
    ) {
        $this->flange = new Envelope(
            $beam->sideways ?? throw new \LogicException('A twisted member has flanges.'),
            Effect::Moment,
        );
    }

    /** The greatest torque, Nmm. */
    public function torque(): Extreme
    {
        return $this->torque->greatest($this->strength, 0.0) ??
            throw new \LogicException('An envelope has at least one combination here.');
    }

    /** The greatest moment that all torques make of forces on one flange, times the distance of the flanges, Nmm². */
    public function flange(): Extreme
    {
        return $this->flange->greatest($this->strength, 0.0) ??
            throw new \LogicException('An envelope has at least one combination here.');
    }

    /**
     * L so that no place twists by more than T L/(2 G I_t) at the greatest torque T: the greatest distance of places
     * that hold the member, an overhang counted twice; mm.
     */
    public function length(): float
    {
        $places = $this->beam->beam->supports;
        $L = $this->beam->member->length;
        $length = 2 * max($places[0] ?? $L, $L - ($places[count($places) - 1] ?? 0.0));
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            $length = max($length, $places[$i] - $places[$i - 1]);
        }

        return $length;
    }

    /**
     * The twist under characteristic loads, at most, in words: less than by St Venant alone, and less than by
     * warping alone.
     *
     * @param  Section  $section  of all of the member
     */
    public function twist(Section $section, SteelGrade $grade): string
    {
        if ($this->characteristic === []) {
            return '';
        }
        $bounds = [
            (abs($this->torque->greatest($this->characteristic, 0.0)->value ?? 0.0) * $this->length()) /
            (2 * $grade->shearModulus() * $section->It),
        ];
        if ($section->warpingModulus() > 0.0 && $this->beam->sideways !== null) {
            $bounds[] =
                abs(
                    (new Envelope($this->beam->sideways, Effect::Deflection))->greatest($this->characteristic, 0.0)
                        ->value ?? 0.0,
                ) /
                ($grade->elasticity() * $section->Iw);
        }

        return sprintf('Under characteristic loads the member twists by %.2f degrees at most.', rad2deg(min($bounds)));
    }

    /** Where an extreme is, and by which loads. */
    public function at(Extreme $e, bool $isFlange = false): Place
    {
        $beam = $isFlange ? $this->beam->sideways ?? $this->beam : $this->beam;

        return $beam->place($isFlange ? Effect::Moment : Effect::Axial, $e, 0.0);
    }
}
