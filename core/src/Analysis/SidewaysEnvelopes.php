<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** What bends a member sideways between the places that hold both its flanges: LoadedBeam::$sideways. */
final readonly class SidewaysEnvelopes
{
    public Envelope $moment;

    public Envelope $shear;

    public Envelope $deflection;

    public function __construct(public LoadedBeam $beam)
    {
        $this->moment = new Envelope($beam, Effect::Moment);
        $this->shear = new Envelope($beam, Effect::Shear);
        $this->deflection = new Envelope($beam, Effect::Deflection);
    }
}
