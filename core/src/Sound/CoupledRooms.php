<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * Two rooms with an opening between them, after a source in the first has gone silent: energy flows to and fro, and dies away in two modes.
 * `V₁ dw₁/dt = P − (c/4)((A₁ + S) w₁ − S w₂)`, and likewise for the second: Kuttruff, Room Acoustics, coupled rooms.
 */
final readonly class CoupledRooms
{
    private const HALVINGS = 60;

    /**
     * @param  float  $fast  share of the energy at the microphone that dies by the fast mode, when the source stops
     * @param  float  $slow  the other share; more than 1 where the decay begins flat
     * @param  float  $nextDb  how much quieter the second room is
     */
    private function __construct(
        public float $fastS,
        public float $slowS,
        private float $fast,
        public float $slow,
        public float $nextDb,
    ) {
    }

    /**
     * @param  array{float, float}  $volumesM3
     * @param  array{float, float}  $absorptionsM2  without the opening
     * @param  bool  $isNext  whether the microphone is in the second room
     *
     * @throws ImpossibleSound if a room has no volume, takes nothing, or there is no opening
     */
    public static function of(array $volumesM3, array $absorptionsM2, float $openingM2, bool $isNext): self
    {
        if (min($volumesM3) <= 0.0) {
            throw ImpossibleSound::without('a volume');
        }
        if (min($absorptionsM2) <= 0.0 || $openingM2 <= 0.0) {
            throw ImpossibleSound::without('what it absorbs, and the opening,');
        }
        $flow = Arrival::SPEED / 4;
        [$a, $b] = [$flow * ($absorptionsM2[0] + $openingM2) / $volumesM3[0], $flow * $openingM2 / $volumesM3[0]];
        [$c, $d] = [$flow * $openingM2 / $volumesM3[1], $flow * ($absorptionsM2[1] + $openingM2) / $volumesM3[1]];
        $root = sqrt((($a - $d) / 2) ** 2 + $b * $c);
        [$slow, $fast] = [($a + $d) / 2 - $root, ($a + $d) / 2 + $root];
        // Standing still: the second room has what comes through against what it takes.
        $ratio = $openingM2 / ($absorptionsM2[1] + $openingM2);
        $next = $isNext ? $ratio : 1.0;
        // Each mode keeps its own ratio of the rooms: (1, (a − λ)/b).
        [$ofSlow, $ofFast] = [($a - $slow) / $b, ($a - $fast) / $b];
        $share = ($ratio - $ofFast) / ($ofSlow - $ofFast);
        $slowEnergy = $share * ($isNext ? $ofSlow : 1.0);
        $fastEnergy = (1 - $share) * ($isNext ? $ofFast : 1.0);

        return new self(
            6 * M_LN10 / $fast,
            6 * M_LN10 / $slow,
            $fastEnergy / $next,
            $slowEnergy / $next,
            -10 * log10($ratio),
        );
    }

    /** Early decay time: six times as long as it takes to fall by ten decibels. */
    public function earlyS(): float
    {
        return 6 * $this->fallen(10.0);
    }

    /** The decay time of what is left: four times from −35 to −50 dB. */
    public function lateS(): float
    {
        return 4 * ($this->fallen(50.0) - $this->fallen(35.0));
    }

    /** @return array{float, float}|null when, in seconds and at how many decibels, both modes are as strong; null where the slow one leads */
    public function knee(): ?array
    {
        if ($this->slow <= 0.0 || $this->fast <= $this->slow) {
            return null;
        }
        $at = log($this->fast / $this->slow) / (6 * M_LN10 * (1 / $this->fastS - 1 / $this->slowS));

        return [$at, 10 * log10($this->left($at))];
    }

    /** Seconds until the energy has fallen by so many decibels. */
    private function fallen(float $db): float
    {
        [$early, $late] = [0.0, $this->slowS * (1 + $db / 20)];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($early + $late) / 2;
            [$early, $late] = $this->left($middle) > 10 ** (-$db / 10) ? [$middle, $late] : [$early, $middle];
        }

        return $late;
    }

    /** The share of the energy that is left. */
    private function left(float $seconds): float
    {
        return $this->fast * exp(-6 * M_LN10 * $seconds / $this->fastS) + $this->slow * exp(-6 * M_LN10 * $seconds / $this->slowS);
    }
}
