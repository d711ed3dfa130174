<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Timber\DeflectionCase;
use Waage\Materials\Timber\Deflections;
use Waage\Materials\Timber\TimberMake;

/** NDS 2018, 3.5: deflection under variable load, and in the end with K_cr on the permanent part. */
final readonly class Deflection
{
    private Deflections $deflections;

    public function __construct(private MemberEnvelopes $envelopes, private Method $method)
    {
        $this->deflections = new Deflections($envelopes);
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $member = $this->envelopes->beam->member;
        $stiffness = (new Values($timber, $this->method))->stiffness();
        $K = $timber->conditions->isWet() || $timber->conditions->installedWet ? 2.0 : 1.5;
        $final = array_map(
            fn (Combination $c): Combination => new Combination(
                $c->id,
                $c->purpose,
                'NDS 2018, 3.5.2',
                $c->permanent * $K,
                $c->variable,
                "{$c->text}, with creep",
            ),
            $this->envelopes->characteristic,
        );
        $camber = Deflections::camber($member);
        $of = fn (string $id, string $title): DeflectionCase => new DeflectionCase(
            $id,
            $title,
            'NDS 2018, 3.5.2',
            $final,
            "permanent part times K_cr = {$K}",
            $camber,
        );
        $variable = new DeflectionCase(
            'deflection-variable',
            'Deflection of variable load',
            'NDS 2018, 3.5.1',
            $this->envelopes->variablePart,
        );
        $asLength = $of('deflection-absolute', 'Deflection in the end, as a length');
        $most = $timber->asked->mostDeflection;

        return array_values(
            array_filter([
                $this->deflections->bySpan($variable, $member->basis->limits->variable, $timber, $detail, $stiffness),
                $this->deflections->bySpan(
                    $of('deflection-total', 'Deflection in the end'),
                    $member->basis->limits->total,
                    $timber,
                    $detail,
                    $stiffness,
                ),
                $most === 0.0 ? null : $this->deflections->absolute($asLength, $most, $timber, $detail, $stiffness),
            ]),
        );
    }
}
