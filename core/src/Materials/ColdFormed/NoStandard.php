<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;

/** Checks where the rules for combinations go with no standard for cold-formed sections that is built in. */
final readonly class NoStandard implements MemberChecks
{
    use PlainChecks;

    private const WHY = 'Cold-formed sections are weighed by EN 1993-1-3, AISI S100-16 and AS/NZS 4600. Choose combinations of EN 1990, ASCE 7 or AS/NZS 1170 in the basis of the job.';

    public function weigh(Make $make, Detail $detail): array
    {
        return [new Weighing('strength', 'Strength', 'cold-formed', null, applies: false, remark: self::WHY)];
    }

    public function standard(): string
    {
        return 'none for cold-formed sections';
    }

    public function assumptions(): array
    {
        return [];
    }
}
