<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Where;
use App\Models\Shoot;
use App\View\PageKeep;
use App\View\PartsLater;
use FineFrame\Judge\Stage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class StageController
{
    /** Parts that are asked for once the page stands, and what draws them. */
    private const LATER = ['mends' => 'plan.mends', 'floor' => 'plan.looks', 'frames' => 'plan.frames'];

    public function __construct(private Desk $desk, private PageKeep $pages, private PartsLater $parts)
    {
    }

    public function __invoke(Request $request, Shoot $shoot, ?string $stage = null): Response
    {
        abort_unless($stage === null || Stage::tryFrom($stage) !== null, 404);
        $place = $this->pages->place($request, $shoot, Where::of($request)->look);
        $token = $request->session()->token();
        $kept = $this->pages->read($place, $token) ?? ($this->isPart($request) ? $this->parts->answer($request, $shoot, $place) : null);
        if ($kept !== null) {
            return $kept;
        }
        $drawn = $this->drawn($request, $shoot);
        $this->pages->write($place, $drawn, $token);

        return $drawn;
    }

    /** A part that a worker of the queue draws, for whoever asks again. */
    public function later(Request $request, Shoot $shoot, string $key): void
    {
        $place = $this->pages->place($request, $shoot, Where::of($request)->look);
        $this->parts->drawn($key, $place, fn (): Response => $this->drawn($request, $shoot));
    }

    private function isPart(Request $request): bool
    {
        return $request->hasHeader('HX-Request') && isset(self::LATER[Where::word($request, 'later')]);
    }

    private function drawn(Request $request, Shoot $shoot): Response
    {
        $work = $this->desk->workspace($request, $shoot);
        if ($this->isPart($request)) {
            return response()
                ->view(self::LATER[Where::word($request, 'later')], ['work' => $work, 'oob' => true])
                ->header('X-Plan-Version', (string) $shoot->version);
        }

        return $request->hasHeader('HX-Request')
            ? $this->desk->parts($work)->header('HX-Push-Url', $work->url())
            : response()->view('plan.page', ['work' => $work]);
    }
}
