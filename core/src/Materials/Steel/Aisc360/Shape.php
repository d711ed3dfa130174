<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\ISection;

/**
 * A doubly symmetric I shape, with cover plates or without, or a channel in a grade, with what chapters B and F need
 * of it. Cover plates count in bending and compression, not for the web nor for local buckling of the flange, on the
 * safe side. Channels of the catalogue are compact in bending in every grade, as F2 takes them to be. Stresses in
 * MPa, lengths in mm.
 */
final readonly class Shape extends OpenProfile
{
    /**
     * Greatest width of a cover plate between its welds over its thickness, times √(E/F_y), that is compact (Table
     * B4.1b, 18).
     */
    private const COVER = 1.12;

    public function refusal(): string
    {
        $plates = $this->section instanceof ISection ? $this->section->plates : null;

        return match (true) {
            $this->isChannel && $this->compactness() !== 'compact' => 'Channels are weighed where web and flanges are compact (F2). Take thicker plates.',
            $plates === null => '',
            $plates->width > self::COVER * $this->rootEF * $plates->thickness => 'A cover plate is wider between its welds than 1.12 √(E/F_y) times its thickness (Table B4.1b): it would buckle between them. Take a thicker one.',
            ! $this->hasCompactWeb() => 'Cover plates on a shape whose web is not compact are not covered. Take a thicker web.',
            default => '',
        };
    }

    public function weighCompactness(string $standard, Detail $detail): Weighing
    {
        return Compactness::weigh($this, $standard, $detail);
    }

    public function moment(?Derivation $d = null): float
    {
        return Flexure::local($this, $d);
    }

    public function bendingClause(): string
    {
        return $this->compactness() === 'compact' ? 'F2.1' : 'F3';
    }

    public function weakMoment(?Derivation $d = null): float
    {
        return WeakAxis::moment($this, $this->flange, WeakAxis::plastic($this, $d), $d);
    }

    public function shear(Method $method, ?Derivation $d = null): float
    {
        return Shear::available($this, $method, $d);
    }

    public function weakShear(Method $method, ?Derivation $d = null): float
    {
        return WeakAxis::shear($this, $this->flange, $this->flanges(), $method, $d);
    }

    /** @return array{string, string} */
    public function shearClauses(): array
    {
        return ['G2.1', 'G6'];
    }

    public function effectiveArea(float $Fcr, ?Derivation $d = null): float
    {
        $s = $this->section;

        return SlenderElements::area(
            $this,
            $Fcr,
            [
                new SlenderElements(
                    'f',
                    ['b', $this->flange * $s->tf],
                    ['t_f', $s->tf],
                    $this->isChannel ? 2 : 4,
                    ($this->isRolled ? 0.56 : 0.64 * sqrt($this->kc())) * $this->rootEF,
                    [0.22, 1.49],
                    $this->isRolled ? 'Table B4.1a, 1' : 'Table B4.1a, 2',
                    $this->isChannel ? 'flange' : 'half of the flange',
                ),
                new SlenderElements(
                    'w',
                    ['h', $this->h],
                    ['t_w', $s->tw],
                    1,
                    1.49 * $this->rootEF,
                    [0.18, 1.31],
                    'Table B4.1a, 5',
                    'web',
                ),
            ],
            $d,
        );
    }

    public function lateral(): LateralStrength
    {
        return new OpenLateralStrength($this);
    }

    public function isClosed(): bool
    {
        return false;
    }
}
