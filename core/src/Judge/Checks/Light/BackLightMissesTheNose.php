<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Light from behind and above is for hair and shoulders: come too far over, it puts a bright spot on the nose. */
final class BackLightMissesTheNose extends Rule
{
    /** From here on off the face's axis a lamp lights from behind. */
    private const BEHIND_DEG = 85.0;

    /** Up to here, one that stands high still reaches the nose past the brow. */
    private const NOSE_DEG = 112.0;

    private const SEEN = 0.08;

    public function id(): string
    {
        return 'back-light-misses-the-nose';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $body = $situation->setup->bodies[$subject->id];
            foreach ($face->byLamp as $id => $lux) {
                $to = $situation->scene->lamps[$id]->centre()->minus($body->eyes);
                $off = rad2deg($body->face()->at(0.0)->angleTo($to));
                if ($face->seen[$id] <= 0.0 || $off < self::BEHIND_DEG) {
                    continue;
                }
                $share = $situation->scene->lamps[$id]->luxAt($body->eyes, $to->unit()) / max(1e-6, $face->light->totalLux());
                $hits = $off < self::NOSE_DEG && rad2deg($to->elevation()) > 25.0 && $share > self::SEEN;
                $away = $body->face()->times(-0.6);
                yield $this->finding(
                    $hits ? Severity::Watch : Severity::Holds,
                    ['lamp' => $situation->name($id), 'subject' => $subject->name, 'off' => Quantity::degrees($off)],
                    [$id, $subject->id],
                    new Working(
                        'off the face’s axis; past the brow a high lamp reaches the nose up to 112°',
                        [
                            'off the axis' => Quantity::degrees($off),
                            'over the eyes' => Quantity::degrees(rad2deg($to->elevation())),
                            'of the light on the face' => Quantity::share($share),
                            'at the face' => Quantity::of($lux, Unit::Lux),
                        ],
                    ),
                    $hits
                        ? [
                            new Mend(
                                'move',
                                ['thing' => $situation->name($id), 'distance' => Quantity::metres(0.6)],
                                $situation->moved("lights/$id", $situation->scene->lamps[$id]->placement->place->plus($away)),
                            ),
                        ]
                        : [],
                );
            }
        }
    }
}
