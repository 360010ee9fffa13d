<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Staging\Body;

/** What is first behind a head on a camera's line, and how far. */
final readonly class Backdrop
{
    private function __construct(public string $owner, public float $distanceM)
    {
    }

    public static function behind(Scene $scene, Camera $camera, Body $body): self
    {
        $head = $body->person->place->at($body->eyes->z);
        $line = $head->minus($camera->pupil());
        $flat = $line->floor()->unit();
        [$from, $towards] = [[$head->x, $head->y, $head->z], [$flat->x, $flat->y, 0.0]];
        [$nearest, $owner] = [INF, ''];
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            if ($solid->owner === $body->person->id || ! in_array($solid->kind, [ThingKind::Room, ThingKind::Built, ThingKind::Furniture], true)) {
                continue;
            }
            $met = $solid->hitBy($from, $towards);
            if ($met !== null && $met < $nearest) {
                [$nearest, $owner] = [$met, $solid->owner];
            }
        }

        return new self($owner, $nearest);
    }
}
