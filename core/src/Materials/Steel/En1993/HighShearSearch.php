<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\Polynomial;
use Waage\Loading\Combination;
use Waage\Materials\Steel\SectionStep;

/** Where a moment meets a shear force that takes from its resistance (EN 1993-1-1, 6.2.8), and by which loads. */
final class HighShearSearch
{
    /**
     * @var array<string, array<string, array<int, array<string, array<int, float>>>>> by place: they are the same for
     * all combinations
     */
    private array $patterns = [];

    /** @param  list<Combination>  $strength */
    public function __construct(
        private readonly LoadedBeam $beam,
        private readonly Envelope $shearEnvelope,
        private readonly Envelope $momentEnvelope,
        private readonly array $strength,
    ) {
    }

    /**
     * Where the shear force may be high, with what the ratio does not exceed there; the greatest first.
     *
     * @return list<array{float, Combination, int}> bound, combination, segment
     */
    public function high(SteelSection $steel, SectionStep $stretch, float $weight, float $Vpl, float $Mc): array
    {
        $found = [];
        $responses = $this->beam->responses;
        $first = $responses->segmentAt($stretch->from);
        foreach ($this->strength as $combination) {
            $shears = $this->shearEnvelope->absoluteBounds($combination, $weight);
            if (max(0.0, ...$shears) <= 0.5 * $Vpl) {
                continue;
            }
            $moments = $this->momentEnvelope->absoluteBounds($combination, $weight);
            for ($k = $first, $n = $responses->segments(); $k < $n && $responses->breaks[$k] < $stretch->to; $k++) {
                if ($shears[$k] > 0.5 * $Vpl) {
                    $resistance = BendingWithShear::resistance($steel, $shears[$k], $Vpl, $Mc);
                    $found[] = [($moments[$k] / max($resistance, 1e-6 * $Mc)) * (1 + 1e-9), $combination, $k];
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $found;
    }

    /**
     * The arrangements that make a high shear force, or the moment with it, the worst at one of the ends of a segment.
     *
     * @return list<array<int, float>>
     */
    public function worstOn(int $k, Combination $combination, float $weight, float $high): array
    {
        $found = [];
        $responses = $this->beam->responses;
        foreach ([0.0, $responses->breaks[$k + 1] - $responses->breaks[$k]] as $t) {
            $patterns = $this->patterns["{$k}:{$t}"] ??= $this->patterns($k, $t);
            $of = fn (string $effect, int $sign): array => $this->beam->factors(
                $combination,
                $weight,
                $patterns[$effect][$sign],
            );
            foreach ([1, -1] as $sign) {
                $factors = $of('V', $sign);
                if ($sign * Polynomial::value($responses->combined(Effect::Shear, $factors, $k), $t) > $high) {
                    foreach ([$factors, $of('M', 1), $of('M', -1)] as $candidate) {
                        $found[implode(',', array_keys($candidate)).implode(',', $candidate)] = $candidate;
                    }
                }
            }
        }

        return array_values($found);
    }

    /**
     * @return array<string, array<int, array<string, array<int, float>>>> by effect and sign, as LoadedBeam::patterns
     */
    private function patterns(int $segment, float $t): array
    {
        $patterns = [];
        foreach ([Effect::Shear, Effect::Moment] as $effect) {
            $values = $this->beam->responses->valuesAt($effect, $segment, $t);
            $patterns[$effect->value] = [
                1 => $this->beam->patterns(1, $values),
                -1 => $this->beam->patterns(-1, $values),
            ];
        }

        return $patterns;
    }

    /**
     * Where M / M_V,Rd can be greatest on a segment: its ends, where the shear is half its resistance or all of it, and
     * where the ratio is stationary. With V = M' and M_V = a − b (2 V / V_pl − 1)², the numerator of the derivative is
     * a polynomial.
     *
     * @param  array<int, float>  $m
     * @return list<float>
     */
    public function places(SteelSection $steel, array $m, float $Vpl, float $Mc, float $length): array
    {
        $v = [$m[1], 2 * $m[2], 3 * $m[3]];
        if (
            max(abs($v[0]), abs(Polynomial::value($v, $length))) <= 0.5 * $Vpl &&
            Polynomial::roots(Polynomial::derivative($v), 0.0, $length) === []
        ) {
            return [];
        }
        $loss = BendingWithShear::loss($steel);
        $places = [0.0, $length];
        foreach ([1.0, -1.0] as $side) {
            // On this side of zero shear: s = 2 |V| / V_pl − 1.
            $s = Polynomial::sum([-1.0], $v, (2 * $side) / $Vpl);
            $resistance = Polynomial::sum([$Mc], Polynomial::product($s, $s), -$loss);
            $slope = array_map(
                fn (float $c): float => -2 * $loss * $c,
                Polynomial::product($s, Polynomial::derivative($s)),
            );
            $numerator = Polynomial::sum(Polynomial::product($v, $resistance), Polynomial::product($m, $slope), -1.0);
            array_push(
                $places,
                ...Polynomial::roots($s, 0.0, $length),
                ...Polynomial::roots(Polynomial::sum($s, [-1.0]), 0.0, $length),
                ...Polynomial::roots($numerator, 0.0, $length),
            );
        }

        return $places;
    }
}
