<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec3;
use FineFrame\Scout\Noise;
use FineFrame\Sound\Arrival;
use FineFrame\Sound\Ear;
use FineFrame\Sound\ImpulseResponse;
use FineFrame\Sound\Material;
use FineFrame\Sound\MicUse;
use FineFrame\Sound\Reverberation;
use FineFrame\Sound\RoomFaces;
use FineFrame\Sound\Tail;
use FineFrame\Space\PlacedRoom;

/** What a microphone hears of somebody where both are: the direct sound, what comes by the room’s faces, and its tail. */
final readonly class Hearing
{
    /** Octaves of speech: 500 Hz to 2 kHz. */
    private const SPEECH = [2, 3, 4];

    /** What comes with the direct sound is a part of it, seconds: a boundary microphone lies on its face. */
    private const TOGETHER_S = 1e-4;

    /** @param  non-empty-list<Arrival>  $arrivals */
    private function __construct(public Ear $ear, public Voice $voice, public array $arrivals, public Tail $tail)
    {
    }

    /** @return self|null null where nobody has said what the room is of, or it has no ceiling */
    public static function of(Situation $situation, Ear $ear, Voice $voice): ?self
    {
        $setup = $situation->setup;
        $room = self::roomOf($situation, $ear->at);
        if ($room === null || ! $room->taped->surfaces->isKnown() || $room->taped->ceiling->over($room->room->floor) === []) {
            return null;
        }
        $materials = $setup->plan->kit->materials + Material::shipped();
        $sound = $situation->place()->sound($room->taped);
        $pickup = $ear->model->pickup();
        // One that nobody aims hears this voice as ahead.
        $aim = $ear->axis ?? $voice->at->minus($ear->at);
        $all = Arrival::at(RoomFaces::of($room->room, $materials), $voice->at, $ear->at, $pickup, $aim);
        $late = array_filter($all, static fn (Arrival $a): bool => $a->timeS > $all[0]->timeS + self::TOGETHER_S);
        $absorbed = array_map(
            static fn (int $band): float => Reverberation::absorption($sound->volumeM3, $sound->time($band)),
            array_keys(Material::BANDS_HZ),
        );
        $direct = $ear->model->use === MicUse::Boundary ? $all[0]->louder(2.0) : $all[0];

        return new self($ear, $voice, [$direct, ...array_values($late)], Tail::of($sound->volumeM3, $absorbed, $pickup, Voice::Q));
    }

    public function response(): ImpulseResponse
    {
        return ImpulseResponse::of($this->arrivals, $this->tail);
    }

    /** Decibels of the direct sound against that at one metre, on the axis. */
    public function directDb(): float
    {
        return 20 * log10(max(1e-6, $this->arrivals[0]->gains[0]));
    }

    /** Decibels of the direct sound over the room, the mean over the octaves of speech. */
    public function overRoomDb(): float
    {
        $over = $this->tail->underDb($this->arrivals[0]->gains[0]);

        return array_sum(array_map(static fn (int $band): float => $over[$band] ?? 0.0, self::SPEECH)) / count(self::SPEECH);
    }

    /** Milliseconds after the direct sound that the first of the room comes; null where nothing does. */
    public function firstMs(): ?float
    {
        return isset($this->arrivals[1]) ? 1000 * ($this->arrivals[1]->timeS - $this->arrivals[0]->timeS) : null;
    }

    /** Decibels of the place’s noise at the microphone against the voice at one metre; null where nobody has measured any. */
    public function noiseDb(Situation $situation): ?float
    {
        $levels = array_filter(array_map(static fn ($n): ?float => $n->number('level_dba'), $situation->place()->noises()), is_float(...));

        return $levels === []
            ? null
            : Noise::together(array_values($levels)) - $this->voice->dbAt1m + 10 * log10($this->ear->model->pickup()->efficiency());
    }

    private static function roomOf(Situation $situation, Vec3 $at): ?PlacedRoom
    {
        foreach ($situation->setup->room->all as $room) {
            if ($room->room->floor->contains($at->floor())) {
                return $room;
            }
        }

        return null;
    }
}
