<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Visitor;
use App\Http\Controllers\Desk;
use App\Models\Shoot;
use App\Plans\Pointers;
use App\Plans\StalePlan;
use App\View\HomeDesk;
use App\View\StaleView;
use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\UnknownThing;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response as Answer;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** What is said when something is wrong: where, what, and that nothing was changed. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidDocument::class, UnknownThing::class, StalePlan::class]);
        // A query's message holds what was bound to it, which may be a whole plan: its statement and the reason are enough.
        $exceptions->report(static function (QueryException $e): bool {
            Log::error('A query failed: '.$e->getSql(), ['reason' => $e->getPrevious()?->getMessage()]);

            return false;
        });
        $exceptions->render(
            static fn (InvalidDocument $e, Request $request): Response => self::answer($request, self::sentences($e, $request)),
        );
        // Who asked for data is told in data, as the framework does it.
        $exceptions->render(
            static fn (ValidationException $e, Request $request): ?Response => $request->expectsJson()
                ? null
                : self::answer($request, $e->errors()),
        );
        $exceptions->render(
            static fn (UnknownThing $e): Response => response()->view(
                'problem',
                ['title' => 'Not in this plan', 'lines' => [$e->getMessage()]],
                404,
            ),
        );
        $exceptions->render(
            static fn (AccessDeniedHttpException $e, Request $request): ?Response => $request->expectsJson()
                ? null
                : response()->view('problem', ['title' => __('access.not_yours'), 'lines' => [$e->getMessage()]], 403),
        );
        // Nothing of what failed to be kept was kept: each change is one transaction.
        $exceptions->render(static fn (\PDOException $e, Request $request): ?Answer => self::unkept($e, $request));
        $exceptions->render(
            static fn (PostTooLargeException $e): Response => response()->view(
                'problem',
                ['title' => 'Too large', 'lines' => ['The file is larger than 10 MB; a plan is far smaller. Nothing was imported.']],
                422,
            ),
        );
        $exceptions->render(static fn (StalePlan $e, Request $request): Response => self::stale($e, $request));
    }

    /** @param  array<string, list<string>>  $errors by field or pointer */
    private static function answer(Request $request, array $errors): Response
    {
        $shoot = $request->route('shoot');
        view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag($errors)));
        if ($request->hasSession()) {
            $request->flash();
        }
        app()->instance('typed', $request->input());
        if ($shoot instanceof Shoot) {
            $work = app(Desk::class)->workspace($request, $shoot->refresh());

            return $request->hasHeader('HX-Request')
                ? response()->view('plan.parts', ['work' => $work, 'said' => ''], 422)
                : response()->view('plan.page', ['work' => $work], 422);
        }

        return response()->view('home', ['desk' => HomeDesk::of(Visitor::now())], 422);
    }

    /** @return array<string, list<string>> */
    private static function sentences(InvalidDocument $e, Request $request): array
    {
        $shoot = $request->route('shoot');
        $desk = app(Desk::class);
        $plan = $shoot instanceof Shoot ? $desk->store->open($shoot) : null;
        $errors = [];
        foreach ($e->problems as $problem) {
            $where = $plan === null ? $problem->pointer : Pointers::byId($plan, $problem->pointer);
            $sentence = $problem->sentence($desk->reader->units);
            $errors[$where === '' ? 'plan' : $where][] = $plan === null && $problem->pointer !== '' && ! str_ends_with($sentence, '.')
                ? "$problem->pointer $sentence."
                : ucfirst($sentence);
        }

        return $errors;
    }

    private static function unkept(\PDOException $e, Request $request): ?Answer
    {
        // A query’s own message holds what was bound to it.
        $why = $e instanceof QueryException ? (string) $e->getPrevious()?->getMessage() : $e->getMessage();
        $case = match (true) {
            // On a full disk SQLite takes the change back by itself, before the framework can.
            str_contains($why, 'full'), str_contains($why, 'no transaction is active') => 'full',
            str_contains($why, 'readonly') => 'readonly',
            str_contains($why, 'locked') => 'locked',
            default => null,
        };

        return match (true) {
            $case === null => null,
            $request->expectsJson() => new JsonResponse(['message' => __("access.unkept.$case")], 503),
            default => response()->view('problem', ['title' => __('access.unkept.title'), 'lines' => [__("access.unkept.$case")]], 503),
        };
    }

    private static function stale(StalePlan $e, Request $request): Response
    {
        $stale = new StaleView($e, app(Desk::class)->reader);
        if ($request->hasHeader('HX-Request')) {
            return response()->view(
                'plan.stale-part',
                ['stale' => $stale, 'work' => app(Desk::class)->workspace($request, $e->shoot)],
                409,
            );
        }

        return response()->view('stale', ['stale' => $stale, 'work' => app(Desk::class)->workspace($request, $e->shoot)], 409);
    }
}
