<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;

/** Weighs axial force and moments about both axes together, by the combination that is the worst. */
final readonly class Interaction
{
    private const SAFE = 'Greatest effects of a combination are put together, wherever each is: on the safe side.';

    public function __construct(private Search $search)
    {
    }

    /**
     * @param  int  $sign  1 compression, −1 tension, 0 without axial force
     * @param  callable(Working, Together, TimberMake): bool  $calculate  false: there is nothing to weigh
     * @param  (callable(Working): ?Slenderness)|null  $limit  what is not permitted whatever acts
     * @return list<Weighing>
     */
    public function weigh(
        Heading $heading,
        TimberMake $timber,
        int $sign,
        callable $calculate,
        Detail $detail,
        ?callable $limit = null,
    ): array {
        $worst = null;
        foreach ($this->search->together($timber, $sign) as $of) {
            $w = new Working(false);
            if ($calculate($w, $of, $timber) && ($worst === null || $w->value('u') > $worst[0])) {
                $worst = [$w->value('u'), $of];
            }
        }
        if ($worst === null) {
            return [];
        }
        $of = $worst[1];
        $w = $detail->working();
        $calculate($w, $of, $timber);
        $at = $this->search->governing($of, $timber);
        $slenderness = $limit === null ? null : $limit($w);
        $isAlone = (int) ($of->N > 0.0) + (int) ($of->My > 0.0) + (int) ($of->Mz > 0.0) < 2;
        // The axial force by itself is in such headings as well.
        $isPure = in_array($heading->id, ['compression', 'tension'], true);

        return [
            $slenderness?->weighing($heading, $w, $at->x, $at->combination->id) ??
            Report::ratio($heading, $w, $at, $isAlone || $isPure ? '' : self::SAFE),
        ];
    }
}
