<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * A strength of concrete, a class or any cylinder strength; MPa (EN 1992-1-1:2004, Table 3.1, by its formulas).
 */
final readonly class Grade
{
    /** Cylinder strengths that the rules are for (3.1.2(2)). */
    public const LEAST = 12.0;

    public const MOST = 90.0;

    private const NAMES = [
        'C12/15' => 12.0,
        'C16/20' => 16.0,
        'C20/25' => 20.0,
        'C25/30' => 25.0,
        'C28/35' => 28.0,
        'C30/37' => 30.0,
        'C32/40' => 32.0,
        'C35/45' => 35.0,
        'C40/50' => 40.0,
        'C45/55' => 45.0,
        'C50/60' => 50.0,
        'C55/67' => 55.0,
        'C60/75' => 60.0,
        'C70/85' => 70.0,
        'C80/95' => 80.0,
        'C90/105' => 90.0,
    ];

    private function __construct(public string $name, public float $fck)
    {
    }

    public static function of(string $name): ?self
    {
        return isset(self::NAMES[$name]) ? new self($name, self::NAMES[$name]) : null;
    }

    /** Of a cylinder strength that is no class, as it was typed. */
    public static function ofStrength(float $fck, string $text): self
    {
        return new self(trim($text), $fck);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::NAMES);
    }

    public function isHigh(): bool
    {
        return $this->fck > 50.0;
    }

    /** Mean tensile strength. */
    public function fctm(): float
    {
        return $this->isHigh() ? 2.12 * log(1 + ($this->fck + 8.0) / 10.0) : 0.3 * $this->fck ** (2 / 3);
    }

    /** Secant modulus. */
    public function Ecm(): float
    {
        return 22000.0 * (($this->fck + 8.0) / 10.0) ** 0.3;
    }

    /** @return list<string> the classes above it */
    public function stronger(): array
    {
        return array_keys(array_filter(self::NAMES, fn (float $fck): bool => $fck > $this->fck));
    }
}
