<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Units\Kind;

/** What a weighing is called, where it stands, and of which kind its demand and capacity are. */
final readonly class Heading
{
    /** @param  string  $group  what it is called without its place, where there is one for every span or support */
    public function __construct(
        public string $id,
        public string $title,
        public string $clause,
        public string $group = '',
        public Kind $kind = Kind::LowStress,
    ) {
    }

    /** The same, of another kind. */
    public function of(Kind $kind): self
    {
        return new self($this->id, $this->title, $this->clause, $this->group, $kind);
    }
}
