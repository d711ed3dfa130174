<?php

declare(strict_types=1);

namespace Waage\Member;

/** What loads that move need: a place in a load case, and no more positions than can be weighed. */
final readonly class MovingLoads
{
    /**
     * Each axle is weighed where it is worst for each span, and each such position crosses all the spans: so much of
     * it is a matter of seconds.
     */
    private const MOST = 2500;

    /** @param  int  $supports  how many the member has */
    public function __construct(private Fields $f, private int $supports)
    {
    }

    /** @param  list<Load>  $loads */
    public function check(array $loads): void
    {
        $count = [];
        $axles = 0;
        $others = array_count_values(
            array_map(
                fn (Load $l): string => $l->case,
                array_filter($loads, fn (Load $l): bool => $l->on && ! $l->kind->isMoving()),
            ),
        );
        foreach ($loads as $i => $load) {
            if (! $load->kind->isMoving() || ! $load->on) {
                continue;
            }
            $axles += count($load->axles);
            $this->checkSize($load, $axles, "loads.{$i}");
            $count[$load->case] = ($count[$load->case] ?? 0) + 1;
            if ($count[$load->case] === 2) {
                $this->f->fail(
                    "loads.{$i}.case",
                    'A load case has one load that moves. Put the other one into a load case of its own.',
                );
            }
            if ($load->kind->standsAlone() && isset($others[$load->case])) {
                $this->f->fail(
                    "loads.{$i}.case",
                    ($load->kind === LoadKind::Train ? 'A train of axles' : 'A load on any lengths').
                        ' has a load case of its own. Put the other loads into another one.',
                );
            }
        }
    }

    /** @param  int  $axles  of this load and those before it */
    private function checkSize(Load $load, int $axles, string $path): void
    {
        $spans = max(1, $this->supports - 1);
        if ($axles * $spans ** 2 > self::MOST) {
            $most = max(1, (int) floor(sqrt(self::MOST / max(1, $axles))));
            $of = match (true) {
                $axles > count($load->axles) => "Loads that move with {$axles} axles in all",
                $axles === 1 => 'A force that moves',
                default => "A train of {$axles} axles",
            };
            $this->f->fail(
                $path.($load->kind === LoadKind::Train ? '.axles' : '.kind'),
                "{$of} can be weighed over {$most} spans at most; here there are {$spans}. Leave out spans far away.",
            );
        }
    }
}
