<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LiftOff;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\UnstableBeam;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\Combinations;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Material\CollapseQuestion;
use Waage\Material\Listed;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\Parameter;
use Waage\Material\Registry;
use Waage\Member\Category;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;
use Waage\Member\Member;

/**
 * The front door: a member in, everything computed from it out.
 *
 * Stateless. The statics is solved once, when the object is made; results are then read from it.
 */
final class Design
{
    /** With the arrangements in which it lifts off supports, where it may. */
    public readonly LoadedBeam $beam;

    /** @var list<Combination> */
    public readonly array $combinations;

    /** @var list<Combination> the same as the rules and the engineer give them */
    public readonly array $given;

    /** @var list<array{support: int, lift: float, combination: string, arrangement: string}> where it lifts off, mm */
    public readonly array $lifts;

    /** @var list<Combination> those of the rules that the engineer leaves out */
    public readonly array $leftOut;

    /** As the engineer has said it, with the sizes that the checks find where he leaves them open. */
    public readonly Member $member;

    public readonly MemberEnvelopes $envelopes;

    public readonly MemberChecks $checks;

    /** What the member is made of, with all that the checks choose for it. */
    public readonly Make $make;

    public readonly SupportChecks $supports;

    /** @var list<Weighing> heaviest first, with those that the engineer leaves out */
    public readonly array $everyWeighing;

    /** @var list<Weighing> those that count */
    public readonly array $weighings;

    /** @var list<Weighing> those that the engineer leaves out */
    public readonly array $notCounted;

    /**
     * @throws InvalidMember when the beam can move without being strained
     */
    public function __construct(Member $member, Detail $detail = Detail::Lines)
    {
        Wanted::check();
        $member = self::withSizes($member);
        $this->member = $member;
        $held = self::statics($member);
        $combinations = Combinations::of($member, $held->actingCases());
        $acting = LiftOff::of($held, $combinations->acting, $member->make->weight());
        $this->beam = $acting->beam;
        $this->combinations = $acting->combinations;
        $this->given = $combinations->acting;
        $this->lifts = $acting->lifts;
        $this->leftOut = $combinations->leftOut;
        foreach ([[Purpose::Strength, 'strength'], [Purpose::Characteristic, 'deflection']] as [$purpose, $what]) {
            $isFor = fn (Combination $c): bool => $c->purpose === $purpose;
            if (array_filter($this->leftOut, $isFor) !== [] && array_filter($this->combinations, $isFor) === []) {
                throw new InvalidMember([
                    new FieldError(
                        'leftOut',
                        "Every {$purpose->value} combination is left out, so that no {$what} would be weighed. Leave one in, or add one of your own.",
                    ),
                ]);
            }
        }
        $this->assertAllTakePart($combinations);
        $this->envelopes = new MemberEnvelopes($this->beam, $this->combinations);
        $this->checks = Registry::of($member->make)->checks($this->envelopes);
        $this->make = $this->checks->settle($member->make);
        $this->supports = new SupportChecks($held, $this->given, $acting);
        $this->everyWeighing = self::heaviestFirst([
            ...$this->checks->weigh($this->make, $detail),
            ...$this->supports->weigh($member->make->weight(), $detail),
            ...(new FrequencyCheck($held))->weigh($member->make, $detail),
        ]);
        $this->weighings = self::counting($member, $this->everyWeighing);
        $this->notCounted = array_values(
            array_filter($this->everyWeighing, fn (Weighing $w): bool => ! in_array($w, $this->weighings, true)),
        );
    }

    /**
     * Without the lines of derivations.
     *
     * @throws InvalidMember when the beam can move without being strained
     */
    public static function brief(Member $member): self
    {
        return new self($member, Detail::Verdict);
    }

    /**
     * Sizes that are left open are found by the weighings; all that follows has them.
     *
     * @throws InvalidMember
     */
    private static function withSizes(Member $member): Member
    {
        if (! $member->make->isOpen()) {
            return $member;
        }
        $beam = self::statics($member);
        $combinations = Combinations::of($member, $beam->actingCases());
        $acting = LiftOff::of($beam, $combinations->acting, $member->make->weight());
        $envelopes = new MemberEnvelopes($acting->beam, $acting->combinations);

        return $member->withMake(Registry::of($member->make)->checks($envelopes)->settle($member->make));
    }

