<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Timber\FireExposure;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;

/** EN 1995-1-2, 4.2.2: strength in fire with the reduced cross-section; unprotected. */
final readonly class Fire
{
    private Search $search;

    /** @var list<Combination> */
    private array $combinations;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->combinations = array_values(
            array_filter($envelopes->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Fire),
        );
        $this->search = new Search($envelopes, new FireDurations($this->combinations));
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $fire = $timber->asked->fire;
        if ($fire === null) {
            return [];
        }
        if ($this->combinations === []) {
            return [$this->open('No combination for fire acts on this member.')];
        }
        $w = $detail->working();
        $left = Charring::section($w, $timber->b, $timber->h, $timber->grade, $fire);
        if (
            min($left) <= 0.0 ||
            ($timber->taper !== null && $timber->taper->less($timber->h - $left[1])->endDepth <= 0.0)
        ) {
            return [
                $this->open(
                    'Nothing of the section is left after '.(int) $fire->minutes.' minutes. Take a larger one.',
                    2.0,
                    $w,
                ),
            ];
        }
        $charred = $timber->charred(...$left);
        $lengths = new RestrainedLengths($this->envelopes->beam, $fire->losesRestraint);
        $bending = new Bending($this->search, $lengths, true);
        $beam =
            $charred->taper === null
                ? [
                    ...$bending->weigh($charred, $detail),
                    ...(new Shear($this->search))->weigh($charred, $detail),
                    ...(new Axial($this->search, $lengths, $bending))->weigh($charred, $detail),
                ]
                : (new TaperedBeam($this->search, $lengths))->weigh($charred, $detail);
        $section = new Weighing(
            'fire-section',
            'Charred section',
            'EN 1995-1-2, 4.2.2',
            null,
            remark: 'Left after '.
                (int) $fire->minutes.
                ' minutes from '.
                FireExposure::SIDES[$fire->sides][0].
                ': '.
                $charred->name().
                '. Strength in fire is weighed with it.',
            told: true,
            lines: $w->lines,
        );

        return [$section, ...$beam];
    }

    private function open(string $why, ?float $ratio = null, ?Working $w = null): Weighing
    {
        return new Weighing(
            'fire-section',
            'Charred section',
            'EN 1995-1-2, 4.2.2',
            $ratio,
            applies: $ratio !== null,
            remark: $why,
            lines: $w->lines ?? [],
        );
    }
}
