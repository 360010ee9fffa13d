<?php

declare(strict_types=1);

use App\Access\Links;
use App\Access\Role;
use App\Models\Audit;
use App\Models\Owner;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->tries = fn (string $password) => $this->post('/sign-in', ['name' => 'Isolde', 'password' => $password]);
});

it('asks nobody on this machine to sign in', function (): void {
    $this->get("/shoots/{$this->shoot->id}/cameras")->assertOk();
});

it('shows a crew nothing before it has signed in, on any of its pages', function (): void {
    config(['fineframe.crew' => true]);
    $link = app(Links::class)->make($this->shoot, Role::Crew, 'Ansel', '', true, CarbonImmutable::now()->addDay())['link']->id;
    foreach (Route::getRoutes() as $route) {
        if (in_array('web', $route->gatherMiddleware(), true) && ! in_array($route->uri(), ['sign-in', 'with/{token}'], true)) {
            $uri = '/'.str_replace(['{shoot}', '{stage?}', '{what}', '{camera}', '{move}', '{file}', '{microphone}', '{sound}', '{link}'], [$this->shoot->id, 'cameras', 'csv', 'cam-a', 'm', 'f', 'boom', 's', $link], ltrim($route->uri(), '/'));
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $this->call($method, $uri)->assertRedirect('/sign-in');
            }
        }
    }
    $this->getJson("/shoots/{$this->shoot->id}/log")->assertUnauthorized();
    $this->get("/shoots/{$this->shoot->id}/cameras", ['HX-Request' => 'true'])->assertUnauthorized()->assertHeader('HX-Redirect');
});

it('lets in who knows the password, keeps it hashed, and out who has signed out', function (): void {
    config(['fineframe.crew' => true]);
    $owner = Owner::query()->create(['name' => 'Isolde', 'password' => 'a tide of ten']);
    expect($owner->password)->not->toContain('tide')->and(password_verify('a tide of ten', $owner->password))->toBeTrue();
    ($this->tries)('another one')->assertUnprocessable()->assertSee('don’t match');
    $this->get("/shoots/{$this->shoot->id}/cameras");
    ($this->tries)('a tide of ten')->assertRedirect("/shoots/{$this->shoot->id}/cameras");
    $this->get("/shoots/{$this->shoot->id}/cameras")->assertOk()->assertSee('The miller’s talk');
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->get("/shoots/{$this->shoot->id}/cameras")->assertRedirect('/sign-in');
});

it('waits after five wrong tries, even for the right password', function (): void {
    config(['fineframe.crew' => true]);
    Owner::query()->create(['name' => 'Isolde', 'password' => 'a tide of ten']);
    for ($i = 0; $i < 5; $i++) {
        ($this->tries)("guess $i of many")->assertUnprocessable();
    }
    ($this->tries)('a tide of ten')->assertStatus(429)->assertSee('Too many tries');
});

it('makes an owner on the command line, with a password that is long enough', function (): void {
    $this->artisan('fineframe:owner', ['name' => 'Bram'])->expectsQuestion('Password, 10 characters or more', 'short')->assertFailed();
    $this->artisan('fineframe:owner', ['name' => 'Bram'])->expectsQuestion('Password, 10 characters or more', 'long enough now')->assertSuccessful();
    $this->artisan('fineframe:owner', ['--count' => true])->expectsOutput('1')->assertSuccessful();
});

it('believes a proxy of its own, and nobody else, where somebody comes from', function (string $proxy, string $written): void {
    config(['fineframe.crew' => true, 'fineframe.proxy' => $proxy]);
    $this->post('/sign-in', ['name' => 'Isolde', 'password' => 'none'], ['X-Forwarded-For' => '203.0.113.9'])->assertUnprocessable();
    expect(Audit::query()->sole())->did->toBe('refused')->who->toBe('Isolde')->address->toBe($written);
})->with([['', '127.0.0.1'], ['127.0.0.1', '203.0.113.9'], ['192.0.2.1', '127.0.0.1']]);

it('refuses a request that is larger than what it is for', function (): void {
    $at = "/shoots/{$this->shoot->id}";
    $this->call('POST', "$at/edit", [], [], [], ['CONTENT_LENGTH' => '2000001'])->assertStatus(422)->assertSee('Too large');
    expect($this->call('POST', "$at/photos", [], [], [], ['CONTENT_LENGTH' => '2000001'])->getContent())->not->toContain('Too large');
});

it('slows down who asks more often than any hand does', function (): void {
    config(['fineframe.crew' => true]);
    for ($i = 0; $i < 30; $i++) {
        $this->get('/with/'.str_repeat('A', 22))->assertNotFound();
    }
    $this->get('/with/'.str_repeat('A', 22))->assertTooManyRequests();
});

it('lists sessions where they are kept, ends one, and signs others out with a new password', function (): void {
    config(['fineframe.crew' => true, 'session.driver' => 'database']);
    $owner = Owner::query()->create(['name' => 'Isolde', 'password' => 'a tide of ten']);
    $other = ['id' => str_repeat('x', 40), 'user_id' => $owner->id, 'ip_address' => '192.0.2.7', 'user_agent' => 'Mozilla (Android) Firefox/1', 'payload' => '', 'last_activity' => time()];
    DB::table('sessions')->insert($other);
    $this->actingAs($owner);
    $page = (string) $this->get('/account')->assertOk()->assertSee('Firefox, Android')->assertSee('192.0.2.7')->getContent();
    expect($page)->not->toContain($other['id']);
    preg_match('/name="session" value="([0-9a-f]{16})"/', $page, $key);
    $this->post('/account/sessions', ['session' => $key[1]])->assertRedirect('/account');
    expect(DB::table('sessions')->where('id', $other['id'])->exists())->toBeFalse();
    DB::table('sessions')->insert($other);
    $this->post('/account/password', ['old' => 'wrong', 'new' => 'another tide of ten'])->assertStatus(422)->assertSee('not your password');
    $this->post('/account/password', ['old' => 'a tide of ten', 'new' => 'short'])->assertStatus(422)->assertSee('Ten characters');
    expect(DB::table('sessions')->where('id', $other['id'])->exists())->toBeTrue();
    $this->post('/account/password', ['old' => 'a tide of ten', 'new' => 'another tide of ten'])->assertRedirect('/account');
    expect(DB::table('sessions')->where('id', $other['id'])->exists())->toBeFalse()
        ->and(password_verify('another tide of ten', $owner->fresh()->password))->toBeTrue();
});