    /**
     * @throws InvalidMember when a load case that carries load is in no combination for strength, nor in one of the
     *     engineer's
     */
    private function assertAllTakePart(Combinations $combinations): void
    {
        $used = [];
        foreach ([...$combinations->acting, ...$combinations->leftOut] as $combination) {
            // One of the rules' has to be for strength: deflections alone would pass over what the load case can break.
            $used += $combination->own || $combination->purpose->isForStrength() ? $combination->variable : [];
        }
        $acting = array_column($this->beam->actingCases(), 'id');
        $errors = [];
        foreach ($this->member->cases as $i => $case) {
            if (
                $case->category !== Category::Permanent &&
                in_array($case->id, $acting, true) &&
                ! isset($used[$case->id])
            ) {
                $errors[] = new FieldError(
                    "cases.{$i}.category",
                    RuleSet::of($this->member->basis->combinations)->standard.
                        ' as built in has no combination with this kind of action. Choose another category, or add a combination of your own that has it.',
                );
            }
        }
        if ($errors !== []) {
            throw new InvalidMember($errors);
        }
    }

    /**
     * The member solved for its loads, without combinations and weighings.
     *
     * @throws InvalidMember when the beam can move without being strained
     */
    public static function statics(Member $member): LoadedBeam
    {
        try {
            return LoadedBeam::of($member);
        } catch (UnstableBeam $e) {
            throw new InvalidMember([new FieldError($e->field, $e->getMessage())]);
        }
    }

    /** @return list<Combination> those that the resistance of the section is weighed for */
    public function ultimate(): array
    {
        return array_values(
            array_filter($this->combinations, fn (Combination $c): bool => $c->purpose->isForStrength()),
        );
    }

    /** @return list<Combination> */
    public function characteristic(): array
    {
        return array_values(
            array_filter($this->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Characteristic),
        );
    }

    /**
     * What can be chosen of materials and what their standards leave to nations.
     *
     * @return array<string, array{choices: array<string, list<string>>, parameters: list<array<string, mixed>>}> by id
     */
    public static function materials(): array
    {
        return array_map(fn (Material $m): array => [
            'choices' => $m->choices(),
            'parameters' => array_map(fn (Parameter $p): array => $p->toArray(), $m->parameters()),
        ], Registry::all());
    }

    /**
     * Plastic collapse, where the material has it (core/schema/collapse.schema.json).
     *
     * @param  string  $combination  id; empty: the one that collapses first
     * @return array<string, mixed>
     */
    public function collapse(string $combination = ''): array
    {
        return Registry::of($this->member->make)->collapse($this->collapseQuestion($combination));
    }

    /** @param  string  $combination  id; empty: the one that collapses first */
    public function collapseQuestion(string $combination = ''): CollapseQuestion
    {
        return new CollapseQuestion($this->envelopes, $this->everyWeighing, $this->lifts !== [], $combination);
    }

    /**
     * What the member is cut from, where its material is listed so.
     *
     * @return list<array{name: string, grade: string, pieces: int, length: float, volume: float, mass: float}>
     */
    public function pieces(): array
    {
        return $this->make instanceof Listed ? $this->make->pieceList() : [];
    }

    public function verdict(): Verdict
    {
        return Verdict::of($this->weighings, count($this->notCounted));
    }

    /**
     * @param  list<Weighing>  $weighings
     * @return list<Weighing> without those that the engineer leaves out
     */
    public static function counting(Member $member, array $weighings): array
    {
        return array_values(
            array_filter($weighings, fn (Weighing $w): bool => ! ($member->remarks[$w->id]->leftOut ?? false)),
        );
    }

    /** @return list<ShortlistRow> every section of the member's families, in the order of the catalogue */
    public function shortlist(): array
    {
        return Shortlist::of($this);
    }

    /**
     * @param  list<Weighing>  $weighings
     * @return list<Weighing>
     */
    private static function heaviestFirst(array $weighings): array
    {
        $weight = fn (Weighing $w): float => $w->isCovered() ? $w->ratio ?? -1.0 : INF;
        usort($weighings, fn (Weighing $a, Weighing $b): int => $weight($b) <=> $weight($a));

        return $weighings;
    }
}
