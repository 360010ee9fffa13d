<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** A track that names a microphone or a recorder which is nowhere placed cannot be judged, laid or packed. */
final class TracksNameWhatIsPlaced extends Rule
{
    public function id(): string
    {
        return 'tracks-name-what-is-placed';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $recorders = array_map(
            static fn ($r): string => mb_strtolower(trim($r->text('name'))),
            $situation->setup->setup->list('recorders'),
        );
        $feeds = array_map(static fn ($f): string => mb_strtolower(trim($f->text('name'))), $situation->setup->setup->list('feeds'));
        $mics = $situation->setup->setup->list('mics');
        foreach ($situation->setup->setup->list('tracks') as $track) {
            $case = match (true) {
                // Where nothing is listed yet, words are enough.
                $mics !== []
                    && $situation->ear($track->text('source')) === null
                    && ! in_array(mb_strtolower(trim($track->text('source'))), $feeds, true) => 'source',
                $recorders !== []
                    && $track->text('recorder') !== ''
                    && ! in_array(mb_strtolower(trim($track->text('recorder'))), $recorders, true) => 'recorder',
                default => null,
            };
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Watch,
                [
                    'track' => $track->text('name') ?: $track->text('source'),
                    'source' => $track->text('source'),
                    'recorder' => $track->text('recorder'),
                ],
                [$track->id],
                new Working('by name, among booms, other microphones, pairs, feeds and recorders', []),
                case: $case,
            );
        }
    }
}
