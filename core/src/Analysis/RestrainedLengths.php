<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Member\Restraint;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/** Lengths between restraints of a member: of its edges in bending, of all of it under an axial force; mm. */
final readonly class RestrainedLengths
{
    /** A restraint that is nearer than this to another one is the same. */
    private const SAME = 1.0;

    public function __construct(private LoadedBeam $beam, private bool $isUnrestrained = false)
    {
    }

    /**
     * Lengths between restraints of the edge that moments of a sign compress; beyond the last one a free end counts
     * with its whole length. None where that edge is restrained continuously.
     *
     * @return list<array{float, float, float}> from, to, length
     */
    public function lateral(int $sign): array
    {
        $member = $this->beam->member;
        /** @var Restraint $edge */
        $edge = $sign > 0 ? $member->top : $member->bottom;
        if ($edge->isContinuous() && ! $this->isUnrestrained) {
            return [];
        }
        $points = $this->isUnrestrained ? [] : $edge->positions;
        $places = array_values(array_unique([0.0, ...$this->beam->beam->forks, ...$points, $member->length]));
        sort($places);
        $lengths = [];
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            if ($places[$i] - $places[$i - 1] > self::SAME) {
                $lengths[] = [$places[$i - 1], $places[$i], ($places[$i] - $places[$i - 1]) * $member->apart];
            }
        }

        return $lengths;
    }

    /** Is there a restraint of the compressed edge within a span? */
    public function isRestrainedBetween(int $sign): bool
    {
        return count($this->lateral($sign)) > count($this->beam->beam->fields());
    }

    /**
     * Buckling length in the plane of bending: the greatest span, twice an overhang.
     *
     * @return array{float, string} and why
     */
    public function inPlane(): array
    {
        $given = $this->beam->member->effective->y;
        if ($given !== null) {
            return [$given, 'as given'];
        }
        $most = [0.0, ''];
        foreach ($this->beam->beam->fields() as [$from, $to]) {
            $overhangs = $this->beam->isOverhang($from, $to);
            $L = ($overhangs ? 2 : 1) * ($to - $from);
            $most =
                $L > $most[0] ? [$L, $overhangs ? 'twice the overhang' : 'between supports, ends free to turn'] : $most;
        }

        return $most;
    }

    /**
     * Buckling length sideways; 0 where an edge is restrained continuously, as by sheathing.
     *
     * @return array{float, string} and why
     */
    public function sideways(): array
    {
        $member = $this->beam->member;
        if ($member->effective->z !== null) {
            return [$member->effective->z, 'as given'];
        }
        $isHeld = $member->top->isContinuous() || $member->bottom->isContinuous();
        if ($isHeld && ! $this->isUnrestrained) {
            return [0.0, 'restrained continuously at an edge'];
        }
        $forks = array_map(
            fn (Support $s): float => $s->x,
            array_filter($member->supports, fn (Support $s): bool => $s->kind !== SupportKind::Guided),
        );
        $places = [...$forks, ...$this->isUnrestrained ? [] : $member->heldSideways()];
        sort($places);
        $most = 2 * max($places[0] ?? 0.0, $member->length - (end($places) ?: 0.0));
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            $most = max($most, $places[$i] - $places[$i - 1]);
        }

        return [$most * $member->apart, 'between restraints of both edges'];
    }
}
