<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use FineFrame\Plan\Edit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Somebody says that an assumed number is right as it stands. */
final readonly class AssumedController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $pointer = Where::word($request, 'pointer');
        $edit = $plan->assumed->confirmed($plan, $pointer) ?? new Edit([]);
        $words = 'Confirm '.$plan->assumed->name($this->desk->setup($request, $plan), $pointer);
        if ($edit->values !== []) {
            $shoot = $this->desk->store->commit($shoot, $request->version(), $edit, $words);
        }

        return $this->desk->changed($request, $shoot);
    }
}
