<?php

declare(strict_types=1);

namespace Waage\Tools;

use Waage\Checks\Line;
use Waage\Checks\PrintedLine;
use Waage\Checks\Working;
use Waage\Material\Registry;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;
use Waage\Units\UnitSystem;

/** The tools of all materials: what there are, and their answers. */
final class Toolbox
{
    /** @return array<string, Tool> by name */
    public static function all(): array
    {
        $tools = [];
        foreach (Registry::all() as $material) {
            foreach ($material->tools() as $tool) {
                $tools[$tool->name()] = $tool;
            }
        }

        return $tools;
    }

    /** @return list<array<string, mixed>> what each asks for */
    public static function list(): array
    {
        return array_values(
            array_map(
                fn (Tool $t): array => [
                    'name' => $t->name(),
                    'title' => $t->title(),
                    'standard' => $t->standard(),
                    'inputs' => array_map(fn (Input $i): array => $i->toArray(), $t->inputs()),
                ],
                self::all(),
            ),
        );
    }

    /** Of plain numbers: "us", or metric. */
    public static function units(string $system): UnitSystem
    {
        return UnitSystem::tryFrom($system) ?? UnitSystem::Metric;
    }

    /**
     * @param  array<array-key, mixed>  $given  texts by symbol; one of an intermediate value stands in place of what
     *     is worked out
     * @return array{tool: string, title: string, standard: string, lines: list<array<string, mixed>>,
     *     printed: list<array<string, string>>}
     *
     * @throws InvalidMember with paths that start with "values."
     */
    public static function answer(string $name, array $given, UnitSystem $units): array
    {
        $tool =
            self::all()[$name] ?? throw new InvalidMember([new FieldError('tool', "There is no tool “{$name}”.")]);
        $inputs = array_map(fn (Input $i): string => $i->symbol, $tool->inputs());
        $w = new Working(true, self::typed(array_diff_key($given, array_flip($inputs))));
        $tool->run(Values::read($tool, $given, $units), $w);
        // Formulas of the European standards are in N and mm.
        $shown = preg_match('/^(EN|BS) /', $tool->standard()) === 1 ? UnitSystem::Metric : $units;
        if ($w->unused() !== []) {
            $symbol = $w->unused()[0];
            throw new InvalidMember([new FieldError("values.{$symbol}", "This tool has no value {$symbol} here.")]);
        }

        return [
            'tool' => $name,
            'title' => $tool->title(),
            'standard' => $tool->standard(),
            'lines' => array_map(fn (Line $line): array => self::line($line, $shown), $w->lines),
            'printed' => array_map(fn (Line $line): array => (new PrintedLine($line, $shown))->toArray(), $w->lines),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, float> in N, mm, MPa
     */
    private static function typed(array $given): array
    {
        $typed = [];
        foreach ($given as $symbol => $value) {
            if (is_scalar($value) && trim((string) $value) !== '') {
                is_numeric($value)
                    ? ($typed[(string) $symbol] = (float) $value)
                    : throw new InvalidMember([
                        new FieldError(
                            "values.{$symbol}",
                            'A value typed in place of another is a plain number, in N, mm and MPa.',
                        ),
                    ]);
            }
        }

        return $typed;
    }

    /** @return array<string, mixed> full precision, in the unit it is shown in */
    private static function line(Line $line, UnitSystem $shown): array
    {
        return [
            'symbol' => $line->symbol,
            'formula' => $line->formula === $line->symbol ? '' : $line->formula,
            'value' => $line->result / $shown->factor($line->kind),
            'unit' => $shown->unit($line->kind),
            'clause' => $line->clause,
            'note' => $line->note,
        ];
    }
}
