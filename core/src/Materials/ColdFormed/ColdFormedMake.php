<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Material\Make;
use Waage\Material\OtherMaterial;
use Waage\Material\Piece;
use Waage\Material\Rectangle;
use Waage\Material\Rigidity;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Materials\ColdFormed\Aisi2016\DistortionalFormula;
use Waage\Materials\ColdFormed\Aisi2016\LocalFormula;
use Waage\ThinWalled\MidlineProperties;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** A C or a Z bent from sheet, all along; yield strength in MPa. */
final readonly class ColdFormedMake implements Make
{
    /** Of steel, N/mm³. */
    private const WEIGHT = 7850 * 9.80665e-9;

    private const EXPANSION = 12e-6;

    /**
     * @param  bool  $isFastened  to its supports, for bearing
     * @param  bool  $isPressed  an axial force acts: its buckling in compression is shown as well
     */
    public function __construct(
        public Sizes $sizes,
        public float $Fy,
        public bool $isFastened,
        private Shape $shape,
        private bool $isPressed = false,
        private Sheeting $sheeting = new Sheeting(),
        public ?Holes $holes = null,
        public Options $options = new Options,
    ) {
    }

    /** Of the section at a hole; null: it has none. */
    public function net(): ?MidlineProperties
    {
        return $this->holes === null ? null : $this->profile()->net($this->holes);
    }

    public function pressed(): self
    {
        return new self(...['isPressed' => true] + get_object_vars($this));
    }

    /** One, or two back to back that share what acts. */
    public function count(): int
    {
        return $this->sizes->shape->count();
    }

    /** Its buckling in bending of a sense: sheeting helps the flange that it lies on. */
    public function inBending(int $sign): Buckling
    {
        $edge = $sign > 0 ? $this->shape->top : $this->shape->bottom;
        $springs = $edge->isContinuous() ? $this->sheeting : new Sheeting(apart: $this->sheeting->apart);

        return $this->asAsked($this->profile()->inBending($springs, $this->holes), true);
    }

    /** @throws OtherMaterial where it is not cold-formed */
    public static function from(Make $make): self
    {
        return $make instanceof self
            ? $make
            : throw new OtherMaterial('cold-formed steel', $make);
    }

    public function profile(): Profile
    {
        return Profile::of($this->sizes, $this->standard()->elasticity());
    }

    public function standard(): Standard
    {
        return Standard::of($this->shape->basis);
    }

    /** A parameter of the basis, by its key. */
    public function parameter(string $key): float
    {
        return $this->shape->basis->parameters['coldFormed'][$key];
    }

    /** E I_g about the horizontal axis, Nmm². */
    public function stiffness(): float
    {
        return $this->count() * $this->standard()->elasticity() * $this->profile()->of->Ix;
    }

    /**
     * Where moments of a sense compress a free flange while the other one is fastened to sheeting, if that is asked
     * for.
     */
    public function uplift(int $sign): ?Uplift
    {
        [$compressed, $other] =
            $sign > 0 ? [$this->shape->top, $this->shape->bottom] : [$this->shape->bottom, $this->shape->top];
        if ($this->options->uplift === null || $compressed->isContinuous() || ! $other->isContinuous()) {
            return null;
        }

        return $this->options->uplift === 'table'
            ? Uplift::byTable($this->sizes, count($this->shape->supports) > 2)
            : Uplift::typed((float) $this->options->uplift);
    }

    /** By closed formulas where the engineer chooses them; the curve stays that of finite strips. */
    private function asAsked(Buckling $buckling, bool $bends): Buckling
    {
        if (! $this->options->byFormulas || abs($this->sizes->lean - M_PI_2) > 1e-6) {
            return $buckling;
        }
        $distortional = $buckling->distortional;
        if ($distortional !== null) {
            $worked = DistortionalFormula::worked($this, $bends);
            $distortional = [$worked->value('L'), $worked->value('F_crd')];
        }

        return $buckling->byFormulas(LocalFormula::stress($this, $bends), $distortional);
    }

    public function inCompression(): Buckling
    {
        return $this->asAsked($this->profile()->inCompression($this->holes), false);
    }

    public function withSizes(Sizes $sizes): self
    {
        return new self(...['sizes' => $sizes] + get_object_vars($this));
    }

    public function units(): UnitSystem
    {
        return $this->shape->basis->units;
    }

    public function material(): string
    {
        return 'coldFormed';
    }

    public function name(): string
    {
        $s = $this->sizes;
        $write = fn (float $mm): string => $this->units() === UnitSystem::Metric
            ? rtrim(rtrim(number_format($mm, 2, '.', ''), '0'), '.')
            : rtrim(rtrim(number_format($mm / 25.4, 3, '.', ''), '0'), '.');
        $parts = [$s->h, $s->b, ...$s->shape->hasLips() ? [$s->c] : [], $s->t];

        return ($s->shape->count() === 2 ? '2 ' : '').
            ($s->shape->isZ() ? 'Z' : 'C').
            ' '.
            implode('×', array_map($write, $parts));
    }

    public function title(): string
    {
        return $this->name();
    }

    public function grade(): string
    {
        return $this->units()->format($this->Fy, Kind::Stress);
    }

    public function family(): string
    {
        return $this->sizes->shape->value;
    }

    public function pieces(Situation $situation): array
    {
        return [$this->main($situation)];
    }

    public function main(Situation $situation): Piece
    {
        $of = $this->profile()->of;
        [$E, $G] = array_map(fn (float $modulus): float => $this->count() * $modulus, [
            $this->standard()->elasticity(),
            $this->standard()->shearModulus(),
        ]);
        $rigidity = new Rigidity(
            $E * $of->Ix,
            $E * $of->A,
            $G * $this->sizes->web() * $this->sizes->t,
            $E * $of->Iz,
            $G * $of->J,
        );

        return new Piece(
            $this->name(),
            0.0,
            $this->shape->length,
            $this->sizes->h,
            $this->weight(),
            self::EXPANSION,
            $rigidity,
        );
    }

    public function weight(): float
    {
        return $this->count() * self::WEIGHT * $this->profile()->of->A;
    }

    public function isOpen(): bool
    {
        return false;
    }

    /** Its deflections have the part of the stiffness that local buckling leaves. */
    public function isElastic(): bool
    {
        return true;
    }

    public function depth(): float
    {
        return $this->sizes->h;
    }

    public function width(): float
    {
        return $this->count() * array_sum($this->profile()->of->sides());
    }

    public function surface(): float
    {
        return ($this->count() * 2 * $this->profile()->of->A) / $this->sizes->t;
    }

    public function faceAbove(int $side): float
    {
        return ($side * $this->sizes->h) / 2;
    }

    public function edge(): string
    {
        return 'flange';
    }

    public function describe(): array
    {
        $of = $this->profile()->of;
        $n = $this->count();
        [$left, $right] = $of->sides();
        // Two back to back: each about the plane between their webs.
        $Iz = $n === 1 ? $of->Iz : 2 * ($of->Iz + $of->A * $left ** 2);

        return [
            ...(new Rectangle($this->width(), $this->sizes->h))->describe(),
            'name' => $this->name(),
            'shape' => 'strips',
            'family' => $this->family(),
            'tw' => $this->sizes->t,
            'tf' => $this->sizes->t,
            'r' => $this->sizes->r,
            'A' => $n * $of->A,
            'Iy' => $n * $of->Ix,
            'Iz' => $Iz,
            'Iyz' => $n === 1 ? $of->Ixz : 0.0,
            'Wely' => ($n * $of->Ix) / $of->outermost(),
            'Welz' => $Iz / ($n === 1 ? max($left, $right) : $left + $right),
            'Wply' => $n * $of->plastic(1),
            'Wplz' => $n === 1 ? $of->plastic(0) : 2 * $of->A * $left,
            'Iu' => $n === 1 ? $of->principal()[0] : max($Iz, $n * $of->Ix),
            'Iv' => $n === 1 ? $of->principal()[1] : min($Iz, $n * $of->Ix),
            'It' => $n * $of->J,
            'Iw' => $n * $of->Cw,
            'ys' => $n === 1 ? $left : $left + $right,
            'zs' => $this->sizes->h / 2,
            'ym' => $n === 1 ? $of->shearCentre[0] : 0.0,
            'zm' => $n === 1 ? $of->shearCentre[1] : 0.0,
            'lean' => $n === 1 ? atan2(-2 * $of->Ixz, $of->Ix - $of->Iz) / 2 : 0.0,
            'strips' => $this->strips(),
            'buckling' => [
                $this->inBending(1)->toArray('bending', $of->points),
                ...$this->isPressed ? [$this->inCompression()->toArray('compression', $of->points)] : [],
            ],
            'weight' => $this->weight(),
            'grade' => $this->grade(),
            'fy' => $this->Fy,
        ];
    }

    /** @return list<list<array{float, float}>> corners of the pieces of the section, from its upper left corner */
    private function strips(): array
    {
        $points = $this->profile()->of->points;
        $t = $this->sizes->t / 2;
        [$left, $top] = [$t - $this->profile()->of->sides()[0], $this->profile()->of->outermost() - $t];
        // Of two back to back the second one is the first in a mirror.
        $beside = $this->count() === 1 ? 0.0 : $this->width() / 2;
        $strips = [];
        for ($i = 1; $i < count($points); $i++) {
            [[$x, $z], [$x2, $z2]] = [$points[$i - 1], $points[$i]];
            $l = hypot($x2 - $x, $z2 - $z);
            [$nx, $nz] = [(-($z2 - $z) / $l) * $t, (($x2 - $x) / $l) * $t];
            $corners = [[$x + $nx, $z + $nz], [$x2 + $nx, $z2 + $nz], [$x2 - $nx, $z2 - $nz], [$x - $nx, $z - $nz]];
            $strips[] = array_map(fn (array $p): array => [$p[0] - $left + $t + $beside, $top + $t - $p[1]], $corners);
            if ($beside > 0.0) {
                $strips[] = array_map(
                    fn (array $p): array => [$left - $t - $p[0] + $beside, $top + $t - $p[1]],
                    $corners,
                );
            }
        }

        return $strips;
    }

    public function blocks(UnitSystem $units): array
    {
        return [];
    }

    public function patch(): array
    {
        $s = $this->sizes;
        $write = fn (float $mm): string => rtrim(rtrim(number_format($mm, 3, '.', ''), '0'), '.').' mm';

        return [
            'coldFormed' => ['h' => $write($s->h), 'b' => $write($s->b), 'c' => $write($s->c), 't' => $write($s->t)],
        ];
    }

    public function stronger(): array
    {
        return [];
    }

    public function caption(): string
    {
        return '. '.$this->thicknesses().'; inner radius '.
            $this->units()->format($this->sizes->r, Kind::Size).
            ($this->isFastened ? '; fastened to its supports' : '; not fastened to its supports').
            ($this->holes === null ? '.' : '; '.$this->openings().'.');
    }

    private function openings(): string
    {
        $h = $this->holes ?? throw new \LogicException('It has none.');
        $write = fn (float $mm): string => $this->units()->format($mm, Kind::Size);
        $size = $h->isRound ? 'ø '.$write($h->depth) : $write($h->depth).' × '.$write($h->length);

        return "holes in the web {$size} every {$write($h->spacing)}";
    }

    private function thicknesses(): string
    {
        $coating = $this->options->coating;
        $isMetric = $this->units() === UnitSystem::Metric;
        $write = fn (float $mm): string => $isMetric
            ? number_format($mm, 2, '.', '').' mm'
            : number_format($mm / 25.4, 4, '.', '').' in';

        return $coating <= 0.0
            ? 'Thickness without coating'
            : "Thickness {$write($this->sizes->t)} without coating, {$write($this->sizes->t + $coating)} with it";
    }
}
