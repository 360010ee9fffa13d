<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Who plays in a section, and which cameras are on them. All lists are sorted. */
final readonly class SectionCover
{
    /**
     * @param  list<string>  $doubles  players with two cameras or more on them, wide ones apart
     * @param  list<string>  $gaps  players with none
     * @param  bool  $isSafe  whether a wide one rolls
     * @param  list<string>  $clashes  people at two cameras that roll
     * @param  list<string>  $idle  cameras that roll, on nobody who plays
     */
    private function __construct(
        public array $doubles,
        public array $gaps,
        public bool $isSafe,
        public array $clashes,
        public array $idle,
    ) {
    }

    /**
     * @param  list<string>  $players
     * @param  array<string, array{operator: string|null, isWide: bool}>  $cameras
     * @param  array<string, list<string>>  $on  by camera that rolls
     *
     * @throws ImpossibleDay where a camera that rolls is not there
     */
    public static function of(array $players, array $cameras, array $on): self
    {
        $count = array_fill_keys($players, 0);
        [$isSafe, $operators, $idle] = [false, [], []];
        foreach ($on as $id => $people) {
            ['operator' => $operator, 'isWide' => $isWide] = $cameras[$id] ?? throw ImpossibleDay::unknown($id);
            $isSafe = $isSafe || $isWide;
            $operators = $operator === null ? $operators : [...$operators, $operator];
            $seen = $isWide ? [] : array_values(array_intersect($players, $people));
            foreach ($seen as $player) {
                $count[$player]++;
            }
            $idle = $isWide || $seen !== [] ? $idle : [...$idle, $id];
        }

        return new self(
            self::sorted(array_keys(array_filter($count, static fn (int $n): bool => $n > 1))),
            self::sorted(array_keys(array_filter($count, static fn (int $n): bool => $n === 0))),
            $isSafe,
            self::sorted(array_keys(array_filter(array_count_values($operators), static fn (int $n): bool => $n > 1))),
            self::sorted($idle),
        );
    }

    /**
     * As many different players as can be in pictures at one time: each camera on one, and as many of those that want somebody as there
     * are people. Cameras that need nobody first, then the others, each by a chain of exchanges (Kuhn 1955); what is covered stays so.
     *
     * @param  array<string, array{isLocked: bool, sees: list<string>}>  $cameras
     * @return array<string, string> players by camera
     */
    public static function most(array $cameras, int $people): array
    {
        /** @var array<string, string> $by */
        $by = [];
        foreach ([true, false] as $isLocked) {
            foreach (array_filter($cameras, static fn (array $c): bool => $c['isLocked'] === $isLocked) as $id => $camera) {
                $tried = [];
                if (($isLocked || $people > 0) && self::exchange((string) $id, $cameras, $by, $tried)) {
                    $people -= $isLocked ? 0 : 1;
                }
            }
        }

        return array_map(strval(...), array_flip($by));
    }

    /**
     * @param  array<string, array{isLocked: bool, sees: list<string>}>  $cameras
     * @param  array<string, string>  $by  cameras by player
     * @param  array<string, true>  $tried
     */
    private static function exchange(string $id, array $cameras, array &$by, array &$tried): bool
    {
        foreach ($cameras[$id]['sees'] as $player) {
            if (isset($tried[$player])) {
                continue;
            }
            $tried[$player] = true;
            if (! isset($by[$player]) || self::exchange($by[$player], $cameras, $by, $tried)) {
                $by[$player] = $id;

                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array-key>  $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        $names = array_map(strval(...), $names);
        sort($names, SORT_STRING);

        return $names;
    }
}
