<?php

declare(strict_types=1);

namespace Waage\Member;

/** What the engineer says to a weighing. */
final readonly class Remark
{
    /** @param  bool  $leftOut  the weighing does not count; the text is the reason */
    public function __construct(public string $text, public bool $leftOut)
    {
    }
}
