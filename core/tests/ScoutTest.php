<?php

declare(strict_types=1);

use FineFrame\Document\Column;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Document\Record;
use FineFrame\Judge\Comparison;
use FineFrame\Judge\Consequences;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Plan\NewPlace;
use FineFrame\Plan\ShootPlan;
use FineFrame\Scout\Noise;
use FineFrame\Sound\Material;
use FineFrame\Sound\RoomSound;
use FineFrame\Tests\Cases;

/** @param  array<string, mixed>  $changes below the glasshouse */
/** The talk with its two candidates: what is performed in the loft is left out. */
function glasshouse(array $changes = []): ShootPlan
{
    $edits = ['/setups/duo' => null, '/locations/grain-loft' => null];
    foreach ($changes as $pointer => $value) {
        $edits[str_starts_with($pointer, '/') ? $pointer : "/locations/glasshouse/$pointer"] = $value;
    }

    return Cases::demo($edits)->plan;
}

it('judges a place before anything is set up there', function (string $key, Severity $severity, array $changes): void {
    expect(
        Judge::standard()->judge(glasshouse($changes)->setupAt(explode('+', explode(':', $key)[1])[0]))->find($key)?->severity,
    )->toBe($severity);
})->with(function (): iterable {
    [$holds, $watch, $breaks] = [Severity::Holds, Severity::Watch, Severity::Breaks];
    // T2.9 at ISO 800 and 1/50 s wants 173 lx on a dome.
    yield 'light that suffices' => ['natural-light-is-enough:glasshouse+light-1', $holds, ['scouted/light/light-1/lux' => 175]];
    yield 'light that is half a stop short' => ['natural-light-is-enough:glasshouse+light-1', $watch, ['scouted/light/light-1/lux' => 120]];
    yield 'light by stop, ISO and shutter' => [
        'natural-light-is-enough:glasshouse+light-1',
        $watch,
        ['scouted/light/light-1' => ['id' => 'light-1', 'name' => 'x', 't_stop' => 2.0, 'iso' => 800, 'shutter_s' => 0.02]],
    ];
    yield 'lamps that match' => [
        'lamps-match-the-camera:glasshouse+c',
        $holds,
        ['scouted/colour' => [['id' => 'c', 'name' => 'tube', 'kelvin' => 5000]]],
    ];
    yield 'lamps that are warm' => [
        'lamps-match-the-camera:glasshouse+c',
        $watch,
        ['scouted/colour' => [['id' => 'c', 'name' => 'tube', 'kelvin' => 4000]]],
    ];
    yield 'lamps that are green' => [
        'lamps-match-the-camera:glasshouse+c',
        $watch,
        ['scouted/colour' => [['id' => 'c', 'name' => 'tube', 'kelvin' => 5600, 'duv' => 0.008]]],
    ];
    yield 'lamps that somebody switches off' => [
        'lamps-match-the-camera:glasshouse+c',
        $holds,
        ['scouted/colour' => [['id' => 'c', 'name' => 'tube', 'kelvin' => 4000, 'plan' => 'switch off']]],
    ];
    yield 'noise that a boom stands clear of' => [
        'place-is-quiet-enough:glasshouse',
        $holds,
        ['scouted/noise' => [['id' => 'n', 'name' => 'fan', 'level_dba' => 41]]],
    ];
    yield 'noise to watch' => [
        'place-is-quiet-enough:glasshouse',
        $watch,
        ['scouted/noise' => [['id' => 'n', 'name' => 'fan', 'level_dba' => 42]]],
    ];
    yield 'noise that breaks' => [
        'place-is-quiet-enough:glasshouse',
        $breaks,
        ['scouted/noise' => [['id' => 'n', 'name' => 'fan', 'level_dba' => 52]]],
    ];
    yield 'noise at another hour' => [
        'place-is-quiet-enough:glasshouse',
        $holds,
        ['scouted/noise' => [['id' => 'n', 'name' => 'fan', 'level_dba' => 70, 'runs_from' => '12:30', 'runs_to' => '14:00']]],
    ];
    yield 'a stripe of sun' => ['sun-stays-off-the-face:glasshouse+sun-0', $breaks, []];
    yield 'sun that a curtain keeps out' => [
        'sun-stays-off-the-face:glasshouse+sun-0',
        $holds,
        ['space/openings/glass-1/curtain' => 'lined'],
    ];
    yield 'sun at another hour' => [
        'sun-stays-off-the-face:glasshouse+sun-0',
        $holds,
        ['/brief/days/days-1/from' => '16:30', '/brief/days/days-1/to' => '17:30'],
    ];
    yield 'a door for the cart' => ['gear-comes-in:glasshouse+ways-1', $holds, ['scouted/ways/ways-1/width_m' => 0.72]];
    yield 'a door for cases' => ['gear-comes-in:glasshouse+ways-1', $watch, ['scouted/ways/ways-1/width_m' => 0.7]];
    yield 'a door for nobody' => ['gear-comes-in:glasshouse+ways-1', $breaks, ['scouted/ways/ways-1/width_m' => 0.5]];
    yield 'a turn that a long case goes round' => [
        'gear-comes-in:glasshouse+ways-2',
        $watch,
        ['scouted/ways/ways-2' => ['id' => 'ways-2', 'name' => 'turn', 'kind' => 'turn', 'width_m' => 0.9, 'depth_m' => 0.9]],
    ];
    yield 'a turn that it does not' => [
        'gear-comes-in:glasshouse+ways-2',
        $breaks,
        ['scouted/ways/ways-2' => ['id' => 'ways-2', 'name' => 'turn', 'kind' => 'turn', 'width_m' => 0.85, 'depth_m' => 0.85]],
    ];
    yield 'leave that is given' => ['nothing-is-left-open:glasshouse+askings-1', $holds, ['scouted/askings/askings-1/state' => 'agreed']];
    yield 'leave that is refused' => [
        'nothing-is-left-open:glasshouse+askings-1',
        $breaks,
        ['scouted/askings/askings-1/state' => 'refused'],
    ];
    yield 'haze under a smoke detector' => [
        'nothing-is-left-open:glasshouse+haze',
        $breaks,
        ['/brief/schools/haze' => 'throughout', 'facts/detectors' => 'smoke'],
    ];
    yield 'haze where nothing detects' => ['nothing-is-left-open:glasshouse+haze', $holds, ['/brief/schools/haze' => 'throughout']];
    yield 'power that carries' => ['power-carries-the-lamps:stone-room', $holds, []];
    yield 'power that does not' => [
        'power-carries-the-lamps:stone-room',
        $breaks,
        ['/locations/stone-room/scouted/circuits' => [['id' => 'x', 'name' => 'x', 'breaker_a' => 1, 'already_a' => 0.5, 'ours' => 'yes']]],
    ];
});

