<?php

declare(strict_types=1);

use FineFrame\Format\UnreadableFile;
use FineFrame\Format\Wav\Reader;
use FineFrame\Judge\BoomStudy;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\TrackSheet;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\Decay;
use FineFrame\Sound\InputLevel;
use FineFrame\Sound\Pickup;
use FineFrame\Sound\RadioPath;
use FineFrame\Sound\StereoPair;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Plans;

/** Noise that dies away by 60 dB in so many seconds over a floor so far down. */
function dying(float $seconds, float $floorDb, float $rate = 16_000, float $long = 2.0): array
{
    mt_srand(5);

    return array_map(
        fn (int $i): float => (
            mt_rand() / mt_getrandmax()
            - 0.5
        ) * 10 ** (-3 * $i / $rate / $seconds) + (mt_rand() / mt_getrandmax() - 0.5) * 10 ** (-$floorDb / 20),
        range(0, (int) ($long * $rate)),
    );
}

/** @param  list<float>  $samples */
function wav(array $samples, int $bits = 16, int $code = 1, int $rate = 16_000, int $channels = 1): string
{
    $data = implode('', array_map(fn (float $s): string => match (true) {
        $code === 3 => pack('g', $s),
        $bits === 24 => substr(pack('V', ((int) round($s * 8388607)) & 0xFFFFFF), 0, 3),
        $bits === 32 => pack('V', ((int) round($s * 2147483647)) & 0xFFFFFFFF),
        $bits === 8 => pack('C', (int) round(128 + 127 * $s)),
        default => pack('v', ((int) round($s * 32767)) & 0xFFFF),
    }, $samples));
    $bytes = intdiv($bits, 8) * $channels;

    return 'RIFF'.pack('V', 36 + strlen($data)).'WAVEfmt '.pack(
        'VvvVVvv',
        16,
        $code,
        $channels,
        $rate,
        $rate * $bytes,
        $bytes,
        $bits,
    ).'data'.pack('V', strlen($data)).$data;
}

/** @return list<Finding> */
function heard(SetupPlan $setup, string $check): array
{
    return array_values(array_filter(Judge::standard()->judge($setup)->findings, fn (Finding $f): bool => $f->check === $check));
}

it('finds the decay that was put in, from recordings of every depth', function (int $bits, int $code): void {
    $read = Reader::read(wav(dying(0.6, 70), $bits, $code));
    $decay = Decay::of($read->samples, $read->rateHz);
    expect($read->rateHz)
        ->toBe(16_000.0)
        ->and($decay->t20)
        ->toEqualWithDelta(0.6, 0.03)
        ->and($decay->t30)
        ->toEqualWithDelta(0.6, 0.03)
        ->and($decay->rangeDb)
        ->toBeGreaterThan(50);
})->with([[16, 1], [24, 1], [32, 1], [32, 3]]);

it('reads RF64, and says how long a recording may be', function (): void {
    $plain = wav(dying(0.3, 60, long: 0.5));
    $size = strlen($plain) - 44;
    $long = 'RF64'.pack('V', 0xFFFFFFFF).'WAVE'.'ds64'.pack(
        'VPPPV',
        28,
        strlen($plain),
        $size,
        intdiv($size, 2),
        0,
    ).substr($plain, 12, 24).'data'.pack('V', 0xFFFFFFFF).substr($plain, 44);
    expect(Reader::read($long)->samples)->toEqual(Reader::read($plain)->samples)
        ->and(
            fn () => Reader::read(
                'RIFF'.pack('V', 36 + 7_000_000).'WAVEfmt '.pack(
                    'VvvVVvv',
                    16,
                    1,
                    1,
                    48_000,
                    96_000,
                    2,
                    16,
                ).'data'.pack('V', 7_000_000).str_repeat("\0", 7_000_000),
            ),
        )->toThrow(UnreadableFile::class, 'The recording is 73 seconds long; at this rate 60 can be read');
});

it('tells no time that the noise hides', function (): void {
    expect(Decay::of(dying(0.6, 20), 16_000)->t20)
        ->toBeNull()
        ->and(Decay::of(dying(0.6, 41), 16_000)->t30)
        ->toBeNull()
        ->and(Decay::of(dying(0.6, 41), 16_000)->t20)
        ->toEqualWithDelta(0.6, 0.06)
        ->and(Decay::of([0.1, 0.2], 16_000)->t20)
        ->toBeNull()
        // Two channels are mixed to one.
        ->and(count(Reader::read(wav(dying(0.3, 60, long: 0.5), channels: 2))->samples))->toBe(4000);
});

