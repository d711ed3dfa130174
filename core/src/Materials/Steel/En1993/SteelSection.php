<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
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

    public Profile $profile;

    /** What counts of it in class 4; null: that is not computed. */
    public ?LocalBuckling $local;

    public function __construct(public Section $section, public SteelGrade $grade, public Basis $basis)
    {
        $this->fy = $grade->yieldStrength($section->thickest());
        $this->epsilon = sqrt(235.0 / $this->fy);
        $this->profile = Profiles::of($section);
        $this->local = $this->profile->local($this->epsilon);
        $this->class = $this->classIn(Strain::BendingY);
        $classZ = $this->classIn(Strain::BendingZ);
        $this->classZ = $section instanceof ISection ? max($classZ, min($this->class, 3)) : $classZ;
        $this->modulus = match (true) {
            $this->class <= 2 => $section->Wply,
            $this->class === 3 || $this->local === null => $section->Wely,
            default => $this->local->modulus('y'),
        };
    }

    /** Class of the section, 1 to 4. */
    public function classIn(Strain $by): int
    {
        return $this->profile->class($by, $this->epsilon);
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
        return $this->classIn(Strain::Compression) > 3 ? $this->reduced()->area($d) : $this->section->A;
    }

    /** W_eff about an axis, mm³. */
    public function effectiveModulus(string $axis, ?Derivation $d = null): float
    {
        return $this->reduced()->modulus($axis, $d);
    }

    /** What the title of a weighing says where it is by another standard than its own; nothing where it is not. */
    public function foreign(): string
    {
        return $this->class > 3 ? $this->local?->foreign() ?? '' : '';
    }

    private function reduced(): LocalBuckling
    {
        return $this->local ?? new ReducedStress($this->profile, $this->epsilon);
    }
}
