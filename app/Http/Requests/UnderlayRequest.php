<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Geometry\Vec2;
use Illuminate\Http\UploadedFile;

final class UnderlayRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + [
            'underlay' => ['nullable', 'file', 'max:30720'],
            'apart' => ['required_without:underlay', 'nullable', 'string', 'max:40'],
        ]
            + array_fill_keys(['x1', 'y1', 'x2', 'y2'], ['required_without:underlay', 'nullable', 'numeric']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(
            ['x1.required_without', 'y1.required_without', 'x2.required_without', 'y2.required_without'],
            'Mark two points on the floor first.',
        ) + [
            'apart.required_without' => 'Enter the distance between them.',
            'underlay.max' => 'The picture may be 30 MB at most.',
            'underlay.uploaded' => 'The file did not upload completely. Send it again.',
        ];
    }

    public function picture(): ?UploadedFile
    {
        $file = $this->file('underlay');

        return $file instanceof UploadedFile ? $file : null;
    }

    public function point(int $nth): Vec2
    {
        return new Vec2($this->float("x$nth"), $this->float("y$nth"));
    }
}
