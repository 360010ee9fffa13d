<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\View\DayDesk;
use App\View\TodayDesk;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Judge\DayPlan;
use FineFrame\Judge\DayTask;
use FineFrame\Judge\PlanB;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\ShootPlan;
use FineFrame\Plan\UnknownThing;
use FineFrame\Rundown\Clock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** How long a task of the day takes and when it begins, as somebody knows it; empty: as it is worked out. And the day otherwise. */
final readonly class DayController
{
    private const MOST_MIN = 1440;

    public function __construct(private Desk $desk)
    {
    }

    /** The rest of the day otherwise, as it was offered: one change, which undo takes back. */
    public function instead(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $today = $this->desk->workspace($request, $shoot, mends: false)->today();
        $wanted = Where::word($request, 'change');
        foreach ($today->rest === null ? [] : PlanB::all($today->rest) as $b) {
            if ($b->key() === $wanted) {
                $what = 'Plan B: '.TodayDesk::says($b, $today->plan);

                $kept = $this->desk->store->commit($shoot, $request->version(), $b->edit($plan), $what);

                return $this->desk->changed($request, $kept, "$what.");
            }
        }
        throw ValidationException::withMessages(['change' => 'The day has moved on. Look at what fits now.']);
    }

    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $situation = new Situation($this->desk->setup($request, $plan));
        $id = Where::word($request, 'task');
        $day = $situation->day();
        $task = $day?->tasks[$id] ?? throw UnknownThing::called('task', $id);
        $begins = trim(Where::word($request, 'begins'));
        $edit = $begins === ''
            ? $this->timed($plan, $task, trim(Where::word($request, 'minutes')))
            : $this->moved($plan, $day, $task, $begins);
        $what = ($begins === '' ? 'Time ' : 'Move ').DayDesk::called($task);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), $edit, $what));
    }

    private function timed(ShootPlan $plan, DayTask $task, string $minutes): Edit
    {
        if ($minutes !== '' && (! ctype_digit($minutes) || (int) $minutes > self::MOST_MIN)) {
            throw ValidationException::withMessages(['minutes' => 'Enter whole minutes, up to 1440.']);
        }
        $change = ['minutes' => $minutes === '' ? 0 : (int) $minutes];

        return $this->row($plan, $task, $minutes === '' && $task->kind !== 'own' ? null : $change);
    }

    /** A recording that has its hours takes them along; anything else does not begin before. */
    private function moved(ShootPlan $plan, DayPlan $day, DayTask $task, string $begins): Edit
    {
        if (preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $begins) !== 1) {
            throw ValidationException::withMessages(['minutes' => 'Enter a time like 09:40.']);
        }
        if ($task->kind !== 'take' || ! isset($task->why['between'])) {
            return $this->row($plan, $task, ['from' => $begins]);
        }
        $hours = $plan->hours($plan->setup($task->of)->setup);
        $by = Clock::minute($begins) - $day->startsAt($task->task->id) % Clock::DAY_MIN;

        return new Edit([
            "/setups/$task->of/from" => Clock::said(Clock::minute($hours->from) + $by),
            "/setups/$task->of/to" => Clock::said(Clock::minute($hours->to) + $by),
        ]);
    }

    /** @param  array<string, mixed>|null  $change  null: as it is worked out */
    private function row(ShootPlan $plan, DayTask $task, ?array $change): Edit
    {
        $id = $task->task->id;
        $rows = $plan->brief->list('tasks');
        $isOwn = static fn (Record $r): bool => $r->text('task') === $id || "own/$r->id" === $id;
        $known = array_values(array_filter($rows, $isOwn))[0] ?? null;
        $others = Parts::written(array_values(array_filter($rows, static fn (Record $r): bool => ! $isOwn($r))));
        $row = $known?->write() ?? ['id' => FreeId::of('task', array_column($rows, 'id')), 'name' => '', 'task' => $id];

        return new Edit(['/brief/tasks' => [...$others, ...($change === null ? [] : [$change + $row])]]);
    }
}
