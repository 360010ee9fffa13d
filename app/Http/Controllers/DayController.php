<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\View\DayDesk;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\UnknownThing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** How long a task of the day takes, as somebody knows it; empty: as it is worked out. */
final readonly class DayController
{
    private const MOST_MIN = 1440;

    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $situation = new Situation($this->desk->setup($request, $plan));
        $id = Where::word($request, 'task');
        $task = $situation->day()->tasks[$id] ?? throw UnknownThing::called('task', $id);
        $minutes = trim(Where::word($request, 'minutes'));
        if ($minutes !== '' && (! ctype_digit($minutes) || (int) $minutes > self::MOST_MIN)) {
            throw ValidationException::withMessages(['minutes' => 'Whole minutes are wanted, up to a day of them.']);
        }
        $rows = $plan->brief->list('tasks');
        $isOwn = static fn (Record $r): bool => $r->text('task') === $id || "own/$r->id" === $id;
        $known = array_values(array_filter($rows, $isOwn))[0] ?? null;
        $others = Parts::written(array_values(array_filter($rows, static fn (Record $r): bool => ! $isOwn($r))));
        $row = $known?->write() ?? ['id' => FreeId::of('task', array_column($rows, 'id')), 'name' => '', 'task' => $id];
        $kept = $minutes === '' && $task->kind !== 'own' ? [] : [['minutes' => $minutes === '' ? 0 : (int) $minutes] + $row];

        return $this->desk->changed($request, $this->desk->store->commit(
            $shoot, $request->version(), new Edit(['/brief/tasks' => [...$others, ...$kept]]), 'Time '.DayDesk::called($task),
        ));
    }
}
