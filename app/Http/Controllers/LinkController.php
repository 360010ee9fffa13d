<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Access\Links;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;

/** A link as it is opened: the browser keeps it, and goes to the first page of its role. */
final readonly class LinkController
{
    public function __construct(private Links $links, private Audits $audits)
    {
    }

    public function __invoke(Request $request, string $token): Response|RedirectResponse
    {
        $link = $this->links->find($token);
        if ($link === null || ! $this->links->opens($link)) {
            return $this->problem(__('access.ended.title'), __('access.ended.says'), $link === null ? 404 : 410);
        }
        if (! Config::boolean('fineframe.crew')) {
            return $this->problem(__('access.here.title'), __('access.here.says'), 409);
        }
        Auth::guard('link')->setUser($link);
        Auth::shouldUse('link');
        $this->audits->note('entered', $link->shoot_id, $link->name);

        return redirect()
            ->route('stage', ['shoot' => $link->shoot_id, 'stage' => (string) array_key_first($link->pages())])
            ->withCookie($this->links->kept($request, $link, $token));
    }

    private function problem(string $title, string $line, int $status): Response
    {
        return response()->view('problem', ['title' => $title, 'lines' => [$line]], $status);
    }
}
