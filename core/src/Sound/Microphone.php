<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A microphone by its size, what it hears from where in each octave, what it gives and what it bears. */
final readonly class Microphone implements Part
{
    /**
     * @param  list<float>  $patternByBand  the pattern's `a` at 125 Hz to 4 kHz; empty where it is alike in all
     * @param  float  $millivolts  at one pascal (94 dB)
     * @param  float  $mostDb  the loudest that it bears, dB
     * @param  float  $selfNoiseDba  what it hears in silence
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public MicUse $use,
        public float $lengthM,
        public float $diameterM,
        public float $acceptanceRad,
        public float $patternA,
        public array $patternByBand,
        public float $millivolts,
        public float $mostDb,
        public float $selfNoiseDba,
        public bool $phantom,
        public string $connector,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $bands = $node->numberList('pattern_bands', 6);
        if (! ($bands === [] || count($bands) === 6 && min($bands) >= 0.0 && max($bands) <= 1.0)) {
            $node->wrong('pattern_bands', 'must be six numbers from 0 to 1, for 125 Hz to 4 kHz');
        }

        return new self(
            $node->id(),
            $node->text('name'),
            $node->choice('use', MicUse::class, MicUse::Pole),
            $node->metres('length_m', 0.002, 1),
            $node->metres('diameter_m', 0.002, 0.2),
            $node->angle('acceptance_deg', 5, 180, 45),
            $node->number('pattern_a', 0, 1, Unit::Ratio, 0.25),
            $bands,
            $node->number('millivolts', 0.1, 200, Unit::Count, 20.0),
            $node->number('most_db', 80, 180, Unit::Decibel, 130.0),
            $node->number('self_noise_dba', 0, 50, Unit::LevelA, 15.0),
            $node->flag('phantom', true),
            $node->text('connector', 'XLR', 40),
            $node->rest(),
        );
    }

    public function pickup(): Pickup
    {
        return new Pickup($this->patternA);
    }

    /** What it hears from where in an octave of Material::BANDS_HZ. */
    public function pickupAt(int $band): Pickup
    {
        return new Pickup($this->patternByBand[$band] ?? $this->patternA);
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'use' => $this->use->value,
            'length_m' => $this->lengthM,
            'diameter_m' => $this->diameterM,
            'acceptance_deg' => round(rad2deg($this->acceptanceRad), 9), 'pattern_a' => $this->patternA,
        ] + ($this->patternByBand === [] ? [] : ['pattern_bands' => $this->patternByBand]) + [
            'millivolts' => $this->millivolts,
            'most_db' => $this->mostDb,
            'self_noise_dba' => $this->selfNoiseDba,
            'phantom' => $this->phantom,
            'connector' => $this->connector,
        ] + $this->extra;
    }
}
