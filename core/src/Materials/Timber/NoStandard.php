<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Material\Make;
use Waage\Material\MemberChecks;
use Waage\Material\PlainChecks;

/** Checks where the rules for combinations go with no standard for timber that is built in. */
final readonly class NoStandard implements MemberChecks
{
    use PlainChecks;

    private const WHY = 'Timber is weighed by EN 1995-1-1, the NDS 2018 or CSA O86:19. Choose combinations of EN 1990, ASCE 7 or NBC 2020 in the basis of the job.';

    public function weigh(Make $make, Detail $detail): array
    {
        return [new Weighing('strength', 'Strength', 'timber', null, applies: false, remark: self::WHY)];
    }

    public function standard(): string
    {
        return 'none for timber';
    }

    public function assumptions(): array
    {
        return [];
    }
}
