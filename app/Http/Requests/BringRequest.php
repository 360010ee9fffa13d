<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;

final class BringRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + [
            'what' => ['required', 'in:tape,drawing,readings,kit,ies,clap,scan,song'],
            'file' => ['required_without:take', 'file', 'max:20480'],
            'take' => ['nullable', 'in:1'],
            'unit' => ['nullable', 'in:m,cm,mm,in,ft'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required_without' => 'Choose a file.',
            'file.max' => 'The file is larger than 20 MB.',
            'file.uploaded' => 'The file did not upload completely. Send it again.',
        ];
    }

    /** Whether an instrument takes it now, in place of a file. */
    public function isTaken(): bool
    {
        return $this->string('take')->toString() === '1' && ! $this->hasFile('file');
    }

    /** The file as it came. */
    public function bytes(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : '';
    }

    /** @throws ValidationException if the file is not text */
    public function text(): string
    {
        $text = $this->bytes();
        if (mb_check_encoding($text, 'UTF-8')) {
            return $text;
        }
        $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');

        return ! str_contains($text, "\0")
            ? $text
            : throw ValidationException::withMessages(['file' => 'That is not a text file. Import CSV, or ASCII DXF.']);
    }

    /** Metres in a drawing unit. */
    public function metresAUnit(): float
    {
        return match ($this->string('unit')->toString()) {
            'cm' => 0.01,
            'mm' => 0.001,
            'in' => 0.0254,
            'ft' => 0.3048,
            default => 1.0,
        };
    }
}
