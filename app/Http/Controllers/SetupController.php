<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Models\Shoot;
use FineFrame\Plan\NewSetup;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Setups: begun, copied, taken out. */
final readonly class SetupController
{
    public function __construct(private Desk $desk)
    {
    }

    /** Begins a setup of its own in a place that had none. */
    public function store(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), NewSetup::in($plan, $place)->edit, "Set up at $place->name"),
            'Set up: add people, cameras and lamps in their stages.',
        );
    }

    public function copy(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $new = NewSetup::copyOf($setup);
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, "Copy {$setup->setup->name}");
        $request->merge(['place' => $new->id]);

        return $this->desk->changed($request, $shoot, "This is the copy; {$setup->setup->name} stays as it was.");
    }

    public function destroy(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $edit = NewSetup::without($setup);
        if ($edit === null) {
            return $this->desk->changed($request, $shoot, 'A plan needs at least one setup: this one stays.');
        }
        $shoot = $this->desk->store->commit($shoot, $request->version(), $edit, "Remove {$setup->setup->name}");
        $request->merge(['place' => '']);

        return $this->desk->changed($request, $shoot, "Removed {$setup->setup->name}. Undo brings it back.");
    }
}
