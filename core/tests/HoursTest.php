<?php

declare(strict_types=1);

use FineFrame\Judge\Hours;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
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
})->with(['shorter than a step' => [300.0, [0.0, 300.0]], 'just one' => [900.0, [0.0, 900.0]], 'and a bit' => [1000.0, [0.0, 900.0, 1000.0]]]);

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
    $said = recorded($from, $to, changes: ['/locations/room/scouted' => ['light' => [['id' => 'light-1', 'name' => 'chair', 'under' => 'daylight', 'lux' => 4000.0]]]])->said('natural-light-is-enough');
    expect([$said[0]->severity, $said[0]->case])->toBe([$severity, $case]);
})->with([
    'at noon' => ['11:00', '12:00', Severity::Holds, 'plenty'],
    'into the dusk' => ['14:30', '16:00', Severity::Watch, 'fades'],
    'at night' => ['18:00', '20:00', Severity::Watch, 'dark'],
    'past midnight' => ['23:00', '01:00', Severity::Watch, 'dark'],
]);

it('says that passing clouds change the light, and nothing of daylight in the dark', function (): void {
    $sky = fn (string $weather, string $from, string $to): array => recorded($from, $to, '2026-06-21', ['metering/weather' => $weather])->said('light-is-steady');

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

it('lets the sun reach a face in the open, over the walls of a yard and not through them', function (float $wallsM, Severity $severity): void {
    $plan = recorded('11:00', '12:00', '2026-06-21', ['/locations/room/space/ceiling' => ['kind' => 'none'], '/locations/room/space/height_m' => $wallsM]);
    expect($plan->with(['/locations/room/space/openings' => []])->said('sun-stays-off-the-face')[0]->severity)->toBe($severity);
})->with(['a field' => [1.6, Severity::Breaks], 'a shaft' => [9.0, Severity::Holds]]);
