<?php

declare(strict_types=1);

use App\Models\Shoot;
use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Log;

it('answers to its own names alone', function (string $host, int $status): void {
    config(['fineframe.hosts' => 'studio.local, Truck']);
    expect($this->get("http://$host/")->status())->toBe($status);
})->with(
    [
        ['localhost:8000', 200],
        ['127.0.0.1', 200],
        ['studio.local', 200],
        ['truck:80', 200],
        ['evil.example', 421],
        ['localhost.evil.example', 421],
        ['127.0.0.1.evil.example:8000', 421],
    ],
);

it('refuses lists where a word is wanted, and keeps nothing', function (): void {
    $this->post('/shoots', ['title' => ['x'], 'place' => 'here'])->assertStatus(422)->assertSee('Enter one value here');
    expect(Shoot::query()->count())->toBe(0);
});

it('refuses an edit that no page could open again', function (string $edit, string $says): void {
    $shoot = $this->demo();
    $this->post("/shoots/$shoot->id/edit", ['version' => 1, 'stage' => 'cameras', 'edit' => $edit])->assertStatus(422)->assertSee($says);
    expect($shoot->refresh()->version)->toBe(1);
    $this->get("/shoots/$shoot->id/cameras")->assertOk();
})->with([
    'a number past all numbers' => ['{"/setups/talk/lights/key":{"x_m":1e999}}', 'Is larger than a number can be'],
    'one that stands alone' => ['{"/setups/talk/lights/key/x_m":1e999}', 'Is larger than a number can be'],
    'a name of a null byte' => ['{"/\u0000":1}', 'Leads nowhere in this plan'],
    'a name of digits' => ['{"0":1}', '“0” is none'],
]);

it('names the place of a number that JSON cannot hold', function (): void {
    expect(
        fn () => CanonicalJson::read('{"a":[1,{"b":-1e400}],"c":1e300}'),
    )->toThrow(InvalidDocument::class, '/a/1/b: is larger than a number can be')
        ->and(CanonicalJson::read('{"c":1e300}')->c)->toBe(1e300);
});

it('refuses a plan that would grow past what it reads', function (): void {
    $shoot = $this->demo();
    // Written with its indents, a list of nothings takes thrice its bytes.
    $plan = json_decode($shoot->head->plan, true);
    $plan['notes'] = array_fill(0, 1_500_000, 0);
    $this
        ->post('/shoots/import', ['plan' => UploadedFile::fake()->createWithContent('plan.json', (string) json_encode($plan))])
        ->assertStatus(422)
        ->assertSee('would exceed 10 MB');
});

it('opens pages about pictures that have no file', function (): void {
    $plan = json_decode($this->demoFile(), true);
    $plan['locations'][0]['scouted']['photos'] = [['id' => 'p1', 'caption' => 'nothing']];
    $plan['locations'][0]['space']['underlay'] = ['file' => '', 'width_px' => 100, 'height_px' => 100, 'metres_a_pixel' => 0.01];
    $this->post(
        '/shoots/import',
        ['plan' => UploadedFile::fake()->createWithContent('plan.json', (string) json_encode($plan))],
    )->assertRedirect();
    $shoot = Shoot::query()->firstOrFail();
    foreach (['scout?look=photos', 'scout?look=compare', 'measure', 'brief'] as $page) {
        $this->get("/shoots/$shoot->id/$page")->assertOk();
    }
});

it('refuses damaged pictures and odd sizes with a sentence', function (): void {
    $shoot = $this->demo();
    $jpeg = (string) UploadedFile::fake()->image('wall.jpg', 60, 40)->get();
    foreach ([
        'cut.jpg' => substr($jpeg, 0, 200),
        'odd.gif' => "GIF89a\x01\x00\x01\x00\x80\x00\x00",
        'words.jpg' => 'words',
    ] as $name => $bytes) {
        $this
            ->post("/shoots/$shoot->id/photos", ['version' => 1, 'photos' => [UploadedFile::fake()->createWithContent($name, $bytes)]])
            ->assertStatus(422)
            ->assertSee($name);
    }
    expect(
        $this->post(
            "/shoots/$shoot->id/shape",
            ['version' => 1, 'shape' => '99999999999999999999999', 'width' => '5', 'depth' => '4'],
        )->status(),
    )->toBeLessThan(500)
        ->and(
            $this->post(
                "/shoots/$shoot->id/bring",
                ['version' => 1, 'what' => 'readings', 'file' => UploadedFile::fake()->createWithContent('r.csv', "list,9\nlight,3")],
            )->status(),
        )->toBe(422);
});

it('keeps plans out of the log', function (): void {
    Log::spy();
    report(new QueryException('sqlite', 'update revisions set plan = ?', ['the whole plan'], new RuntimeException('database is locked')));
    Log::shouldHaveReceived('error')->withArgs(
        fn (string $message, array $context): bool => ! str_contains(
            $message.json_encode($context),
            'the whole plan',
        ) && $context['reason'] === 'database is locked',
    )->once();
});

it('shows daylight for a recording of five minutes', function (): void {
    $plan = json_decode($this->demoFile(), true);
    $plan['brief']['days'][0]['to'] = '10:35';
    $this->post(
        '/shoots/import',
        ['plan' => UploadedFile::fake()->createWithContent('plan.json', (string) json_encode($plan))],
    )->assertRedirect();
    $shoot = Shoot::query()->firstOrFail();
    foreach (['light', 'light?look=day', 'contact.pdf'] as $page) {
        $this->get("/shoots/$shoot->id/$page")->assertOk();
    }
});
