<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PhotoRequest;
use App\Models\Shoot;
use App\Photos\Darkroom;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photos of a place: taken in one by one, so that forty of them need no more memory than one. */
final readonly class PhotoController
{
    public function __construct(private Desk $desk, private Darkroom $darkroom)
    {
    }

    public function store(PhotoRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $version = $request->version();
        foreach ($request->photos() as $photo) {
            $print = $this->darkroom->develop($photo, $shoot->id);
            $edit = new Edit(["/locations/$place->id/scouted/photos" => [...array_map(static fn ($r): array => $r->write(), $place->list('photos')), ['id' => FreeId::of('photo', array_column($place->list('photos'), 'id'))] + $print->write()]]);
            $shoot = $this->desk->store->commit($shoot, $version, $edit, 'Add a photo of '.$place->name);
            $version = $shoot->version;
            $place = $this->desk->store->open($shoot)->location($place->id);
        }
        $request->merge(['version' => $version, 'look' => 'photos']);

        return $this->desk->changed($request, $shoot, 'Where it was taken and the camera’s serial are stripped.');
    }

    public function show(Shoot $shoot, string $file): BinaryFileResponse
    {
        $path = $this->darkroom->path($shoot->id, $file);
        abort_if($path === null, 404);

        return response()->file($path, ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
