<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Finding;
use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Mired;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\LensView;
use FineFrame\Space\OpeningKind;

/** A lamp that is the key seems to come from a window or a practical that the frame shows: by its side, its height and its colour. */
final class KeyIsMotivated extends Rule
{
    /** Sides within this of one another are the same one to the eye. */
    private const SIDE_DEG = 75.0;

    private const HEIGHT_DEG = 40.0;

    /** Two lamps farther apart in colour are seen to be two. */
    private const COLOUR_MIRED = 60.0;

    public function id(): string
    {
        return 'key-is-motivated';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $face = $situation->face($body->person->id);
            $key = $face->main()[0] ?? null;
            $lamp = $situation->scene->lamps[$key ?? ''] ?? null;
            $sources = $this->shown($situation, $situation->scene->views[$id], $body->eyes, $key ?? '');
            if ($lamp !== null && ! $lamp->placement->practical && $sources !== []) {
                yield $this->judged($situation, (string) $id, $face, $lamp->placement->id, $sources);
            }
        }
    }

    /** @param  non-empty-array<string, array{Vec3, float|null}>  $sources */
    private function judged(Situation $situation, string $camera, FaceReading $face, string $key, array $sources): Finding
    {
        $lamp = $situation->scene->lamps[$key];
        $to = $lamp->centre()->minus($face->body->eyes);
        $nearest = null;
        foreach ($sources as $name => [$way, $kelvin]) {
            $turn = rad2deg(Turn::wrapped($way->floor()->bearing() - $to->floor()->bearing()));
            $shift = $kelvin === null ? 0.0 : abs(Mired::shift($kelvin, $lamp->kelvin()));
            $off = [
                'side' => max(0.0, abs($turn) - self::SIDE_DEG) / self::SIDE_DEG,
                'height' => max(0.0, abs(rad2deg($way->elevation() - $to->elevation())) - self::HEIGHT_DEG) / self::HEIGHT_DEG,
                'colour' => max(0.0, $shift - self::COLOUR_MIRED) / self::COLOUR_MIRED,
            ];
            $nearest = $nearest === null || array_sum($off) < array_sum($nearest[1]) ? [$name, $off, $turn, $kelvin] : $nearest;
        }
        [$name, $off, $turn, $kelvin] = $nearest;
        arsort($off);
        $case = reset($off) > 0.0 ? (string) array_key_first($off) : 'holds';

        return $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            [
                'key' => $situation->name($key),
                'source' => $name,
                'camera' => $situation->name($camera),
                'subject' => $face->body->person->name,
                'turn' => Quantity::degrees(abs($turn)),
                'kelvin' => Quantity::of($lamp->kelvin(), Unit::Kelvin),
            ],
            [$key, $camera],
            new Working(
                'from the face: the way to the key against the way to what the frame shows',
                [
                    'sideways' => Quantity::degrees(abs($turn)),
                    'the same side up to' => Quantity::degrees(self::SIDE_DEG),
                    'key’s height' => Quantity::degrees(rad2deg($to->elevation())),
                ],
                'the one that agrees best; a picture may be meant to be at odds with itself',
            ),
            fn (): array => match ($case) {
                'side' => LampMoves::swung($situation, $key, [(int) round($turn / 2), (int) round($turn * 0.75), (int) round($turn)]),
                'height' => [LampMoves::raised($situation, $key, 0.4), LampMoves::raised($situation, $key, -0.4)],
                default => $kelvin === null ? [] : [
                    new Mend(
                        'set-kelvin',
                        ['thing' => $situation->name($key), 'kelvin' => Quantity::of($kelvin, Unit::Kelvin)],
                        $situation->edit("lights/$key", ['kelvin' => round($kelvin)]),
                    ),
                ],
            },
            $case,
        );
    }

    /** @return array<string, array{Vec3, float|null}> windows and practicals in a frame by name: the way to each, and its colour */
    private function shown(Situation $situation, LensView $view, Vec3 $eyes, string $key): array
    {
        $shown = [];
        foreach ($situation->setup->room->openings as $opening) {
            $line = $situation->setup->room->lineOf($opening);
            $middle = $line->at(0.5)->at(($opening->sillM + $opening->headM) / 2);
            $across = [$line->at(0.25)->at($middle->z), $middle, $line->at(0.75)->at($middle->z)];
            if ($opening->kind === OpeningKind::Window && self::isIn($view, $across)) {
                $shown[$situation->name($opening->id)] = [$middle->minus($eyes), null];
            }
        }
        foreach ($situation->scene->lamps as $id => $lamp) {
            if ($id !== $key && $lamp->placement->practical && $lamp->placement->on && self::isIn($view, [$lamp->centre()])) {
                $shown[$situation->name($id)] = [$lamp->centre()->minus($eyes), $lamp->kelvin()];
            }
        }

        return $shown;
    }

    /** @param  list<Vec3>  $points */
    private static function isIn(LensView $view, array $points): bool
    {
        foreach ($points as $point) {
            $at = $view->place($point);
            if ($at !== null && abs($at[0]) <= $view->cropX && abs($at[1]) <= $view->cropY) {
                return true;
            }
        }

        return false;
    }
}