it('refuses what is no recording, saying why', function (string $file, string $says): void {
    expect(fn () => Reader::read($file))->toThrow(UnreadableFile::class, $says);
})->with([
    'text' => ['a clap, written down', 'not a WAV'],
    'empty' => ['', 'not a WAV'],
    'cut off' => [substr(wav(dying(0.3, 60, long: 0.1)), 0, 200), 'cut off'],
    '8 bits' => [wav([0.1, 0.2], 8), '8 bits'],
    'a header of two gigabytes' => [substr_replace(wav([0.1, 0.2, 0.3]), pack('V', 2_000_000_000), 40, 4), 'cut off'],
    'no sound' => [wav([]), 'no sound'],
]);

it('hears what is hung, and takes a clap’s word over the table’s', function (): void {
    $time = fn (array $changes): float => (new Situation(Cases::demo($changes)))->place()->sound()->speechTime();
    $hung = fn (string $how, float $area): array => [
        'treatments' => [['id' => 't', 'name' => 'blankets', 'material' => 'curtain', 'area_m2' => $area, 'hung' => $how]],
    ];
    $bare = $time([]);
    expect($time($hung('free', 7.2)))->toBeLessThan(0.9 * $bare)->and($time($hung('free', 14.4)))->toBeLessThan($time($hung('free', 7.2)))
        // On a wall it adds a little less than free; the black cloth of the light counts as well.
        ->and($time($hung('on a wall', 7.2)))->toBeGreaterThan($time($hung('free', 7.2)))->toBeLessThan($bare)
        ->and(
            $time(
                [
                    'furniture/-' => [
                        'id' => 'black', 'name' => 'black', 'width_m' => 3, 'depth_m' => 0.02, 'height_m' => 2,
                        'x_m' => 1, 'y_m' => 4, 'reflects' => 0.03,
                    ],
                ],
            ),
        )->toBeLessThan($bare);
    $clap = ['/locations/stone-room/scouted/claps' => [['id' => 'c', 'name' => 'clap', 't_500' => 1.0, 't_1000' => 1.0, 't_2000' => 1.0]]];
    expect($time($clap))->toEqualWithDelta(1.0, 1e-6)->and($time($clap + $hung('free', 7.2)))->toBeLessThan(0.9);
});

it('mends a room that rings by blankets, as many as it takes', function (): void {
    $setup = Cases::demo();
    $found = heard($setup, 'room-is-not-too-hard')[0];
    $after = $found->ideas()[0]->edit->applyTo($setup->plan)->again($setup);
    expect($found->severity->value)
        ->toBe('watch')
        ->and($found->ideas()[0]->case)
        ->toBe('hang-blankets')
        ->and(heard($after, 'room-is-not-too-hard')[0]->severity->value)
        ->toBe('holds')
        // The boom hears the voice better over the room then.
        ->and(
            (float) heard($after, 'voice-is-nearer-than-the-room')[0]->arguments['over']->value,
        )->toBeGreaterThan((float) heard($setup, 'voice-is-nearer-than-the-room')[0]->arguments['over']->value);
});

it('hears more room than voice from too far', function (): void {
    $far = Cases::demo(
        [
            'microphones/boom/x_m' => 4.4,
            'microphones/boom/y_m' => 3.6,
            'microphones/boom/height_m' => 2.4,
            '/kit/microphones/short-line/pattern_a' => 1.0,
        ],
    );
    $near = heard(Cases::demo(['microphones/boom/height_m' => 1.5]), 'voice-is-nearer-than-the-room')[0];
    expect(heard($far, 'voice-is-nearer-than-the-room')[0]->case)->toBe('room')->and($near->severity->value)->toBe('holds');
});

/** @return list<array<string, mixed>> */
function links(int $count, array $also = []): array
{
    return array_map(
        fn (int $i): array => [
            'id' => "l$i",
            'name' => "Link $i",
            'from_mhz' => 470.0,
            'to_mhz' => 518.0,
            'step_khz' => 25,
        ] + ($also[$i] ?? []),
        range(1, $count),
    );
}

