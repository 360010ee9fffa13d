<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Space\JoinedRoom;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Room;

/** How lively a room is by its surfaces alone: furniture and people take a little more away. */
final readonly class RoomSound
{
    /** Where speech is understood: the octaves of 500 Hz, 1 kHz and 2 kHz. */
    private const SPEECH = [2, 3, 4];

    /**
     * @param  array<string, array{float, Material}>  $surfaces  square metres and material by surface
     * @param  list<array{float, Material, Material|null}>  $hung  square metres of what is hung or laid for the day, of what, and what it
     *     covers
     * @param  array<int, float>  $measured  seconds by band, from a clap on site
     */
    private function __construct(public float $volumeM3, public array $surfaces, private array $hung = [], private array $measured = [])
    {
    }

    /** @param  list<array{float, Material, Material|null}>  $hung */
    public function with(array $hung): self
    {
        return new self($this->volumeM3, $this->surfaces, [...$this->hung, ...$hung], $this->measured);
    }

    /** @param  array<int, float>  $byBand  seconds, as measured before anything was hung */
    public function measured(array $byBand): self
    {
        return new self($this->volumeM3, $this->surfaces, $this->hung, $byBand);
    }

    /** As the surfaces alone have it: no clap, nothing hung. */
    public function bare(): self
    {
        return new self($this->volumeM3, $this->surfaces);
    }

    public function isMeasured(int $band): bool
    {
        return isset($this->measured[$band]);
    }

    /** @param  array<string, Material>  $materials */
    public static function of(Room $room, array $materials): self
    {
        $pick = static fn (string $id): Material => $materials[$id] ?? $materials['plaster'];
        $floor = $room->floor->signedArea();
        $height = 0.0;
        $surfaces = ['floor' => [$floor, $pick($room->surfaces->floor)]];
        // Into a room behind an open door sound goes and little comes back.
        $ways = array_map(static fn (JoinedRoom $j): string => $j->through, $room->joined);
        $glass = $way = 0.0;
        foreach ($room->walls as $wall) {
            $tops = $room->ceiling->along($wall->line, $room->heightM);
            $area = 0.0;
            for ($i = 1; $i < count($tops); $i++) {
                $area += $tops[$i]->floor()->distanceTo($tops[$i - 1]->floor()) * ($tops[$i]->z + $tops[$i - 1]->z) / 2;
            }
            $height += $area;
            foreach ($room->openings as $opening) {
                $through = in_array($opening->id, $ways, true);
                if ($opening->wall === $wall->id && ($through || $opening->kind === OpeningKind::Window)) {
                    $pane = $opening->widthM * ($opening->headM - $opening->sillM);
                    $area = max(0.0, $area - $pane);
                    if ($through) {
                        $way += $pane;
                    } else {
                        $glass += $pane;
                    }
                }
            }
            $surfaces[$wall->id] = [$area, $pick($room->surfaces->of($wall->id))];
        }
        $surfaces['glass'] = [$glass, $pick('glass')];
        $surfaces['ways through'] = [$way, $pick('open')];
        $mean = $height / max(0.1, array_sum(array_map(static fn ($w): float => $w->line->length(), $room->walls)));
        $over = $room->ceiling->over($room->floor);
        $surfaces['ceiling'] = [$floor, $pick($over === [] ? 'open' : $room->surfaces->ceiling)];

        return new self($floor * $mean, $surfaces);
    }

    /**
     * Reverberation time of an octave band, seconds: Eyring, which is Sabine's where little is absorbed; from the clap where there is one.
     */
    public function time(int $band): float
    {
        $area = array_sum(array_column($this->surfaces, 0));
        $absorbed = isset($this->measured[$band])
            ? Reverberation::absorption($this->volumeM3, $this->measured[$band])
            : array_sum(array_map(static fn (array $s): float => $s[0] * $s[1]->alpha[$band], $this->surfaces));
        foreach ($this->hung as [$square, $cloth, $covers]) {
            $absorbed += $square * ($cloth->alpha[$band] - ($covers->alpha[$band] ?? 0.0));
        }
        $mean = min(0.99, $absorbed / max(0.1, $area));

        return isset($this->measured[$band])
            ? Reverberation::sabine($this->volumeM3, max(0.01, $absorbed))
            : Reverberation::eyring($this->volumeM3, $area, max(1e-4, $mean));
    }

    /** The mean over the octaves of speech. */
    public function speechTime(): float
    {
        return array_sum(array_map($this->time(...), self::SPEECH)) / count(self::SPEECH);
    }

    /** Square metres of something that absorbs this share before the tail is as short as wanted. */
    public function blanketsFor(float $wantedS, float $alpha = 0.6): float
    {
        $now = Reverberation::absorption($this->volumeM3, $this->speechTime());

        return max(0.0, (Reverberation::absorption($this->volumeM3, $wantedS) - $now) / $alpha);
    }
}
