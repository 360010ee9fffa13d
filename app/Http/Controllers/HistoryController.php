<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Models\Shoot;
use App\Plans\PlanStore;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class HistoryController
{
    public function __construct(private Desk $desk)
    {
    }

    public function undo(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $head = $shoot->head;
        $said = $head->parent_id === null ? 'There is nothing to undo.' : "Undone: $head->words";

        return $this->desk->changed($request, $this->desk->store->undo($shoot, $request->version()), $said);
    }

    public function redo(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $next = PlanStore::next($shoot);

        return $this->desk->changed(
            $request,
            $this->desk->store->redo($shoot, $request->version()),
            $next === null ? 'There is nothing to redo.' : "Redone: $next->words",
        );
    }
}
