<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\View\Reader;
use FineFrame\FineFrameException;
use FineFrame\Plan\Edit;
use Illuminate\Validation\ValidationException;

/** Turns a posted card into an edit of what was changed on it. */
final class CardInput
{
    /**
     * @param  array<string, string>  $typed  by pointer
     *
     * @throws ValidationException with a sentence for each field that cannot be read
     */
    public static function edit(Card $card, array $typed, Reader $reader): Edit
    {
        $values = $errors = [];
        foreach ($card->fields() as $field) {
            $text = $typed[$field->pointer] ?? null;
            // An untouched field keeps its full precision, whatever the reader's units round it to.
            if ($text === null || $text === $field->text($reader)) {
                continue;
            }
            try {
                $values[$field->pointer] = $field->read($text, $reader);
            } catch (FineFrameException|UnreadableField $e) {
                $errors[$field->pointer] = $e->getMessage();
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }

        $needed = array_filter(
            $card->seeds,
            static fn (string $at): bool => array_filter(
                array_keys($values),
                static fn (string $p): bool => str_starts_with($p, $at.'/'),
            ) !== [],
            ARRAY_FILTER_USE_KEY,
        );

        return new Edit($needed + $values);
    }
}
