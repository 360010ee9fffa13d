<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\Papers\FieldPack;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What goes along on the day: page by page for a browser without a connection, or as one file. */
final readonly class FieldPackController
{
    public function __construct(private FieldPack $pack)
    {
    }

    public function pages(Shoot $shoot): JsonResponse
    {
        $list = ['version' => $shoot->version, 'pages' => $this->pack->pages($shoot)];

        return new JsonResponse($list, 200, ['Cache-Control' => 'no-store']);
    }

    public function file(Request $request, Shoot $shoot): Response
    {
        return response($this->pack->html($request, $shoot), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.Str::slug($shoot->title).'-field.html"',
        ]);
    }
}
