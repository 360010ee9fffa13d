<?php

declare(strict_types=1);

use App\Keep\Archive;
use App\Keep\Copies;
use App\Log\LogStore;
use App\Models\Device;
use App\Models\Head;
use App\Models\LoggedMark;
use App\Models\Owner;
use App\Models\Revision;
use App\Models\Shoot;
use App\Photos\Darkroom;
use App\Plans\Apart;
use App\Plans\PlanStore;
use App\Plans\StalePlan;
use FineFrame\Plan\Edit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

/*
 * Nothing lost: two hands on one plan, everything in one file and back, copies, and what is said when something is wrong.
 */

/** @return list<mixed> everything kept, by tables, without the numbers that a database gives */
function everything(): array
{
    $numbers = Revision::query()->orderBy('id')->pluck('id')->flip()->all();
    $plain = static fn (array $row): array => array_map(
        static fn (string $column, mixed $value): mixed => in_array($column, ['id', 'parent_id', 'head_id', 'revision_id'], true) && is_int($value) ? $numbers[$value] ?? $value : $value,
        array_keys($row),
        $row,
    );
    $rows = [];
    foreach ([Shoot::class => 'id', Revision::class => 'id', LoggedMark::class => 'seq', Device::class => 'id'] as $model => $by) {
        $rows[] = $model::query()->orderBy($by)->get()->map(fn ($row): array => $plain(array_diff_key($row->getAttributes(), ['seq' => 0, 'owner_id' => 0])))->all();
    }
    $rows[] = Head::query()->orderBy('id')->get()->map(fn ($h): array => [$h->version, $numbers[$h->revision_id], $h->words, $h->who, (string) $h->created_at])->all();

    return $rows;
}

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->store = app(PlanStore::class);
    $this->file = tempnam(sys_get_temp_dir(), 'everything');
    config(['fineframe.copies' => sys_get_temp_dir().'/fineframe-copies-'.getmypid()]);
});

afterEach(function (): void {
    File::deleteDirectory(config('fineframe.copies'));
    File::deleteDirectory(storage_path("app/photos/{$this->shoot->id}"));
    @unlink($this->file);
});

it('keeps both of two hands where they touch different things', function (array $theirs, array $mine, bool $isBoth): void {
    $this->store->commit($this->shoot, 1, new Edit($theirs), 'Theirs');
    try {
        $now = $this->store->commit($this->shoot, 1, new Edit($mine), 'Mine');
        $kept = true;
    } catch (StalePlan $stale) {
        [$now, $kept] = [$stale->shoot, false];
    }
    expect($kept)->toBe($isBoth)->and($now->version)->toBe($isBoth ? 3 : 2);
    $document = json_decode($now->fresh()->head->plan, true);
    foreach ($theirs + ($isBoth ? $mine : []) as $pointer => $value) {
        $steps = array_slice(explode('/', $pointer), 1);
        end($steps) === '-' ?: expect(Apart::at($document, $steps))->toBe($value);
    }
})->with([
    'two cameras' => [['/setups/talk/cameras/cam-b/x_m' => 4.9], ['/setups/talk/cameras/cam-a/x_m' => 3.1], true],
    'two fields of one camera' => [['/setups/talk/cameras/cam-b/x_m' => 4.9], ['/setups/talk/cameras/cam-b/tripod_height_m' => 1.3], true],
    'the same field' => [['/setups/talk/cameras/cam-b/x_m' => 4.9], ['/setups/talk/cameras/cam-b/x_m' => 4.7], false],
    'a thing and its removal' => [['/setups/talk/cameras/cam-b/x_m' => 4.9], ['/setups/talk/cameras/cam-b' => null], false],
    'its removal, then its field' => [['/setups/talk/lights/back' => null], ['/setups/talk/lights/back/x_m' => 4.0], false],
    'two setups' => [['/setups/talk/cameras/cam-b/x_m' => 4.9], ['/setups/duo/name' => 'The duo, again'], true],
    'two new persons' => [
        ['/brief/crew/-' => ['id' => 'zed', 'name' => 'Zed']], ['/brief/crew/-' => ['id' => 'ula', 'name' => 'Ula']], true,
    ],
    'two new persons of one id' => [
        ['/brief/crew/-' => ['id' => 'zed', 'name' => 'Zed']], ['/brief/crew/-' => ['id' => 'zed', 'name' => 'Zoe']], false,
    ],
]);

