<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Visitor;
use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\ExerciseRun;
use App\Models\Shoot;
use App\Plans\PlanStore;
use App\Practice\Exercises;
use App\View\PracticeDesk;
use FineFrame\Judge\Exercise;
use FineFrame\Judge\Judge;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Exercises: a plan with a mistake in it is begun, and answered when somebody has named and mended it. */
final readonly class PracticeController
{
    public function __construct(private PlanStore $store, private Judge $judge)
    {
    }

    public function index(): View
    {
        $runs = ExerciseRun::query()->where('owner_id', Visitor::now()->owner?->id)->get();

        return view('practice', ['desk' => new PracticeDesk(Exercises::shipped(), $runs)]);
    }

    public function start(string $exercise): RedirectResponse
    {
        $found = Exercises::shipped()->find($exercise) ?? abort(404);
        // A try that was left before is thrown away; how it went is kept.
        Visitor::now()->shoots()->where('exercise', $found->id)->delete();
        $shoot = $this->store->create($found->plan($this->judge), __('practice.begun'));
        $shoot->update(['exercise' => $found->id]);

        return redirect()->route('stage', ['shoot' => $shoot->id, 'stage' => $found->stage->value]);
    }

    /** @throws ValidationException if nothing is named */
    public function answer(ChangeRequest $request, Shoot $shoot): RedirectResponse
    {
        $exercise = $this->of($shoot);
        $named = Where::word($request, 'named');
        if (! isset($exercise->choices[$named])) {
            throw ValidationException::withMessages(['named' => __('practice.wrong')]);
        }
        $outcome = $exercise->outcome($named, $this->store->open($shoot), $this->judge);
        ExerciseRun::query()->create([
            'shoot_id' => $shoot->id, 'owner_id' => Visitor::now()->owner?->id, 'exercise' => $exercise->id, 'named' => $named,
            'is_named' => $outcome->isNamed, 'is_mended' => $outcome->isMended(), 'breaks' => $outcome->breaks(),
            'seconds' => (int) $shoot->created_at?->diffInSeconds(now()),
        ]);

        return redirect()->route('stage', ['shoot' => $shoot->id, 'stage' => $exercise->stage->value, 'select' => 'none']);
    }

    private function of(Shoot $shoot): Exercise
    {
        return Exercises::shipped()->find($shoot->exercise) ?? abort(404);
    }
}
