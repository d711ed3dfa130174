<?php

declare(strict_types=1);

namespace Waage\Member;

final readonly class LoadCase
{
    public function __construct(public string $id, public string $name, public Category $category)
    {
    }
}
