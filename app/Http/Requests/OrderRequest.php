<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The members of a job in the order they are to have. */
final class OrderRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['members' => ['required', 'array', 'max:5000'], 'members.*' => ['integer']];
    }

    /** @return list<int> */
    public function members(): array
    {
        /** @var array<int> $ids */
        $ids = $this->validated('members');

        return array_values($ids);
    }
}
