<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Materials\Steel\SteelGrade;
use Waage\Member\Basis;

/** A section in a steel grade with the national parameters: what every clause needs. Stresses in MPa. */
final readonly class SteelSection
{
    public float $fy;

    public float $epsilon;

    /** Class of the section in bending about y-y, 1 to 4. */
    public int $class;

    /** Class in bending about z-z; an I section of class 1 to 3 is taken to have that of bending about y-y. */
    public int $classZ;

    /** Section modulus about y-y that the class allows (6.2.5(2)), mm³. */
    public float $modulus;

    public function __construct(public Section $section, public SteelGrade $grade, public Basis $basis)
    {
        $this->fy = $grade->yieldStrength($section->thickest());
        $this->epsilon = sqrt(235.0 / $this->fy);
        $this->class = Classification::of($this, Strain::BendingY);
        $classZ = Classification::of($this, Strain::BendingZ);
        $this->classZ = $section instanceof ISection ? max($classZ, min($this->class, 3)) : $classZ;
        $this->modulus = match (true) {
            $this->class <= 2 => $section->Wply,
            $this->class === 3 || ! $this->coversClass4() => $section->Wely,
            default => $this->effectiveModulus('y'),
        };
    }

    public function modulusSymbol(): string
    {
        return match (true) {
            $this->class <= 2 => 'W_pl_y',
            $this->class === 3 => 'W_el_y',
            default => 'W_eff_y',
        };
    }

    /** Section modulus about z-z that the class allows, mm³. */
    public function modulusZ(?Derivation $d = null): float
    {
        return match ($this->classZ) {
            1, 2 => $this->section->Wplz,
            3 => $this->section->Welz,
            default => $this->effectiveModulus('z', $d),
        };
    }

    /** Area that counts in compression, mm². */
    public function compressedArea(?Derivation $d = null): float
    {
        return Classification::of($this, Strain::Compression) > 3 ? $this->effectiveArea($d) : $this->section->A;
    }

    /** Is what is left of it in class 4 computed: an effective section, or a reduced stress? */
    public function coversClass4(): bool
    {
        return EffectiveSection::covers($this) || EffectiveTube::covers($this) || ReducedStress::covers($this);
    }

    /**
     * W_eff about an axis, mm³; of unequal flanges in bending about the minor axis, and in compression, at a reduced
     * stress: nothing shifts.
     */
    public function effectiveModulus(string $axis, ?Derivation $d = null): float
    {
        $isAlongWeb = $axis === 'y' || ! ($this->section instanceof UnequalI);

        return match (true) {
            EffectiveTube::covers($this) => EffectiveTube::modulus($this, $axis, $d),
            EffectiveSection::covers($this) && $isAlongWeb => (new EffectiveSection($this))->modulus($axis, $d),
            default => ReducedStress::modulus($this, $axis, $d),
        };
    }

    /** What the title of a weighing says where it is by another standard than its own; nothing where it is not. */
    public function foreign(): string
    {
        return $this->class > 3 && EffectiveTube::covers($this) ? ', effective section by BS 5950-1' : '';
    }

    private function effectiveArea(?Derivation $d): float
    {
        return match (true) {
            EffectiveTube::covers($this) => EffectiveTube::area($this, $d),
            EffectiveSection::covers($this) && ! ($this->section instanceof UnequalI) => (new EffectiveSection(
                $this,
            ))->area($d),
            default => ReducedStress::area($this, $d),
        };
    }
}
