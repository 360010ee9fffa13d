<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Access\Role;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A link to be made: for whom, as what, to what, until when. */
final class ShareRequest extends FormRequest
{
    /** The longest a link may open, days. */
    private const LONGEST = 400;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'role' => ['required', Rule::enum(Role::class)],
            'setup' => ['nullable', 'string', 'max:64'],
            'days' => ['required', 'integer', 'min:1', 'max:'.self::LONGEST],
            'marks' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => __('access.wrong.name'), 'days.*' => __('access.wrong.days', ['most' => self::LONGEST]),
            'role.*' => __('access.wrong.role'),
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    public function until(CarbonImmutable $now): CarbonImmutable
    {
        return $now->addDays($this->integer('days'));
    }
}
