<?php

declare(strict_types=1);

namespace Waage\Tools;

use Waage\Checks\Formula;
use Waage\Units\Kind;

/** A value that a tool asks for: its symbol, what it is, in which kind of unit, what stands in it at first. */
final readonly class Input
{
    /**
     * @param  string  $otherwise  as typed; empty: none need be given
     * @param  list<string>  $choices  where one of some texts is chosen
     * @param  bool  $isNeeded  false: it may be left empty
     */
    private function __construct(
        public string $symbol,
        public string $title,
        public Kind $kind,
        public string $otherwise,
        public array $choices = [],
        public bool $isNeeded = true,
    ) {
    }

    public static function of(string $symbol, string $title, Kind $kind, string $otherwise): self
    {
        return new self($symbol, $title, $kind, $otherwise);
    }

    public static function optional(string $symbol, string $title, Kind $kind, string $otherwise = ''): self
    {
        return new self($symbol, $title, $kind, $otherwise, isNeeded: false);
    }

    /** @param  non-empty-list<string>  $choices  the first one when nothing is said */
    public static function choice(string $symbol, string $title, array $choices): self
    {
        return new self($symbol, $title, Kind::Number, $choices[0], $choices);
    }

    public static function text(string $symbol, string $title, string $otherwise): self
    {
        return new self($symbol, $title, Kind::Number, $otherwise, ['']);
    }

    public function isText(): bool
    {
        return $this->choices === [''];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'symbol' => $this->symbol,
            'tex' => Formula::symbol($this->symbol),
            'title' => $this->title,
            'kind' => $this->kind->value,
            'otherwise' => $this->otherwise,
            'choices' => $this->isText() ? [] : $this->choices,
            'text' => $this->isText(),
            'needed' => $this->isNeeded,
        ];
    }
}
