<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Timber\Governing;
use Waage\Materials\Timber\Heading;
use Waage\Materials\Timber\Notch;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Report;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\ShearAway;
use Waage\Materials\Timber\SpanOf;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** NDS 2018, 3.4: shear, uniform loads within d of supports left out, and at notches with the whole reaction. */
final readonly class Shear
{
    private const INCH = 25.4;

    public function __construct(private Search $search, private Method $method)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $away = new ShearAway($this->search);
        $down = [];
        foreach ($this->search->spans() as $span) {
            $at = $away->greatest($timber, $span);
            array_push($down, ...$at === null ? [] : [$this->at($timber, $at, $span, $away->note(), $detail)]);
        }
        $sideways = $this->search->envelopes->sideways;
        $across = $sideways === null ? null : $this->search->of($sideways->shear, $timber, beam: $sideways->beam);

        return [
            ...$down,
            ...$across === null ? [] : [$this->at($timber, $across, null, '', $detail)],
            ...$this->notches($timber, $detail),
        ];
    }

    /** @param  SpanOf|null  $span  null: sideways */
    private function at(TimberMake $timber, Governing $at, ?SpanOf $span, string $note, Detail $detail): Weighing
    {
        [$id, $title] =
            $span === null ? ['shear-sideways', 'Shear sideways'] : [$span->id('shear'), $span->title('Shear')];
        $values = $timber->grade->values;
        $w = $detail->working();
        $w->let('V', abs($at->value), Kind::Force, '3.4.3.1', $note);
        Bending::sizes($w, $timber);
        $w->line('f_v', '3 * V / (2 * b * d)', Kind::Stress, '3.4.2 (3.4-2)');
        $of = $span !== null ? $values->shear : $values->shearFlat;
        (new Values($timber, $this->method))->adjusted($w, $at->group, 'F_v_adj', 'F_v', $of, 'v');
        $u = $w->line('u', 'f_v / F_v_adj', Kind::Number, '3.4.1');
        $ranges = $u > 0.0 && $span !== null ? [[$span->from, $span->to, abs($at->value) / $u, $u]] : [];

        return Report::of(
            new Heading($id, $title, 'NDS 2018, 3.4', $span === null ? '' : 'shear'),
            $w,
            $at,
            'f_v',
            'F_v_adj',
            $ranges,
        );
    }

    /** @return list<Weighing> */
    private function notches(TimberMake $timber, Detail $detail): array
    {
        $weighings = [];
        foreach ($timber->details->notches as $notch) {
            $at = $this->search->reaction($notch->support, $timber);
            if ($at === null) {
                continue;
            }
            $weighings[] = $this->limit($notch, $timber) ?? $this->notch($notch, $timber, $at, $detail);
        }

        return $weighings;
    }

    /** 4.4.3.2 and 5.4.5: how deep a notch may be. */
    private function limit(Notch $notch, TimberMake $timber): ?Weighing
    {
        $isGlulam = $timber->grade->product === Product::Glulam;
        $most = match (true) {
            $isGlulam && $notch->isBelow => min($timber->h / 10, 3 * self::INCH),
            $isGlulam => 0.4 * $timber->h,
            default => $timber->h / 4,
        };
        if ($notch->depth <= $most * (1 + 1e-9)) {
            return null;
        }
        $units = $timber->units();
        $clause = $isGlulam ? '5.4.5' : '4.4.3.2';

        return new Weighing(
            'notch-'.($notch->support + 1),
            'Notch at support '.($notch->support + 1),
            "NDS 2018, {$clause}",
            $notch->depth / $most,
            against: new Against(demand: $notch->depth, capacity: $most, kind: Kind::Size, demandSymbol: 'd_cut'),
            remark: 'A notch here may be '.$units->format($most, Kind::Size).' deep at most.',
            group: 'Notch',
        );
    }

    private function notch(Notch $notch, TimberMake $timber, Governing $at, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('V', $at->value, Kind::Force, '3.4.3.2', 'the whole reaction');
        Bending::sizes($w, $timber);
        $w->let('d_cut', $notch->depth, Kind::Size, '', $notch->isBelow ? 'cut out below' : 'cut out above');
        $w->line('d_n', 'd - d_cut', Kind::Size);
        (new Values($timber, $this->method))->adjusted(
            $w,
            $at->group,
            'F_v_adj',
            'F_v',
            $timber->grade->values->shear,
            'v',
        );
        if ($notch->isBelow) {
            $w->line('V_r', '2 / 3 * F_v_adj * b * d_n * (d_n / d)^2', Kind::Force, '3.4.3.2(a) (3.4-3)');
        } else {
            $w->let('e', $notch->x, Kind::Size, '3.4.3.2(e)', 'beyond the edge of the support');
            $notch->x <= $timber->h - $notch->depth
                ? $w->line('V_r', '2 / 3 * F_v_adj * b * (d - (d - d_n) / d_n * e)', Kind::Force, '3.4.3.2(e) (3.4-5)')
                : $w->line('V_r', '2 / 3 * F_v_adj * b * d_n', Kind::Force, '3.4.3.2(e)', 'e is longer than d_n');
        }
        $w->line('u', 'V / V_r', Kind::Number, '3.4.1');
        $number = $notch->support + 1;

        return Report::of(
            new Heading("notch-{$number}", "Notch at support {$number}", 'NDS 2018, 3.4.3.2', 'Notch', Kind::Force),
            $w,
            $at,
            'V',
            'V_r',
        );
    }
}
