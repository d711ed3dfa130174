<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Material\Make;
use Waage\Material\OtherMaterial;
use Waage\Material\Piece;
use Waage\Material\Rigidity;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Materials\Steel\Sections\Section;
use Waage\Member\Member;
use Waage\Units\UnitSystem;

/** The sections and grades of a steel member, and what only such a member is asked. */
final readonly class SteelMake implements Make
{
    /**
     * @param  list<SectionStep>  $steps  lengths with another section, from left to right
     * @param  list<string>  $families  of the shortlist
     */
    public function __construct(
        public Section $section,
        public SteelGrade $grade,
        public array $steps,
        public array $families,
        private Shape $shape,
        public Ductility $ductility = Ductility::None,
        public bool $stemUp = false,
        public ?StrutEnds $strutEnds = null,
        public ?WebStiffeners $webStiffeners = null,
    ) {
    }

    public static function of(Member $member): self
    {
        return self::from($member->make);
    }

    /** @throws OtherMaterial where it is not of steel */
    public static function from(Make $make): self
    {
        return $make instanceof self
            ? $make
            : throw new OtherMaterial('steel', $make);
    }

    public function material(): string
    {
        return 'steel';
    }

    public function withSection(Section $section): self
    {
        return new self(...['section' => $section] + get_object_vars($this));
    }

    public function name(): string
    {
        return $this->section->name;
    }

    public function title(): string
    {
        return $this->section->title($this->stemUp);
    }

    public function grade(): string
    {
        return $this->grade->value;
    }

    public function family(): string
    {
        return $this->section->family;
    }

    public function pieces(Situation $situation): array
    {
        return array_map(fn (SectionStep $s): Piece => $this->piece($s), $this->stretches());
    }

    public function main(Situation $situation): Piece
    {
        return $this->piece(new SectionStep(0.0, $this->shape->length, $this->section, $this->grade));
    }

    private function piece(SectionStep $s): Piece
    {
        [$E, $G] = [$s->grade->elasticity(), $s->grade->shearModulus()];

        return new Piece(
            $s->section->name,
            $s->from,
            $s->to,
            $s->section->h,
            $s->section->weight(),
            $s->grade->thermalExpansion(),
            new Rigidity(
                $E * $this->bent($s->section)->Iy,
                $E * $s->section->A,
                $G * $s->section->shearArea(),
                $E * $s->section->Iz,
                $G * $s->section->It,
            ),
            ! in_array($s, $this->steps, true),
        );
    }

    public function weight(): float
    {
        return $this->section->weight();
    }

    public function depth(): float
    {
        return $this->section->h;
    }

    public function width(): float
    {
        return $this->section->b;
    }

    public function surface(): float
    {
        return $this->section->surface();
    }

    public function faceAbove(int $side): float
    {
        return $this->section->faceAbove($side);
    }

    public function isOpen(): bool
    {
        return false;
    }

    public function isElastic(): bool
    {
        return true;
    }

    public function edge(): string
    {
        return 'flange';
    }

    public function describe(): array
    {
        return SectionDrawing::of($this);
    }

    public function caption(): string
    {
        return $this->section->caption();
    }

    public function blocks(UnitSystem $units): array
    {
        return (new MakeBlocks($this, $units))->toArray();
    }

    public function patch(): array
    {
        return ['section' => $this->section->name];
    }

    public function stronger(): array
    {
        $grades = SteelGrade::like($this->grade);
        $better = array_slice($grades, (int) array_search($this->grade, $grades, true) + 1);

        return array_map(fn (SteelGrade $g): array => ["Grade {$g->value}", ['grade' => $g->value]], $better);
    }

    /**
     * A section as vertical forces bend it here: askew where it is not symmetric and nothing restrains it all along.
     *
     * @param  (\Closure(): ?int)|null  $pressed  Section::askew()
     */
    public function bent(Section $section, ?\Closure $pressed = null): Section
    {
        return $this->shape->isRestrainedAllAlong() ? $section : $section->askew($pressed);
    }

    /**
     * The lengths of one section.
     *
     * @return non-empty-list<SectionStep> from end to end
     */
    public function stretches(): array
    {
        $length = $this->shape->length;
        $stretches = [];
        $x = 0.0;
        foreach ($this->steps as $step) {
            if ($step->from > $x) {
                $stretches[] = new SectionStep($x, $step->from, $this->section, $this->grade);
            }
            $stretches[] = $step;
            $x = $step->to;
        }
        if ($x < $length || $stretches === []) {
            $stretches[] = new SectionStep($x, $length, $this->section, $this->grade);
        }

        return $stretches;
    }
}
