<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Camber;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 7.2.1, and ANSI/AISC 360, L2: deflection of each span and overhang against a part of its length,
 * in one plane of a member.
 */
final readonly class Deflections
{
    /** Steeper members stand; rad. */
    private const STANDS = M_PI / 4;

    /**
     * @param  Envelope  $envelope  of the deflection
     * @param  bool  $fromLine  is it measured from the line between supports that move
     * @param  string  $axis  that it bends about
     * @param  string  $ofI  what its second moment is, where it is not that of the section itself
     */
    public function __construct(
        private LoadedBeam $beam,
        private Envelope $envelope,
        private bool $fromLine = false,
        private string $axis = 'y',
        private string $ofI = '',
    ) {
    }

    /**
     * @param  non-empty-list<Combination>  $combinations
     * @param  float  $limit  a span deflects by its length over this at most
     * @param  float  $I  mm⁴
     * @param  float  $weight  self-weight, N/mm
     * @param  Camber|null  $camber  what the member is made with, where only the rest of the deflection counts
     */
    public function weigh(
        string $id,
        string $title,
        array $combinations,
        float $limit,
        float $I,
        float $weight,
        Detail $detail,
        ?Camber $camber = null,
    ): Weighing {
        $rules = RuleSet::of($this->beam->member->basis->combinations);
        $clause = $rules->isAisc360() ? "{$rules->steel}, L2" : 'EN 1993-1-1, 7.2.1';
        $best = -1.0;
        $found = null;
        $ranges = [];
        foreach ($this->beam->beam->fields() as [$from, $to]) {
            $overhang = $this->beam->isOverhang($from, $to);
            $isPost = $overhang && abs($this->beam->member->angle) > self::STANDS;
            $n = $isPost ? $this->beam->member->basis->limits->sway : $limit;
            $allowed = (($to - $from) * ($overhang && ! $isPost ? 2 : 1)) / $n;
            $ranges[] = [$from, $to, $allowed];
            foreach ([1, -1] as $sign) {
                $e =
                    $camber?->remaining(
                        $this->envelope,
                        $combinations,
                        $sign,
                        $weight,
                        SteelMake::of($this->beam->member)->grade->elasticity() * $I,
                    ) ?? $this->envelope->extreme($combinations, $sign, $weight, $from, $to);
                if ($e !== null && ($sign * $e->value) / $allowed > $best) {
                    $best = ($sign * $e->value) / $allowed;
                    $found = [
                        $e,
                        $to - $from,
                        $allowed,
                        $n,
                        match (true) {
                            $isPost => ['L / n', 'the top of a cantilever post: its height over n'],
                            $overhang => ['2 * L / n', 'an overhang counts with twice its length'],
                            default => ['L / n', ''],
                        },
                    ];
                }
            }
        }
        if ($found === null) {
            throw new \LogicException('A beam has at least one span or overhang.');
        }
        [$e, $L, $allowed, $n, [$rule, $note]] = $found;
        $w = abs($e->value) / (SteelMake::of($this->beam->member)->grade->elasticity() * $I);
        $d = $detail->derivation();
        if ($d !== null) {
            $way =
                $this->axis === 'y'
                    ? ($e->value >= 0
                        ? 'downward'
                        : 'upward')
                    : ($e->value >= 0
                        ? 'to the front'
                        : 'to the back');
            $d->given(
                'E',
                SteelMake::of($this->beam->member)->grade->elasticity(),
                Kind::ModulusOfElasticity,
                $rules->isEn1993() ? '3.2.6(1)' : '',
            );
            $d->given(
                $rules->isAisc360() ? ($this->axis === 'y' ? 'I_x' : 'I_y') : "I_{$this->axis}",
                $I,
                Kind::SecondMoment,
                '',
                $this->ofI,
            );
            $source =
                'from the exact deflection curve'.($this->fromLine ? ', from the line between the supports' : '');
            if ($camber === null) {
                $d->given('w', $w, Kind::Deflection, '', "{$way}, {$source}");
            } else {
                $wc = $camber->at($e->x);
                $wtot = $e->value / (SteelMake::of($this->beam->member)->grade->elasticity() * $I) + $wc;
                $d->given('w_tot', $wtot, Kind::Deflection, '', "downward, {$source}, where most remains");
                $d->with([
                    'w_0' => [$camber->rise, Kind::Deflection],
                    'x' => [$e->x, Kind::Length],
                    'L' => [$L, Kind::Length],
                ])->line('w_c', '4 * w_0 * x / L * (1 - x / L)', Kind::Deflection, 'camber, a parabola');
                $d->line(
                    'w',
                    $e->value >= 0 ? 'w_tot - w_c' : 'w_c - w_tot',
                    Kind::Deflection,
                    'EN 1990, A1.4.3',
                    "remains, {$way}",
                );
            }
            $d->with(['L' => [$L, Kind::Length], 'n' => [$n, Kind::Number]])->line(
                'w_lim',
                $rule,
                Kind::Deflection,
                'basis of the job',
                $note,
            );
            $d->with(['w' => [$w, Kind::Deflection]])->line('u', 'w / w_lim', Kind::Number, $clause);
        }
        $factors = $this->beam->worst(
            $e->combination,
            $weight,
            $this->envelope->effect,
            $e->value >= 0 ? 1 : -1,
            $e->segment,
            $e->t,
        );

        return new Weighing(
            $id,
            $title,
            $clause,
            $w / $allowed,
            against: new Against(
                demand: $w,
                capacity: $allowed,
                kind: Kind::Deflection,
                demandSymbol: 'w',
                capacitySymbol: 'w_lim',
            ),
            at: $this->beam->placed($e, $factors),
            lines: $d->lines ?? [],
            ranges: $this->axis === 'y' && $camber === null ? $ranges : [],
        );
    }
}
