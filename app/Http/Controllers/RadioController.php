<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Models\Shoot;
use FineFrame\Judge\RadioPlan;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Channels for all wireless links at once. */
final readonly class RadioController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = new RadioPlan($this->desk->setup($request, $this->desk->store->open($shoot)));
        $found = $plan->coordinated();
        $count = count($found['edit']->values);
        $said = ($count === 0 ? 'Nothing was set.' : "Set $count links.").(
            $found['left'] === []
            ? ''
            : ' No room for '.implode(', ', $found['left']).': use another tuning range, or unlock a link.'
        );

        return $this->desk->changed(
            $request,
            $count === 0
                ? $shoot
                : $this->desk->store->commit($shoot, $request->version(), $found['edit'], 'Coordinate wireless'),
            $said,
        );
    }
}
