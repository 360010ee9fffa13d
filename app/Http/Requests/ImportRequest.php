<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Document\CanonicalJson;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A plan file; what it is, its content says, whatever its name. */
final class ImportRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['plan' => ['required', 'file', 'max:'.intdiv(CanonicalJson::MAX_BYTES, 1000)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'plan.required' => 'Choose a plan file.',
            'plan.max' => 'The file is larger than 10 MB; a plan is far smaller.',
            'plan.uploaded' => 'The file did not arrive; it may be larger than 10 MB.',
        ];
    }

    public function plan(): string
    {
        $file = $this->file('plan');
        assert($file instanceof UploadedFile);

        return (string) $file->get();
    }
}
