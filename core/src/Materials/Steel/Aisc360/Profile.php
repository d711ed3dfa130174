<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\SteelGrade;

/**
 * A section in a grade, and what the chapters of ANSI/AISC 360 make of its kind. Stresses in MPa, moments in Nmm,
 * forces in N.
 */
abstract readonly class Profile
{
    public float $E;

    /** √(E/F_y). */
    public float $rootEF;

    protected function __construct(public Section $whole, public SteelGrade $grade, public float $Fy)
    {
        $this->E = $grade->elasticity();
        $this->rootEF = sqrt($this->E / $this->Fy);
    }

    /** Why it is not covered, whatever strains it; empty: it is. */
    public function refusal(): string
    {
        return '';
    }

    /** What it is in bending: compact, or what of it is not. */
    abstract public function compactness(): string;

    abstract public function weighCompactness(string $standard, Detail $detail): Weighing;

    /** M_n about the strong axis without lateral-torsional buckling. */
    abstract public function moment(?Derivation $d = null): float;

    /** Clause of it. */
    abstract public function bendingClause(): string;

    /** M_n about the weak axis. */
    abstract public function weakMoment(?Derivation $d = null): float;

    /** V_c along the depth. */
    abstract public function shear(Method $method, ?Derivation $d = null): float;

    /** V_c along the width. */
    abstract public function weakShear(Method $method, ?Derivation $d = null): float;

    /** @return array{string, string} clauses of shear along the depth and the width */
    abstract public function shearClauses(): array;

    /** A_e in compression at F_cr, mm². */
    abstract public function effectiveArea(float $Fcr, ?Derivation $d = null): float;

    /** What it makes of lateral-torsional buckling; null: it cannot buckle so. */
    abstract public function lateral(): ?LateralStrength;

    /** Is it closed, so that it does not twist in compression? */
    abstract public function isClosed(): bool;

    /** Clause of lateral-torsional buckling. */
    public function lateralClause(): string
    {
        return 'F2.2';
    }

    /** Clause of bending about the weak axis. */
    public function weakClause(): string
    {
        return $this->isClosed() ? $this->bendingClause() : 'F6';
    }
}
