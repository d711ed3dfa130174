<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;

/**
 * Elastic deflections (times EI, Nmm³) of spans and overhangs under one arrangement of load, and the moments that go
 * with them.
 */
final readonly class FieldDeflection
{
    /** Places at which the greatest moment of a span is looked for. */
    private const PLACES = 40;

    /** @var list<Combination> load that stays */
    public array $sustained;

    /** @var list<Combination> permanent load alone */
    public array $dead;

    private Effect $sag;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->sag = $envelopes->beam->supportsMove() ? Effect::Sag : Effect::Deflection;
        $isLong = fn (Combination $c): bool => $c->purpose === Purpose::QuasiPermanent;
        $this->sustained = array_values(array_filter($envelopes->combinations, $isLong));
        $this->dead = array_values(array_filter($this->sustained, fn (Combination $c): bool => $c->variable === []));
    }

    /**
     * Factors of the loads in the arrangement that is worst at a place.
     *
     * @return array<int, float>
     */
    public function factors(Extreme $e, float $weight): array
    {
        $sign = $e->value >= 0.0 ? 1 : -1;
        $effect = $this->envelopes->sag->effect;

        return $this->envelopes->beam->worst($e->combination, $weight, $effect, $sign, $e->segment, $e->t);
    }

    /**
     * The greatest of a load level at the place of another one.
     *
     * @param  list<Combination>  $combinations
     */
    public function at(array $combinations, float $weight, Extreme $place): Extreme
    {
        $worst = null;
        foreach ($combinations as $combination) {
            $e = new Extreme($place->value, $place->x, $place->segment, $place->t, $combination);
            $value = $this->value($this->sag, $this->factors($e, $weight), $place->x);
            if ($worst === null || abs($value) > abs($worst->value)) {
                $worst = new Extreme($value, $place->x, $place->segment, $place->t, $combination);
            }
        }

        return $worst ?? new Extreme(0.0, $place->x, $place->segment, $place->t, $place->combination);
    }

    /** @param  array<int, float>  $factors */
    private function value(Effect $effect, array $factors, float $x): float
    {
        $responses = $this->envelopes->beam->responses;
        $segment = $responses->segmentAt($x);
        $polynomial = array_values($responses->combined($effect, $factors, $segment));

        return Polynomial::value($polynomial, $x - $responses->breaks[$segment]);
    }

    /**
     * The moment that cracks a span or an overhang most: the greatest sagging one, or that at the support.
     *
     * @param  array{float, float}  $field
     * @return array{float, float} Nmm, sagging positive; place
     */
    public function moment(array $field, Extreme $e, float $weight): array
    {
        [$from, $to] = $field;
        $factors = $this->factors($e, $weight);
        if ($this->envelopes->beam->isOverhang($from, $to)) {
            $root = $from < 1.0 ? $to - 1e-3 : $from + 1e-3;

            return [$this->value(Effect::Moment, $factors, $root), $root];
        }
        $most = [0.0, ($from + $to) / 2];
        for ($i = 1; $i < self::PLACES; $i++) {
            $x = $from + (($to - $from) * $i) / self::PLACES;
            $M = $this->value(Effect::Moment, $factors, $x);
            $most = $M > $most[0] ? [$M, $x] : $most;
        }

        return $most;
    }
}
