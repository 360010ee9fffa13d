<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Requests\ThingRequest;
use App\Models\Shoot;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewLavalier;
use FineFrame\Plan\NewMark;
use FineFrame\Plan\NewThing;
use FineFrame\Plan\UnknownThing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class ThingController
{
    public function __construct(private Desk $desk)
    {
    }

    public function store(ThingRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $new = NewThing::in($this->desk->setup($request, $this->desk->store->open($shoot)), $request->kind());
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, "Add $new->name");
        $request->merge(['select' => $new->id]);

        return $this->desk->changed($request, $shoot, __('starting.added', ['name' => $new->name]));
    }

    /** A lavalier, its link and its track at once; they are shown in their list. */
    public function lavalier(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $new = NewLavalier::in($this->desk->setup($request, $this->desk->store->open($shoot)));
        if ($new === null) {
            return $this->desk->changed($request, $shoot, __('starting.lavalier.nobody'));
        }
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, "Add $new->name");
        $request->merge(['look' => 'mics', 'select' => 'none']);

        return $this->desk->changed($request, $shoot, __('starting.lavalier.added', ['name' => $new->name]));
    }

    /** A mark of a move where the camera stands now. */
    public function mark(ThingRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $camera = $setup->cameras[$request->string('thing')->toString()] ?? throw UnknownThing::called(
            'camera',
            $request->string('thing')->toString(),
        );
        $shoot = $this->desk->store->commit(
            $shoot,
            $request->version(),
            NewMark::at($setup, $camera)->edit,
            "Set a mark for {$camera->placement->label}",
        );
        $request->merge(['look' => 'take']);

        return $this->desk->changed($request, $shoot, 'Mark added where the camera stands. Move the camera and add the next.');
    }

    /** Takes a thing out, and lets go of it wherever something points at it; undo brings it back. */
    public function destroy(ThingRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $id = $request->string('thing')->toString();
        $name = $setup->name($id);
        $edit = NewThing::without($setup, $id) ?? new Edit([]);
        $request->merge(['select' => 'none']);

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $edit, "Remove $name"),
            "Removed $name. Undo brings it back.",
        );
    }
}
