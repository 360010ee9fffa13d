<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SheetRequest extends ChangeRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + ['sheet' => ['required', 'string', 'max:40'], 'rows' => ['array', 'max:240'], 'rows.*' => ['array', 'max:30'], 'rows.*.*' => ['nullable', 'string', 'max:2000'], 'take' => ['nullable', 'string', 'max:80'], 'drop' => ['nullable', 'string', 'max:80']];
    }

    /** @return array<array-key, array<string, string>> the rows as typed, without the one that is dropped */
    public function typed(): array
    {
        $rows = [];
        foreach ((array) $this->input('rows', []) as $i => $row) {
            $rows[$i] = [];
            foreach (is_array($row) ? $row : [] as $column => $text) {
                $rows[$i][(string) $column] = is_string($text) ? $text : '';
            }
        }
        unset($rows[$this->string('drop')->toString()]);

        return $rows;
    }
}
