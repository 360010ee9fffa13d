<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\Plans\Cards\FieldKind as Kind;
use FineFrame\Plan\BriefLists;
use FineFrame\Plan\Limits;
use FineFrame\Plan\Question;
use FineFrame\Plan\ShootKind;
use FineFrame\Plan\ShootPlan;

/** The brief as cards: what is shot, by which schools, within which limits. */
final readonly class BriefCards
{
    public function __construct(private ShootPlan $plan)
    {
    }

    public function brief(): Card
    {
        [$shoot, $brief] = [$this->plan->shoot, $this->plan->brief];
        $facts = static fn (string ...$names): array => FactFields::of(
            '/brief/facts',
            $brief->facts,
            BriefLists::facts(),
            array_values($names),
        );
        $kinds = array_map(static fn (ShootKind $k): string => $k->value, ShootKind::cases());
        $limits = [];
        foreach (array_keys(Limits::ALL) as $name) {
            $unit = match (true) {
                str_ends_with($name, '_deg') => '°',
                str_ends_with($name, '_db') => 'dB',
                str_ends_with($name, '_s') => 's',
                str_ends_with($name, '_min') => 'min',
                default => '',
            };
            $limits[] = new Field(
                "/brief/limits/$name",
                ucfirst(
                    str_replace('_', ' ', (string) preg_replace('/_(m|deg|db|s|min)$/', '', $name)),
                ).($brief->limits->isOfSchool($name) ? ' (school)' : ''),
                str_ends_with($name, '_m') ? Kind::Length : Kind::Number,
                $brief->limits->get($name),
                unit: $unit,
            );
        }

        return new Card('brief', 'Brief', 'brief', [
            'Shoot' => [
                new Field('/shoot/title', 'Title', Kind::Text, $shoot->title),
                new Field('/shoot/date', 'Date', Kind::Text, $shoot->date),
                new Field('/brief/kind', 'Kind', Kind::Choice, $brief->kind->value, array_combine($kinds, $kinds)),
                new Field('/brief/aspect_width', 'Frame width', Kind::Number, $brief->aspectWidth),
                new Field('/brief/aspect_height', 'Frame height', Kind::Number, $brief->aspectHeight),
                ...$facts('record_width_px', 'white_balance_k', 'rate_khz', 'sync', 'room_tone', 'wind_mps', 'region'),
            ],
            'How it should feel' => $facts('mood', 'feeling', 'look', 'palette'),
            'Crew and gear' => $facts('hands', 'lamp_minutes', 'boom_hand', 'budget', 'cart_width_m', 'cart_length_m', 'case_width_m', 'case_length_m'),
            'Limits for the checks' => $limits,
        ]);
    }

    /** Every question on which good people differ, with the reasons in view. */
    public function schools(): Card
    {
        $fields = [];
        foreach (Question::cases() as $question) {
            $reasons = [];
            foreach ($question->schools() as $school) {
                $reasons[$school->word()] = self::word("schools.$question->value.schools.{$school->word()}", $school->word());
            }
            $fields[] = new Field(
                "/brief/schools/$question->value",
                self::word("schools.$question->value.question", $question->value),
                Kind::Choice,
                $this->plan->brief->schools->of($question)->word(),
                $reasons,
            );
        }

        return new Card(
            'schools',
            'Schools',
            'schools',
            ['Where working crews disagree' => $fields],
            note: 'Some choices change what the checks accept. None is wrong.',
        );
    }

    private static function word(string $key, string $fallback): string
    {
        $word = __($key);

        return is_string($word) && $word !== $key ? $word : $fallback;
    }
}
