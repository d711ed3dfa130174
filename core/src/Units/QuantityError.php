<?php

declare(strict_types=1);

namespace Waage\Units;

/** What is wrong with a typed quantity, in a sentence for the engineer. */
final class QuantityError extends \DomainException
{
}
