<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class NewShootRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['title' => ['required', 'string', 'max:120'], 'place' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.required' => 'Give the shoot a title.', 'place.required' => 'Name the location: a room or a building.'];
    }
}
