<?php

declare(strict_types=1);

namespace FineFrame\Power;

/**
 * Packs of one kind over a day: each device that is on holds one, packs change places only in pauses, slots charge what is in them. Every
 * way is gone through, pause by pause; of ways that leave every pack where and as full as another does, only what differs is kept.
 *
 * @phpstan-type Way array{charge: list<float>, holds: list<int|null>, swaps: int, first: float|null, moves: list<array{float, int, int}>}
 */
final class CellDay
{
    private const EVEN = 1e-6;

    /** So many states a pause are gone on with, those with fewest swaps and most left first: more than a day’s packs make. */
    private const MOST = 4000;

    public readonly bool $isCovered;

    public readonly ?int $leastSwaps;

    /** The latest pause at which the first swap may be; null where none is needed, or nothing helps. */
    public readonly ?float $latestFirst;

    /** Up to when everything that is on can be kept going. */
    public readonly float $lastsUntil;

    /** @var list<array{float, int, int}> the swaps of a way with fewest: minute, device, pack */
    public readonly array $swaps;

    /** @var list<float> */
    private readonly array $times;

    /** @var list<float> the strongest first */
    private readonly array $slots;

    /**
     * @param  list<float>  $packs  watt-hours, full at the beginning
     * @param  list<array{watts: float, from: float, to: float}>  $devices  minutes
     * @param  list<float>  $pauses  minutes
     * @param  list<float>  $slots  watts into each pack that is in one
     * @param  int  $most  states to go on with, where a quick answer will do; what is found holds, and there may be better
     * @param  bool  $once  whether a pack that was taken out stays out
     *
     * @throws ImpossiblePower
     */
    public function __construct(
        private readonly array $packs,
        private readonly array $devices,
        array $pauses,
        array $slots = [],
        private readonly bool $once = false,
        private readonly int $most = self::MOST,
    ) {
        rsort($slots);
        $this->slots = $slots;
        if (min([0.0, ...$packs, ...$slots, ...$pauses, ...array_column($devices, 'watts'), ...array_column($devices, 'from')]) < 0.0) {
            throw ImpossiblePower::negative('Capacities, watts and times');
        }
        foreach ($devices as $device) {
            if ($device['to'] <= $device['from']) {
                throw ImpossiblePower::backwards();
            }
        }
        if (in_array(0.0, $packs, true)) {
            throw ImpossiblePower::none('A capacity');
        }
        $from = $once && $devices !== [] ? min(array_column($devices, 'from')) : 0.0;
        $to = max([$from, ...array_column($devices, 'to')]);
        $between = array_values(array_unique(array_filter($pauses, static fn (float $p): bool => $p > $from && $p < $to)));
        sort($between);
        $this->times = [$from, ...$between, $to];
        [$ways, $lasts] = $this->gone();
        $this->swaps = $ways[0]['moves'] ?? [];
        $this->isCovered = $ways !== [];
        $this->leastSwaps = $ways === [] ? null : min(array_column($ways, 'swaps'));
        $firsts = array_filter(array_column($ways, 'first'), is_float(...));
        $this->latestFirst = $this->leastSwaps === null || $this->leastSwaps === 0 || $firsts === [] ? null : max($firsts);
        $this->lastsUntil = $ways === [] ? $lasts : $to;
    }

    /**
     * The least minutes until packs are full that lack so much; each stays in its slot until it is.
     *
     * @param  list<float>  $missing  watt-hours
     * @param  list<float>  $slots  watts into a pack
     *
     * @throws ImpossiblePower
     */
    public static function charged(array $missing, array $slots): float
    {
        if (min([0.0, ...$missing, ...$slots]) < 0.0) {
            throw ImpossiblePower::negative('Watt-hours and watts');
        }
        $slots = array_values(array_filter($slots));
        if ($slots === [] && array_sum($missing) > 0.0) {
            throw ImpossiblePower::none('A charging slot');
        }
        rsort($missing);
        $best = INF;
        self::put($missing, $slots, 0, array_fill(0, count($slots), 0.0), $best);

        return $missing === [] ? 0.0 : $best;
    }

