<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Checks\State;
use Waage\Checks\Weighing;

/** What all weighings together say. */
final readonly class Verdict
{
    /**
     * @param  float|null  $ratio  of the heaviest weighing; null when nothing was weighed
     * @param  string  $reason  why it does not hold, in words; empty when it does
     */
    public function __construct(
        public VerdictState $state,
        public ?float $ratio,
        public string $weighing,
        public string $title,
        public string $reason,
        private int $leftOut,
    ) {
    }

    /**
     * @param  list<Weighing>  $weighings  those that count
     * @param  int  $leftOut  how many do not
     */
    public static function of(array $weighings, int $leftOut = 0): self
    {
        $heaviest = null;
        $fails = $open = [];
        foreach ($weighings as $w) {
            if ($w->state === State::Weighed && ($heaviest === null || $w->ratio > $heaviest->ratio)) {
                $heaviest = $w;
            }
            if ($w->state === State::NotCovered) {
                $open[] = rtrim($w->remark, '.');
            } elseif (! $w->holds()) {
                $fails[] = [(float) $w->ratio, $w->title.' '.self::rounded((float) $w->ratio, 2)];
            }
        }
        usort($fails, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $state = match (true) {
            $fails !== [] => VerdictState::Fails,
            $open !== [] => VerdictState::Uncovered,
            $heaviest === null => VerdictState::Unloaded,
            default => VerdictState::Holds,
        };
        $failing = implode('; ', array_column($fails, 1));
        $reason = implode(
            '. ',
            array_filter([$failing, ($failing !== '' && $open !== [] ? 'Not covered: ' : '').implode('. ', $open)]),
        );

        return new self($state, $heaviest?->ratio, $heaviest->id ?? '', $heaviest->title ?? '', $reason, $leftOut);
    }

    /** Also of a member on which nothing acts; never where a weighing is not covered. */
    public function holds(): bool
    {
        return $this->state === VerdictState::Holds || $this->state === VerdictState::Unloaded;
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
            0 => '',
            1 => '1 weighing left out',
            default => "{$this->leftOut} weighings left out",
        };
    }
}
