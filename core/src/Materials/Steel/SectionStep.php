<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Materials\Steel\Sections\Section;

/** A length of a member with a section and a grade of its own; from, to in mm. */
final readonly class SectionStep
{
    public function __construct(
        public float $from,
        public float $to,
        public Section $section,
        public SteelGrade $grade,
    ) {
    }
}
