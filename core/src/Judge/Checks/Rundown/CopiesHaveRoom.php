<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;
use FineFrame\Rundown\Recorded;

/** Two copies on two drives, each with room for all of it; a card is cleared only then. */
final class CopiesHaveRoom extends Rule
{
    private const COPIES = 2;

    public function id(): string
    {
        return 'copies-have-room';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $media = $situation->media();
        if ($media === null || $media->total() <= 0.0) {
            return;
        }
        $drives = $media->drives();
        $roomy = array_filter($drives, static fn (Record $d): bool => ($d->number('gb') ?? 0.0) * Recorded::GB >= $media->total());
        $case = match (true) {
            $drives === [] => 'unlisted',
            count($drives) < self::COPIES => 'one',
            count($roomy) < self::COPIES => 'full',
            default => 'holds',
        };
        yield $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'full' => Severity::Breaks,
                default => Severity::Watch,
            },
            [
                'gb' => round($media->total() / Recorded::GB).' GB', 'count' => (string) count($drives), 'roomy' => (string) count($roomy),
                'time' => Clock::span((int) ceil($media->copyingS() / 60)),
            ],
            [$situation->setup->setup->id],
            new Working('what is recorded, onto each of two drives at its speed, and read again to compare', [
                'in all' => round($media->total() / Recorded::GB).' GB',
            ]),
            case: $case,
        );
    }
}