it('tells each page what others did since, and undo by its name', function (): void {
    $this->withCredentials();
    $at = "/shoots/{$this->shoot->id}";
    $edit = fn (int $version, string $page, array $edit): mixed => $this->post("$at/edit", ['version' => $version, 'stage' => 'cameras', 'edit' => json_encode($edit)], ['X-Page' => $page]);
    $edit(1, 'aaaaaaaa11', ['/setups/talk/cameras/cam-b/x_m' => 4.9])->assertRedirect();
    $this->post("$at/undo", ['version' => 2, 'stage' => 'cameras'], ['X-Page' => 'bbbbbbbb22'])->assertRedirect();
    $said = $this->getJson("$at/version?since=1")->assertOk()->json();
    expect($said['version'])->toBe(3)
        ->and(array_column($said['changes'], 'page'))->toBe(['bbbbbbbb22', 'aaaaaaaa11'])
        ->and(array_column($said['changes'], 'words'))->toBe(['Undo: Move B', 'Move B']);
    expect($this->getJson("$at/version?since=3")->json('changes'))->toBe([]);
    $edit(1, 'bbbbbbbb22', ['/setups/talk/cameras/cam-a/x_m' => 3.1])->assertRedirect();
    expect($this->shoot->fresh()->version)->toBe(4);
});

it('brings everything back as it was from one file', function (): void {
    $photo = app(Darkroom::class)->develop(UploadedFile::fake()->image('wall.jpg', 60, 40), $this->shoot->id);
    $this->store->commit($this->shoot, 1, new Edit(['/setups/talk/cameras/cam-b/x_m' => 4.9]), 'Move B');
    $this->store->undo($this->shoot, 2);
    app(LogStore::class)->add($this->shoot, 'd-1', 'Ansel’s phone', 1.0, [
        ['id' => 'd-1:1', 'device' => 'd-1', 'n' => 1, 'at_ms' => 5.25, 'kind' => 'tick', 'item' => 'ask:é', 'on' => true, 'who' => 'Ansel'],
        ['id' => 'd-1:2', 'device' => 'd-1', 'n' => 2, 'at_ms' => 7, 'kind' => 'start', 'take' => '1'],
    ]);
    [$before, $print] = [everything(), (string) file_get_contents(app(Darkroom::class)->path($this->shoot->id, $photo->file))];
    $this->artisan('fineframe:backup', ['file' => $this->file])->expectsOutput('One shoot is in it.')->assertSuccessful();
    $this->artisan('fineframe:restore', ['file' => $this->file])->expectsOutput('0 brought back, 1 here already.')->assertSuccessful();
    expect(everything())->toEqual($before);

    $this->shoot->forceDelete();
    app(Darkroom::class)->discard($this->shoot->id);
    Device::query()->delete();
    $this->artisan('fineframe:restore', ['file' => $this->file])->expectsOutput('1 brought back, 0 here already.')->assertSuccessful();
    expect(everything())->toEqual($before)
        ->and(file_get_contents((string) app(Darkroom::class)->path($this->shoot->id, $photo->file)))->toBe($print);

    // What went on since stays, and what was comes in beside it.
    $this->store->commit(Shoot::query()->sole(), 3, new Edit(['/setups/talk/cameras/cam-b/x_m' => 4.8]), 'Move B');
    expect(app(Archive::class)->bring($this->file, null))->toBe(['brought' => 1, 'here' => 0])->and(Shoot::query()->count())->toBe(2);
});

it('refuses a copy that is none, or was changed, and brings nothing of it', function (string $wrong, string $says): void {
    app(Archive::class)->write($this->file, Shoot::query()->get());
    $zip = new ZipArchive;
    $zip->open($this->file);
    $part = "shoots/{$this->shoot->id}/revisions.ndjson";
    $manifest = json_decode($zip->getFromName('manifest.json'), true);
    match ($wrong) {
        'changed' => $zip->addFromString($part, str_replace('miller', 'baker', $zip->getFromName($part))),
        'missing' => $zip->deleteName($part),
        'newer' => $zip->addFromString('manifest.json', json_encode(['version' => 2] + $manifest)),
        'elsewhere' => $zip->addFromString('manifest.json', json_encode(['sums' => ['../../x.php' => 'a']] + $manifest)),
        'none' => $zip->deleteName('manifest.json'),
    };
    $zip->close();
    Shoot::query()->forceDelete();
    $this->post('/everything', ['everything' => new UploadedFile($this->file, 'copy.zip', null, null, true)])->assertStatus(422)->assertSee($says);
    expect(Shoot::query()->count())->toBe(0);
})->with([
    ['changed', 'missing or was changed'], ['missing', 'missing or was changed'], ['newer', 'newer Fine Frame'], ['elsewhere', 'none of its parts'],
    ['none', 'no copy of everything'],
]);

