<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Backdrop;
use FineFrame\Scene\FaceReading;
use FineFrame\Staging\Body;
use FineFrame\Staging\Furniture;

/**
 * What lies on a table before somebody is to be read: under the face, and over the background, or the eye goes past it. By the light on
 * its top, where a frame shows it.
 */
final class TableLiesBetween extends Rule
{
    /** A table’s top stands so high, and no farther than the third from who sits at it, metres. */
    private const TABLE_M = [0.35, 1.2, 1.4];

    /** Stops that two zones may lie on the wrong side of each other. */
    private const SLACK_STOPS = 0.3;

    public function id(): string
    {
        return 'table-lies-between';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $view = $situation->scene->views[$id];
            foreach ($situation->setup->setup->furniture as $thing) {
                $top = $thing->baseM + $thing->heightM;
                $isTable = ! $thing->keepOut && $thing->reflects === null && $top >= self::TABLE_M[0] && $top <= self::TABLE_M[1]
                    && $thing->place->distanceTo($body->person->place) - min($thing->widthM, $thing->depthM) / 2 <= self::TABLE_M[2];
                $at = $isTable ? $view->place($thing->place->at($top)) : null;
                if ($at !== null && abs($at[0]) < $view->cropX && abs($at[1]) < $view->cropY) {
                    yield $this->judged($situation, $camera, $body, $thing);
                }
            }
        }
    }

    private function judged(Situation $situation, Camera $camera, Body $body, Furniture $thing): Finding
    {
        $over = $thing->place->at($thing->baseM + $thing->heightM + 0.05);
        $top = Backdrop::met($situation->scene, $over, new Vec3(0, 0, -1));
        $lux = $top->lux();
        $sample = $situation->colours()->of($thing->id);
        $reflects = $sample === null ? $top->reflects() : $sample['colour']->luminance();
        $face = $situation->face($body->person->id)->light->totalLux();
        $table = log(max(1e-6, array_sum($lux) * $reflects) / max(1e-6, FaceReading::SKIN * $face), 2);
        $behind = $situation->background($camera, $body);
        $given = $table > self::SLACK_STOPS ? $lux : $situation->behind($camera, $body);
        $most = self::most($given);
        $case = match (true) {
            $table > self::SLACK_STOPS => 'over',
            $behind > $table + self::SLACK_STOPS => 'lost',
            default => 'holds',
        };
        $stops = static fn (float $v): Quantity => Quantity::of(abs($v), Unit::Stop);

        return $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            [
                'table' => $situation->name($thing->id),
                'camera' => $camera->placement->label,
                'subject' => $body->person->name,
                'table-stops' => $stops($table),
                'way' => $table < 0 ? 'under' : 'over',
                'behind-stops' => $stops($behind - $table),
                'lamp' => $most === null ? 'ambient light' : $situation->name($most),
            ],
            [$camera->placement->id, $thing->id],
            new Working(
                'light on each × what it sends back, over skin of 0.35 in the light on the face',
                [
                    'the top' => Quantity::of($table, Unit::Stop),
                    'the background' => Quantity::of($behind, Unit::Stop),
                    'on the top' => Quantity::of(array_sum($lux), Unit::Lux),
                    'it sends back' => Quantity::share($reflects),
                ],
                'face, table, background: in that order',
            ),
            $case === 'holds' || $most === null
                ? []
                : self::dimmed($situation, $most, $given, $case === 'over' ? $table : $behind - $table),
            $case,
        );
    }

    /** @param  array<string, float>  $lux */
    private static function most(array $lux): ?string
    {
        arsort($lux);
        $first = array_key_first($lux);

        return $first === 'around' ? null : $first;
    }

    /**
     * What gives it most, so far down that the rest and it lie where they should; else off.
     *
     * @param  array<string, float>  $lux
     * @param  float  $over  stops that they are too bright
     * @return list<Mend>
     */
    private static function dimmed(Situation $situation, string $id, array $lux, float $over): array
    {
        $lamp = $situation->scene->lamps[$id];
        $all = array_sum($lux);
        $part = ($all * 2 ** -$over - ($all - $lux[$id])) / $lux[$id];
        $dimmer = round($lamp->placement->dimmer * $part, 3);
        $name = ['thing' => $situation->name($id)];
        $off = new Mend('switch-off', $name, $situation->edit("lights/$id", ['on' => false]));

        return $dimmer < $lamp->fixture->lowestDim ? [$off] : [
            new Mend('dim', $name + ['dim' => Quantity::share($dimmer)], $situation->edit("lights/$id", ['dimmer' => $dimmer])),
            $off,
        ];
    }
}
