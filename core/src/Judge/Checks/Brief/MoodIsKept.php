<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Brief;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Mood;
use FineFrame\Plan\School;

/** How it is to feel and how one works belong together: a way that was chosen against the mood is said; it may be meant. */
final class MoodIsKept extends Rule
{
    public function id(): string
    {
        return 'mood-is-kept';
    }

    public function stage(): Stage
    {
        return Stage::Brief;
    }

    public function run(Situation $situation): iterable
    {
        $brief = $situation->setup->plan->brief;
        $mood = Mood::tryFrom($brief->facts->text('mood')) ?? Mood::Open;
        if ($mood === Mood::Open) {
            return;
        }
        $against = $mood->against($brief->schools);
        foreach ($against as $school) {
            $asked = array_filter($mood->schools(), static fn (School $s): bool => $s->question() === $school->question());
            $wanted = array_values($asked)[0];
            yield $this->finding(
                Severity::Watch,
                ['mood' => $mood->value, 'school' => self::words($school), 'wanted' => self::words($wanted)],
                ['schools', $school->question()->value],
                new Working(
                    'what the mood begins with, against what is chosen',
                    ['chosen' => $school->word(), 'begins with' => $wanted->word()],
                ),
                [new Mend(
                    'choose-school',
                    ['school' => self::words($wanted)],
                    new Edit(["/brief/schools/{$school->question()->value}" => $wanted->word()]),
                )],
                'against',
            );
        }
        if ($against === []) {
            yield $this->finding(
                Severity::Holds,
                ['mood' => $mood->value, 'ways' => implode(', ', array_map(self::words(...), $mood->schools()))],
                ['schools'],
                new Working('what the mood begins with', []),
            );
        }
    }

    private static function words(School $school): string
    {
        return str_replace('-', ' ', $school->word());
    }
}
