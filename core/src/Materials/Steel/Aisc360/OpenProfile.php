<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\SteelGrade;

/** Sizes of a web between two flanges alike, and how slender they are (Table B4.1b). Stresses in MPa, lengths in mm. */
abstract readonly class OpenProfile extends Profile
{
    /** d, without cover plates. */
    public float $depth;

    /** h: clear depth between flanges less the fillets of a rolled shape. */
    public float $h;

    /**
     * Distance from the outer face of the flange to the toe of the fillet; of a welded shape to the web without the
     * weld, on the safe side.
     */
    public float $k;

    /** Width over thickness of half a flange, b_f/2t_f; of a channel of all of it. */
    public float $flange;

    public float $web;

    public bool $isRolled;

    public bool $isChannel;

    public function __construct(public Flanged $section, SteelGrade $grade)
    {
        parent::__construct($section, $grade, $grade->yieldStrength($section->thickest()));
        $this->isRolled = $section->finish !== Finish::Welded;
        $this->h = $section->d;
        $this->depth = $section->h - 2 * ($section instanceof ISection ? $section->plates->thickness ?? 0.0 : 0.0);
        $this->k = ($this->depth - $section->d) / 2;
        $this->isChannel = $section instanceof Channel;
        $this->flange = $section->b / ($this->isChannel ? 1 : 2) / $section->tf;
        $this->web = $this->h / $section->tw;
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
        return $this->isRolled ? $this->rootEF : 0.95 * sqrt(($this->kc() * $this->E) / (0.7 * $this->Fy));
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

    /** What shears along the width. */
    public function flanges(): Area
    {
        return new Area(2 * $this->section->b * $this->section->tf, '2 b_f t_f: both flanges');
    }
}
