<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What can be answered by yes or no mostly is: a question that asks how, what or why gets a story. */
final class QuestionsAreOpen extends Rule
{
    private const SHUT = '/^\W*(?:so,? |and |but )?(?:do|does|did|is|are|am|was|were|have|has|had|can|could|will|would|should|may|might)'
        .'(?:n’t|n\'t)?\b/iu';

    public function id(): string
    {
        return 'questions-are-open';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->isTalk() ? $situation->setup->setup->list('progress') : [] as $part) {
            $name = $part->text('name');
            if (! str_ends_with(rtrim($name), '?')) {
                continue;
            }
            $isShut = preg_match(self::SHUT, $name) === 1;
            yield $this->finding(
                $isShut ? Severity::Watch : Severity::Holds,
                ['question' => $name],
                [$part->id],
                new Working('how the question begins', ['first word' => strtok($name, ' ') ?: '']),
            );
        }
    }
}
