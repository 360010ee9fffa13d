<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Where;
use App\Models\Shoot;
use App\View\PageKeep;
use FineFrame\Judge\Stage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class StageController
{
    /** Parts that are asked for once the page stands, and what draws them. */
    private const LATER = ['mends' => 'plan.mends', 'floor' => 'plan.looks', 'frames' => 'plan.frames'];

    public function __construct(private Desk $desk, private PageKeep $pages)
    {
    }

    public function __invoke(Request $request, Shoot $shoot, ?string $stage = null): Response
    {
        abort_unless($stage === null || Stage::tryFrom($stage) !== null, 404);

        return $this->pages->answer($request, $shoot, Where::of($request)->look, fn (): Response => $this->drawn($request, $shoot));
    }

    private function drawn(Request $request, Shoot $shoot): Response
    {
        $work = $this->desk->workspace($request, $shoot);
        $part = self::LATER[Where::word($request, 'later')] ?? null;
        if ($part !== null && $request->hasHeader('HX-Request')) {
            return response()->view($part, ['work' => $work, 'oob' => true])->header('X-Plan-Version', (string) $shoot->version);
        }

        return $request->hasHeader('HX-Request')
            ? $this->desk->parts($work)->header('HX-Push-Url', $work->url())
            : response()->view('plan.page', ['work' => $work]);
    }
}
