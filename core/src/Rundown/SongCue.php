<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** What somebody does at a moment of a song, with the count before it. */
final readonly class SongCue
{
    /**
     * @param  string  $who  a name; empty: whoever is nearest
     * @param  float  $atS  since the song began
     * @param  float  $countS  how long before it the count begins
     * @param  string  $camera  id; empty for none
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $who,
        public float $atS,
        public float $countS,
        public string $camera,
        public string $section,
        public ?int $bar,
    ) {
    }
}
