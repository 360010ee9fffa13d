<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Audits;
use App\Access\Links;
use App\Http\Requests\ShareRequest;
use App\Http\Where;
use App\Models\Link;
use App\Models\Owner;
use App\Models\Shoot;
use App\View\ShareDesk;
use Carbon\CarbonImmutable;
use FineFrame\Plan\Setup;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** Sharing a shoot: links made and taken back, and others who plan it as well. */
final readonly class ShareController
{
    public function __construct(private Desk $desk, private Links $links, private Audits $audits, private ClockInterface $clock)
    {
    }

    public function index(Shoot $shoot): View
    {
        return view('share', ['desk' => new ShareDesk($shoot, $this->desk->store->open($shoot), $this->now())]);
    }

    /** @throws ValidationException if the setup is none of the shoot’s */
    public function store(ShareRequest $request, Shoot $shoot): RedirectResponse
    {
        $setup = Where::word($request, 'setup');
        $setups = array_map(static fn (Setup $s): string => $s->id, $this->desk->store->open($shoot)->setups);
        if ($setup !== '' && ! in_array($setup, $setups, true)) {
            throw ValidationException::withMessages(['setup' => __('access.wrong.setup')]);
        }
        $made = $this->links->make(
            $shoot,
            $request->role(),
            $request->string('name')->toString(),
            $setup,
            $request->boolean('marks'),
            $request->until($this->now()),
        );
        $this->audits->note('shared', $shoot->id, $made['link']->name.', '.__("access.roles.{$made['link']->role->value}"));

        return redirect()->route('share', $shoot->id)->with('made', route('with', $made['token']));
    }

    public function revoke(Shoot $shoot, Link $link): RedirectResponse
    {
        $this->links->revoke($link);
        $this->audits->note('revoked', $shoot->id, $link->name);

        return redirect()->route('share', $shoot->id)->with('said', __('access.revoked', ['name' => $link->name]));
    }

    public function partner(Request $request, Shoot $shoot): RedirectResponse
    {
        $owner = Owner::query()->find((int) Where::word($request, 'owner'));
        if ($owner === null) {
            throw ValidationException::withMessages(['owner' => __('access.wrong.owner')]);
        }
        $isOff = Where::word($request, 'off') === '1';
        if ($isOff) {
            $shoot->partners()->detach($owner->id);
        } else {
            $shoot->partners()->syncWithoutDetaching([$owner->id]);
        }
        $this->audits->note($isOff ? 'parted' : 'joined', $shoot->id, $owner->name);

        return redirect()->route('share', $shoot->id);
    }

    private function now(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }
}
