<?php

declare(strict_types=1);

namespace App\View;

use App\Instruments\Instruments;
use App\Plans\Cards\Choices;
use App\Plans\Sheets\Sheet;
use App\Plans\Sheets\Sheets;
use App\View\Drawing\SmallPlan;
use App\View\Drawing\SunDrawing;
use FineFrame\Document\ColumnKind;
use FineFrame\Judge\Comparison;
use FineFrame\Judge\Consequences;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Location;
use FineFrame\Space\PlacedRoom;

/** What brief, scouting and tape book show of a place: its lists, its sun, its photos, and how it compares. */
final class ScoutDesk
{
    private ?SunDrawing $sun = null;

    public function __construct(
        private readonly Situation $situation,
        private readonly PlacedRoom $room,
        private readonly Reader $reader,
        private readonly Phrase $phrase,
        private readonly string $crop = '',
    ) {
    }

    public function sheet(string $name): Sheet
    {
        return (new Sheets($this->situation->setup, $this->room))->of($name);
    }

    /** @return array<array-key, array<string, string>>|null what was typed into a sheet that is not kept yet */
    public function typed(string $sheet): ?array
    {
        $typed = app()->bound('typed') ? app('typed') : null;
        if (! is_array($typed) || ($typed['sheet'] ?? null) !== $sheet || ! is_array($typed['rows'] ?? null)) {
            return null;
        }

        return array_map(
            static fn (mixed $row): array => array_map(static fn (mixed $v): string => is_string($v) ? $v : '', is_array($row) ? $row : []),
            $typed['rows'],
        );
    }

    public function sun(): ?SunDrawing
    {
        $study = $this->situation->place()->study();

        return $study === null ? null : $this->sun ??= new SunDrawing($study, $this->situation->place());
    }

    /** @return list<string> what the brief already asks for, in sentences */
    public function consequences(): array
    {
        return array_map(
            fn (array $c): string => $this->phrase->consequence($c[0], $c[1]),
            Consequences::of($this->situation->setup->plan),
        );
    }

    /**
     * An entry of a sheet in a line: its name, and the rest that was said.
     *
     * @param  array<array-key, mixed>  $row
     * @return array{string, string}
     */
    public function entry(Sheet $sheet, array $row): array
    {
        $phrase = $this->phrased($sheet, $row);
        if ($phrase !== null) {
            return $phrase;
        }
        $said = [];
        foreach (array_keys($sheet->columns) as $column) {
            $value = $row[$column] ?? null;
            if (
                $value === null
                || $value === ''
                || $value === false
                || in_array(
                    $column,
                    ['taken_on', 'taken_at', 'x_m', 'y_m', 'file', ...($sheet->name === 'photos' ? ['width_px', 'height_px'] : [])],
                    true,
                )
                || $value === ($sheet->columns[$column]->choices[0] ?? null)
            ) {
                continue;
            }
            $field = $sheet->field($column, $row);
            $text = is_string($value) && ($field->options[$value] ?? null) === null ? $value : $field->text($this->reader);
            $answer = in_array($value, ['yes', 'no'], true);
            $bare = $answer
                || $said !== []
                && $field->unit === ''
                && in_array($sheet->columns[$column]->kind, [ColumnKind::Number, ColumnKind::Clock, ColumnKind::Metres], true);
            $words = trim(($field->options[$text] ?? $text).' '.$field->unit);
            $said[] = match (true) {
                $value === true => $field->label,
                ! $bare => $words,
                $answer => "$field->label: $words",
                default => "$field->label $words",
            };
        }

        if ($sheet->name === 'ties') {
            return [implode('–', array_slice($said, 0, 2)), implode(' · ', array_slice($said, 2))];
        }

        return [$said[0] ?? $sheet->one(), implode(' · ', array_slice($said, 1, 5))];
    }

    /**
     * A row as people would say it: of the phrases for its list, those whose every part is filled in.
     *
     * @param  array<array-key, mixed>  $row
     * @return array{string, string}|null null for a list without phrases
     */
    private function phrased(Sheet $sheet, array $row): ?array
    {
        $phrases = __("sheets.phrases.$sheet->name");
        $name = $row[$sheet->needed] ?? '';
        if (! is_array($phrases) || ! is_string($name)) {
            return null;
        }
        $parts = [];
        foreach ($sheet->columns as $column => $of) {
            $value = $row[$column] ?? null;
            if ($of->unit === Unit::Kilogram && is_numeric($value)) {
                $parts[":$column"] = $this->reader->print(Quantity::of((float) $value, Unit::Kilogram));
            } elseif ($value !== null && $value !== '' && $value !== false) {
                $field = $sheet->field($column, $row);
                $text = $field->text($this->reader);
                $parts[":$column"] = $field->options[$text] ?? $this->reader->print($text);
            }
        }
        krsort($parts);
        $isFilled = static fn (string $phrase): bool => preg_match_all(
            '/:[a-z0-9_]+/',
            $phrase,
            $wanted,
        ) > 0 && array_diff($wanted[0], array_keys($parts)) === [];
        $said = array_map(
            static fn (string $phrase): string => strtr($phrase, $parts),
            array_filter(array_filter($phrases, is_string(...)), $isFilled),
        );

        return [$name === '' ? $sheet->one() : $sheet->options[$sheet->needed][$name] ?? Choices::shown($name), implode(', ', $said)];
    }

    /** A room's outline at one scale for all, to be seen side by side. */
    public function smallPlan(Location $place): string
    {
        return (new SmallPlan($this->situation->setup->plan))->of($place);
    }

    /** What the forecast says of the day's sky, in words. */
    public function forecast(): string
    {
        $date = $this->situation->place()->date();
        if ($date === '') {
            return '';
        }
        ['cloud' => $cloud, 'sure' => $sure] = app(Instruments::class)->forecast($this->situation->setup->location, $date);
        $sky = match (true) {
            $cloud < 0.25 => 'clear',
            $cloud < 0.6 => 'broken cloud: level and colour change fast',
            default => 'overcast: steady and soft',
        };

        return $sky.', '.round(100 * $cloud).' % cloud, '.round(100 * $sure).' % sure';
    }

    /** The focal length whose view is drawn on photos: as asked for, else A's. */
    public function cropMm(): float
    {
        return is_numeric($this->crop)
            ? max(4.0, min(1000.0, (float) $this->crop))
            : $this->situation->setup->camera(0)?->placement->focalMm ?? 50.0;
    }

    /**
     * @return list<array{file: string, caption: string, width: int, height: int, words: string, crops: list<array{w: float, h: float}>}>
     */
    public function references(): array
    {
        return (new ReferenceFrames($this->situation->setup, $this->cropMm()))->all();
    }

    public function comparison(): Comparison
    {
        return new Comparison($this->situation->setup->plan);
    }
}
