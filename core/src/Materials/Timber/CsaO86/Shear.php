<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

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

/**
 * CSA O86:19, 6.5.5 and 7.5.7: shear at d from supports; of glulam also by the whole load on the volume where that is
 * uniform; notches in tension at supports.
 */
final readonly class Shear
{
    /** 7.5.7.2: from this volume on the whole load counts, mm³. */
    private const LARGE = 2e9;

    public function __construct(private Search $search)
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
            ...$timber->grade->product === Product::Glulam ? $this->byVolume($timber, $detail) : [],
            ...$this->notches($timber, $detail),
        ];
    }

    /** @param  SpanOf|null  $span  null: sideways */
    private function at(TimberMake $timber, Governing $at, ?SpanOf $span, string $note, Detail $detail): Weighing
    {
        [$id, $title] =
            $span === null ? ['shear-sideways', 'Shear sideways'] : [$span->id('shear'), $span->title('Shear')];
        $isGlulam = $timber->grade->product === Product::Glulam;
        $volume = $timber->b * $timber->h * $this->search->beam()->member->length;
        $clause = $isGlulam ? 'CSA O86:19, 7.5.7.2' : 'CSA O86:19, 6.5.5.2';
        $values = new Values($timber);
        $w = $detail->working();
        $w->let('V_f', abs($at->value), Kind::Force, '6.5.5.2', $note);
        Bending::sizes($w, $timber);
        $values->strength($w, $at->group, 'F_v', 'f_v', $timber->grade->values->shear, 'v');
        $w->let('phi', 0.9, Kind::Number, '6.5.5.2');
        $w->let('K_Zv', $values->size('v'), Kind::Number, 'Table 6.4.5', $isGlulam ? 'not of glulam' : '');
        $w->line('V_r', 'phi * F_v * 2 / 3 * b * d * K_Zv', Kind::Force, $isGlulam ? '7.5.7.2(b)' : '6.5.5.2');
        $u = $w->line('u', 'V_f / V_r', Kind::Number);
        if ($isGlulam && $volume >= self::LARGE) {
            return new Weighing(
                $id,
                $title,
                $clause,
                null,
                remark: 'From 2.0 m³ on the whole load is weighed in place of the shear force (7.5.7.2).',
                lines: $w->lines,
            );
        }
        $ranges = $u > 0.0 && $span !== null ? [[$span->from, $span->to, abs($at->value) / $u, $u]] : [];

        return Report::of(
            new Heading($id, $title, $clause, $span === null ? '' : 'shear', Kind::Force),
            $w,
            $at,
            'V_f',
            'V_r',
            $ranges,
        );
    }

    /** @return list<Weighing> W_r of 7.5.7.2(a), of single spans under uniform load */
    private function byVolume(TimberMake $timber, Detail $detail): array
    {
        $beam = $this->search->beam();
        $member = $beam->member;
        $isUniform = count($beam->beam->fields()) === 1 && ! $beam->isOverhang(...$beam->beam->fields()[0]);
        foreach ($member->loads as $load) {
            $isUniform = $isUniform && (! $load->on || $load->isUniformOver($member->length));
        }
        $isLarge = $timber->b * $timber->h * $member->length >= self::LARGE;
        $at = $isUniform ? $this->search->of($this->search->envelopes->shear, $timber) : null;
        if ($at === null) {
            return $isLarge
                ? [
                    new Weighing(
                        'shear-volume',
                        'Shear by the whole load',
                        'CSA O86:19, 7.5.7.2',
                        null,
                        applies: false,
                        remark: 'From 2.0 m³ on glulam is weighed by its whole load; built in for a single span under uniform load.',
                    ),
                ]
                : [];
        }
        $w = $detail->working();
        $w->let('W_f', 2 * abs($at->value), Kind::Force, '7.5.7.2(a)', 'the whole load: twice the shear at a support');
        Bending::sizes($w, $timber);
        $w->let('L', $member->length, Kind::Length);
        $w->line('Z', 'b * d * L / 10^9', Kind::Number, '7.5.7.2', 'volume, m³');
        (new Values($timber))->strength($w, $at->group, 'F_v', 'f_v', $timber->grade->values->shear, 'v');
        $w->let('phi', 0.9, Kind::Number, '7.5.7.2');
        $w->let('C_V', 3.69, Kind::Number, 'Table 7.5.7.5', 'uniform load, single span');
        $w->line('W_r', 'phi * F_v * 0.48 * b * d * C_V * Z^-0.18', Kind::Force, '7.5.7.2(a)');
        $w->line('u', 'W_f / W_r', Kind::Number);
        if (! $isLarge) {
            // Below 2.0 m³ either of the two suffices: this one is printed beside the other.
            return [
                new Weighing(
                    'shear-volume',
                    'Shear by the whole load',
                    'CSA O86:19, 7.5.7.2(a)',
                    null,
                    against: new Against(demand: $w->value('W_f'), capacity: $w->value('W_r'), kind: Kind::Force),
                    remark: 'Below 2.0 m³ the shear force is weighed; this is the other way.',
                    told: true,
                    lines: $w->lines,
                ),
            ];
        }

        return [
            Report::of(
                new Heading('shear-volume', 'Shear by the whole load', 'CSA O86:19, 7.5.7.2(a)', kind: Kind::Force),
                $w,
                $at,
                'W_f',
                'W_r',
            ),
        ];
    }

    /** @return list<Weighing> */
    private function notches(TimberMake $timber, Detail $detail): array
    {
        $weighings = [];
        foreach ($timber->details->notches as $notch) {
            $at = $this->search->reaction($notch->support, $timber);
            if ($at !== null) {
                $weighings[] = $this->notch($notch, $timber, $at, $detail);
            }
        }

        return $weighings;
    }

    private function notch(Notch $notch, TimberMake $timber, Governing $at, Detail $detail): Weighing
    {
        $number = $notch->support + 1;
        $of = fn (string $why): Weighing => new Weighing(
            "notch-{$number}",
            "Notch at support {$number}",
            'CSA O86:19, 6.5.5.4',
            null,
            applies: false,
            remark: $why,
        );
        if (! $timber->grade->product->isSawn()) {
            return $of('Notches of glulam are not built in for CSA O86.');
        }
        if (! $notch->isBelow) {
            return $of('Notches in the compressed edge are not built in for CSA O86.');
        }
        if ($notch->depth > 0.25 * $timber->h) {
            return new Weighing(
                "notch-{$number}",
                "Notch at support {$number}",
                'CSA O86:19, 6.5.5.4',
                $notch->depth / (0.25 * $timber->h),
                against: new Against(
                    demand: $notch->depth,
                    capacity: 0.25 * $timber->h,
                    kind: Kind::Size,
                    demandSymbol: 'd_n',
                ),
                remark: 'A notch may be a quarter of the depth at most.',
                group: 'Notch',
            );
        }
        $values = new Values($timber);
        $w = $detail->working();
        $w->let('Q_f', $at->value, Kind::Force, '', 'the whole reaction');
        Bending::sizes($w, $timber);
        $w->let('d_n', $notch->depth, Kind::Size);
        $w->let('e', $notch->x, Kind::Size, '6.5.5.4.2', 'from the reaction to the corner');
        $w->line('alpha', '1 - d_n / d', Kind::Number);
        $w->line('eta', 'e / d', Kind::Number);
        $w->line(
            'K_N',
            '(0.006 * d * (1.6 * (1 / alpha - 1) + eta^2 * (1 / alpha^3 - 1)))^-0.5',
            Kind::Number,
            '6.5.5.4.2',
            'd in mm',
        );
        $values->strength($w, $at->group, 'F_f', 'f_f', 0.5, 'f');
        $w->let('phi', 0.9, Kind::Number, '6.5.5.4.1');
        $w->line('F_r', 'phi * F_f * b * d * K_N', Kind::Force, '6.5.5.4.1');
        $w->line('u', 'Q_f / F_r', Kind::Number);

        return Report::of(
            new Heading("notch-{$number}", "Notch at support {$number}", 'CSA O86:19, 6.5.5.4', 'Notch', Kind::Force),
            $w,
            $at,
            'Q_f',
            'F_r',
        );
    }
}
