<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Member\Category;
use Waage\Member\Load;

/**
 * A member under its combinations: the envelopes of all its effects, made once. They do not depend on its section, but
 * where the statics itself does.
 */
final readonly class MemberEnvelopes
{
    /** Axial force, compression positive; null: the member is not strained along its axis. */
    public ?Envelope $axial;

    public Envelope $shear;

    public Envelope $moment;

    public Envelope $deflection;

    /** Deflection from the line between the supports; the same as the deflection where they do not move. */
    public Envelope $sag;

    /** Null: nothing bends the member sideways. */
    public ?SidewaysEnvelopes $sideways;

    /** Torque; null: nothing twists the member. */
    public ?Envelope $torque;

    /** @var list<Combination> */
    public array $strength;

    /** @var list<Combination> */
    public array $characteristic;

    /** @var list<Combination> what of these varies */
    public array $variablePart;

    /** @param  list<Combination>  $combinations */
    public function __construct(public LoadedBeam $beam, public array $combinations)
    {
        $this->strength = array_values(
            array_filter($combinations, fn (Combination $c): bool => $c->purpose->isForStrength()),
        );
        $this->characteristic = array_values(
            array_filter($combinations, fn (Combination $c): bool => $c->purpose === Purpose::Characteristic),
        );
        $settlement = [];
        foreach ($beam->cases as $case) {
            if ($case->case->category === Category::Settlement) {
                $settlement[$case->case->id] = true;
            }
        }
        $this->variablePart = array_values(
            array_filter(
                array_map(fn (Combination $c): ?Combination => $c->variablePart($settlement), $this->characteristic),
            ),
        );
        $this->axial = $beam->beam->axis->isStrained ? new Envelope($beam, Effect::Axial) : null;
        $this->shear = new Envelope($beam, Effect::Shear);
        $this->moment = new Envelope($beam, Effect::Moment);
        $this->deflection = new Envelope($beam, Effect::Deflection);
        $this->torque = $beam->twisting === null ? null : new Envelope($beam->twisting, Effect::Axial);
        $this->sideways = $beam->sideways === null ? null : new SidewaysEnvelopes($beam->sideways);
        $this->sag = $beam->supportsMove() ? new Envelope($beam, Effect::Sag) : $this->deflection;
    }

    /** The greatest factor that a load has in the combinations of strength. */
    public function greatestFactor(Load $load): float
    {
        $cases = array_column($this->beam->member->cases, null, 'id');
        $isPermanent = ($cases[$load->case]->category ?? null) === Category::Permanent;
        $factors = array_map(
            fn (Combination $c): float => $isPermanent
                ? $c->permanent + ($c->variable[Combination::MORE_PERMANENT] ?? 0.0)
                : $c->variable[$load->case] ?? 0.0,
            $this->strength,
        );

        return max(0.0, ...$factors);
    }
}
