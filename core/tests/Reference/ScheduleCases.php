<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Rundown\Scheduler;
use FineFrame\Rundown\Task;

final class ScheduleCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $tasks = array_map(static fn (Inputs $t): Task => new Task(
            $t->word('id'),
            (int) $t->number('minutes'),
            $t->names('after'),
            array_map(intval(...), $t->map('needs')->floats()),
            array_map(static fn (array $w): array => [(int) Inputs::float($w[0]), (int) Inputs::float($w[1])], $t->lists('windows')),
        ), $in->each('tasks'));
        $timetable = (new Scheduler($tasks, array_map(intval(...), $in->map('capacity')->floats())))->solve();

        return $timetable === null ? ['feasible' => false] : ['feasible' => true, 'makespan_minutes' => $timetable->ends];
    }
}
