<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** What bending does to the stem of a tee. */
enum Stem
{
    case Compressed;

    case Tensioned;

    /** Either, under one load or another. */
    case Both;
}
