<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** Cases from the van in rounds: in each, everybody goes once with a load; two may take one case between them. */
final readonly class Carriers
{
    /** So many cases are shared out over rounds in every way; more by the heaviest first. */
    private const EXACT = 10;

    /**
     * @param  list<float>  $limitsKg  of each person
     * @param  int  $hands  pieces that one takes at a time
     *
     * @throws ImpossiblePack
     */
    public function __construct(private array $limitsKg, private int $hands = 2, private bool $inPairs = false)
    {
        foreach ($limitsKg as $limit) {
            if (! ($limit > 0.0)) {
                throw ImpossiblePack::carrier();
            }
        }
    }

    /**
     * @param  list<float>  $kg  of each case
     * @return int|null null where one cannot be carried
     *
     * @throws ImpossiblePack where there is nobody
     */
    public function rounds(array $kg): ?int
    {
        if ($kg !== [] && $this->limitsKg === []) {
            throw ImpossiblePack::nobody();
        }
        rsort($kg);
        foreach ($kg as $one) {
            if (! $this->isOneRound([$one])) {
                return null;
            }
        }
        $greedy = $this->heaviestFirst($kg);
        if (count($kg) > self::EXACT) {
            return $greedy;
        }

        return $this->fewest($kg, $greedy);
    }

    /** Minutes there and back so often; the last way back is not walked. */
    public static function minutes(int $rounds, float $metres, float $metresAMinute): float
    {
        if (! ($metresAMinute > 0.0) || $metres < 0.0) {
            throw ImpossiblePack::carrier();
        }

        return $rounds === 0 ? 0.0 : (2 * $rounds - 1) * $metres / $metresAMinute;
    }

    /** @param  list<float>  $kg  the heaviest first */
    private function heaviestFirst(array $kg): int
    {
        $rounds = 0;
        while ($kg !== []) {
            $now = [];
            foreach ($kg as $i => $one) {
                if ($this->isOneRound([...$now, $one])) {
                    $now[] = $one;
                    unset($kg[$i]);
                }
            }
            $rounds++;
        }

        return $rounds;
    }

    /** @param  list<float>  $kg */
    private function fewest(array $kg, int $most): int
    {
        $all = (1 << count($kg)) - 1;
        $loads = [];
        for ($bits = 1; $bits <= $all; $bits++) {
            $loads[$bits] = $this->isOneRound(self::of($kg, $bits));
        }
        $rounds = [0 => 0];
        for ($bits = 1; $bits <= $all; $bits++) {
            $rounds[$bits] = $most;
            for ($load = $bits; $load > 0; $load = ($load - 1) & $bits) {
                if ($loads[$load]) {
                    $rounds[$bits] = min($rounds[$bits], $rounds[$bits ^ $load] + 1);
                }
            }
        }

        return $rounds[$all];
    }

    /**
     * @param  list<float>  $kg
     * @return list<float>
     */
    private static function of(array $kg, int $bits): array
    {
        return array_values(array_filter($kg, static fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
    }

    /** @param  list<float>  $kg */
    private function isOneRound(array $kg): bool
    {
        return $this->isCarried($kg, array_map(fn (float $limit): array => [$limit, $this->hands], $this->limitsKg));
    }

    /**
     * @param  list<float>  $kg
     * @param  list<array{float, int}>  $free  what each can still take, kilograms and pieces
     */
    private function isCarried(array $kg, array $free): bool
    {
        if ($kg === []) {
            return true;
        }
        [$one, $rest] = [$kg[0], array_slice($kg, 1)];
        foreach ($free as $i => [$limit, $hands]) {
            if ($hands > 0 && $one <= $limit + 1e-6 && $this->isCarried($rest, self::with($free, $i, [$limit - $one, $hands - 1]))) {
                return true;
            }
        }
        foreach ($this->inPairs ? $free : [] as $i => [$limit, $hands]) {
            foreach (array_slice($free, $i + 1, preserve_keys: true) as $j => [$other, $others]) {
                $areBothFree = $hands === $this->hands && $others === $this->hands;
                if ($areBothFree && $one / 2 <= min($limit, $other) + 1e-6
                    && $this->isCarried($rest, self::with(self::with($free, $i, [0.0, 0]), $j, [0.0, 0]))) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<array{float, int}>  $free
     * @param  array{float, int}  $now
     * @return list<array{float, int}>
     */
    private static function with(array $free, int $i, array $now): array
    {
        $free[$i] = $now;

        return $free;
    }
}
