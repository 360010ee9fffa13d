<?php

declare(strict_types=1);

use App\Access\Links;
use App\Access\Role;
use App\Models\Owner;
use Carbon\CarbonImmutable;
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
    ($this->tries)('another one')->assertUnprocessable()->assertSee('do not go together');
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
