<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\StripSection;

/**
 * Angles, and sections built of strips, that are pressed or pulled along their axis, with nothing that bends them or
 * with vertical forces that do.
 */
final readonly class Struts
{
    /** Forces below are none, N; moments below are rounding, as a part of the force times the length. */
    private const NOTHING = 1.0;

    private const ROUNDING = 1e-6;

    /** @param  list<Combination>  $strength */
    public function __construct(
        private LoadedBeam $beam,
        private ?Envelope $axial,
        private Envelope $moment,
        private array $strength,
    ) {
    }

    /**
     * Is the member one, with its section in place?
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     */
    public function has(array $stretches, float $weight): bool
    {
        return $this->strains($stretches, $weight) &&
            abs($this->moment->greatest($this->strength, $weight)->value ?? 0.0) <=
                self::ROUNDING * $this->greatest($weight) * $this->beam->member->length;
    }

    /**
     * Is it an angle, or built of strips, that a force strains along its axis, whatever bends it in its plane?
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     */
    public function strains(array $stretches, float $weight): bool
    {
        if (
            count($stretches) > 1 ||
            self::whole($stretches[0]->section) === null ||
            $this->axial === null ||
            $this->beam->sideways !== null ||
            $this->beam->twisting !== null
        ) {
            return false;
        }

        return $this->greatest($weight) >= self::NOTHING;
    }

    private function greatest(float $weight): float
    {
        return abs($this->axial?->greatest($this->strength, $weight)->value ?? 0.0);
    }

    /**
     * Why it is not weighed; empty: it is.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    public function refusal(array $stretches): string
    {
        $isAngle = $stretches[0]->section->upright()->needsEnds();
        $what = $isAngle ? 'An angle' : 'A section built of strips';
        $supports = $this->beam->beam->forks;
        $L = $this->beam->member->length;

        return match (true) {
            $this->beam->member->top->isContinuous()
                && $this->beam->member->bottom->isContinuous() => "{$what} in compression or tension is weighed where it is unrestrained between its supports; this one is continuously restrained.",
            $isAngle && SteelMake::of($this->beam->member)->strutEnds === null => 'Say what connects the ends of the angle: one of its legs, or both about its centroid (beside the section).',
            $supports === []
                || $supports[0] > 1.0 || $supports[count($supports) - 1] < $L - 1.0 => "{$what} in compression or tension is weighed between restrained ends. Put a support at either end.",
            default => '',
        };
    }

    /** @param  float  $weight  self-weight, N/mm */
    public function of(SectionStep $stretch, float $weight): Strut
    {
        $member = $this->beam->member;
        [$most, $least] = [
            $this->axial?->extreme($this->strength, 1, $weight),
            $this->axial?->extreme($this->strength, -1, $weight),
        ];
        $whole = self::whole($stretch->section);
        $ends = $whole?->needsEnds() ? SteelMake::of($member)->strutEnds : StrutEnds::Centroid;
        if ($whole === null || $ends === null || $most === null || $least === null) {
            throw new \LogicException('Only a strut is one.');
        }
        $places = $this->beam->beam->forks;
        $gap = 0.0;
        for ($i = 1, $n = count($places); $i < $n; $i++) {
            $gap = max($gap, $places[$i] - $places[$i - 1]);
        }
        $given = max($member->effective->y ?? 0.0, $member->effective->z ?? 0.0);
        $force = fn (float $N): float => $N >= self::NOTHING ? $N : 0.0;

        return new Strut(
            $whole,
            $stretch->grade,
            $force($most->value),
            $force(-$least->value),
            $member->apart * ($given > 0.0 ? $given : $gap),
            $ends,
            $this->beam->place(Effect::Axial, $most, $weight),
            $this->beam->place(Effect::Axial, $least, $weight),
        );
    }

    /** What is pressed does not bend. */
    private static function whole(Section $section): Angle|StripSection|null
    {
        $whole = $section->upright();

        return $whole instanceof Angle || $whole instanceof StripSection ? $whole : null;
    }
}
