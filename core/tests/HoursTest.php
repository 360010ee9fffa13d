<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Judge\Hours;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Plan\PlanWriter;
use FineFrame\Scout\Noise;
use FineFrame\Staging\Body;
use FineFrame\Tests\Plans;

/** A room in the north with one wide window to the sun, recorded between two clock times. */
function recorded(string $from, string $to, string $date = '2026-12-05', array $changes = []): Plans
{
    return Plans::room()->window('window', 'near', 1.0, 4.0)->sitter('ann', 3, 2.5)->with([
        '/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo'],
        '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => $date, 'from' => $from, 'to' => $to]],
    ] + $changes);
}

it('takes a window by steps, its end always with it', function (float $long, array $expected): void {
    expect(Hours::every([0.0, $long], 900.0))->toBe($expected);
})->with(
    ['shorter than a step' => [300.0, [0.0, 300.0]], 'just one' => [900.0, [0.0, 900.0]], 'and a bit' => [1000.0, [0.0, 900.0, 1000.0]]],
);

it('hears noise across midnight', function (string $runs, string $until, string $from, string $to, bool $heard): void {
    expect(Noise::heard($runs, $until, $from, $to))->toBe($heard);
})->with([
    'the noise crosses it' => ['22:00', '02:00', '01:00', '01:30', true],
    'the recording crosses it' => ['01:00', '01:30', '22:00', '02:00', true],
    'both do' => ['23:00', '01:00', '22:00', '00:30', true],
    'the recording, and another hour' => ['12:00', '13:00', '22:00', '02:00', false],
    'one ends where the other begins' => ['10:00', '12:00', '12:00', '13:00', false],
    'nobody has said' => ['', '', '12:00', '13:00', true],
]);

it('judges daylight by the hour', function (string $from, string $to, Severity $severity, string $case): void {
    $said = recorded(
        $from,
        $to,
        changes: [
            '/locations/room/scouted' => ['light' => [['id' => 'light-1', 'name' => 'chair', 'under' => 'daylight', 'lux' => 4000.0]]],
        ],
    )->said('natural-light-is-enough');
    expect([$said[0]->severity, $said[0]->case])->toBe([$severity, $case]);
})->with([
    'at noon' => ['11:00', '12:00', Severity::Holds, 'plenty'],
    'into the dusk' => ['14:30', '16:00', Severity::Watch, 'fades'],
    'at night' => ['18:00', '20:00', Severity::Watch, 'dark'],
    'past midnight' => ['23:00', '01:00', Severity::Watch, 'dark'],
]);

it('says that passing clouds change the light, and nothing of daylight in the dark', function (): void {
    $sky = fn (string $weather, string $from, string $to): array => recorded(
        $from,
        $to,
        '2026-06-21',
        ['metering/weather' => $weather],
    )->said('light-is-steady');

    expect($sky('broken', '12:00', '12:10')[0]->case)->toBe('clouds')
        ->and($sky('overcast', '12:00', '12:10')[0]->severity)->toBe(Severity::Holds)
        ->and(recorded('18:00', '20:00', changes: ['metering/weather' => 'clear'])->said('light-is-steady'))->toBe([]);
});

it('looks for the sun at the eyes of one who sits or stands', function (): void {
    foreach ([recorded('11:00', '12:00'), recorded('11:00', '12:00')->with(['subjects/ann/posture' => 'standing'])] as $plan) {
        $setup = $plan->setup();
        [[, $spot]] = (new PlaceView($setup->plan, $setup->location))->spots();
        expect($spot->z)->toEqualWithDelta(Body::looking($setup->setup->people[0], null)->eyes->z, 1e-9);
    }
});

it('lets the sun reach a face in the open, over the walls of a yard and not through them', function (
    float $wallsM,
    Severity $severity,
): void {
    $plan = recorded(
        '11:00',
        '12:00',
        '2026-06-21',
        ['/locations/room/space/ceiling' => ['kind' => 'none'], '/locations/room/space/height_m' => $wallsM],
    );
    expect($plan->with(['/locations/room/space/openings' => []])->said('sun-stays-off-the-face')[0]->severity)->toBe($severity);
})->with(['a field' => [1.6, Severity::Breaks], 'a shaft' => [9.0, Severity::Holds]]);

