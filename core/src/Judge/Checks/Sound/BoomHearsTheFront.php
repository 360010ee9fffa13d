<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** A voice is bright ahead and dull aside: from behind the face a boom hears the room and the hair. */
final class BoomHearsTheFront extends Rule
{
    public function id(): string
    {
        return 'boom-hears-the-front';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** Off the face's axis, from which on the high octaves are gone. */
    private const DULL_DEG = 90.0;

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->booms as $id => $boom) {
            $body = $situation->setup->bodies[$boom->placement->subject];
            $off = rad2deg($body->face()->at(0.0)->angleTo($boom->tip()->minus($body->mouth)));
            yield $this->finding(
                $off > self::DULL_DEG ? Severity::Watch : Severity::Holds,
                ['boom' => $situation->name($id), 'subject' => $body->person->name, 'off' => Quantity::degrees($off)],
                [$id, $body->person->id],
                new Working(
                    'from the mouth to the tip, against where the face looks',
                    ['off the face' => Quantity::degrees($off)],
                    'a voice’s directivity grows with the octave',
                ),
                fn (): array => Moves::boomNearest($situation, $id),
            );
        }
    }
}
