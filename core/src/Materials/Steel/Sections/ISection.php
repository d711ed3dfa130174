<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Outline;

/**
 * A doubly symmetric I or H section, rolled with root fillets, with or without a plate on each flange, or welded of
 * plates: its properties from its dimensions; where the inner faces of its flanges slope, by its outline.
 */
final readonly class ISection extends Flanged
{
    /** Area without plates. */
    public float $rolled;

    /** Shear area parallel to the web before the lower bound of 6.2.6(3) (which needs η). */
    public float $AvRolled;

    /**
     * @param  float  $depth  of the rolled section, mm
     * @param  float  $slope  of the inner faces of the flanges, whose thickness is that in the middle of the outstand
     * @param  float  $toe  radius at their tips, mm
     * @param  float|null  $given  torsion constant as published; null: by closed formulas, mm⁴
     */
    public function __construct(
        string $name,
        string $family,
        float $depth,
        float $b,
        float $tw,
        float $tf,
        float $r,
        public ?Plates $plates = null,
        Finish $finish = Finish::Hot,
        public float $slope = 0.0,
        public float $toe = 0.0,
        private ?float $given = null,
    ) {
        [$bp, $tp] = $plates === null ? [0.0, 0.0] : [$plates->width, $plates->thickness];
        $h = $depth + 2 * $tp;
        $flange = $b * $tf + $bp * $tp;
        $hs = ($b * $tf * ($depth - $tf) + $bp * $tp * ($depth + $tp)) / $flange;
        $hw = $depth - 2 * $tf;

        // One fillet: a square of side r less a quarter circle. Its centroid lies e from the corner sides.
        $fillet = (1 - M_PI / 4) * $r * $r;
        $e = ($r * (10 - 3 * M_PI)) / (12 - 3 * M_PI);
        $filletOwn = $r ** 4 * (1 / 3 - M_PI / 16 - 1 / (9 * (4 - M_PI)));
        $fy = $hw / 2 - $e;
        $fz = $tw / 2 + $e;

        $o = $slope > 0.0 ? self::tapered($depth, $b, $tw, $tf, $r, $slope, $toe) : null;
        $this->rolled = $o->area ?? 2 * $b * $tf + $hw * $tw + 4 * $fillet;
        $this->AvRolled = $this->rolled - 2 * $b * $tf + ($tw + 2 * $r) * $tf;
        $Iy =
            ($o->Iy ?? ($b * $depth ** 3 - ($b - $tw) * $hw ** 3) / 12 + 4 * ($filletOwn + $fillet * $fy ** 2)) +
            2 * (($bp * $tp ** 3) / 12 + $bp * $tp * (($depth + $tp) / 2) ** 2);
        $Iz =
            ($o->Iz ?? (2 * $tf * $b ** 3 + $hw * $tw ** 3) / 12 + 4 * ($filletOwn + $fillet * $fz ** 2)) +
            (2 * $tp * $bp ** 3) / 12;
        // Torsion constant, of a rolled section with the junctions of web and flange, as the tables of each family
        // have it. Plates count for themselves, on the safe side.
        $D = (($r + $tw / 2) ** 2 + ($r + $tf) ** 2 - $r ** 2) / (2 * $r + $tf);
        parent::__construct(
            $name,
            $family,
            $h,
            $b,
            $hs,
            new Properties(
                A: $this->rolled + 2 * $bp * $tp,
                Iy: $Iy,
                Iz: $Iz,
                Wply: ($o?->plasticAboutY() ?? $b * $tf * ($depth - $tf) + ($tw * $hw ** 2) / 4 + 4 * $fillet * $fy) +
                    $bp * $tp * ($depth + $tp),
                Wplz: ($o?->plasticAboutZ() ?? ($b ** 2 * $tf) / 2 + ($hw * $tw ** 2) / 4 + 4 * $fillet * $fz) +
                    ($bp ** 2 * $tp) / 2,
                It: match (true) {
                    $finish === Finish::Welded => (2 * $b * $tf ** 3 + $hw * $tw ** 3) / 3,
                    default => $given ??
                        (2 / 3) * ($b - 0.63 * $tf) * $tf ** 3 +
                            ($hw * $tw ** 3) / 3 +
                            2 * self::junction($family, $tw / $tf, $r / $tf) * $D ** 4,
                } +
                    (2 / 3) * $bp * $tp ** 3,
                Iw: ((($tf * $b ** 3 + $tp * $bp ** 3) / 12) * $hs ** 2) / 2,
                Wely: (2 * $Iy) / $h,
                Welz: (2 * $Iz) / $b,
            ),
            new FlangedSizes(
                tw: $tw,
                tf: $tf,
                r: $r,
                hw: $hw,
                d: $hw - 2 * $r - ($slope * ($b - $tw)) / 2,
                c: ($b - $tw - 2 * $r) / 2,
            ),
            $finish,
        );
    }

    /**
     * What a junction of web and flange adds to the torsion constant, over the fourth power of its inscribed circle: in
     * British and American tables after K. A. El Darwish and B. G. Johnston (J. Struct. Div. ASCE, 1965), in
     * European ones the simpler one.
     *
     * @param  float  $t  thickness of the web over that of the flange
     * @param  float  $r  radius of the fillet over the thickness of the flange
     */
    private static function junction(string $family, float $t, float $r): float
    {
        return in_array($family, ['UB', 'UC', 'W'], true)
            ? -0.042 + 0.2204 * $t + 0.1355 * $r - 0.0865 * $t * $r - 0.0725 * $t ** 2
            : $t * (0.145 + 0.1 * $r);
    }

    private static function tapered(
        float $h,
        float $b,
        float $tw,
        float $tf,
        float $r,
        float $slope,
        float $toe,
    ): Outline {
        [$tip, $root] = [$tf - ($slope * ($b - $tw)) / 4, $tf + ($slope * ($b - $tw)) / 4];
        $half = [
            [-$tw / 2, $root, $r],
            [-$b / 2, $tip, $toe],
            [-$b / 2, 0.0, 0.0],
            [$b / 2, 0.0, 0.0],
            [$b / 2, $tip, $toe],
            [$tw / 2, $root, $r],
        ];

        return Outline::of([
            ...$half,
            ...array_map(fn (array $corner): array => [-$corner[0], $h - $corner[1], $corner[2]], $half),
        ]);
    }

    /** The same section with a plate on each flange. */
    public function with(Plates $plates, string $name): self
    {
        return new self(
            $name,
            $this->family,
            $this->h,
            $this->b,
            $this->tw,
            $this->tf,
            $this->r,
            $plates,
            $this->finish,
            $this->slope,
            $this->toe,
            $this->given,
        );
    }

    /**
     * Area that shears under a force along the web, mm²: the web between the middles of the flanges (common practice,
     * on the safe side for deflection).
     */
    public function shearArea(): float
    {
        return ($this->hw + $this->tf) * $this->tw;
    }

    public function warpingModulus(): float
    {
        return (4 * $this->Iw) / max($this->b * $this->hs, ($this->plates->width ?? 0.0) * $this->h);
    }

    /** Surface per length, mm: all round, for coating. */
    public function surface(): float
    {
        return 4 * $this->b - 2 * $this->tw + 2 * $this->h - 2 * (4 - M_PI) * $this->r;
    }

    /** Thickest element, mm: decides the strength. */
    public function thickest(): float
    {
        return max($this->tf, $this->tw, $this->plates->thickness ?? 0.0);
    }

    public function drawing(bool $isStemUp): array
    {
        return [
            'shape' => 'I',
            'tw' => $this->tw,
            'tf' => $this->tf,
            'r' => $this->r,
            ...$this->slope > 0.0 ? ['toe' => $this->toe, 'slope' => $this->slope] : [],
        ];
    }
}
