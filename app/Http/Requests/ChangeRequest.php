<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A change to a shoot, made from a page that showed a version of it. */
class ChangeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1']];
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
