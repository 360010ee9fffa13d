<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Geometry\Vec3;
use FineFrame\Sound\Arrival;
use FineFrame\Sound\CoupledRooms;
use FineFrame\Sound\Filter;
use FineFrame\Sound\ImpulseResponse;
use FineFrame\Sound\Material;
use FineFrame\Sound\Pickup;
use FineFrame\Sound\Shoebox;
use FineFrame\Sound\Tail;

final readonly class ImpulseCases implements Topic
{
    private const FACES = ['x0', 'x1', 'y0', 'y1', 'z0', 'z1'];

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind === 'refuse' ? $in->word('of') : $kind) {
            'arrivals' => self::arrivals($in),
            'tail' => self::tail($in),
            'response' => self::response($in),
            'mic_difference' => self::difference($in),
            'coupled' => self::coupled($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function arrivals(Inputs $in): array
    {
        $all = self::heard($in, 'microphone');
        $db = static fn (float $gain): ?float => $gain > 1e-12 ? 20 * log10($gain) : null;

        return [
            'direct_time_s' => $all[0]->timeS,
            'direct_level_db' => $db($all[0]->gains[0]),
            'times_s' => array_map(static fn (Arrival $a): float => $a->timeS, $all),
            'levels_db' => array_map(static fn (Arrival $a): array => array_map($db, $a->gains), $all),
        ];
    }

    /** @return array<string, mixed> */
    private static function tail(Inputs $in): array
    {
        $tail = self::left($in, 'microphone');
        $direct = self::heard($in, 'microphone')[0]->gains[0];

        return [
            'rt60_s' => array_map(static fn (float $t): ?float => is_finite($t) ? $t : null, $tail->timesS),
            'diffuse_level_db' => $tail->levelsDb(),
            'direct_to_reverberant_db' => $tail->underDb($direct),
            'c50_db' => $tail->clarityDb($direct),
        ];
    }

    /** @return array<string, mixed> */
    private static function response(Inputs $in): array
    {
        $response = ImpulseResponse::of(self::heard($in, 'microphone'), self::left($in, 'microphone'));
        $click = [1.0, ...array_fill(0, 6000, 0.0)];
        $energy = static fn (array $s): float => array_sum(array_map(static fn (float $x): float => $x * $x, $s));
        $times = $over = [];
        foreach (array_keys(Material::BANDS_HZ) as $band) {
            // Twice over: what the next octave leaves would last longer.
            $cut = static fn (array $s): array => Filter::octave(
                Filter::octave($s, $band, ImpulseResponse::RATE_HZ),
                $band,
                ImpulseResponse::RATE_HZ,
            );
            $room = $cut($response->room);
            $direct = $response->direct ** 2 * $energy($cut($click));
            $times[] = self::decayS($room);
            $over[] = 10 * log10($direct / $energy($room));
        }

        return ['t_low_s' => array_slice($times, 0, 2), 't_s' => array_slice($times, 2), 'direct_to_room_db' => $over];
    }

    /**
     * T30 by Schroeder's backward integration, a line through −5 to −35 dB.
     *
     * @param  list<float>  $samples
     */
    private static function decayS(array $samples): float
    {
        $left = 0.0;
        $curve = [];
        for ($i = count($samples) - 1; $i >= 0; $i--) {
            $left += $samples[$i] ** 2;
            $curve[$i] = $left;
        }
        $n = $sumT = $sumL = $sumTT = $sumTL = 0.0;
        foreach ($curve as $i => $energy) {
            $db = 10 * log10(max(1e-30, $energy) / $left);
            if ($db <= -5.0 && $db >= -35.0) {
                $t = $i / ImpulseResponse::RATE_HZ;
                [$n, $sumT, $sumL, $sumTT, $sumTL] = [$n + 1, $sumT + $t, $sumL + $db, $sumTT + $t * $t, $sumTL + $t * $db];
            }
        }

        return -60 * ($n * $sumTT - $sumT ** 2) / ($n * $sumTL - $sumT * $sumL);
    }

    /** @return array<string, mixed> */
    private static function difference(Inputs $in): array
    {
        [$a, $b] = [self::heard($in, 'microphone_a')[0]->gains[0], self::heard($in, 'microphone_b')[0]->gains[0]];
        $total = static fn (float $gain, Tail $tail): array => array_map(static fn (float $e): float => $gain ** 2 + $e, $tail->energies);

        return [
            'direct_db' => 20 * log10($a / $b),
            'total_db' => array_map(
                static fn (float $x, float $y): float => 10 * log10($x / $y),
                $total($a, self::left($in, 'microphone_a')),
                $total($b, self::left($in, 'microphone_b')),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function coupled(Inputs $in): array
    {
        $n = $in->number(...);
        $rooms = CoupledRooms::of(
            [$n('volume_1_m3'), $n('volume_2_m3')],
            [$n('absorption_1_m2'), $n('absorption_2_m2')],
            $n('opening_m2'),
            $n('receiver_room') === 2.0,
        );

        return [
            't_fast_s' => $rooms->fastS,
            't_slow_s' => $rooms->slowS,
            'slow_share' => $rooms->slow,
            'edt_s' => $rooms->earlyS(),
            'late_rt60_s' => $rooms->lateS(),
            'room_2_below_room_1_db' => $rooms->nextDb,
            'knee_s' => $rooms->knee()[0] ?? null,
            'knee_level_db' => $rooms->knee()[1] ?? null,
        ];
    }

    /** @return non-empty-list<Arrival> */
    private static function heard(Inputs $in, string $microphone): array
    {
        [$box, $mic] = [self::box($in), $in->map($microphone)];
        [$source, $at] = [self::point($in->numbers('source_m')), self::point($mic->numbers('position_m'))];
        $box->holds($source, 'source');
        $box->holds($at, 'microphone');

        return Arrival::at($box->surfaces, $source, $at, new Pickup($mic->number('pattern_a')), self::point($mic->numbers('aim')));
    }

    private static function left(Inputs $in, string $microphone): Tail
    {
        $box = self::box($in);

        return Tail::of($box->volumeM3(), $box->absorption(), new Pickup($in->map($microphone)->number('pattern_a')));
    }

    private static function box(Inputs $in): Shoebox
    {
        $alpha = $in->map('alpha');

        return new Shoebox(self::point($in->numbers('dimensions_m')), array_map($alpha->numbers(...), self::FACES));
    }

    /** @param  list<float>  $numbers */
    private static function point(array $numbers): Vec3
    {
        return new Vec3($numbers[0], $numbers[1], $numbers[2]);
    }
}
