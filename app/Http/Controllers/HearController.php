<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Where;
use App\Models\Shoot;
use FineFrame\Document\InvalidDocument;
use FineFrame\Format\Wav\Writer;
use FineFrame\Judge\Hearing;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Edit;
use FineFrame\Plan\UnknownThing;
use FineFrame\Sound\Dry;
use FineFrame\Sound\ImpulseResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Sound to listen to: what a microphone makes of a click, and who speaks or plays without any room. */
final readonly class HearController
{
    /** Seconds of the place’s noise, which goes round. */
    private const NOISE_S = 5.0;

    public function __construct(private Desk $desk)
    {
    }

    /** @throws UnknownThing if there is no such microphone, or nothing to be heard by it */
    public function microphone(Request $request, Shoot $shoot, string $microphone): Response
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $values = json_decode(Where::word($request, 'edit') ?: '[]', true);
        try {
            $after = is_array($values) && $values !== [] ? $setup->after(new Edit($this->named($values))) : $setup;
        } catch (InvalidDocument) {
            throw UnknownThing::called('change', Where::word($request, 'edit'));
        }
        $situation = new Situation($after);
        [$ear, $voice] = $situation->heard()[$microphone] ?? throw UnknownThing::called('microphone', $microphone);
        $hearing = Hearing::of($situation, $ear, $voice) ?? throw UnknownThing::called('room around', $microphone);

        return $this->wav($hearing->response()->samples(), ImpulseResponse::RATE_HZ);
    }

    /** @throws UnknownThing if nothing sounds so */
    public function dry(string $sound): Response
    {
        return $this->wav(match ($sound) {
            'voice' => Dry::voice(),
            'cello' => Dry::cello(),
            'noise' => Dry::noise(self::NOISE_S),
            default => throw UnknownThing::called('sound', $sound),
        }, Dry::RATE_HZ);
    }

    /** @param  list<float>  $samples */
    private function wav(array $samples, int $rateHz): Response
    {
        return response(Writer::write($samples, $rateHz), 200, ['Content-Type' => 'audio/wav', 'Cache-Control' => 'private, max-age=3600']);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>
     */
    private function named(array $values): array
    {
        return array_combine(array_map(strval(...), array_keys($values)), $values);
    }
}
