<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\TrackSheet;
use FineFrame\Judge\Working;

/** One cable, one battery, one recorder that nobody started: a voice with one way is a voice that may be lost. */
final class VoiceHasTwoWays extends Rule
{
    public function id(): string
    {
        return 'voice-has-two-ways';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** @return iterable<Finding> before any sheet is written: by the microphones that are for each voice */
    private function placed(Situation $situation): iterable
    {
        $subjects = array_map(static fn (array $one): string => $one[0]->subject, $situation->heard());
        foreach (array_count_values($subjects) as $person => $count) {
            yield $this->finding(
                $count > 1 ? Severity::Holds : Severity::Watch,
                ['subject' => $situation->name((string) $person), 'count' => (string) $count],
                [(string) $person, 'tracks'],
                new Working('microphones that are placed for each voice; no track sheet yet', ['for them' => (string) $count]),
                case: $count > 1 ? 'placed' : 'placed-one',
            );
        }
    }

    public function run(Situation $situation): iterable
    {
        $sheet = new TrackSheet($situation->setup);
        if ($sheet->tracks === []) {
            yield from $this->placed($situation);

            return;
        }
        foreach ($sheet->voices() as $id => $name) {
            $alone = $sheet->alone($id);
            $ways = $sheet->left($id);
            yield $this->finding(
                match (true) {
                    $ways === 0 => Severity::Breaks,
                    $alone === [] => Severity::Holds,
                    default => Severity::Watch,
                },
                ['subject' => $name, 'count' => (string) $ways, 'parts' => implode(', ', $alone)],
                [$id, 'tracks'],
                new Working(
                    'each microphone, link, cable and recorder left out in turn',
                    ['ways' => (string) $ways, 'takes it away alone' => $alone === [] ? 'nothing' : implode(', ', $alone)],
                ),
                [],
                $ways === 0 ? 'none' : null,
            );
        }
        foreach ($sheet->tracks as $track) {
            if ($track->text('recorder') !== '' && $track->text('watched_by') === '' && ! $track->flag('float')) {
                yield $this->finding(
                    Severity::Watch,
                    ['recorder' => $track->text('recorder'), 'source' => $track->text('source')],
                    [$track->id],
                    new Working('nobody watches its levels, and it is no float recording', []),
                    case: 'unwatched',
                );
            }
        }
    }
}