    /**
     * @param  list<float>  $missing
     * @param  list<float>  $slots
     * @param  array<int, float>  $busy  minutes
     */
    private static function put(array $missing, array $slots, int $at, array $busy, float &$best): void
    {
        if (max([0.0, ...$busy]) >= $best) {
            return;
        }
        if (! isset($missing[$at])) {
            $best = max([0.0, ...$busy]);

            return;
        }
        $tried = [];
        foreach ($slots as $i => $watts) {
            $alike = "$watts {$busy[$i]}";
            if (! isset($tried[$alike])) {
                $tried[$alike] = true;
                $more = $busy;
                $more[$i] += 60 * $missing[$at] / $watts;
                self::put($missing, $slots, $at + 1, $more, $best);
            }
        }
    }

    /** @return array{list<Way>, float} the ways that get to the end, and how long the best of the others lasts */
    private function gone(): array
    {
        $none = array_fill(0, count($this->devices), null);
        $ways = [['charge' => $this->packs, 'holds' => $none, 'swaps' => 0, 'first' => null, 'moves' => []]];
        $lasts = $this->times[0];
        for ($k = 0; $k + 1 < count($this->times); $k++) {
            $next = [];
            foreach ($ways as $way) {
                foreach ($this->held($way, $k) as $holds) {
                    [$begin, $dies] = [$this->moved($way, $holds, $k), $this->dies($way['charge'], $holds, $k)];
                    $lasts = max($lasts, min($dies, $this->times[$k + 1]));
                    foreach ($dies >= $this->times[$k + 1] - self::EVEN ? $this->charging($begin, $k) : [] as $after) {
                        $this->keep($next, $after);
                    }
                }
            }
            $ways = array_values($next);
            usort($ways, self::ranked(...));
            $ways = array_slice($ways, 0, $this->most);
        }

        return [$ways, $lasts];
    }

    /**
     * @param  Way  $one
     * @param  Way  $other
     */
    private static function ranked(array $one, array $other): int
    {
        return [$one['swaps'], array_sum($other['charge'])] <=> [$other['swaps'], array_sum($one['charge'])];
    }

    /**
     * Packs that hold as much are told apart by how full they are and by what holds them, not by which is which.
     *
     * @param  array<string, Way>  $all
     * @param  Way  $way
     */
    private function keep(array &$all, array $way): void
    {
        $said = fn (int $p): string => $this->packs[$p].':'.round($way['charge'][$p], 5);
        $about = array_map($said, array_values(array_diff(array_keys($this->packs), $way['holds'])));
        sort($about);
        $key = implode(' ', [...array_map(static fn (?int $p): string => $p === null ? '-' : $said($p), $way['holds']), '|', ...$about]);
        $known = $all[$key] ?? null;
        $all[$key] = $known === null ? $way : [
            'swaps' => min($known['swaps'], $way['swaps']),
            'moves' => $known['swaps'] <= $way['swaps'] ? $known['moves'] : $way['moves'],
            'first' => $known['first'] === null || $way['first'] === null
                ? $known['first'] ?? $way['first']
                : max($known['first'], $way['first']),
        ] + $way;
    }

    /**
     * @param  Way  $way
     * @return iterable<list<int|null>> packs by device, none twice: whatever is on at some time holds one
     */
    private function held(array $way, int $k): iterable
    {
        yield from $this->heldFrom($way, $k, 0, []);
    }

    /**
     * @param  Way  $way
     * @param  list<int|null>  $holds
     * @return iterable<list<int|null>>
     */
    private function heldFrom(array $way, int $k, int $device, array $holds): iterable
    {
        if (! isset($this->devices[$device])) {
            yield $holds;

            return;
        }
        $tried = [];
        foreach (array_keys($this->packs) as $pack) {
            // Packs that are alike, and lie about, need not be told apart.
            $isHeld = in_array($pack, $way['holds'], true);
            $alike = $isHeld ? "held $pack" : $this->packs[$pack].' '.round($way['charge'][$pack], 5);
            if (in_array($pack, $holds, true) || isset($tried[$alike])) {
                continue;
            }
            $tried[$alike] = true;
            yield from $this->heldFrom($way, $k, $device + 1, [...$holds, $pack]);
        }
        if (! $this->isOn($device, $k)) {
            yield from $this->heldFrom($way, $k, $device + 1, [...$holds, null]);
        }
    }

