<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** How a section is strained when it is classified. */
enum Strain
{
    case BendingY;
    case BendingZ;
    case Compression;
}
