<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Checks\Cameras\SettingsAgree;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Reframe;
use FineFrame\Scene\Square;

/** What the cameras' pages show besides frames: sizes to be had from here, how square, how they are set. */
final readonly class CameraDesk
{
    private const COLUMNS = ['fps' => 'Rate', 'shutter_deg' => 'Shutter', 'iso' => 'ISO', 'white_balance_k' => 'White', 'profile' => 'Look', 'nd_stops' => 'Density', 'automatic' => 'Automatic'];

    public function __construct(private Situation $situation, private Reader $reader)
    {
    }

    /** @return list<array{size: string, lens: array{words: string, note: string, can: bool}, move: array{words: string, note: string, can: bool}}> */
    public function sizes(string $camera): array
    {
        return array_map(fn (array $pair): array => ['size' => $pair[0]->size->value, 'lens' => $this->option($pair[0]), 'move' => $this->option($pair[1])], Reframe::all($this->situation->scene, $camera));
    }

    /** @return list<string> how far from square, each straight thing */
    public function square(string $camera): array
    {
        $view = $this->situation->scene->views[$camera];
        $all = array_filter([Square::toWall($this->situation->setup, $view), ...Square::toFurniture($this->situation->setup, $view)]);

        return array_values(array_map(static fn (Square $s): string => $s->name.': '.(abs($s->offRad) < 0.005 ? 'square' : number_format(abs(rad2deg($s->offRad)), 1).'° '.($s->offRad > 0 ? 'clockwise' : 'counter-clockwise')), $all));
    }

    /** What an operator does once before the take, because of the glass. */
    public function focusHabit(string $camera): string
    {
        $c = $this->situation->setup->cameras[$camera];
        if (! $c->lens->isZoom() || $c->placement->focalMm > 0.98 * $c->lens->longestMm) {
            return '';
        }
        $print = fn (float $mm): string => $this->reader->print(Quantity::of($mm, Unit::Millimetre));

        return $c->lens->parfocal
            ? "Focus at {$print($c->lens->longestMm)}, then widen to {$print($c->placement->focalMm)}: this zoom keeps it."
            : "Focus at {$print($c->lens->longestMm)}, widen to {$print($c->placement->focalMm)}, and look again: this zoom drifts.";
    }

    /** @return array<string, string> */
    public function columns(): array
    {
        return self::COLUMNS;
    }

    /** @return list<array{id: string, label: string, role: string, cells: list<array{words: string, odd: bool}>, records: string, stop: string}> */
    public function settings(): array
    {
        $settings = $this->situation->settings();
        $odd = SettingsAgree::odd($settings);
        $rows = [];
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $rows[] = [
                'id' => $id, 'label' => $camera->placement->label, 'role' => $camera->placement->role->value, 'stop' => $this->reader->print(Quantity::of($camera->placement->tStop, Unit::TStop)),
                'records' => implode(' × ', $camera->pixels()).(($camera->mode->limitMin ?? 0.0) > 0 ? ', stops after '.round($camera->mode->limitMin ?? 0.0).' min' : ''),
                'cells' => array_map(static fn (string $column): array => ['words' => SettingsAgree::print($settings[$id], $column), 'odd' => in_array($column, $odd[$id] ?? [], true) || $column === 'automatic' && $settings[$id]->automatic !== 'nothing'], array_keys(self::COLUMNS)),
            ];
        }

        return $rows;
    }

    /** @return array{words: string, note: string, can: bool} */
    private function option(Reframe $to): array
    {
        $words = $to->isMove ? $this->reader->metres($to->distanceM) : $this->reader->print(Quantity::of($to->focalMm, Unit::Millimetre));
        $note = match ($to->why) {
            'lens' => 'no lens of the kit',
            'wall' => 'the wall is in the way',
            'focus' => 'nearer than it focuses',
            default => $this->reader->metres($to->backgroundM).' behind, blur '.$this->reader->print(Quantity::share($to->blurShare)).($to->noseToEar > 1.13 ? ', stretches' : ''),
        };

        return ['words' => $words, 'note' => $note, 'can' => $to->why === ''];
    }
}
