<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Visitor;
use App\Http\Where;
use App\Models\Shoot;
use App\Plans\PlanStore;
use App\View\Reader;
use App\View\Workspace;
use FineFrame\Judge\Judge;
use FineFrame\Plan\Location;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\ShootPlan;
use FineFrame\Space\PlacedRoom;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Lays out a shoot for the reader: the whole page, the parts that changed, or a redirect where pages work without scripts. */
final readonly class Desk
{
    public function __construct(public PlanStore $store, private Judge $judge, public Reader $reader)
    {
    }

    /** What the reader is at: the first setup, or the setup or place they chose. */
    public function setup(Request $request, ShootPlan $plan): SetupPlan
    {
        // A link to one setup shows no other, whatever is asked for.
        $place = Visitor::now()->link?->setup ?: Where::word($request, 'place');

        return $place === '' ? $plan->setup() : $plan->at($place);
    }

    /** Which of a place's rooms is being taped: the first, or the one they chose. */
    public function room(Request $request, Location $place): PlacedRoom
    {
        return $place->rooms->called(Where::word($request, 'room'));
    }

    public function workspace(Request $request, Shoot $shoot, ?ShootPlan $plan = null, bool $mends = true): Workspace
    {
        $where = Where::of($request);
        $setup = $this->setup($request, $plan ?? $this->store->open($shoot));
        [$isPatient, $mendsFrom] = [Where::word($request, 'later') !== '', max(0, (int) Where::word($request, 'from'))];

        return new Workspace(
            $shoot,
            $where->looked->applied($setup),
            $where,
            $this->reader,
            $this->judge,
            $mends,
            $setup,
            $isPatient,
            $mendsFrom,
        );
    }

    /** After a change: the parts of the page by htmx, or back to the page. */
    public function changed(Request $request, Shoot $shoot, string $said = ''): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? $this->parts($this->workspace($request, $shoot), $said)
            : redirect()->to($this->workspace($request, $shoot)->url())->with('said', $said);
    }

    public function parts(Workspace $workspace, string $said = '', int $status = 200): Response
    {
        return response()->view('plan.parts', ['work' => $workspace, 'said' => $said], $status);
    }
}
