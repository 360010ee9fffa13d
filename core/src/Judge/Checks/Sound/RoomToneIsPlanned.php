<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Edit;

/** Half a minute of the room alone, everybody still, mends every cut: it has to be planned, or nobody records it. */
final class RoomToneIsPlanned extends Rule
{
    public function id(): string
    {
        return 'room-tone-is-planned';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->setup->list('tracks') === []) {
            return;
        }
        $planned = $situation->setup->plan->brief->facts->flag('room_tone');
        yield $this->finding(
            $planned ? Severity::Holds : Severity::Watch,
            [],
            ['room-tone'],
            new Working('as the brief says', []),
            $planned ? [] : [new Mend('plan-room-tone', [], new Edit(['/brief/facts/room_tone' => true]))],
        );
    }
}
