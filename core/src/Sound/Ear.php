<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Vec3;

/** A microphone where it is: on a pole, on clothes, on a table, on a camera. */
final readonly class Ear
{
    /**
     * @param  Vec3|null  $axis  what it is pointed along, unit; null for one that hears all around
     * @param  string  $subject  who it is for; empty where it is for the room
     * @param  string  $worn  where on them, or how it is put
     * @param  string  $cover  against wind
     * @param  string  $caution  what may rub or knock
     */
    public function __construct(
        public string $id,
        public string $name,
        public Microphone $model,
        public Vec3 $at,
        public ?Vec3 $axis,
        public string $subject,
        public string $worn = '',
        public string $cover = 'none',
        public string $caution = '',
        public bool $spare = false,
    ) {
    }

    public function isBoom(): bool
    {
        return $this->worn === '';
    }

    /** On someone: it goes where they go. */
    public const ON_SOMEBODY = ['on the collar', 'on the chest', 'in the hair', 'at the instrument'];

    public function isWorn(): bool
    {
        return $this->model->use === MicUse::Worn && in_array($this->worn, self::ON_SOMEBODY, true);
    }

    /** Decibels against straight ahead of a sound from a place, by the pattern alone; deep nulls are never met in a room. */
    public function patternDb(Vec3 $from): float
    {
        return $this->axis === null
            ? 0.0
            : max(-20.0, $this->model->pickup()->levelDb($this->axis->angleTo($from->minus($this->at))) ?? -20.0);
    }

    /** Sound pressure here of what gives so much at one metre, dB; the pattern with it. */
    public function hears(Vec3 $from, float $dbAt1m): float
    {
        return $dbAt1m - 20 * log10(max(0.02, $from->distanceTo($this->at))) + $this->patternDb($from) + (
            $this->model->use === MicUse::Boundary
            ? 6.0
            : 0.0
        );
    }
}
