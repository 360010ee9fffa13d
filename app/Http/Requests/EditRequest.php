<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\Edit;

/** An edit as JSON: plan fields by pointer. What the values may be, the plan's reader says. */
final class EditRequest extends ChangeRequest
{
    private const MOST = 40;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + ['edit' => ['required', 'string', 'max:200000'], 'fields' => ['nullable', 'array']];
    }

    /** @throws InvalidDocument if the edit is not an object of pointers */
    public function edit(): Edit
    {
        $values = CanonicalJson::read($this->string('edit')->toString());
        if (! $values instanceof \stdClass) {
            throw InvalidDocument::at('', 'An edit must be an object of plan fields by pointer.');
        }
        $edits = [];
        foreach ((array) $values as $pointer => $value) {
            if (! str_starts_with((string) $pointer, '/')) {
                throw InvalidDocument::at(
                    '',
                    'An edit must be an object of plan fields by pointer: “'.mb_strimwidth((string) $pointer, 0, 40, '…').'” is none.',
                );
            }
            $edits[(string) $pointer] = self::plain($value);
        }
        if (count($edits) > self::MOST) {
            throw InvalidDocument::at('', 'An edit sets at most '.self::MOST.' fields.');
        }

        // Of an edit that met another’s, the fields that were chosen.
        $chosen = $this->input('fields');

        return new Edit(is_array($chosen) ? array_intersect_key($edits, array_flip(array_filter($chosen, is_string(...)))) : $edits);
    }

    /** Objects as the maps that an edit holds. */
    private static function plain(mixed $value): mixed
    {
        return $value instanceof \stdClass || is_array($value) ? array_map(self::plain(...), (array) $value) : $value;
    }
}
