<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;

/** Checks where the rules for combinations go with no standard for concrete that is built in. */
final readonly class NoStandard implements MemberChecks
{
    use PlainChecks;

    private const WHY = 'Concrete is weighed by EN 1992-1-1, ACI 318-19 (combinations of strength design) or BS 8110-1. Choose combinations that go with one of them in the basis of the job.';

    public function weigh(Make $make, Detail $detail): array
    {
        return [new Weighing('strength', 'Strength', 'concrete', null, applies: false, remark: self::WHY)];
    }

    public function standard(): string
    {
        return 'none for concrete';
    }

    public function assumptions(): array
    {
        return [];
    }
}
