<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\LoadCase;
use Waage\Member\Member;
use Waage\Member\OwnCombination;

/** All combinations of a member: those of its rules without the ones that the engineer leaves out, and his own. */
final readonly class Combinations
{
    /**
     * @param  list<Combination>  $acting
     * @param  list<Combination>  $leftOut
     */
    private function __construct(public array $acting, public array $leftOut)
    {
    }

    /** @param  list<LoadCase>  $cases  the load cases that carry load */
    public static function of(Member $member, array $cases): self
    {
        $generated = Generator::combinations($cases, $member->basis, $member->bearsOnly(), $member->permanentBySpan);
        $isOut = fn (Combination $c): bool => in_array($c->key(), $member->leftOut, true);
        $own = [];
        foreach ($member->ownCombinations as $i => $combination) {
            $made = self::own($combination, $i + 1, $cases);
            if ($made !== null) {
                $own[] = $made;
            }
        }

        return new self(
            [...array_values(array_filter($generated, fn (Combination $c): bool => ! $isOut($c))), ...$own],
            array_values(array_filter($generated, $isOut)),
        );
    }

    /** @param  list<LoadCase>  $cases */
    private static function own(OwnCombination $own, int $number, array $cases): ?Combination
    {
        $names = array_column($cases, 'name', 'id');
        $variable = array_intersect_key($own->factors, $names);
        $terms = $own->permanent > 0.0 ? [Combination::number($own->permanent).' × Permanent'] : [];
        foreach ($variable as $id => $factor) {
            $terms[] = Combination::number($factor).' × '.$names[$id];
        }

        return $terms === [] ? null : new Combination("OWN {$number}", Purpose::from($own->purpose), "engineer's own", $own->permanent, $variable, "{$own->name}: ".implode(' + ', $terms), true);
    }
}
