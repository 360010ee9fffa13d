<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is spoken of is shown: each topic has a picture to take, and where. */
final class TopicsHaveTheirPictures extends Rule
{
    public function id(): string
    {
        return 'topics-have-their-pictures';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->isTalk() ? $situation->setup->plan->brief->list('topics') : [] as $topic) {
            $case = match (true) {
                $topic->text('picture') === '' => 'fails',
                $topic->text('place') === '' => 'where',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Watch,
                ['topic' => $topic->text('name'), 'picture' => $topic->text('picture'), 'place' => $topic->text('place')],
                [$topic->id],
                new Working('from the brief', []),
                case: $case,
            );
        }
    }
}
