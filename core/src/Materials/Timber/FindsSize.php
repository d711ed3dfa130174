<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

/** The weighings of a timber beam in parts, by which sizes are found that are left open: the lightest that hold. */
trait FindsSize
{
    /**
     * The weighings, part by part, those first that decide most often.
     *
     * @return iterable<list<Weighing>>
     */
    abstract protected function parts(TimberMake $timber, bool $derive): iterable;

    public function weigh(Make $make, bool $derive): array
    {
        $weighings = [];
        foreach ($this->parts(TimberMake::from($make), $derive) as $part) {
            array_push($weighings, ...$part);
        }

        return $weighings;
    }

    /** @throws InvalidMember where other sizes would attract other forces */
    public function settle(Make $make): Make
    {
        $timber = TimberMake::from($make);
        if (! $timber->isOpen()) {
            return $make;
        }
        if ($this->envelopes->beam->dependsOnStiffness()) {
            $which = $timber->open->depth ? 'depth' : 'width';
            throw new InvalidMember([
                new FieldError(
                    "timber.{$which}",
                    'A size is found where forces do not depend on it. With springs, settlements, shear deformation or temperature type it.',
                ),
            ]);
        }
        $sizes = $timber->grade->product === Product::Glulam ? $this->shallowestOfWidths($timber) : Sizes::of($timber);
        $last = $timber;
        foreach ($sizes as [$b, $h]) {
            $last = $timber->withSize($b, $h);
            if ($this->isFit($last)) {
                break;
            }
        }

        return $last->found();
    }

    /**
     * Of each width the least depth that holds, by halving: deeper glulam is never weaker. Where none holds the
     * deepest; the lightest first.
     *
     * @return list<array{float, float}>
     */
    private function shallowestOfWidths(TimberMake $timber): array
    {
        $byWidth = [];
        foreach (Sizes::of($timber) as [$b, $h]) {
            $byWidth["{$b}"][] = $h;
        }
        $found = [];
        foreach ($byWidth as $width => $depths) {
            $b = (float) $width;
            sort($depths);
            [$fails, $holds] = [-1, count($depths) - 1];
            while ($holds - $fails > 1) {
                $middle = intdiv($fails + $holds, 2);
                $this->isFit($timber->withSize($b, $depths[$middle])) ? ($holds = $middle) : ($fails = $middle);
            }
            $found[] = [$b, $depths[$holds]];
        }
        usort($found, fn (array $a, array $b): int => [$a[0] * $a[1], $a[1]] <=> [$b[0] * $b[1], $b[1]]);

        return $found;
    }

    /** @return list<string> */
    public function notes(): array
    {
        $timber = TimberMake::from($this->envelopes->beam->member->make);
        $span = LongestSpan::text($this->envelopes->beam, $timber, $this->weigh($timber, false));

        return [...$timber->open->any() ? [$this->found($timber)] : [], ...$span === '' ? [] : [$span]];
    }

    /** The lightest size that holds is taken; the shallowest one may be another. */
    private function found(TimberMake $timber): string
    {
        if (! $this->isFit($timber)) {
            return "No size of {$timber->grade()} holds; the largest is shown.";
        }
        $sizes = $timber->grade->product === Product::Glulam ? $this->shallowestOfWidths($timber) : Sizes::of($timber);
        usort($sizes, fn (array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);
        foreach ($sizes as [$b, $h]) {
            $other = $timber->withSize($b, $h);
            if ($this->isFit($other)) {
                return "Lightest size that holds: {$timber->name()}; shallowest: {$other->name()}.";
            }
        }

        return '';
    }

    private function isFit(TimberMake $timber): bool
    {
        $remarks = $this->envelopes->beam->member->remarks;
        foreach ($this->parts($timber, false) as $part) {
            foreach ($part as $weighing) {
                if (! $weighing->holds() && ! ($remarks[$weighing->id]->leftOut ?? false)) {
                    return false;
                }
            }
        }

        return true;
    }
}
