<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Models\Shoot;
use App\Plans\EditWords;
use FineFrame\Scene\FollowThrough;
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
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), FollowThrough::of($setup, $edit), EditWords::of($setup, $edit)),
        );
    }

    public function preview(EditRequest $request, Shoot $shoot): Response
    {
        $plan = $this->desk->store->seen($shoot, $request->edit());

        return $this->desk->parts($this->desk->workspace($request, $shoot, $plan, mends: false));
    }
}
