<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Materials\SteelGrade;
use Waage\Member\Basis;
use Waage\Sections\ISection;
use Waage\Sections\Section;

/** A section in a steel grade with the national parameters: what every clause needs. Stresses in MPa. */
final readonly class SteelSection
{
    public float $fy;

    public float $epsilon;

    /** Class of the section in bending about y-y, 1 to 4. */
    public int $class;

    /** Class in bending about z-z; an I section is taken to have that of bending about y-y. */
    public int $classZ;

    public function __construct(public Section $section, public SteelGrade $grade, public Basis $basis)
    {
        $this->fy = $grade->yieldStrength($section->thickest());
        $this->epsilon = sqrt(235.0 / $this->fy);
        $this->class = Classification::of($this, Strain::BendingY);
        $this->classZ = $section instanceof ISection ? $this->class : Classification::of($this, Strain::BendingZ);
    }

    /** Section modulus that the class allows (6.2.5(2)), mm³. */
    public function modulus(): float
    {
        return $this->class <= 2 ? $this->section->Wply : $this->section->Wely;
    }

    public function modulusSymbol(): string
    {
        return $this->class <= 2 ? 'W_pl_y' : 'W_el_y';
    }
}
