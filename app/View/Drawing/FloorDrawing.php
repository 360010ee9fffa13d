<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Camera\AimMode;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Situation;
use FineFrame\Light\SoftBox;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\LensView;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Staging\Body;
use FineFrame\Staging\Furniture;

/** The floor from above, true to scale, as paths for the view. */
final class FloorDrawing
{
    /** Legs on the floor turn by a third of a circle. */
    private const LEGS = [0.0, 2 * M_PI / 3, 4 * M_PI / 3];

    public readonly Sheet $sheet;

    private readonly Labels $labels;

    public function __construct(private readonly Situation $situation, private readonly Reader $reader)
    {
        $this->sheet = new Sheet($situation->setup->room->floor);
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

    public function room(): string
    {
        return $this->sheet->path($this->situation->setup->room->floor->corners);
    }

    /** @return list<array{id: string, name: string, kind: string, line: string, swing: string}> */
    public function openings(): array
    {
        $room = $this->situation->setup->room;

        return array_map(fn (Opening $o): array => [
            'id' => $o->id, 'name' => $o->name, 'kind' => $o->kind->value,
            'line' => $this->sheet->path([$room->lineOf($o)->from, $room->lineOf($o)->to], false),
            'swing' => $o->kind === OpeningKind::Door ? $this->swing($o) : '',
        ], $room->openings);
    }

    /** @return list<Thing> */
    public function furniture(): array
    {
        $all = [];
        foreach ($this->situation->setup->setup->furniture as $f) {
            [$x, $y] = [$this->sheet->x($f->place), $this->sheet->y($f->place)];
            [$rx, $ry] = $this->halves($f);
            $words = Labels::width($f->name, $this->sheet->text());
            $label = 2 * $rx > $words + 4 ? [round($x - $words / 2, 1), round($y + $this->sheet->text() * 0.35, 1)] : $this->labels->place($x, $y, $rx, $f->name, $ry);
            $all[] = new Thing($f->id, $f->name, 'furniture', [['top', $this->sheet->path($f->footprint()->corners)]], $x, $y, 0.0, $label, $this->handle("furniture/$f->id", $f->place, turn: 'turn_deg', deg: rad2deg($f->turnRad)));
        }

        return $all;
    }

    /** @return array{float, float} half of what a footprint takes across and up the drawing */
    private function halves(Furniture $f): array
    {
        $corners = $f->footprint()->corners;
        $reach = static fn (string $axis): float => max(array_map(static fn (Vec2 $c): float => abs($c->{$axis} - $f->place->{$axis}), $corners)) * Sheet::UNITS;

        return [$reach('x'), $reach('y')];
    }

    /** @return list<array{id: string, path: string, lean: float}> what each lens covers, up to the first wall */
    public function wedges(): array
    {
        return array_values(array_map(fn (LensView $view): array => [
            'id' => $view->camera->placement->id,
            'path' => $this->sheet->path($this->wedge($view)),
            'lean' => round(rad2deg($view->bearingRad), 1),
        ], $this->situation->scene->views));
    }

    /** @return list<Thing> people and gear, in stage order */
    public function things(): array
    {
        $all = [];
        foreach ($this->situation->setup->bodies as $id => $body) {
            $all[] = $this->thing($id, $body->person->name, 'person '.$body->person->role->value, $this->figure($body), $body->person->place, 0.0, 0.24, $this->handle("subjects/$id", $body->person->place, turn: 'facing_deg', deg: rad2deg($body->person->facingRad)));
        }
        foreach ($this->situation->footprints() as $print) {
            if ($print->support !== null) {
                array_push($all, ...$this->gear($print));
            }
        }

        return $all;
    }

    /** @return list<array{id: string, path: string, stops: string, level: int, at: array{float, float}}> the reach of each lamp at face height, by stops under the wanted light */
    public function pools(): array
    {
        $wanted = $this->situation->setup->setup->metering->wantedLux();
        $all = [];
        foreach ($this->situation->scene->lamps as $id => $lamp) {
            [$bearing, $tilt, $candela] = [$lamp->facing()->floor()->bearing(), $lamp->facing()->elevation(), $lamp->candela()];
            $spread = $lamp->fixture->widthM * $lamp->fixture->heightM / M_PI;
            foreach ([2, 1, 0] as $level) {
                $points = [];
                for ($k = -12; $k <= 12; $k++) {
                    $off = $k / 12 * M_PI / 2 * 0.98;
                    $square = $candela * max(0.0, cos($off) * cos($tilt)) / ($wanted * 2 ** -$level) - $spread;
                    $reach = sqrt(max(0.0, $square));
                    $towards = Vec2::towards($bearing + $off);
                    $points[] = $lamp->centre()->floor()->plus($towards->times(min($reach, $this->situation->setup->room->firstWall($lamp->centre()->floor(), $towards)[0])));
                }
                $tip = $points[12 + 4 * $level];
                $all[] = ['id' => $id, 'path' => $this->sheet->path([$lamp->centre()->floor(), ...$points]), 'stops' => $level === 0 ? 'wanted' : "−$level", 'level' => $level, 'at' => $this->labels->place($this->sheet->x($tip), $this->sheet->y($tip), 2, $level === 0 ? 'wanted' : '−0')];
            }
        }

        return $all;
    }

    /** @return list<array{path: string, words: string, at: array{float, float}}> distances of one thing to its two walls and, for a camera, to its subject */
    public function distances(string $id): array
    {
        $print = array_values(array_filter($this->situation->footprints(), static fn (Footprint $p): bool => $p->owner === $id))[0] ?? null;
        $from = $this->situation->setup->cameras[$id]->placement->place ?? $print?->centre;
        if ($from === null) {
            return [];
        }
        $to = array_map(static fn ($wall): Vec2 => $wall->line->nearestTo($from), $this->situation->setup->room->tapeWalls($from));
        $camera = $this->situation->setup->cameras[$id] ?? null;
        $body = $camera === null ? null : $this->situation->setup->bodyFor($camera);
        $lines = [];
        foreach ([...$to, ...($body === null ? [] : [$body->eyes->floor()])] as $end) {
            $middle = $from->plus($end)->times(0.5);
            $lines[] = ['path' => $this->sheet->path([$from, $end], false), 'words' => $this->reader->metres($from->distanceTo($end)), 'at' => [$this->sheet->x($middle), $this->sheet->y($middle)]];
        }

        return $lines;
    }

    /** @return list<array{words: string, at: array{float, float}, turn: float, class: string}> a letter at each corner, and along each wall its length, outside */
    public function dimensions(): array
    {
        $marks = [];
        foreach ($this->situation->setup->room->walls as $i => $wall) {
            $next = $this->situation->setup->room->walls[($i + 1) % count($this->situation->setup->room->walls)];
            // Two labels would meet in the nook outside a corner that juts in: the wall that runs to it is labelled inside.
            $out = $wall->inward()->times($wall->line->direction()->cross($next->line->direction()) < -0.1 ? 1.0 : -1.0);
            $before = $this->situation->setup->room->walls[($i + count($this->situation->setup->room->walls) - 1) % count($this->situation->setup->room->walls)];
            $side = $before->line->direction()->cross($wall->line->direction()) < -0.1 ? 0.25 : -0.25;
            $marks[] = $this->mark(chr(65 + $i % 26), $wall->line->from->plus($wall->inward()->times($side))->minus($wall->line->direction()->times(0.25)), 0.0, 'corner');
            $upright = abs($wall->line->direction()->y) > abs($wall->line->direction()->x);
            $marks[] = $this->mark($wall->name.' '.$this->reader->metres($wall->line->length()), $wall->line->at(0.5)->plus($out->times(0.27)), $upright ? -90.0 : 0.0, 'length');
        }

        return $marks;
    }

    /** @return array{words: string, at: array{float, float}, turn: float, class: string} */
    private function mark(string $words, Vec2 $at, float $turn, string $class): array
    {
        return ['words' => $words, 'at' => [$this->sheet->x($at), $this->sheet->y($at)], 'turn' => $turn, 'class' => $class];
    }

    /** @return array{path: string, words: string, x: float, y: float, north: float} */
    public function scale(): array
    {
        $unit = $this->reader->units->bareLength()->inMetres() * ($this->reader->units->value === 'metric' ? 1 : 3);
        [$x, $y] = [round($this->sheet->left + 110, 1), round($this->sheet->top + $this->sheet->height - 12, 1)];

        return [
            'path' => "M$x $y h".round($unit * Sheet::UNITS, 1), 'words' => $this->reader->units->value === 'metric' ? '1 m' : '3 ft', 'x' => $x, 'y' => $y,
            'north' => round(-rad2deg($this->situation->setup->room->northRad), 1),
        ];
    }

    private function swing(Opening $door): string
    {
        $line = $this->situation->setup->room->lineOf($door);
        $in = $this->situation->setup->room->wallOf($door)->inward();
        $open = $line->from->plus($in->times($door->widthM));
        $r = round($door->widthM * Sheet::UNITS, 1);

        return 'M'.$this->sheet->at($line->from).'L'.$this->sheet->at($open)."A$r $r 0 0 1 ".$this->sheet->at($line->to);
    }

    /** @return list<Vec2> */
    private function wedge(LensView $view): array
    {
        $eye = $view->camera->placement->place;
        $half = $view->camera->delivered->horizontalRad() / 2;
        $turns = array_map(static fn (int $k): float => $view->bearingRad + $half * $k / 8, range(-8, 8));
        foreach ($this->situation->setup->room->floor->corners as $corner) {
            $turn = fmod($corner->minus($eye)->bearing() - $view->bearingRad + 5 * M_PI, 2 * M_PI) - M_PI;
            if (abs($turn) < $half) {
                array_push($turns, $view->bearingRad + $turn - 1e-4, $view->bearingRad + $turn + 1e-4);
            }
        }
        sort($turns);
        $points = [$eye];
        foreach ($turns as $turn) {
            [$distance] = $this->situation->setup->room->firstWall($eye, Vec2::towards($turn));
            $points[] = $eye->plus(Vec2::towards($turn)->times(is_finite($distance) ? $distance : 0.0));
        }

        return $points;
    }

    /** @return list<array{string, string}> class and path: shoulders, and a head that shows where it looks */
    private function figure(Body $body): array
    {
        $h = $body->person->statureM;
        $ring = function (Vec2 $centre, float $across, float $along, float $bearing): string {
            $points = array_map(static fn (int $i): Vec2 => $centre->plus((new Vec2($across * sin($i * M_PI / 10), $along * cos($i * M_PI / 10)))->turnedClockwise($bearing)), range(0, 19));

            return $this->sheet->path($points);
        };
        $nose = $body->person->place->plus($body->face()->times(0.09 * $h));
        $side = $body->face()->left()->times(0.028 * $h);
        $base = $body->person->place->plus($body->face()->times(0.045 * $h));

        return [
            ['shoulders', $ring($body->person->place, Body::SHOULDER_BREADTH * $h / 2, 0.075 * $h, $body->person->facingRad)],
            ['nose', $this->sheet->path([$base->plus($side), $nose, $base->minus($side)])],
            ['head', $ring($body->person->place, Body::HEAD_BREADTH * $h / 2, Body::HEAD_DEPTH * $h / 2, $body->headBearingRad)],
        ];
    }

    /** @return list<Thing> */
    private function gear(Footprint $print): array
    {
        $id = $print->owner;
        $scene = $this->situation->scene;
        if (isset($scene->views[$id])) {
            [$view, $aim] = [$scene->views[$id], $scene->views[$id]->camera->placement->aim];
            $free = $aim->mode === AimMode::Free;

            return [$this->thing($id, $view->camera->placement->label, 'camera', [...$this->legs($print, $view->bearingRad), ...$this->cameraShapes($view)], $print->centre, $print->radiusM, 0.2,
                $this->handle($print->path, $view->camera->placement->place, turn: $free ? 'aim/bearing_deg' : '', deg: rad2deg($aim->bearingRad)))];
        }
        if (isset($scene->lamps[$id])) {
            $lamp = $scene->lamps[$id];

            return [$this->thing($id, $this->situation->name($id), 'light', [...$this->legs($print, $lamp->facing()->floor()->bearing()), ...$this->lampShapes($lamp)], $print->centre, $print->radiusM, 0.25, $this->handle($print->path, $lamp->placement->place))];
        }
        $boom = $scene->booms[$id];
        [$name, $tip] = [$this->situation->name($id), $boom->tip()->floor()];

        return [
            $this->thing($id, $name.' stand', 'boom stand', $this->legs($print, $tip->minus($print->centre)->bearing()), $print->centre, $print->radiusM, 0.12, $this->handle($print->path, $boom->placement->standPlace, 'stand_')),
            $this->thing($id, $name, 'boom', [
                ['pole', $this->sheet->path([$boom->poleEnd()->floor(), $boom->rear()->floor()], false)],
                ['capsule', $this->sheet->path([$boom->rear()->floor(), $tip], false)],
            ], $tip, 0.0, 0.12, $this->handle($print->path, $boom->placement->place)),
        ];
    }

    /** @return list<array{string, string}> the box by its true width and depth, and its lit face */
    private function lampShapes(SoftBox $lamp): array
    {
        $middle = $lamp->centre()->floor();
        [$right, $left] = array_map(static fn (Vec3 $c): Vec2 => $c->floor(), array_slice($lamp->corners(), 0, 2));
        $rear = $lamp->rear()->floor();
        $small = static fn (Vec2 $corner): Vec2 => $rear->plus($corner->minus($middle)->times(0.3));

        return [['box', $this->sheet->path([$right, $left, $small($left), $small($right)])], ['face', $this->sheet->path([$right, $left], false)]];
    }

    /** @return list<array{string, string}> */
    private function cameraShapes(LensView $view): array
    {
        $ahead = Vec2::towards($view->bearingRad);
        $side = $ahead->left();
        $eye = $view->camera->placement->place;
        [$length, $front] = [$view->camera->lens->lengthM, max(0.05, $view->camera->lens->frontM / 2)];
        $at = static fn (float $back, float $across): Vec2 => $eye->minus($ahead->times($back))->plus($side->times($across));

        return [
            ['body', $this->sheet->path([$at($length, 0.09), $at($length + 0.18, 0.09), $at($length + 0.18, -0.09), $at($length, -0.09)])],
            ['lens', $this->sheet->path([$at(0, $front), $at($length, $front * 0.8), $at($length, -$front * 0.8), $at(0, -$front)])],
        ];
    }

    /** @return list<array{string, string}> three legs of true length */
    private function legs(Footprint $print, float $bearing): array
    {
        return [['legs', implode('', array_map(fn (float $turn): string => $this->sheet->path([$print->centre, $print->centre->plus(Vec2::towards($bearing + $turn)->times($print->radiusM))], false), self::LEGS))]];
    }

    /** @param  list<array{string, string}>  $shapes */
    private function thing(string $id, string $name, string $class, array $shapes, Vec2 $at, float $ringM, float $clearM, Handle $handle): Thing
    {
        [$x, $y] = [$this->sheet->x($at), $this->sheet->y($at)];

        return new Thing($id, $name, $class, $shapes, $x, $y, round($ringM * Sheet::UNITS, 1), $this->labels->place($x, $y, $clearM * Sheet::UNITS, $name), $handle);
    }

    private function handle(string $path, Vec2 $place, string $prefix = '', string $turn = '', float $deg = 0.0): Handle
    {
        return new Handle("/setups/{$this->situation->setup->setup->id}/$path/", $prefix.'x_m', $prefix.'y_m', $place->x, $place->y, $turn, round($deg, 3));
    }
}