it('gives everything away and takes it back on the page', function (): void {
    $answer = $this->get('/everything.zip')->assertOk()->assertDownload();
    copy($answer->baseResponse->getFile()->getPathname(), $this->file);
    Shoot::query()->forceDelete();
    $this->post('/everything', ['everything' => new UploadedFile($this->file, 'copy.zip', null, null, true)])->assertRedirect('/account');
    $this->get('/account')->assertOk()->assertSee('One shoot is back')->assertSee('took a copy of everything');
    expect(Shoot::query()->sole()->title)->toBe($this->shoot->title);
});

it('copies the database once a day and thins the copies by age', function (): void {
    $database = tempnam(sys_get_temp_dir(), 'fineframe');
    (new PDO("sqlite:$database"))->exec('create table t (a); insert into t values (7)');
    config(['database.connections.sqlite.database' => $database]);
    $clock = new MockClock('2026-01-01 09:00');
    app()->instance(ClockInterface::class, $clock);
    for ($day = 0; $day < 120; $day++) {
        app(Copies::class)->daily();
        app(Copies::class)->daily();
        $clock->modify('+25 hours');
    }
    $days = array_map(static fn (array $c): int => (int) round(($clock->now()->getTimestamp() - $c['at']->getTimestamp()) / 86_400), app(Copies::class)->all());
    expect(count(array_filter($days, static fn (int $d): bool => $d <= 7)))->toBeBetween(6, 7)
        ->and(count(array_filter($days, static fn (int $d): bool => $d > 7 && $d <= 60)))->toBeBetween(7, 9)
        ->and(count(array_filter($days, static fn (int $d): bool => $d > 60)))->toBeBetween(2, 4);
    $copy = new PDO('sqlite:'.app(Copies::class)->all()[0]['file']);
    expect($copy->query('select a from t')->fetchColumn())->toEqual(7);
    unlink($database);
    config(['database.connections.sqlite.database' => ':memory:']);
});

it('says what is wrong with what is kept, and what to do', function (): void {
    $this->artisan('fineframe:doctor')->expectsOutputToContain('The database is whole.')->expectsOutputToContain('All 1 plans can be opened.')->assertSuccessful();
    $this->store->commit($this->shoot, 1, new Edit(['/brief/references' => [['id' => 'lost', 'name' => 'Lost', 'file' => str_repeat('a', 20).'.jpg']]]), 'A picture');
    $this->artisan('fineframe:doctor')->expectsOutputToContain('1 photos are not there')->expectsOutputToContain('fineframe:restore')->assertFailed();
    Revision::query()->latest('id')->first()->update(['plan' => '{"format": "torn']);
    $this->artisan('fineframe:doctor')->expectsOutputToContain('cannot be opened')->assertFailed();
});

it('takes owners in and out on the command line', function (): void {
    Owner::query()->create(['name' => 'Odo', 'password' => 'a tide of ten']);
    $this->artisan('fineframe:owner', ['name' => 'Odo', '--remove' => true])->expectsOutput('Odo can no longer sign in.')->assertSuccessful();
    $this->artisan('fineframe:owner', ['name' => 'Odo', '--remove' => true])->assertFailed();
    expect(Owner::query()->count())->toBe(0);
});

it('takes of two hands’ fields those that are chosen', function (): void {
    $this->store->commit($this->shoot, 1, new Edit(['/setups/talk/cameras/cam-b/x_m' => 4.9, '/setups/talk/cameras/cam-b/y_m' => 1.9]), 'Theirs');
    $mine = json_encode(['/setups/talk/cameras/cam-b/x_m' => 4.4, '/setups/talk/cameras/cam-b/y_m' => 1.4]);
    $at = "/shoots/{$this->shoot->id}/edit";
    $this->post($at, ['version' => 1, 'stage' => 'cameras', 'edit' => $mine])->assertStatus(409)->assertSee('Keep what is ticked')->assertSee('Theirs (this computer)');
    $this->post($at, ['version' => 2, 'stage' => 'cameras', 'edit' => $mine, 'fields' => ['/setups/talk/cameras/cam-b/y_m']])->assertRedirect();
    $document = json_decode($this->shoot->fresh()->head->plan, true);
    expect(Apart::at($document, ['setups', 'talk', 'cameras', 'cam-b', 'x_m']))->toBe(4.9)
        ->and(Apart::at($document, ['setups', 'talk', 'cameras', 'cam-b', 'y_m']))->toBe(1.4);
});

