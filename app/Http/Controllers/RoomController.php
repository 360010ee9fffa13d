<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RoomRequest;
use App\Models\Shoot;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Refit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class RoomController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(RoomRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $location = $plan->setup()->location;
        $refit = Refit::of($plan, $location->id, $request->space($location, $this->desk->reader));
        $edit = new Edit(["/locations/$location->id/name" => $request->string('place')->toString()] + $refit->edit->values);
        $said = 'The room is measured.'.($refit->moved > 0 ? ' '.($refit->moved === 1 ? 'One thing stood' : "$refit->moved things stood").' outside it and came in.' : '');

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), $edit, 'Measure the room'), $said);
    }
}
