<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Leg;

/** Who walks stays as near to a microphone: one that is worn goes along, as a boom does that somebody holds; a stand does not. */
final class WalkKeepsItsVoice extends Rule
{
    /** A level that falls by more than this, twice as far, is heard as another place. docs/METHODS.md, Sound. */
    private const FALLS_DB = 6.0;

    private const NEAREST_M = 0.05;

    public function id(): string
    {
        return 'walk-keeps-its-voice';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Leg::allOf($situation->setup) as $leg) {
            $voice = $situation->voices()[$leg->body->person->id] ?? null;
            $heard = array_filter($situation->heard(), static fn (array $one): bool => $one[0]->subject === $leg->body->person->id);
            if ($voice === null || $heard === []) {
                continue;
            }
            $falls = [];
            foreach ($heard as $id => [$ear]) {
                $boom = $situation->scene->booms[$id] ?? null;
                $goesAlong = $ear->isWorn() || ($boom !== null && $situation->setup->isHeld($boom->placement));
                $by = $leg->to->minus($leg->body->person->place);
                $there = $voice->at->floor()->plus($by)->at($voice->at->z);
                $farther = max(self::NEAREST_M, $ear->at->distanceTo($there)) / max(self::NEAREST_M, $ear->at->distanceTo($voice->at));
                $falls[$id] = $goesAlong ? 0.0 : 20 * log10($farther);
            }
            asort($falls);
            $id = (string) array_key_first($falls);
            $least = $falls[$id];
            yield $this->finding(
                $least > self::FALLS_DB ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $leg->body->person->name,
                    'microphone' => $situation->name($id),
                    'falls' => Quantity::of(max(0.0, $least), Unit::Decibel),
                    'distance' => Quantity::metres($leg->lengthM()),
                ],
                [$leg->body->person->id, $leg->id, $id],
                new Working(
                    'level = 20·log₁₀(distance there / distance here), of the microphone that loses least',
                    array_combine(
                        array_map($situation->name(...), array_map(strval(...), array_keys($falls))),
                        array_map(static fn (float $db): Quantity => Quantity::of($db, Unit::Decibel), $falls),
                    ),
                    'direct sound alone; worn ones go along, and a boom that somebody holds',
                ),
                fn (): array => isset($situation->scene->booms[$id]) ? [$this->between($situation, $id, $leg)] : [],
            );
        }
    }

    /** Its tip over the middle of the way. */
    private function between(Situation $situation, string $boom, Leg $leg): Mend
    {
        $placed = $situation->scene->booms[$boom]->placement;
        $to = $placed->place->plus($leg->to->minus($leg->body->person->place)->times(0.5));

        return new Mend(
            'move',
            ['thing' => $placed->name, 'distance' => Quantity::metres($placed->place->distanceTo($to))],
            $situation->moved("microphones/$boom", $to),
        );
    }
}
