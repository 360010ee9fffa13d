<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Plan\NewKind;
use Illuminate\Validation\Rules\Enum;

final class ThingRequest extends ChangeRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kind' => ['required_without:thing', new Enum(NewKind::class)],
            'thing' => ['required_without:kind', 'string', 'max:64'],
        ];
    }

    public function kind(): NewKind
    {
        return NewKind::from($this->string('kind')->toString());
    }
}
