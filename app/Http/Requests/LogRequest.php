<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a device sends: who it is, what its clock says, and marks. */
final class LogRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'device' => ['required', 'string', 'max:64'],
            'name' => ['nullable', 'string', 'max:80'],
            'now_ms' => ['required', 'numeric'],
            'marks' => ['present', 'array', 'max:500'],
            'marks.*' => ['array'],
        ];
    }

    public function device(): string
    {
        return $this->string('device')->toString();
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }

    public function nowMs(): float
    {
        return $this->float('now_ms');
    }

    /** @return list<array<array-key, mixed>> */
    public function marks(): array
    {
        $marks = $this->input('marks');

        return array_values(array_filter(is_array($marks) ? $marks : [], is_array(...)));
    }
}