it('answers a page that did not change as it was drawn, to the same reader alone', function (): void {
    config(['fineframe.build' => 'b-'.getmypid()]);
    $folder = storage_path("framework/cache/pages/{$this->shoot->id}");
    $kept = fn (): int => count(File::isDirectory($folder) ? File::allFiles($folder) : []);
    $at = "/shoots/{$this->shoot->id}/rundown?look=cues";
    $plain = static fn ($answer): string => preg_replace('/[A-Za-z0-9]{40}/', 'token', (string) $answer->assertOk()->getContent());
    $first = $plain($this->get($at));
    expect($kept())->toBe(1);
    File::put(File::allFiles($folder)[0]->getPathname(), str_replace('Tempo', 'As it was kept', File::get(File::allFiles($folder)[0]->getPathname())));
    $this->flushSession();
    $second = $this->get($at);
    expect($plain($second))->toBe(str_replace('Tempo', 'As it was kept', $first))->and((string) $second->getContent())->toContain(session()->token());
    $this->withCookie('units', 'imperial')->get($at)->assertDontSee('As it was kept');
    $this->withCookie('units', 'metric');
    app(LogStore::class)->add($this->shoot, 'd-1', '', 1.0, [['id' => 'd-1:1', 'device' => 'd-1', 'n' => 1, 'at_ms' => 5, 'kind' => 'tick', 'item' => 'a', 'on' => true]]);
    $this->get($at)->assertDontSee('As it was kept');
    $this->store->commit($this->shoot, 1, new Edit(['/setups/talk/cameras/cam-b/x_m' => 4.9]), 'Move B');
    $this->get($at)->assertDontSee('As it was kept');
    // Of the version before, nothing stays.
    expect($kept())->toBe(1);
    $this->get("/shoots/{$this->shoot->id}/rundown?look=today")->assertOk();
    expect($kept())->toBe(1);
    File::deleteDirectory($folder);
});

it('has what takes long drawn by a worker, for whoever waits for it', function (): void {
    config(['fineframe.build' => 'b-'.getmypid(), 'queue.default' => 'database', 'fineframe.mends_later_ms' => 0.001, 'fineframe.crew' => true]);
    $owner = Owner::query()->create(['name' => 'Isolde', 'password' => 'a tide of ten']);
    $this->actingAs($owner)->withCookie('units', 'imperial');
    $ask = fn (array $with = []): mixed => $this->get("/shoots/{$this->shoot->id}/cameras?later=mends&from=0", ['HX-Request' => 'true'] + $with);
    // A worker is another process: what it puts into a session is not this reader’s.
    $work = function (): void {
        $this->artisan('queue:work', ['--stop-when-empty' => true])->run();
        session()->regenerateToken();
    };
    $ask()->assertStatus(202);
    $ask()->assertStatus(202);
    expect(DB::table('jobs')->count())->toBe(1);
    $work();
    $drawn = $ask()->assertOk()->assertHeader('X-Plan-Version', '1');
    expect((string) $drawn->getContent())->toContain('id="mends"')->toContain(session()->token())->not->toContain('%%');
    // Nobody waits any more: it is not begun.
    $this->store->commit($this->shoot, 1, new Edit(['/setups/talk/cameras/cam-b/x_m' => 4.9]), 'Move B');
    $ask()->assertStatus(202);
    $ask(['X-Stop' => 'true'])->assertNoContent();
    $work();
    $ask()->assertStatus(202);
    // Without a worker it is not waited for for ever.
    app()->instance(ClockInterface::class, new MockClock('+25 seconds'));
    Route::getRoutes()->getByName('stage')->flushController();
    $ask()->assertOk();
    File::deleteDirectory(storage_path("framework/cache/pages/{$this->shoot->id}"));
});
