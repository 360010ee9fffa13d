<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Geometry\Vec2;
use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Mounted;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Staging\Body;

/** What hangs from a clamp or an arm over somebody’s head wants a second line, somebody who checks it, and nobody under it. */
final class NobodyIsUnderIt extends Rule
{
    /** A lamp that falls, or swings on its line, reaches so far to the side, metres. */
    private const REACH_M = 0.7;

    public function id(): string
    {
        return 'nobody-is-under-it';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Mounted::allOf($situation) as $load) {
            if (! in_array($load->on->kind, [SupportKind::Clamp, SupportKind::Arm], true)) {
                continue;
            }
            $under = array_filter(
                $situation->setup->bodies,
                static fn (Body $b): bool => $b->crownM < $load->at->z
                    && $b->person->place->distanceTo($load->at->floor()) < self::REACH_M,
            );
            if ($under === []) {
                continue;
            }
            $body = reset($under);
            $away = $load->at->floor()->minus($body->person->place);
            $out = ($away->length() > 0.01 ? $away->unit() : new Vec2(1, 0))->times(self::REACH_M + 0.05);
            $to = $body->person->place->plus($out)->plus($situation->scene->lamps[$load->id]->centre()->minus($load->at)->floor());
            yield $this->finding(
                Severity::Watch,
                [
                    'thing' => $situation->name($load->id),
                    'person' => implode(', ', array_map(static fn (Body $b): string => $b->person->name, $under)),
                    'above' => Quantity::metres($load->at->z - $body->crownM),
                ],
                [$load->id, ...array_map(strval(...), array_keys($under))],
                new Working('within 70 cm of straight over a head', [
                    'aside' => Quantity::metres($away->length()),
                    'over the head' => Quantity::metres($load->at->z - $body->crownM),
                ], 'rigging over people: whoever is licensed for it where you are'),
                [new Mend(
                    'move',
                    ['thing' => $situation->name($load->id), 'distance' => Quantity::metres(self::REACH_M + 0.05 - $away->length())],
                    $situation->moved("lights/$load->id", $to),
                )],
            );
        }
    }
}
