<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Edit;

/** What is carried, held and helped in a take has somebody for each of it. */
final class HandsSufficeForTheTake extends Rule
{
    public function id(): string
    {
        return 'hands-suffice-for-the-take';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $setup = $situation->setup;
        $work = [];
        foreach ($setup->cameras as $camera) {
            $work = $camera->isManned() ? [...$work, $camera->placement->label] : $work;
        }
        foreach ($situation->scene->booms as $boom) {
            $work = $boom->stand->kind->isCarried() ? [...$work, $boom->placement->name] : $work;
        }
        foreach ($setup->setup->moves as $move) {
            $work = $move->helper === '' ? $work : [...$work, "$move->helper beside ".$situation->name($move->camera)];
        }
        if ($work === []) {
            return;
        }
        $hands = (int) ($setup->plan->brief->facts->number('hands') ?? 1.0);
        yield $this->finding(
            count($work) <= $hands ? Severity::Holds : Severity::Breaks,
            ['work' => implode(', ', $work), 'needed' => (string) count($work), 'hands' => (string) $hands],
            [$setup->setup->id],
            new Working('cameras with somebody at them, booms in hand and helpers, against the hands in the brief', [
                'needed' => (string) count($work), 'hands' => (string) $hands,
            ]),
            [new Mend('bring-hands', ['count' => (string) count($work)], new Edit(['/brief/facts/hands' => count($work)]))],
        );
    }
}
