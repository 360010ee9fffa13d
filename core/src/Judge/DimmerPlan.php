<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Light\Exposure;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\Edit;
use FineFrame\Staging\Body;

/**
 * All dimmers at once, for a stop and a ratio at one face, and for how far the background lies under it. Light adds, so the
 * face's lux, both cheeks, hair and what is behind the head are linear in the dimmers: each is moved in turn to where all are missed
 * least, in stops, by ever smaller steps until none helps.
 */
final readonly class DimmerPlan
{
    /** Steps of a dimmer, in stops: halved whenever none helps. */
    private const FIRST_STOPS = 2.0;

    private const LAST_STOPS = 0.001;

    /** Where a dimmer at nothing begins: times any step, nothing stays nothing. */
    private const FROM = 0.05;

    private const NO_LESS = 1e-9;

    private const REACHED_STOPS = 0.1;

    /**
     * @param  array<string, float>  $dimmers  by lamp
     * @param  float  $stopsOff  of the wanted exposure; positive is over
     * @param  float  $ratio  cheek to cheek, as it comes out
     * @param  float|null  $under  stops that the background lies under the face; null where no camera is on it
     * @param  float  $hair  stops that hair is over the face
     * @param  float  $nearer  by what share of its distance the key would have to come for what is missing with a dimmer at full; 0 when
     *     nothing is
     */
    private function __construct(
        public array $dimmers,
        public float $stopsOff,
        public float $ratio,
        public ?float $under,
        public float $hair,
        public bool $isReached,
        public float $nearer,
        public Edit $edit,
    ) {
    }

    /**
     * @param  float|null  $under  stops wanted of the background under the face; null for any
     * @param  float|null  $hair  stops wanted of hair over the face; null for any
     * @param  list<string>  $still  lamps that stay as they are set
     */
    public static function for(
        Situation $situation,
        string $person,
        float $tStop,
        float $ratio,
        ?float $under = null,
        array $still = [],
        ?float $hair = null,
    ): self {
        $setup = $situation->setup;
        $full = [];
        foreach ($setup->setup->lights as $light) {
            $full["/setups/{$setup->setup->id}/lights/$light->id/dimmer"] = 1.0;
        }
        $body = $setup->bodies[$person];
        $metering = $setup->setup->metering;
        $wanted = Exposure::lux($tStop, $metering->shutterS(), $metering->iso);
        /** @var array<string, array{float, float, float, float, float}> $terms */
        [$terms, $rest] = self::terms($situation, $body, $full);
        $lamps = array_intersect_key($situation->scene->lamps, $terms);
        $limits = array_map(static fn (SoftBox $lamp): float => $lamp->fixture->lowestDim, $lamps);
        $dimmers = array_map(
            static fn (SoftBox $lamp): float => in_array($lamp->placement->id, $still, true)
                ? $lamp->placement->dimmer
                : max(self::FROM, $lamp->placement->dimmer),
            $lamps,
        );
        for ($step = self::FIRST_STOPS; $step > self::LAST_STOPS; $step = $moved ? $step : $step / 2) {
            $best = self::missed($terms, $rest, $dimmers, [$wanted, $ratio, $under, $hair]);
            $moved = false;
            foreach (array_diff(array_keys($terms), $still) as $id) {
                foreach ([-$step, $step] as $by) {
                    $tried = [...$dimmers, $id => max($limits[$id], min(1.0, $dimmers[$id] * 2 ** $by))];
                    $miss = self::missed($terms, $rest, $tried, [$wanted, $ratio, $under, $hair]);
                    if ($miss < $best - self::NO_LESS) {
                        [$best, $dimmers, $moved] = [$miss, $tried, true];
                    }
                }
            }
        }
        $dimmers = array_map(static fn (float $d): float => round($d, 3), $dimmers);
        [$lux, $cheeks, $lies, $edge] = self::sum($terms, $rest, $dimmers);
        $off = log($lux / $wanted, 2);
        $edit = [];
        foreach ($dimmers as $id => $dim) {
            $edit["/setups/{$setup->setup->id}/lights/$id/dimmer"] = $dim;
        }

        return new self(
            $dimmers,
            $off,
            $cheeks,
            $lies,
            $edge,
            abs($off) <= self::REACHED_STOPS
                && abs(log($cheeks / $ratio, 2)) <= 2 * self::REACHED_STOPS
                && ($under === null || $lies === null || abs($lies - $under) <= 3 * self::REACHED_STOPS)
                && ($hair === null || abs($edge - $hair) <= 3 * self::REACHED_STOPS),
            $off < -self::REACHED_STOPS && max([0.0, ...array_values($dimmers)]) > 0.999 ? 1 - 2 ** ($off / 2) : 0.0,
            new Edit($edit),
        );
    }

    /**
     * What each lamp gives at full to the face and both cheeks, what it makes the background look like in light on a face, and
     * what is there without lamps.
     *
     * @param  array<string, float>  $full
     * @return array{array<string, array{float, float, float, float, float}>, array{float, float, float, float, float}}
     */
    private static function terms(Situation $situation, Body $body, array $full): array
    {
        $lit = $situation->after(new Edit($full));
        $plan = $lit->setup;
        $switch = static fn (LightPlacement $light): string => "/setups/{$plan->setup->id}/lights/$light->id/on";
        $switches = array_map($switch, $plan->setup->lights);
        $read = static function (string ...$off) use ($lit, $body): array {
            $after = $lit->after(new Edit(array_fill_keys($off, false)));
            $face = $after->face($body->person->id);
            $camera = array_values(
                array_filter(
                    $after->setup->cameras,
                    static fn (Camera $c): bool => $after->setup->bodyFor($c)?->person->id === $body->person->id,
                ),
            )[0] ?? null;

            return [
                $face->light->totalLux(),
                $face->cells['left'],
                $face->cells['right'],
                $camera === null ? 0.0 : $face->light->totalLux() * 2 ** $after->background($camera, $body),
                $face->cells['hair'],
            ];
        };
        $rest = $read(...$switches);
        $terms = [];
        foreach (array_filter($plan->setup->lights, static fn (LightPlacement $light): bool => $light->on) as $light) {
            $alone = $read(...array_diff($switches, [$switch($light)]));
            $terms[$light->id] = [
                $alone[0] - $rest[0], $alone[1] - $rest[1], $alone[2] - $rest[2], $alone[3] - $rest[3], $alone[4] - $rest[4],
            ];
        }

        return [$terms, $rest];
    }

    /**
     * @param  array<string, array{float, float, float, float, float}>  $terms
     * @param  array{float, float, float, float, float}  $rest
     * @param  array<string, float>  $dimmers
     * @return array{float, float, float|null, float} lux at the face, cheek to cheek, stops of the background under the face, and of hair over it
     */
    private static function sum(array $terms, array $rest, array $dimmers): array
    {
        [$lux, $left, $right, $behind, $hair] = $rest;
        foreach ($terms as $id => [$face, $one, $other, $back, $top]) {
            $hair += $dimmers[$id] * $top;
            $behind += $dimmers[$id] * $back;
            $lux += $dimmers[$id] * $face;
            $left += $dimmers[$id] * $one;
            $right += $dimmers[$id] * $other;
        }

        return [
            max(1e-6, $lux),
            max($left, $right) / max(1e-6, min($left, $right)),
            $behind > 0.0 ? log(max(1e-6, $lux) / $behind, 2) : null,
            log(max(1e-6, $hair) / max(1e-6, $lux), 2),
        ];
    }

    /**
     * @param  array<string, array{float, float, float, float, float}>  $terms
     * @param  array{float, float, float, float, float}  $rest
     * @param  array<string, float>  $dimmers
     * @param  array{float, float, float|null, float|null}  $wanted  lux, cheek to cheek, stops of the background under, of hair over
     */
    private static function missed(array $terms, array $rest, array $dimmers, array $wanted): float
    {
        [$lux, $cheeks, $lies, $edge] = self::sum($terms, $rest, $dimmers);
        [$want, $ratio, $under, $hair] = $wanted;

        return log($lux / $want, 2) ** 2
            + 0.5 * log($cheeks / $ratio, 2) ** 2
            + ($under === null || $lies === null ? 0.0 : 0.3 * ($lies - $under) ** 2)
            + ($hair === null ? 0.0 : 0.3 * ($edge - $hair) ** 2);
    }
}
