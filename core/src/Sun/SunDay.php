<?php

declare(strict_types=1);

namespace FineFrame\Sun;

/** The sun's course over one local date. Times are seconds of the epoch; null where there is no such moment. */
final readonly class SunDay
{
    /** The low, warm sun as photographers count it: the centre between −4° and 6°. A custom, no physics. */
    public const GOLDEN_DEG = [-4.0, 6.0];

    private const CIVIL_DEG = -6.0;

    private function __construct(
        public Site $site,
        public string $date,
        public float $noon,
        public float $noonAltitudeRad,
        public string $state,
        public ?float $sunrise,
        public ?float $sunset,
        public ?float $civilDawn,
        public ?float $civilDusk,
        public ?float $goldenMorningEnds,
        public ?float $goldenEveningBegins,
    ) {
    }

    /** @param  string  $date  as 2026-11-14, by the site's own clock */
    public static function of(Site $site, string $date): self
    {
        $noon = self::transit($site, $date);
        $top = Sun::over($site, $noon);
        $rising = $top->risingRad();
        $low = min(Sun::over($site, $noon - 43_080)->altitudeRad, Sun::over($site, $noon + 43_080)->altitudeRad);
        $state = match (true) {
            $top->altitudeRad < $rising => 'polar_night',
            $low > $rising => 'polar_day',
            default => 'normal',
        };
        $civil = deg2rad(self::CIVIL_DEG);
        $golden = deg2rad(self::GOLDEN_DEG[1]);

        return new self(
            $site, $date, $noon, $top->altitudeRad, $state,
            self::crossing($site, $noon, -1, $rising), self::crossing($site, $noon, 1, $rising),
            self::crossing($site, $noon, -1, $civil), self::crossing($site, $noon, 1, $civil),
            self::crossing($site, $noon, -1, $golden), self::crossing($site, $noon, 1, $golden),
        );
    }

    /**
     * Whether all of a stretch lies in the dark: the sun more than six degrees under.
     *
     * @param  array{float, float}  $window  seconds of the epoch
     */
    public function isDark(array $window): bool
    {
        $nextDawn = $this->civilDawn === null ? INF : $this->civilDawn + 86_400;

        return $this->state !== 'polar_day'
            && $this->civilDusk !== null
            && (
                ($window[0] >= $this->civilDusk && $window[1] <= $nextDawn)
                || ($this->civilDawn !== null && $window[1] <= $this->civilDawn)
            );
    }

    public function lengthS(): float
    {
        return match (true) {
            $this->sunrise !== null && $this->sunset !== null => $this->sunset - $this->sunrise,
            $this->state === 'polar_day' => 86_400.0,
            default => 0.0,
        };
    }

    /** The sun's passage of the meridian nearest to the middle of the local date. */
    private static function transit(Site $site, string $date): float
    {
        [$from, $to] = $site->day($date);
        $time = ($from + $to) / 2;
        for ($i = 0; $i < 4; $i++) {
            $time -= Sun::over($site, $time)->hourAngleRad / (2 * M_PI) * 86_400;
        }

        return match (true) {
            $time < $from => $time + 86_400,
            $time >= $to => $time - 86_400,
            default => $time,
        };
    }

    /** When the sun passes an altitude before (−1) or after (1) noon; null if it does not between noon and the midnights about it. */
    private static function crossing(Site $site, float $noon, int $side, float $altitudeRad): ?float
    {
        [$high, $low] = [$noon, $noon + $side * 43_200];
        if (Sun::over($site, $high)->altitudeRad < $altitudeRad || Sun::over($site, $low)->altitudeRad > $altitudeRad) {
            return null;
        }
        while (abs($high - $low) > 0.5) {
            $middle = ($high + $low) / 2;
            [$high, $low] = Sun::over($site, $middle)->altitudeRad >= $altitudeRad ? [$middle, $low] : [$high, $middle];
        }

        return ($high + $low) / 2;
    }
}
