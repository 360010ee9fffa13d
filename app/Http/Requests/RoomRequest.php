<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Reader;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;
use FineFrame\Plan\Location;
use Illuminate\Validation\ValidationException;

/** The tape book as typed: walls, diagonals and openings, a row each. An empty row is left out. */
final class RoomRequest extends ChangeRequest
{
    /** @var array<string, string> */
    private array $unreadable = [];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return parent::rules() + [
            'place' => ['required', 'string', 'max:200'], 'height_m' => ['required', 'string', 'max:40'], 'north_deg' => ['nullable', 'string', 'max:20'],
            'walls' => ['required', 'array', 'max:60'], 'diagonals' => ['array', 'max:200'], 'openings' => ['array', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['place.required' => 'Name the place.', 'height_m.required' => 'Tape the ceiling height.', 'walls.required' => 'A room needs at least three walls.'];
    }

    /**
     * @return array<string, mixed> the room as the plan file writes it
     *
     * @throws ValidationException with a sentence beside each field that cannot be read
     */
    public function space(Location $location, Reader $reader): array
    {
        $base = "/locations/$location->id/space";
        $space = [
            'height_m' => $this->length("$base/height_m", $this->string('height_m')->toString(), $reader),
            'north_deg' => $this->number("$base/north_deg", $this->string('north_deg', '0')->toString() ?: '0'),
            'walls' => $this->rows('walls', 'length_m', fn (array $r, string $at, int $i): array => [
                'id' => $r['id'] ?: $this->freeId('w', $i), 'name' => $r['name'] ?: 'wall '.chr(65 + $i % 26), 'length_m' => $this->length("$at/length_m", $r['length_m'], $reader), 'turn_deg' => $this->number("$at/turn_deg", $r['turn_deg'] ?: '90'),
            ], $base),
            'diagonals' => $this->rows('diagonals', 'length_m', fn (array $r, string $at): array => [
                'from' => $r['from'], 'to' => $r['to'], 'length_m' => $this->length("$at/length_m", $r['length_m'], $reader),
            ], $base),
            'openings' => $this->rows('openings', 'width_m', fn (array $r, string $at, int $i): array => [
                'id' => $r['id'] ?: $this->freeId('o', $i), 'name' => $r['name'] ?: $r['kind'].' '.($i + 1), 'kind' => $r['kind'], 'wall' => $r['wall'], 'offset_m' => $this->length("$at/offset_m", $r['offset_m'] ?: '0', $reader),
                'width_m' => $this->length("$at/width_m", $r['width_m'], $reader), 'sill_m' => $this->length("$at/sill_m", $r['sill_m'] ?: '0', $reader), 'head_m' => $this->length("$at/head_m", $r['head_m'], $reader),
                'way_out' => $r['way_out'] === '1',
            ], $base),
        ];
        if ($this->unreadable !== []) {
            throw ValidationException::withMessages($this->unreadable);
        }

        return $space + $location->space->write();
    }

    /**
     * @param  \Closure(array<string, string>, string, int): array<string, mixed>  $read
     * @return list<array<string, mixed>>
     */
    private function rows(string $list, string $needed, \Closure $read, string $base): array
    {
        $rows = [];
        foreach ((array) $this->input($list, []) as $row) {
            $row = array_map(static fn (mixed $v): string => is_string($v) ? trim($v) : '', is_array($row) ? $row : []);
            $row += ['id' => '', 'name' => '', 'length_m' => '', 'turn_deg' => '', 'from' => '', 'to' => '', 'kind' => 'window', 'wall' => '', 'offset_m' => '', 'width_m' => '', 'sill_m' => '', 'head_m' => '', 'way_out' => ''];
            if ($row[$needed] !== '') {
                $rows[] = $read($row, "$base/$list/".count($rows), count($rows));
            }
        }

        return $rows;
    }

    private function freeId(string $stem, int $i): string
    {
        return $stem.($i + 1).'-'.substr(hash('xxh32', $stem.$i.microtime()), 0, 4);
    }

    private function length(string $at, string $typed, Reader $reader): float
    {
        try {
            return round(Length::parse($typed, $reader->units)->metres, 6);
        } catch (FineFrameException $e) {
            $this->unreadable[$at] = $e->getMessage();

            return 1.0;
        }
    }

    private function number(string $at, string $typed): float
    {
        $clean = trim(str_replace([',', '−'], ['.', '-'], $typed), ' °');
        is_numeric($clean) ?: $this->unreadable[$at] = "“{$typed}” is not a number.";

        return (float) $clean;
    }
}
