<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\HeldDiagrams;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\LoadedBeam;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\TimberMake;

/**
 * The factor on the loads at which a member buckles laterally: its least eigenvalue with E_0,05 and G_0,05, with the
 * moments, restraints and the height of the loads as they are. A rectangle does not warp.
 */
final class MemberBuckling
{
    /** Factors above this are not looked for. */
    private const MOST = 1e4;

    /** @var list<HeldDiagrams>|null */
    private ?array $diagrams = null;

    public function __construct(private readonly LoadedBeam $beam)
    {
    }

    /** @return float|null null: it does not buckle, or is restrained there */
    public function factor(TimberMake $timber, Governing $at): ?float
    {
        foreach ($this->diagrams() as $diagrams) {
            if ($at->x < $diagrams->held->from - 1.0 || $at->x > $diagrams->held->to + 1.0) {
                continue;
            }
            $shapes = new BucklingShapes($diagrams, $this->thinWalled($timber, $diagrams));
            $case = $diagrams->caseAt($at->combination, $at->x, $at->value >= 0.0 ? 1 : -1);
            $factor = $shapes->factor($case, $timber->weight(), self::MOST);

            return is_finite($factor) ? $factor : null;
        }

        return null;
    }

    /** @return list<HeldDiagrams> */
    private function diagrams(): array
    {
        $member = $this->beam->member;

        return $this->diagrams ??= array_map(
            fn ($held): HeldDiagrams => new HeldDiagrams($this->beam, $held),
            HeldLengths::of($this->beam->beam, $member->top, $member->bottom),
        );
    }

    private function thinWalled(TimberMake $timber, HeldDiagrams $diagrams): ThinWalledBeam
    {
        $E = $timber->grade->values->E05;
        $stiffness = new Stiffness(
            $E * $timber->h * $timber->b ** 3 / 12,
            0.0,
            $E / 16 * $timber->rectangle()->torsionConstant(),
        );
        $side = $this->beam->member->loadHeight->sign();
        $elements = count($diagrams->mesh->nodes) - 1;

        return new ThinWalledBeam(
            $diagrams->mesh,
            array_fill(0, $elements, $stiffness),
            $timber->h / 2,
            $side * $timber->h / 2,
        );
    }
}
