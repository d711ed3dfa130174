<?php

declare(strict_types=1);

namespace Waage\Design;

/**
 * What the strips show: the envelope of all combinations, one combination, the arrangement of one weighing, or one
 * load case with every span loaded.
 */
final readonly class Show
{
    private function __construct(public string $kind, public string $id)
    {
    }

    public static function envelope(): self
    {
        return new self('envelope', '');
    }

    /** "envelope", "combination:STR 1", "weighing:bending" or "case:q"; anything else is the envelope. */
    public static function fromText(string $text): self
    {
        [$kind, $id] = explode(':', $text.':', 2);

        return in_array($kind, ['combination', 'case', 'weighing'], true)
            ? new self($kind, rtrim($id, ':'))
            : self::envelope();
    }
}
