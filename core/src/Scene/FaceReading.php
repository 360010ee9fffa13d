<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Chromaticity;
use FineFrame\Light\FaceLight;
use FineFrame\Light\LightSide;
use FineFrame\Light\NoseShadow;
use FineFrame\Light\Pattern;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\Softness;
use FineFrame\Light\Weather;
use FineFrame\Staging\Body;
use FineFrame\Staging\Furniture;

/**
 * The light on a head as meters would read it: a dome at the face, flat cells on both cheeks and on the hair; by lamp, what
 * boards and cloths near it give or take, and what is there without lamps.
 */
final readonly class FaceReading
{
    /** Cheeks are turned this far from the nose. */
    private const CHEEK_RAD = 60 * M_PI / 180;

    /** Skin of a middle tone sends back so much. */
    public const SKIN = 0.35;

    /** What the surfaces of a room give back on the whole: what a cloth takes is measured against this. */
    private const ROOM = 0.5;

    /** What is there as metered, where it comes from one side more than from the others. */
    public const THERE = 'what is there';

    /** The sun’s disc, 0.53° across. */
    private const SUN_RAD = 0.00925;

    /** @var array<string, float> lux at the face by lamp, as a dome reads it */
    public array $byLamp;

    /** @var array<string, float> the share of each lamp that the face sees */
    public array $seen;

    /** Lux that boards throw back at the face. */
    public float $bounced;

    /** Lux of the lamps that walls, floor and ceiling throw back at the face. */
    public float $byRoom;

    /**
     * @var array<string, float> lux of daylight at the face: by window, `sun`, and `room` for what the room throws back; none where it is
     *     as metered
     */
    public array $byDay;

    /** @var array{left: float, right: float, hair: float} lux on flat cells, all sources together */
    public array $cells;

    public FaceLight $light;

    public function __construct(private Scene $scene, public Body $body)
    {
        $axis = $body->face()->at(0.0);
        $metering = $scene->setup->setup->metering;
        $normals = [
            'left' => $body->face()->turnedClockwise(-self::CHEEK_RAD)->at(0.0),
            'right' => $body->face()->turnedClockwise(self::CHEEK_RAD)->at(0.0),
            'hair' => self::hairNormal($body),
        ];
        [$byLamp, $seen, $cells] = [[], [], ['left' => 0.0, 'right' => 0.0, 'hair' => 0.0]];
        foreach ($scene->lamps as $id => $lamp) {
            $seen[$id] = $lamp->placement->on ? Occlusion::seen($scene, $lamp, $body->eyes, $body->person->id) : 0.0;
            $byLamp[$id] = $seen[$id] * FaceLight::from($lamp, $body->eyes, $axis);
            foreach ($normals as $cell => $normal) {
                $cells[$cell] += $seen[$id] * $lamp->luxAt($body->eyes, $normal);
            }
        }
        $back = $scene->room()->onHead($body->eyes, $axis, array_values($normals), $body->person->id);
        [$byRoom, $byDay['room']] = $back[0];
        foreach (array_keys($normals) as $i => $cell) {
            $cells[$cell] += array_sum($back[$i + 1] ?? [0.0]);
        }
        $windows = $scene->windows();
        $byDay = $windows === null ? [] : $byDay + self::day($scene, $windows, $body, $normals, $cells);
        // What comes from all around: cloths near the face take their part of it.
        $ambient = $windows === null ? $scene->ambient() : null;
        $there = $ambient?->at($axis) ?? 0.0;
        foreach ($normals as $cell => $normal) {
            $cells[$cell] += $ambient?->at($normal) ?? 0.0;
        }
        $around = $there + $byRoom + ($byDay['room'] ?? 0.0);
        [$bounced, $taken] = [0.0, 0.0];
        foreach ($scene->setup->setup->furniture as $thing) {
            foreach ($thing->reflects === null ? [] : self::boards($thing) as $board) {
                $given = $thing->reflects * $this->litBy($board) / M_PI;
                // A dome sees 2π of all that is around it.
                $fills = PolygonSource::domePerNit($board, $body->eyes, $axis);
                $bounced += $given * $fills;
                $taken += $fills / (2 * M_PI) * (1 - $thing->reflects / self::ROOM);
                foreach ($normals as $cell => $normal) {
                    $fills = PolygonSource::luxPerNit($board, $body->eyes, $normal);
                    $cells[$cell] = max(
                        0.05 * $around,
                        $cells[$cell] + $given * $fills - $around * $fills / M_PI * (1 - $thing->reflects / self::ROOM),
                    );
                }
            }
        }
        $left = max(0.05, 1 - $taken);
        [$byRoom, $byDay] = [$left * $byRoom, isset($byDay['room']) ? ['room' => $left * $byDay['room']] + $byDay : $byDay];
        [
            $this->byLamp,
            $this->seen,
            $this->bounced,
            $this->byRoom,
            $this->byDay,
            $this->cells,
        ] = [$byLamp, $seen, $bounced, $byRoom, $byDay, $cells];
        $this->light = FaceLight::of(
            array_sum($byLamp) + $bounced + $byRoom,
            $windows === null ? $left * $there : array_sum($byDay),
            $metering,
        );
    }

    /**
     * Daylight at the face, past what stands before each window; the cells get theirs.
     *
     * @param  array{left: Vec3, right: Vec3, hair: Vec3}  $normals
     * @param  array{left: float, right: float, hair: float}  $cells
     * @return array<string, float>
     */
    private static function day(Scene $scene, Windows $windows, Body $body, array $normals, array &$cells): array
    {
        $axis = $body->face()->at(0.0);
        $outlines = $windows->outlines();
        $seen = $scene->panesSeen($body, $outlines);
        $lux = [];
        foreach ($outlines as $id => $corners) {
            $towards = Vec3::between($corners[0], $corners[2], 0.5)->minus($body->eyes)->unit();
            $lux[$id] = $seen[$id] * ($windows->diffuse($body->eyes, $towards)[$id] ?? 0.0) * (1 + $towards->dot($axis)) / 2;
        }
        $open = $windows->openSky($body->eyes);
        if ($open > 0.0) {
            $lux['sky'] = $open;
        }
        $seen['sky'] = 1.0;
        $sun = 0.0;
        // A stripe may end across a face: half by the eyes, half by the mouth.
        foreach ([$body->eyes, $body->mouth] as $at) {
            $here = $windows->sunAt($at);
            $sun += $here > 0.0 && Occlusion::isOpen($scene, $at, $windows->towardsSun(), $body->person->id) ? $here / 2 : 0.0;
        }
        foreach ($normals as $cell => $normal) {
            foreach ($windows->diffuse($body->eyes, $normal) as $id => $value) {
                $cells[$cell] += $seen[$id] * $value;
            }
            $cells[$cell] += $sun * max(0.0, $windows->towardsSun()->dot($normal));
        }

        return $lux + ['sun' => $sun * (1 + $windows->towardsSun()->dot($axis)) / 2];
    }

    /** Lux at the face at another time of the day, under a sky: lamps and boards as they are. */
    public function totalAt(Weather $weather, float $time): float
    {
        $day = $this->scene->dayAt($weather, $time);
        if ($day === null) {
            return $this->light->totalLux();
        }
        [$windows, $room] = $day;
        $cells = ['left' => 0.0, 'right' => 0.0, 'hair' => 0.0];
        $axis = $this->body->face()->at(0.0);

        return $this->light->lampLux + array_sum(
            self::day($this->scene, $windows, $this->body, ['left' => $axis, 'right' => $axis, 'hair' => $axis], $cells),
        ) + $room->onHead($this->body->eyes, $axis, [], $this->body->person->id)[0][1];
    }

    /** The colour of all that is known at the face, mixed; what is there as metered is not known by colour. Null in the dark. */
    public function colour(): ?Chromaticity
    {
        $lights = [];
        foreach ($this->byLamp as $id => $lux) {
            if ($lux > 0.0) {
                $lights[] = [$lux, $this->scene->lamps[$id]->colour()];
            }
        }
        if ($lights !== [] && $this->byRoom > 0.0) {
            $lights[] = [$this->byRoom, Chromaticity::mixed($lights)];
        }
        $day = $this->scene->windows()?->day;
        foreach ($this->byDay as $id => $lux) {
            $sun = match ($id) {
                'sun' => 1.0, 'room' => $this->scene->room()->sunShare, default => 0.0,
            };
            if (! ($lux <= 0.0 || $day === null)) {
                array_push(
                    $lights,
                    [$sun * $lux, Chromaticity::planckian($day->sunKelvin())],
                    [(1 - $sun) * $lux, Chromaticity::daylight($day->weather->skyKelvin())],
                );
            }
        }

        return $lights === [] ? null : Chromaticity::mixed($lights);
    }

    /** The brighter cheek over the darker, all sources together. */
    public function cheeks(): float
    {
        return max($this->cells['left'], $this->cells['right']) / max(1e-6, min($this->cells['left'], $this->cells['right']));
    }

    /** @return string|null the lamp that gives the face most */
    public function key(): ?string
    {
        $lit = array_filter($this->byLamp);
        arsort($lit);

        return array_key_first($lit);
    }

    /**
     * What gives the face most: a lamp, a window, the sun, what is there as metered from one side.
     *
     * @return array{string, Vec3}|null its id (`sun` for the sun itself, `THERE`), and the way to it; null where all comes from all around
     */
    public function main(): ?array
    {
        $day = array_diff_key($this->byDay, ['room' => 0, 'sky' => 0]);
        $windows = $this->scene->windows();
        $there = $windows === null ? $this->scene->ambient()->towards() : null;
        $all = array_filter($this->byLamp + $day + [self::THERE => $there?->length() ?? 0.0]);
        arsort($all);
        $most = array_key_first($all);

        return match (true) {
            $most === null => null,
            isset($this->scene->lamps[$most]) => [$most, $this->scene->lamps[$most]->centre()->minus($this->body->eyes)],
            $there !== null => [self::THERE, $there],
            $windows === null => null,
            $most === 'sun' => ['sun', $windows->towardsSun()],
            default => [$most, $windows->middles()[$most]->minus($this->body->eyes)],
        };
    }

    /** From where something lights this face. */
    public function side(Vec3 $to): LightSide
    {
        return LightSide::of(Turn::wrapped($to->floor()->bearing() - $this->body->headBearingRad));
    }

    /** @return array<string, LightSide> from where each window that gives it something lights this face */
    public function windowSides(): array
    {
        $middles = $this->scene->windows()?->middles() ?? [];
        $given = array_intersect_key(array_filter($this->byDay), $middles);

        return array_map(fn (Vec3 $m): LightSide => $this->side($m->minus($this->body->eyes)), array_intersect_key($middles, $given));
    }

    /** Where the back of a crown faces: hair and shoulders are lit there. */
    public static function hairNormal(Body $body): Vec3
    {
        return $body->face()->times(-0.6)->at(0.8);
    }

    /** Lux of one lamp on the hair. */
    public function onHair(string $lamp): float
    {
        return $this->seen[$lamp] * $this->scene->lamps[$lamp]->luxAt($this->body->eyes, self::hairNormal($this->body));
    }

    /** Stops that hair and shoulders are over the face. */
    public function hairStops(): float
    {
        return log(max(1e-6, $this->cells['hair']) / max(1e-6, $this->light->totalLux()), 2);
    }

    /** How large the main light looks from the face, radians; null where all comes from all around. */
    public function mainSeenRad(): ?float
    {
        $main = $this->main();
        if ($main === null || $main[0] === self::THERE) {
            return null;
        }
        [$id, $to] = $main;
        $window = $this->scene->windows()?->outlines()[$id] ?? null;

        return match (true) {
            isset($this->scene->lamps[$id]) => $this->scene->lamps[$id]->seenRad($this->body->eyes),
            $window === null => self::SUN_RAD,
            default => Softness::seen(
                abs($window[1]->minus($window[0])->cross($window[3]->minus($window[0]))->dot($to->unit())),
                $to->length(),
            ),
        };
    }

    public function noseShadow(): ?NoseShadow
    {
        $to = $this->main()[1] ?? null;

        return $to === null
            ? null
            : NoseShadow::of(Turn::wrapped($to->floor()->bearing() - $this->body->headBearingRad), $to->elevation());
    }

    public function pattern(): ?Pattern
    {
        $to = $this->main()[1] ?? null;

        return $to === null
            ? null
            : Pattern::of(rad2deg(Turn::wrapped($to->floor()->bearing() - $this->body->headBearingRad)), rad2deg($to->elevation()));
    }

    /** Degrees of the main light over the eyes. */
    public function keyElevationDeg(): float
    {
        $to = $this->main()[1] ?? null;

        return $to === null ? 0.0 : rad2deg($to->elevation());
    }

    /** Nearer to the nose than this, a lens or a lamp is on neither side of the face. */
    private const BEFORE_RAD = 5 * M_PI / 180;

    /**
     * Whether the main light comes from the side of the face that a camera sees less of, so that shadow is toward the lens; null where
     * either is on neither side.
     *
     * @param  Camera|null  $camera  null for the first
     */
    public function isShort(?Camera $camera = null): ?bool
    {
        $to = $this->main()[1] ?? null;
        $camera ??= $this->scene->setup->camera(0);
        if ($to === null || $camera === null) {
            return null;
        }
        $side = fn (Vec3 $way): float => Turn::wrapped($way->floor()->bearing() - $this->body->headBearingRad);
        [$light, $lens] = [$side($to), $side($camera->pupil()->minus($this->body->eyes))];

        return min(abs($light), abs($lens)) < self::BEFORE_RAD ? null : $light * $lens < 0;
    }

    /** @return list<list<Vec3>> both large faces of a board, each counter-clockwise seen from before it */
    private static function boards(Furniture $thing): array
    {
        $isThinAcross = $thing->widthM < $thing->depthM;
        [$wide, $thin] = $isThinAcross ? [$thing->depthM, $thing->widthM] : [$thing->widthM, $thing->depthM];
        $ahead = Vec2::towards($thing->turnRad + ($isThinAcross ? M_PI / 2 : 0.0));
        $left = $ahead->left()->times($wide / 2);
        [$from, $to] = [$thing->baseM, $thing->baseM + $thing->heightM];
        $front = $thing->place->plus($ahead->times($thin / 2));
        $back = $thing->place->minus($ahead->times($thin / 2));

        return [
            [$front->plus($left)->at($from), $front->minus($left)->at($from), $front->minus($left)->at($to), $front->plus($left)->at($to)],
            [$back->minus($left)->at($from), $back->plus($left)->at($from), $back->plus($left)->at($to), $back->minus($left)->at($to)],
        ];
    }

    /**
     * Lux that the lamps throw on a board's middle.
     *
     * @param  list<Vec3>  $board
     */
    private function litBy(array $board): float
    {
        $middle = Vec3::between($board[0], $board[2], 0.5);
        $normal = $board[1]->minus($board[0])->cross($board[2]->minus($board[0]))->unit();
        $lux = 0.0;
        foreach ($this->scene->lamps as $lamp) {
            $lux += $lamp->placement->on ? $lamp->luxAt($middle->plus($normal->times(0.01)), $normal) : 0.0;
        }

        return $lux;
    }
}
