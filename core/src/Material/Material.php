<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Analysis\MemberEnvelopes;
use Waage\Member\Fields;
use Waage\Tools\Tool;

/** Steel, timber, concrete …: how a member of it is read, what it is checked by, what could stand in its place. */
interface Material
{
    public function id(): string;

    /**
     * A make from its block of the document; null after a fault, which goes to the fields.
     *
     * @param  array<array-key, mixed>  $block
     * @param  string  $path  before the names of its fields, with a dot: where the block stands
     */
    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make;

    /** @return list<Parameter> what its standards leave to nations, for the basis of a job */
    public function parameters(): array;

    /** @return list<Tool> calculations of their own by its standards */
    public function tools(): array;

    /** @return array<string, list<string>> what its fields let one choose from */
    public function choices(): array;

    /** Is there a section of this name? */
    public function knows(string $section): bool;

    /** @return iterable<Make> what a shortlist weighs in place of a make */
    public function candidates(Make $make): iterable;

    /** The checks of a member by the standard that goes with the combinations of its job. */
    public function checks(MemberEnvelopes $envelopes): MemberChecks;

    /**
     * Plastic collapse (core/schema/collapse.schema.json), or why there is none.
     *
     * @return array<string, mixed>
     */
    public function collapse(CollapseQuestion $question): array;
}
