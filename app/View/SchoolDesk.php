<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Followed;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Otherwise;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\Mood;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

/** The schools beside the layout that stands: what it follows, and what another would judge otherwise. */
final readonly class SchoolDesk
{
    /** @var array<string, Followed> */
    private array $followed;

    public ?Question $asked;

    public function __construct(
        private Situation $situation,
        private Verdicts $verdicts,
        private Judge $judge,
        private Phrase $phrase,
        string $ask,
    ) {
        $this->followed = Followed::allOf($situation);
        $this->asked = Question::tryFrom($ask);
    }

    public function mood(): Mood
    {
        return Mood::tryFrom($this->situation->setup->plan->brief->facts->text('mood')) ?? Mood::Open;
    }

    /** @return list<School> what the mood begins with, and nobody has chosen yet */
    public function begins(): array
    {
        return $this->mood()->open($this->situation->setup->plan->brief->schools);
    }

    public function beginEdit(): string
    {
        $values = [];
        foreach ($this->begins() as $school) {
            $values["/brief/schools/{$school->question()->value}"] = $school->word();
        }

        return (string) json_encode($values);
    }

    public function followed(Question $question): ?School
    {
        return ($this->followed[$question->value] ?? null)?->school;
    }

    public function agrees(Question $question): bool
    {
        $chosen = $this->situation->setup->plan->brief->schools->of($question);

        return $chosen->isOpen() || $this->followed($question) === $chosen;
    }

    public function seen(Question $question): string
    {
        $followed = $this->followed[$question->value] ?? null;

        return $followed === null ? '' : $this->phrase->seen($followed);
    }

    /** The name of a school, as its reason begins. */
    public static function name(School $school): string
    {
        $word = __("schools.{$school->question()->value}.schools.{$school->word()}");

        return is_string($word) ? rtrim(preg_split('/[:,;]/u', $word)[0] ?? $word, '.') : $school->word();
    }

    /** @return list<array{name: string, worse: list<string>, better: list<string>}> what each other answer would judge otherwise */
    public function otherwise(Question $question): array
    {
        $chosen = $this->situation->setup->plan->brief->schools->of($question);
        $others = array_filter($question->schools(), static fn (School $s): bool => $s !== $chosen);

        return array_values(array_map(function (School $school): array {
            $turned = Otherwise::by($this->judge, $this->situation, $this->verdicts, $school);

            return [
                'name' => self::name($school),
                'worse' => array_map($this->phrase->finding(...), $turned->worse),
                'better' => array_map($this->phrase->finding(...), $turned->better),
            ];
        }, $others));
    }
}
