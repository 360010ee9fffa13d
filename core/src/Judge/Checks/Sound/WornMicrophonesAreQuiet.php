<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** A microphone on clothes hears what touches it: chains, stiff cloth, hair and hands; and its cable wants a way and the pack a place. */
final class WornMicrophonesAreQuiet extends Rule
{
    public function id(): string
    {
        return 'worn-microphones-are-quiet';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->setup->list('mics') as $row) {
            $ear = $situation->ears()[$row->id] ?? null;
            if ($ear === null || ! $ear->isWorn()) {
                continue;
            }
            $rubs = ! in_array($ear->caution, ['', 'nothing'], true);
            $case = match (true) {
                $rubs => 'rubs',
                $row->text('route') === '' => 'route',
                default => null,
            };
            yield $this->finding(
                $rubs ? Severity::Watch : Severity::Holds,
                [
                    'microphone' => $ear->name,
                    'subject' => $ear->subject === '' ? 'nobody' : $situation->name($ear->subject),
                    'what' => $ear->caution,
                    'worn' => $ear->worn,
                    'route' => $row->text('route'),
                ],
                [$row->id],
                new Working('as listed', ['near it' => $ear->caution ?: 'nothing']),
                case: $case,
            );
        }
    }
}
