<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Light\Weather;
use FineFrame\Scene\DaylightFit;
use FineFrame\Scene\FaceReading;

/**
 * The light on faces over the recording: computed under a sky, with the lamps as they are set, from the first minute to the
 * last; and when to begin so that it changes least. Clouds are not foreseen.
 */
final class DaylightStudy
{
    private const STEPS = 6;

    /** Beginnings are tried at every so many seconds. */
    private const BEGIN_S = 1800.0;

    /** @var array<string, FaceReading> by person, sky and time */
    private array $faces = [];

    /** @param  array{float, float}  $window */
    private function __construct(private readonly Situation $situation, public readonly array $window)
    {
    }

    /** @return self|null null where nobody has said where the place is and when is recorded, or nothing lets daylight in */
    public static function of(Situation $situation): ?self
    {
        $site = $situation->setup->location->site;
        $window = $site === null ? null : $situation->setup->hours()->window($site);
        $isOpen = $window !== null && ($situation->scene->windowsAt(Weather::Overcast, $window[0])?->isOpen() ?? false);

        return $window === null || ! $isOpen ? null : new self($situation, $window);
    }

    /** @return list<float> */
    public function times(): array
    {
        return array_map(
            fn (int $i): float => $this->window[0] + ($this->window[1] - $this->window[0]) * $i / self::STEPS,
            range(0, self::STEPS),
        );
    }

    public function at(Weather $weather, float $time, string $person): FaceReading
    {
        return $this->faces["$person $weather->value ".round($time)] ??= new FaceReading(
            $this->situation->scene->under($weather, $time),
            $this->situation->setup->bodies[$person],
        );
    }

    /** Stops between the most and the least light on the face over the times; positive when it ends brighter than it began. */
    public function drift(Weather $weather, string $person): float
    {
        [$change, $ends] = $this->change($weather, $this->times(), $person);

        return $ends < 0 ? -$change : $change;
    }

    /**
     * The beginning of as long a recording, on the same day, over which the face changes least.
     *
     * @return array{float, float}|null when, and by how many stops it then changes
     */
    public function steadiest(Weather $weather, string $person): ?array
    {
        $day = $this->situation->place()->study()?->day;
        if ($day?->sunrise === null || $day->sunset === null) {
            return null;
        }
        $long = $this->window[1] - $this->window[0];
        $best = null;
        for ($begin = ceil($day->sunrise / self::BEGIN_S) * self::BEGIN_S; $begin + $long <= $day->sunset; $begin += self::BEGIN_S) {
            [$change] = $this->change($weather, Hours::every([$begin, $begin + $long], self::BEGIN_S), $person);
            $best = $best === null || $change < $best[1] - 0.01 ? [$begin, $change] : $best;
        }

        return $best;
    }

    /**
     * @param  list<float>  $times
     * @return array{float, float} stops between the least and the most light, and from the first to the last
     */
    private function change(Weather $weather, array $times, string $person): array
    {
        [$least, $most, $first, $last] = [INF, -INF, null, 0.0];
        foreach ($times as $time) {
            $last = log(max(1e-6, $this->at($weather, $time, $person)->light->totalLux()), 2);
            $first ??= $last;
            [$least, $most] = [min($least, $last), max($most, $last)];
        }

        return [$most - $least, $last - ($first ?? $last)];
    }

    public function fit(Weather $weather): ?DaylightFit
    {
        return DaylightFit::of($this->situation->scene, $weather);
    }
}
