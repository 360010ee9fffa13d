<?php

declare(strict_types=1);

use App\Access\Links;
use App\Access\Role;
use App\Models\Audit;
use App\Models\Link;
use App\Models\Owner;
use App\Models\Shoot;
use App\Plans\PlanStore;
use Carbon\CarbonImmutable;
use FineFrame\Plan\PlanReader;
use Illuminate\Support\Facades\Route;
use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

/*
 * Who may see and do what, where a crew is served: by route, by page, by role.
 */

/** What a role’s link opens, beside its pages; written here anew, so that a slip in the code is seen. */
const OPENS = [
    'crew' => ['version', 'pack.pages', 'log', 'photos.show', 'export.call', 'export.cards', 'export.calendar', 'export.sheet', 'export.pack', 'export.safety', 'export.sound', 'export.frame', 'export.floor', 'export.packTable', 'export.labels', 'export.day'],
    'sound' => ['version', 'pack.pages', 'log', 'export.call', 'export.sound', 'export.calendar', 'export.day'],
    'venue' => ['version', 'pack.pages', 'log', 'export.safety', 'export.floor'],
    'client' => ['version', 'pack.pages', 'export.contact', 'export.frame'],
    'editor' => ['version', 'pack.pages', 'log', 'export.contact', 'export.takes', 'export.frame', 'export.moment'],
];
const MARK = ['crew', 'sound', 'venue'];

beforeEach(function (): void {
    [$this->isolde, $this->odo, $this->wren] = array_map(
        static fn (string $name): Owner => Owner::query()->create(['name' => $name, 'password' => 'a tide of ten']),
        ['Isolde', 'Odo', 'Wren'],
    );
    $this->shoot = $this->demo();
    $this->shoot->update(['owner_id' => $this->odo->id]);
    $this->shoot->partners()->attach($this->wren->id);
    config(['fineframe.crew' => true]);
    $this->withCredentials();
    $this->make = function (Role $role, string $setup = '', bool $marks = true, int $days = 14): array {
        return app(Links::class)->make($this->shoot, $role, 'Ansel', $setup, $marks, CarbonImmutable::now()->addDays($days));
    };
    $this->with = fn (array $made): mixed => $this->withCookie('links', json_encode([$made['link']->shoot_id => $made['token']]));
});

/** @return list<array{string, string, string}> method, address and name of everything under a shoot, save its pages */
function routesOf(Shoot $shoot): array
{
    $all = [];
    foreach (Route::getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'shoots/{shoot}') && $route->getName() !== 'stage') {
            $uri = '/'.str_replace(
                ['{shoot}', '{what}', '{camera}', '{move}', '{file}', '{microphone}', '{link}'],
                [$shoot->id, 'csv', 'cam-a', 'none', 'none', 'none', '0'],
                $route->uri(),
            );
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $all[] = [$method, $uri, (string) $route->getName()];
            }
        }
    }

    return $all;
}

it('opens nothing to another owner, and everything to who plans it', function (): void {
    foreach (routesOf($this->shoot) as [$method, $uri]) {
        expect($this->actingAs($this->isolde)->call($method, $uri)->getStatusCode())->toBe(404, "$method $uri");
    }
    $this->actingAs($this->isolde)->get("/shoots/{$this->shoot->id}/rig")->assertNotFound();
    $this->actingAs($this->isolde)->get('/')->assertOk()->assertDontSee('The miller');
    foreach ([$this->odo, $this->wren] as $who) {
        $this->actingAs($who)->get("/shoots/{$this->shoot->id}/rig")->assertOk();
        $this->actingAs($who)->get('/')->assertSee('The miller');
        $this->actingAs($who)->post("/shoots/{$this->shoot->id}/undo", ['version' => 1])->assertRedirect();
    }
});

it('opens the routes of its role to a link, and no other', function (string $role): void {
    ($this->with)(($this->make)(Role::from($role)));
    foreach (routesOf($this->shoot) as [$method, $uri, $name]) {
        // Slow papers are drawn by tests of their own.
        if (in_array($name, ['export.contact', 'export.cards', 'export.pack'], true)) {
            continue;
        }
        $isOpen = $method === 'GET' ? in_array($name, OPENS[$role], true) : $uri === "/shoots/{$this->shoot->id}/log" && in_array($role, MARK, true);
        $status = $method === 'GET' ? $this->get($uri)->getStatusCode() : $this->{strtolower($method)}($uri, ['device' => 'd', 'now_ms' => 1, 'marks' => []])->getStatusCode();
        $isOpen
            ? expect($status)->not->toBeIn([401, 403, 410], "$role: $method $uri")
            : expect($status)->toBeIn([403, 404], "$role: $method $uri");
    }
    foreach (['/shoots' => 'POST', '/account' => 'GET', '/everything.zip' => 'GET'] as $uri => $method) {
        $this->{strtolower($method)}($uri)->assertForbidden();
    }
})->with(array_keys(OPENS));

