<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * How much of a flange counts at a place: in spans where moments sag, over supports where they hog. EN 1992-1-1,
 * 5.3.2.1 with Figure 5.2; ACI 318-19, 6.3.2; BS 8110-1:1997, 3.4.1.5. mm.
 */
final class EffectiveWidth
{
    /** Parts of a span between zero moments, by how many of its ends go on (Figure 5.2). */
    private const PARTS = [1.0, 0.85, 0.7];

    /** @var array<string, float> widths that have been worked out, by web, sign and half of a span */
    private array $known = [];

    /** @param  non-empty-list<Span>  $spans */
    public function __construct(
        private readonly Code $code,
        public readonly Flange $flange,
        private readonly array $spans,
    ) {
    }

    public function at(float $x, float $web, int $sign): float
    {
        $span = $this->spanAt($x);
        $isLeft = $x - $span->from < $span->to - $x;
        $key = "{$web} {$sign} {$span->from} {$isLeft}";

        return $this->known[$key] ??= $this->derive(new Working(false), $x, $web, $sign);
    }

    /** The least of all places, for the stiffness. */
    public function least(float $web): float
    {
        return min(
            array_map(
                fn (Span $s): float => $this->at(($s->from + $s->to) / 2, $web, $s->isOverhang ? -1 : 1),
                $this->spans,
            ),
        );
    }

    /** Line by line, to `b`, under moments of a sign; `b_w` and `h_f` are let as well. */
    public function derive(Working $w, float $x, float $web, int $sign): float
    {
        $w->let('b_w', $web, Kind::Size, '', 'web');
        $w->let('h_f', $this->flange->thickness, Kind::Size, '', 'flange');
        if ($this->flange->effective !== null) {
            return $w->let('b', $this->flange->effective, Kind::Size, '', 'effective width, typed');
        }
        $w->let('b_f', $this->flange->width, Kind::Size, '', 'width of the flange');
        match ($this->code) {
            Code::Aci318 => $this->american($w, $x),
            Code::Bs8110 => $this->classic($w, $x),
            default => $this->european($w, $x, $sign),
        };

        return $w->value('b');
    }

    private function european(Working $w, float $x, int $sign): void
    {
        [$l0, $note] = $this->between($x, $sign);
        $w->let('l_0', $l0, Kind::Length, '5.3.2.1(2)', $note);
        $w->line('b_1', $this->flange->sides() === 2 ? '(b_f - b_w) / 2' : 'b_f - b_w', Kind::Size);
        $w->line('b_eff_1', 'min(0.2 * b_1 + 0.1 * l_0, 0.2 * l_0, b_1)', Kind::Size, '5.3.2.1(3) (5.7a), (5.7b)');
        $w->line('b', "b_w + {$this->flange->sides()} * b_eff_1", Kind::Size, '5.3.2.1(3) (5.7)', 'effective');
    }

    private function american(Working $w, float $x): void
    {
        $w->let('l_n', $this->spanAt($x)->clear, Kind::Length, '', 'clear span');
        $this->flange->sides() === 2
            ? $w->line('b_o', 'min(8 * h_f, (b_f - b_w) / 2, l_n / 8)', Kind::Size, 'Table 6.3.2.1')
            : $w->line('b_o', 'min(6 * h_f, b_f - b_w, l_n / 12)', Kind::Size, 'Table 6.3.2.1');
        $w->line('b', "b_w + {$this->flange->sides()} * b_o", Kind::Size, '6.3.2.1', 'effective');
    }

    private function classic(Working $w, float $x): void
    {
        $span = $this->spanAt($x);
        $w->let('l', $span->length(), Kind::Length);
        $w->line('l_z', $span->goesOn === 0 ? 'l' : '0.7 * l', Kind::Length, '3.4.1.5', 'between zero moments');
        $part = $this->flange->sides() === 2 ? 5 : 10;
        $w->line('b', "min(b_f, b_w + l_z / {$part})", Kind::Size, '3.4.1.5', 'effective');
    }

    /** @return array{float, string} between zero moments, and how it comes about */
    private function between(float $x, int $sign): array
    {
        $span = $this->spanAt($x);
        if ($sign > 0 && ! $span->isOverhang) {
            return [self::PARTS[$span->goesOn] * $span->length(), self::PARTS[$span->goesOn].' l'];
        }
        // The region of the support that is nearer; a fixed end is one half of a beam that goes on like in a mirror.
        $support = abs($x - $span->from) < abs($x - $span->to) ? $span->from : $span->to;
        $beside = array_values(
            array_filter(
                $this->spans,
                fn (Span $s): bool => abs($s->from - $support) < 1.0 || abs($s->to - $support) < 1.0,
            ),
        );
        $length = 0.0;
        foreach ($beside as $one) {
            $length += $one->isOverhang ? $one->length() : 0.15 * $one->length();
        }

        return [count($beside) === 1 && ! $beside[0]->isOverhang ? 2 * $length : $length, 'over the support'];
    }

    private function spanAt(float $x): Span
    {
        foreach ($this->spans as $span) {
            if ($x <= $span->to + 1e-6) {
                return $span;
            }
        }

        return $this->spans[count($this->spans) - 1];
    }
}
