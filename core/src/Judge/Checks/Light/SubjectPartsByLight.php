<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;

/**
 * Head and shoulders part from the background when one side or the hair is brighter, or the background is: somewhere a stop lies between
 * them.
 */
final class SubjectPartsByLight extends Rule
{
    private const APART_STOPS = 0.7;

    public function id(): string
    {
        return 'subject-parts-by-light';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $face = $situation->face($body->person->id);
            $behind = $situation->background($camera, $body);
            $level = static fn (float $lux): float => log(max(1e-6, $lux) / max(1e-6, $face->light->totalLux()), 2);
            $sides = array_map($level, $face->cells);
            $most = max(array_map(static fn (float $s): float => abs($s - $behind), $sides));
            yield $this->finding(
                $most < self::APART_STOPS ? Severity::Watch : Severity::Holds,
                ['camera' => $camera->placement->label, 'subject' => $body->person->name, 'stops' => Quantity::of($most, Unit::Stop)],
                [$id, $body->person->id],
                new Working(
                    'each cheek and the hair against what is behind the head, skin as '.FaceReading::SKIN,
                    [
                        'left cheek' => Quantity::of($sides['left'], Unit::Stop),
                        'right cheek' => Quantity::of($sides['right'], Unit::Stop),
                        'hair' => Quantity::of($sides['hair'], Unit::Stop),
                        'behind' => Quantity::of($behind, Unit::Stop),
                    ],
                ),
                fn (): array => $this->ideas($situation, $face->key()),
            );
        }
    }

    /** @return list<Mend> what lights them most, farther round: one side gets brighter, the other darker */
    private function ideas(Situation $situation, ?string $key): array
    {
        return $key === null
            ? []
            : [...LampMoves::swung($situation, $key, [20, -20, 40, -40, 60, -60]), ...LampMoves::away($situation, $key, [0.75])];
    }
}
