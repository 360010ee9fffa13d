<?php

declare(strict_types=1);

use FineFrame\Format\UnreadableFile;
use FineFrame\Format\Wav\Reader;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Situation;
use FineFrame\Judge\TrackSheet;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\Decay;
use FineFrame\Tests\Cases;

/** Noise that dies away by 60 dB in so many seconds over a floor so far down. */
function dying(float $seconds, float $floorDb, float $rate = 16_000, float $long = 2.0): array
{
    mt_srand(5);

    return array_map(fn (int $i): float => (mt_rand() / mt_getrandmax() - 0.5) * 10 ** (-3 * $i / $rate / $seconds) + (mt_rand() / mt_getrandmax() - 0.5) * 10 ** (-$floorDb / 20), range(0, (int) ($long * $rate)));
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

    return 'RIFF'.pack('V', 36 + strlen($data)).'WAVEfmt '.pack('VvvVVvv', 16, $code, $channels, $rate, $rate * $bytes, $bytes, $bits).'data'.pack('V', strlen($data)).$data;
}

/** @return list<Finding> */
function heard(SetupPlan $setup, string $check): array
{
    return array_values(array_filter(Judge::standard()->judge($setup)->findings, fn (Finding $f): bool => $f->check === $check));
}

it('finds the decay that was put in, from recordings of every depth', function (int $bits, int $code): void {
    $read = Reader::read(wav(dying(0.6, 70), $bits, $code));
    $decay = Decay::of($read->samples, $read->rateHz);
    expect($read->rateHz)->toBe(16_000.0)->and($decay->t20)->toEqualWithDelta(0.6, 0.03)->and($decay->t30)->toEqualWithDelta(0.6, 0.03)->and($decay->rangeDb)->toBeGreaterThan(50);
})->with([[16, 1], [24, 1], [32, 1], [32, 3]]);

it('tells no time that the noise hides', function (): void {
    expect(Decay::of(dying(0.6, 20), 16_000)->t20)->toBeNull()->and(Decay::of(dying(0.6, 41), 16_000)->t30)->toBeNull()->and(Decay::of(dying(0.6, 41), 16_000)->t20)->toEqualWithDelta(0.6, 0.06)->and(Decay::of([0.1, 0.2], 16_000)->t20)->toBeNull()
        // Two channels are mixed to one.
        ->and(count(Reader::read(wav(dying(0.3, 60, long: 0.5), channels: 2))->samples))->toBe(4001);
});

it('refuses what is no recording, saying why', function (string $file, string $says): void {
    expect(fn () => Reader::read($file))->toThrow(UnreadableFile::class, $says);
})->with([
    'text' => ['a clap, written down', 'not a WAV'], 'empty' => ['', 'not a WAV'], 'cut off' => [substr(wav(dying(0.3, 60, long: 0.1)), 0, 200), 'cut off'], '8 bits' => [wav([0.1, 0.2], 8), '8 bits'],
    'a header of two gigabytes' => [substr_replace(wav([0.1, 0.2, 0.3]), pack('V', 2_000_000_000), 40, 4), 'cut off'], 'no sound' => [wav([]), 'no sound'],
]);

it('hears what is hung, and takes a clap’s word over the table’s', function (): void {
    $time = fn (array $changes): float => (new Situation(Cases::demo($changes)))->place()->sound()->speechTime();
    $hung = fn (string $how, float $area): array => ['treatments' => [['id' => 't', 'name' => 'blankets', 'material' => 'curtain', 'area_m2' => $area, 'hung' => $how]]];
    $bare = $time([]);
    expect($time($hung('free', 7.2)))->toBeLessThan(0.9 * $bare)->and($time($hung('free', 14.4)))->toBeLessThan($time($hung('free', 7.2)))
        // On a wall it adds a little less than free; the black cloth of the light counts as well.
        ->and($time($hung('on a wall', 7.2)))->toBeGreaterThan($time($hung('free', 7.2)))->toBeLessThan($bare)
        ->and($time(['furniture/-' => ['id' => 'black', 'name' => 'black', 'width_m' => 3, 'depth_m' => 0.02, 'height_m' => 2, 'x_m' => 1, 'y_m' => 4, 'reflects' => 0.03]]))->toBeLessThan($bare);
    $clap = ['/locations/stone-room/scouted/claps' => [['id' => 'c', 'name' => 'clap', 't_500' => 1.0, 't_1000' => 1.0, 't_2000' => 1.0]]];
    expect($time($clap))->toEqualWithDelta(1.0, 1e-6)->and($time($clap + $hung('free', 7.2)))->toBeLessThan(0.9);
});

it('mends a room that rings by blankets, as many as it takes', function (): void {
    $setup = Cases::demo();
    $found = heard($setup, 'room-is-not-too-hard')[0];
    $after = $found->ideas[0]->edit->applyTo($setup->plan)->again($setup);
    expect($found->severity->value)->toBe('watch')->and($found->ideas[0]->case)->toBe('hang-blankets')->and(heard($after, 'room-is-not-too-hard')[0]->severity->value)->toBe('holds')
        // The boom hears the voice better over the room then.
        ->and((float) heard($after, 'voice-is-nearer-than-the-room')[0]->arguments['over']->value)->toBeGreaterThan((float) heard($setup, 'voice-is-nearer-than-the-room')[0]->arguments['over']->value);
});

