<?php

declare(strict_types=1);

namespace Waage\Tools;

use Waage\Checks\Working;

/** A tool whose calculation is a function. */
final readonly class FormulaTool implements Tool
{
    /**
     * @param  list<Input>  $inputs
     * @param  \Closure(Values, Working): void  $run
     */
    public function __construct(
        private string $name,
        private string $title,
        private string $standard,
        private array $inputs,
        private \Closure $run,
    ) {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function standard(): string
    {
        return $this->standard;
    }

    public function inputs(): array
    {
        return $this->inputs;
    }

    public function run(Values $values, Working $w): void
    {
        ($this->run)($values, $w);
    }
}
