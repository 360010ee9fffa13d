<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** An eye without a light in it looks dead: a lamp or a window before the face, not too high, mirrors in it, best at ten or two o’clock. */
final class EyesCatchLight extends Rule
{
    /** An eye's cap turns light back to the lens up to so far off between the two. */
    private const WIDEST_RAD = 75 * M_PI / 180;

    private const HIGHEST_RAD = 55 * M_PI / 180;

    public function id(): string
    {
        return 'eyes-catch-light';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $lens = $camera->pupil()->minus($body->eyes);
            $best = null;
            foreach ($this->lights($situation, $body->person->id) as $name => [$at, $lux]) {
                $to = $at->minus($body->eyes);
                if (
                    $to->angleTo($lens) > self::WIDEST_RAD
                    || $to->elevation() > self::HIGHEST_RAD
                    || $body->face()->at(0.0)->angleTo($to) > 1.4
                ) {
                    continue;
                }
                $best = $best === null || $lux > $best[2] ? [$name, $to, $lux] : $best;
            }
            $across = $best === null ? 0.0 : -$lens->floor()->unit()->cross($best[1]->floor()->unit());
            $up = $best === null ? 0.0 : $best[1]->elevation() - $lens->elevation();
            $hour = ((int) round(atan2($across, max(1e-3, $up)) * 6 / M_PI) + 12) % 12 ?: 12;
            yield $this->finding(
                $best === null ? Severity::Watch : Severity::Holds,
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'light' => $best[0] ?? 'nothing',
                    'hour' => (string) $hour,
                ],
                [$id, $body->person->id],
                new Working(
                    'mirrored half way between the lens and the light, as the camera sees the eye',
                    [
                        'light' => $best[0] ?? 'none',
                        'off the lens’s axis' => Quantity::degrees($best === null ? 0.0 : rad2deg($best[1]->angleTo($lens))),
                    ],
                ),
                fn (): array => $this->ideas($situation, $body->person->id),
            );
        }
    }

    /** @return array<string, array{Vec3, float}> what may show in an eye, and how strong it is there */
    private function lights(Situation $situation, string $person): array
    {
        $face = $situation->face($person);
        $lights = [];
        foreach ($face->byLamp as $id => $lux) {
            if ($lux > 1.0) {
                $lights[$situation->name($id)] = [$situation->scene->lamps[$id]->centre(), $lux];
            }
        }
        foreach ($situation->scene->windows()?->outlines() ?? [] as $id => $corners) {
            if (($face->byDay[$id] ?? 0.0) > 1.0) {
                $lights['the '.$situation->name($id)] = [
                    Vec3::between($corners[0], $corners[2], 0.5),
                    $face->byDay[$id],
                ];
            }
        }

        return $lights;
    }

    /** @return list<Mend> the lamps that are for them, the strongest first: lower, then round toward the face */
    private function ideas(Situation $situation, string $person): array
    {
        $lux = $situation->face($person)->byLamp;
        arsort($lux);
        $ideas = [];
        foreach (array_keys($lux) as $id) {
            $lamp = $situation->scene->lamps[$id]->placement;
            if ($lamp->on && $lamp->subject === $person && $lamp->aim === null) {
                array_push($ideas, LampMoves::at($situation, $id, 30.0), ...LampMoves::swung($situation, $id, [20, -20, 40, -40]));
            }
        }

        return array_slice($ideas, 0, 10);
    }
}
