<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.3.1.2: what a curve of Table 6.1 leaves of the strength at a slenderness. */
final readonly class BucklingCurve
{
    private const IMPERFECTIONS = ['a0' => 0.13, 'a' => 0.21, 'b' => 0.34, 'c' => 0.49, 'd' => 0.76];

    /** Up to here nothing is taken away (6.3.1.2(4)). */
    public const STOCKY = 0.2;

    public float $alpha;

    public function __construct(public string $name)
    {
        $this->alpha = self::IMPERFECTIONS[$name];
    }

    /** χ of this curve. */
    public function at(float $lambda): float
    {
        return self::reduction($this->alpha, $lambda);
    }

    /**
     * χ of a factor of imperfection; the curves of lateral-torsional buckling of 6.3.2.2 have the same form.
     *
     * @param  float  $alpha  factor of imperfection
     * @param  float  $lambda  slenderness
     */
    public static function reduction(float $alpha, float $lambda): float
    {
        if ($lambda <= self::STOCKY) {
            return 1.0;
        }
        $Phi = 0.5 * (1 + $alpha * ($lambda - self::STOCKY) + $lambda ** 2);

        return min(1.0, 1 / ($Phi + sqrt($Phi ** 2 - $lambda ** 2)));
    }

    /** Lines of α, Φ and χ; λ has been derived. Of an axis the symbols have its name: "_y". */
    public function derive(?Derivation $d, string $of = ''): void
    {
        $d?->given("alpha{$of}", $this->alpha, Kind::Number, 'Tables 6.1, 6.2', "curve {$this->name}");
        $Phi = "0.5 * (1 + alpha{$of} * (lambda{$of} - 0.2) + lambda{$of}^2)";
        $d?->line("Phi{$of}", $Phi, Kind::Number, '6.3.1.2(1)');
        $chi = "min(1 / (Phi{$of} + sqrt(Phi{$of}^2 - lambda{$of}^2)), 1)";
        $d?->line("chi{$of}", $chi, Kind::Number, '6.3.1.2(1) (6.49)');
    }
}