it('sets sixteen links at once, clear of the scan, of each other and of their products, and keeps what is locked', function (): void {
    $setup = Cases::demo(
        [
            'links' => links(16, [3 => ['set_mhz' => 490.5, 'locked' => true]]),
            '/locations/stone-room/scouted/occupied' => [['id' => 'o', 'name' => 'a mast', 'from_mhz' => 478.0, 'to_mhz' => 486.0]],
        ],
    );
    $found = (new RadioPlan($setup))->coordinated();
    expect($found['left'])->toBe([])->and($found['edit']->values)->toHaveCount(15);
    $after = $found['edit']->applyTo($setup->plan)->again($setup);
    $carriers = (new RadioPlan($after))->carriers();
    expect($carriers['l3'])->toBe(490_500)->and((new RadioPlan($after))->hits())->toBe([])
        ->and(array_filter($carriers, fn (int $f): bool => ($f > 478_000 && $f < 486_000) || $f < 470_000 || $f > 518_000))->toBe([])
        ->and(heard($after, 'links-leave-each-other-alone')[0]->severity->value)->toBe('holds');
});

it('says truthfully which link has no room, and what falls on what', function (): void {
    $small = array_map(fn (array $l): array => ['to_mhz' => 471.0] + $l, links(5));
    expect((new RadioPlan(Cases::demo(['links' => $small])))->coordinated()['left'])->not->toBe([]);
    $bad = heard(
        Cases::demo(
            [
                'links' => links(
                    4,
                    [1 => ['set_mhz' => 470.1], 2 => ['set_mhz' => 470.5], 3 => ['set_mhz' => 470.9], 4 => ['set_mhz' => 471.0]],
                ),
            ],
        ),
        'links-leave-each-other-alone',
    );
    expect(array_unique(array_map(fn (Finding $f): string => $f->severity->value, $bad)))
        ->toBe(['breaks'])
        ->and(array_map(fn (Finding $f): string => $f->case, $bad))
        ->toContain('near')
        ->toContain('fails');
});

it('knows what of each voice is left when one thing fails', function (): void {
    $tracks = fn (array ...$lines): SetupPlan => Cases::demo(
        [
            'tracks' => array_map(
                fn (array $l, int $i): array => $l + ['id' => "t$i", 'name' => "t$i", 'voice' => 'miller'],
                $lines,
                array_keys($lines),
            ),
        ],
    );
    $two = $tracks(
        ['source' => 'boom', 'through' => 'a cable', 'recorder' => 'recorder', 'float' => true],
        ['source' => 'body', 'through' => 'a wireless link', 'link' => 'one', 'recorder' => 'camera', 'watched_by' => 'Isolde'],
    );
    expect((new TrackSheet($two))->alone('miller'))
        ->toBe([])
        ->and((new TrackSheet($two))->left('miller', 'the cable of boom'))
        ->toBe(1)
        ->and(heard($two, 'voice-has-two-ways')[0]->severity->value)
        ->toBe('holds');
    // Both into one recorder: that alone takes all of it, whichever microphone.
    $one = $tracks(
        ['source' => 'boom', 'through' => 'a cable', 'recorder' => 'recorder'],
        ['source' => 'body', 'through' => 'a wireless link', 'link' => 'one', 'recorder' => 'recorder', 'float' => true],
    );
    expect((new TrackSheet($one))->alone('miller'))
        ->toBe(['recorder'])
        ->and(array_map(fn (Finding $f): string => $f->case, heard($one, 'voice-has-two-ways')))
        ->toContain('fails')
        ->toContain('unwatched');
    expect(
        heard($tracks(['source' => 'boom', 'voice' => 'asker', 'recorder' => 'recorder', 'float' => true]), 'voice-has-two-ways')[0]->case,
    )->toBe('none');
});

