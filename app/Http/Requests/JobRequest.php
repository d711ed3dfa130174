<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Services\BasisSchema;
use App\Services\StoredSize;
use Illuminate\Foundation\Http\FormRequest;
use Waage\Member\BasisReader;
use Waage\Member\InvalidMember;

/** The texts and the basis of a job; when it is changed, those that are given. */
final class JobRequest extends FormRequest
{
    /** Bytes of JSON: sixty build-ups of sixty layers have room. */
    private const LARGEST_BASIS = 600_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $text = ['nullable', 'string', 'max:60'];

        return [
            'name' => [$this->isMethod('POST') ? 'required' : 'sometimes', 'filled', 'string', 'max:120'],
            'number' => $text,
            'client' => $text,
            'engineer' => $text,
            'checker' => $text,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'A job needs a name.',
            'filled' => 'A job needs a name.',
            'max' => 'This is too long; at most :max characters.',
            'string' => 'This must be a text.',
        ];
    }

    /** @return array<string, string> */
    public function texts(): array
    {
        /** @var array<string, string|null> $texts */
        $texts = $this->validated();

        return array_map(fn (?string $t): string => trim((string) $t), $texts);
    }

    /**
     * Null where none is given.
     *
     * @return array<string, mixed>|null
     *
     * @throws InvalidMember with paths that start with "basis."
     */
    public function basis(): ?array
    {
        $basis = $this->input('basis');
        if (! is_array($basis)) {
            return null;
        }
        StoredSize::assertBelow($basis, self::LARGEST_BASIS, 'basis', 'This basis is too large to be stored.');
        BasisReader::read($basis);
        BasisSchema::assert($basis);

        return $basis;
    }

    /** The revision of the basis that was edited. */
    public function basisRevision(): int
    {
        return $this->integer('basisRevision');
    }
}
