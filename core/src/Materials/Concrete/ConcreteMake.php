<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Make;
use Waage\Material\OtherMaterial;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\RectangularMake;
use Waage\Material\Reinforced;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Material\SlabStrip;
use Waage\Member\Support;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/**
 * A section of reinforced concrete, h deep and its web b wide, as the engineer wishes it; with its bars and links
 * once these are chosen. N, mm, MPa.
 */
final readonly class ConcreteMake extends RectangularMake implements Reinforced, SlabStrip
{
    /** EN 1992-1-1, 3.1.3(5), 1/K */
    private const EXPANSION = 10e-6;

    /** So many bars more are tried at most. */
    private const MORE_BARS = 4;

    public function __construct(
        float $b,
        float $h,
        public Grade $grade,
        public float $fyk,
        public float $cover,
        public Links $links,
        public Wishes $wishes,
        public Service $service,
        private Shape $shape,
        public Form $form = Form::Beam,
        public ?EffectiveWidth $widths = null,
        public Reductions $reductions = new Reductions,
        public ?Reinforcement $steel = null,
        public float $aggregate = 20.0,
        public ?Tie $tie = null,
        public bool $bottomLaps = false,
    ) {
        parent::__construct($b, $h);
    }

    public static function from(Make $make): self
    {
        return $make instanceof self
            ? $make
            : throw new OtherMaterial('concrete', $make);
    }

    public function material(): string
    {
        return 'concrete';
    }

    /** The same of another size, its bars open again. */
    public function withSize(float $b, float $h): static
    {
        $links = $this->wishes->legs === null ? $this->links->enough($b, $h, $this->cover) : $this->links;

        return new self(...['b' => $b, 'h' => $h, 'links' => $links, 'steel' => null] + get_object_vars($this));
    }

    public function withSteel(Reinforcement $steel): self
    {
        return new self(...['steel' => $steel] + get_object_vars($this));
    }

    /** @return list<array{title: string, from: float, to: float, bars: list<list<float>>, text: string}> as Cut */
    private function cuts(Reinforcement $steel): array
    {
        return (new Cut($this->length(), $this->b, $this->h, $this->cage()->toBars(), $steel))->all();
    }

    public function steel(): Reinforcement
    {
        return $this->steel ?? throw new \LogicException('Bars are chosen first.');
    }

    /** Of elasticity of the concrete at once, MPa. */
    public function modulus(): float
    {
        return $this->grade->modulus($this->code());
    }

    public function code(): Code
    {
        return Code::of($this->shape->basis);
    }

    /** As moments of a sign see it at a place. */
    public function tee(int $sign, float $x): Tee
    {
        if ($this->widths === null) {
            return Tee::rectangle($this->b, $this->h);
        }
        $width = $this->widths->at($x, $this->b, $sign);
        $thickness = $this->widths->flange->thickness;

        return $this->compressesFlange($sign)
            ? new Tee($this->h, $width, $this->b, $thickness, $this->b)
            : new Tee($this->h, $this->b, $this->b, 0.0, $width, $thickness);
    }

    public function compressesFlange(int $sign): bool
    {
        return $this->widths !== null && $sign > 0 !== $this->widths->flange->isBelow();
    }

    private function flange(): ?Flange
    {
        return $this->widths?->flange;
    }

    /** Of the whole section, mm². */
    public function area(): float
    {
        $flange = $this->flange();
        $beside = $flange === null ? 0.0 : ($flange->width - $this->b) * $flange->thickness;

        return $this->b * $this->h + $beside;
    }

    public function width(): float
    {
        return $this->flange()->width ?? $this->b;
    }

    public function surface(): float
    {
        return 2 * ($this->width() + $this->h);
    }

    public function name(): string
    {
        $flange = $this->flange();

        $name = $this->size($this->b).'×'.$this->size($this->h);
        $beside =
            $flange === null
                ? ''
                : ", {$flange->profile->value} ".
                    $this->size($flange->width).
                    '×'.
                    $this->size($flange->thickness);

        return $name.$beside.($this->units() === UnitSystem::Metric ? '' : ' in');
    }

    private function size(float $mm): string
    {
        return $this->units() === UnitSystem::Metric ? Rectangle::size($mm) : Rectangle::inches($mm);
    }

    public function family(): string
    {
        return $this->size($this->b).($this->units() === UnitSystem::Metric ? ' mm' : ' in');
    }

    public function cage(): Cage
    {
        return new Cage($this->b, $this->cover, $this->links->diameter, $this->code(), $this->aggregate);
    }

    public function group(Bars $bars): BarGroup
    {
        return BarGroup::of($bars, $this->cage());
    }

    /** Of both faces the bars that leave less depth: the face in tension changes along a beam. */
    public function shallower(float $x): BarGroup
    {
        [$bottom, $top] = [$this->steel()->at(1, $x)->group, $this->steel()->at(-1, $x)->group];

        return $bottom->centroid() >= $top->centroid() ? $bottom : $top;
    }

    public function isSlab(): bool
    {
        return $this->form === Form::Slab;
    }

    public function strip(): ?float
    {
        return $this->isSlab() ? $this->b : null;
    }

    /** Bars of a slab across its span. */
    public function distribution(): Bars
    {
        return Distribution::of($this);
    }

    /** Are bars chosen by American numbers: ACI 318 with inches and pounds? */
    public function hasAmericanBars(): bool
    {
        return $this->code() === Code::Aci318 && $this->units() === UnitSystem::UsCustomary;
    }

    public function units(): UnitSystem
    {
        return $this->shape->basis->units;
    }

    /** Do all bars that the engineer names fit, in layers that leave a lever arm? */
    public function fits(Bars $bars): bool
    {
        $group = $this->group($bars);

        return ($this->isSlab() ? $group->clear >= $group->gap : $group->fits()) &&
            $group->inset(count($group->layers) - 1) < $this->h / ($this->isSlab() ? 2 : 3);
    }

    /** The top edge, all along. */
    public function isHeldSideways(): bool
    {
        return $this->shape->top->isContinuous();
    }

    /** The longest length between places where the top edge is held: supports, and restraints. */
    public function betweenRestraints(): float
    {
        $supports = array_map(fn (Support $s): float => $s->x, $this->shape->supports);
        $places = [0.0, $this->shape->length, ...$supports, ...$this->shape->top->positions];
        sort($places);
        $longest = 0.0;
        foreach (array_slice($places, 1) as $i => $x) {
            $longest = max($longest, $x - $places[$i]);
        }

        return $longest;
    }

    /** Of the member, mm. */
    public function length(): float
    {
        return $this->shape->length;
    }

    /** A parameter of the basis, by its key. */
    public function parameter(string $key): float
    {
        return $this->shape->basis->parameters['concrete'][$key];
    }

    public function grade(): string
    {
        return $this->grade->name;
    }

    /** Of the section without cracks and bars, at once. */
    public function main(Situation $situation): Piece
    {
        $E = $this->reductions->stiffness * $this->modulus();
        $rigidity = $this->solid()->rigidity($E, $E / 2.4);

        return new Piece(
            $this->name(),
            0.0,
            $this->shape->length,
            $this->h,
            $this->weight(),
            self::EXPANSION,
            $rigidity,
        );
    }

    public function steelByLength(): ?float
    {
        $masses = array_map(fn (ListedBar $b): float => $b->mass(), $this->steel->list ?? []);

        return $masses === [] ? null : array_sum($masses) / $this->length();
    }

    public function steelByVolume(): ?float
    {
        $byLength = $this->steelByLength();

        return $byLength === null ? null : $byLength / $this->area();
    }

    public function barsInWords(): string
    {
        $said = [];
        foreach ($this->steel === null ? [] : $this->barsByPlace($this->steel) as $place => $bars) {
            $name = str_replace(['spans.', 'supports.'], ['span ', 'support '], $place);
            $said[] = ($place === 'top' ? 'top, through' : $name)." {$bars}";
        }
        $links = $this->steel === null || $this->isSlab()
            ? ''
            : '; '.$this->links->text($this->steel->links, $this->units());
        $around = $this->steel?->around === null ? '' : "; for torsion {$this->steel->around->text()} around the links";

        return 'Bars: '.implode(', ', $said)."{$links}{$around}.";
    }

    /** EI of the gross section, at once, Nmm². */
    public function rigidity(): float
    {
        return $this->main(new Situation)->rigidity->EI / $this->reductions->stiffness;
    }

    public function isElastic(): bool
    {
        return false;
    }

    /** With the least effective width all along (EN 1992-1-1, 5.3.2.1(4)). */
    private function solid(): Rectangle|FlangedSection
    {
        return $this->widths === null
            ? $this->rectangle()
            : new FlangedSection($this->b, $this->h, $this->widths->flange, $this->widths->least($this->b));
    }

    public function weight(): float
    {
        $flange = $this->flange();
        $area = $flange === null || $flange->weighs ? $this->area() : $this->b * ($this->h - $flange->thickness);

        return $this->code()->weight() * $area;
    }

    public function describe(): array
    {
        return [
            ...$this->solid()->describe(),
            'name' => $this->name(),
            'family' => 'reinforced concrete',
            'weight' => $this->weight(),
            'grade' => $this->grade->name,
            'fy' => $this->fyk,
            ...$this->isSlab() ? [] : ['link' => [$this->cover, $this->links->diameter]],
            ...$this->steel === null
                ? []
                : [
                    'cuts' => $this->cuts($this->steel),
                    'bars' => $this->barsByPlace($this->steel),
                    'list' => array_map(fn (ListedBar $b): array => $b->toArray($this->units()), $this->steel->list),
                    'links' => array_map(
                        fn (LinkZone $z): array => [$z->from, $z->to, $z->spacing],
                        $this->steel->links,
                    ),
                ],
        ];
    }

    /** @return array<string, string> by field of the block: "spans.1", "supports.2", "top" */
    private function barsByPlace(Reinforcement $steel): array
    {
        $bars = [];
        foreach ($steel->bottom as $stretch) {
            $bars['spans.'.($stretch->id === '' ? '1' : $stretch->id)] = $stretch->group->text();
        }
        foreach ($steel->top as $stretch) {
            $bars[$stretch->id === 'through' ? 'top' : "supports.{$stretch->id}"] = $stretch->group->text();
        }

        return $bars;
    }

    public function stronger(): array
    {
        $classes = array_map(
            fn (string $name): array => ["Strength class {$name}", ['concrete' => ['grade' => $name]]],
            $this->grade->stronger($this->code()),
        );

        return [...$this->moreBars(), ...$this->closerLinks(), ...$this->deeper(), ...$classes];
    }

    /**
     * @return list<array{string, array<string, mixed>}> a step closer, where the engineer says how far apart they are
     */
    private function closerLinks(): array
    {
        $said = $this->wishes->linkSpacing;
        $step = $this->units() === UnitSystem::Metric ? 25.0 : 25.4;
        $closer = [];
        for ($n = 1; $said !== null && $n <= self::MORE_BARS && $said - $n * $step >= 3 * $step; $n++) {
            $text = $this->text($said - $n * $step);
            $closer[] = ["Links at {$text}", ['concrete' => ['linkSpacing' => $text]]];
        }

        return $closer;
    }

    /** @return list<array{string, array<string, mixed>}> steps of 50 mm, of a slab 10 mm; of 2 in or ½ in */
    private function deeper(): array
    {
        $step =
            $this->units() === UnitSystem::Metric ? ($this->isSlab() ? 10.0 : 50.0) : ($this->isSlab() ? 12.7 : 50.8);
        $deeper = [];
        for ($n = 1; $n <= self::MORE_BARS; $n++) {
            $text = $this->text($this->h + $n * $step);
            $deeper[] = [($this->isSlab() ? 'Thickness ' : 'Depth ').$text, ['concrete' => ['depth' => $text]]];
        }

        return $deeper;
    }

    private function text(float $mm): string
    {
        return $this->size($mm).($this->units() === UnitSystem::Metric ? ' mm' : ' in');
    }

    /**
     * @return list<array{string, array<string, mixed>}> more of the bars that the engineer names, at the top, the
     *     bottom or both
     */
    private function moreBars(): array
    {
        $said = array_filter(['top' => $this->wishes->top, 'bottom' => $this->wishes->bottom]);
        $more = [];
        if ($this->isSlab()) {
            return [];
        }
        for ($n = 1; $n <= self::MORE_BARS; $n++) {
            foreach ([['top'], ['bottom'], ['top', 'bottom']] as $sides) {
                $bars = array_map(fn (Bars $b): Bars => $b->with($n), array_intersect_key($said, array_flip($sides)));
                if (
                    count($bars) === count($sides) &&
                    array_filter($bars, fn (Bars $b): bool => ! $this->fits($b)) === []
                ) {
                    $texts = array_map(fn (Bars $b): string => $b->text(), $bars);
                    $names = array_map(
                        fn (string $side, string $b): string => "{$b} at the {$side}",
                        array_keys($texts),
                        $texts,
                    );
                    $more[] = [implode(', ', $names), ['concrete' => $texts]];
                }
            }
        }

        return $more;
    }

    public function blocks(UnitSystem $units): array
    {
        return $this->steel === null ? [] : BarTable::of($this, $this->steel, $units);
    }

    /** @return list<string> what is not weighed because nothing is said of it */
    public function unsaid(): array
    {
        return [
            ...$this->service->around->exposure === null
                ? ['Not weighed: cover for bond and durability, as no exposure is given.']
                : [],
            ...$this->service->around->fire === null && $this->code() !== Code::Aci318
                ? ['Not weighed: fire, as none is given.']
                : [],
            ...$this->tie === null
                ? [$this->code() === Code::Aci318
                    ? 'Not weighed: structural integrity bars, as it is not said where the member lies.'
                    : 'Not weighed: ties for robustness, as none is asked for.']
                : [],
        ];
    }

    /** @return list<string> where forces are taken, for the assumptions of a sheet */
    public function told(): array
    {
        $by = [];
        foreach (array_filter($this->reductions->redistribution) as $number => $percent) {
            $by[] = "support {$number} by {$percent} %";
        }
        $least = $this->code() === Code::En1992 ? ', not below 0.65 of the fixed-end moment (5.3.2.2(3))' : '';

        return [
            ...$this->reductions->stiffness < 1.0
                ? ["Forces and the deflections drawn with {$this->reductions->stiffness} of the gross stiffness, for cracking."]
                : [],
            $by === []
                ? 'Moments are not redistributed.'
                : 'Moments over supports are less in every arrangement, the rest by equilibrium: '.
                    implode(', ', $by).
                    '. Diagrams of forces and reactions show them as they were before; top bars are as long as before.',
            $this->reductions->momentsAtFace
                ? "Moments over supports at their faces: bearing cast in one with the beam{$least}."
                : 'Moments where they are greatest, at the axis of the support.',
            $this->reductions->shearAtD
                ? 'Shear at d from the face of supports that bear from below; at the face where a point load acts within d; crushing at the face.'
                : 'Shear where it is greatest, at the axis of the support.',
        ];
    }

    public function caption(): string
    {
        $isSlab = $this->isSlab();
        $units = $this->units();
        $links =
            $this->steel === null || $isSlab
                ? ''
                : ' '.ucfirst($this->links->text($this->steel->links, $units)).';';
        $yields =
            ($this->code() === Code::En1992 ? 'f_yk' : 'f_y').' = '.$units->format($this->fyk, Kind::Stress);
        $cracks = $this->code() === Code::En1992 ? "; cracks up to {$this->service->crack->value} mm" : '';

        return ".{$links} cover ".
            $units->format($this->cover, Kind::Size).
            ($isSlab ? '' : ' to the links').
            "; {$yields}{$cracks}.";
    }
}
