<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class PlaceRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + ['name' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Name the location: a room or a building.'];
    }
}
