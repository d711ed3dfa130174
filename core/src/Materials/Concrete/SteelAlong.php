<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Envelope;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Loading\Combination;
use Waage\Material\CurvePart;
use Waage\Material\Figure;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * Steel that is needed along a beam, bottom downwards and top upwards, and links; with what there is. Moments are
 * shifted as the standard says. Between places of the envelopes it is drawn in straight lines.
 */
final readonly class SteelAlong
{
    /** Straight lines for a piece of an envelope. */
    private const LINES = 6;

    public function __construct(private MemberEnvelopes $envelopes, private BarRules $rules)
    {
    }

    /** @return list<Figure> */
    public function figures(ConcreteMake $concrete): array
    {
        if ($this->envelopes->strength === []) {
            return [];
        }
        $links = array_map(
            fn (LinkZone $z): CurvePart => new CurvePart($z->from, $z->to, [$concrete->links->area() / $z->spacing]),
            $concrete->steel()->links,
        );

        return [
            new Figure(
                'M',
                'Moment M',
                '',
                Kind::Moment,
                true,
                [],
                [],
                $this->resistance($concrete, 1),
                $this->resistance($concrete, -1),
            ),
            new Figure(
                'As',
                'Bars',
                'Bars needed (filled) and there (line): bottom downwards, top upwards',
                Kind::SteelArea,
                true,
                $this->bars($concrete, 1),
                $this->bars($concrete, -1),
                $this->there($concrete, 1),
                $this->there($concrete, -1),
            ),
            ...$concrete->isSlab()
                ? []
                : [
                    new Figure(
                        'Asw',
                        'Links',
                        'Links needed (filled) and there (line), area by length',
                        Kind::AreaByLength,
                        false,
                        $this->links($concrete),
                        [],
                        $links,
                        [],
                    ),
                ],
        ];
    }

    /** @return list<CurvePart> */
    private function there(ConcreteMake $concrete, int $sign): array
    {
        return array_map(
            fn (BarStretch $s): CurvePart => new CurvePart($s->from, $s->to, [$sign * $s->group->bars->area()]),
            $concrete->steel()->inTension($sign),
        );
    }

    /** @return list<CurvePart> */
    private function resistance(ConcreteMake $concrete, int $sign): array
    {
        $of = fn (BarStretch $s): float => $this->rules->resistance(
            $concrete->tee($sign, ($s->from + $s->to) / 2),
            $s->group->bars->area(),
            $concrete->h - $s->group->centroid(),
        );

        return array_map(
            fn (BarStretch $s): CurvePart => new CurvePart($s->from, $s->to, [$sign * $of($s)]),
            $concrete->steel()->inTension($sign),
        );
    }

    /** @return list<CurvePart> for moments of a sign, times it */
    private function bars(ConcreteMake $concrete, int $sign): array
    {
        $all = $this->samples($this->envelopes->moment, $sign, $concrete->weight());
        $off = $sign < 0 && $concrete->reductions->momentsAtFace ? 0.0 : null;
        $samples = $this->outside($all, $off);
        $steel = $concrete->steel();
        $values = [];
        foreach ($samples as [$x]) {
            $group = $steel->at($sign, $x)->group;
            $d = $concrete->h - $group->centroid();
            $shift = $this->rules->shift($d, $group->bars->diameter);
            [$most, $combination] = [0.0, null];
            foreach ($samples as [$at, $M, $c]) {
                if (abs($at - $x) <= $shift && $M > $most) {
                    [$most, $combination] = [$M, $c];
                }
            }
            $d2 = $steel->at(-$sign, $x)->group->centroid();
            $As = $this->rules->steel($concrete->tee($sign, $x), $most, $d, $d2)[0];
            $values[] = [$x, $sign * $As, $combination];
        }

        return self::lines($values);
    }

    /** @return list<CurvePart> */
    private function links(ConcreteMake $concrete): array
    {
        $values = [];
        $weight = $concrete->weight();
        $off = $concrete->reductions->shearAtD ? 0.9 * $concrete->h : null;
        $down = $this->outside($this->samples($this->envelopes->shear, 1, $weight), $off);
        $up = $this->outside($this->samples($this->envelopes->shear, -1, $weight), $off);
        $places = array_values(array_unique([...array_column($down, 0), ...array_column($up, 0)]));
        sort($places);
        foreach ($places as $x) {
            [$V, $c] = self::greater(self::at($down, $x), self::at($up, $x));
            $d = $concrete->h - $concrete->shallower($x)->centroid();
            $values[] = [
                $x,
                $this->rules->links(
                    $V,
                    $d,
                    $this->envelopes->torque === null
                        ? 0.0
                        : (new DesignForces($this->envelopes, $concrete))->torque(max(0.0, $x - 1.0), $x + 1.0),
                ),
                $c,
            ];
        }

        return self::lines($values);
    }

    /**
     * @param  array{float, Combination|null}  $a
     * @param  array{float, Combination|null}  $b
     * @return array{float, Combination|null}
     */
    private static function greater(array $a, array $b): array
    {
        return $a[0] >= $b[0] ? $a : $b;
    }

    /**
     * @param  list<array{float, float, Combination}>  $samples
     * @return array{float, Combination|null} between two samples on the straight line; at a jump the greater side
     */
    private static function at(array $samples, float $x): array
    {
        $most = [0.0, null];
        foreach ($samples as $i => [$from, $a, $combination]) {
            [$to, $b] = $samples[$i + 1] ?? [$from, $a];
            if ($x >= $from && $x <= $to) {
                $value = $to - $from < 1e-6 ? max($a, $b) : $a + (($b - $a) * ($x - $from)) / ($to - $from);
                $most = $value > $most[0] ? [$value, $combination] : $most;
            }
        }

        return $most;
    }

    /**
     * Those that are further from the faces of supports than a distance; null: all.
     *
     * @param  list<array{float, float, Combination}>  $samples
     * @return list<array{float, float, Combination}>
     */
    private function outside(array $samples, ?float $distance): array
    {
        $supports = $distance === null ? [] : $this->envelopes->beam->member->supports;
        $isOut = fn (float $x): bool => array_filter(
            $supports,
            fn (Support $s): bool => abs($s->x - $x) < $s->bearing / 2 + $distance - 1e-6,
        ) === [];
        $left = array_values(array_filter($samples, fn (array $s): bool => $isOut($s[0])));

        return $left === [] ? $samples : $left;
    }

    /** @return list<array{float, float, Combination}> places, values times the sign but not below 0, what governs */
    private function samples(Envelope $envelope, int $sign, float $weight): array
    {
        $breaks = $envelope->breaks();
        $samples = [];
        foreach ($envelope->curve($this->envelopes->strength, $sign, $weight) as $piece) {
            $start = $breaks[$piece['segment']];
            $places = Polynomial::roots(Polynomial::derivative($piece['polynomial']), $piece['from'], $piece['to']);
            for ($i = 0; $i <= self::LINES; $i++) {
                $places[] = $piece['from'] + (($piece['to'] - $piece['from']) * $i) / self::LINES;
            }
            sort($places);
            foreach ($places as $t) {
                $samples[] = [
                    $start + $t,
                    max(0.0, $sign * Polynomial::value($piece['polynomial'], $t)),
                    $piece['combination'],
                ];
            }
        }

        return $samples;
    }

    /**
     * @param  list<array{float, float, Combination|null}>  $values
     * @return list<CurvePart>
     */
    private static function lines(array $values): array
    {
        $parts = [];
        foreach ($values as $i => [$x, $value, $combination]) {
            [$to, $next] = $values[$i + 1] ?? [$x, $value];
            if ($to - $x > 1e-6) {
                $parts[] = new CurvePart($x, $to, [$value, ($next - $value) / ($to - $x)], $combination);
            }
        }

        return $parts;
    }
}
