<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Material\Rigidity;
use Waage\Material\Situation;
use Waage\Member\Member;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/**
 * What a member is laterally and about its axis, between its supports and the restraints of both flanges: beams with
 * their load sets.
 */
final class ForkBeams
{
    /**
     * The beam that bends sideways.
     *
     * @return array{Beam, list<LoadSet>}
     *
     * @throws UnstableBeam
     */
    public static function sideways(Member $member, MemberCases $parts): array
    {
        try {
            $beam = new Beam(
                $member->length,
                self::holds($member),
                [],
                self::main($member)->EIz,
                1.0,
                Step::of($member->make, new Situation, fn (Rigidity $r): array => [$r->EIz, 1.0, INF]),
            );
        } catch (UnstableBeam $e) {
            throw new UnstableBeam('Nothing restrains the member against the lateral loads. '.$e->getMessage());
        }

        return [$beam, array_map(fn (LoadSet $s): LoadSet => $s->sideways ?? new LoadSet, $parts->sets)];
    }

    /**
     * The beam that buckles laterally: free to turn wherever it is held, but for a member that a single support holds.
     *
     * @throws UnstableBeam
     */
    public static function buckling(Member $member): Beam
    {
        $places = self::places($member);

        return new Beam(
            $member->length,
            count($places) > 1 ? array_map(BeamSupport::roller(...), $places) : self::holds($member),
            [],
            self::main($member)->EIz,
            1.0,
            Step::of($member->make, new Situation, fn (Rigidity $r): array => [$r->EIz, 1.0, INF]),
        );
    }

    /**
     * The bar that is twisted, by St Venant: G I_t stands for E A, torques for forces along the axis.
     *
     * @return array{Beam, list<LoadSet>}
     */
    public static function twisted(Member $member, MemberCases $parts): array
    {
        $beam = new Beam(
            $member->length,
            array_map(BeamSupport::fixed(...), self::places($member)),
            [],
            1.0,
            self::main($member)->GJ,
            Step::of($member->make, new Situation, fn (Rigidity $r): array => [1.0, $r->GJ, INF]),
            new Axis(0.0, true),
        );

        return [$beam, array_map(fn (LoadSet $s): LoadSet => $s->twisting ?? new LoadSet, $parts->sets)];
    }

    /**
     * A flange under the same torques as forces: what bends it is this over the distance of the flanges.
     *
     * @return array{Beam, list<LoadSet>}
     */
    public static function flange(Member $member, MemberCases $parts): array
    {
        $sets = [];
        foreach ($parts->sets as $of) {
            $set = new LoadSet;
            foreach ($of->twisting->alongForces ?? [] as [$x, $torque]) {
                $set->force($x, $torque);
            }
            foreach ($of->twisting->alongLines ?? [] as [$from, $to, $start, $end]) {
                $set->line($from, $to, $start, $end);
            }
            $sets[] = $set;
        }

        return [new Beam($member->length, self::holds($member)), $sets];
    }

    private static function main(Member $member): Rigidity
    {
        return $member->make->main(new Situation)->rigidity;
    }

    /** @return list<BeamSupport> fixed supports hold a flange against turning as well */
    private static function holds(Member $member): array
    {
        $holds = array_map(
            fn (Support $s): BeamSupport => match ($s->kind) {
                SupportKind::Fixed => BeamSupport::fixed($s->x),
                default => BeamSupport::roller($s->x),
            },
            self::forks($member),
        );
        foreach (
            array_diff(self::places($member), array_map(fn (Support $s): float => $s->x, self::forks($member))) as $x
        ) {
            $holds[] = BeamSupport::roller($x);
        }
        usort($holds, fn (BeamSupport $a, BeamSupport $b): int => $a->x <=> $b->x);

        return $holds;
    }

    /** @return list<Support> those that hold laterally and against twisting: all but guided ones */
    private static function forks(Member $member): array
    {
        return array_values(
            array_filter($member->supports, fn (Support $s): bool => $s->kind !== SupportKind::Guided),
        );
    }

    /** @return list<float> ascending, mm */
    private static function places(Member $member): array
    {
        $places = array_map(fn (Support $s): float => $s->x, self::forks($member));
        foreach ($member->heldSideways() as $x) {
            if (array_filter($places, fn (float $p): bool => abs($p - $x) < 1.0) === []) {
                $places[] = $x;
            }
        }
        sort($places);

        return $places;
    }
}
