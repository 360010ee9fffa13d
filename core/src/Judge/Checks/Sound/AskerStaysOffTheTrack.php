<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\School;
use FineFrame\Sound\Boom;
use FineFrame\Staging\Role;

/**
 * The asker’s voice is kept off the answers’ track by distance and pattern; or, where they are part of the scene, has a track of its own.
 */
final class AskerStaysOffTheTrack extends Rule
{
    public function id(): string
    {
        return 'asker-stays-off-the-track';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** How far the asker is to lie under the answer, dB: less is heard under every overlap. */
    private const UNDER_DB = 12.0;

    public function run(Situation $situation): iterable
    {
        $inScene = $situation->setup->plan->brief->schools->has(School::AskerInScene);
        foreach ($situation->setup->setup->people as $asker) {
            if ($asker->role !== Role::Interviewer || ! $situation->setup->isTalk()) {
                continue;
            }
            if ($inScene) {
                $has = array_filter(
                    $situation->setup->setup->list('mics'),
                    static fn (Record $m): bool => $m->text('person') === $asker->id,
                ) !== []
                    || array_filter($situation->scene->booms, static fn (Boom $b): bool => $b->placement->subject === $asker->id) !== [];
                yield $this->finding(
                    $has ? Severity::Holds : Severity::Watch,
                    ['asker' => $asker->name],
                    [$asker->id],
                    new Working('choice: interviewer on the track', []),
                    case: $has ? 'own-track' : 'no-track',
                );

                continue;
            }
            $mouth = $situation->setup->bodies[$asker->id]->mouth;
            foreach ($situation->ears() as $id => $ear) {
                $voice = $situation->voices()[$ear->subject] ?? null;
                if ($voice === null || $ear->spare) {
                    continue;
                }
                $under = $ear->hears($voice->at, $voice->dbAt1m) - $ear->hears($mouth, $voice->dbAt1m);
                yield $this->finding(
                    $under < self::UNDER_DB ? Severity::Watch : Severity::Holds,
                    [
                        'asker' => $asker->name,
                        'microphone' => $ear->name,
                        'under' => Quantity::of($under, Unit::Decibel),
                        'subject' => $voice->name,
                    ],
                    [$id, $asker->id],
                    new Working(
                        'both voices alike; distances and the pattern’s angle: 20·log₁₀(d₂/d₁) and 20·log₁₀ of the pattern',
                        [
                            'answer at' => Quantity::metres($ear->at->distanceTo($voice->at)),
                            'interviewer at' => Quantity::metres($ear->at->distanceTo($mouth)),
                            'pattern takes' => Quantity::of(-$ear->patternDb($mouth), Unit::Decibel),
                        ],
                        'the room brings some of it back',
                    ),
                    fn (): array => Moves::boomNearest($situation, $id),
                );
            }
        }
    }
}
