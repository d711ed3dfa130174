<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;

/**
 * An I shape with unequal flanges, under moments of both signs: the weaker of what it is with either flange
 * compressed, on the safe side.
 */
final readonly class EitherFlange extends PlaneProfile
{
    private UnequalShape $weaker;

    public function __construct(private UnequalShape $top, private UnequalShape $bottom)
    {
        parent::__construct($top->whole, $top->grade, $top->Fy);
        $this->weaker = $top->moment() <= $bottom->moment() ? $top : $bottom;
    }

    public function refusal(): string
    {
        return $this->top->refusal() ?: $this->bottom->refusal();
    }

    public function compactness(): string
    {
        return $this->weaker->compactness();
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        return $this->weaker->weighCompactness($standard, $detail);
    }

    public function moment(?Derivation $d = null): float
    {
        return $this->weaker->moment($d);
    }

    public function bendingClause(): string
    {
        return $this->weaker->bendingClause();
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        return $this->top->shear($method, $d);
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return $this->top->weakMoment($d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return $this->top->weakShear($method, $d);
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        return $this->top->effectiveArea($Fcr, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return $this->top->shearClauses();
    }

    public function lateral(): LateralStrength
    {
        return new WeakerLateralStrength($this, $this->top->lateral(), $this->bottom->lateral());
    }

    public function lateralClause(): string
    {
        return "{$this->bendingClause()}.2";
    }
}
