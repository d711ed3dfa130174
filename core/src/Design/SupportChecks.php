<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LiftOff;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;

/** What is weighed at supports, whatever the material. */
final readonly class SupportChecks
{
    /** Null where every support holds the member down. */
    public ?Equilibrium $equilibrium;

    private SupportMoments $moments;

    /**
     * @param  LoadedBeam  $held  the member on all its supports
     * @param  list<Combination>  $combinations
     * @param  LiftOff  $acting  the same where it may lift off
     */
    public function __construct(LoadedBeam $held, array $combinations, LiftOff $acting)
    {
        $this->equilibrium = $held->member->bearsOnly() ? new Equilibrium($held, $combinations) : null;
        $this->moments = new SupportMoments($acting->beam, $acting->combinations);
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing>
     */
    public function weigh(float $weight, bool $derive): array
    {
        return [...$this->equilibrium?->weigh($weight, $derive) ?? [], ...$this->moments->weigh($weight, $derive)];
    }
}