/** The same room twice: at noon as the first day says, and once more in hours of its own. */
function twice(array $own, array $changes = []): Plans
{
    $days = [
        ['id' => 'day', 'name' => 'day', 'date' => '2026-12-05', 'from' => '11:00', 'to' => '12:00', 'minutes' => 60],
        ['id' => 'next', 'name' => 'next', 'date' => '2026-06-21', 'from' => '20:00', 'to' => '21:00', 'minutes' => 600],
    ];

    return recorded('11:00', '12:00')->with(['/brief/days' => $days] + $changes)->second('two', $own);
}

it('judges a setup in its own hours, beside another at the same place', function (array $own, ?string $steady, string $light): void {
    $plan = twice(
        $own,
        [
            'metering/weather' => 'broken',
            '/locations/room/scouted' => ['light' => [['id' => 'light-1', 'name' => 'chair', 'under' => 'daylight', 'lux' => 4000.0]]],
        ],
    );
    expect($plan->said('light-is-steady', 'one')[0]->case)->toBe('clouds')
        ->and(($plan->said('light-is-steady', 'two')[0] ?? null)?->case)->toBe($steady)
        ->and($plan->said('natural-light-is-enough', 'two')[0]->case)
        ->toBe($light)
        ->and($plan->said('natural-light-is-enough', 'one')[0]->case)
        ->toBe('plenty');
})->with([
    'as the day says' => [[], 'clouds', 'plenty'],
    'in the evening' => [['from' => '18:00', 'to' => '20:00'], null, 'dark'],
    'until later' => [['to' => '17:00'], 'clouds', 'fades'],
    'on another day, a long one' => [['day' => 'next'], 'clouds', 'plenty'],
    'across midnight' => [['from' => '23:30', 'to' => '00:30'], null, 'dark'],
]);

it('counts cells, noise and the sun in a setup’s own day', function (): void {
    $plan = twice(['day' => 'next'], [
        'recorders' => [['id' => 'deck', 'name' => 'deck', 'x_m' => 2.0, 'y_m' => 1.0, 'hours' => 2]],
        '/locations/room/scouted' => [
            'noise' => [['id' => 'n', 'name' => 'bar', 'level_dba' => 60, 'runs_from' => '19:00', 'runs_to' => '23:00']],
        ],
    ])->boom('boom', 3.0, 2.2, 1.7);
    $sets = fn (string $setup): string => $plan->said('packs-outlast-the-day', $setup)[0]->arguments['sets'];
    $noises = fn (string $setup): int => count((new Situation($plan->setup($setup)))->place()->noises());
    $date = fn (string $setup): string => $plan->said('sun-stays-off-the-face', $setup)[0]->arguments['date'];
    expect([$sets('one'), $sets('two')])
        ->toBe(['1', '7'])
        ->and([$noises('one'), $noises('two')])
        ->toBe([0, 1])
        ->and([$date('one'), $date('two')])
        ->toBe(['5 Dec', '21 Jun']);
});

it('moves hours where they are said', function (array $own, string $pointer): void {
    $hours = twice($own)->setup('two')->hours();
    expect($hours->moved('13:00', '14:00')->values)->toBe(["$pointer/from" => '13:00', "$pointer/to" => '14:00']);
})->with(
    [
        'the first day' => [[], '/brief/days/day'],
        'another day' => [['day' => 'next'], '/brief/days/next'],
        'its own' => [['from' => '18:00', 'to' => '20:00'], '/setups/two'],
        'half its own' => [['to' => '20:00'], '/setups/two'],
    ],
);

it('keeps a setup’s hours in the file, and refuses what is none', function (): void {
    $own = ['day' => 'next', 'from' => '18:00', 'to' => '20:00'];
    $written = json_decode(PlanWriter::json(twice($own)->setup()->plan), true)['setups'];
    expect(array_intersect_key($written[1], $own))->toBe($own)->and($written[0])->not->toHaveKey('day')->not->toHaveKey('from')
        ->and(fn () => twice(['day' => 'none'])->setup())->toThrow(
            InvalidDocument::class,
            '/setups/1/day: must name a line of the brief’s days; “none” is none',
        )
        ->and(fn () => twice(['from' => 'noon'])->setup())->toThrow(
            InvalidDocument::class,
            '/setups/1/from: must be a time of day like 14:30',
        );
});
