<?php

declare(strict_types=1);

namespace FineFrame\Tests;

use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;

/**
 * What is answered today, to four digits: each finding, what it was worked out from, and all that it would try. A step that means to change no figure
 * leaves the files in `answers/` as they are; one that does says so by what it changes in them. `php core/tests/pin.php` writes them anew.
 */
final class Pinned
{
    public const ANSWERS = __DIR__.'/answers';

    /** Nothing smaller than this is more than a slip of floating point. */
    private const NOTHING = 1e-9;

    /** @return array<string, array{Plans, bool}> whole plans, and whether what would be tried is looked at */
    public static function plans(): array
    {
        $demo = Plans::of(Cases::document());

        return [
            'demo-talk' => [$demo->in('talk'), true], 'demo-duo' => [$demo->in('duo'), true],
            'smallest' => [Plans::room()->sitter('ann', 3.0, 3.0)->camera('a', 3.0, 1.0), true], 'large' => [Plans::largest(0.2), true],
        ];
    }

    /** All that is said of a plan. */
    public static function plan(Plans $plan, bool $withIdeas): string
    {
        return self::text($plan->judged()->findings, $withIdeas);
    }

    /** What a check says of the plans in its rows. */
    public static function check(string $check): string
    {
        $rule = array_values(array_filter(CheckSet::standard(), static fn ($c): bool => $c->id() === $check))[0];
        $text = '';
        foreach (Checks::all()[$check] as $row) {
            $text .= "[$row[0]]\n".self::text([...$rule->run(new Situation($row[1]->setup()))], true);
        }

        return $text;
    }

    /** @param  list<Finding>  $findings */
    private static function text(array $findings, bool $withIdeas): string
    {
        $lines = [];
        foreach ($findings as $finding) {
            $lines[] = trim("{$finding->severity->value} $finding->check $finding->case ".implode('+', $finding->about)).': '.self::named($finding->arguments);
            $lines[] = '  from '.self::named($finding->working->inputs);
            foreach ($withIdeas ? $finding->ideas() : [] as $idea) {
                $lines[] = "  try $idea->case: ".self::named($idea->arguments).self::edited($idea);
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @param  array<string, Quantity|string>  $figures */
    private static function named(array $figures): string
    {
        $parts = [];
        foreach ($figures as $name => $figure) {
            $parts[] = "$name ".($figure instanceof Quantity ? self::number($figure->value).' '.$figure->unit->name : $figure);
        }

        return implode(', ', $parts);
    }

    private static function edited(Mend $idea): string
    {
        $text = '';
        foreach ($idea->edit->values as $pointer => $value) {
            $text .= "; $pointer = ".json_encode(self::rounded($value), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        }

        return $text;
    }

    private static function rounded(mixed $value): mixed
    {
        return is_array($value) ? array_map(self::rounded(...), $value) : (is_float($value) ? self::number($value) : $value);
    }

    private static function number(?float $value): string
    {
        return $value === null ? '∞' : sprintf('%.4g', abs($value) < self::NOTHING ? 0.0 : $value);
    }
}
