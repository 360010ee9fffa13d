<?php

declare(strict_types=1);

namespace FineFrame\Format\Midi;

use FineFrame\Format\UnreadableFile;

/**
 * A standard MIDI file, for its tempo, metre and markers (Standard MIDI Files 1.0, 1996). Notes are passed over; a file that breaks its
 * own rules is turned down whole.
 */
final class Reader
{
    private const MARKER = 0x06;

    private const END = 0x2F;

    private const TEMPO = 0x51;

    private const METRE = 0x58;

    private const FRAMES = [24 => 24.0, 25 => 25.0, 29 => 30_000 / 1001, 30 => 30.0];

    private int $at = 0;

    /** @var list<array{int, int, string}> tick, kind and what it says, of all tracks */
    private array $metas = [];

    private int $last = 0;

    private function __construct(private readonly string $file)
    {
    }

    /** @throws UnreadableFile */
    public static function read(string $file): Song
    {
        return (new self($file))->song();
    }

    private function song(): Song
    {
        if (substr($this->file, 0, 4) !== 'MThd') {
            throw UnreadableFile::saying('This is not a MIDI file: it does not begin with MThd.');
        }
        $this->at = 4;
        $header = $this->taken($this->number(4));
        if (strlen($header) < 6) {
            throw UnreadableFile::saying('The header of the MIDI file is too short.');
        }
        [$format, $tracks, $division] = [self::word($header, 0), self::word($header, 2), self::word($header, 4)];
        if ($format > 1 || ($format === 0 && $tracks !== 1) || $division === 0) {
            throw UnreadableFile::saying('MIDI files of one song are read: format 0 with one track, or format 1, with a division.');
        }
        for ($read = 0; $read < $tracks;) {
            $kind = $this->taken(4);
            $end = $this->number(4) + $this->at;
            if ($end > strlen($this->file)) {
                throw UnreadableFile::saying('A track says that it is longer than the file.');
            }
            if ($kind === 'MTrk') {
                $this->track($end);
                $read++;
            }
            $this->at = $end;
        }
        $isFrames = ($division & 0x8000) !== 0;
        $rate = self::FRAMES[256 - ($division >> 8)] ?? null;
        if ($isFrames && ($rate === null || ($division & 0xFF) === 0)) {
            throw UnreadableFile::saying('The MIDI file counts frames at a rate that there is none of.');
        }
        usort($this->metas, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$tempos, $metres, $markers] = $isFrames ? [[], [], []] : [[0 => Song::USUAL_US], [0 => [4, 4]], []];
        foreach ($this->metas as [$tick, $kind, $says]) {
            if ($kind === self::MARKER) {
                $markers[] = [$tick, self::name($says)];
            } elseif ($kind === self::TEMPO && ! $isFrames) {
                $tempos[$tick] = self::tempo($says);
            } elseif ($kind === self::METRE && ! $isFrames) {
                $metres[$tick] = self::metre($says);
            }
        }

        return new Song(
            $format,
            $tracks,
            $isFrames ? null : $division,
            $isFrames ? (float) $rate * ($division & 0xFF) : null,
            $this->last,
            $tempos,
            $metres,
            $markers,
        );
    }

    private function track(int $end): void
    {
        [$tick, $running] = [0, null];
        while ($this->at < $end) {
            $tick += $this->count($end);
            $status = $this->byte($end);
            if ($status < 0x80) {
                if ($running === null) {
                    throw UnreadableFile::saying('A track of the MIDI file begins with a value that belongs to nothing.');
                }
                $this->at--;
                $status = $running;
            }
            $this->last = max($this->last, $tick);
            if ($status === 0xFF) {
                $kind = $this->byte($end);
                $says = $this->within($this->count($end), $end);
                $this->metas[] = [$tick, $kind, $says];
                if ($kind === self::END) {
                    return;
                }
            } elseif ($status === 0xF0 || $status === 0xF7) {
                $this->within($this->count($end), $end);
            } elseif ($status > 0xF0) {
                throw UnreadableFile::saying('The MIDI file holds a message that files do not hold.');
            } else {
                $running = $status;
                $this->within(in_array($status & 0xF0, [0xC0, 0xD0], true) ? 1 : 2, $end);
            }
        }
        throw UnreadableFile::saying('A track of the MIDI file does not end.');
    }

    /** A number of seven bits a byte, of four bytes at most. */
    private function count(int $end): int
    {
        $value = 0;
        for ($i = 0; $i < 4; $i++) {
            $byte = $this->byte($end);
            $value = $value << 7 | $byte & 0x7F;
            if ($byte < 0x80) {
                return $value;
            }
        }
        throw UnreadableFile::saying('A number in the MIDI file is longer than four bytes.');
    }

    private function byte(int $end): int
    {
        return ord($this->within(1, $end));
    }

    private function within(int $length, int $end): string
    {
        if ($this->at + $length > $end) {
            throw UnreadableFile::saying('An event of the MIDI file reaches past the end of its track.');
        }

        return $this->taken($length);
    }

    private function taken(int $length): string
    {
        if ($this->at + $length > strlen($this->file)) {
            throw UnreadableFile::saying('The MIDI file is cut off.');
        }
        $this->at += $length;

        return substr($this->file, $this->at - $length, $length);
    }

    private function number(int $bytes): int
    {
        return array_reduce(str_split($this->taken($bytes)), static fn (int $sum, string $b): int => $sum << 8 | ord($b), 0);
    }

    private static function word(string $bytes, int $at): int
    {
        return ord($bytes[$at]) << 8 | ord($bytes[$at + 1]);
    }

    private static function tempo(string $says): int
    {
        $us = strlen($says) === 3 ? ord($says[0]) << 16 | self::word($says, 1) : 0;

        return $us > 0 ? $us : throw UnreadableFile::saying('A tempo of the MIDI file is none.');
    }

    /** @return array{int, int} */
    private static function metre(string $says): array
    {
        if (strlen($says) !== 4 || ord($says[0]) === 0) {
            throw UnreadableFile::saying('A time signature of the MIDI file is none.');
        }

        return [ord($says[0]), 2 ** ord($says[1])];
    }

    private static function name(string $says): string
    {
        return trim(mb_check_encoding($says, 'UTF-8') ? $says : mb_convert_encoding($says, 'UTF-8', 'ISO-8859-1'), " \t\n\r\0\x0B");
    }
}
