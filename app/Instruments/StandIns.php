<?php

declare(strict_types=1);

namespace App\Instruments;

use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Location;
use FineFrame\Sound\Decay;
use FineFrame\Sound\Material;
use Psr\Clock\ClockInterface;

/**
 * Simulated instruments: they measure a hidden true world with noise and bias, so that a reading can contradict the plan,
 * and sometimes they show nothing. The same question at the same minute gives the same answer.
 *
 * @phpstan-type World array{
 *     corners?: array<string, array{float, float}>, light?: array<string, float>, daylight: float, lamps: float,
 *     colours?: array<string, array{float, float}>, noises?: array<string, float>, circuits?: array<string, float>,
 *     air?: list<array{float, float, float}>, rings?: list<float>, up: float, cloud: float,
 * }
 */
final readonly class StandIns implements Instruments
{
    private const LASER_RANGE_M = 60.0;

    /** What the scanner sweeps, MHz, in steps of kHz; the floor that it sees. */
    private const SWEEP = [470.0, 608.0, 25.0];

    private const FLOOR_DBM = -101.0;

    /** A clap is recorded for so long at so many samples a second. */
    private const CLAP = [1.6, 16_000];

    /**
     * @param  array<string, World>  $worlds  by place; `*` is any other
     */
    public function __construct(private array $worlds, private string $seed, private ClockInterface $clock)
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
        [$kelvin, $duv] = $this->named($this->world($place)['colours'] ?? [], $lamp) ?? [
            2700 + 3800 * $this->chance("kelvin $lamp", true),
            0.012 * ($this->chance("duv $lamp", true) - 0.3),
        ];

        return [
            Quantity::of(round($kelvin * (1 + 0.006 * $this->normal("kelvin $lamp")) / 10) * 10, Unit::Kelvin),
            Quantity::of(round($duv + 0.0004 * $this->normal("duv $lamp"), 4), Unit::Duv),
        ];
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

    public function scan(Location $place): string
    {
        [$from, $to, $step] = self::SWEEP;
        $air = $this->world($place)['air'] ?? [];
        $lines = ['frequency MHz,level dBm'];
        for ($mhz = $from; $mhz <= $to; $mhz += $step / 1000) {
            $level = self::FLOOR_DBM + 1.5 * $this->normal('air '.round($mhz, 3));
            foreach ($air as [$low, $high, $dbm]) {
                // A sender's edges fall off within a few steps.
                $off = max(0.0, $low - $mhz, $mhz - $high);
                $level = max($level, $dbm - 400 * $off);
            }
            $lines[] = number_format($mhz, 3, '.', '').','.number_format($level, 1, '.', '');
        }

        return implode("\n", $lines)."\n";
    }

    public function clap(Location $place): string
    {
        [$long, $rate] = self::CLAP;
        $times = $this->world($place)['rings'] ?? [0.8, 0.8, 0.7, 0.6, 0.55, 0.5];
        mt_srand((int) hexdec(substr(hash('xxh3', $this->seed.$place->id.$this->minute()), 0, 6)));
        $white = array_map(static fn (): float => mt_rand() / mt_getrandmax() - 0.5, array_fill(0, (int) ($long * $rate), 0));
        $sum = array_fill(0, count($white), 0.0);
        foreach (Material::BANDS_HZ as $band => $hz) {
            foreach (Decay::octave($white, $rate, $hz) as $i => $sample) {
                // A hand's breadth of silence before it; then each octave dies by its own time.
                $at = $i / $rate - 0.1;
                $sum[$i] += $at < 0 ? 0.0 : $sample * 10 ** (-3 * $at / $times[$band]);
            }
        }
        $most = max(1e-9, max($sum), -min($sum));
        $data = implode(
            '',
            array_map(
                static fn (float $s): string => pack(
                    'v',
                    ((int) round(29_000 * $s / $most + 3 * (mt_rand() / mt_getrandmax() - 0.5))) & 0xFFFF,
                ),
                $sum,
            ),
        );

        return 'RIFF'.pack('V', 36 + strlen($data)).'WAVEfmt '.pack(
            'VvvVVvv',
            16,
            1,
            1,
            $rate,
            $rate * 2,
            2,
            16,
        ).'data'.pack('V', strlen($data)).$data;
    }

    public function compass(Location $place): Quantity
    {
        $magnetic = $this->world($place)['up'] - ($place->site->declinationDeg ?? 0.0);

        // Iron in the building pulls it by a degree or three.
        return Quantity::degrees(fmod(round($magnetic + 1.0 + 1.5 * $this->normal('compass '.$place->id)) + 360, 360));
    }

    public function forecast(Location $place, string $date): array
    {
        $days = max(0.0, (strtotime($date) - strtotime($this->clock->now()->format('Y-m-d'))) / 86_400);

        return [
            'cloud' => max(0.0, min(1.0, $this->world($place)['cloud'] + 0.3 * ($this->chance("cloud $date", true) - 0.5))),
            'sure' => max(0.1, 0.9 - 0.08 * $days),
        ];
    }

    /**
     * @return World
     */
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
        return hexdec(substr(hash('xxh3', $this->seed.$question.($forGood ? '' : (string) $this->minute())), 0, 8)) / 0xFFFFFFFF;
    }

    private function normal(string $question): float
    {
        return sqrt(-2 * log(max(1e-9, $this->chance("$question a")))) * cos(2 * M_PI * $this->chance("$question b"));
    }

    private function minute(): int
    {
        return intdiv($this->clock->now()->getTimestamp(), 60);
    }
}