it('hears more room than voice from too far', function (): void {
    $far = Cases::demo(['microphones/boom/x_m' => 4.4, 'microphones/boom/y_m' => 3.6, 'microphones/boom/height_m' => 2.4, '/kit/microphones/short-line/pattern_a' => 1.0]);
    $near = heard(Cases::demo(['microphones/boom/height_m' => 1.5]), 'voice-is-nearer-than-the-room')[0];
    expect(heard($far, 'voice-is-nearer-than-the-room')[0]->case)->toBe('room')->and($near->severity->value)->toBe('holds');
});

/** @return list<array<string, mixed>> */
function links(int $count, array $also = []): array
{
    return array_map(fn (int $i): array => ['id' => "l$i", 'name' => "Link $i", 'from_mhz' => 470.0, 'to_mhz' => 518.0, 'step_khz' => 25] + ($also[$i] ?? []), range(1, $count));
}

it('sets sixteen links at once, clear of the scan, of each other and of their products, and keeps what is locked', function (): void {
    $setup = Cases::demo(['links' => links(16, [3 => ['set_mhz' => 490.5, 'locked' => true]]), '/locations/stone-room/scouted/occupied' => [['id' => 'o', 'name' => 'a mast', 'from_mhz' => 478.0, 'to_mhz' => 486.0]]]);
    $begun = microtime(true);
    $found = (new RadioPlan($setup))->coordinated();
    expect(microtime(true) - $begun)->toBeLessThan(2.0)->and($found['left'])->toBe([])->and($found['edit']->values)->toHaveCount(15);
    $after = $found['edit']->applyTo($setup->plan)->again($setup);
    $carriers = (new RadioPlan($after))->carriers();
    expect($carriers['l3'])->toBe(490_500)->and((new RadioPlan($after))->conflicts())->toBe([])
        ->and(array_filter($carriers, fn (int $f): bool => ($f > 478_000 && $f < 486_000) || $f < 470_000 || $f > 518_000))->toBe([])
        ->and(heard($after, 'links-leave-each-other-alone')[0]->severity->value)->toBe('holds');
});

it('says truthfully which link has no room, and what falls on what', function (): void {
    $small = array_map(fn (array $l): array => ['to_mhz' => 471.0] + $l, links(5));
    expect((new RadioPlan(Cases::demo(['links' => $small])))->coordinated()['left'])->not->toBe([]);
    $bad = heard(Cases::demo(['links' => links(4, [1 => ['set_mhz' => 470.1], 2 => ['set_mhz' => 470.5], 3 => ['set_mhz' => 470.9], 4 => ['set_mhz' => 471.0]])]), 'links-leave-each-other-alone');
    expect(array_unique(array_map(fn (Finding $f): string => $f->severity->value, $bad)))->toBe(['breaks'])->and(array_map(fn (Finding $f): string => $f->case, $bad))->toContain('near')->toContain('fails');
});

it('knows what of each voice is left when one thing fails', function (): void {
    $tracks = fn (array ...$lines): SetupPlan => Cases::demo(['tracks' => array_map(fn (array $l, int $i): array => $l + ['id' => "t$i", 'name' => "t$i", 'voice' => 'miller'], $lines, array_keys($lines))]);
    $two = $tracks(['source' => 'boom', 'through' => 'a cable', 'recorder' => 'recorder', 'float' => true], ['source' => 'body', 'through' => 'a wireless link', 'link' => 'one', 'recorder' => 'camera', 'watched_by' => 'Isolde']);
    expect((new TrackSheet($two))->alone('miller'))->toBe([])->and((new TrackSheet($two))->left('miller', 'the cable of boom'))->toBe(1)->and(heard($two, 'voice-has-two-ways')[0]->severity->value)->toBe('holds');
    // Both into one recorder: that alone takes all of it, whichever microphone.
    $one = $tracks(['source' => 'boom', 'through' => 'a cable', 'recorder' => 'recorder'], ['source' => 'body', 'through' => 'a wireless link', 'link' => 'one', 'recorder' => 'recorder', 'float' => true]);
    expect((new TrackSheet($one))->alone('miller'))->toBe(['recorder'])->and(array_map(fn (Finding $f): string => $f->case, heard($one, 'voice-has-two-ways')))->toContain('fails')->toContain('unwatched');
    expect(heard($tracks(['source' => 'boom', 'voice' => 'asker', 'recorder' => 'recorder', 'float' => true]), 'voice-has-two-ways')[0]->case)->toBe('none');
});

it('hears two booms on two voices by three to one, and the noise by the pattern', function (): void {
    $second = fn (float $x, float $y): array => ['subjects/asker/role' => 'subject', 'microphones/-' => ['id' => 'two', 'name' => 'Second', 'kind' => 'boom', 'model' => 'short-line', 'pole' => 'pole-3', 'stand' => 'boom-stand', 'subject' => 'asker', 'x_m' => $x, 'y_m' => $y, 'height_m' => 1.6, 'stand_x_m' => 1.0, 'stand_y_m' => 0.9, 'stand_height_m' => 1.9]];
    $far = heard(Cases::demo($second(2.75, 1.1)), 'others-are-three-times-as-far');
    $near = heard(Cases::demo($second(3.1, 2.3)), 'others-are-three-times-as-far');
    expect($far)->toHaveCount(2)->and($far[0]->severity->value)->toBe('holds')->and(array_map(fn (Finding $f): string => $f->severity->value, $near))->toContain('watch');
    $noise = fn (float $a): float => (float) heard(Cases::demo(['/kit/microphones/short-line/pattern_a' => $a]), 'voice-stands-over-the-noise')[0]->arguments['margin']->value;
    expect($noise(0.25) - $noise(1.0))->toEqualWithDelta(6.02, 0.01);
});
