<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\Plans\Looked;
use App\Plans\PlanStore;
use App\View\Reader;
use App\View\Workspace;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Location;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\ShootPlan;
use FineFrame\Space\PlacedRoom;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Lays out a shoot for the reader: the whole page, the parts that changed, or a redirect where pages work without scripts. */
final readonly class Desk
{
    public function __construct(public PlanStore $store, private Judge $judge, public Reader $reader)
    {
    }

    /** One word that the reader sent; whatever is no word counts as nothing. */
    public static function word(Request $request, string $key): string
    {
        $value = $request->input($key);

        return is_string($value) ? $value : '';
    }

    private static function routed(Request $request): string
    {
        $stage = $request->route('stage');

        return is_string($stage) ? $stage : '';
    }

    /** What the reader is at: the first setup, or the setup or place they chose. */
    public function setup(Request $request, ShootPlan $plan): SetupPlan
    {
        $place = self::word($request, 'place');

        return $place === '' ? $plan->setup() : $plan->at($place);
    }

    /** Which of a place's rooms is being taped: the first, or the one they chose. */
    public function room(Request $request, Location $place): PlacedRoom
    {
        return $place->rooms->called(self::word($request, 'room'));
    }

    /** @param  Looked|null  $looked  what is otherwise only to look; null for what the reader chose */
    public function workspace(Request $request, Shoot $shoot, ?ShootPlan $plan = null, bool $mends = true, ?Looked $looked = null): Workspace
    {
        $plan ??= $this->store->open($shoot);
        $stage = Stage::tryFrom(self::word($request, 'stage') ?: self::routed($request)) ?? Stage::Cameras;
        $look = self::word($request, 'look');
        $selected = self::word($request, 'select');

        $looked ??= Looked::of($request);

        return new Workspace(
            $shoot,
            $looked->applied($setup = $this->setup($request, $plan)),
            $stage,
            isset(Workspace::looksOf($stage)[$look]) ? $look : (string) array_key_first(Workspace::looksOf($stage)),
            $selected === '' ? match ($stage) {
                Stage::Brief => 'brief',
                Stage::Measure => 'tape',
                Stage::Scout => $look === 'compare' ? 'weights' : 'place',
                default => null,
            } : ($selected === 'none' ? null : $selected),
            $this->reader,
            $this->judge,
            $mends,
            self::word($request, 'room'),
            $looked,
            $setup,
            self::word($request, 'later') !== '',
            max(0, (int) self::word($request, 'from')),
        );
    }

    /** After a change: the parts of the page by htmx, or back to the page. */
    public function changed(Request $request, Shoot $shoot, string $said = ''): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? $this->parts($this->workspace($request, $shoot), $said)
            : redirect()->to($this->workspace($request, $shoot)->url())->with('said', $said);
    }

    public function parts(Workspace $workspace, string $said = '', int $status = 200): Response
    {
        return response()->view('plan.parts', ['work' => $workspace, 'said' => $said], $status);
    }
}
