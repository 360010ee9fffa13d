<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Judge\Checks\Light\EyesCatchLight;
use FineFrame\Light\NoseShadow;
use FineFrame\Light\Softness;

/** What a meter and an eye say of the light on one face: what is weighed when a lamp is moved. */
final readonly class LitFace
{
    /**
     * @param  float  $over  stops over the wanted exposure
     * @param  float  $cheeks  the brighter over the darker
     * @param  float  $hair  stops over the face
     * @param  float|null  $under  stops that the background lies under the face; null where no camera is on it
     * @param  bool|null  $catches  whether every camera sees a light in the eyes; null where none is on them
     * @param  float|null  $seenRad  how large the main light looks; null where all comes from all around
     */
    private function __construct(
        public string $person,
        public float $over,
        public float $cheeks,
        public float $hair,
        public ?float $under,
        public ?bool $catches,
        public ?float $seenRad,
        public ?Softness $softness,
        public ?NoseShadow $nose,
        public ?string $key,
    ) {
    }

    public static function of(Situation $situation, string $person): self
    {
        $face = $situation->face($person);
        [$under, $catches] = [null, null];
        foreach ($situation->framings() as [$camera, $body]) {
            if ($body->person->id === $person) {
                $under = min($under ?? INF, -$situation->background($camera, $body));
            }
        }
        foreach ((new EyesCatchLight)->run($situation) as $finding) {
            if ($finding->about[1] === $person) {
                $catches = ($catches ?? true) && $finding->severity === Severity::Holds;
            }
        }
        $seen = $face->mainSeenRad();

        return new self(
            $person,
            $face->light->stopsOver(),
            $face->cheeks(),
            $face->hairStops(),
            $under,
            $catches,
            $seen,
            $seen === null ? null : Softness::of(
                $seen,
                deg2rad($situation->limits->get('hard_under_deg')),
                deg2rad($situation->limits->get('soft_over_deg')),
            ),
            $face->noseShadow(),
            $face->main()[0] ?? null,
        );
    }
}