it('hears two booms on two voices by three to one, and the noise by the pattern', function (): void {
    $second = fn (float $x, float $y): array => [
        'mics' => [],
        'subjects/asker/role' => 'subject',
        'microphones/-' => [
            'id' => 'two', 'name' => 'Second', 'kind' => 'boom', 'model' => 'short-line', 'pole' => 'pole-3',
            'stand' => 'boom-stand', 'subject' => 'asker', 'x_m' => $x, 'y_m' => $y, 'height_m' => 1.6,
            'stand_x_m' => 1.0, 'stand_y_m' => 0.9, 'stand_height_m' => 1.9,
        ],
    ];
    $far = heard(Cases::demo($second(2.75, 1.1)), 'others-are-three-times-as-far');
    $near = heard(Cases::demo($second(3.1, 2.3)), 'others-are-three-times-as-far');
    expect($far)
        ->toHaveCount(2)
        ->and($far[0]->severity->value)
        ->toBe('holds')
        ->and(array_map(fn (Finding $f): string => $f->severity->value, $near))
        ->toContain('watch');
    $noise = fn (float $a): float => (float) heard(
        Cases::demo(['/kit/microphones/short-line/pattern_a' => $a]),
        'voice-stands-over-the-noise',
    )[0]->arguments['margin']->value;
    expect($noise(0.25) - $noise(1.0))->toEqualWithDelta(6.02, 0.01);
});

/** @return array<string, string> the worst of each check of sound, with its case */
function soundVerdicts(array $changes): array
{
    $all = [];
    foreach (Judge::standard()->judge(Cases::demo($changes))->findings as $finding) {
        $finding->stage !== Stage::Sound ?: $all[$finding->check] ??= "{$finding->severity->value} $finding->case";
    }

    return $all;
}

it('brings a microphone’s level to where it belongs, by its sensitivity', function (): void {
    // 20 mV/Pa is −33.98 dBV, −31.76 dBu at 94 dB; a talk of 60 dB from half a metre comes with 66.02 dB.
    $level = InputLevel::of(20.0, 66.02, 15.0, 4.0);
    expect($level->meanDbu)
        ->toEqualWithDelta(-59.74, 0.02)
        ->and($level->gainDb)
        ->toEqualWithDelta(4 - 20 + 59.74, 0.02)
        ->and($level->headroomDb())
        ->toEqualWithDelta(5.0, 1e-9);
    // A pair stands for one microphone on each of its tracks.
    expect(
        array_map(fn (LevelPlan $p): string => $p->ear->name, LevelPlan::allOf(new Situation(Cases::demo(['@' => 'duo'])))),
    )->toBe(['Wren’s microphone', 'Cello clip', 'room pair', 'room pair']);
    $plans = LevelPlan::allOf(new Situation(Cases::demo()));
    expect($plans)
        ->toHaveCount(2)
        ->and($plans[0]->ear->name)
        ->toBe('Boom')
        ->and($plans[0]->meanDb)
        ->toEqualWithDelta(60 - 20 * log10($plans[0]->ear->at->distanceTo($plans[0]->voice->at)), 0.01);
});

it('loses a link by distance, walls and bodies', function (): void {
    // ITU-R P.525: 100 m at 500 MHz lose 66.4 dB; 30 mW are 14.8 dBm.
    $path = RadioPath::of(30.0, 100.0, 500.0, [9.0], 1);
    expect($path->freeSpaceDb)
        ->toEqualWithDelta(66.42, 0.01)
        ->and($path->receivedDbm)
        ->toEqualWithDelta(14.77 - 66.42 - 9 - 10, 0.01)
        ->and($path->marginDb())
        ->toEqualWithDelta(90 + 14.77 - 85.42, 0.01)
        ->and(RadioPath::wallDb('rough stone'))->toBe(16.0);
});

it('spreads by level and time what a pair hears', function (): void {
    $cardioid = new Pickup(0.5);
    $angle = fn (float $spacing, float $deg): float => rad2deg((new StereoPair($cardioid, $spacing, deg2rad($deg)))->recordingAngle());
    // 17 cm and 110° hear about 95 to 110°; wider apart or turned wider, less; two in one place by level alone, far more.
    expect($angle(0.17, 110))
        ->toBeGreaterThan(90)
        ->toBeLessThan(115)
        ->and($angle(0.3, 110))
        ->toBeLessThan($angle(0.17, 110))
        ->and($angle(0.17, 130))
        ->toBeLessThan($angle(0.17, 110))
        ->and($angle(0.0, 90))
        ->toBeGreaterThan(150);
});

it('hears each octave by its own pattern', function (): void {
    $line = Cases::demo()->plan->kit->microphones['short-line'];
    expect($line->pickupAt(5)->levelDb(M_PI / 2))
        ->toBeLessThan($line->pickupAt(0)->levelDb(M_PI / 2) - 8)
        ->and($line->pickupAt(0)->levelDb(0.0))
        ->toEqualWithDelta(0.0, 1e-9);
});

