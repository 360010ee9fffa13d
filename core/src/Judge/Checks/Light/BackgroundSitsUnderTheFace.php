<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\FlagPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/**
 * The eye goes to what is brightest: the background stays under the face, but not in the dark. Light that spills on it is cut by a flag.
 */
final class BackgroundSitsUnderTheFace extends Rule
{
    private const DARK_STOPS = -5.0;

    public function id(): string
    {
        return 'background-sits-under-the-face';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $over = $situation->limits->get('background_over_stops');
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $behind = $situation->backdrop($camera, $body);
            $stops = $situation->background($camera, $body);
            $lux = $situation->behind($camera, $body);
            arsort($lux);
            $most = (string) array_key_first($lux);
            $case = match (true) {
                $stops > $over => $most === 'around' ? 'bright' : null,
                $stops < self::DARK_STOPS => 'dark',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Watch,
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'behind' => $situation->name($behind->owner),
                    'stops' => Quantity::of(abs($stops), Unit::Stop),
                    'lamp' => $most === 'around' ? 'ambient light' : $situation->name($most),
                ],
                [$id, $body->person->id],
                new Working(
                    'light on it × what it sends back, over skin of 0.35 in the light on the face',
                    array_combine(
                        array_map(
                            static fn (string|int $by): string => $by === 'around' ? 'from all around' : $situation->name((string) $by),
                            array_keys($lux),
                        ),
                        array_map(static fn (float $l): Quantity => Quantity::of($l, Unit::Lux), $lux),
                    ) + ['stops over the face' => Quantity::of($stops, Unit::Stop)],
                    'behind the head, where the camera looks past it',
                ),
                $case === null ? FlagPlan::ideas($situation, $most, $body, $behind) : [],
                $case,
            );
        }
    }
}
