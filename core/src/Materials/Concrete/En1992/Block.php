<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Tools\RequiredSteel;
use Waage\Materials\Concrete\Grade;
use Waage\Materials\Concrete\StressBlock;
use Waage\Units\Kind;

/**
 * The rectangular block of stress of EN 1992-1-1, 3.1.7(3), and how deep the axis may lie (5.5(4) with the
 * redistribution): as numbers, and as parts of formulas, which stay short up to C50.
 */
final readonly class Block
{
    /** Of the depth of the axis. */
    public float $lambda;

    /** Of f_cd. */
    public float $eta;

    /** Failure strain, ‰. */
    public float $epsilon;

    /** Greatest x/d. */
    public float $deepest;

    private function __construct(private Grade $grade, private float $delta)
    {
        $fck = $grade->fck;
        $isHigh = $grade->isHigh();
        $this->lambda = $isHigh ? 0.8 - ($fck - 50) / 400 : 0.8;
        $this->eta = $isHigh ? 1 - ($fck - 50) / 200 : 1.0;
        $this->epsilon = $isHigh ? 2.6 + 35 * ((90 - $fck) / 100) ** 4 : 3.5;
        $this->deepest = ($delta - ($isHigh ? 0.54 : 0.44)) / (1.25 * (0.6 + 1.4 / $this->epsilon));
    }

    public static function of(ConcreteMake $concrete): self
    {
        return new self($concrete->grade, $concrete->reductions->delta());
    }

    public function numbers(ConcreteMake $concrete): StressBlock
    {
        $strength = $this->eta * Strength::fcd($concrete);

        return new StressBlock($strength, $this->lambda, $this->deepest, $this->epsilon, Strength::fyd($concrete));
    }

    /** λ, η and the failure strain, where they are not those that everybody knows; x_max of d. */
    public function let(Working $w): void
    {
        if ($this->grade->isHigh()) {
            RequiredSteel::block($w);
        }
        if ($this->delta < 1.0) {
            $w->let('delta', $this->delta, Kind::Number, '5.5(4)', 'moments redistributed');
        }
    }

    public function depth(): string
    {
        return $this->grade->isHigh() ? 'lambda' : '0.8';
    }

    public function half(): string
    {
        return $this->grade->isHigh() ? 'lambda / 2' : '0.4';
    }

    public function strength(): string
    {
        return $this->grade->isHigh() ? 'eta * f_cd' : 'f_cd';
    }

    /** Of the steel at the failure strain, MPa. */
    public function stress(): string
    {
        return $this->grade->isHigh() ? '200 * epsilon_cu' : '700';
    }

    public function deepest(): string
    {
        $delta = $this->delta < 1.0 ? 'delta' : '1';

        return $this->grade->isHigh()
            ? "({$delta} - 0.54) / (1.25 * (0.6 + 1.4 / epsilon_cu)) * d"
            : "({$delta} - 0.44) / 1.25 * d";
    }
}
