<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Access\Visitor;
use App\Http\Requests\ImportRequest;
use App\Http\Requests\NewShootRequest;
use App\Models\Shoot;
use App\Plans\Bin;
use App\Plans\Once;
use App\Plans\PlanStore;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\Starter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class ShootController
{
    public function __construct(private PlanStore $store, private Audits $audits)
    {
    }

    public function index(): View|RedirectResponse
    {
        $visitor = Visitor::now();
        if ($visitor->link !== null) {
            $stage = (string) array_key_first($visitor->link->pages());

            return redirect()->route('stage', ['shoot' => $visitor->link->shoot_id, 'stage' => $stage]);
        }

        return view('home', ['shoots' => $visitor->shoots()->latest('updated_at')->get()]);
    }

    public function store(NewShootRequest $request): RedirectResponse
    {
        $plan = Starter::plan($request->string('title')->toString(), $request->string('place')->toString());
        $shoot = Once::make($request->string('once')->toString(), fn (): Shoot => $this->store->create($plan, 'New plan'));

        return redirect()->route('stage', ['shoot' => $shoot->id, 'stage' => 'measure']);
    }

    public function import(ImportRequest $request): RedirectResponse
    {
        $plan = PlanReader::json($request->plan());
        $shoot = Once::make($request->string('once')->toString(), fn (): Shoot => $this->store->create($plan, 'Imported from a file'));

        return redirect()->route(
            'stage',
            ['shoot' => $shoot->id, 'stage' => 'cameras'],
        )->with('said', 'The file is imported as a new plan.');
    }

    public function destroy(Shoot $shoot, Bin $bin): RedirectResponse
    {
        $shoot->delete();
        $this->audits->note('removed', $shoot->id, $shoot->title);
        $bin->empty();

        return redirect()->route('home')->with('removed', ['id' => $shoot->id, 'title' => $shoot->title]);
    }

    public function restore(Shoot $shoot): RedirectResponse
    {
        $shoot->restore();
        $this->audits->note('restored', $shoot->id, $shoot->title);

        return redirect()->route('home')->with('said', "“{$shoot->title}” is back.");
    }
}
