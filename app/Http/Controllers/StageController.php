<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class StageController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(Request $request, Shoot $shoot): Response
    {
        $work = $this->desk->workspace($request, $shoot);

        return $request->hasHeader('HX-Request')
            ? $this->desk->parts($work)->header('HX-Push-Url', $work->url())
            : response()->view('plan.page', ['work' => $work]);
    }
}
