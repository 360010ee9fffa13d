<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Geometry\Vec2;
use FineFrame\Space\OpeningKind;
use Illuminate\Validation\Rules\Enum;

final class OpeningRequest extends ChangeRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return parent::rules() + [
            'kind' => ['required', new Enum(OpeningKind::class)],
            'x' => ['required', 'numeric', 'between:-200,200'],
            'y' => ['required', 'numeric', 'between:-200,200'],
        ];
    }

    public function kind(): OpeningKind
    {
        return OpeningKind::from($this->string('kind')->toString());
    }

    /** Where was pointed, metres on the plan. */
    public function point(): Vec2
    {
        return new Vec2($this->float('x'), $this->float('y'));
    }
}
