<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;

final class PhotoRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + ['photos' => ['required', 'array', 'max:60'], 'photos.*' => ['file', 'max:30720']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photos.required' => 'Choose a photo.',
            'photos.*.max' => 'A photo may be 30 MB at most.',
            'photos.*.file' => 'That file did not upload completely. Send it again.',
            'photos.*.uploaded' => 'That file did not upload completely. Send it again.',
        ];
    }

    /** @return list<UploadedFile> */
    public function photos(): array
    {
        $files = $this->file('photos');

        return array_values(array_filter(is_array($files) ? $files : [$files], static fn (mixed $f): bool => $f instanceof UploadedFile));
    }
}
