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
use App\View\HomeDesk;
use FineFrame\Judge\FirstPlan;
use FineFrame\Judge\Judge;
use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanReader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final readonly class ShootController
{
    private const LONGEST_TITLE = 120;

    public function __construct(private PlanStore $store, private Audits $audits, private Judge $judge)
    {
    }

    public function index(): View|RedirectResponse
    {
        $visitor = Visitor::now();
        if ($visitor->link !== null) {
            $stage = (string) array_key_first($visitor->link->pages());

            return redirect()->route('stage', ['shoot' => $visitor->link->shoot_id, 'stage' => $stage]);
        }

        return view('home', ['desk' => HomeDesk::of($visitor)]);
    }

    public function store(NewShootRequest $request): RedirectResponse
    {
        $make = fn (): Shoot => $this->store->create(FirstPlan::of($request->new(), $this->judge), 'New');
        $shoot = Once::make($request->string('once')->toString(), $make);

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

    /** The same plan once more, to be changed without losing the first. */
    public function copy(Shoot $shoot): RedirectResponse
    {
        $title = mb_substr($shoot->title, 0, self::LONGEST_TITLE - 6).', copy';
        $plan = (new Edit(['/shoot/title' => $title]))->applyTo($this->store->open($shoot));
        $this->store->create($plan, "Copied from “{$shoot->title}”");

        return redirect()->route('home')->with('said', "“{$title}” is a plan of its own now.");
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