it('judges microphones, inputs, cables and cells as they are listed', function (array $changes, string $check, string $expected): void {
    expect(soundVerdicts($changes)[$check] ?? '')->toBe($expected);
})->with([
    'a chain beside it' => [['mics/mics-1/caution' => 'a chain or beads'], 'worn-microphones-are-quiet', 'watch rubs'],
    'no way for its cable' => [['mics/mics-1/route' => ''], 'worn-microphones-are-quiet', 'holds route'],
    'a boom over the ear' => [['microphones/boom/x_m' => 3.3, 'microphones/boom/y_m' => 3.2], 'boom-hears-the-front', 'watch fails'],
    'one input for two' => [
        ['recorders/recorders-1/inputs' => 1, 'tracks/tracks-2/recorder' => 'recorder'],
        'inputs-suffice',
        'breaks short',
    ],
    'two on one input' => [['tracks/tracks-2/recorder' => 'recorder'], 'inputs-suffice', 'breaks twice'],
    'an input that is none' => [['tracks/tracks-1/input' => 9], 'inputs-suffice', 'breaks none-such'],
    'no power' => [['recorders/recorders-1/phantom' => false], 'inputs-suffice', 'breaks phantom'],
    'cables too short' => [
        ['leads' => [['id' => 'a', 'name' => 'XLR, 3 m', 'connector' => 'XLR', 'length_m' => 3, 'count' => 1]]],
        'cables-reach',
        'breaks short',
    ],
    'no spare' => [['leads/leads-1/count' => 1], 'cables-reach', 'watch no-spare'],
    'an adapter' => [['recorders/recorders-1/connector' => 'small jack'], 'cables-reach', 'watch adapter'],
    'an unbalanced run' => [
        [
            'tracks/tracks-2/through' => 'a cable',
            'tracks/tracks-2/recorder' => 'recorder',
            'tracks/tracks-2/input' => 2,
            'mics/mics-1/worn' => 'on a table',
            'mics/mics-1/x_m' => 6.6,
            'mics/mics-1/y_m' => 3.0,
            'recorders/recorders-1/connector' => 'small jack',
            'leads/-' => ['id' => 'j', 'name' => 'jack', 'connector' => 'small jack', 'length_m' => 20, 'count' => 3],
            '/kit/microphones/short-line/connector' => 'small jack',
        ],
        'cables-reach',
        'watch unbalanced',
    ],
    'nothing listed' => [['leads' => []], 'cables-reach', 'watch unlisted'],
    'too little gain' => [
        ['recorders/recorders-1/clips_dbu' => 28, '/kit/microphones/short-line/millivolts' => 1],
        'levels-have-headroom',
        'watch weak',
    ],
    'a line input' => [['/kit/microphones/short-line/most_db' => 80], 'levels-have-headroom', 'breaks overload'],
    'cells for an hour' => [['links/links-1/hours' => 0.5], 'packs-outlast-the-day', 'breaks in-the-take'],
    'cells for the day' => [['links/links-1/hours' => 1, 'links/links-1/sets' => 1], 'packs-outlast-the-day', 'watch short'],
    'another rate' => [['recorders/recorders-2/rate_khz' => 44.1], 'formats-agree', 'watch fails'],
    'no room tone' => [['/brief/facts/room_tone' => false], 'room-tone-is-planned', 'watch fails'],
    'no sync' => [['/brief/facts/sync' => 'nobody has said'], 'pictures-can-be-synced', 'watch open'],
    'timecode' => [['/brief/facts/sync' => 'timecode'], 'pictures-can-be-synced', 'holds timecode'],
    'a far camera' => [['@' => 'duo', 'metering/fps' => 120], 'pictures-can-be-synced', 'watch fails'],
    'a feed nobody agreed' => [
        [
            '@' => 'duo',
            'feeds/-' => [
                'id' => 'f',
                'name' => 'desk',
                'who' => 'Orrin',
                'connector' => 'XLR',
                'recorder' => 'recorder',
                'state' => 'asked',
            ],
        ],
        'desk-feed-is-agreed',
        'watch asked',
    ],
    'a hot feed' => [
        [
            '@' => 'duo',
            'feeds/-' => [
                'id' => 'f',
                'name' => 'desk',
                'who' => 'Orrin',
                'connector' => 'XLR',
                'recorder' => 'recorder',
                'state' => 'agreed',
            ],
        ],
        'desk-feed-is-agreed',
        'watch hot',
    ],
    'a feed of the school' => [['@' => 'duo', '/brief/schools/recorder' => 'venue-desk'], 'desk-feed-is-agreed', 'watch none'],
    'the sluice runs' => [
        ['/brief/days/days-1/from' => '13:30', '/brief/days/days-1/to' => '14:30', 'microphones/boom/y_m' => 1.9],
        'quiet-hours-are-used',
        'watch other',
    ],
    'wind on a bare capsule' => [['/locations/stone-room/space/ceiling' => ['kind' => 'none']], 'wind-is-kept-off', 'breaks fails'],
    'a narrow pair' => [['@' => 'duo', 'pairs/pairs-1/y_m' => 0.6], 'pair-hears-the-width', 'watch narrow'],
    'a name for nothing' => [['tracks/tracks-1/source' => 'the other boom'], 'tracks-name-what-is-placed', 'watch source'],
    'nobody listens' => [['recorders/recorders-1/watched_by' => ''], 'somebody-listens', 'watch nobody'],
    'wide and no float' => [
        ['/brief/schools/levels' => 'wide-range', 'tracks/tracks-1/float' => false, 'recorders/recorders-1/float' => false],
        'somebody-listens',
        'watch narrow',
    ],
    'body first' => [['/brief/schools/microphone' => 'body-first', 'mics' => []], 'microphones-are-as-chosen', 'watch no-body'],
    'boom first' => [['microphones' => []], 'microphones-are-as-chosen', 'watch no-boom'],
    'a feed to no camera' => [
        ['tracks/tracks-2/recorder' => 'recorder', 'tracks/tracks-2/input' => 2],
        'microphones-are-as-chosen',
        'watch no-feed',
    ],
    'an asker in the scene' => [['/brief/schools/asker' => 'in-the-scene'], 'asker-stays-off-the-track', 'watch no-track'],
    'an asker beside the lavalier' => [
        ['subjects/asker/x_m' => 3.2, 'subjects/asker/y_m' => 1.9],
        'asker-stays-off-the-track',
        'watch fails',
    ],
    'two under one boom' => [['mics' => [], 'subjects/asker/role' => 'subject'], 'every-voice-is-near-a-microphone', 'watch far'],
    'two under one boom and hands' => [
        ['mics' => [], 'subjects/asker/role' => 'subject', '/brief/facts/boom_hand' => true],
        'every-voice-is-near-a-microphone',
        'holds swing',
    ],
    'a band of elsewhere' => [
        ['links/links-1/set_mhz' => 680.0, '/brief/facts/region' => 'North America'],
        'bands-are-usual',
        'breaks fails',
    ],
    'a band of here' => [['/brief/facts/region' => 'Europe'], 'bands-are-usual', 'holds holds'],
    'a link through stone' => [
        ['antennas/antennas-1/x_m' => 3.6, 'links/links-1/power_mw' => 0.1, 'links/links-1/set_mhz' => 5800.0],
        'links-reach',
        'watch fails',
    ],
]);

