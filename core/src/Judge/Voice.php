<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec3;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Body;
use FineFrame\Staging\Instrument;

/** Someone to be heard: where the sound leaves them, how loud at one metre, and how far peaks stand over that. */
final readonly class Voice
{
    /** Mean dB at one metre and peaks over it: middle values, played or spoken at ease; a rehearsal tells better. */
    private const LEVELS = [
        'talk' => [60.0, 15.0],
        'sung' => [80.0, 16.0],
        'cello' => [78.0, 16.0],
        'guitar' => [70.0, 18.0],
        'keys' => [78.0, 16.0],
        'drums' => [98.0, 22.0],
    ];

    /** How much more a voice gives ahead than all around. Kuttruff; textbooks on microphones. */
    public const Q = 2.0;

    private function __construct(public string $person, public string $name, public Vec3 $at, public float $dbAt1m, public float $crestDb)
    {
    }

    public static function of(SetupPlan $setup, Body $body): self
    {
        $plays = $body->person->plays;
        $sings = $plays === Instrument::Voice || ($plays === Instrument::None && ! $setup->isTalk());
        $isMouth = $sings || $plays === Instrument::None;
        [$level, $crest] = self::LEVELS[match (true) {
            $sings => 'sung',
            $isMouth => 'talk',
            default => $plays->value,
        }];

        return new self(
            $body->person->id,
            $body->person->name,
            $isMouth ? $body->mouth : $body->person->place->plus($body->face()->times(0.3))->at(0.35 + 0.6 * $body->hipM()),
            $level,
            $crest,
        );
    }

    /** @return array<string, self> of everyone in the picture, by person */
    public static function allOf(SetupPlan $setup): array
    {
        $all = [];
        foreach ($setup->subjects() as $person) {
            $all[$person->id] = self::of($setup, $setup->bodies[$person->id]);
        }

        return $all;
    }
}
