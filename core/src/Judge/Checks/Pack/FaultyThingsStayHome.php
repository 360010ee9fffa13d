<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is set aside as faulty is not counted on. */
final class FaultyThingsStayHome extends Rule
{
    public function id(): string
    {
        return 'faulty-things-stay-home';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->pack()->list->items as $id => $item) {
            if (! $item->isFaulty) {
                continue;
            }
            $left = $item->there === null ? null : $item->there - 1;
            $case = match (true) {
                $left === null => 'uncounted',
                $left < $item->needed => 'fails',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'uncounted' => Severity::Watch,
                    default => Severity::Breaks,
                },
                ['thing' => $item->name, 'needed' => (string) $item->needed, 'left' => (string) ($left ?? 0)],
                [(string) $id],
                new Working('counted, less the one set aside, against what is needed', ['needed' => (string) $item->needed]),
                case: $case,
            );
        }
    }
}
