<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Document\Record;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\BoomStudy;
use FineFrame\Judge\Ears;
use FineFrame\Judge\LinkReach;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Voice;
use FineFrame\Sound\Reverberation;

/**
 * What is drawn over the floor for sound: how far each voice is drier than the room, where a boom may be, microphones on people, ways of
 * wireless links.
 */
final readonly class SoundOverlays
{
    public function __construct(private Situation $situation, private Reader $reader, private Sheet $sheet, private Labels $labels)
    {
    }

    /**
     * @return list<array{path: string, words: string, at: array{float, float}}> around each voice, as far as its boom may go before the
     *     room is as loud; none where nobody has said what the room is of
     */
    public function rings(): array
    {
        $rings = [];
        if (! $this->situation->setup->location->space->surfaces->isKnown()) {
            return [];
        }
        $room = $this->situation->place()->sound();
        foreach ($this->situation->scene->booms as $boom) {
            $far = Reverberation::criticalM(
                $room->volumeM3,
                $room->speechTime(),
                Voice::Q,
            ) * $boom->model->pickup()->distanceFactor();
            $mouth = $boom->mouth->floor();
            $words = 'equal to the reverb at '.$this->reader->metres($far);
            $top = $mouth->plus(new Vec2(0, $far));
            $rings[] = [
                'path' => $this->sheet->path(Polygon::circle($mouth, $far, 48)->corners),
                'words' => $words,
                'at' => $this->labels->place($this->sheet->x($top), $this->sheet->y($top), 10, $words),
            ];
        }

        return $rings;
    }

    /** @return list<array{x: float, y: float, words: string}> the inner side of where each boom's tip may be */
    public function shell(): array
    {
        $dots = [];
        foreach ($this->situation->scene->booms as $id => $boom) {
            foreach ((new BoomStudy($this->situation, $boom))->volume() as [$tip, $far]) {
                $dots[] = [
                    'x' => $this->sheet->x($tip->floor()),
                    'y' => $this->sheet->y($tip->floor()),
                    'words' => $this->situation->name($id).' from '.$this->reader->metres($far).', '.$this->reader->metres($tip->z).' high',
                ];
            }
        }

        return $dots;
    }

    /** @return list<array{path: string, words: string, at: array{float, float}}> microphones that are no booms, and pairs */
    public function ears(): array
    {
        $marks = [];
        foreach ($this->situation->ears() as $ear) {
            if (! ($ear->isBoom() || $ear->worn === Ears::PAIR)) {
                $marks[] = $this->mark($ear->at->floor(), $ear->name);
            }
        }
        foreach ($this->situation->setup->setup->list('pairs') as $pair) {
            [$x, $y] = [$pair->number('x_m'), $pair->number('y_m')];
            if (! ($x === null || $y === null)) {
                array_push(
                    $marks,
                    $this->mark(new Vec2($x - 0.09, $y), ''),
                    $this->mark(new Vec2($x + 0.09, $y), $pair->text('name')),
                );
            }
        }

        return $marks;
    }

    /** @return array{path: string, words: string, at: array{float, float}} */
    private function mark(Vec2 $place, string $name): array
    {
        [$x, $y] = [$this->sheet->x($place), $this->sheet->y($place)];

        return [
            'path' => 'M'.($x - 5)." {$y}L$x ".($y - 5).'L'.($x + 5)." {$y}L$x ".($y + 5).'Z',
            'words' => $name,
            'at' => $name === '' ? [$x, $y] : $this->labels->place($x, $y, 9, $name),
        ];
    }

    /** @return list<array{path: string, words: string}> from each pack to its antenna */
    public function links(): array
    {
        return array_map(
            fn (LinkReach $r): array => [
                'path' => $this->sheet->path([$r->pack->floor(), $r->antenna->floor()], false),
                'words' => $r->link->text('name').', '.round($r->path->marginDb()).' dB margin',
            ],
            LinkReach::allOf($this->situation),
        );
    }

    /** @return list<array{path: string, words: string, at: array{float, float}}> antennas and recorders */
    public function boxes(): array
    {
        $boxes = [];
        foreach ([...$this->situation->setup->setup->list('antennas'), ...$this->situation->setup->setup->list('recorders')] as $row) {
            [$x, $y] = [$row->number('x_m'), $row->number('y_m')];
            if ($x !== null && $y !== null && ! $this->isCamera($row)) {
                $at = new Vec2($x, $y);
                $boxes[] = [
                    'path' => $this->sheet->path(Polygon::box($at, 0.18, 0.14, 0.0)->corners),
                    'words' => $row->text('name'),
                    'at' => $this->labels->place($this->sheet->x($at), $this->sheet->y($at), 11, $row->text('name')),
                ];
            }
        }

        return $boxes;
    }

    /** A recorder that is a camera is drawn as one already. */
    private function isCamera(Record $row): bool
    {
        return str_starts_with(mb_strtolower($row->text('name')), 'camera');
    }
}
