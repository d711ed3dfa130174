<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LiftOff;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;

/** What is weighed at supports, whatever the material. */
final readonly class SupportChecks
{
    /** Null where every support holds the member down. */
    public ?Equilibrium $equilibrium;

    private SupportMoments $moments;

    /** @var list<string> combinations that leave nothing to hold the member */
    private array $tips;

    /**
     * @param  LoadedBeam  $held  the member on all its supports
     * @param  list<Combination>  $combinations
     * @param  LiftOff  $acting  the same where it may lift off
     */
    public function __construct(LoadedBeam $held, array $combinations, LiftOff $acting)
    {
        $this->equilibrium = $held->member->bearsOnly() ? new Equilibrium($held, $combinations) : null;
        $this->moments = new SupportMoments($acting->beam, $acting->combinations);
        $this->tips = $acting->tips;
    }

    /**
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing>
     */
    public function weigh(float $weight, Detail $detail): array
    {
        $equilibrium = $this->equilibrium?->weigh($weight, $detail) ?? [];
        // What tips over fails by its weighing; where another combination than those weighed does it, that is told.
        if ($this->tips !== [] && array_filter($equilibrium, fn (Weighing $w): bool => ! $w->holds()) === []) {
            $equilibrium[] = new Weighing(
                'uplift',
                'Lifting off',
                'EN 1990, 6.4.2',
                null,
                applies: false,
                remark: 'Under '.
                    implode(', ', $this->tips).
                    ' the member lifts off so many supports that nothing holds it. Hold it down, or load it.',
            );
        }

        return [...$equilibrium, ...$this->moments->weigh($weight, $detail)];
    }
}
