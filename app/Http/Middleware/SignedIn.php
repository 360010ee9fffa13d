<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Audits;
use App\Access\Links;
use App\Access\Visitor;
use App\Http\Where;
use App\Models\Owner;
use App\Models\Shoot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Where it is served to others than this machine, nobody reads or changes anything before signing in or opening a link. */
final readonly class SignedIn
{
    /** What is answered to anybody. */
    private const FREE = ['sign-in', 'with/*'];

    public function __construct(private Links $links, private Audits $audits)
    {
    }

    public function handle(Request $request, \Closure $next): Answer
    {
        if (Config::boolean('fineframe.crew') && ! $request->is(...self::FREE)) {
            $refusal = $this->refusal($request);
            if ($refusal !== null) {
                return $refusal;
            }
        }
        $response = $next($request);
        assert($response instanceof Answer);
        if (Visitor::now()->link !== null && $response->isSuccessful()) {
            $this->opened($request);
        }

        return $response;
    }

    /** A page or a paper that the holder of a link opened; not what stands behind one. */
    private function opened(Request $request): void
    {
        $shoot = $request->route('shoot');
        $route = (string) $request->route()?->getName();
        $paper = Visitor::now()->link?->papers()[$route] ?? null;
        if ($shoot instanceof Shoot && $request->isMethod('GET') && ($paper !== null || $route === 'stage')) {
            $where = Where::of($request);
            $this->audits->opened($shoot->id, $paper ?? "{$where->stage->value}, $where->look");
        }
    }

    private function refusal(Request $request): ?Answer
    {
        $owner = Auth::guard('web')->user();
        $shoot = $request->route('shoot');
        if ($owner instanceof Owner && (! $shoot instanceof Shoot || $shoot->isOf($owner))) {
            return null;
        }
        $link = $this->links->of($request);
        if ($link !== null && $this->links->opens($link)) {
            Auth::shouldUse('link');

            return null;
        }

        return match (true) {
            // What another planned is not there for them: the policy says so.
            $owner instanceof Owner => null,
            $link !== null => $this->gone($request),
            $request->expectsJson() => new JsonResponse(['message' => 'Sign in first.'], 401),
            $request->hasHeader('HX-Request') => new Response('', 401, ['HX-Redirect' => route('sign-in')]),
            default => redirect()->guest(route('sign-in')),
        };
    }

    private function gone(Request $request): Answer
    {
        $said = 'This link has expired or was taken back. Ask whoever sent it for a new one.';

        return $request->expectsJson()
            ? new JsonResponse(['message' => $said], 410)
            : response()->view('problem', ['title' => 'This link has ended', 'lines' => [$said]], 410);
    }
}
