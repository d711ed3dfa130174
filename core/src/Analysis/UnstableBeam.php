<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** The beam can move without being strained; the message says how. */
final class UnstableBeam extends \DomainException
{
}
