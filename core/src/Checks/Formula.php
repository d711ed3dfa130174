<?php

declare(strict_types=1);

namespace Waage\Checks;

/**
 * The text of a formula, set as LaTeX with symbols or with anything else in their place.
 *
 * Grammar: numbers, symbols, + − * / ^, brackets, and sqrt, min, max, abs, ln, exp; pi is a constant. The same text
 * is what the tests evaluate.
 */
final class Formula
{
    private const GREEK = [
        'alpha',
        'beta',
        'gamma',
        'delta',
        'epsilon',
        'eta',
        'lambda',
        'mu',
        'nu',
        'xi',
        'rho',
        'sigma',
        'tau',
        'chi',
        'psi',
        'theta',
        'phi',
        'pi',
        'Phi',
        'Omega',
        'Delta',
    ];

    private const FUNCTIONS = ['sqrt', 'min', 'max', 'abs', 'ln', 'exp'];

    /** Symbols written with a bar over them. */
    private const BARRED = ['lambda_LT', 'lambda_LT_0'];

    /** Symbols written in a way of their own. */
    private const WRITTEN = [
        'cot_theta' => '\\cot\\theta',
        'f_c' => "f'_{\\mathrm{c}}",
        'root_fc' => "\\sqrt{f'_{\\mathrm{c}}}",
        'phiM_n' => '\\phi M_{\\mathrm{n}}',
        'phiV_n' => '\\phi V_{\\mathrm{n}}',
        'phiT_th' => '\\phi T_{\\mathrm{th}}',
        'phiV_c' => '\\phi V_{\\mathrm{c}}',
        'A_s_c' => "A'_{\\mathrm{s}}",
        'd_c' => "d'",
        'f_c_par' => 'f_{\\mathrm{c}}',
        'f_c_perp' => 'f_{\\mathrm{c}\\perp}',
        'F_c_perp' => 'F_{\\mathrm{c}\\perp}',
        'F_c_perp_adj' => "F'_{\\mathrm{c}\\perp}",
        'F_b_star' => 'F_{\\mathrm{b}}^{*}',
        'F_c_star' => 'F_{\\mathrm{c}}^{*}',
        'F_b_adj' => "F'_{\\mathrm{b}}",
        'F_b2_adj' => "F'_{\\mathrm{b2}}",
        'F_c_adj' => "F'_{\\mathrm{c}}",
        'F_t_adj' => "F'_{\\mathrm{t}}",
        'F_v_adj' => "F'_{\\mathrm{v}}",
        'E_adj' => "E'",
        'E_min_adj' => "E'_{\\mathrm{min}}",
        'E_min_y_adj' => "E'_{\\mathrm{min,y}}",
        'f_s_c' => "f'_{\\mathrm{s}}",
    ];

    /** @var array<string, array<array-key, mixed>> */
    private static array $parsed = [];

    private int $at = 0;

    /** @param  list<string>  $tokens */
    private function __construct(private readonly array $tokens)
    {
    }

    /** The formula with its symbols. */
    public static function tex(string $formula): string
    {
        return self::write(self::parse($formula), self::symbol(...))[0];
    }

    /**
     * The formula with values put in.
     *
     * @param  array<string, string>  $values  LaTeX by symbol
     */
    public static function texWith(string $formula, array $values): string
    {
        return self::write(self::parse($formula), fn (string $s): string => $s === 'pi' ? '\\pi' : $values[$s])[0];
    }

    /**
     * The value of a formula.
     *
     * @param  array<string, float>  $values  by symbol
     *
     * @throws \LogicException where a symbol has no value
     */
    public static function value(string $formula, array $values): float
    {
        return self::evaluate(self::parse($formula), $values);
    }

