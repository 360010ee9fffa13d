<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Voice;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Ear;

/** Two who talk under one boom: it hangs between them where both are alike, is swung by someone’s hands, or there are two. */
final class EveryVoiceIsNearAMicrophone extends Rule
{
    /** Further under the other voice than this, one has to ride the level, or swing. */
    private const APART_DB = 6.0;

    public function id(): string
    {
        return 'every-voice-is-near-a-microphone';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $heard = $situation->heard();
        $own = array_map(static fn (array $h): string => $h[0]->subject, $heard);
        $nothing = $heard === [] && $situation->setup->setup->list('tracks') === [];
        foreach ($situation->setup->isTalk() && (
            $nothing
            || count($situation->voices()) > 1
        ) ? $situation->voices() : [] as $person => $voice) {
            if ($nothing) {
                yield $this->finding(
                    Severity::Breaks,
                    ['subject' => $voice->name],
                    [$person],
                    new Working('no microphone is placed, and no track is listed', []),
                    case: 'not-yet',
                );

                continue;
            }
            if (in_array($person, $own, true)) {
                continue;
            }
            [$best, $level] = [null, -INF];
            foreach ($heard as [$ear, $other]) {
                $here = $ear->hears($voice->at, $voice->dbAt1m) - $ear->hears($other->at, $other->dbAt1m);
                if ($here > $level) {
                    [$best, $level] = [[$ear, $other], $here];
                }
            }
            if ($best === null) {
                yield $this->finding(
                    Severity::Breaks,
                    ['subject' => $voice->name],
                    [$person],
                    new Working('no microphone is for them, or for anyone', []),
                    case: 'none',
                );

                continue;
            }
            [$ear, $other] = $best;
            $hands = $situation->setup->plan->brief->facts->flag('boom_hand');
            $case = match (true) {
                $level >= -self::APART_DB => null,
                $hands => 'swing',
                default => 'far',
            };
            yield $this->finding(
                $case === 'far' ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $voice->name,
                    'other' => $other->name,
                    'microphone' => $ear->name,
                    'under' => Quantity::of(-$level, Unit::Decibel),
                ],
                [$person, $ear->id],
                new Working(
                    'both voices alike, at the same microphone: distances and the pattern’s angle',
                    [
                        $voice->name => Quantity::metres($ear->at->distanceTo($voice->at)),
                        $other->name => Quantity::metres($ear->at->distanceTo($other->at)),
                    ],
                ),
                $case === 'far' ? $this->between($situation, $ear, $voice, $other) : [],
                $case,
            );
        }
    }

    /** @return list<Mend> the boom’s tip between both, before their faces, at three heights */
    private function between(Situation $situation, Ear $ear, Voice $one, Voice $other): array
    {
        if (! $ear->isBoom()) {
            return [];
        }
        $ideas = [];
        foreach ([0.45, 0.65, 0.9] as $up) {
            $at = Vec3::between($one->at, $other->at, 0.5)->plus(new Vec3(0, 0, $up));
            $ideas[] = new Mend(
                'boom-between',
                ['thing' => $ear->name, 'one' => $one->name, 'other' => $other->name],
                $situation->edit("microphones/$ear->id", ['x_m' => $at->x, 'y_m' => $at->y, 'height_m' => $at->z]),
            );
        }

        return $ideas;
    }
}
