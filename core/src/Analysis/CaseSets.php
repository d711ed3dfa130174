<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * A load case and the load sets it consists of: one, or for imposed load one for each span that it loads; for
 * settlements one for each support that moves; for a moving load one for each place where it may stand, for a load on
 * any lengths one for each piece of it.
 */
final readonly class CaseSets
{
    /** The label of the pieces of a load on any lengths. */
    public const LENGTHS = 'any lengths';

    /**
     * An effect that is a smaller part than this of the greatest one of its load case is what rounding leaves of none.
     */
    private const ROUNDING = 1e-12;

    public bool $isPermanent;

    public bool $isReversible;

    /** @var list<int> indices into the responses, of all options */
    public array $sets;

    /**
     * @param  non-empty-list<list<int>>  $options  sets of which any may act together; of the options one acts at a
     *     time
     * @param  array<int, string>  $labels  for each set the span, overhang, support or place it is on; empty when the
     *     case is not arranged
     * @param  bool  $movesOnly  is every option a place of a moving load; otherwise the first one is the load that
     *     stays
     * @param  bool  $isMade  is it no load case of the engineer, but made for what a combination does with those
     * @param  bool  $always  does one of the options act even where none does harm
     * @param  list<int>|null  $everywhere  the set of all its load, where no option need be it
     */
    public function __construct(
        public LoadCase $case,
        public array $options,
        public array $labels,
        private bool $movesOnly = false,
        public bool $isMade = false,
        public bool $always = false,
        private ?array $everywhere = null,
    ) {
        $this->isPermanent = $case->category === Category::Permanent && ! $isMade;
        $this->isReversible = $case->category->isReversible();
        $this->sets = array_merge(...$options);
    }

    /**
     * The sets that act where their effect has the sign, of the option that makes most of it.
     *
     * @param  array<int, float>  $values  effect of each set
     * @return array<int, float> set => 1, or −1 where it acts the other way
     */
    public function worst(int $sign, array $values): array
    {
        $worst = [];
        $most = $this->always ? -INF : 0.0;
        foreach ($this->options as $option) {
            $acting = [];
            $sum = $greatest = 0.0;
            foreach ($option as $set) {
                $greatest = max($greatest, abs($values[$set]));
            }
            // What rounding has left of nothing does not act: a load beyond a hinge has no effect here.
            $least = self::ROUNDING * $greatest;
            foreach ($option as $set) {
                $value = $sign * $values[$set];
                if ($value > $least || $this->always) {
                    $acting[$set] = 1.0;
                    $sum += $value;
                } elseif ($this->isReversible && $value < -$least) {
                    $acting[$set] = -1.0;
                    $sum -= $value;
                }
            }
            if ($sum > $most) {
                $most = $sum;
                $worst = $acting;
            }
        }

        return $worst;
    }

    /** @return list<int> all its load, as it is unfactored; of a moving load the middle place */
    public function whole(): array
    {
        return $this->everywhere ?? $this->first();
    }

    /** @return list<int> the option that stands for the others: the first one, or the middle one of a moving load */
    public function first(): array
    {
        return $this->options[$this->movesOnly ? intdiv(count($this->options), 2) : 0];
    }

    /** Is a set a place of a moving load? */
    public function moves(int $set): bool
    {
        return str_starts_with($this->labels[$set] ?? '', 'at x');
    }

    /**
     * Where some of its sets are, to be put behind its name.
     *
     * @param  non-empty-list<string>  $on  their labels
     */
    public function where(array $on): string
    {
        return match (true) {
            $this->case->category === Category::Settlement => ' of '.self::listed($on),
            count($on) < count($this->first()) ||
                ($on !== [''] && (count($this->options) > 1 || $this->everywhere !== null)) => ' on '.self::listed($on),
            default => count($on) > 1 ? ' on all spans' : '',
        };
    }

    /** @param  list<string>  $names */
    public static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
