<?php

declare(strict_types=1);

use App\Instruments\Instruments;
use App\Plans\PlanStore;
use FineFrame\Format\Csv\ScanTable;
use FineFrame\Format\Wav\Reader;
use FineFrame\Plan\PlanReader;
use FineFrame\Sound\Decay;
use Illuminate\Http\UploadedFile;

it('hangs cloth and hears it, brings a clap in, and refuses a noisy one with a sentence', function (): void {
    $shoot = $this->demo();
    $at = "/shoots/$shoot->id/sound?look=room";
    $this->get($at)->assertOk()->assertSee('Reverb for speech: 1.69 s')->assertSee('Equal to the reverb at');
    $this->post(
        "/shoots/$shoot->id/sheet",
        [
            'version' => 1,
            'stage' => 'sound',
            'look' => 'room',
            'sheet' => 'treatments',
            'rows' => ['new' => ['id' => '', 'name' => 'two blankets', 'material' => 'curtain', 'area_m2' => '7.2', 'hung' => 'free']],
        ],
    )->assertRedirect();
    $this->get($at)->assertSee('bare, 1.80 s')->assertDontSee('Reverb for speech: 1.69 s');

    $bring = fn (string $file): Illuminate\Testing\TestResponse => $this->post(
        "/shoots/$shoot->id/bring",
        [
            'version' => $shoot->refresh()->version,
            'stage' => 'sound',
            'look' => 'room',
            'what' => 'clap',
            'file' => UploadedFile::fake()->createWithContent(
                'clap.wav',
                (string) file_get_contents(base_path("core/tests/data/files/$file.wav")),
            ),
        ],
    );
    $bring('decay_buried')->assertStatus(422)->assertSee('Clap louder, or wait until it is quieter');
    $bring('decay_two_bands_a')->assertSessionHasNoErrors()->assertSessionHas('said');
    $clap = app(PlanStore::class)->open($shoot->refresh())->location('stone-room')->list('claps')[0];
    expect($clap->number('t_1000'))->toEqualWithDelta(0.95, 0.1)->and($clap->number('t_4000'))->toEqualWithDelta(0.45, 0.06);
    $this->get($at)->assertSee('% estimated');
});

it('coordinates the links on the page, and says which has no room', function (): void {
    $shoot = $this->demo();
    $rows = [];
    foreach (range(1, 12) as $i) {
        $rows["new$i"] = [
            'id' => '',
            'name' => "Link $i",
            'carries' => 'a voice',
            'from_mhz' => '470',
            'to_mhz' => '494',
            'step_khz' => '25',
        ];
    }
    $this->post(
        "/shoots/$shoot->id/sheet",
        ['version' => 1, 'stage' => 'sound', 'look' => 'radio', 'sheet' => 'links', 'rows' => $rows],
    )->assertRedirect();
    $plan = app(PlanStore::class)->open($shoot->refresh())->setup();
    expect($plan->setup->list('links'))->toHaveCount(12);
    $this->get("/shoots/$shoot->id/sound?look=radio")->assertSee('wireless links have no frequency yet');
    $this->post(
        "/shoots/$shoot->id/radio",
        ['version' => $shoot->refresh()->version, 'stage' => 'sound', 'look' => 'radio'],
    )->assertSessionHas('said');
    $this->get("/shoots/$shoot->id/sound?look=radio")->assertSee('All 12 wireless links are clear of each other');
});

it('brings a scan in and keeps the links clear of it', function (): void {
    $shoot = $this->demo();
    $scan = implode("\n", array_map(fn (int $i): string => (469 + $i * 0.1).','.($i < 40 ? -55 : -101), range(0, 300)));
    $this->post(
        "/shoots/$shoot->id/bring",
        [
            'version' => 1,
            'stage' => 'sound',
            'look' => 'radio',
            'place' => 'duo',
            'what' => 'scan',
            'file' => UploadedFile::fake()->createWithContent('scan.csv', $scan),
        ],
    )->assertSessionHas('said', 'One frequency range is in use.');
    $this->get("/shoots/$shoot->id/sound?look=radio&place=duo")->assertSee('on a frequency in use: heard at');
    $this->post(
        "/shoots/$shoot->id/radio",
        ['version' => 2, 'stage' => 'sound', 'look' => 'radio', 'place' => 'duo'],
    )->assertSessionHas('said', 'Set 6 links.');
    $this
        ->get("/shoots/$shoot->id/sound?look=radio&place=duo")
        ->assertDontSee('on a frequency in use: heard at')
        ->assertSee('are clear of each other');
});

it('scans and claps by the instruments, near to the hidden world', function (): void {
    $place = PlanReader::json((string) file_get_contents(database_path('demo/sallow-tide-mill.fineframe.json')))->location('grain-loft');
    $instruments = app(Instruments::class);
    $parts = ScanTable::read($instruments->scan($place));
    expect($parts)
        ->toHaveCount(3)
        ->and($parts[0]['from'])
        ->toEqualWithDelta(478.0, 0.15)
        ->and($parts[0]['to'])
        ->toEqualWithDelta(486.0, 0.15);
    $clap = Reader::read($instruments->clap($place));
    expect(Decay::of(Decay::octave($clap->samples, $clap->rateHz, 1000), $clap->rateHz)->t20)->toEqualWithDelta(0.6, 0.12);
});

it('prints the sound sheet, and shows every look of sound in both units', function (): void {
    $shoot = $this->demo();
    foreach (['talk', 'duo'] as $place) {
        expect(
            $this->get("/shoots/$shoot->id/sound.pdf?place=$place&stage=sound")->assertOk()->headers->get('content-type'),
        )->toBe('application/pdf');
        foreach ([
            'mics' => 'Level plan',
            'tracks' => 'Routing',
            'cables' => 'Recorders',
            'music' => 'Stereo pairs',
            'radio' => 'Signal at the antenna',
            'room' => 'Noise over the day',
        ] as $look => $says) {
            $this->get("/shoots/$shoot->id/sound?look=$look&place=$place")->assertOk()->assertSee($says);
        }
    }
});
