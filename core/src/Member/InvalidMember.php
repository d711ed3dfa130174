<?php

declare(strict_types=1);

namespace Waage\Member;

/** A document that cannot be worked with; it lists every field that is wrong. */
final class InvalidMember extends \DomainException
{
    /** @param  non-empty-list<FieldError>  $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct($errors[0]->message);
    }
}
