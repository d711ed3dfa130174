<?php

declare(strict_types=1);

namespace Waage\Tests\Material;

use Waage\Analysis\MemberEnvelopes;
use Waage\Material\CollapseQuestion;
use Waage\Material\Make;
use Waage\Material\Material;
use Waage\Material\MemberChecks;
use Waage\Material\NoCollapse;
use Waage\Material\Shape;
use Waage\Material\Situation;
use Waage\Member\Fields;
use Waage\Units\Kind;

/** A material that does not exist, to see that the house knows none by name: bars of ice, square. */
final class Ice implements Material
{
    public function id(): string
    {
        return 'ice';
    }

    public function read(Fields $fields, array $block, Shape $shape, string $path): ?Make
    {
        $size = $fields->positive($block, 'size', "{$path}size", Kind::Size, 'The size');

        return $size > 0.0 ? new IceBar($size, $shape->length) : null;
    }

    public function parameters(): array
    {
        return [];
    }

    public function tools(): array
    {
        return [];
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
        return [
            new IceBar(300.0, $make->pieces(new Situation())[0]->to),
            new IceBar(500.0, $make->pieces(new Situation())[0]->to),
        ];
    }

    public function checks(MemberEnvelopes $envelopes): MemberChecks
    {
        return new IceChecks($envelopes);
    }

    public function collapse(CollapseQuestion $question): array
    {
        return NoCollapse::because('Ice melts.');
    }
}
