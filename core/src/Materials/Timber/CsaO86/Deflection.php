<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Timber\DeflectionCase;
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
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $member = $this->envelopes->beam->member;
        $stiffness = (new Values($timber))->stiffness();
        $all = $this->envelopes->characteristic;
        $permanent = array_values(
            array_filter($all, fn (Combination $c): bool => $c->permanent > 0.0 && $c->variable === []),
        );
        $camber = Deflections::camber($member);
        $clause = 'CSA O86:19, 5.4.2';
        $variable = new DeflectionCase(
            'deflection-variable',
            'Deflection of variable load',
            $clause,
            $this->envelopes->variablePart,
        );
        $ofAll = new DeflectionCase('deflection-total', 'Deflection of all loads', $clause, $all, '', $camber);
        $asLength = new DeflectionCase(
            'deflection-absolute',
            'Deflection of all loads, as a length',
            $clause,
            $all,
            '',
            $camber,
        );
        $ofPermanent = new DeflectionCase(
            'deflection-permanent',
            'Deflection of permanent load',
            'CSA O86:19, 5.4.3',
            $permanent,
            '',
            $camber,
        );
        $most = $timber->asked->mostDeflection;

        return array_values(
            array_filter([
                $this->deflections->bySpan($variable, $member->basis->limits->variable, $timber, $detail, $stiffness),
                $this->deflections->bySpan($ofAll, $member->basis->limits->total, $timber, $detail, $stiffness),
                $this->deflections->bySpan($ofPermanent, self::PERMANENT, $timber, $detail, $stiffness),
                $most === 0.0 ? null : $this->deflections->absolute($asLength, $most, $timber, $detail, $stiffness),
            ]),
        );
    }
}
