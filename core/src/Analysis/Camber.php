<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/** A span made with an upward parabola, so that it is straight again under part of its load (EN 1990, A1.4.3: w_c). */
final readonly class Camber
{
    /**
     * @param  float  $rise  in the middle, mm
     * @param  float  $length  of the span, which is the whole member, mm
     */
    public function __construct(public float $rise, private float $length)
    {
    }

    /** Up positive, mm. */
    public function at(float $x): float
    {
        return ((4 * $this->rise * $x) / $this->length) * (1 - $x / $this->length);
    }

    /**
     * The greatest ($sign = 1) or smallest ($sign = −1) deflection that remains, with its place: exact, since both are
     * polynomials. In N mm³, as the envelope has deflections.
     *
     * @param  non-empty-list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $stiffness  E I, N mm²
     */
    public function remaining(
        Envelope $deflection,
        array $combinations,
        int $sign,
        float $weight,
        float $stiffness,
    ): Extreme {
        $breaks = $deflection->breaks();
        $slope = (4 * $this->rise * $stiffness) / $this->length;
        $parabola = [0.0, $slope, -$slope / $this->length];
        $best = null;
        foreach ($deflection->curve($combinations, $sign, $weight) as $piece) {
            $start = $breaks[$piece['segment']];
            $left = Polynomial::sum($piece['polynomial'], Polynomial::shift($parabola, $start), -1.0);
            foreach (
                [
                    $piece['from'],
                    ...Polynomial::roots(Polynomial::derivative($left), $piece['from'], $piece['to']),
                    $piece['to'],
                ] as $t
            ) {
                $value = Polynomial::value($left, $t);
                if ($best === null || $sign * $value > $sign * $best->value) {
                    $best = new Extreme($value, $start + $t, $piece['segment'], $t, $piece['combination']);
                }
            }
        }

        return $best ?? throw new \LogicException('An envelope has at least one piece.');
    }
}
