<?php

declare(strict_types=1);

namespace Waage\Tools;

use Waage\Checks\Working;
use Waage\Member\Fields;
use Waage\Units\Quantity;
use Waage\Units\QuantityError;
use Waage\Units\UnitSystem;

/** What is typed into a tool, read by its inputs; N, mm, MPa. */
final readonly class Values
{
    /**
     * @param  array<string, float>  $numbers  by symbol
     * @param  array<string, string>  $texts  by symbol
     * @param  array<string, Input>  $inputs  by symbol
     */
    private function __construct(private array $numbers, private array $texts, private array $inputs)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  texts by symbol
     *
     * @throws \Waage\Member\InvalidMember with paths that start with "values."
     */
    public static function read(Tool $tool, array $given, UnitSystem $units): self
    {
        $f = new Fields;
        $numbers = $texts = $inputs = [];
        foreach ($tool->inputs() as $input) {
            $inputs[$input->symbol] = $input;
            $text = $given[$input->symbol] ?? $input->otherwise;
            $text = is_scalar($text) ? trim((string) $text) : '';
            if ($input->choices !== []) {
                if (! $input->isText() && ! in_array($text, $input->choices, true)) {
                    $f->fail("values.{$input->symbol}", 'This is one of: '.implode(', ', $input->choices).'.');
                }
                $texts[$input->symbol] = $text;

                continue;
            }
            if ($text === '' && ! $input->isNeeded) {
                continue;
            }
            try {
                $numbers[$input->symbol] = Quantity::parse($text, $input->kind, $units);
            } catch (QuantityError $e) {
                $f->fail("values.{$input->symbol}", $e->getMessage());
            }
        }
        $f->throwIfAny();

        return new self($numbers, $texts, $inputs);
    }

    public function has(string $symbol): bool
    {
        return isset($this->numbers[$symbol]);
    }

    public function number(string $symbol): float
    {
        return $this->numbers[$symbol];
    }

    public function text(string $symbol): string
    {
        return $this->texts[$symbol];
    }

    /** Lets a value into a calculation, as it was typed. */
    public function let(Working $w, string ...$symbols): void
    {
        foreach ($symbols as $symbol) {
            $w->let(
                $symbol,
                $this->numbers[$symbol],
                $this->inputs[$symbol]->kind,
                '',
                $this->inputs[$symbol]->title,
            );
        }
    }

    /** @throws \Waage\Member\InvalidMember where a value lies outside of what a rule is for */
    public function assert(string $symbol, bool $isSound, string $message): void
    {
        if (! $isSound) {
            $f = new Fields;
            $f->fail("values.{$symbol}", $message);
            $f->throwIfAny();
        }
    }

    /** All of them are greater than zero. */
    public function assertPositive(string ...$symbols): void
    {
        foreach ($symbols as $symbol) {
            $this->assert(
                $symbol,
                ! isset($this->numbers[$symbol]) || $this->numbers[$symbol] > 0.0,
                'This must be greater than zero.',
            );
        }
    }
}
