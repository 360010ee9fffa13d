<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\BoomPlacement;

/** Every voice's ways to something that records: microphone, link or cable, recorder. What still exists when one of them fails. */
final readonly class TrackSheet
{
    /** @var list<Record> */
    public array $tracks;

    public function __construct(private SetupPlan $setup)
    {
        $this->tracks = $setup->setup->list('tracks');
    }

    /** @return list<string> all that may fail, as people call it */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->tracks as $track) {
            array_push($parts, ...$this->partsOf($track));
        }

        return array_values(array_unique($parts));
    }

    /** @return array<string, string> ids and names of who is to be heard */
    public function voices(): array
    {
        $voices = [];
        foreach ($this->setup->subjects() as $person) {
            $voices[$person->id] = $person->name;
        }

        return $voices;
    }

    /**
     * How many ways of a voice are left when something fails.
     *
     * @param  string  $failed  '' for nothing
     */
    public function left(string $voice, string $failed = ''): int
    {
        return count(
            array_filter(
                $this->tracks,
                fn (Record $t): bool => $t->text('voice') === $voice && ! in_array($failed, $this->partsOf($t), true),
            ),
        );
    }

    /** @return list<string> what alone takes a voice away */
    public function alone(string $voice): array
    {
        return $this->left($voice) === 0
            ? []
            : array_values(array_filter($this->parts(), fn (string $part): bool => $this->left($voice, $part) === 0));
    }

    /** @return list<string> */
    private function partsOf(Record $track): array
    {
        $link = $track->text('link');
        $isHeld = array_filter(
            $this->setup->setup->booms,
            fn (BoomPlacement $b): bool => mb_strtolower($b->name) === mb_strtolower($track->text('source')) && $this->setup->isHeld($b),
        ) !== [];

        return array_values(array_filter([
            $track->text('source'),
            match ($track->text('through')) {
                'a cable' => $link === '' ? 'the cable of '.$track->text('source') : $link,
                default => $link,
            },
            // Cells run out by themselves, and hands are called away.
            $track->text('through') === 'a wireless link' && $link !== '' ? "the batteries of $link" : '',
            $isHeld ? 'whoever holds '.$track->text('source') : '',
            $track->text('recorder'),
        ]));
    }
}
