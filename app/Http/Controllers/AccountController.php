<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Access\Sessions;
use App\Access\Visitor;
use App\Http\Where;
use App\Keep\Copies;
use App\Models\Owner;
use App\View\AccountDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Whoever is signed in: where else, by which password, and what was done. */
final readonly class AccountController
{
    public function __construct(private Sessions $sessions, private Audits $audits, private Copies $copies)
    {
    }

    public function show(Request $request): View
    {
        return view('account', ['desk' => new AccountDesk(Visitor::now(), $this->sessions, $this->copies, $request->session()->getId())]);
    }

    /** @throws ValidationException if the old one is not theirs, or the new one is short */
    public function password(Request $request): RedirectResponse
    {
        $owner = self::owner();
        [$old, $new] = [Where::word($request, 'old'), Where::word($request, 'new')];
        if (! Hash::check($old, $owner->password)) {
            throw ValidationException::withMessages(['old' => __('access.wrong.password')])->redirectTo(route('account'));
        }
        if (mb_strlen($new) < Owner::LEAST) {
            throw ValidationException::withMessages(['new' => __('access.wrong.short')])->redirectTo(route('account'));
        }
        $owner->update(['password' => $new]);
        $this->sessions->endOthers($owner, $request->session()->getId());
        $this->audits->note('password');

        return redirect()->route('account')->with('said', __('access.password_set'));
    }

    public function end(Request $request): RedirectResponse
    {
        $this->sessions->end(self::owner(), Where::word($request, 'session'));
        $this->audits->note('ended');

        return redirect()->route('account')->with('said', __('access.session_ended'));
    }

    private static function owner(): Owner
    {
        return Visitor::now()->owner ?? abort(404);
    }
}
