<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Http\Where;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** Signing in and out, by the framework’s own guard; five tries a minute for each name and address. */
final readonly class SignInController
{
    private const TRIES = 5;

    public function __construct(private Audits $audits)
    {
    }

    public function create(): Response
    {
        return response()->view('sign-in');
    }

    public function store(Request $request): Response|RedirectResponse
    {
        $name = Where::word($request, 'name');
        $key = 'sign-in:'.mb_strtolower($name).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            return $this->again($name, 'Too many tries. Wait '.RateLimiter::availableIn($key).' s.', 429);
        }
        if (! Auth::attempt(['name' => $name, 'password' => Where::word($request, 'password')])) {
            RateLimiter::hit($key);
            $this->audits->note('refused', who: $name);

            return $this->again($name, 'Name and password don’t match.', 422);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();
        $this->audits->note('signed-in');

        return redirect()->intended(route('home'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        $this->audits->note('signed-out');
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    private function again(string $name, string $wrong, int $status): Response
    {
        return response()->view('sign-in', ['name' => $name, 'wrong' => $wrong], $status);
    }
}
