<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** The beam can move without being strained; the message says how, the field what would have to change. */
final class UnstableBeam extends \DomainException
{
    public function __construct(string $message, public readonly string $field = 'supports')
    {
        parent::__construct($message);
    }
}
