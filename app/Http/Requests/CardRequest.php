<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class CardRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + [
            'thing' => ['required', 'string', 'max:64'],
            'fields' => ['array', 'max:80'],
            'fields.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> by pointer */
    public function typed(): array
    {
        $typed = [];
        foreach ((array) $this->input('fields', []) as $pointer => $text) {
            $typed[(string) $pointer] = is_string($text) ? $text : '';
        }

        return $typed;
    }
}
