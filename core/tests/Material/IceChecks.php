<?php

declare(strict_types=1);

namespace Waage\Tests\Material;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;
use Waage\Units\Kind;

final readonly class IceChecks implements MemberChecks
{
    use PlainChecks;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    public function weigh(Make $make, Detail $detail): array
    {
        $e = $this->envelopes->moment->greatest($this->envelopes->strength, $make->weight());
        if ($e === null) {
            return [];
        }
        $w = $detail->working();
        $w->let('M', abs($e->value), Kind::Moment);
        $w->let('a', $make->depth(), Kind::Size);
        $w->let('f', 1.5, Kind::Stress);
        $w->line('u', 'M / (f * a^3 / 6)', Kind::Number, '1');

        return [
            new Weighing(
                'bending',
                'Bending',
                'Rules of ice, 1',
                $w->value('u'),
                at: new Place(x: $e->x, combination: $e->combination->id),
                lines: $w->lines,
            ),
        ];
    }

    public function standard(): string
    {
        return 'Rules of ice';
    }

    public function assumptions(): array
    {
        return ['It freezes.'];
    }
}
