<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\MainsRun;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Walk;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\DaylightFit;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\LensView;
use FineFrame\Scene\SightMap;
use FineFrame\Space\ErrorEllipse;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\TapeBook;
use FineFrame\Space\Wall;

/** What is drawn over the floor: what lenses cover, pools of light, distances, the tape's letters and lengths, the scale. */
final readonly class FloorOverlays
{
    /** A wall shorter than this, with labels inside, has its length alone. */
    private const ROOM_FOR_NAME_M = 3.0;

    public function __construct(private Situation $situation, private Reader $reader, private Sheet $sheet, private Labels $labels)
    {
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

    /**
     * @return list<array{id: string, path: string, stops: string, level: int, at: array{float, float}}> the reach of each lamp at face
     *     height, by stops under the wanted light
     */
    public function pools(): array
    {
        $wanted = $this->situation->setup->setup->metering->wantedLux();
        $all = [];
        foreach (array_filter(
            $this->situation->scene->lamps,
            fn (string $id): bool => ! $this->situation->scene->isOutside($id),
            ARRAY_FILTER_USE_KEY,
        ) as $id => $lamp) {
            [$bearing, $tilt, $candela] = [$lamp->facing()->floor()->bearing(), $lamp->facing()->elevation(), $lamp->candela()];
            $spread = $lamp->emitter->widthM * $lamp->emitter->heightM / M_PI;
            foreach ([2, 1, 0] as $level) {
                $points = [];
                for ($k = -12; $k <= 12; $k++) {
                    $off = $k / 12 * M_PI / 2 * 0.98;
                    $square = $candela * max(0.0, cos($off) * cos($tilt)) / ($wanted * 2 ** -$level) - $spread;
                    $reach = sqrt(max(0.0, $square));
                    $towards = Vec2::towards($bearing + $off);
                    $points[] = $lamp
                        ->centre()
                        ->floor()
                        ->plus(
                            $towards->times(min($reach, $this->situation->setup->room->firstWall($lamp->centre()->floor(), $towards)[0])),
                        );
                }
                // A little back from the edge: where a pool ends at a wall, its words stay in the room.
                $middle = $lamp->centre()->floor();
                $tip = $middle->plus($points[12 + 4 * $level]->minus($middle)->times(0.84));
                $all[] = [
                    'id' => $id,
                    'path' => $this->sheet->path([$lamp->centre()->floor(), ...$points]),
                    'stops' => $level === 0 ? 'target' : "−$level",
                    'level' => $level,
                    'at' => $this->labels->place($this->sheet->x($tip), $this->sheet->y($tip), 14, $level === 0 ? 'target' : '−0'),
                ];
            }
        }

        return $all;
    }

    /** @return list<array{path: string, nth: int}> mains cables as they are laid, each circuit in a line pattern of its own */
    public function mains(): array
    {
        $power = $this->situation->power();
        $order = array_flip(array_keys($power->breakers));

        return array_map(fn (MainsRun $r): array => [
            'path' => $this->sheet->path($r->points, false),
            'nth' => $order[$power->on[$r->thing]] % 4,
        ], $this->situation->mains());
    }

    /** @return list<array{path: string, words: string, at: array{float, float}}> where each way out is narrowest, with a tick at either end */
    public function narrows(): array
    {
        $escape = $this->situation->escape();
        $all = [];
        foreach ($escape === null ? [] : $escape->ofAll($this->situation->setup->bodies) as [, $way]) {
            [$from, $to] = $way->ends;
            $aside = $from->distanceTo($to) > 0.01 ? $to->minus($from)->unit()->left()->times(0.12) : new Vec2(0.12, 0);
            $words = $this->reader->metres($way->widthM);
            $all[] = [
                'path' => implode('', array_map(
                    fn (array $line): string => $this->sheet->path($line, false),
                    [[$from, $to], [$from->minus($aside), $from->plus($aside)], [$to->minus($aside), $to->plus($aside)]],
                )),
                'words' => $words,
                'at' => $this->labels->place(
                    $this->sheet->x($from->plus($to)->times(0.5)), $this->sheet->y($from->plus($to)->times(0.5)), 8, $words,
                ),
            ];
        }

        return $all;
    }

    /** @return list<array{path: string, words: string, at: array{float, float}}> where people walk while lit, with an arrow's head */
    public function walks(): array
    {
        return array_map(function (Walk $walk): array {
            $ahead = $walk->leg->to->minus($walk->leg->from)->unit();
            $barbs = array_map(
                static fn (float $turn): Vec2 => $walk->leg->to->minus($ahead->turnedClockwise($turn)->times(0.22)),
                [0.45, -0.45],
            );

            return [
                'path' => $this->sheet->path(
                    [$walk->leg->from, $walk->leg->to],
                    false,
                ).$this->sheet->path([$barbs[0], $walk->leg->to, $barbs[1]], false),
                'words' => $walk->leg->name,
                'at' => $this->labels->place($this->sheet->x($walk->leg->to), $this->sheet->y($walk->leg->to), 12, $walk->leg->name),
            ];
        }, Walk::allOf($this->situation));
    }

    /**
     * @return list<array{path: string, words: string, at: array{float, float}}> distances of one thing to its two walls and, for a camera,
     *     to its subject
     */
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
            $lines[] = [
                'path' => $this->sheet->path([$from, $end], false),
                'words' => $this->reader->metres($from->distanceTo($end)),
                'at' => [$this->sheet->x($middle), $this->sheet->y($middle)],
            ];
        }

        return $lines;
    }

    /**
     * @return list<array{words: string, at: array{float, float}, turn: float, class: string}> a letter at each corner, and along each wall
     *     its length, outside
     */
    public function dimensions(): array
    {
        return array_merge(
            [],
            ...array_map(fn (PlacedRoom $r): array => $this->measured($r->room->walls), $this->situation->setup->room->all),
        );
    }

    /**
     * @param  non-empty-list<Wall>  $walls  of one room
     * @return list<array{words: string, at: array{float, float}, turn: float, class: string}>
     */
    private function measured(array $walls): array
    {
        $marks = [];
        foreach ($walls as $i => $wall) {
            $next = $walls[($i + 1) % count($walls)];
            // Two labels would meet in the wall between rooms, and in the nook outside a corner that juts in: the wall that runs to it is
            // labelled inside.
            $crowded = count($this->situation->setup->room->all) > 1;
            $out = $wall->inward()->times($crowded || $wall->line->direction()->cross($next->line->direction()) < -0.1 ? 1.0 : -1.0);
            $before = $walls[($i + count($walls) - 1) % count($walls)];
            $side = $crowded || $before->line->direction()->cross($wall->line->direction()) < -0.1 ? 0.25 : -0.25;
            $marks[] = $this->mark(
                TapeBook::letter($i),
                $wall->line->from->plus($wall->inward()->times($side))->minus($wall->line->direction()->times($crowded ? -0.25 : 0.25)),
                0.0,
                'corner',
            );
            $upright = abs($wall->line->direction()->y) > abs($wall->line->direction()->x);
            $marks[] = $this->mark(
                (
                    $crowded
                    && $wall->line->length() < self::ROOM_FOR_NAME_M
                    ? ''
                    : $wall->name.' '
                ).$this->reader->metres($wall->line->length()),
                $wall->line->at(0.5)->plus($out->times(0.27)),
                $upright ? -90.0 : 0.0,
                'length',
            );
        }

        return $marks;
    }

    /**
     * @return list<array{x: float, y: float, rx: float, ry: float, turn: float, words: string}> how well each corner is known, drawn ten
     *     times its size
     */
    public function ellipses(): array
    {
        $all = [];
        foreach ($this->situation->setup->room->all as $room) {
            $survey = $room->taped->survey;
            // Of a sketch nothing is known, and how well says nothing.
            $isKnown = ! $survey->isChain && $room->taped->book->isTaped();
            foreach (! $isKnown ? [] : array_slice($survey->fit->points, 0, $survey->corners) as $i => $at) {
                [$e, $point] = [$survey->fit->ellipse($i), $room->motion->apply($at)];
                $grown = 10 * ErrorEllipse::SURE * Sheet::UNITS;
                if ($e->majorM >= 1e-6) {
                    $all[] = [
                        'x' => $this->sheet->x($point),
                        'y' => $this->sheet->y($point),
                        'rx' => round(min(200.0, $e->majorM * $grown), 1),
                        'ry' => round(min(200.0, max(1.0, $e->minorM * $grown)), 1),
                        'turn' => round(-rad2deg(atan2($e->along->y, $e->along->x) + $room->motion->turnRad), 1),
                        'words' => TapeBook::letter($i).' ±'.$this->reader->metres(ErrorEllipse::SURE * $e->majorM),
                    ];
                }
            }
        }

        return $all;
    }

    /** @return list<array{path: string, class: string}> the distances that were taped; the one to take again stands out */
    public function ties(): array
    {
        $lines = [];
        foreach ($this->situation->setup->room->all as $room) {
            $survey = $room->taped->survey;
            $line = fn (int $from, int $to, string $class): array => [
                'path' => $this->sheet->path(
                    [$room->motion->apply($survey->fit->points[$from]), $room->motion->apply($survey->fit->points[$to])],
                    false,
                ),
                'class' => $class,
            ];
            foreach ($survey->fit->readings as $i => $reading) {
                if ($reading->before === null && str_starts_with($reading->id, 'ties/')) {
                    $lines[] = $line(
                        $reading->from,
                        $reading->to,
                        in_array($i, [$survey->setAside[0] ?? -1, $survey->stretched->reading ?? -1], true) ? 'measure again' : 'tie',
                    );
                }
            }
            foreach ($survey->holds() && $survey->freedom === 0 ? [] : $survey->next() as $next) {
                $lines[] = $line($next->from, $next->to, 'measure this');
            }
        }

        return $lines;
    }

    /**
     * @return list<array{x: float, y: float, class: string, words: string}> places to stand with a camera, by whose faces are seen from
     *     there
     */
    public function sight(): array
    {
        $people = count($this->situation->setup->subjects());
        $moving = $this->situation->sweeps()[0]->path->camera->placement->id ?? '';
        $map = SightMap::of($this->situation->scene, 1.45, $moving);

        return array_map(fn (array $place): array => [
            'x' => $this->sheet->x($place[0]),
            'y' => $this->sheet->y($place[0]),
            'class' => match (true) {
                count($place[1]) === $people => 'sees-all',
                $place[1] === [] => 'sees-none',
                default => 'sees-some',
            },
            'words' => $place[1] === [] ? 'no face visible' : implode(', ', array_map($this->situation->name(...), $place[1])),
        ], $map->places);
    }

    /**
     * @return list<array{x: float, y: float, words: string, at: array{float, float}, class: string}> readings that say where they were
     *     taken
     */
    public function readings(): array
    {
        $all = [];
        foreach (['light' => 'lux', 'noise' => 'level_dba', 'colour' => 'kelvin'] as $list => $column) {
            foreach ($this->situation->setup->location->list($list) as $reading) {
                [$x, $y, $value] = [
                    $reading->number('x_m'),
                    $reading->number('y_m'),
                    $list === 'light' ? DaylightFit::lux($reading) : $reading->number($column),
                ];
                if ($x !== null && $y !== null && $value !== null) {
                    $at = new Vec2($x, $y);
                    $words = $this->reader->print(Quantity::of($value, match ($list) {
                        'light' => Unit::Lux,
                        'noise' => Unit::LevelA,
                        default => Unit::Kelvin,
                    }));
                    $all[] = [
                        'x' => $this->sheet->x($at),
                        'y' => $this->sheet->y($at),
                        'words' => $words,
                        'at' => $this->labels->place($this->sheet->x($at), $this->sheet->y($at), 8, $words),
                        'class' => 'reading '.$list,
                    ];
                }
            }
        }

        return $all;
    }

    /** @return array{float, float}|null where the sun and the light are judged */
    public function spot(): ?array
    {
        $spot = $this->situation->setup->location->spot();

        return $spot === null ? null : [$this->sheet->x($spot->floor()), $this->sheet->y($spot->floor())];
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
            'path' => "M$x $y h".round($unit * Sheet::UNITS, 1),
            'words' => $this->reader->units->value === 'metric' ? '1 m' : '3 ft',
            'x' => $x,
            'y' => $y,
            'north' => round(-rad2deg($this->situation->setup->room->northRad), 1),
        ];
    }

    /** @return list<Vec2> */
    private function wedge(LensView $view): array
    {
        $eye = $view->camera->placement->place;
        $half = $view->camera->delivered->horizontalRad() / 2;
        $turns = array_map(static fn (int $k): float => $view->bearingRad + $half * $k / 8, range(-8, 8));
        foreach (array_merge(
            [],
            ...array_map(static fn (Wall $w): array => [$w->line->from, $w->line->to], $this->situation->setup->room->faces),
        ) as $corner) {
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
}
