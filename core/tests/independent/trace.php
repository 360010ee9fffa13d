<?php

declare(strict_types=1);

/*
 * A path tracer, plain and slow, that shares no line with the core: what a dome at the eyes reads in each of `rooms.php`. Light is sampled
 * on the lamp or
 * the window from every place that a path comes to; surfaces are matt; a path ends by chance. Run it after a change of the rooms:
 *     php core/tests/independent/trace.php >core/tests/data/traced.json
 */
const SEED = 20261127;
const PATHS = 120_000;

/** @typedef list{float, float, float} of metres or of a direction */
function dot(array $a, array $b): float
{
    return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
}

function along(array $from, array $way, float $far): array
{
    return [$from[0] + $way[0] * $far, $from[1] + $way[1] * $far, $from[2] + $way[2] * $far];
}

function unit(array $a): array
{
    return array_map(static fn (float $v): float => $v / sqrt(dot($a, $a)), $a);
}

function cross(array $a, array $b): array
{
    return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
}

function chance(): float
{
    return mt_rand() / mt_getrandmax();
}

/**
 * @return array{float, list<float>, float} where a ray leaves or enters a box: how far, the normal toward where it comes from, what is
 *     given back there
 */
function met(array $room, array $from, array $way): array
{
    [$far, $normal, $gives] = [INF, [0.0, 0.0, 0.0], 0.0];
    foreach ([0, 1, 2] as $axis) {
        if (abs($way[$axis]) > 1e-12) {
            $reach = (($way[$axis] > 0 ? $room['size'][$axis] : 0.0) - $from[$axis]) / $way[$axis];
            if ($reach < $far) {
                [$far, $normal] = [$reach, [0.0, 0.0, 0.0]];
                $normal[$axis] = $way[$axis] > 0 ? -1.0 : 1.0;
                $gives = $axis < 2 ? $room['gives']['walls'] : $room['gives'][$way[2] > 0 ? 'ceiling' : 'floor'];
            }
        }
    }
    $at = along($from, $way, $far);
    $pane = $room['window'];
    if (
        $pane !== null
        && $normal[1] === 1.0
        && $at[0] > $pane['from']
        && $at[0] < $pane['to']
        && $at[2] > $pane['sill']
        && $at[2] < $pane['head']
    ) {
        $gives = $pane['glass_gives'];
    }
    foreach ($room['boxes'] as [$x, $y, $wide, $deep, $low, $high, $back]) {
        [$enters, $leaves, $side] = [1e-9, $far, null];
        foreach ([[$x - $wide / 2, $x + $wide / 2], [$y - $deep / 2, $y + $deep / 2], [$low, $high]] as $axis => [$least, $most]) {
            if (abs($way[$axis]) < 1e-12) {
                $leaves = $from[$axis] < $least || $from[$axis] > $most ? -INF : $leaves;

                continue;
            }
            $in = (($way[$axis] > 0 ? $least : $most) - $from[$axis]) / $way[$axis];
            [$enters, $side] = $in > $enters ? [$in, $axis] : [$enters, $side];
            $leaves = min($leaves, (($way[$axis] > 0 ? $most : $least) - $from[$axis]) / $way[$axis]);
        }
        if ($side !== null && $enters < $leaves) {
            [$far, $normal, $gives] = [$enters, [0.0, 0.0, 0.0], $back];
            $normal[$side] = $way[$side] > 0 ? -1.0 : 1.0;
        }
    }

    return [$far, $normal, $gives];
}

/** Cd/m² of the lamp straight ahead: such that a plane a metre before its middle gets its lux. */
function brightness(array $lamp): float
{
    [$sum, $n] = [0.0, 200];
    for ($i = 0; $i < $n; $i++) {
        for ($j = 0; $j < $n; $j++) {
            [$x, $y] = [$lamp['side'] * (($i + 0.5) / $n - 0.5), $lamp['side'] * (($j + 0.5) / $n - 0.5)];
            $sum += ($lamp['side'] / $n) ** 2 / (1 + $x * $x + $y * $y) ** 2;
        }
    }

    return $lamp['passes'] * $lamp['dimmer'] * $lamp['lux_at_1m'] / $sum;
}

