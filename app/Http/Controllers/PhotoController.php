<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PhotoRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\Photos\Darkroom;
use FineFrame\Document\Parts;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photos of a place, and pictures that a brief refers to: taken in one by one, so that forty of them need no more memory than one. */
final readonly class PhotoController
{
    public function __construct(private Desk $desk, private Darkroom $darkroom)
    {
    }

    public function store(PhotoRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $version = $request->version();
        $forBrief = Where::word($request, 'to') === 'references';
        foreach ($request->photos() as $photo) {
            $print = $this->darkroom->develop($photo, $shoot->id);
            $plan = $this->desk->store->open($shoot);
            [$at, $there, $entry] = $forBrief
                ? [
                    '/brief/references',
                    $plan->brief->list('references'),
                    ['name' => mb_substr(pathinfo($photo->getClientOriginalName(), PATHINFO_FILENAME), 0, 200), 'file' => $print->file],
                ]
                : ["/locations/$place->id/scouted/photos", $plan->location($place->id)->list('photos'), $print->write()];
            $edit = new Edit(
                [
                    $at => [
                        ...Parts::written($there),
                        ['id' => FreeId::of($forBrief ? 'reference' : 'photo', array_column($there, 'id'))] + $entry,
                    ],
                ],
            );
            $shoot = $this->desk->store->commit(
                $shoot,
                $version,
                $edit,
                $forBrief ? 'Add a reference picture' : 'Add a photo of '.$place->name,
            );
            $version = $shoot->version;
        }
        $request->merge(['version' => $version, 'look' => $forBrief ? 'board' : 'photos']);

        return $this->desk->changed($request, $shoot, 'GPS position and camera serial number are removed.');
    }

    public function show(Shoot $shoot, string $file): BinaryFileResponse
    {
        $path = $this->darkroom->path($shoot->id, $file);
        abort_if($path === null, 404);

        return response()->file($path, ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}
