<?php

declare(strict_types=1);

namespace Waage\Tools;

use Waage\Checks\Working;

/** A calculation of its own beside members: typed effects and values in, an answer with its derivation out. */
interface Tool
{
    /** On the command line: "concrete-shear". */
    public function name(): string;

    public function title(): string;

    public function standard(): string;

    /** @return list<Input> */
    public function inputs(): array;

    /**
     * @param  Working  $w  takes the lines; the answers are its last ones
     *
     * @throws \Waage\Member\InvalidMember with paths that start with "values."
     */
    public function run(Values $values, Working $w): void;
}
