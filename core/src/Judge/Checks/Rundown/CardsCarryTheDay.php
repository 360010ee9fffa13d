<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Recorded;

/** What every camera and recorder writes over the day’s hours goes onto the cards that are carried, none used twice. */
final class CardsCarryTheDay extends Rule
{
    public function id(): string
    {
        return 'cards-carry-the-day';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $media = $situation->media();
        if ($media === null) {
            return;
        }
        foreach (['pictures', 'sound'] as $holds) {
            $needs = $media->needs($holds);
            if ($needs === []) {
                continue;
            }
            $fit = $media->cards($holds);
            $case = match (true) {
                $fit === null => 'unlisted',
                $fit['short'] > 0 => 'fails',
                $fit['changes'] > 0 => 'changes',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'fails' => Severity::Breaks,
                    'unlisted' => Severity::Watch,
                    default => Severity::Holds,
                },
                [
                    'what' => $holds,
                    'gb' => round(array_sum($needs) / Recorded::GB).' GB',
                    'cards' => (string) ($fit['cards'] ?? 0),
                    'short' => (string) ($fit['short'] ?? 0),
                    'changes' => (string) ($fit['changes'] ?? 0),
                    'first' => $fit['first'] ?? '',
                ],
                [$situation->setup->setup->id],
                new Working('rate × hours for each that records; the largest cards to what writes most; each card once a day', [
                    'in all' => round(array_sum($needs) / Recorded::GB).' GB',
                ]),
                case: $case,
            );
        }
    }
}
