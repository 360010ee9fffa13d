<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Light\Haze;

/**
 * Haze over the day: when to start for it to be there when is recorded, how often to top it up, how long to air. From what somebody has
 * said of the hazers and of how often the air is changed; without that there are no figures.
 */
final readonly class HazePlan
{
    /** Before it is topped up again it falls to so much of what is wanted, and is brought up to as much over it. */
    private const BAND = 0.15;

    /** Under so much of it nobody sees it any more. */
    private const GONE = 0.05;

    private const DAY_MIN = 1440;

    /**
     * @param  float  $distanceM  from the first lens to what is behind who it looks at
     * @param  float  $wanted  g/m³
     * @param  float|null  $fillMin  null where it never gets so dense
     * @param  string  $from  clock time at which it is switched on
     */
    private function __construct(
        public Haze $haze,
        public string $hazer,
        public float $distanceM,
        public float $keeps,
        public float $wanted,
        public ?float $fillMin,
        public string $from,
        private string $recordedFrom,
    ) {
    }

    public static function of(Situation $situation): ?self
    {
        $rows = array_filter(
            $situation->setup->setup->list('hazers'),
            static fn (Record $r): bool => ($r->number('output_g_min') ?? 0.0) > 0.0 && $r->number('air_changes_h') !== null,
        );
        $first = reset($rows);
        $distance = self::distance($situation);
        $volume = $situation->place()->sound()->volumeM3;
        if ($first === false || $distance === null || $volume <= 0.0) {
            return null;
        }
        $output = array_sum(array_map(static fn (Record $r): float => ($r->number('output_g_min') ?? 0.0) / 60, $rows));
        $haze = new Haze($volume, $output, ($first->number('air_changes_h') ?? 0.0) / 3600);
        $keeps = $first->number('wall_keeps') ?? 0.85;
        $wanted = Haze::density($keeps, $distance);
        $fills = $haze->fills($wanted);
        $recorded = $situation->setup->hours()->from;
        $fillMin = $fills === null ? null : $fills / 60;

        return new self(
            $haze,
            $first->id,
            $distance,
            $keeps,
            $wanted,
            $fillMin,
            $first->text('from') !== '' || $recorded === '' || $fillMin === null
                ? $first->text('from')
                : self::clock(self::minutes($recorded) - (int) ceil($fillMin)),
            $recorded,
        );
    }

    /** When it is as dense as wanted; empty where nobody has said when it is switched on, or it never is. */
    public function ready(): string
    {
        return $this->from === '' || $this->fillMin === null ? '' : self::clock(self::minutes($this->from) + (int) ceil($this->fillMin));
    }

    /** When it would have to be switched on at the latest; empty where the hours are open. */
    public function latest(): string
    {
        return $this->recordedFrom === '' || $this->fillMin === null
            ? ''
            : self::clock(self::minutes($this->recordedFrom) - (int) ceil($this->fillMin));
    }

    /** @return float|null minutes that are missing when recording begins; negative is to spare */
    public function lateMin(): ?float
    {
        if ($this->from === '' || $this->recordedFrom === '' || $this->fillMin === null) {
            return null;
        }
        $late = self::minutes($this->from) + $this->fillMin - self::minutes($this->recordedFrom);

        // Around midnight the nearer of both days is meant.
        return $late > self::DAY_MIN / 2 ? $late - self::DAY_MIN : $late;
    }

    /** @return array{float, float}|null minutes after which it is topped up, and minutes for which; null where none is lost, or none to gain */
    public function topUp(): ?array
    {
        $fades = $this->haze->fades((1 - self::BAND) / (1 + self::BAND));
        $fills = $this->haze->fills($this->wanted * (1 + self::BAND), $this->wanted * (1 - self::BAND));

        return $fades === null || $fills === null ? null : [$fades / 60, $fills / 60];
    }

    /** @return float|null minutes of airing until nobody sees it */
    public function clearsMin(): ?float
    {
        $fades = $this->haze->fades(self::GONE);

        return $fades === null ? null : $fades / 60;
    }

    /** @return list<array{string, float, float}> while it fills: clock, g/m³, and what the wall keeps of its contrast */
    public function course(): array
    {
        $steps = [];
        foreach ($this->from === '' || $this->fillMin === null ? [] : [0.25, 0.5, 0.75, 1.0] as $share) {
            $density = $this->haze->after(60 * $share * $this->fillMin);
            $clock = self::clock(self::minutes($this->from) + (int) round($share * $this->fillMin));
            $steps[] = [$clock, $density, Haze::keeps($density, $this->distanceM)];
        }

        return $steps;
    }

    private static function distance(Situation $situation): ?float
    {
        foreach ($situation->framings() as [$camera, $body]) {
            $behind = $situation->backdrop($camera, $body)->distanceM;

            return is_finite($behind) ? $camera->pupil()->distanceTo($body->eyes) + $behind : null;
        }

        return null;
    }

    private static function minutes(string $clock): int
    {
        return 60 * (int) substr($clock, 0, 2) + (int) substr($clock, 3, 2);
    }

    private static function clock(int $minutes): string
    {
        $within = ($minutes % self::DAY_MIN + self::DAY_MIN) % self::DAY_MIN;

        return sprintf('%02d:%02d', intdiv($within, 60), $within % 60);
    }
}