it('aligns two microphones of one voice by samples', function (): void {
    $found = heard(Cases::demo(), 'two-microphones-are-aligned')[0];
    $ears = (new Situation(Cases::demo()))->ears();
    $voice = (new Situation(Cases::demo()))->voices()['miller'];
    expect($found->arguments['samples']->value)->toEqualWithDelta(
        round(48_000 * abs($ears['boom']->at->distanceTo($voice->at) - $ears['mics-1']->at->distanceTo($voice->at)) / 343.2),
        1.0,
    );
});

it('says what each frame costs the boom, and what a lower frame gives back', function (): void {
    $situation = new Situation(Cases::demo());
    $study = new BoomStudy($situation, $situation->scene->booms['boom']);
    $costs = $study->costs();
    expect($costs)->toHaveKey('cam-b')->and($costs['cam-b'])->toBeGreaterThan(0.5);
    [$won, $mend] = $study->wonBack();
    $after = new Situation($mend->edit->applyTo($situation->setup->plan)->again($situation->setup));
    expect($won)->toBeGreaterThan(0.2)->and($after->scene->booms['boom']->distanceM())->toBeLessThan($study->nearest()->distanceM)
        ->and(
            array_filter(
                Judge::standard()->judge($after->setup)->findings,
                fn (Finding $f): bool => $f->check === 'boom-stays-out-of-frame' && $f->severity === Severity::Breaks,
            ),
        )->toBe([]);
    foreach ($study->volume() as [$tip]) {
        foreach ($situation->scene->views as $view) {
            $at = $view->place($tip);
            expect($at === null || abs($at[0]) > $view->cropX || abs($at[1]) > $view->cropY)->toBeTrue();
        }
    }
});

