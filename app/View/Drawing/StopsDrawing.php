<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Geometry\Isolines;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Situation;
use FineFrame\Scene\LightField;

/** The floor in false colour, with a line at each whole stop. */
final readonly class StopsDrawing
{
    private const FINEST_M = 0.25;

    private float $stepM;

    /** @var array<int, array<int, float>> */
    private array $grid;

    public float $heightM;

    /** @var array{float, float} */
    private array $corner;

    public function __construct(Situation $situation, private Sheet $sheet)
    {
        $room = $situation->setup->room->first();
        $this->heightM = ($situation->setup->bodies[$situation->setup->subjects()[0]->id ?? ''] ?? null)->eyes->z ?? 1.2;
        $this->corner = LightField::corner($room);
        $this->stepM = LightField::step($room, self::FINEST_M);
        $this->grid = (new LightField($situation->scene, $situation->setup->camera(0)?->pupil()))->grid(
            $room,
            $this->heightM,
            $this->stepM,
        );
    }

    /** @return list<array{fill: string, path: string}> squares about each place that was computed, one path a colour */
    public function fills(): array
    {
        $paths = [];
        $half = 0.5;
        foreach ($this->grid as $i => $column) {
            foreach ($column as $j => $stops) {
                $fill = Scale::fill($stops);
                $paths[$fill] = ($paths[$fill] ?? '').'M'.$this
                    ->at($i - $half, $j - $half).'L'.$this
                    ->at($i + $half, $j - $half).'L'.$this
                    ->at($i + $half, $j + $half).'L'.$this
                    ->at($i - $half, $j + $half).'Z';
            }
        }

        return array_map(
            static fn (string $fill, string $path): array => ['fill' => $fill, 'path' => $path],
            array_map(strval(...), array_keys($paths)),
            array_values($paths),
        );
    }

    /** @return list<array{stops: string, path: string}> */
    public function lines(): array
    {
        $lines = [];
        foreach (range(-4, 4) as $level) {
            $path = '';
            foreach (Isolines::at($this->grid, $level) as [[$a, $b], [$c, $d]]) {
                $path .= 'M'.$this->at($a, $b).'L'.$this->at($c, $d);
            }
            if ($path !== '') {
                $lines[] = ['stops' => Reader::sign($level).abs($level), 'path' => $path];
            }
        }

        return $lines;
    }

    private function at(float $i, float $j): string
    {
        $point = new Vec2($this->corner[0] + $i * $this->stepM, $this->corner[1] + $j * $this->stepM);

        return $this->sheet->x($point).' '.$this->sheet->y($point);
    }
}
