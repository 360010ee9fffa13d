<?php

declare(strict_types=1);

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\Edit;
use Illuminate\Support\Facades\Cache;
use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

function noises(Shoot $shoot): array
{
    return app(PlanStore::class)->open($shoot->refresh())->location('stone-room')->list('noise');
}

function sent(array $rows, array $was = [], string $drop = '', int $version = 1): array
{
    return [
        'version' => $version, 'stage' => 'scout', 'look' => 'notes', 'sheet' => 'noise', 'merge' => '1',
        'rows' => $rows, 'was' => $was, 'drop' => $drop,
    ];
}

it('lays rows that were written offline over a list that grew meanwhile', function (): void {
    $shoot = $this->demo();
    $before = noises($shoot);
    $id = $before[0]->id;
    $level = (string) $before[0]->number('level_dba');
    $shoot = app(PlanStore::class)->commit(
        $shoot,
        1,
        new Edit(['/locations/stone-room/scouted/noise/-' => ['id' => 'theirs', 'name' => 'a boat', 'level_dba' => 44.0]]),
        'Theirs',
    );
    $this->post(
        "/shoots/$shoot->id/sheet",
        sent(
            [['id' => '', 'name' => 'gulls', 'level_dba' => '51'], ['id' => $id, 'level_dba' => '33']],
            [['name' => ''], ['level_dba' => $level]],
        ),
    )->assertRedirect();

    $after = array_column(array_map(fn ($r): array => $r->write(), noises($shoot)), null, 'name');
    expect($after)
        ->toHaveCount(count($before) + 2)
        ->and($after['gulls']['level_dba'])
        ->toBe(51.0)
        ->and($after['a boat']['level_dba'])
        ->toBe(44.0)
        ->and($after[$before[0]->text('name')]['level_dba'])
        ->toBe(33.0);
});

it('shows both where one field was changed on both sides, and keeps theirs until somebody chooses', function (): void {
    $shoot = $this->demo();
    $row = noises($shoot)[0];
    $shoot = app(PlanStore::class)->commit(
        $shoot,
        1,
        new Edit(["/locations/stone-room/scouted/noise/$row->id/level_dba" => 40.0]),
        'Theirs',
    );
    $this->post(
        "/shoots/$shoot->id/sheet",
        sent([['id' => $row->id, 'level_dba' => '33']], [['level_dba' => (string) $row->number('level_dba')]], version: 2),
    )->assertStatus(409);
    expect(noises($shoot)[0]->number('level_dba'))->toBe(40.0);
    $this->post("/shoots/$shoot->id/sheet", sent([], drop: $row->id, version: 2))->assertRedirect();
    expect(array_map(fn ($r): string => $r->id, noises($shoot)))->not->toContain($row->id);
});

it('makes one plan of one form that is sent twice', function (): void {
    Cache::flush();
    foreach ([1, 2] as $_) {
        $this->post('/shoots', ['title' => 'Twice', 'place' => 'here', 'once' => 'the same'])->assertRedirect();
    }
    $this->post('/shoots', ['title' => 'Twice', 'place' => 'here', 'once' => 'another'])->assertRedirect();
    expect(Shoot::query()->count())->toBe(2);
});

it('writes the hour down by the clock of the place', function (): void {
    $this->app->instance(ClockInterface::class, new MockClock('2026-07-01 22:30:00 UTC'));
    $shoot = $this->demo();
    $shoot = app(PlanStore::class)->commit($shoot, 1, new Edit(['/locations/stone-room/site/time_zone' => 'Europe/Helsinki']), 'Move it');
    $this->post("/shoots/$shoot->id/bring", ['version' => 2, 'what' => 'clap', 'take' => '1'])->assertRedirect();
    $clap = app(PlanStore::class)->open($shoot->refresh())->location('stone-room')->list('claps')[0];
    expect([$clap->text('taken_on'), $clap->text('taken_at')])->toBe(['2026-07-02', '01:30']);
});

it('keeps a removed plan and its photos for a month, and no longer', function (): void {
    $shoot = $this->demo();
    $folder = storage_path("app/photos/$shoot->id");
    mkdir($folder, recursive: true);
    file_put_contents("$folder/picture.jpg", 'x');
    $shoot->delete();
    foreach (['+29 days' => true, '+31 days' => false] as $later => $isThere) {
        $this->app->instance(ClockInterface::class, new MockClock("now $later"));
        $this->artisan('fineframe:empty-bin')->assertOk();
        expect(is_dir($folder))->toBe($isThere)->and(Shoot::withTrashed()->find($shoot->id) !== null)->toBe($isThere);
    }
});
