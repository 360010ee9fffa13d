<?php

declare(strict_types=1);

namespace App\Instruments;

use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Location;

/**
 * Simulated instruments: they measure a hidden true world with noise and bias, so that a reading can contradict the plan,
 * and sometimes they show nothing. The same question at the same minute gives the same answer.
 */
final readonly class StandIns implements Instruments
{
    private const LASER_RANGE_M = 60.0;

    /** @param  array<string, array{corners?: array<string, array{float, float}>, light?: array<string, float>, daylight: float, lamps: float, colours?: array<string, array{float, float}>, noises?: array<string, float>, circuits?: array<string, float>, up: float, cloud: float}>  $worlds  by place; `*` is any other */
    public function __construct(private array $worlds, private string $seed)
    {
    }

    public function distance(Location $place, string $from, string $to): Quantity
    {
        $corners = $this->corners($place);
        if (! isset($corners[$from], $corners[$to]) || $from === $to) {
            throw NoReading::unplaced();
        }
        $true = $corners[$from]->distanceTo($corners[$to]);
        if ($true > self::LASER_RANGE_M) {
            throw NoReading::outOfRange('the laser', '60 m');
        }
        // One shot in nine meets glass or a dark corner.
        if ($this->chance("return $from $to") < 1 / 9) {
            throw NoReading::noReturn();
        }

        return Quantity::metres(round($true + 0.002 * $this->normal("laser $from $to"), 3));
    }

    public function illuminance(Location $place, string $spot, string $under): Quantity
    {
        $world = $this->world($place);
        $there = $world['light'][$spot] ?? $world['daylight'] * (0.4 + 1.2 * $this->chance("spot $spot", true));
        $lux = match ($under) {
            'room lamps' => $world['lamps'],
            'both' => $there + $world['lamps'],
            default => $there,
        };

        // A cosine dome is 3 % low and two in a hundred wide.
        return Quantity::of(round($lux * 0.97 * (1 + 0.02 * $this->normal("lux $spot $under"))), Unit::Lux);
    }

    public function colour(Location $place, string $lamp): array
    {
        [$kelvin, $duv] = $this->named($this->world($place)['colours'] ?? [], $lamp) ?? [2700 + 3800 * $this->chance("kelvin $lamp", true), 0.012 * ($this->chance("duv $lamp", true) - 0.3)];

        return [Quantity::of(round($kelvin * (1 + 0.006 * $this->normal("kelvin $lamp")) / 10) * 10, Unit::Kelvin), Quantity::of(round($duv + 0.0004 * $this->normal("duv $lamp"), 4), Unit::Duv)];
    }

    public function level(Location $place, string $source): Quantity
    {
        $level = $this->named($this->world($place)['noises'] ?? [], $source) ?? 28 + 24 * $this->chance("noise $source", true);
        if ($level < 25) {
            throw NoReading::outOfRange('the level meter', '25–130 dB(A)');
        }

        return Quantity::of(round($level + 0.7 * $this->normal("level $source")), Unit::LevelA);
    }

    public function current(Location $place, string $circuit): Quantity
    {
        $amps = $this->named($this->world($place)['circuits'] ?? [], $circuit) ?? 6 * $this->chance("amps $circuit", true);

        return Quantity::of(max(0.0, round($amps + 0.1 * $this->normal("clamp $circuit"), 1)), Unit::Ampere);
    }

    public function compass(Location $place): Quantity
    {
        $magnetic = $this->world($place)['up'] - ($place->site->declinationDeg ?? 0.0);

        // Iron in the building pulls it by a degree or three.
        return Quantity::degrees(fmod(round($magnetic + 1.0 + 1.5 * $this->normal('compass '.$place->id)) + 360, 360));
    }

    public function forecast(Location $place, string $date): array
    {
        $days = max(0.0, (strtotime($date) - strtotime(date('Y-m-d'))) / 86_400);

        return ['cloud' => max(0.0, min(1.0, $this->world($place)['cloud'] + 0.3 * ($this->chance("cloud $date", true) - 0.5))), 'sure' => max(0.1, 0.9 - 0.08 * $days)];
    }

    /** @return array{corners?: array<string, array{float, float}>, light?: array<string, float>, daylight: float, lamps: float, colours?: array<string, array{float, float}>, noises?: array<string, float>, circuits?: array<string, float>, up: float, cloud: float} */
    private function world(Location $place): array
    {
        return $this->worlds[$place->id] ?? $this->worlds['*'];
    }

    /** @return array<string, Vec2> the true corners: as the hidden world has them, else the plan's a little stretched */
    private function corners(Location $place): array
    {
        $true = array_map(static fn (array $c): Vec2 => new Vec2($c[0], $c[1]), $this->world($place)['corners'] ?? []);
        foreach ($place->rooms->walls as $wall) {
            $stretch = 1 + 0.03 * ($this->chance('stretch '.$place->id, true) - 0.5);
            $true[$wall->id] ??= new Vec2($wall->line->from->x * $stretch, $wall->line->from->y * (2 - $stretch));
        }
        foreach ($place->rooms->built as $thing) {
            $true[$thing->id] ??= $thing->place;
        }

        return $true;
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $known
     * @return T|null by a word that the name holds
     */
    private function named(array $known, string $name): mixed
    {
        foreach ($known as $word => $value) {
            if (str_contains(mb_strtolower($name), $word)) {
                return $value;
            }
        }

        return null;
    }

    /** Between 0 and 1; the same for the same question, for good or within the same minute. */
    private function chance(string $question, bool $forGood = false): float
    {
        return hexdec(substr(hash('xxh3', $this->seed.$question.($forGood ? '' : (string) intdiv(time(), 60))), 0, 8)) / 0xFFFFFFFF;
    }

    private function normal(string $question): float
    {
        return sqrt(-2 * log(max(1e-9, $this->chance("$question a")))) * cos(2 * M_PI * $this->chance("$question b"));
    }
}
