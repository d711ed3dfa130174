<?php

declare(strict_types=1);

use Symfony\Component\ExpressionLanguage\ExpressionFunction;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Waage\Checks\Line;
use Waage\Units\UnitTable;

/** A general-purpose evaluator with the functions that formulas use. */
function evaluator(): ExpressionLanguage
{
    static $language = null;
    if ($language === null) {
        $language = new ExpressionLanguage();
        foreach (
            ['sqrt' => 'sqrt', 'min' => 'min', 'max' => 'max', 'abs' => 'abs', 'exp' => 'exp', 'log' => 'ln'] as $php => $name
        ) {
            $language->addFunction(ExpressionFunction::fromPhp($php, $name));
        }
    }

    return $language;
}

/** The recorded formula with the recorded values. */
function recompute(Line $line): float
{
    return (float) evaluator()->evaluate(str_replace('^', '**', $line->formula), [
        'pi' => M_PI,
        ...array_map(fn (array $v): float => $v[0], $line->values),
    ]);
}

/** A printed LaTeX expression with its units, in N, mm, MPa. */
function evaluateTex(string $tex): float
{
    $text = (string) preg_replace_callback(
        '~\\\\,\\\\mathrm\{((?:[^{}]|\{[^{}]*\})*)\}~',
        function (array $m): string {
            $unit = str_replace(['\\,', '^{2}', '^{3}', '^{4}', '^{6}'], ['·', '²', '³', '⁴', '⁶'], $m[1]);

            return '*'.sprintf('%.17g', UnitTable::unit($unit)['factor']);
        },
        $tex,
    );
    $text = strtr($text, [
        '\\left|' => 'abs(',
        '\\right|' => ')',
        '\\left' => '',
        '\\right' => '',
        '\\cdot' => '*',
        '\\pi' => sprintf('%.17g', M_PI),
        ';\\;' => ',',
        '\\sqrt' => 'sqrt',
        '\\min' => 'min',
        '\\max' => 'max',
        '\\ln' => 'ln',
        '\\exp' => 'exp',
    ]);
    // A fraction is two groups side by side; a brace is a bracket.
    while (preg_match('~\\\\dfrac(\{(?:[^{}]|(?1))*\})(\{(?:[^{}]|(?2))*\})~', $text, $m) === 1) {
        $text = str_replace($m[0], "({$m[1]}/{$m[2]})", $text);
    }

    return (float) evaluator()->evaluate(strtr($text, ['^' => '**', '{' => '(', '}' => ')']));
}
