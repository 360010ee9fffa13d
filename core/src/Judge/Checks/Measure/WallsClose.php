<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Measure;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

final class WallsClose extends Rule
{
    public function id(): string
    {
        return 'walls-close';
    }

    public function stage(): Stage
    {
        return Stage::Measure;
    }

    public function run(Situation $situation): iterable
    {
        $room = $situation->setup->room;
        $gap = $room->closure->misclosureM;
        $limit = $situation->limits->get('closure_watch_m');
        $case = match (true) {
            ! $room->closure->checked => 'unchecked',
            $gap > $limit => 'fails',
            default => 'holds',
        };

        yield $this->finding(
            $case === 'fails' ? Severity::Watch : Severity::Holds,
            ['gap' => Quantity::metres($gap), 'limit' => Quantity::metres($limit)],
            [$situation->setup->location->id],
            new Working($room->diagonals === [] ? 'gap = |sum of the walls walked with their turns|' : 'gap = largest |computed − taped|', [
                'gap' => Quantity::metres($gap), 'around the walls' => Quantity::metres($room->closure->perimeterM),
            ], $room->diagonals === [] ? 'Bowditch’s rule for a traverse' : 'least squares of the taped distances'),
            case: $case,
        );
    }
}
