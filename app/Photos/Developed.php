<?php

declare(strict_types=1);

namespace App\Photos;

/** A photo as it is kept: its file and what its camera said that a plan can use. */
final readonly class Developed
{
    public function __construct(
        public string $file,
        public int $width,
        public int $height,
        public ?float $focalMm,
        public ?float $sensorMm,
        public string $takenOn,
        public string $takenAt,
        public string $caption,
    ) {
    }

    /** @return array<string, string|float|int> as the plan file writes it */
    public function write(): array
    {
        return array_filter([
            'file' => $this->file,
            'width_px' => $this->width,
            'height_px' => $this->height,
            'focal_mm' => $this->focalMm,
            'sensor_mm' => $this->sensorMm,
            'taken_on' => $this->takenOn,
            'taken_at' => $this->takenAt,
            'caption' => $this->caption,
        ], static fn (string|float|int|null $v): bool => $v !== null && $v !== '');
    }
}
