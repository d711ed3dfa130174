<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** The axes about which a section without symmetry bends straight: the product of inertia about them is 0. */
final readonly class PrincipalAxes
{
    /** Second moments about the strong and the weak axis, mm⁴. */
    public float $Iu;

    public float $Iv;

    /** How the strong axis leans from y towards z, rad. */
    public float $lean;

    /**
     * @param  float  $Iy  second moments about y and z, mm⁴
     * @param  float  $Iyz  ∫ y z dA, mm⁴
     */
    public function __construct(float $Iy, float $Iz, float $Iyz)
    {
        [$mean, $half] = [($Iy + $Iz) / 2, ($Iy - $Iz) / 2];
        $radius = hypot($half, $Iyz);
        [$this->Iu, $this->Iv] = [$mean + $radius, $mean - $radius];
        // It leans from y by θ: tan 2θ = −I_yz over half of the difference; by a quarter turn where only rounding is
        // left of I_yz and z is the strong one.
        $this->lean = abs($Iyz) > 1e-9 * $mean ? atan2(-$Iyz, $half) / 2 : ($half >= 0.0 ? 0.0 : M_PI / 2);
    }

    /** @return array{float, float} along the strong and the weak axis, of a place given by y and z */
    public function turned(float $y, float $z): array
    {
        return [$y * cos($this->lean) + $z * sin($this->lean), $z * cos($this->lean) - $y * sin($this->lean)];
    }
}
