<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Analysis\LiftOff;
use Waage\Design\Design;
use Waage\Material\Situation;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\LoadKind;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/** What the results of a member rest on: the statics in general, then the standard that it is weighed after. */
final class Assumptions
{
    /** What a sentence begins with that does not stand by itself. */
    private const BACK = '/^(it|its|they|their|this|these|such|the|a greater|elsewhere|otherwise|not|where they|supports restrain it|'
        .'spans|fixed|of|one|each|lateral-torsional buckling of these|links|least|rollers|cover|lateral stability|places)\b/i';

    /**
     * One sentence each, in groups: what is not weighed first.
     *
     * @return array<string, non-empty-list<string>> by title
     */
    public static function of(Design $design): array
    {
        $weighings = "Weighings by {$design->checks->standard()}";
        $groups = ['Not weighed' => [], 'Analysis' => [], 'Restraint' => [], $weighings => []];
        $own = self::sentences($design->checks->assumptions());
        foreach ([...self::sentences(self::ofAnalysis($design)), ...$own] as $sentence) {
            $title = match (true) {
                preg_match('/\b(not|nor) (weighed|covered|computed)|^Not weighed/i', $sentence) === 1 => 'Not weighed',
                preg_match('/restrain/i', $sentence) === 1 => 'Restraint',
                in_array($sentence, $own, true) => $weighings,
                default => 'Analysis',
            };
            $groups[$title][] = $sentence;
        }

        return array_filter($groups);
    }

    /**
     * Short sentences; those that point back to the one before stay with it.
     *
     * @param  list<string>  $texts
     * @return list<string>
     */
    private static function sentences(array $texts): array
    {
        $items = [];
        foreach ($texts as $text) {
            $parts = preg_split('/(?<=[\pL\d)\]²³])(?:\. (?=\p{Lu})|; (?![^()]*\)))/u', rtrim($text, '. ')) ?: [];
            foreach ($parts as $i => $part) {
                $isOpen = $i > 0 && preg_match(self::BACK, $part) === 1;
                $sentence = mb_strtoupper(mb_substr($part, 0, 1)).mb_substr($part, 1).'.';
                $items[] = $isOpen ? array_pop($items)." {$sentence}" : $sentence;
            }
        }

        return $items;
    }

    /** @return list<string> */
    private static function ofAnalysis(Design $design): array
    {
        $member = $design->member;
        $beam = $design->beam;
        $edge = $member->make->edge();
        $expansion = 1e6 * $member->make->main(new Situation)->expansion;
        $kinds = array_map(fn (Load $l): LoadKind => $l->kind, $member->loads);
        $isGuided = fn (Support $s): bool => $s->kind === SupportKind::Guided;
        $hasGuides = array_filter($member->supports, $isGuided) !== [];
        /** @var list<array{string, bool}> $told  a sentence, and whether it is true of this member */
        $told = [
            [self::ofStatics($design), true],
            [
                'Deflection is weighed from the line between the supports of a span, in an overhang from the level of its support. Springs act in both directions.',
                $beam->supportsMove(),
            ],
            [
                'The member may lift off supports that bear only: a combination that lifts it is computed arrangement by arrangement, with the supports removed that carry nothing. Of a combination with more than '.
                LiftOff::MOST.
                ' arrangements those are looked at that are worst when nothing lifts off: at the supports, the quarter points and the extremes of the spans. Tipping is weighed on the outermost supports alone.',
                $member->liftsOff,
            ],
            [
                'A hinge turns freely in the plane of bending. It transmits minor-axis bending and torsion, or the beam is restrained there.',
                $member->hinges !== [],
            ],
            [
                'A difference of temperature bends the beam by α ΔT / h, with α = '.
                self::number($expansion).
                ' × 10⁻⁶ per K ('.
                self::number($expansion / 1.8).
                ' × 10⁻⁶ per °F).',
                in_array(LoadKind::Temperature, $kinds, true),
            ],
            [
                'A load that moves stands where influence lines have the moments over supports, the reactions and the moments near midspan at their greatest, beside every support, and at equal parts of every span (24 where there are few); elsewhere the envelopes may be a little less than the exact ones.',
                array_filter($member->loads, fn (Load $l): bool => $l->axles !== []) !== [],
            ],
            [
                'A load on any lengths acts on those of the pieces of each span (24 where there are few spans) that make the effect looked at worse; shear within a span may be less than the exact one by the load of half a piece.',
                in_array(LoadKind::Lengths, $kinds, true),
            ],
            [
                'Each movement of a support comes about or not, whichever is worse, but for those of load cases that are always there.',
                array_filter($member->cases, fn (LoadCase $c): bool => $c->category === Category::Settlement) !== [],
            ],
            [
                'At a guided support the beam is thought to go on as in a mirror: it may deflect as a span of twice its length. It restrains neither laterally nor against twisting.',
                $hasGuides,
            ],
            [
                'Supports restrain the section laterally and against twisting'.
                ($hasGuides ? ', guided ones apart' : '').
                '. '.
                ($member->basis->steel->closedForms
                    ? "A restraint of the compressed {$edge} is taken to restrain the section at that place; one of the other {$edge} counts for nothing."
                    : "A restraint of one {$edge} restrains that {$edge} laterally; the section may turn about it."),
                true,
            ],
            ['Axial forces are those of first order; rollers slide freely.', $beam->beam->axis->isStrained],
            [SidewaysBlocks::ASSUMPTION, $beam->sideways !== null],
            [
                ($beam->sideways === null
                    ? 'Bending about the strong axis'.
                        ($beam->beam->axis->isStrained ? ', in one plane' : ' without axial force')
                    : 'Bending about both axes').
                ($beam->twisting === null ? ', without torsion.' : ', with torsion.'),
                true,
            ],
            ['An overhang may deflect as a span of twice its length.', true],
        ];

        return array_column(array_filter($told, fn (array $of): bool => $of[1]), 0);
    }

    private static function ofStatics(Design $design): string
    {
        $member = $design->member;
        $beam = $design->beam;

        return implode('', [
            count($member->make->pieces(new Situation)) === 1
                ? 'Straight prismatic member'
                : 'Straight member, prismatic between its steps',
            ', linear elastic, small displacements; ',
            $beam->beam->isOnSprings() || $beam->supportsMove()
                ? 'supports rigid but for the springs and movements given'
                : 'rigid supports',
            $member->shears ? '; deflection from bending and from shear' : '; deflection from bending only',
            '. Extremes are exact, no mesh.',
        ]);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
