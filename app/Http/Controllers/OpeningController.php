<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OpeningRequest;
use App\Models\Shoot;
use FineFrame\Plan\NewOpening;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A door or a window where a wall was pointed at. */
final readonly class OpeningController
{
    public function __construct(private Desk $desk)
    {
    }

    /** @throws ValidationException if the wall has no room for one */
    public function __invoke(OpeningRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        $new = NewOpening::at($plan, $place, $request->kind(), $request->point())
            ?? throw ValidationException::withMessages(['opening' => __('starting.opening.full')]);
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, "Add $new->name");

        return $this->desk->changed($request, $shoot, __('starting.opening.added', ['name' => ucfirst($new->name)]));
    }
}
