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
        ->assertSeeInOrder(['Call at 07:05, done at 14:35', 'travel there', 'load-in, Sallow Tide Mill, stone room', 'shoot Setup 1', 'meal', 'travel home']);
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
    ($this->send)('lights/talk', 'long')->assertUnprocessable()->assertSee('Enter whole minutes');
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

it('moves a recording with its hours, and a task to no sooner than that', function (): void {
    $move = fn (string $task, string $begins) => $this->post("/shoots/{$this->shoot->id}/day", [
        'version' => $this->shoot->refresh()->version, 'stage' => 'rundown', 'task' => $task, 'begins' => $begins,
    ]);
    $move('take/talk', '11:15')->assertRedirect();
    $hours = app(PlanStore::class)->open($this->shoot->refresh())->setup()->hours();
    expect([$hours->from, $hours->to])->toBe(['11:15', '12:45'])->and(($this->day)()->startsAt('take/talk'))->toBe(675);
    $move('lights/talk', '10:00');
    expect(($this->day)()->startsAt('lights/talk'))->toBeGreaterThanOrEqual(600)->and(($this->day)()->late)->toBe([]);
    $move('lights/talk', 'noon')->assertUnprocessable()->assertSee('09:40');
});

it('offers what would fit when the day overruns, and takes it as one change', function (): void {
    $page = fn (string $ask) => $this->get("/shoots/{$this->shoot->id}/rundown?look=today&ask=$ask");
    $page('09:00')->assertSee('all that is left fits')->assertDontSee('Plan B');
    $page('10:20')->assertSee('Plan B')->assertSee('shoot Setup 1 25 min later');
    $take = fn (string $change) => $this->post("/shoots/{$this->shoot->id}/day/instead", [
        'version' => $this->shoot->refresh()->version, 'stage' => 'rundown', 'look' => 'today', 'ask' => '10:20', 'change' => $change,
    ]);
    $take('later:take/talk:10')->assertUnprocessable();
    $version = $this->shoot->refresh()->version;
    $take('later:take/talk:25')->assertRedirect();
    $page('10:20')->assertSee('all that is left fits')->assertSee('Plan B: shoot Setup 1 25 min later');
    expect($this->shoot->refresh()->version)->toBe($version + 1);
    $this->post("/shoots/{$this->shoot->id}/undo", ['version' => $this->shoot->version])->assertRedirect();
    $page('10:20')->assertSee('no longer keeps its hours');
});

it('writes the day as a calendar that holds together, with an alarm for each recording, and as a table', function (): void {
    $calendar = Sabre\VObject\Reader::read((string) $this->get("/shoots/{$this->shoot->id}/day.ics")->assertOk()->getContent());
    $events = [...$calendar->select('VEVENT')];
    $recorded = array_values(array_filter($events, static fn ($e): bool => str_starts_with((string) $e->SUMMARY, 'shoot Setup 1')))[0];

    expect($calendar->validate())->toBe([])
        ->and($events)->toHaveCount(count(($this->day)()->tasks))
        ->and($recorded->DTSTART->getDateTime()->format('c'))->toBe('2026-12-05T10:30:00+00:00')
        ->and((string) $recorded->VALARM->TRIGGER)->toBe('-PT15M')
        ->and((string) $this->get("/shoots/{$this->shoot->id}/day.csv")->getContent())->toContain('2026-12-05,10:30,11:30,60,shoot Setup 1');
});

it('gives each of the crew a card with what they are at, and their cues', function (): void {
    $work = app(App\Http\Controllers\Desk::class)->workspace(request()->merge([]), $this->shoot, mends: false);
    $html = view('papers.role-cards', ['work' => $work])->render();

    expect($html)->toMatch('~<h1>Isolde</h1>.*camera A.*voice comes in: A goes across.*first verse~s')
        ->toMatch('~<h1>Bram</h1>.*beside A.*clear the cable behind A~s')
        ->and(substr_count($html, '<h1>'))->toBe(2);
});