/** Light of the lamp or the window on a place, by one spot of it: times what the meter there makes of its direction. */
function direct(array $room, array $at, Closure $takes): float
{
    $lamp = $room['lamp'];
    if ($lamp !== null) {
        $facing = unit(array_map(static fn (float $a, float $b): float => $a - $b, $room['eyes'], $lamp['at']));
        $right = unit(cross($facing, [0.0, 0.0, 1.0]));
        [$across, $up] = [$lamp['side'] * (chance() - 0.5), $lamp['side'] * (chance() - 0.5)];
        $spot = along(along($lamp['at'], $right, $across), cross($right, $facing), $up);
        $area = $lamp['side'] ** 2;
    } else {
        $pane = $room['window'];
        [$facing, $spot] = [
            [0.0, 1.0, 0.0],
            [$pane['from'] + chance() * ($pane['to'] - $pane['from']), 1e-6, $pane['sill'] + chance() * ($pane['head'] - $pane['sill'])],
        ];
        $area = ($pane['to'] - $pane['from']) * ($pane['head'] - $pane['sill']);
    }
    $to = array_map(static fn (float $a, float $b): float => $a - $b, $spot, $at);
    $far = sqrt(dot($to, $to));
    $way = unit($to);
    $leaving = -dot($facing, $way);
    $share = $takes($way);
    if ($leaving <= 0.0 || $share <= 0.0 || met($room, $at, $way)[0] < $far - 1e-4) {
        return 0.0;
    }
    if ($lamp === null) {
        $nits = $pane['glass'] * ($way[2] > 0 ? 1.0 : $pane['ground']);
    } else {
        // Cells of a grid close as the tangent grows.
        $nits = $lamp['nits'] * (
            $lamp['grid_half_deg'] === null
            ? 1.0
            : max(0.0, 1 - tan(acos(min(1.0, $leaving))) / tan(deg2rad($lamp['grid_half_deg'])))
        );
    }

    return $nits * $share * $leaving * $area / $far ** 2;
}

/** A direction about an axis, its cosine given. */
function about(array $axis, float $cosine): array
{
    $side = unit(cross($axis, abs($axis[2]) < 0.9 ? [0.0, 0.0, 1.0] : [1.0, 0.0, 0.0]));
    [$turn, $sine] = [2 * M_PI * chance(), sqrt(max(0.0, 1 - $cosine ** 2))];

    return along(
        along(array_map(static fn (float $v): float => $v * $cosine, $axis), $side, $sine * cos($turn)),
        cross($axis, $side),
        $sine * sin($turn),
    );
}

/** @return array{direct: float, room: float, off: float} lux as the dome reads them, and the standard error of their sum */
function traced(array $room): array
{
    mt_srand(SEED);
    $room['lamp'] === null ?: $room['lamp']['nits'] = brightness($room['lamp']);
    $bearing = deg2rad($room['facing_deg']);
    $axis = [sin($bearing), cos($bearing), 0.0];
    [$direct, $byRoom, $squares] = [0.0, 0.0, 0.0];
    for ($path = 0; $path < PATHS; $path++) {
        $straight = direct($room, $room['eyes'], static fn (array $way): float => (1 + dot($way, $axis)) / 2);
        // By chance in proportion to what the dome makes of it: all directions together are 2π.
        [$at, $way, $weight, $back] = [$room['eyes'], about($axis, 2 * sqrt(chance()) - 1), 2 * M_PI, 0.0];
        while (true) {
            [$far, $normal, $gives] = met($room, $at, $way);
            $at = along(along($at, $way, $far), $normal, 1e-6);
            $back += $weight * $gives / M_PI * direct($room, $at, static fn (array $way): float => max(0.0, dot($way, $normal)));
            if (chance() > $gives) {
                break;
            }
            $way = about($normal, sqrt(chance()));
        }
        $direct += $straight;
        $byRoom += $back;
        $squares += ($straight + $back) ** 2;
    }
    $mean = ($direct + $byRoom) / PATHS;

    return [
        'direct' => round($direct / PATHS, 4),
        'room' => round($byRoom / PATHS, 4),
        'off' => round(sqrt(max(0.0, $squares / PATHS - $mean ** 2) / PATHS), 4),
    ];
}

echo json_encode(
    ['seed' => SEED, 'paths' => PATHS, 'rooms' => array_map(traced(...), require __DIR__.'/rooms.php')],
    JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
), "\n";
