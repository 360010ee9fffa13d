<?php

declare(strict_types=1);

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Judge\DayPlan;
use FineFrame\Judge\Situation;

beforeEach(function (): void {
    $this->seed();
    $this->shoot = Shoot::query()->firstOrFail();
    $this->day = fn (): DayPlan => (new Situation(app(PlanStore::class)->open($this->shoot->refresh())->setup()))->day();
    $this->send = fn (string $task, string $minutes) => $this->post("/shoots/{$this->shoot->id}/day", [
        'version' => $this->shoot->refresh()->version, 'stage' => 'rundown', 'task' => $task, 'minutes' => $minutes,
    ]);
});

it('works the day out, in hours and minutes', function (): void {
    $this->get("/shoots/{$this->shoot->id}/rundown")
        ->assertOk()
        ->assertSeeInOrder(['Call at 07:05, done at 14:35', 'the way there', 'carry in, Sallow Tide Mill, stone room', 'record Setup 1', 'a meal', 'the way home']);
});

it('takes the length that somebody knows, gives it back, and says what no longer fits', function (): void {
    $usual = ($this->day)()->tasks['lights/talk']->task->minutes;
    ($this->send)('lights/talk', '180')->assertRedirect();
    expect(($this->day)()->tasks['lights/talk']->task->minutes)->toBe(180)
        ->and(($this->day)()->late)->toBe(['take/talk']);
    ($this->send)('lights/talk', '40');
    expect(($this->day)()->late)->toBe([])
        ->and(app(PlanStore::class)->open($this->shoot->refresh())->brief->list('tasks'))->toHaveCount(1);
    ($this->send)('lights/talk', '');
    expect(($this->day)()->tasks['lights/talk']->task->minutes)->toBe($usual)
        ->and(app(PlanStore::class)->open($this->shoot->refresh())->brief->list('tasks'))->toBe([]);
});

it('turns down what is no length, and tasks that are not there', function (): void {
    ($this->send)('lights/talk', 'long')->assertUnprocessable()->assertSee('Whole minutes are wanted');
    ($this->send)('lights/talk', '2000')->assertUnprocessable();
    ($this->send)('lights/nowhere', '20')->assertNotFound();
});

it('takes a song’s sections from the markers of a MIDI file, with who leads them', function (): void {
    $bring = fn (string $file) => $this->post("/shoots/{$this->shoot->id}/bring", [
        'version' => $this->shoot->refresh()->version, 'stage' => 'sound', 'look' => 'music', 'place' => 'duo', 'what' => 'song',
        'file' => new Illuminate\Http\UploadedFile(base_path("core/tests/data/files/$file"), $file, null, null, true),
    ]);
    $bring('song_metres.mid')->assertRedirect();
    $rows = app(PlanStore::class)->open($this->shoot->refresh())->setup('duo')->setup->list('sections');
    expect($rows[0]->number('from_s'))->toBe(0.0)
        ->and(array_unique(array_map(static fn ($r): string => $r->text('metre'), $rows)))->toContain('6/8')
        ->and($rows[1]->number('bar'))->toBeGreaterThan(1.0);
    $bring('bad_cut.mid')->assertUnprocessable()->assertSee('longer than the file');
    expect(app(PlanStore::class)->open($this->shoot->refresh())->setup('duo')->setup->list('sections'))->toHaveCount(count($rows));
});
