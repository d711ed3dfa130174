<?php

declare(strict_types=1);

use Waage\Checks\Formula;

it('sets formulas as LaTeX', function (string $formula, string $tex): void {
    expect(Formula::tex($formula))->toBe($tex);
})->with([
    ['W_pl_y * f_y / gamma_M0', '\\dfrac{W_{\\mathrm{pl,y}} \\cdot f_{\\mathrm{y}}}{\\gamma_{\\mathrm{M0}}}'],
    ['a - (b - c)', 'a - \\left(b - c\\right)'],
    ['(a + b) * c', '\\left(a + b\\right) \\cdot c'],
    ['sqrt(lambda_LT^2 - 1)', '\\sqrt{{\\bar{\\lambda}_{\\mathrm{LT}}}^{2} - 1}'],
    ['lambda_w * k_tau', '\\lambda_{\\mathrm{w}} \\cdot k_{\\mathrm{\\tau}}'],
    ['min(1, x)', '\\min\\left(1;\\; x\\right)'],
]);

it('puts values in with brackets where they are needed', function (): void {
    expect(Formula::texWith('x^2 - y', ['x' => '3\\,\\mathrm{m}', 'y' => '\\left(-2\\right)']))->toBe(
        '\\left(3\\,\\mathrm{m}\\right)^{2} - \\left(-2\\right)',
    );
});
