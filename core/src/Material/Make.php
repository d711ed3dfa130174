<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Units\UnitSystem;

/** What a member is made of: its sections, grades, bars. Immutable; lengths in mm, weights in N/mm. */
interface Make
{
    /** Its id in the registry. */
    public function material(): string;

    /** The name of its section; with how it lies, where that has to be said. */
    public function name(): string;

    public function title(): string;

    public function grade(): string;

    /** Its family among the sections of a shortlist. */
    public function family(): string;

    /** @return non-empty-list<Piece> from end to end of the member */
    public function pieces(Situation $situation): array;

    /** What it is but for lengths that are different. */
    public function main(Situation $situation): Piece;

    /** Self-weight of the main piece. */
    public function weight(): float;

    /** Are sizes of it left for its checks to find? */
    public function isOpen(): bool;

    /** Does it deflect as its rigidity says? Concrete cracks. */
    public function isElastic(): bool;

    /** Greatest depth and width of the main piece. */
    public function depth(): float;

    public function width(): float;

    /** Surface of the main piece, mm² per mm. */
    public function surface(): float;

    /** From its shear centre to its upper (1) or lower (−1) face, upwards. */
    public function faceAbove(int $side): float;

    /** What is restrained at its top and bottom: a flange, or an edge. */
    public function edge(): string;

    /** @return array<string, mixed> its section as the result has it: drawing and properties */
    public function describe(): array;

    /**
     * What a sheet says of it beside name and grade.
     *
     * @return list<array<string, mixed>> blocks
     */
    public function blocks(UnitSystem $units): array;

    /** @return array<string, mixed> as a JSON merge patch (RFC 7396) on the member document, to take it up */
    public function patch(): array;

    /**
     * @return list<array{string, array<string, mixed>}> stronger ones to try in its place, the weakest first: name,
     *     patch
     */
    public function stronger(): array;

    /** More to say under the drawing of its section; empty: nothing. */
    public function caption(): string;
}