it('shows a role its pages, without forms, cards and what is not theirs', function (string $role, string $page, array $sees, array $not): void {
    ($this->with)(($this->make)(Role::from($role)));
    $answer = $this->get("/shoots/{$this->shoot->id}/$page")->assertOk();
    foreach ($sees as $words) {
        $answer->assertSee($words, false);
    }
    foreach (['hx-post=', 'Add camera', 'Undo', ...$not] as $words) {
        $answer->assertDontSee($words, false);
    }
})->with([
    'crew, the day' => ['crew', 'rundown', ['Call sheet', 'Verdicts'], ['Mend:', 'Crew and call times']],
    'sound' => ['sound', 'sound?look=tracks', ['Sound sheet'], ['Pack list', 'Mend:']],
    'venue, safety' => ['venue', 'rig?look=safety', ['Ways out', 'Safety sheet'], ['Call sheet', 'id="tally"', 'class="findings"']],
    'client, frames' => ['client', 'cameras', ['class="picture"', 'Frames on one sheet'], ['Call sheet', 'id="tally"', 'breaks']],
    'editor' => ['editor', 'wrap', ['Takes and marks'], ['Call sheet', 'id="tally"']],
]);

it('keeps pages of other roles shut', function (string $role, string $page): void {
    ($this->with)(($this->make)(Role::from($role)));
    $this->get("/shoots/{$this->shoot->id}/$page")->assertForbidden()->assertSee('not shared with you');
})->with([
    ['crew', 'brief'], ['crew', 'cameras?look=kit'], ['crew', 'scout?look=notes'], ['sound', 'pack'], ['sound', 'light'], ['venue', 'rundown?look=today'],
    ['venue', 'scout'], ['venue', 'sound'], ['client', 'rig'], ['client', 'brief'], ['client', 'rundown?look=cues'], ['editor', 'wrap?look=restore'],
    ['editor', 'rundown'],
]);

it('gives out no number to a venue and a client, and none of the plan file', function (string $role): void {
    $json = str_replace('"crew": [', '"crew": [{"id": "zz", "name": "Zed", "does": "runs", "from": "08:00", "to": "20:00", "contact": "0100-555-0199"},', $this->demoFile(), $times);
    expect($times)->toBe(1);
    $this->shoot = app(PlanStore::class)->create(PlanReader::json($json), 'With a number');
    ($this->with)(($this->make)(Role::from($role)));
    foreach ((Role::from($role))->pages() as $stage => $looks) {
        foreach ($looks as $look) {
            expect($this->get("/shoots/{$this->shoot->id}/$stage?look=$look")->assertOk()->getContent())->not->toContain('0100-555-0199');
        }
    }
    $this->get("/shoots/{$this->shoot->id}/plan.fineframe.json")->assertForbidden();
    $this->get("/shoots/{$this->shoot->id}/pack.html")->assertForbidden();
})->with(['venue', 'client']);

it('shows one setup by a link to it, whatever is asked for', function (): void {
    ($this->with)(($this->make)(Role::Crew, 'duo'));
    $at = "/shoots/{$this->shoot->id}";
    $this->get("$at/stage")->assertOk()->assertSee('grain loft')->assertDontSee('class="places"', false);
    $this->get("$at/stage?place=talk")->assertOk()->assertDontSee('id="thing-miller"', false);
    $this->get("$at/pack")->assertForbidden();
    $this->get("$at/rundown?look=hours")->assertForbidden();
    $this->get("$at/call.pdf")->assertForbidden();
    foreach ($this->getJson("$at/pack.json")->assertOk()->json('pages') as $page) {
        expect($page['url'])->not->toContain('place=talk');
        $this->get($page['url'])->assertOk();
    }
});

it('is entered by its address, once opened by its cookie, until it ends', function (): void {
    $made = ($this->make)(Role::Venue);
    expect($made['token'])->toMatch('/^[A-Za-z0-9_-]{22}$/');
    expect(json_encode($made['link']->fresh()->getAttributes()))->not->toContain($made['token']);
    $answer = $this->get("/with/{$made['token']}")->assertRedirect("/shoots/{$this->shoot->id}/rig");
    $answer->assertCookie('links');
    $this->get('/with/'.str_repeat('A', 22))->assertNotFound();
    ($this->with)($made);
    $this->get('/')->assertRedirect("/shoots/{$this->shoot->id}/rig");
    $this->get("/shoots/{$this->shoot->id}/rig")->assertOk();
    $other = $this->demo();
    $this->get("/shoots/$other->id/rig")->assertRedirect('/sign-in');
    app()->instance(ClockInterface::class, new MockClock('+15 days'));
    $this->get("/shoots/{$this->shoot->id}/rig")->assertStatus(410);
});

