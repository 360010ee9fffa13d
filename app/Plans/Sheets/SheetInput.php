<?php

declare(strict_types=1);

namespace App\Plans\Sheets;

use App\Plans\Cards\FieldKind;
use App\Plans\Cards\UnreadableField;
use App\View\Reader;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\FineFrameException;
use FineFrame\Plan\FreeId;
use Illuminate\Validation\ValidationException;

/** Turns a posted sheet into the list as the plan keeps it. */
final readonly class SheetInput
{
    public function __construct(private Sheet $sheet, private Reader $reader)
    {
    }

    /**
     * An entry without its needed column is left out; what was not touched keeps its full precision.
     *
     * @param  array<array-key, array<string, string>>  $typed
     * @return list<array<array-key, mixed>>
     *
     * @throws ValidationException with a sentence for each field that cannot be read
     */
    public function rows(array $typed): array
    {
        $known = [];
        foreach ($this->sheet->rows as $row) {
            $known[is_string($row['id'] ?? null) ? $row['id'] : ''] = $row;
        }
        $rows = $errors = $taken = [];
        foreach ($typed as $cells) {
            if (trim($cells[$this->sheet->needed] ?? '') === '') {
                continue;
            }
            $id = $cells['id'] ?? '';
            $row = $this->row($cells, $known[$id] ?? [], "{$this->sheet->pointer}/".($id === '' ? count($rows) : $id), $errors);
            $entry = ['id' => $id === '' ? FreeId::of($this->sheet->name, [...$taken, ...array_keys($known)]) : $id] + $row;
            $taken[] = $entry['id'];
            if (! in_array($entry, $this->sheet->shipped)) {
                $rows[] = $entry;
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }

        return $rows;
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<array-key, mixed>  $old
     * @param  array<string, string>  $errors
     * @return array<array-key, mixed>
     */
    private function row(array $cells, array $old, string $at, array &$errors): array
    {
        $row = $old;
        foreach (array_keys($this->sheet->columns) as $column) {
            $text = trim($cells[$column] ?? '');
            $field = $this->sheet->field($column, $old);
            $isKept = array_key_exists($column, $old)
                && (
                    $field->text($this->reader) === $text
                    || ($field->kind === FieldKind::Number && $text === (string) (is_scalar($old[$column]) ? $old[$column] : ''))
                );
            if ($isKept) {
                continue;
            }
            unset($row[$column]);
            if ($text === '') {
                continue;
            }
            try {
                $row[$column] = $field->read($text, $this->reader);
                $problems = new Problems;
                $this->sheet->columns[$column]->read(Node::root([$column => $row[$column]], $problems), $column);
                foreach ($problems->all() as $problem) {
                    $errors["$at/$column"] = ucfirst($problem->sentence($this->reader->units));
                }
            } catch (FineFrameException|UnreadableField $e) {
                $errors["$at/$column"] = $e->getMessage();
            }
        }

        return $row;
    }
}
