<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\Plans\PlanStore;
use App\View\HistoryDesk;
use FineFrame\Judge\Judge;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class HistoryController
{
    public function __construct(private Desk $desk, private Judge $judge)
    {
    }

    /** Two versions, or two setups, beside each other. */
    public function index(Request $request, Shoot $shoot): View
    {
        $desk = new HistoryDesk(
            $shoot,
            $this->desk->reader,
            $this->judge,
            [$request->integer('left'), $request->integer('right')],
            [Where::word($request, 'left_setup'), Where::word($request, 'right_setup')],
        );

        return view('history', ['desk' => $desk]);
    }

    /** A version that was is the newest again, as a change of its own: undo takes it back. */
    public function bring(ChangeRequest $request, Shoot $shoot): RedirectResponse
    {
        $head = $shoot->heads()->where('version', $request->integer('bring'))->firstOrFail();
        $words = __('history.brought', ['version' => (string) $head->version, 'words' => $head->words]);
        $this->desk->store->commit($shoot, $request->version(), PlanStore::whole($head->revision), $words);

        return redirect()->route('history', $shoot->id)->with('said', $words);
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
