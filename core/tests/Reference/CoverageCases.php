<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Rundown\ClipLimit;
use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\SectionCover;
use FineFrame\Rundown\Song;
use FineFrame\Rundown\SongGaps;

final class CoverageCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        try {
            return ['valid' => true] + match ($kind === 'refuse' ? $in->word('asked') : $kind) {
                'grid' => $this->grid($in),
                'restart' => $this->restart($in),
                'stagger' => $this->stagger($in),
                'assign' => $this->assign($in),
                default => throw new \UnexpectedValueException("No such kind: $kind"),
            };
        } catch (ImpossibleDay) {
            return ['valid' => false];
        }
    }

    /** @return array<string, mixed> */
    private function grid(Inputs $in): array
    {
        $players = self::once($in->names('performers'));
        self::once(array_map(static fn (Inputs $c): string => $c->word('id'), $in->each('cameras')));
        $cameras = [];
        foreach ($in->each('cameras') as $camera) {
            $operator = $camera->word('operator');
            $cameras[$camera->word('id')] = ['operator' => $operator === '' ? null : $operator, 'isWide' => $camera->flag('wide')];
        }
        $rows = [];
        foreach ($in->each('sections') as $section) {
            $on = [];
            foreach (array_keys($section->map('on')->all()) as $id) {
                $on[$id] = self::known($section->map('on')->names($id), $players);
            }
            $cover = SectionCover::of(self::known(self::once($section->names('active')), $players), $cameras, $on);
            $rows[] = [
                'id' => $section->word('id'), 'doubles' => $cover->doubles, 'gaps' => $cover->gaps, 'safe' => $cover->isSafe,
                'clashes' => $cover->clashes, 'idle' => $cover->idle,
            ];
        }

        return ['sections' => $rows];
    }

    /** @return array<string, mixed> */
    private function restart(Inputs $in): array
    {
        $songs = self::songs($in);
        $clip = new ClipLimit($songs, $in->number('start_s'), $in->number('limit_s'));
        $best = $clip->restarts();
        $stops = $clip->stopsAtS();

        return [
            'stops_at_s' => $stops, 'stops_in' => $stops === null ? null : $songs->at($stops), 'feasible' => $best !== null,
            'least_restarts' => $best === null ? null : count($best),
            'best' => $best === null ? null : array_map(static fn (int $g): string => $songs->gaps[$g]['after'], $best),
            'longest_clip_s' => $best === null ? null : $clip->longestS($best), 'latest_first' => $clip->latestFirst(),
        ];
    }

    /** @return array<string, mixed> */
    private function stagger(Inputs $in): array
    {
        $songs = self::songs($in);
        $total = ClipLimit::together($songs, array_map(
            static fn (Inputs $c): ClipLimit => new ClipLimit($songs, $c->number('start_s'), $c->number('limit_s')),
            $in->each('cameras'),
        ));

        return ['feasible' => $total !== null, 'total_restarts' => $total];
    }

    /** @return array<string, mixed> */
    private function assign(Inputs $in): array
    {
        $players = self::once($in->names('performers'));
        $cameras = [];
        foreach ($in->each('cameras') as $camera) {
            $cameras[$camera->word('id')] = ['isLocked' => $camera->flag('locked'), 'sees' => self::known($camera->names('sees'), $players)];
        }
        self::once(array_map(static fn (Inputs $c): string => $c->word('id'), $in->each('cameras')));
        $most = count(SectionCover::most($cameras, (int) $in->number('operators')));
        $unseen = array_values(array_diff($players, ...array_values(array_column($cameras, 'sees'))));
        sort($unseen, SORT_STRING);

        return ['most_covered' => $most, 'uncovered_always' => $unseen, 'all_covered' => $most === count($players)];
    }

    private static function songs(Inputs $in): SongGaps
    {
        return new SongGaps(array_map(
            static fn (Inputs $s): Song => new Song($s->word('id'), $s->number('start_s'), $s->number('end_s')),
            $in->each('songs'),
        ), $in->number('restart_s'));
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function once(array $names): array
    {
        foreach (array_count_values($names) as $name => $count) {
            if ($count > 1) {
                throw ImpossibleDay::twice((string) $name);
            }
        }

        return $names;
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $there
     * @return list<string>
     */
    private static function known(array $names, array $there): array
    {
        foreach (array_diff($names, $there) as $name) {
            throw ImpossibleDay::unknown($name);
        }

        return $names;
    }
}
