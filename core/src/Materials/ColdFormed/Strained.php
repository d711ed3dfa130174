<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Units\Kind;

/**
 * A moment (its size, Nmm) that compresses a flange on a length between its restraints (mm; 0: restrained all
 * along), with the longest length between places held against twisting that overlaps it, and the moments of the same
 * diagram that C_b is made of: the greatest, and those at the quarter points and the middle.
 */
final readonly class Strained
{
    /**
     * @param  array<int, float>  $factors  of the loads
     * @param  array{float, float, float, float}|null  $moments  null: C_b is 1
     */
    public function __construct(
        public float $M,
        public int $sign,
        public float $x,
        public Combination $combination,
        public array $factors,
        public float $length = 0.0,
        public float $twist = 0.0,
        public ?array $moments = null,
    ) {
    }

    /** The factor of the moment gradient. */
    public function letGradient(Working $w, string $symbol, string $clause): void
    {
        if ($this->moments === null) {
            $w->let($symbol, 1.0, Kind::Number, $clause, 'a free end, or on the safe side');

            return;
        }
        foreach (['M_max', 'M_A', 'M_B', 'M_C'] as $i => $name) {
            $w->let(
                $name,
                $this->moments[$i],
                Kind::Moment,
                '',
                $i === 1 ? 'at the quarter points and the middle' : '',
            );
        }
        $rule = '12.5 * M_max / (2.5 * M_max + 3 * M_A + 4 * M_B + 3 * M_C)';
        $w->line($symbol, $rule, Kind::Number, $clause, 'by quarter points');
    }
}
