<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

/** A member document to be kept; an incomplete one as well. */
final class MemberRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidMember where it is none
     */
    public function document(): array
    {
        $document = $this->input('document');
        if (! is_array($document)) {
            throw new InvalidMember([new FieldError('document', 'This is not a Waage member file.')]);
        }

        return $document;
    }

    /** The revision that was edited. */
    public function revision(): int
    {
        return $this->integer('revision');
    }
}