it('mends a stripe of sun by the curtain it comes through', function (): void {
    $judge = Judge::standard();
    $setup = glasshouse()->setupAt('glasshouse');
    $verdicts = $judge->judge($setup);
    $mend = $judge->mend($setup, $verdicts, $verdicts->find('sun-stays-off-the-face:glasshouse+sun-0'));

    expect($mend?->case)->toBe('draw-curtain')->and($mend?->arguments['window'])->toBe('south lights');
});

it('adds noises as energy and hears them in their hours', function (): void {
    expect(Noise::together([60, 60]))->toEqualWithDelta(63.01, 0.01)
        ->and(Noise::together([]))->toBeNull()
        ->and(Noise::margin(40, 0.5))->toEqualWithDelta(26.02, 0.01)
        ->and(Noise::heard('22:00', '06:00', '05:00', '07:00'))->toBeTrue()
        ->and(Noise::heard('22:00', '06:00', '06:00', '22:00'))->toBeFalse()
        ->and(Noise::heard('', '', '10:00', '11:00'))->toBeTrue()->and(Noise::heard('09:00', '', '10:00', '11:00'))->toBeTrue()
        ->and(Noise::heard('', '09:00', '10:00', '11:00'))->toBeTrue()->and(Noise::heard('08:00', '09:00', '10:00', ''))->toBeTrue();
});

