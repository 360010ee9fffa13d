<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\ClipLimit;

/** A camera that nobody is at, and that stops by itself, is started anew between songs. */
final class ClipsReachTheEnd extends Rule
{
    public function id(): string
    {
        return 'clips-reach-the-end';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        $set = $song->set();
        $clips = $set === null ? [] : $song->clips($set);
        if ($set === null || $clips === []) {
            return;
        }
        $songs = array_column($situation->setup->setup->list('songs'), null, 'id');
        $names = array_map(static fn (Record $r): string => $r->text('name'), $songs);
        $isTogether = ClipLimit::together($set, array_values($clips)) !== null;
        foreach ($clips as $id => $clip) {
            $restarts = $clip->restarts();
            $stops = $clip->stopsAtS();
            $case = match (true) {
                $stops === null => 'holds',
                $restarts === null => 'fails',
                ! $isTogether => 'together',
                default => 'restart',
            };
            $after = array_map(static fn (int $g): string => $names[$set->gaps[$g]['after']] ?? '', $restarts ?? []);
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'restart' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'camera' => $situation->name($id),
                    'limit' => self::min($clip->limitS),
                    'stops' => $stops === null ? '' : self::min($stops),
                    'in' => $names[$stops === null ? '' : $set->at($stops) ?? ''] ?? 'a gap',
                    'after' => implode(' and ', $after),
                    'longest' => $restarts === null ? '' : self::min($clip->longestS($restarts)),
                ],
                [$id],
                new Working('the fewest restarts in gaps long enough, the longest clip as short as can be', [
                    'a clip' => self::min($clip->limitS), 'set' => self::min($set->endS), 'a restart' => round($set->restartS).' s',
                ]),
                case: $case,
            );
        }
    }

    private static function min(float $seconds): string
    {
        return round($seconds / 60, 1).' min';
    }
}
