<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Models\Shoot;
use App\Plans\EditWords;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Drags, nudges and turns: kept when let go, judged while they move. */
final readonly class EditController
{
    public function __construct(private Desk $desk)
    {
    }

    public function store(EditRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $edit = $request->edit();
        $words = EditWords::of($this->desk->setup($request, $this->desk->store->open($shoot)), $edit);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), $edit, $words));
    }

    public function preview(EditRequest $request, Shoot $shoot): Response
    {
        $plan = $request->edit()->applyTo($this->desk->store->open($shoot));

        return $this->desk->parts($this->desk->workspace($request, $shoot, $plan, mends: false));
    }
}
