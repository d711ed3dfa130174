<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;

/** What is weighed at supports, whatever the material. */
final readonly class SupportChecks
{
    /** Null where every support holds the member down. */
    public ?Equilibrium $equilibrium;

    private SupportMoments $moments;

    /** @param  list<Combination>  $combinations */
    public function __construct(LoadedBeam $beam, array $combinations)
    {
        $this->equilibrium = $beam->member->bearsOnly() ? new Equilibrium($beam, $combinations) : null;
        $this->moments = new SupportMoments($beam, $combinations);
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
