<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Format\Wav\Reader;
use FineFrame\Judge\Hearing;
use FineFrame\Judge\Situation;
use FineFrame\Sound\Arrival;
use FineFrame\Sound\Decay;
use FineFrame\Sound\Dry;
use FineFrame\Sound\Filter;
use FineFrame\Sound\ImpulseResponse;

/** @param  list<float>  $samples */
function energyOf(array $samples): float
{
    return array_sum(array_map(static fn (float $s): float => $s * $s, $samples));
}

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->heard = fn (string $at): array => Reader::read($this->get("/shoots/{$this->shoot->id}/$at")->assertOk()->getContent())->samples;
});

it('serves what the boom hears of a click, as the figures have it', function (): void {
    $situation = new Situation(app(PlanStore::class)->open($this->shoot)->setup());
    [$ear, $voice] = $situation->heard()['boom'];
    $hearing = Hearing::of($situation, $ear, $voice);
    $samples = ($this->heard)('hear/boom.wav');
    $at = (int) round($ear->at->distanceTo($voice->at) / Arrival::SPEED * ImpulseResponse::RATE_HZ);
    $band = 4;
    $octave = Filter::octave(array_slice($samples, $at + 1), $band, ImpulseResponse::RATE_HZ);
    $click = energyOf(Filter::octave([1.0, ...array_fill(0, 6000, 0.0)], $band, ImpulseResponse::RATE_HZ));
    $over = 10 * log10(10 ** ($hearing->directDb() / 10) * $click / energyOf($octave));

    expect(20 * log10($samples[$at]))->toEqualWithDelta($hearing->directDb(), 0.5)
        ->and(Decay::of($octave, ImpulseResponse::RATE_HZ)->t30)->toEqualWithDelta($situation->place()->sound()->time($band), 0.08)
        ->and($over)->toEqualWithDelta($hearing->tail->underDb($hearing->arrivals[0]->gains[0])[$band], 0.5);
});

it('serves it after a change, and nothing where there is nothing to hear', function (): void {
    $raised = json_encode(['/setups/talk/microphones/boom/height_m' => 2.1]);
    $at = "/shoots/{$this->shoot->id}/hear";

    expect(max(($this->heard)('hear/boom.wav?edit='.urlencode($raised))))->toBeLessThan(0.8 * max(($this->heard)('hear/boom.wav')));
    $this->get("$at/none.wav")->assertNotFound();
    $this->get("$at/boom.wav?edit=".urlencode('{"/setups/talk/microphones/boom/height_m": 90}'))->assertNotFound();
    $this->get("$at/boom.wav?edit=sideways")->assertOk();
    $this->get('/sounds/horn.wav')->assertNotFound();
});

it('speaks, plays and rushes as loud as it says', function (string $sound): void {
    $samples = Reader::read($this->get("/sounds/$sound.wav")->assertOk()->getContent())->samples;
    $loud = array_values(array_filter($samples, static fn (float $s): bool => abs($s) > 1e-5));

    expect(10 * log10(energyOf($loud) / count($loud)))->toEqualWithDelta(Dry::LEVEL_DB, 0.1)->and(max($samples))->toBeLessThan(1.0);
})->with(['voice', 'cello', 'noise']);

it('lists each microphone with what to listen for, or says why there is nothing', function (): void {
    $page = $this->get("/shoots/{$this->shoot->id}/sound?look=hear")->assertOk();
    $page->assertSee('Boom, for Miller')->assertSee('hang Boom ')->assertSee('Lavalier, for Miller')->assertSee('8.4 dB');
    ($this->shoot)->refresh();
    $this->get("/shoots/{$this->shoot->id}/sound?look=hear&place=glasshouse")->assertOk()->assertSee('No microphone is assigned to anyone yet');
});
