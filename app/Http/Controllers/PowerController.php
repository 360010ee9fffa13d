<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use FineFrame\Judge\PowerPlan;
use FineFrame\Judge\Situation;
use FineFrame\Plan\UnknownThing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What hangs on which breaker: one load by hand, or all of them at once. */
final readonly class PowerController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $power = PowerPlan::of(new Situation($this->desk->setup($request, $this->desk->store->open($shoot))));
        $thing = Where::word($request, 'thing');
        if ($thing !== '') {
            return $this->plug($request, $shoot, $power, $thing);
        }
        $edit = $power->solved(Where::word($request, 'how') === 'roomy');
        if ($edit === null) {
            return $this->desk->changed($request, $shoot, $power->breakers === []
                ? 'No circuits known at this location. List them under Scout.'
                : 'The circuits can’t carry all of it, however you spread it: use fewer lamps, batteries, or another location.');
        }

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $edit, 'Spread the loads'),
            'Loads spread over the circuits.',
        );
    }

    private function plug(ChangeRequest $request, Shoot $shoot, PowerPlan $power, string $thing): Response|RedirectResponse
    {
        $circuit = Where::word($request, 'circuit');
        if (! isset($power->loads[$thing])) {
            throw UnknownThing::called('load', $thing);
        }
        if ($circuit !== '' && ! isset($power->breakers[$circuit])) {
            throw UnknownThing::called('circuit', $circuit);
        }
        $on = ($circuit === '' ? [] : [$thing => $circuit]) + array_diff_key($power->on, [$thing => '']);

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $power->plugged($on), 'Plug '.$power->names[$thing]),
        );
    }
}
