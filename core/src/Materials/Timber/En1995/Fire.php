<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Timber\FireExposure;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Search;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-2, 4.2.2: strength in fire with the reduced cross-section; unprotected. */
final readonly class Fire
{
    private Search $search;

    /** @var list<Combination> */
    private array $combinations;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->combinations = array_values(
            array_filter($envelopes->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Fire),
        );
        $this->search = new Search($envelopes, new FireDurations($this->combinations));
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $fire = $timber->asked->fire;
        if ($fire === null) {
            return [];
        }
        if ($this->combinations === []) {
            return [$this->open('No combination for fire acts on this member.')];
        }
        $w = new Working($derive);
        $left = self::section($w, $timber, $fire);
        if (
            min($left) <= 0.0 ||
            ($timber->taper !== null && $timber->taper->less($timber->h - $left[1])->endDepth <= 0.0)
        ) {
            return [
                $this->open(
                    'Nothing of the section is left after '.(int) $fire->minutes.' minutes. Take a larger one.',
                    2.0,
                    $w,
                ),
            ];
        }
        $charred = $timber->charred(...$left);
        $lengths = new RestrainedLengths($this->envelopes->beam, $fire->losesRestraint);
        $bending = new Bending($this->search, $lengths, true);
        $beam =
            $charred->taper === null
                ? [
                    ...$bending->weigh($charred, $derive),
                    ...(new Shear($this->search))->weigh($charred, $derive),
                    ...(new Axial($this->search, $lengths, $bending))->weigh($charred, $derive),
                ]
                : (new TaperedBeam($this->search, $lengths))->weigh($charred, $derive);
        $section = new Weighing(
            'fire-section',
            'Charred section',
            'EN 1995-1-2, 4.2.2',
            null,
            remark: 'Left after '.
                (int) $fire->minutes.
                ' minutes from '.
                FireExposure::SIDES[$fire->sides][0].
                ': '.
                $charred->name().
                '. Strength in fire is weighed with it.',
            told: true,
            lines: $w->lines,
        );

        return [$section, ...$beam];
    }

    /** @return array{float, float} width and depth that are left, mm */
    public static function section(Working $w, TimberMake $timber, FireExposure $fire): array
    {
        [, $ofWidth, $ofDepth] = FireExposure::SIDES[$fire->sides];
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h', $timber->h, Kind::Size);
        $w->let('t', $fire->minutes, Kind::Number, '', 'minutes');
        [$beta, $why] = self::rate($timber);
        $w->let('beta_n', $beta, Kind::Number, 'EN 1995-1-2, Table 3.1', "{$why}, mm/min");
        $w->line('d_char_n', 'beta_n * t', Kind::Size, 'EN 1995-1-2, 3.4.2(2) (3.2)');
        $w->line('k_0', 'min(t / 20, 1)', Kind::Number, 'EN 1995-1-2, Table 4.1', 'unprotected');
        $w->line('d_ef', 'd_char_n + 7 * k_0', Kind::Size, 'EN 1995-1-2, 4.2.2(1) (4.1)', 'd_0 = 7 mm');
        $w->let('n_b', (float) $ofWidth, Kind::Number, '', 'sides of the width that char');
        $w->let('n_h', (float) $ofDepth, Kind::Number, '', 'sides of the depth that char');

        return [
            $w->line('b_fi', 'b - n_b * d_ef', Kind::Size, 'EN 1995-1-2, 4.2.2'),
            $w->line('h_fi', 'h - n_h * d_ef', Kind::Size, 'EN 1995-1-2, 4.2.2'),
        ];
    }

    /** @return array{float, string} notional charring, mm/min */
    private static function rate(TimberMake $timber): array
    {
        $grade = $timber->grade;

        return match (true) {
            $grade->product === Product::Glulam => [0.7, 'glulam'],
            $grade->product === Product::Lvl => [0.7, 'LVL'],
            $grade->softwood => [0.8, 'sawn softwood'],
            $grade->values->densityK >= 450.0 => [0.55, 'hardwood of 450 kg/m³ or more'],
            default => [0.7, 'hardwood of less than 450 kg/m³'],
        };
    }

    private function open(string $why, ?float $ratio = null, ?Working $w = null): Weighing
    {
        return new Weighing(
            'fire-section',
            'Charred section',
            'EN 1995-1-2, 4.2.2',
            $ratio,
            applies: $ratio !== null,
            remark: $why,
            lines: $w->lines ?? [],
        );
    }
}
