<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\FaceLight;
use FineFrame\Light\SoftBox;
use FineFrame\Scene\FaceReading;
use FineFrame\Staging\Body;

/** Places for a key, an edge and a fill around a face: keys by angle, distance and height, scored by quick sums. */
final class LampPlaces
{
    private const KEPT = 4;

    private const DEEP_M = 2.0;

    /** How many places were scored. */
    public int $considered = 0;

    /** @param  float  $wanted  lux */
    public function __construct(
        private readonly LampStand $stand,
        private readonly LightScore $score,
        private readonly LampKit $kit,
        private readonly float $wanted,
    ) {
    }

    /** @return list<LampSpot> the best first, none close to a better one */
    public function keys(LightRecipe $recipe, Body $body, FaceReading $dark, int $cameraSide): array
    {
        $spots = $this->spots($recipe, $body, $dark, $cameraSide, 0.9) ?: $this->spots(
            $recipe,
            $body,
            $dark,
            $cameraSide,
            0.9 + self::DEEP_M,
        );
        usort($spots, static fn (LampSpot $a, LampSpot $b): int => $b->score <=> $a->score);
        $kept = [];
        foreach ($spots as $spot) {
            if (
                count($kept) < self::KEPT
                && array_filter($kept, static fn (LampSpot $k): bool => $k->lamp->centre()->distanceTo($spot->lamp->centre()) < 0.4) === []
            ) {
                $kept[] = $spot;
            }
        }

        return $kept;
    }

    /**
     * From so far off on, two metres deep: wide frames leave no place nearer.
     *
     * @return list<LampSpot>
     */
    private function spots(LightRecipe $recipe, Body $body, FaceReading $dark, int $cameraSide, float $fromM): array
    {
        $spots = [];
        foreach ($recipe->side === 0 ? [1, -1] : [-$recipe->side * $cameraSide] as $sign) {
            foreach ($recipe->keys as $what) {
                for ($deg = 20.0; $deg <= 75.0; $deg += 7.5) {
                    for ($distance = $fromM; $distance <= $fromM + self::DEEP_M + 1e-9; $distance += 0.25) {
                        foreach ([15.0, 28.0, 40.0] as $over) {
                            $this->considered++;
                            $place = $body->person->place->plus(
                                Vec2::towards($body->headBearingRad + $sign * deg2rad($deg))->times($distance),
                            );
                            $lamp = $this->stand->lamp(
                                'key',
                                'Key',
                                $what,
                                $place,
                                $body->eyes->z + $distance * tan(deg2rad($over)),
                                $body,
                            );
                            if ($lamp !== null) {
                                $spots[] = new LampSpot($lamp, $sign, $this->quick($lamp, $body, $dark, $deg, $over));
                            }
                        }
                    }
                }
            }
        }

        return $spots;
    }

    private function quick(SoftBox $lamp, Body $body, FaceReading $dark, float $deg, float $over): float
    {
        $full = FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0));
        $dim = max(
            $lamp->fixture->lowestDim,
            min(1.0, ($this->wanted - $dark->light->totalLux()) / max(1e-6, $full * (1 + LightSearch::ROOM))),
        );
        $reached = log(max(1e-6, $dark->light->totalLux() + $dim * $full * (1 + LightSearch::ROOM)) / $this->wanted, 2);
        $cells = array_map(
            fn (float $sign, float $there): float => $there + $dim * (
                $lamp->luxAt($body->eyes, $body->face()->turnedClockwise($sign * M_PI / 3)->at(0.0))
                + LightSearch::ROOM * $full
            ),
            [-1.0, 1.0],
            [$dark->cells['left'], $dark->cells['right']],
        );
        $ratio = max($cells) / max(1e-6, min($cells));

        return 2.0 * max(0.0, 1 - abs($reached)) + 1.5 * max(
            0.0,
            1 - abs(log($ratio / $this->score->ratio(), 2)) / 1.5,
        ) + max(0.0, 1 - abs($deg - 45) / 45) + 0.7 * max(0.0, 1 - abs($over - 28) / 28) + 0.8 * min(
            1.0,
            $lamp->seenRad($body->eyes) / 0.6,
        ) + ($this->stand->shinesIntoALens($lamp)
            ? 0.0
            : 1.0) + (
                $dim > 0.95
                || $dim <= $lamp->fixture->lowestDim
                ? 0.0
                : 0.3
            );
    }

    /**
     * A lamp behind, on the other side than the key, high and in no frame or lens.
     *
     * @param  array{string, list<string>}  $what
     * @param  bool  $isOnly  whether the other side will not do
     */
    public function edge(array $what, Body $body, int $sign, bool $isOnly = false): ?SoftBox
    {
        [$best, $lamp] = [-INF, null];
        foreach ($isOnly ? [$sign] : [$sign, -$sign] as $side) {
            for ($deg = 110.0; $deg <= 170.0; $deg += 10) {
                for ($distance = 1.2; $distance <= 2.8; $distance += 0.4) {
                    foreach ([1.9, 2.2, 2.5, 2.8] as $height) {
                        $this->considered++;
                        $one = $this->stand->lamp(
                            'edge',
                            'Edge',
                            $what,
                            $body->person->place->plus(Vec2::towards($body->headBearingRad + $side * deg2rad($deg))->times($distance)),
                            $height,
                            $body,
                        );
                        $own = $side === $sign ? 1.0 : 0.0;
                        $score = $one === null || $this->stand->shinesIntoALens($one)
                            ? -INF
                            : $own - abs($deg - 145) / 60 - abs($distance - 1.8) / 3 - abs($height - 2.3) / 3;
                        if ($score > $best) {
                            [$best, $lamp] = [$score, $one];
                        }
                    }
                }
            }
        }

        return $lamp;
    }

    /**
     * A lamp for what is behind a head, from the side and out of every frame.
     *
     * @param  array{string, list<string>}  $what
     * @param  Vec3  $wall  the place behind the head
     */
    public function behind(array $what, Body $body, Vec3 $wall): ?SoftBox
    {
        $back = $body->person->place->minus($wall->floor())->unit();
        foreach ([2.2, 2.5, 0.8, 1.6] as $height) {
            foreach ([1.4, 1.8, 2.2, 2.8] as $distance) {
                foreach ([55.0, -55.0, 70.0, -70.0, 40.0, -40.0] as $deg) {
                    $this->considered++;
                    $place = $wall->floor()->plus($back->turnedClockwise(deg2rad($deg))->times($distance));
                    $one = $this->stand->lamp('background', 'Background', $what, $place, $height, $body, $wall);
                    if ($one !== null && ! $this->stand->shinesIntoALens($one)) {
                        return $one;
                    }
                }
            }
        }

        return null;
    }

    /** A fill on the other side of the nose, near A's lens. */
    public function fill(Body $body, int $sign): ?SoftBox
    {
        foreach ([15.0, 25.0, 35.0, 50.0] as $deg) {
            foreach ([1.8, 2.2, 1.4, 2.6] as $distance) {
                foreach ($this->kit->soft(smallestFirst: true) as $what) {
                    $this->considered++;
                    $one = $this->stand->lamp(
                        'fill',
                        'Fill',
                        $what,
                        $body->person->place->plus(Vec2::towards($body->headBearingRad + $sign * deg2rad($deg))->times($distance)),
                        $body->eyes->z + 0.3,
                        $body,
                    );
                    if ($one !== null) {
                        return $one;
                    }
                }
            }
        }

        return null;
    }
}
