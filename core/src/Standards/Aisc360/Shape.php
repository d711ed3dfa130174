<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Materials\SteelGrade;
use Waage\Member\SectionStep;
use Waage\Sections\Finish;
use Waage\Sections\ISection;

/** A doubly symmetric I shape in a grade, with what chapters B and F need of it. Stresses in MPa, lengths in mm. */
final readonly class Shape
{
    public float $Fy;

    public float $E;

    public float $rootEF;

    /** h: clear depth between flanges less the fillets of a rolled shape. */
    public float $h;

    /** Distance from the outer face of the flange to the toe of the fillet; of a welded shape to the web without the weld, on the safe side. */
    public float $k;

    /** Width over thickness of half a flange, b_f/2t_f. */
    public float $flange;

    public float $web;

    public bool $isRolled;

    private function __construct(public ISection $section, public SteelGrade $grade)
    {
        $this->isRolled = $section->finish !== Finish::Welded;
        $this->Fy = $grade->yieldStrength($section->thickest());
        $this->E = $grade->elasticity();
        $this->rootEF = sqrt($this->E / $this->Fy);
        $this->h = $section->d;
        $this->k = $section->tf + $section->r;
        $this->flange = $section->b / (2 * $section->tf);
        $this->web = $this->h / $section->tw;
    }

    /** Null: not a shape that is covered. */
    public static function of(SectionStep $stretch): ?self
    {
        return $stretch->section instanceof ISection && $stretch->section->plates === null ? new self($stretch->section, $stretch->grade) : null;
    }

    /** r_y, mm. */
    public function ry(): float
    {
        return $this->section->iz;
    }

    /** k_c of welded shapes (Table B4.1b, note a). */
    public function kc(): float
    {
        return min(0.76, max(0.35, 4 / sqrt($this->web)));
    }

    /** λ_pf: up to it the flange is compact (Table B4.1b, cases 10 and 11). */
    public function compactFlange(): float
    {
        return 0.38 * $this->rootEF;
    }

    /** λ_rf: above it the flange is slender; F_L = 0.7 F_y. */
    public function slenderFlange(): float
    {
        return $this->isRolled ? $this->rootEF : 0.95 * sqrt($this->kc() * $this->E / (0.7 * $this->Fy));
    }

    /** λ_pw: up to it the web is compact (case 15). */
    public function compactWeb(): float
    {
        return 3.76 * $this->rootEF;
    }

    public function hasCompactWeb(): bool
    {
        return $this->web <= $this->compactWeb();
    }

    /** What the shape is in bending: compact, or what its flange is. */
    public function compactness(): string
    {
        return match (true) {
            ! $this->hasCompactWeb() => 'web not compact',
            $this->flange <= $this->compactFlange() => 'compact',
            $this->flange <= $this->slenderFlange() => 'flange noncompact',
            default => 'flange slender',
        };
    }
}
