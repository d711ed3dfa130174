<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\BucklingLengths;
use Waage\Materials\Steel\ConcentratedForce;
use Waage\Materials\Steel\ConcentratedForces;
use Waage\Materials\Steel\Sections\Flanged;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\SectionStep;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, J10.2 to J10.5: the web, or both sides of a hollow section, under forces that press on a flange,
 * without stiffeners.
 */
final readonly class Webs
{
    private ConcentratedForces $forces;

    /**
     * @param  Envelope  $moment  of the beam
     * @param  list<Combination>  $strength
     */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $moment,
        private array $strength,
        private string $standard,
        private Method $method,
    ) {
        $this->forces = new ConcentratedForces($beam, $strength);
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @return list<Weighing> the heaviest of the supports, and of the loads
     */
    public function weigh(array $stretches, float $weight, Detail $detail): array
    {
        $forces = $this->forces->on(
            $stretches,
            $weight,
            fn (SectionStep $s): float => 2.5 * (self::shape($s, 1)->k ?? 0.0),
        );
        if (
            $forces !== [] &&
            array_filter($stretches, fn (SectionStep $s): bool => self::shape($s, 1) === null) !== []
        ) {
            return [
                new Weighing(
                    'web-support',
                    'Webs at supports and under loads',
                    "{$this->standard}, J10",
                    null,
                    applies: false,
                    remark: 'J10 is for webs between two flanges: the wall of a tube (chapter K), the stem of a tee, the legs of an angle or strips at supports and under point loads are not weighed. Give these stiffeners or an end plate, or weigh them separately and leave this out with the reason.',
                ),
            ];
        }

        return [
            ...ConcentratedForces::heaviest(
                $forces,
                fn (ConcentratedForce $f, Detail $of): array => [$this->weighOne($f, $weight, $of)],
                $detail,
            ),
            ...$this->forces->hung("{$this->standard}, J10.1"),
        ];
    }

    private function weighOne(ConcentratedForce $of, float $weight, Detail $detail): Weighing
    {
        $weakest = null;
        foreach ($of->stretches as $stretch) {
            $shape = self::shape($stretch, $of->sign) ?? throw new \LogicException('A web between flanges is needed.');
            $isHollow = $stretch->section->isClosed();
            $web = new WebStrength(
                $shape,
                $of->on->bearing,
                $of->on->toEnd,
                $of->through,
                $of->id === 'load' && ! $isHollow ? $this->unbraced($of->at->x) : 0.0,
                ! $isHollow && $this->yields($of, $shape, $weight),
                $isHollow ? 2 : 1,
            );
            $Rc = $web->available($this->method);
            $weakest = $weakest === null || $Rc < $weakest[0] ? [$Rc, $web] : $weakest;
        }
        [$Rc, $web] = $weakest;
        $required = $this->method->required('R');
        $d = $detail->derivation();
        $d?->given($required, $of->force, Kind::Force);
        if ($d !== null) {
            $web->available($this->method, $d);
            $d->with(['R_c' => [$Rc, Kind::Force]])->line('u', "{$required} / R_c", Kind::Number, 'B3');
        }

        return new Weighing(
            "web-{$of->id}",
            $of->title,
            "{$this->standard}, J10",
            $of->force / $Rc,
            against: new Against(
                demand: $of->force,
                capacity: $Rc,
                kind: Kind::Force,
                demandSymbol: $required,
                capacitySymbol: 'R_c',
            ),
            at: $of->at,
            lines: $d->lines ?? [],
            remark: $of->force > $Rc ? 'A stiffener, an end plate or a longer bearing helps.' : '',
        );
    }

    /**
     * @param  int  $side  flange that is pressed on: 1 the upper one, −1 the lower one, which counts where they
     * differ
     */
    private static function shape(SectionStep $s, int $side): ?Shape
    {
        $section = match (true) {
            $s->section instanceof RectangularHollow => $s->section->side($s->section->b / 2),
            default => $s->section->seenFrom($side),
        };

        return $section instanceof Flanged ? new Shape($section, $s->grade) : null;
    }

    /** Does bending reach the moment of first yield where a force acts (J10.4)? α_s M_r ≥ M_y */
    private function yields(ConcentratedForce $of, Shape $shape, float $weight): bool
    {
        $e = $this->moment->greatest($this->strength, $weight, ...$of->reach());

        return ($this->method === Method::ASD ? 1.5 : 1.0) * abs($e->value ?? 0.0) >=
            $shape->Fy * $shape->section->Wely;
    }

    /** The greatest length of a flange without lateral support at a place, or anywhere, mm. */
    private function unbraced(?float $x): float
    {
        $member = $this->beam->member;
        $most = 0.0;
        foreach (BucklingLengths::ofBoth($this->beam->beam, $member) as $l) {
            if ($x === null || ($l->from < $x - 1.0 && $l->to > $x + 1.0)) {
                $most = max($most, $l->length());
            }
        }

        return $most;
    }
}