it('rings by Sabine, and by Eyring where much is absorbed', function (): void {
    // 8.2 by 5 m of glass and soil under a pitched glass roof.
    $room = fn (array $surfaces): RoomSound => RoomSound::of(
        glasshouse(['space/surfaces' => $surfaces])->location('glasshouse')->space,
        Material::shipped(),
    );
    $hard = $room(['floor' => 'concrete', 'walls' => 'concrete', 'ceiling' => 'concrete']);
    $soft = $room(['floor' => 'carpet', 'walls' => 'curtain', 'ceiling' => 'acoustic-tile']);
    $area = array_sum(array_column($soft->surfaces, 0));
    $mean = array_sum(array_map(fn ($s) => $s[0] * $s[1]->alpha[3], $soft->surfaces)) / $area;

    expect($hard->speechTime())->toBeGreaterThan(2.0)
        ->and($soft->time(3))->toEqualWithDelta(0.161 * $soft->volumeM3 / (-$area * log(1 - $mean)), 1e-9)
        ->and($hard->blanketsFor(0.7))->toBeGreaterThan(10.0)->and($soft->blanketsFor(0.7))->toBe(0.0);
});

it('weighs places by what is known, and lets no weight outvote a hard stop', function (): void {
    $rank = fn (array $changes): array => array_map(
        fn ($c) => [$c->view->place->id, $c->stoppedBy],
        (new Comparison(glasshouse($changes)))->candidates,
    );
    $poor = [
        '/scouting/weights' => [
            'light' => 5, 'space' => 5, 'echo' => 5, 'quiet' => 0, 'sun' => 0, 'open' => 0, 'access' => 0, 'mood' => 0,
            'distance' => 0, 'power' => 0,
        ],
    ];

    expect($rank([])[0][0])->toBe('stone-room')->and($rank([])[1][1])->toBe(['open'])
        ->and($rank($poor + ['/scouting/stops' => []])[0][0])->toBe('glasshouse')
        ->and($rank($poor)[0][0])->toBe('stone-room');
    $unknown = (new Comparison(glasshouse(['scouted/noise' => [], 'facts/cost' => null])))->candidates[1];
    expect($unknown->scores['quiet'][0])->toBeNull()->and($unknown->known)->toBeLessThan(1.0);
});

it('says what a brief already asks for', function (array $changes, string $asked, ?string $not): void {
    $cases = array_column(Consequences::of(glasshouse($changes)), 0);

    expect($cases)->toContain($asked)->and($cases)->not->toContain((string) $not);
})->with([
    'nobody booms' => [[], 'stand-boom', 'prompter'],
    'somebody booms' => [['/brief/facts/boom_hand' => true], 'asker', 'stand-boom'],
    'into the lens, not used to it' => [['/brief/schools/gaze' => 'into-lens'], 'prompter', 'asker'],
    'the boom alone' => [['/brief/schools/microphone' => 'boom-only'], 'stand-boom-only', 'stand-boom'],
    'an upright cut' => [[], 'narrower', 'enlarged'],
    'more pixels than are recorded' => [['/brief/deliverables/deliverables-1/width_px' => 8000], 'enlarged', null],
    'another rate' => [['/brief/deliverables/deliverables-1/fps' => 30], 'rates', null],
    'no hours' => [['/brief/days' => []], 'no-hours', null],
    'haze' => [['/brief/schools/haze' => 'wides-only'], 'haze', null],
]);

it('lets a school set what a check judges by, and a hand overrule it', function (): void {
    $limit = fn (array $changes): float => glasshouse($changes)->brief->limits->get('angle_apart_deg');

    expect($limit([]))->toBe(30.0)->and($limit(['/brief/schools/second-camera' => 'profile']))->toBe(50.0)
        ->and($limit(['/brief/schools/second-camera' => 'profile', '/brief/limits/angle_apart_deg' => 40]))->toBe(40.0)
        ->and(fn () => glasshouse(['/brief/schools/second-camera' => 'upside-down']))->toThrow('must be one of');
});

