<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Camera\AimMode;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Situation;
use FineFrame\Light\LightPlacement;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\Gear;
use FineFrame\Scene\Sweep;
use FineFrame\Space\Joint;
use FineFrame\Space\Opening;
use FineFrame\Space\PlacedRoom;
use FineFrame\Staging\Furniture;

/** The floor from above, true to scale, as paths for the view. */
final class FloorDrawing
{
    public readonly Sheet $sheet;

    private readonly Labels $labels;

    private readonly ThingShapes $shapes;

    public function __construct(private readonly Situation $situation, private readonly Reader $reader)
    {
        $this->sheet = new Sheet(
            [
                ...$situation->setup->room->corners(),
                ...array_map(static fn (LightPlacement $l): Vec2 => $l->place, $situation->setup->setup->lights),
            ],
        );
        $this->shapes = new ThingShapes($this->sheet);
        $this->labels = new Labels($this->sheet->text(), $this->sheet);
        foreach ($situation->setup->setup->furniture as $f) {
            $this->labels->keepClear($this->sheet->x($f->place), $this->sheet->y($f->place), ...$this->halves($f));
        }
        foreach ($situation->scene->lamps as $lamp) {
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $share) {
                $edge = Vec3::between($lamp->corners()[0], $lamp->corners()[1], $share)->floor();
                $this->labels->keepClear($this->sheet->x($edge), $this->sheet->y($edge), 12);
            }
            $this->labels->keepClear($this->sheet->x($lamp->rear()->floor()), $this->sheet->y($lamp->rear()->floor()), 22);
        }
        foreach ($situation->footprints() as $print) {
            $this->labels->keepClear($this->sheet->x($print->centre), $this->sheet->y($print->centre), 17);
        }
    }

    public function overlays(): FloorOverlays
    {
        return new FloorOverlays($this->situation, $this->reader, $this->sheet, $this->labels);
    }

    public function sound(): SoundOverlays
    {
        return new SoundOverlays($this->situation, $this->reader, $this->sheet, $this->labels);
    }

    public function room(): string
    {
        return implode(
            '',
            array_map(fn (PlacedRoom $r): string => $this->sheet->path($r->room->floor->corners), $this->situation->setup->room->all),
        );
    }

    /** @return list<array{name: string, at: array{float, float}}> the joined rooms' names */
    public function joined(): array
    {
        return array_map(function (PlacedRoom $r): array {
            $middle = $r->room->floor->middle();

            return ['name' => $r->name, 'at' => $this->labels->place($this->sheet->x($middle), $this->sheet->y($middle), 0.0, $r->name)];
        }, array_slice($this->situation->setup->room->all, 1));
    }

    /** The floor within the walls between rooms. */
    public function thresholds(): string
    {
        return implode(
            '',
            array_map(fn (Joint $j): string => $this->sheet->path($j->threshold()->corners), $this->situation->setup->room->joints),
        );
    }

    /** @return list<array{id: string, name: string, kind: string, line: string, swing: string}> */
    public function openings(): array
    {
        $room = $this->situation->setup->room;

        return array_map(fn (Opening $o): array => [
            'id' => $o->id, 'name' => $o->name, 'kind' => $o->kind->value,
            'line' => $this->sheet->path([$room->lineOf($o)->from, $room->lineOf($o)->to], false),
            'swing' => $o->swing->takesFloor() ? $this->swing($o) : '',
        ], $room->openings);
    }

    /**
     * @param  list<string>  $overlays
     * @return array{file: string, x: float, y: float, width: float, height: float, turn: float}|null the floor plan underneath, while is
     *     measured
     */
    public function underlay(array $overlays): ?array
    {
        $under = $this->situation->setup->room->first()->underlay;
        $grown = ($under->metresAPixel ?? 0.0) * Sheet::UNITS;

        return $under === null || $under->file === '' || ! in_array('survey', $overlays, true) ? null : [
            'file' => $under->file,
            'x' => $this->sheet->x($under->place),
            'y' => $this->sheet->y($under->place),
            'width' => round($under->widthPx * $grown, 1),
            'height' => round($under->heightPx * $grown, 1),
            'turn' => round(rad2deg($under->turnRad), 2),
        ];
    }

    /** @return list<array{id: string, name: string, class: string, path: string, at: array{float, float}}> what belongs to the building */
    public function built(): array
    {
        $all = [];
        foreach ($this->situation->setup->room->built as $built) {
            $paths = implode('', array_map(fn (array $b): string => $this->sheet->path($b[0]->corners), $built->blocks()));
            $all[] = [
                'id' => $built->id,
                'name' => $built->name,
                'class' => 'built '.$built->kind->value,
                'path' => $paths,
                'at' => $this->labels->place(
                    $this->sheet->x($built->place),
                    $this->sheet->y($built->place),
                    min(60.0, $built->widthM * 50),
                    $built->name,
                ),
            ];
        }

        return $all;
    }

    /** @return list<array{name: string, circuit: string, x: float, y: float, path: string}> outlets, as they sit on their walls */
    public function outlets(): array
    {
        $room = $this->situation->setup->room;
        $all = [];
        foreach ($room->outlets as $outlet) {
            $wall = $room->wall($outlet->wall) ?? $room->first()->walls[0];
            $at = $wall->along(min($outlet->offsetM, $wall->line->length()));
            $in = $wall->inward()->times(0.12);
            $along = $wall->line->direction()->times(0.08);
            $all[] = [
                'name' => $outlet->name,
                'circuit' => $outlet->circuit ?? '',
                'x' => $this->sheet->x($at->plus($in->times(0.5))),
                'y' => $this->sheet->y($at->plus($in->times(0.5))),
                'path' => $this->sheet->path(
                    [$at->minus($along), $at->minus($along)->plus($in), $at->plus($along)->plus($in), $at->plus($along)],
                ),
            ];
        }

        return $all;
    }

    /** @return list<Thing> */
    public function furniture(): array
    {
        $all = [];
        foreach ($this->situation->setup->setup->furniture as $f) {
            [$x, $y] = [$this->sheet->x($f->place), $this->sheet->y($f->place)];
            [$rx, $ry] = $this->halves($f);
            $words = Labels::width($f->name, $this->sheet->text());
            $label = 2 * $rx > $words + 4
                ? [round($x - $words / 2, 1), round($y + $this->sheet->text() * 0.35, 1)]
                : $this->labels->place($x, $y, $rx, $f->name, $ry);
            $all[] = new Thing(
                $f->id,
                $f->name,
                'furniture',
                [['top', $this->sheet->path($f->footprint()->corners)]],
                $x,
                $y,
                0.0,
                $label,
                $this->handle("furniture/$f->id", $f->place, turn: 'turn_deg', deg: rad2deg($f->turnRad)),
            );
        }

        return $all;
    }

    /** @return array{float, float} half of what a footprint takes across and up the drawing */
    private function halves(Furniture $f): array
    {
        $corners = $f->footprint()->corners;
        $reach = static fn (string $axis): float => max(
            array_map(static fn (Vec2 $c): float => abs($c->{$axis} - $f->place->{$axis}), $corners),
        ) * Sheet::UNITS;

        return [$reach('x'), $reach('y')];
    }

    /** @return list<Thing> people and gear, in stage order */
    public function things(): array
    {
        $all = [];
        foreach ($this->situation->setup->bodies as $id => $body) {
            $all[] = $this->thing(
                $id,
                $body->person->name,
                'person '.$body->person->role->value,
                $this->shapes->figure($body),
                $body->person->place,
                0.0,
                0.24,
                $this->handle("subjects/$id", $body->person->place, turn: 'facing_deg', deg: rad2deg($body->person->facingRad)),
            );
        }
        foreach ($this->situation->footprints() as $print) {
            if ($print->support !== null) {
                array_push($all, ...$this->gear($print));
            }
        }

        return $all;
    }

    /** @return list<array{path: string, way: string, rail: string}> where moving cameras go, and where whoever carries them goes behind */
    public function moves(): array
    {
        return array_map(function (Sweep $sweep): array {
            $behind = [];
            foreach ($sweep->path->camera->isManned() ? $sweep->steps() : [] as [, $view]) {
                $behind[] = Gear::operatorPlace($view->camera, $view->forwardVector());
            }

            return [
                'path' => $this->sheet->path($sweep->path->line(), false),
                'way' => $behind === [] ? '' : $this->sheet->path($behind, false),
                'rail' => $sweep->path->rail() === null ? '' : $this->sheet->path($sweep->path->rail()->corners),
            ];
        }, $this->situation->sweeps());
    }

    /** @return list<Thing> the marks of moving cameras, to be dragged */
    public function marks(): array
    {
        $all = [];
        foreach ($this->situation->sweeps() as $sweep) {
            $move = $sweep->path->move;
            foreach ($move->marks as $i => $mark) {
                [$x, $y] = [$this->sheet->x($mark->place), $this->sheet->y($mark->place)];
                $ahead = Vec2::towards($sweep->path->mark($mark)->bearingRad);
                $tip = $mark->place->plus($ahead->times(0.26));
                $side = $ahead->left()->times(0.1);
                $paths = [
                    ['mark-aim', $this->sheet->path([$mark->place->plus($side), $tip, $mark->place->minus($side)])],
                    ['mark-dot', $this->sheet->path(Polygon::circle($mark->place, 0.11, 14)->corners)],
                ];
                $all[] = new Thing(
                    "mark:$move->id:$mark->id", (string) ($i + 1), 'mark', $paths, $x, $y, 0.0,
                    $this->labels->place($x, $y, 14, (string) ($i + 1)), new Handle(
                        "/setups/{$this->situation->setup->setup->id}/moves/$move->id/marks/$mark->id/",
                        'x_m',
                        'y_m',
                        $mark->place->x,
                        $mark->place->y,
                        $mark->subject === null ? 'bearing_deg' : '',
                        round(rad2deg($mark->bearingRad), 3),
                    ));
            }
        }

        return $all;
    }

    private function swing(Opening $door): string
    {
        $line = $this->situation->setup->room->lineOf($door);
        $in = $this->situation->setup->room->wallOf($door)->inward();
        [$hinge, $end, $sweep] = $door->swing->hingedAtStart() ? [$line->from, $line->to, 1] : [$line->to, $line->from, 0];
        $open = $hinge->plus($in->times($door->widthM));
        $r = round($door->widthM * Sheet::UNITS, 1);

        return 'M'.$this->sheet->at($hinge).'L'.$this->sheet->at($open)."A$r $r 0 0 $sweep ".$this->sheet->at($end);
    }

    /** @return list<Thing> */
    private function gear(Footprint $print): array
    {
        $id = $print->owner;
        $scene = $this->situation->scene;
        if (isset($scene->views[$id])) {
            [$view, $aim] = [$scene->views[$id], $scene->views[$id]->camera->placement->aim];
            $free = $aim->mode === AimMode::Free;

            return [$this->thing($id, $view->camera->placement->label, 'camera', [
                ...$this->shapes->legs($print, $view->bearingRad),
                ...$this->shapes->camera($view),
            ], $print->centre, $print->radiusM, 0.2,
                $this->handle(
                    $print->path,
                    $view->camera->placement->place,
                    turn: $free ? 'aim/bearing_deg' : '',
                    deg: rad2deg($aim->bearingRad),
                ))];
        }
        if (isset($scene->lamps[$id])) {
            $lamp = $scene->lamps[$id];

            return [
                $this->thing(
                    $id,
                    $this->situation->name($id),
                    'light',
                    [...$this->shapes->legs($print, $lamp->facing()->floor()->bearing()), ...$this->shapes->lamp($lamp)],
                    $print->centre,
                    $print->radiusM,
                    0.25,
                    $this->handle($print->path, $lamp->placement->place),
                ),
            ];
        }
        $boom = $scene->booms[$id];
        [$name, $tip] = [$this->situation->name($id), $boom->tip()->floor()];

        return [
            $this->thing(
                $id,
                $name.' stand',
                'boom stand',
                $this->shapes->legs($print, $tip->minus($print->centre)->bearing()),
                $print->centre,
                $print->radiusM,
                0.12,
                $this->handle($print->path, $boom->placement->standPlace, 'stand_'),
            ),
            $this->thing($id, $name, 'boom', [
                ['pole', $this->sheet->path([$boom->poleEnd()->floor(), $boom->rear()->floor()], false)],
                ['capsule', $this->sheet->path([$boom->rear()->floor(), $tip], false)],
            ], $tip, 0.0, 0.12, $this->handle($print->path, $boom->placement->place)),
        ];
    }

    /** @param  list<array{string, string}>  $shapes */
    private function thing(
        string $id,
        string $name,
        string $class,
        array $shapes,
        Vec2 $at,
        float $ringM,
        float $clearM,
        Handle $handle,
    ): Thing {
        [$x, $y] = [$this->sheet->x($at), $this->sheet->y($at)];

        return new Thing(
            $id,
            $name,
            $class,
            $shapes,
            $x,
            $y,
            round($ringM * Sheet::UNITS, 1),
            $this->labels->place($x, $y, $clearM * Sheet::UNITS, $name),
            $handle,
        );
    }

    private function handle(string $path, Vec2 $place, string $prefix = '', string $turn = '', float $deg = 0.0): Handle
    {
        return new Handle(
            "/setups/{$this->situation->setup->setup->id}/$path/",
            $prefix.'x_m',
            $prefix.'y_m',
            $place->x,
            $place->y,
            $turn,
            round($deg, 3),
        );
    }
}