it('sees a microphone on a stand in the frame, and who moves it', function (): void {
    $found = array_values(
        array_filter(
            heard(Cases::demo(['@' => 'duo', 'pairs/pairs-1/hung' => 'on a stand']), 'frame-is-clear'),
            fn (Finding $f): bool => in_array('pairs-1', $f->about, true),
        ),
    );
    expect($found)->not->toBe([])->and(array_key_first($found[0]->ideas()[0]->edit->values))->toStartWith('/setups/duo/pairs/pairs-1/');
});

it('repairs what disturbs by setting as few links anew as will do, and leaves the rest', function (): void {
    // 2·470.6 − 470.2 falls on 471.0.
    $setup = Cases::demo(
        ['@' => 'duo', 'links/links-1/set_mhz' => 470.2, 'links/links-2/set_mhz' => 470.6, 'links/links-3/set_mhz' => 471.0],
    );
    $repaired = (new RadioPlan($setup))->repaired();
    expect($repaired['moved'])->toHaveCount(2);
    $after = $repaired['edit']->applyTo($setup->plan)->again($setup);
    expect((new RadioPlan($after))->hits())->toBe([])->and((new RadioPlan($after))->repaired())->toBeNull();
    // Locked ones stay: then another gives way.
    $locked = Cases::demo(
        [
            '@' => 'duo',
            'links/links-1/set_mhz' => 470.2,
            'links/links-2/set_mhz' => 470.6,
            'links/links-3/set_mhz' => 471.0,
            'links/links-3/locked' => true,
        ],
    );
    $moved = (new RadioPlan($locked))->repaired();
    expect($moved['moved'])->not->toContain('Wren’s ear');
});

it('writes the track sheet from what is placed, by the school of the recorder, and leaves what is written', function (): void {
    $placed = Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6)->boom('boom', 4.1, 4.0, 1.7)
        ->row('mics', ['id' => 'lav', 'name' => 'Lav', 'model' => 'body-omni', 'person' => 'ann', 'worn' => 'on the chest'])
        ->row('mics', ['id' => 'old', 'name' => 'Spare', 'model' => 'body-omni', 'person' => 'ann', 'worn' => 'on the chest', 'spare' => true])
        ->row('links', ['id' => 'x', 'name' => 'X', 'carries' => 'a voice', 'person' => 'ann']);
    $recorded = $placed->row('recorders', ['id' => 'r', 'name' => 'Field recorder', 'inputs' => 2]);
    $lines = static fn (Plans $plan): array => array_map(
        static fn ($t): array => [$t->text('source'), $t->text('through'), $t->text('link'), $t->text('recorder'), $t->number('input')],
        $plan->setup()->after((new FineFrame\Judge\TrackPlan(new Situation($plan->setup())))->proposed())->setup->list('tracks'),
    );

    expect($lines($recorded))->toBe([
        ['Boom', 'a cable', '', 'Field recorder', 1.0],
        ['Lav', 'a wireless link', 'X', 'Field recorder', 2.0],
    ])->and($lines($placed->with(['/brief/schools/recorder' => 'camera'])))->toBe([
        ['Boom', 'a cable', '', 'camera A', 1.0],
        ['Lav', 'a wireless link', 'X', 'camera A', 2.0],
    ])->and($lines($placed->with(['/brief/schools/recorder' => 'on-the-speaker']))[1][3])->toBe('recorder on Ann');
    $half = $recorded->row('tracks', ['name' => 't', 'voice' => 'ann', 'source' => 'boom', 'recorder' => 'Field recorder', 'input' => 1]);
    expect(array_column($lines($half), 4))->toBe([1.0, 2.0]);
    $whole = $half->row('tracks', ['name' => 'u', 'voice' => 'ann', 'source' => 'Lav']);
    expect((new FineFrame\Judge\TrackPlan(new Situation($whole->setup())))->proposed())->toBeNull();
});
