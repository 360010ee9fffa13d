<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Where;
use App\Models\Head;
use App\Models\Shoot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Which version a plan is at, and what others did since the one that a page shows: asked for every second or two. */
final readonly class VersionController
{
    private const NEWEST = 5;

    public function __invoke(Request $request, Shoot $shoot): JsonResponse
    {
        $since = (int) Where::word($request, 'since');
        $heads = $shoot->heads()->where('version', '>', $since)->latest('version')->limit(self::NEWEST)->get();

        return new JsonResponse([
            'version' => $shoot->version,
            'changes' => $heads->map(static fn (Head $h): array => [
                'version' => $h->version, 'words' => $h->words, 'who' => $h->who, 'page' => $h->page,
                'at' => $h->created_at->getTimestamp(),
            ])->all(),
        ], 200, ['Cache-Control' => 'no-store']);
    }
}
