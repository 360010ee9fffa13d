<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\LightSide;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;

/** Light from behind lifts hair off the wall; so far over the face, by the school of edges, it is what the eye goes to. */
final class HairKeepsItsLimit extends Rule
{
    /** Of the light on hair, so much is one lamp’s before it is the one to dim. */
    private const ITS_OWN = 0.5;

    /** Stops under the limit that a dimmed lamp comes to. */
    private const UNDER = 0.2;

    public function id(): string
    {
        return 'hair-keeps-its-limit';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $limit = $situation->limits->get('hair_over_stops');
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $lamps = $this->behind($situation, $face);
            if ($lamps === [] && ! $this->isDayBehind($face)) {
                continue;
            }
            $id = array_key_first($lamps);
            $isLamp = $id !== null && $lamps[$id] > self::ITS_OWN * $face->cells['hair'];
            $over = $face->hairStops();
            yield $this->finding(
                $over > $limit ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $subject->name,
                    'lamp' => $isLamp ? $situation->name($id) : '',
                    'over' => Quantity::of(abs($over), Unit::Stop),
                    'way' => $over < 0 ? 'under' : 'over',
                    'limit' => Quantity::of(abs($limit), Unit::Stop),
                ],
                $isLamp ? [$id, $subject->id] : [$subject->id],
                new Working(
                    'log₂(hair ÷ face): a flat cell on the back of the crown against the dome at the face',
                    [
                        'hair' => Quantity::of($face->cells['hair'], Unit::Lux),
                        'of it, by the lamp' => Quantity::of($isLamp ? $lamps[$id] : 0.0, Unit::Lux),
                        'face' => Quantity::of($face->light->totalLux(), Unit::Lux),
                    ],
                    'the limit is the school’s, or your own',
                ),
                fn (): array => $isLamp ? $this->dimmed($situation, $face, $id, $limit) : [],
                match (true) {
                    $over <= $limit => 'holds',
                    $isLamp => 'fails',
                    default => 'day',
                },
            );
        }
    }

    /** @return array<string, float> lux on hair by each lamp that is behind, the strongest first */
    private function behind(Situation $situation, FaceReading $face): array
    {
        $lux = [];
        foreach ($situation->scene->lamps as $id => $lamp) {
            $given = $face->onHair($id);
            if ($given > 0.0 && self::isBehind($face->side($lamp->centre()->minus($face->body->eyes)))) {
                $lux[$id] = $given;
            }
        }
        arsort($lux);

        return $lux;
    }

    private function isDayBehind(FaceReading $face): bool
    {
        return array_filter($face->windowSides(), self::isBehind(...)) !== [];
    }

    private static function isBehind(LightSide $side): bool
    {
        return $side === LightSide::Edge || $side === LightSide::Behind;
    }

    /** @return list<Mend> */
    private function dimmed(Situation $situation, FaceReading $face, string $id, float $limit): array
    {
        $lamp = $situation->scene->lamps[$id];
        // What it gives comes back from the walls on both: hair = k·face, either as it is without the lamp and with a part of it.
        $k = 2 ** ($limit - self::UNDER);
        $back = $face->byRoom * ($situation->scene->room()->lampShares[$id] ?? 0.0);
        [$toHair, $toFace] = [$face->onHair($id) + $back, $face->byLamp[$id] + $back];
        $part = ($k * ($face->light->totalLux() - $toFace) - ($face->cells['hair'] - $toHair)) / max(1e-6, $toHair - $k * $toFace);
        $dimmer = round($lamp->placement->dimmer * $part, 3);

        return $dimmer < $lamp->fixture->lowestDim ? [] : [new Mend(
            'dim',
            ['thing' => $situation->name($id), 'dim' => Quantity::share($dimmer)],
            $situation->edit("lights/$id", ['dimmer' => $dimmer]),
        )];
    }
}
