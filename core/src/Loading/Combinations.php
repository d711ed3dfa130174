<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\LoadCase;
use Waage\Member\Member;
use Waage\Member\OwnCombination;
use Waage\Units\Kind;

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
            [
                ...array_values(array_filter($generated, fn (Combination $c): bool => ! $isOut($c))),
                ...$own,
                ...self::rows($member),
            ],
            array_values(array_filter($generated, $isOut)),
        );
    }

    /**
     * The rows of end forces: each is a combination by itself, with all that acts in it.
     *
     * @return list<Combination>
     */
    private static function rows(Member $member): array
    {
        $units = $member->basis->units;
        $symbols = [
            'N' => Kind::Force,
            'My1' => Kind::Moment,
            'My2' => Kind::Moment,
            'Mz1' => Kind::Moment,
            'Mz2' => Kind::Moment,
        ];
        $rows = [];
        foreach ($member->endForces as $i => $row) {
            $variable = $terms = [];
            foreach ($row->parts() as $part => $value) {
                $variable[Combination::END_FORCE.$part] = $value;
                $symbol = substr($part, 0, -1);
                $terms[] =
                    "{$symbol} ".$units->format(str_ends_with($part, '+') ? $value : -$value, $symbols[$symbol]);
            }
            if ($terms !== []) {
                $rows[] = new Combination(
                    'ROW '.($i + 1),
                    Purpose::Strength,
                    'end forces as given',
                    0.0,
                    $variable,
                    "{$row->name}: ".implode(', ', $terms),
                    true,
                );
            }
        }

        return $rows;
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

        return $terms === []
            ? null
            : new Combination(
                "OWN {$number}",
                Purpose::from($own->purpose),
                "engineer's own",
                $own->permanent,
                $variable,
                "{$own->name}: ".implode(' + ', $terms),
                true,
            );
    }
}
