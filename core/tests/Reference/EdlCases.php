<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Format\Edl\CutList;
use FineFrame\Format\Vtt\Captions;
use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\Timecode;

final class EdlCases implements Topic
{
    private const RATES = ['23.976', '24', '25', '29.97DF', '29.97NDF', '59.94DF'];

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        try {
            if (! in_array($in->word('rate'), self::RATES, true)) {
                return ['valid' => false];
            }
            $timecode = Timecode::at($in->word('rate'));

            return match ($kind === 'refuse' ? $in->word('asked') : $kind) {
                'label' => ['label' => $timecode->label((int) $in->number('frame'))],
                'frame' => ['valid' => true, 'frame' => $timecode->frame($in->word('label')), 'seconds' => $timecode->seconds($timecode->frame($in->word('label')))],
                'between' => $this->between($in, $timecode),
                'edl' => ['valid' => true, 'lines' => $this->cuts($in, $timecode)->lines()],
                'markers' => ['valid' => true, 'lines' => $this->markers($in, $timecode)->lines()],
                'vtt' => ['valid' => true, 'lines' => $this->captions($in, $timecode)],
                default => null,
            };
        } catch (ImpossibleDay) {
            return ['valid' => false];
        }
    }

    /** @return array<string, mixed> */
    private function between(Inputs $in, Timecode $timecode): array
    {
        $frames = $timecode->frame($in->word('to')) - $timecode->frame($in->word('from'));
        $frames += $frames < 0 ? $timecode->day() : 0;

        return ['frames' => $frames, 'seconds' => $timecode->seconds($frames)];
    }

    private function cuts(Inputs $in, Timecode $timecode): CutList
    {
        return CutList::cuts($in->word('title'), $timecode, $in->word('record_start'), array_map(static fn (Inputs $e): array => [
            'reel' => $e->word('reel'), 'clip' => $e->word('clip'), 'clipStart' => $e->word('clip_start'),
            'inS' => $e->number('in_s'), 'outS' => $e->number('out_s'), 'channel' => $e->word('channel'),
        ], $in->each('events')));
    }

    private function markers(Inputs $in, Timecode $timecode): CutList
    {
        return CutList::markers($in->word('title'), $timecode, $in->word('start'), array_map(static fn (Inputs $m): array => [
            'atS' => $m->number('at_s'), 'text' => $m->word('text'), 'colour' => $m->word('colour'),
        ], $in->each('marks')));
    }

    /** @return list<string> */
    private function captions(Inputs $in, Timecode $timecode): array
    {
        return Captions::lines(array_map(static fn (Inputs $m): array => [
            'lengthS' => $m->orNull('length_s'), 'text' => $m->word('text'),
        ] + ($m->has('at_label') ? ['atLabel' => $m->word('at_label')] : ['atS' => $m->number('at_s')]), $in->each('marks')), $timecode, $in->word('start'), $in->number('default_length_s'));
    }
}
