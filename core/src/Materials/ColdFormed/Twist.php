<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;

/** A C or a Z that nothing keeps from twisting between its supports: refused, by any standard. */
final class Twist
{
    /** @return list<Weighing> loads act beside the shear centre: something has to keep the section from twisting */
    public static function weigh(MemberEnvelopes $envelopes, float $weight, string $clause): array
    {
        $member = $envelopes->beam->member;
        if (ColdFormedMake::from($member->make)->count() > 1) {
            return [];
        }
        $M = $envelopes->moment->greatest($envelopes->strength, $weight);
        $isHeld = $member->top->isContinuous() || $member->bottom->isContinuous() || $member->heldSideways() !== [];

        return $isHeld || abs($M->value ?? 0.0) <= 1.0
            ? []
            : [
                new Weighing(
                    'twist',
                    'Twisting between supports',
                    $clause,
                    null,
                    applies: false,
                    remark: 'Loads on a C or a Z act beside its shear centre or principal axes, and nothing restrains it between supports. Restrain a flange continuously, or both at points; torsion is not computed.',
                ),
            ];
    }
}
