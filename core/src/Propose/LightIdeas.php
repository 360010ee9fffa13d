<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Ideas;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Situation;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;

/** What a practitioner would add where light is missing or in the way: a lamp, a black or a board beside a face, a flag before a lens. */
final readonly class LightIdeas implements Ideas
{
    /** Usual flags, width and height in metres. */
    private const FLAGS = [[0.45, 0.6], [0.6, 0.9]];

    /** Where a flag is tried, shares of the way from the lamp to the lens. */
    private const ALONG = [0.15, 0.3, 0.45];

    public function for(Situation $situation, Finding $finding): iterable
    {
        // Where no lamp is on a face, one is what is missing; a higher sensitivity comes after it.
        if ($finding->case === 'day-dim') {
            yield from $this->placed($situation, $finding);
            yield from $finding->ideas();
        } else {
            yield from $finding->ideas();
            yield from $this->placed($situation, $finding);
        }
    }

    /** @return iterable<Mend> */
    private function placed(Situation $situation, Finding $finding): iterable
    {
        $person = array_values(array_intersect($finding->about, array_keys($situation->setup->bodies)))[0] ?? null;
        $body = $person === null ? null : $situation->setup->bodies[$person];
        $more = new Additions($situation);

        return match (true) {
            $finding->check === 'lens-is-shaded' => $this->flags($situation, $finding),
            $body === null => [],
            $finding->check === 'key-gives-the-stop' && str_ends_with($finding->case, 'dim') => $more->keys($body),
            $finding->check === 'subject-parts-by-light' => $more->edges($body),
            $finding->check === 'eyes-catch-light' => $more->eyeLights($body),
            $finding->check === 'face-has-shape' && $finding->case === 'fails' => $more->beside($body, false),
            $finding->check === 'face-has-shape' && $finding->case === 'hard' => $more->beside($body, true),
            default => [],
        };
    }

    /** @return iterable<Mend> a flag between lamp and lens, out of the frame that it is for */
    private function flags(Situation $situation, Finding $finding): iterable
    {
        [$lampId, $cameraId] = $finding->about + ['', ''];
        $lamp = $situation->scene->lamps[$lampId] ?? null;
        $view = $situation->scene->views[$cameraId] ?? null;
        if ($lamp === null || $view === null) {
            return;
        }
        foreach (self::ALONG as $share) {
            foreach (self::FLAGS as [$width, $height]) {
                $at = Vec3::between($lamp->centre(), $view->camera->pupil(), $share);
                yield $this->flag($situation, $lamp, $at, $view->camera->pupil(), [$width, $height]);
            }
        }
    }

    /** @param  array{float, float}  $size */
    private function flag(Situation $situation, SoftBox $lamp, Vec3 $at, Vec3 $lens, array $size): Mend
    {
        return new Mend(
            'set-flag',
            [
                'lamp' => $situation->name($lamp->placement->id),
                'width' => Quantity::metres($size[0]),
                'height' => Quantity::metres($size[1]),
            ],
            new Edit(["/setups/{$situation->setup->setup->id}/furniture/-" => [
                'id' => FreeId::of('flag', array_keys($situation->setup->things())),
                'name' => 'flag',
                'width_m' => $size[0],
                'depth_m' => 0.02,
                'height_m' => $size[1],
                'base_m' => round(max(0.1, $at->z - $size[1] / 2), 2),
                'x_m' => round($at->x, 3),
                'y_m' => round($at->y, 3),
                'turn_deg' => round(rad2deg($lens->minus($lamp->centre())->floor()->bearing()), 1),
                'reflects' => 0.03,
                'keep_out' => true,
            ]]),
        );
    }
}