    /** @return list<string> the symbols in it, each once */
    public static function symbols(string $formula): array
    {
        preg_match_all('~[A-Za-z]\w*~', $formula, $m);

        return array_values(array_unique(array_diff($m[0], [...self::FUNCTIONS, 'pi'])));
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  array<string, float>  $values
     */
    private static function evaluate(array $node, array $values): float
    {
        $name = $node[0];
        if ($name === 'number') {
            return (float) $node[1];
        }
        if ($name === 'symbol') {
            return $node[1] === 'pi'
                ? M_PI
                : $values[$node[1]] ?? throw new \LogicException("{$node[1]} has no value.");
        }
        /** @var non-empty-list<array<array-key, mixed>> $arguments */
        $arguments = array_slice($node, 1);
        $of = array_map(fn (array $argument): float => self::evaluate($argument, $values), $arguments);

        return match ($name) {
            '+' => $of[0] + $of[1],
            '-' => $of[0] - $of[1],
            '*' => $of[0] * $of[1],
            '/' => $of[0] / $of[1],
            '^' => $of[0] ** $of[1],
            'minus' => -$of[0],
            'brackets' => $of[0],
            'sqrt' => sqrt($of[0]),
            'abs' => abs($of[0]),
            'ln' => log($of[0]),
            'exp' => exp($of[0]),
            'min' => min($of),
            'max' => max($of),
            default => throw new \LogicException("No function {$name}."),
        };
    }

    /** E.g. W_pl_y → W_{\mathrm{pl,y}}, gamma_M0 → \gamma_{\mathrm{M0}}, k_tau → k_{\mathrm{\tau}}. */
    public static function symbol(string $name): string
    {
        $parts = explode('_', $name);
        $base = array_shift($parts);
        if (isset(self::WRITTEN[$name])) {
            return self::WRITTEN[$name];
        }
        $base = $base === 'absM' ? '|M|' : self::letter($base);
        if (in_array($name, self::BARRED, true)) {
            $base = "\\bar{{$base}}";
        }

        return $parts === []
            ? $base
            : $base.'_{\\mathrm{'.implode(',', array_map(self::letter(...), $parts)).'}}';
    }

    private static function letter(string $name): string
    {
        return in_array($name, self::GREEK, true) ? '\\'.($name === 'epsilon' ? 'varepsilon' : $name) : $name;
    }

    /** @return array<array-key, mixed> */
    private static function parse(string $formula): array
    {
        if (! isset(self::$parsed[$formula])) {
            preg_match_all('~\d+(?:\.\d+)?|[A-Za-z]\w*|[-+*/^(),]~', $formula, $m);
            self::$parsed[$formula] = (new self($m[0]))->sum();
        }

        return self::$parsed[$formula];
    }

    /** @return array<array-key, mixed> */
    private function sum(): array
    {
        $left = $this->product();
        while (in_array($this->tokens[$this->at] ?? '', ['+', '-'], true)) {
            $sign = $this->tokens[$this->at++];
            $left = [$sign, $left, $this->product()];
        }

        return $left;
    }

    /** @return array<array-key, mixed> */
    private function product(): array
    {
        $left = $this->power();
        while (in_array($this->tokens[$this->at] ?? '', ['*', '/'], true)) {
            $sign = $this->tokens[$this->at++];
            $left = [$sign, $left, $this->power()];
        }

        return $left;
    }

    /** @return array<array-key, mixed> */
    private function power(): array
    {
        $base = $this->atom();
        if (($this->tokens[$this->at] ?? '') === '^') {
            $this->at++;

            return ['^', $base, $this->atom()];
        }

        return $base;
    }

    /** @return array<array-key, mixed> */
    private function atom(): array
    {
        $token = $this->tokens[$this->at++] ?? throw new \LogicException('A formula ends too early.');
        if ($token === '-') {
            return ['minus', $this->power()];
        }
        if ($token === '(') {
            $inner = $this->sum();
            $this->at++;

            return ['brackets', $inner];
        }
        if (in_array($token, self::FUNCTIONS, true)) {
            $arguments = [];
            do {
                $this->at++;
                $arguments[] = $this->sum();
            } while (($this->tokens[$this->at] ?? '') === ',');
            $this->at++;

            return [$token, ...$arguments];
        }

        return [ctype_digit($token[0]) ? 'number' : 'symbol', $token];
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  callable(string): string  $symbol
     * @return array{string, int} LaTeX and how tightly it binds: 1 sum, 2 product, 3 single
     */
    private static function write(array $node, callable $symbol): array
    {
        $part = function (int $i, int $least) use ($node, $symbol): string {
            /** @var array<array-key, mixed> $child */
            $child = $node[$i];
            [$tex, $binds] = self::write($child, $symbol);

            return $binds < $least ? '\\left('.$tex.'\\right)' : $tex;
        };
        /** @var string $name */
        $name = $node[0];
        if ($name === 'number' || $name === 'symbol') {
            /** @var string $text */
            $text = $node[1];

            return [$name === 'number' ? $text : $symbol($text), 3];
        }
        $arguments = [];
        for ($i = 1; $i < count($node); $i++) {
            $arguments[] = $i;
        }
        // A value with its unit, or a negative one, needs brackets under a power.
        $power = function () use ($node, $symbol, $part): string {
            /** @var array{string, mixed} $base */
            $base = $node[1];
            $tex = $part(1, 3);
            $plain =
                $base[0] === 'brackets' ||
                ($base[0] === 'symbol' &&
                    ! str_contains($symbol((string) $base[1]), '\\,') &&
                    ! str_starts_with($tex, '-')) ||
                $base[0] === 'number';

            return ($plain ? ($base[0] === 'brackets' ? "{{$tex}}" : "{{$tex}}") : "\\left({$tex}\\right)").
                '^{'.
                $part(2, 1).
                '}';
        };

        return match ($name) {
            '+' => [$part(1, 1).' + '.$part(2, 1), 1],
            '-' => [$part(1, 1).' - '.$part(2, 2), 1],
            '*' => [$part(1, 2).' \\cdot '.$part(2, 2), 2],
            '/' => ['\\dfrac{'.self::bare($node[1], $symbol).'}{'.self::bare($node[2], $symbol).'}', 3],
            '^' => [$power(), 3],
            'minus' => ['-'.$part(1, 2), 1],
            'brackets' => ['\\left('.$part(1, 1).'\\right)', 3],
            'sqrt' => ['\\sqrt{'.$part(1, 1).'}', 3],
            'abs' => ['\\left|'.$part(1, 1).'\\right|', 3],
            default => [
                '\\'.
                $name.
                '\\left('.
                implode(';\\; ', array_map(fn (int $i): string => $part($i, 1), $arguments)).
                '\\right)',
                3,
            ],
        };
    }

    /**
     * Without the outer brackets, which a fraction line makes unnecessary.
     *
     * @param  callable(string): string  $symbol
     */
    private static function bare(mixed $node, callable $symbol): string
    {
        /** @var array<array-key, mixed> $node */
        if ($node[0] === 'brackets') {
            /** @var array<array-key, mixed> $node */
            $node = $node[1];
        }

        return self::write($node, $symbol)[0];
    }
}
