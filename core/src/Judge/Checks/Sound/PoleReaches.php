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
use FineFrame\Sound\Boom;

/** The pole is long enough from its stand to the microphone, with a tail to hold. */
final class PoleReaches extends Rule
{
    public function id(): string
    {
        return 'pole-reaches';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->booms as $id => $boom) {
            $short = $boom->poleNeededM() - $boom->pole->longestM;
            yield $this->finding(
                $short > 0 ? Severity::Breaks : Severity::Holds,
                [
                    'thing' => $situation->name($id),
                    'needed' => Quantity::metres($boom->poleNeededM()),
                    'limit' => Quantity::metres($boom->pole->longestM),
                    'short' => Quantity::metres(max(0.0, $short)),
                ],
                [$id],
                new Working(
                    'needed = from the microphone’s rear over the stand’s top + 0.30 m tail',
                    ['needed' => Quantity::metres($boom->poleNeededM()), 'pole' => Quantity::metres($boom->pole->longestM)],
                ),
                $this->nearer($situation, $id, $boom, $short),
            );
        }
    }

    /** @return list<Mend> */
    private function nearer(Situation $situation, string $id, Boom $boom, float $short): array
    {
        $towards = $boom->rear()->floor()->minus($boom->placement->standPlace)->unit();
        $ideas = [];
        foreach ([1.1, 1.4] as $factor) {
            $by = $towards->times($short * $factor + 0.03);
            $to = $boom->placement->standPlace->plus($by);
            $ideas[] = new Mend(
                'move-stand',
                ['thing' => $situation->name($id), 'distance' => Quantity::metres($by->length())],
                $situation->edit("microphones/$id", ['stand_x_m' => $to->x, 'stand_y_m' => $to->y]),
            );
        }

        return $ideas;
    }
}
