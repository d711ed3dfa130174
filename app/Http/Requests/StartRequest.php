<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Waage\Member\MemberReader;

/** A member document that new members are to start from. */
final class StartRequest extends FormRequest
{
    /** What belongs to the one member and not to its kind. */
    private const OWN = [
        'mark', 'title', 'notes', 'loads', 'combinations', 'leftOut', 'remarks', 'endForces', 'influence', 'collapse',
        'arrangements', 'basis',
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', 'regex:/^[a-z]+ [a-z]+( joist| pair)?( american| canadian)?$/'],
            'document' => ['required', 'array', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => 'This is no kind of member.', 'document.*' => 'This is not a Waage member file.'];
    }

    /** Material and kind: "steel beam". */
    public function kind(): string
    {
        return $this->string('kind')->value();
    }

    /** @return array<array-key, mixed> */
    public function start(): array
    {
        /** @var array<array-key, mixed> $document */
        $document = $this->input('document');
        MemberReader::assertFormat($document);

        return [...array_diff_key($document, array_flip(self::OWN)), 'version' => MemberReader::VERSION];
    }
}
