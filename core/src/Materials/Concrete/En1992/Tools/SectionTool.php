<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Materials\Concrete\PlaneSection;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.1: what any polygon with bars resists at an axial force, for a direction of the neutral axis. */
final class SectionTool
{
    private const MOST_POINTS = 200;

    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-section',
            'Section: resistance with axial force',
            Inputs::STANDARD,
            [
                Input::choice('shape', 'shape', ['polygon', 'rectangle', 'T', 'box', 'circle']),
                Input::optional('b', 'width; of a T its flange; of a circle its diameter', Kind::Size),
                Input::optional('h', 'depth', Kind::Size),
                Input::optional('b_w', 'web of a T; wall of a box at each side', Kind::Size),
                Input::optional('h_f', 'flange of a T; wall of a box above and below', Kind::Size),
                Input::text(
                    'polygon',
                    'polygon: corners y,z in mm; rings apart by ;, holes as well',
                    '0,0 300,0 300,500 0,500',
                ),
                Input::text(
                    'bars',
                    'bars y,z,diameter in mm, or y,z,a with an area in mm²: 48,48,a314; of a circle also ring n,radius,diameter',
                    '48,48,20 116,48,20 184,48,20 252,48,20 46,454,16 254,454,16',
                ),
                Input::of('N_Ed', 'axial force, compression positive', Kind::Force, '0 kN'),
                Input::of(
                    'theta',
                    'angle of the compressed side, from above towards the right',
                    Kind::Angle,
                    '0 deg',
                ),
                Inputs::strength(),
                Inputs::yield(),
                ...Inputs::factors(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('f_yk', 'gamma_C', 'gamma_S', 'alpha_cc');
        $rings = self::rings($v);
        $bars = self::bars($v);
        $v->let($w, 'N_Ed', 'theta', 'f_ck', 'gamma_C', 'alpha_cc', 'f_yk', 'gamma_S');
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->line('f_yd', 'f_yk / gamma_S', Kind::Stress, '3.2.7(2)');
        $isHigh = $w->value('f_ck') > 50.0;
        self::law($w, $isHigh);
        $strains = [$w->value('epsilon_c2'), $w->value('epsilon_cu2'), $w->value('n')];
        $section = new PlaneSection($rings, $bars, $w->value('f_cd'), $w->value('f_yd'), $strains);
        $w->let('A_c', $section->centroid[0], Kind::Area, '', 'gross');
        $w->let('A_s', array_sum(array_column($bars, 2)), Kind::SteelArea, '', 'all bars');
        $squash = $section->forces(0.0, INF)['N'];
        $w->let('N_Rd_0', $squash, Kind::Force, '6.1', 'uniform compression at ε_c2');
        $w->line('N_Rd_t', '-A_s * f_yd', Kind::Force, '', 'all bars in tension');
        $found = $section->at($v->number('theta'), $v->number('N_Ed'));
        if ($found === null) {
            $v->assert('N_Ed', false, 'The section does not take this axial force.');

            return;
        }
        self::answer($w, $found['depth'], $found['forces']);
    }

    private static function law(Working $w, bool $isHigh): void
    {
        $isHigh
            ? $w->line('epsilon_c2', '2 + 0.085 * (f_ck - 50)^0.53', Kind::Number, 'Table 3.1', 'in ‰')
            : $w->let('epsilon_c2', 2.0, Kind::Number, 'Table 3.1', 'in ‰');
        $isHigh
            ? $w->line('epsilon_cu2', '2.6 + 35 * ((90 - f_ck) / 100)^4', Kind::Number, 'Table 3.1', 'in ‰')
            : $w->let('epsilon_cu2', 3.5, Kind::Number, 'Table 3.1', 'in ‰');
        $isHigh
            ? $w->line('n', '1.4 + 23.4 * ((90 - f_ck) / 100)^4', Kind::Number, 'Table 3.1')
            : $w->let('n', 2.0, Kind::Number, 'Table 3.1');
    }

    /** @param  array{N: float, My: float, Mz: float, top: float, bottom: float, stresses: list<float>}  $forces */
    private static function answer(Working $w, float $depth, array $forces): void
    {
        $w->let('x', min($depth, 1e6), Kind::Size, '6.1(2)', 'depth of the neutral axis');
        $w->let('epsilon_top', $forces['top'], Kind::Number, '', 'most compressed fibre, ‰');
        $w->let('epsilon_bottom', $forces['bottom'], Kind::Number, '', 'opposite fibre, ‰');
        foreach ($forces['stresses'] as $i => $stress) {
            $w->let('sigma_s_'.($i + 1), $stress, Kind::Stress, '', 'bar '.($i + 1).', compression positive');
        }
        $w->let('N_Rd', round($forces['N'], 3), Kind::Force, '6.1');
        $w->let('M_Rd_y', $forces['My'], Kind::Moment, '6.1', 'compression above');
        $w->let('M_Rd_z', $forces['Mz'], Kind::Moment, '6.1', 'compression at the right');
    }

    /** @return non-empty-list<non-empty-list<array{float, float}>> outlines counterclockwise, holes clockwise */
    private static function rings(Values $v): array
    {
        $rings = [];
        $polygon = $v->text('shape') === 'polygon' ? $v->text('polygon') : self::corners($v);
        foreach (array_filter(array_map(trim(...), explode(';', $polygon))) as $i => $text) {
            $ring = [];
            foreach (self::numbers($v, 'polygon', $text, 2) as [$y, $z]) {
                $ring[] = [$y, $z];
            }
            $v->assert(
                'polygon',
                count($ring) >= 3 && count($ring) <= self::MOST_POINTS,
                'A ring has three corners at least, and 200 at most.',
            );
            $area = 0.0;
            foreach ($ring as $k => [$y, $z]) {
                [$a, $b] = $ring[($k + 1) % count($ring)];
                $area += $y * $b - $a * $z;
            }
            $isHole = $i > 0;
            $turned = $area > 0.0 === $isHole ? array_reverse($ring) : $ring;
            $rings[] = $turned === [] ? throw new \LogicException('It was told.') : $turned;
        }
        $v->assert('polygon', $rings !== [], 'Give the corners of the section.');

        return $rings === [] ? throw new \LogicException('It was told.') : $rings;
    }

    /** Corners of a shape by its dimensions; the lower left corner of what surrounds it is 0,0. */
    private static function corners(Values $v): string
    {
        $shape = $v->text('shape');
        foreach (
            match ($shape) {
                'circle' => ['b'],
                'rectangle' => ['b', 'h'],
                default => ['b', 'h', 'b_w', 'h_f'],
            } as $symbol
        ) {
            $v->assert($symbol, $v->has($symbol) && $v->number($symbol) > 0.0, "A {$shape} needs this.");
        }
        $of = fn (string $symbol): float => $v->has($symbol) ? $v->number($symbol) : 0.0;
        [$b, $h, $bw, $hf] = [$of('b'), $of('h'), $of('b_w'), $of('h_f')];
        if ($shape === 'T') {
            $v->assert('b_w', $bw < $b, 'The web is narrower than the flange.');
            $v->assert('h_f', $hf < $h, 'The flange is thinner than the section is deep.');
        }
        if ($shape === 'box') {
            $v->assert('b_w', 2 * $bw < $b, 'The walls leave no room.');
            $v->assert('h_f', 2 * $hf < $h, 'The walls leave no room.');
        }
        [$l, $r, $i] = [($b - $bw) / 2, ($b + $bw) / 2, $h - $hf];
        [$y, $z] = [$b - $bw, $h - $hf];

        return match ($shape) {
            'T' => "{$l},0 {$r},0 {$r},{$i} {$b},{$i} {$b},{$h} 0,{$h} 0,{$i} {$l},{$i}",
            'box' => "0,0 {$b},0 {$b},{$h} 0,{$h}; {$bw},{$hf} {$y},{$hf} {$y},{$z} {$bw},{$z}",
            'circle' => implode(' ', array_map(fn (array $p): string => "{$p[0]},{$p[1]}", self::circle($b / 2))),
            default => "0,0 {$b},0 {$b},{$h} 0,{$h}",
        };
    }

    /** @return list<array{float, float}> as a polygon of the same area */
    private static function circle(float $radius): array
    {
        $n = 120;
        $r = $radius * sqrt((2 * M_PI) / ($n * sin((2 * M_PI) / $n)));
        $point = fn (int $i): array => [
            $radius + $r * cos((2 * M_PI * $i) / $n),
            $radius + $r * sin((2 * M_PI * $i) / $n),
        ];

        return array_map($point, range(0, $n - 1));
    }

    /** @return list<array{float, float, float}> y, z, area */
    private static function bars(Values $v): array
    {
        $text = trim($v->text('bars'));
        if (preg_match('/^ring\s+(\d+),([\d.]+),([\d.]+)$/', $text, $found) === 1) {
            $v->assert('bars', $v->text('shape') === 'circle' && $v->has('b'), 'A ring of bars goes with a circle.');
            [$n, $radius, $diameter] = [(int) $found[1], (float) $found[2], (float) $found[3]];
            $v->assert('bars', $n >= 3 && $n <= 100, 'A ring has 3 to 100 bars.');
            $middle = $v->number('b') / 2;
            $bar = fn (int $i): array => [
                $middle + $radius * sin((2 * M_PI * $i) / $n),
                $middle + $radius * cos((2 * M_PI * $i) / $n),
                (M_PI * $diameter ** 2) / 4,
            ];

            return array_map($bar, range(0, $n - 1));
        }
        $isArea = str_contains($text, 'a');

        return array_map(
            fn (array $bar): array => [$bar[0], $bar[1], $isArea ? $bar[2] : (M_PI * $bar[2] ** 2) / 4],
            self::numbers($v, 'bars', str_replace('a', '', $text), 3),
        );
    }

    /** @return list<list<float>> groups of so many numbers */
    private static function numbers(Values $v, string $symbol, string $text, int $each): array
    {
        $groups = [];
        foreach (preg_split('/\s+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $group) {
            $numbers = explode(',', $group);
            $isSound = count($numbers) === $each && array_filter($numbers, is_numeric(...)) === $numbers;
            $v->assert($symbol, $isSound, "“{$group}” is not {$each} numbers with commas between.");
            $groups[] = array_map(floatval(...), $numbers);
        }

        return $groups;
    }
}
