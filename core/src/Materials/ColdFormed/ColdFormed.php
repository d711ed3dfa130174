<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\MemberEnvelopes;
use Waage\Design\Design;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Shape;
use Waage\Materials\ColdFormed\Tools\ColdFormedTools;
use Waage\Member\Fields;

/** Cold-formed sections: their tools; members are refused in words. */
final class ColdFormed implements Material
{
    private const WHY = 'Members of cold-formed sections are not weighed yet. Their properties, buckling and strength are among the tools.';

    public function id(): string
    {
        return 'cold-formed';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        $fields->fail('material', self::WHY);

        return null;
    }

    public function parameters(): array
    {
        return [];
    }

    public function tools(): array
    {
        return ColdFormedTools::all();
    }

    public function choices(): array
    {
        return [];
    }

    public function knows(string $section): bool
    {
        return false;
    }

    public function candidates(Make $make): iterable
    {
        return [];
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        throw new \LogicException(self::WHY);
    }

    public function collapse(Design $design, string $combination): array
    {
        return NoCollapse::because(self::WHY);
    }
}