    private function isOn(int $device, int $k): bool
    {
        return $this->onMin($device, $k) > 0.0;
    }

    private function onMin(int $device, int $k): float
    {
        return max(0.0, min($this->devices[$device]['to'], $this->times[$k + 1]) - max($this->devices[$device]['from'], $this->times[$k]));
    }

    /**
     * @param  list<float>  $charge
     * @param  list<int|null>  $holds
     * @return float when the first device dies; INF where none does
     */
    private function dies(array $charge, array $holds, int $k): float
    {
        $dies = INF;
        foreach ($this->devices as $i => $device) {
            $on = $this->onMin($i, $k);
            if ($on > 0.0) {
                $minutes = match (true) {
                    $holds[$i] === null => 0.0,
                    $device['watts'] > 0.0 => 60 * $charge[$holds[$i]] / $device['watts'],
                    default => INF,
                };
                $dies = $minutes < $on - self::EVEN ? min($dies, max($device['from'], $this->times[$k]) + $minutes) : $dies;
            }
        }

        return $dies;
    }

    /**
     * @param  Way  $way
     * @param  list<int|null>  $holds
     * @return Way as it begins, with what is drawn until the next pause gone
     */
    private function moved(array $way, array $holds, int $k): array
    {
        foreach ($holds as $i => $pack) {
            if ($k > 0 && $pack !== null && $pack !== $way['holds'][$i]) {
                $way['swaps']++;
                $way['first'] ??= $this->times[$k];
                $way['moves'][] = [$this->times[$k], $i, $pack];
            }
        }
        foreach ($this->once ? $way['holds'] : [] as $was) {
            if ($was !== null && ! in_array($was, $holds, true)) {
                $way['charge'][$was] = 0.0;
            }
        }
        foreach ($holds as $i => $pack) {
            if ($pack !== null) {
                $way['charge'][$pack] = max(0.0, $way['charge'][$pack] - $this->devices[$i]['watts'] * $this->onMin($i, $k) / 60);
            }
        }

        return ['charge' => array_values($way['charge']), 'holds' => $holds] + $way;
    }

    /**
     * @param  Way  $way
     * @return iterable<Way> with what slots put into the packs that lie about until the next pause
     */
    private function charging(array $way, int $k): iterable
    {
        $about = array_filter(
            array_keys($this->packs),
            fn (int $p): bool => ! in_array($p, $way['holds'], true) && $way['charge'][$p] < $this->packs[$p] - self::EVEN,
        );
        $hours = ($this->times[$k + 1] - $this->times[$k]) / 60;
        foreach ($this->slotted($way['charge'], array_values($about), 0) as $in) {
            $after = $way['charge'];
            foreach ($in as $pack => $watts) {
                $after[$pack] = min($this->packs[$pack], $after[$pack] + $watts * $hours);
            }
            yield ['charge' => array_values($after)] + $way;
        }
    }

    /**
     * As many as there are slots for, in every way that differs: no slot stays empty that a pack could be in.
     *
     * @param  list<float>  $charge
     * @param  list<int>  $about
     * @return iterable<array<int, float>> watts by pack
     */
    private function slotted(array $charge, array $about, int $slot): iterable
    {
        if ($about === [] || ! isset($this->slots[$slot])) {
            yield [];

            return;
        }
        $tried = [];
        foreach ($about as $i => $pack) {
            $alike = $this->packs[$pack].':'.round($charge[$pack], 5);
            if (isset($tried[$alike])) {
                continue;
            }
            $tried[$alike] = true;
            $rest = $about;
            unset($rest[$i]);
            foreach ($this->slotted($charge, array_values($rest), $slot + 1) as $others) {
                yield [$pack => $this->slots[$slot]] + $others;
            }
        }
    }
}
