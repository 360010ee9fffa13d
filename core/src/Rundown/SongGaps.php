<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Songs in order, and the gaps between them in which a camera that nobody stands at can be stopped and started. */
final readonly class SongGaps
{
    private const MARGIN_S = 1e-9;

    /** @var list<array{after: string, atS: float}> each named by the song before it; a restart ends a clip there */
    public array $gaps;

    public float $endS;

    /**
     * @param  list<Song>  $songs
     * @param  float  $restartS  until the next clip runs
     *
     * @throws ImpossibleDay where songs overlap
     */
    public function __construct(public array $songs, public float $restartS)
    {
        if ($restartS < 0.0) {
            throw ImpossibleDay::negative('A restart');
        }
        $gaps = [];
        foreach ($songs as $i => $song) {
            $next = $songs[$i + 1] ?? null;
            if ($next !== null && $next->startS < $song->endS - self::MARGIN_S) {
                throw ImpossibleDay::overlap($song->id, $next->id);
            }
            $length = $next === null ? 0.0 : $next->startS - $song->endS;
            if ($length > self::MARGIN_S && $length >= $restartS - self::MARGIN_S) {
                $gaps[] = ['after' => $song->id, 'atS' => $song->endS];
            }
        }
        $this->gaps = $gaps;
        $this->endS = $songs === [] ? 0.0 : $songs[count($songs) - 1]->endS;
    }

    /** @return string|null the song that goes on at a moment */
    public function at(float $s): ?string
    {
        foreach ($this->songs as $song) {
            if ($s >= $song->startS - self::MARGIN_S && $s < $song->endS - self::MARGIN_S) {
                return $song->id;
            }
        }

        return null;
    }

    /** @return bool whether a clip from one moment to another is within a limit */
    public static function lasts(float $from, float $to, float $limitS): bool
    {
        return $to - $from <= $limitS + self::MARGIN_S;
    }
}
