<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Timber\Deflections;
use Waage\Materials\Timber\TimberMake;

/** CSA O86:19, 5.4: elastic deflection under all loads and under variable ones, and under permanent load alone. */
final readonly class Deflection
{
    /** 5.4.3: permanent deformation, L/360. */
    private const PERMANENT = 360.0;

    private Deflections $deflections;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->deflections = new Deflections($envelopes);
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $member = $this->envelopes->beam->member;
        $stiffness = (new Values($timber))->stiffness();
        $all = $this->envelopes->characteristic;
        $permanent = array_values(array_filter($all, fn (Combination $c): bool => $c->permanent > 0.0 && $c->variable === []));
        $most = $timber->asked->mostDeflection;

        return array_values(
            array_filter([
                $this->deflections->weigh('deflection-variable', 'Deflection of variable load', 'CSA O86:19, 5.4.2', $this->envelopes->variablePart, $member->basis->limitVariable, $timber, $derive, $stiffness),
                $this->deflections->weigh('deflection-total', 'Deflection of all loads', 'CSA O86:19, 5.4.2', $all, $member->basis->limitTotal, $timber, $derive, $stiffness, camber: $member->camber),
                $this->deflections->weigh('deflection-permanent', 'Deflection of permanent load', 'CSA O86:19, 5.4.3', $permanent, self::PERMANENT, $timber, $derive, $stiffness, camber: $member->camber),
                $most === 0.0 ? null : $this->deflections->absolute('deflection-absolute', 'Deflection of all loads, as a length', 'CSA O86:19, 5.4.2', $all, $most, $timber, $derive, $stiffness, camber: $member->camber),
            ]),
        );
    }
}
