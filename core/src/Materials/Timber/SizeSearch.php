<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Looks for the lightest and the shallowest size that hold, where sizes are left open. */
final class SizeSearch
{
    /** @var array<string, bool> by size */
    private array $tried = [];

    /** @param  \Closure(TimberMake): bool  $holds */
    public function __construct(private readonly TimberMake $timber, private readonly \Closure $holds)
    {
    }

    /** The lightest size that holds, which says so, with the shallowest; where none holds the largest. */
    public function found(): TimberMake
    {
        $sizes = $this->timber->grade->product === Product::Glulam
            ? $this->shallowestOfWidths()
            : Sizes::of($this->timber);
        $lightest = $this->first($sizes);
        if ($lightest === null) {
            [$b, $h] = $sizes[array_key_last($sizes) ?? throw new \LogicException('A grade has sizes.')];

            return $this->timber->withSize($b, $h)->found(
                "No size of {$this->timber->grade()} holds; the largest is shown.",
            );
        }
        $shallower = array_filter($sizes, fn (array $s): bool => $s[1] < $lightest->h);
        usort($shallower, fn (array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);
        $shallowest = $this->first($shallower) ?? $lightest;

        return $lightest->found(
            "Lightest size that holds: {$lightest->name()}; shallowest: {$shallowest->name()}.",
        );
    }

    /** @param  list<array{float, float}>  $sizes */
    private function first(array $sizes): ?TimberMake
    {
        foreach ($sizes as [$b, $h]) {
            if ($this->holds($b, $h)) {
                return $this->timber->withSize($b, $h);
            }
        }

        return null;
    }

    private function holds(float $b, float $h): bool
    {
        return $this->tried["{$b}×{$h}"] ??= ($this->holds)($this->timber->withSize($b, $h));
    }

    /**
     * Of each width the least depth that holds, by halving: deeper glulam is never weaker. Where none holds the
     * deepest; the lightest first.
     *
     * @return list<array{float, float}>
     */
    private function shallowestOfWidths(): array
    {
        $byWidth = [];
        foreach (Sizes::of($this->timber) as [$b, $h]) {
            $byWidth["{$b}"][] = $h;
        }
        $found = [];
        foreach ($byWidth as $width => $depths) {
            $b = (float) $width;
            sort($depths);
            [$fails, $holds] = [-1, count($depths) - 1];
            while ($holds - $fails > 1) {
                $middle = intdiv($fails + $holds, 2);
                $this->holds($b, $depths[$middle]) ? ($holds = $middle) : ($fails = $middle);
            }
            $found[] = [$b, $depths[$holds]];
        }
        usort($found, fn (array $a, array $b): int => [$a[0] * $a[1], $a[1]] <=> [$b[0] * $b[1], $b[1]]);

        return $found;
    }
}
