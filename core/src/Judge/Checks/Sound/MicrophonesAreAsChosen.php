<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

/** Which microphone comes first, and into what it goes, by the schools (D-11, D-13). */
final class MicrophonesAreAsChosen extends Rule
{
    public function id(): string
    {
        return 'microphones-are-as-chosen';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $schools = $situation->setup->plan->brief->schools;
        $tracks = $situation->setup->setup->list('tracks');
        if ($tracks === []) {
            return;
        }
        $booms = array_column($situation->setup->setup->booms, 'subject');
        $worn = array_map(static fn ($e): string => $e->subject, array_filter($situation->ears(), static fn ($e): bool => $e->isWorn()));
        foreach ($situation->voices() as $id => $voice) {
            $mine = array_values(array_filter($tracks, static fn (Record $t): bool => $t->text('voice') === $id));
            $toCamera = array_filter($mine, static fn (Record $t): bool => str_contains(mb_strtolower($t->text('recorder')), 'camera'));
            $case = match (true) {
                ! $schools->has(School::BodyFirst) && $situation->setup->isTalk() && ! in_array($id, $booms, true) => 'no-boom',
                $schools->has(School::BodyFirst) && ! in_array($id, $worn, true) => 'no-body',
                $schools->has(School::RecorderAndFeed)
                    && $mine !== []
                    && ($toCamera === [] || count($toCamera) === count($mine)) => 'no-feed',
                $schools->has(School::CameraRecords) && $mine !== [] && $toCamera === [] => 'no-camera',
                $schools->has(School::OnTheSpeaker)
                    && array_filter(
                        $mine,
                        static fn (Record $t): bool => $t->text('through') === 'the body itself',
                    ) === [] => 'not-on-them',
                default => null,
            };
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Watch,
                ['subject' => $voice->name],
                [$id, 'schools'],
                new Working(
                    'as the schools of microphones and recorders have it',
                    ['microphone' => $schools->of(Question::Microphone)->word(), 'recorder' => $schools->of(Question::Recorder)->word()],
                ),
                case: $case,
            );
        }
    }
}
