<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SheetRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + [
            'sheet' => ['required', 'string', 'max:40'],
            'merge' => ['nullable', 'in:1'],
            'was' => ['array', 'max:240'],
            'was.*' => ['array', 'max:30'],
            'was.*.*' => ['nullable', 'string', 'max:2000'],
            'rows' => ['array', 'max:240'],
            'rows.*' => ['array', 'max:30'],
            'rows.*.*' => ['nullable', 'string', 'max:2000'],
            'take' => ['nullable', 'string', 'max:80'],
            'drop' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<array-key, array<string, string>> the rows as typed, without the one that is dropped */
    public function typed(): array
    {
        $rows = $this->rows('rows');
        unset($rows[$this->string('drop')->toString()]);

        return $rows;
    }

    /** Whether only what was changed is sent, from a page that may be old. */
    public function isMerge(): bool
    {
        return $this->string('merge')->toString() === '1';
    }

    /** @return array<array-key, array<string, string>> `rows` or `was`, as sent */
    public function rows(string $which): array
    {
        $rows = [];
        foreach ((array) $this->input($which, []) as $i => $row) {
            $rows[$i] = [];
            foreach (is_array($row) ? $row : [] as $column => $text) {
                $rows[$i][(string) $column] = is_string($text) ? $text : '';
            }
        }

        return $rows;
    }
}
