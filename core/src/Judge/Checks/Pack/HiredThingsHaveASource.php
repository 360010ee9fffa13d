<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is hired or borrowed says from whom, and until when. */
final class HiredThingsHaveASource extends Rule
{
    public function id(): string
    {
        return 'hired-things-have-a-source';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $kit = $situation->setup->plan->kit;
        foreach ($kit->stock->rows as $row) {
            $isTaken = isset($situation->pack()->list->items[$row->text('model')]);
            if (! $isTaken || in_array($row->text('whose'), ['own', ''], true)) {
                continue;
            }
            $case = match (true) {
                $row->text('from') === '' => 'nobody',
                $row->text('until') === '' => 'open',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Watch,
                [
                    'thing' => $kit->name($row->text('model')), 'whose' => $row->text('whose'),
                    'from' => $row->text('from'), 'until' => $row->text('until'),
                ],
                [$row->text('model')],
                new Working('from Kit you have', []),
                case: $case,
            );
        }
    }
}
