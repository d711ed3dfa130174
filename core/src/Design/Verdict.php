<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Checks\Weighing;

/** What all weighings together say. */
final readonly class Verdict
{
    /**
     * @param  float|null  $ratio  of the heaviest weighing; null when nothing was weighed
     * @param  string  $reason  why it does not hold, in words; empty when it does
     * @param  bool  $fails  does a weighing fail; otherwise a member that does not hold is not covered
     */
    public function __construct(public bool $holds, public ?float $ratio, public string $weighing, public string $title, public string $reason, public bool $fails, private int $leftOut)
    {
    }

    /**
     * @param  list<Weighing>  $weighings  those that count
     * @param  int  $leftOut  how many do not
     */
    public static function of(array $weighings, int $leftOut = 0): self
    {
        $heaviest = null;
        $reasons = [];
        foreach ($weighings as $w) {
            if ($w->ratio !== null && $w->applies && ($heaviest === null || $w->ratio > $heaviest->ratio)) {
                $heaviest = $w;
            }
            if (! $w->applies) {
                $reasons[] = [INF, $w->remark];
            } elseif (! $w->holds()) {
                $reasons[] = [(float) $w->ratio, $w->title.' '.self::rounded((float) $w->ratio, 2)];
            }
        }

        usort($reasons, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        $fails = array_filter($weighings, fn (Weighing $w): bool => $w->applies && ! $w->holds()) !== [];

        return new self($reasons === [], $heaviest?->ratio, $heaviest->id ?? '', $heaviest->title ?? '', implode('; ', array_column($reasons, 1)), $fails, $leftOut);
    }

    /** A ratio as it is shown everywhere: rounded up, so that none that fails reads 1.00. */
    public static function rounded(float $ratio, int $decimals): string
    {
        $scale = 10 ** $decimals;

        return number_format(ceil($ratio * $scale - 1e-6) / $scale, $decimals, '.', '');
    }

    /** What governs, never without saying that weighings are left out. */
    public function governs(): string
    {
        return implode('; ', array_filter([$this->title, $this->leftOut()]));
    }

    /** How many weighings the engineer leaves out, in words; empty when none is. */
    public function leftOut(): string
    {
        return match ($this->leftOut) {
            0 => '', 1 => '1 weighing left out', default => "{$this->leftOut} weighings left out"
        };
    }
}
