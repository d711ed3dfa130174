<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/** What lateral-torsional buckling adds to the bending that torsion makes: k = 1 / (1 − 1/α_cr). */
final readonly class SecondOrderOfTorsion
{
    /** Smallest denominator: nearer to buckling the member fails anyway. */
    private const LEAST = 0.05;

    private float $alpha;

    public float $factor;

    /** @param  Weighing|null  $lateral  of lateral-torsional buckling; null: it cannot buckle so */
    public function __construct(?Weighing $lateral)
    {
        $this->alpha = $lateral->critical ?? INF;
        $this->factor = 1 / max(self::LEAST, 1 - 1 / $this->alpha);
    }

    /**
     * @param  string  $clause  of α_cr
     * @param  string  $what  it is
     * @param  string  $ofFactor  clause of k
     */
    public function derive(Derivation $d, string $clause, string $what, string $ofFactor): void
    {
        if (is_finite($this->alpha)) {
            $d->given('alpha_cr', $this->alpha, Kind::Number, $clause, "{$what}; not more than what matters there");
            $d->line('k', '1 / max(0.05, 1 - 1 / alpha_cr)', Kind::Number, $ofFactor, 'second order');
        } else {
            $d->given('k', $this->factor, Kind::Number, $ofFactor, 'the member cannot buckle laterally');
        }
    }
}
