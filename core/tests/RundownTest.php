<?php

declare(strict_types=1);

use FineFrame\Judge\DayPlan;
use FineFrame\Judge\PlanB;
use FineFrame\Judge\Situation;
use FineFrame\Rundown\ClipLimit;
use FineFrame\Rundown\Scheduler;
use FineFrame\Rundown\SectionCover;
use FineFrame\Rundown\Song;
use FineFrame\Rundown\SongGaps;
use FineFrame\Rundown\Task;
use FineFrame\Tests\Cases;

/** The shortest day of all orders, by trying every one; null where none keeps its hours. */
function shortest(array $tasks, int $hands): ?int
{
    $best = null;
    $place = function (array $left, array $starts) use (&$place, &$best, $hands): void {
        if ($left === []) {
            $ends = array_map(static fn (array $s): int => $s[0] + $s[1]->minutes, $starts);
            $best = min($best ?? PHP_INT_MAX, max($ends));

            return;
        }
        foreach ($left as $id => $task) {
            if (array_intersect($task->after, array_keys($left)) !== []) {
                continue;
            }
            $from = max([0, ...array_map(static fn (string $p): int => $starts[$p][0] + $starts[$p][1]->minutes, $task->after)]);
            for ($at = $task->within($from); $at !== null && $at < 400; $at = $task->within($at + 5)) {
                $busy = 0;
                foreach (range($at, $at + $task->minutes - 5, 5) as $minute) {
                    $meets = array_filter($starts, static fn (array $s): bool => $s[0] <= $minute && $minute < $s[0] + $s[1]->minutes);
                    $busy = max($busy, array_sum(array_map(static fn (array $s): int => $s[1]->needs['hands'], $meets)));
                }
                if ($busy + $task->needs['hands'] <= $hands) {
                    $place(array_diff_key($left, [$id => 1]), $starts + [$id => [$at, $task]]);
                    break;
                }
            }
        }
    };
    $place($tasks, []);

    return $best;
}

it('finds the shortest day, as trying every order does', function (): void {
    mt_srand(11);
    $impossible = 0;
    for ($try = 0; $try < 60; $try++) {
        $tasks = [];
        for ($i = 0; $i < 5; $i++) {
            $opens = 5 * mt_rand(0, 12);
            $tasks["t$i"] = new Task(
                "t$i", 5 * mt_rand(1, 6),
                $i > 0 && mt_rand(0, 2) === 0 ? ['t'.mt_rand(0, $i - 1)] : [],
                ['hands' => mt_rand(1, 2)],
                mt_rand(0, 2) === 0 ? [[$opens, $opens + 5 * mt_rand(4, 14)]] : [],
            );
        }
        $wanted = shortest($tasks, 2);
        $impossible += $wanted === null ? 1 : 0;
        expect((new Scheduler(array_values($tasks), ['hands' => 2]))->solve()?->ends)->toBe($wanted);
    }
    expect($impossible)->toBeLessThan(30);
});

it('starts cameras anew as seldom and as evenly as any set of gaps does', function (): void {
    mt_srand(12);
    $needed = 0;
    for ($try = 0; $try < 80; $try++) {
        [$songs, $at] = [[], 0];
        for ($i = 0; $i < 7; $i++) {
            $ends = $at + mt_rand(60, 300);
            $songs[] = new Song("s$i", $at, $ends);
            $at = $ends + mt_rand(0, 40);
        }
        $set = new SongGaps($songs, 10.0);
        $clip = new ClipLimit($set, -10.0, mt_rand(300, 900));
        $best = null;
        for ($bits = 0; $bits < 1 << count($set->gaps); $bits++) {
            $gaps = array_values(array_filter(array_keys($set->gaps), static fn (int $g): bool => ($bits >> $g & 1) === 1));
            if ($clip->longestS($gaps) <= $clip->limitS) {
                $best = min($best ?? [PHP_INT_MAX, 0.0], [count($gaps), $clip->longestS($gaps)]);
            }
        }
        $found = $clip->restarts();
        expect($found === null ? null : [count($found), $clip->longestS($found)])->toBe($best);
        $needed += ($best[0] ?? 0) > 0 ? 1 : 0;
    }
    expect($needed)->toBeGreaterThan(20);
});

it('puts as many people in pictures as any crew could', function (): void {
    mt_srand(13);
    for ($try = 0; $try < 60; $try++) {
        $cameras = [];
        for ($i = 0; $i < 4; $i++) {
            $sees = array_values(array_filter(['a', 'b', 'c', 'd'], static fn (): bool => mt_rand(0, 2) === 0));
            $cameras["k$i"] = ['isLocked' => mt_rand(0, 2) === 0, 'sees' => $sees];
        }
        $people = mt_rand(0, 2);
        $most = 0;
        $all = [[[], 0]];
        foreach ($cameras as $camera) {
            foreach ($all as [$on, $used]) {
                foreach ($camera['sees'] as $who) {
                    $all[] = [[...$on, $who], $used + ($camera['isLocked'] ? 0 : 1)];
                }
            }
        }
        foreach ($all as [$on, $used]) {
            $most = $used <= $people ? max($most, count(array_unique($on))) : $most;
        }
        expect(SectionCover::most($cameras, $people))->toHaveCount($most);
    }
});

it('says until when a plan B still fits, and no later; and writes it so that the plan says the same', function (): void {
    $plan = Cases::shipped()->plan;
    $left = (new Situation($plan->setup()))->day()->from(10 * 60 + 20, []);
    $all = PlanB::all($left);
    expect($all)->not->toBe([]);
    foreach ($all as $b) {
        $at = static fn (int $minute): DayPlan => $left->changed($b->off, $b->minutes, $b->later, $minute);
        expect($at($b->until)->late)->toBe([])->and($at($b->until + 5)->late)->not->toBe([]);
        $changed = $b->edit($plan)->applyTo($plan);
        expect((new Situation($changed->setup()))->day()->from(10 * 60 + 20, [])->late)->toBe([]);
    }
});

it('asks for no plan B while all fits', function (): void {
    $day = (new Situation(Cases::shipped()))->day();

    expect(PlanB::all($day))->toBe([])->and(PlanB::all($day->from(9 * 60, [])))->toBe([]);
});