it('ends at once when it is taken back, and keeps the marks that had arrived', function (): void {
    $made = ($this->make)(Role::Crew);
    ($this->with)($made);
    $log = "/shoots/{$this->shoot->id}/log";
    $mark = fn (int $n): array => ['device' => 'd-1', 'now_ms' => 1, 'marks' => [['id' => "d-1:$n", 'device' => 'd-1', 'n' => $n, 'at_ms' => $n, 'kind' => 'tick', 'item' => 'a', 'on' => true, 'who' => 'Ansel']]];
    $this->postJson($log, $mark(1))->assertOk();
    $this->actingAs($this->odo)->post("/shoots/{$this->shoot->id}/share/{$made['link']->id}/revoke")->assertRedirect();
    auth()->guard('web')->logout();
    $this->postJson($log, $mark(2))->assertStatus(410)->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'taken back'));
    $this->get("/shoots/{$this->shoot->id}/rig")->assertStatus(410);
    $this->getJson("/shoots/{$this->shoot->id}/pack.json")->assertStatus(410);
    $this->get("/with/{$made['token']}")->assertStatus(410);
    // A new link on the same phone: what waited there arrives now.
    ($this->with)(($this->make)(Role::Crew));
    expect($this->postJson($log, $mark(2))->assertOk()->json('kept'))->toBe(['d-1:2']);
});

it('reads and marks nothing by a link that may not', function (): void {
    ($this->with)(($this->make)(Role::Crew, '', false));
    $this->getJson("/shoots/{$this->shoot->id}/log")->assertOk();
    $this->postJson("/shoots/{$this->shoot->id}/log", ['device' => 'd', 'now_ms' => 1, 'marks' => []])->assertForbidden();
    $this->get("/shoots/{$this->shoot->id}/wrap")->assertSee('data-no-marks', false);
});

it('writes down who opened what, and tells no address of a link', function (): void {
    $made = ($this->make)(Role::Venue);
    $this->get("/with/{$made['token']}");
    ($this->with)($made);
    $this->get("/shoots/{$this->shoot->id}/rig?look=safety")->assertOk();
    $this->get("/shoots/{$this->shoot->id}/rig?look=safety")->assertOk();
    expect(Audit::query()->where('link_id', $made['link']->id)->pluck('about', 'did')->all())->toBe(['entered' => 'Ansel', 'opened' => 'rig, safety']);
    expect(Audit::query()->get()->toJson())->not->toContain($made['token']);
    $this->actingAs($this->odo)->get("/shoots/{$this->shoot->id}/share")->assertOk()->assertSee('rig, safety')->assertDontSee($made['token']);
});

it('makes a link from the page and tells it once', function (): void {
    $this->actingAs($this->odo);
    $at = "/shoots/{$this->shoot->id}/share";
    $this->post($at, ['name' => 'Ansel', 'role' => 'sound', 'days' => '3', 'marks' => '1', 'setup' => 'talk'])->assertRedirect($at);
    $this->get($at)->assertSee('shown once')->assertSee('/with/');
    $this->get($at)->assertDontSee('/with/');
    expect(Link::query()->sole())->role->toBe(Role::Sound)->setup->toBe('talk')->marks->toBeTrue();
    foreach ([['name' => ''], ['role' => 'king'], ['days' => '0'], ['days' => '9999'], ['setup' => 'none']] as $wrong) {
        $this->post($at, $wrong + ['name' => 'Ansel', 'role' => 'sound', 'days' => '3'])->assertStatus(422);
    }
    expect(Link::query()->count())->toBe(1);
});

it('keeps the first owner what was planned without signing in, and owners apart', function (): void {
    config(['fineframe.crew' => false]);
    $here = $this->demo();
    config(['fineframe.crew' => true]);
    $this->actingAs($this->isolde)->get("/shoots/$here->id/rig")->assertOk();
    $this->actingAs($this->odo)->get("/shoots/$here->id/rig")->assertNotFound();
    $this->actingAs($this->odo)->post('/shoots', ['title' => 'Mine', 'place' => 'A shed'])->assertRedirect();
    expect(Shoot::query()->where('title', 'Mine')->sole()->owner_id)->toBe($this->odo->id);
    $this->actingAs($this->odo)->get('/everything.zip')->assertForbidden();
});
