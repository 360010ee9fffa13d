<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\SetupList;
use FineFrame\Scene\Footprint;
use FineFrame\Space\Wall;
use FineFrame\Staging\Furniture;

/** Where everything stands, in words: the floor as a table, and as read out to someone with a tape. */
final readonly class Whereabouts
{
    public function __construct(private Situation $situation, private Verdicts $verdicts, private Reader $reader)
    {
    }

    /**
     * @return list<array{id: string, name: string, kind: string, x: string, y: string, walls: string, state: string}> the floor as a table
     */
    public function table(): array
    {
        $rows = [];
        foreach (SetupList::placed() as $list) {
            foreach ($list->of($this->situation->setup->setup) as $thing) {
                $place = SetupList::place($thing);
                if ($place === null) {
                    continue;
                }
                $rows[] = [
                    'id' => $thing->id,
                    'name' => SetupList::called($thing),
                    'kind' => $list->one(),
                    'x' => $this->reader->metres($place->x),
                    'y' => $this->reader->metres($place->y),
                    'walls' => $this->walls($place),
                    'state' => $this->state($thing->id)->value,
                ];
            }
        }

        return $rows;
    }

    /**
     * @return list<array{name: string, words: string}> each thing's place from two walls, with its height, as read out to someone with a
     *     tape
     */
    public function positions(): array
    {
        $s = $this->situation->setup->setup;
        $rows = [];
        foreach ($s->people as $p) {
            $rows[] = [$p->name, $p->place, 'eyes '.$this->reader->metres($this->situation->setup->bodies[$p->id]->eyes->z)];
        }
        foreach ($s->cameras as $c) {
            $rows[] = [$c->label, $c->place, 'lens '.$this->reader->metres($c->heightM)];
        }
        foreach ($s->lights as $l) {
            $rows[] = [
                $l->name,
                $l->place,
                'centre of the face '.$this->reader->metres($l->heightM).', dimmer '.round(100 * $l->dimmer).' %',
            ];
        }
        foreach ($s->booms as $b) {
            $rows[] = [$b->name, $b->place, 'tip '.$this->reader->metres($b->heightM)];
            $rows[] = [$b->name.' stand', $b->standPlace, 'top '.$this->reader->metres($b->standHeightM)];
        }
        foreach (SetupList::placed() as $list) {
            foreach ($list->rows($s) as $row) {
                [$place, $height] = [SetupList::place($row), $row->has('height_m') ? $row->number('height_m') : null];
                if ($place !== null) {
                    $rows[] = [
                        $row->text('name'),
                        $place,
                        $height === null ? 'centre' : $this->reader->metres($height).' high',
                    ];
                }
            }
        }
        foreach ($s->furniture as $f) {
            $rows[] = [$f->name, $f->place, 'centre'];
        }

        return array_map(fn (array $r): array => ['name' => $r[0], 'words' => $this->walls($r[1]).', '.$r[2]], $rows);
    }

    /** @return list<array{name: string, words: string}> furniture that stands otherwise than it was found, and where it goes back to */
    public function restore(): array
    {
        $moved = array_filter($this->situation->setup->setup->furniture, static fn (Furniture $f): bool => $f->isMoved());

        return array_values(
            array_map(
                fn (Furniture $f): array => [
                    'name' => $f->name,
                    'words' => 'back '.$this->reader->metres(
                        $f->place->distanceTo($f->found ?? $f->place),
                    ).': '.$this->walls($f->found ?? $f->place),
                ],
                $moved,
            ),
        );
    }

    /** @return array<string, int> supports that the setup needs, by model */
    public function supports(): array
    {
        $names = array_map(static fn (Footprint $p): ?string => $p->support?->name, $this->situation->footprints());

        return array_count_values(array_filter($names, is_string(...)));
    }

    public function walls(Vec2 $place): string
    {
        $room = $this->situation->setup->room;

        return ($room->contains($place) ? '' : 'outside, ').implode(
            ', ',
            array_map(
                fn (Wall $w): string => $this->reader->metres($w->line->distanceTo($place)).' from the '.$w->name,
                $room->tapeWalls($place),
            ),
        );
    }

    /** The worst that is said about a thing. */
    private function state(string $id): Severity
    {
        foreach ($this->verdicts->findings as $finding) {
            if (in_array($id, $finding->about, true)) {
                return $finding->severity;
            }
        }

        return Severity::Holds;
    }
}
