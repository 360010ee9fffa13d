<?php

declare(strict_types=1);

namespace FineFrame\Format\Edl;

use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\Timecode;

/** A list of cuts, or of markers, line by line as editing programs read it (form in METHODS). */
final class CutList
{
    private const MOST = 999;

    /** @var list<string> */
    private array $events = [];

    public function __construct(private readonly string $title, private readonly Timecode $timecode)
    {
    }

    /**
     * @param  string  $recordStart  label at which the first event begins; each follows the one before
     * @param  list<array{reel: string, clip: string, clipStart: string, inS: float, outS: float, channel: string}>  $events
     *
     * @throws ImpossibleDay
     */
    public static function cuts(string $title, Timecode $timecode, string $recordStart, array $events): self
    {
        $list = new self($title, $timecode);
        $record = $timecode->frame($recordStart);
        foreach ($events as $event) {
            $start = $timecode->frame($event['clipStart']);
            [$in, $out] = [$timecode->nearest($event['inS']), $timecode->nearest($event['outS'])];
            if ($out <= $in) {
                throw ImpossibleDay::nothingLeft($event['clip']);
            }
            $list->add($event['reel'], $event['channel'], [$start + $in, $start + $out, $record, $record + $out - $in]);
            $list->events[] = '* FROM CLIP NAME: '.self::plain($event['clip']);
            $record += $out - $in;
        }

        return $list;
    }

    /**
     * @param  string  $start  label of the first frame
     * @param  list<array{atS: float, text: string, colour: string}>  $marks
     *
     * @throws ImpossibleDay
     */
    public static function markers(string $title, Timecode $timecode, string $start, array $marks): self
    {
        $list = new self($title, $timecode);
        $from = $timecode->frame($start);
        $frames = array_map(static fn (array $m): array => [$from + $timecode->nearest($m['atS']), $m], $marks);
        usort($frames, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($frames as [$frame, $mark]) {
            $list->add('', 'V', [$frame, $frame + 1, $frame, $frame + 1]);
            $colour = str_pad(strtoupper($mark['colour']), 7);
            $list->events[] = rtrim("* LOC: {$timecode->label($frame)} $colour ".self::plain($mark['text']));
        }

        return $list;
    }

    /** @return list<string> without their ends */
    public function lines(): array
    {
        $drops = str_contains($this->timecode->label(0), ';') ? 'DROP FRAME' : 'NON-DROP FRAME';

        return [rtrim('TITLE: '.self::plain($this->title)), "FCM: $drops", '', ...$this->events];
    }

    /** @param  array{int, int, int, int}  $frames  source in and out, record in and out */
    private function add(string $reel, string $channel, array $frames): void
    {
        $number = intdiv(count($this->events), 2) + 1;
        if ($number > self::MOST) {
            throw ImpossibleDay::tooMany(self::MOST);
        }
        $reel = substr((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($reel)), 0, 8) ?: 'AX';
        $labels = implode(' ', array_map($this->timecode->label(...), $frames));
        $this->events[] = sprintf('%03d  %-8s %-5s %-8s %s', $number, $reel, $channel, 'C', $labels);
    }

    /** One line of it: runs of blanks, tabs and line breaks made one blank. */
    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[ \t\r\n]+/', ' ', $text), " \t\r\n");
    }
}