it('reads a record, keeps what it does not know, and says what is wrong where', function (): void {
    $columns = [
        'name' => Column::text(10),
        'level' => Column::number(0, 10),
        'at' => Column::clock(),
        'on' => Column::date(),
        'state' => Column::choice('open', 'shut'),
        'done' => Column::flag(),
    ];
    $problems = new Problems;
    $record = Record::read(Node::root(['id' => 'r', 'name' => 'fan', 'level' => 3, 'colour' => 'red'], $problems), $columns);

    expect($problems->any())
        ->toBeFalse()
        ->and($record->write())
        ->toBe(['id' => 'r', 'name' => 'fan', 'level' => 3.0, 'state' => 'open', 'done' => false, 'colour' => 'red'])
        ->and($record->number('at'))->toBeNull()->and($record->text('state'))->toBe('open');
    foreach ([['level' => 11], ['at' => '24:00'], ['on' => '2026-02-30'], ['state' => 'ajar'], ['name' => 'a very long name']] as $wrong) {
        Record::read(Node::root(['id' => 'r'] + $wrong, $problems = new Problems), $columns);
        expect($problems->any())->toBeTrue();
    }
});

it('adds a place as a sketch that nobody has taped, under a free id', function (): void {
    $plan = glasshouse();
    $again = NewPlace::named($plan, 'Glasshouse')->edit->applyTo($plan);
    $new = $again->locations[2];
    $ell = NewPlace::sketch("/locations/$new->id/space", '', 'ell', 6, 4)->applyTo($again)->location($new->id)->space;

    expect($new->id)
        ->toBe('glasshouse-1')
        ->and($new->space->book->isTaped())
        ->toBeFalse()
        ->and($new->site?->longitudeDeg)
        ->toBe($plan->locations[0]->site?->longitudeDeg)
        ->and($ell->floor->signedArea())->toEqualWithDelta(18.0, 0.01);
    $taped = (new FineFrame\Plan\Edit(["/locations/$new->id/space/walls/w1/length_m" => 6.2, "/locations/$new->id/space/walls/w1/by" => 'tape']))->applyTo($again)->location($new->id)->space;
    // The wall across follows; nobody taped it, so nothing fails to close.
    expect($taped->walls[2]->line->length())->toEqualWithDelta(6.2, 0.02)->and($taped->survey->freedom)->toBeGreaterThan(0);
});

it('parts the lamps over the circuits, or says that no way does it', function (array $watts, array $amps, string $case): void {
    $plan = FineFrame\Tests\Plans::room()->sitter('ann', 3, 3)->with([
        '/locations/room/scouted' => [
            'circuits' => array_map(
                fn (int $i): array => [
                    'id' => "c$i",
                    'name' => "circuit $i",
                    'breaker_a' => $amps[$i],
                    'already_a' => 0,
                    'volts' => 230,
                    'ours' => 'yes',
                ],
                array_keys($amps),
            ),
        ],
        '/kit/fixtures' => [
            ...FineFrame\Plan\Kit::library()->write()['fixtures'],
            ...array_map(
                fn (int $i): array => [
                    'id' => "f$i", 'name' => "lamp $i", 'width_m' => 0.1, 'height_m' => 0.1, 'lux_at_1m' => 100,
                    'watts' => abs($watts[$i]), 'battery' => $watts[$i] < 0,
                ],
                array_keys($watts),
            ),
        ],
    ]);
    foreach (array_keys($watts) as $i) {
        $plan = $plan->lamp("l$i", 1 + 0.4 * $i, 4, null, ['fixture' => "f$i"]);
    }

    expect(array_column($plan->said('power-carries-the-lamps'), 'case'))->toBe($case === '' ? [] : [$case]);
})->with([
    // A 6 A breaker gives 1,104 W at 80 %.
    'one lamp larger than any circuit' => [[4000], [6, 6, 6, 6], 'too-large'],
    'three of 700 W on two' => [[700, 700, 700], [6, 6], 'parts'],
    'three of 700 W on three' => [[700, 700, 700], [6, 6, 6], 'holds'],
    'together too much' => [[1000, 1000, 1000], [6, 6], 'fails'],
    'the greedy way fails, another does it' => [[600, 500, 400, 400, 300], [6, 6], 'holds'],
    'batteries draw nothing' => [[-4000, 900], [6], 'holds'],
    'batteries alone' => [[-400], [6], ''],
    'one fits to the watt' => [[1104], [6], 'holds'],
]);
