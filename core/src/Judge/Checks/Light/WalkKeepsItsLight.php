<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Walk;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;

/** Over a walk the face keeps its exposure when the lamp that lights it goes along at one distance, and nobody’s pole fights with it. */
final class WalkKeepsItsLight extends Rule
{
    /** Stops that the background may come and go against the face before it is seen. */
    private const BEHIND = 1.0;

    public function id(): string
    {
        return 'walk-keeps-its-light';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Walk::allOf($situation) as $walk) {
            $steps = $walk->steps();
            $limit = $situation->limits->get('drift_watch_stops');
            $boom = array_values(array_filter(array_column($steps ?? [], 'boom')))[0] ?? null;
            $lamp = $walk->carried[0] ?? null;
            $case = match (true) {
                $steps === null => 'leaves',
                $boom !== null => 'boom',
                $walk->drift() > $limit => $lamp === null ? 'drifts' : 'follows',
                $walk->change() > self::BEHIND => 'behind',
                default => null,
            };
            yield $this->finding(
                match (true) {
                    $case === 'leaves' => Severity::Breaks,
                    $case === null => Severity::Holds,
                    default => Severity::Watch,
                },
                [
                    'subject' => $walk->body->person->name,
                    'drift' => Quantity::of($walk->drift(), Unit::Stop),
                    'behind' => Quantity::of($walk->change(), Unit::Stop),
                    'lamp' => $lamp === null ? '' : $situation->name($lamp->id),
                    'boom' => $boom === null ? '' : $situation->name($boom),
                    'distance' => Quantity::metres(
                        $lamp === null ? 0.0 : $situation->scene->lamps[$lamp->id]->centre()->distanceTo($walk->body->eyes),
                    ),
                ],
                array_values(array_filter([$walk->body->person->id, $lamp?->id, $boom])),
                new Working(
                    'the face and what is behind it at five places of the way; carried lamps and the boom go along',
                    [
                        'way' => Quantity::metres($walk->leg->lengthM()),
                        'face comes and goes by' => Quantity::of($walk->drift(), Unit::Stop),
                        'background against it' => Quantity::of($walk->change(), Unit::Stop),
                    ],
                ),
                match ($case) {
                    'boom' => $this->aside($situation, $walk),
                    'follows' => $this->nearer($situation, $walk),
                    'drifts' => $this->carry($situation, $walk),
                    default => [],
                },
                $case,
            );
        }
    }

    /** @return list<Mend> the carried lamp to the face’s other side, and around */
    private function aside(Situation $situation, Walk $walk): array
    {
        $lamp = $walk->carried[0];
        $arm = $lamp->place->minus($walk->body->person->place);

        return array_map(
            static fn (int $deg): Mend => new Mend(
                $deg > 0 ? 'swing-clockwise' : 'swing-counter',
                ['thing' => $situation->name($lamp->id), 'angle' => Quantity::degrees(abs($deg))],
                $situation->moved("lights/$lamp->id", $walk->body->person->place->plus($arm->turnedClockwise(deg2rad($deg)))),
            ),
            [30, -30, 60, -60, 90, -90],
        );
    }

    /** @return list<Mend> held nearer and dimmed to as much, so that it outweighs what stays behind */
    private function nearer(Situation $situation, Walk $walk): array
    {
        $lamp = $situation->scene->lamps[$walk->carried[0]->id];
        $out = $lamp->centre()->minus($walk->body->eyes);
        $ideas = [];
        foreach ([0.75, 0.55] as $share) {
            $place = $walk->body->eyes->plus($out->times($share));
            $ideas[] = new Mend(
                'move',
                ['thing' => $situation->name($lamp->placement->id), 'distance' => Quantity::metres((1 - $share) * $out->length())],
                $this->placed($situation, $lamp->placement->id, $place),
            );
        }

        return $ideas;
    }

    /** @return list<Mend> the lamp that gives most, carried */
    private function carry(Situation $situation, Walk $walk): array
    {
        $key = $situation->face($walk->body->person->id)->key();

        return $key === null || $situation->scene->lamps[$key]->placement->subject !== $walk->body->person->id
            ? []
            : [
                new Mend(
                    'carry',
                    ['thing' => $situation->name($key), 'subject' => $walk->body->person->name],
                    $situation->edit("lights/$key", ['carried' => true]),
                ),
            ];
    }

    private function placed(Situation $situation, string $id, Vec3 $place): Edit
    {
        return $situation->edit("lights/$id", ['x_m' => $place->x, 'y_m' => $place->y, 'height_m' => $place->z]);
    }
}
