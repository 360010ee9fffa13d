<?php

declare(strict_types=1);

namespace App\Console;

use FineFrame\Document\Alike;
use FineFrame\Document\Column;
use FineFrame\Document\ColumnKind;
use FineFrame\Document\Described;
use FineFrame\Document\Entries;
use FineFrame\Document\Fields;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanSchema;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

/** What docs say of the plan file, from what its readers ask: the schema, and FORMAT’s table of keys with its words in lang/en/keys. */
final class PlanFileDocs
{
    public const SCHEMA = 'docs/fineframe-plan-2.schema.json';

    public const FORMAT = 'docs/FORMAT.md';

    private const SCHOOLS = "| `schools` key | Schools, the first where nothing is said |\n| --- | --- |\n";

    private const KEYS = "| Where | Keys; bold ones are needed |\n| --- | --- |\n";

    /** Objects and lists of a schema that fit on a line stand on one. */
    private const LINE = 140;

    /** @var array<string, string> words by path that no key has used */
    private array $unsaid;

    /** @var array<string, string> where an object was described, by its keys */
    private array $described = [];

    /** FORMAT has tables of their own for these. */
    private const APART = ['brief.schools', 'brief.limits'];

    /** Objects of fewer keys are described again where they are met again. */
    private const FEW = 6;

    public function __construct()
    {
        /** @var array<string, string> $words */
        $words = require base_path('lang/en/keys.php');
        $this->unsaid = $words;
    }

    public static function schema(): string
    {
        return self::json(PlanSchema::document(), 0)."\n";
    }

    /** FORMAT with its tables of keys and of schools as they are. */
    public function format(string $before): string
    {
        $text = self::table($before, self::KEYS, implode("\n", $this->rows('', PlanReader::fields())));

        return self::table($text, self::SCHOOLS, self::schools());
    }

    /** @param  non-empty-string  $head */
    private static function table(string $text, string $head, string $rows): string
    {
        [$before, $after] = explode($head, $text, 2) + [1 => ''];

        return $before.$head.$rows.(strstr($after, "\n\n") ?: '');
    }

    private static function schools(): string
    {
        $limits = static fn (School $s): string => implode(
            ', ',
            array_map(static fn (string $name, float $l): string => "`$name` $l", array_keys($s->limits()), $s->limits()),
        );
        $school = static fn (School $s): string => "`{$s->word()}`".($s->limits() === [] ? '' : " ({$limits($s)})");

        return implode("\n", array_map(
            static fn (Question $q): string => "| `$q->value` | ".implode(', ', array_map($school, $q->schools())).' |',
            Question::cases(),
        ));
    }

    /** @return list<string> paths that have words and are no keys, once the table is written */
    public function unsaid(): array
    {
        return array_keys($this->unsaid);
    }

    /** @return list<string> a row for each object, the outer ones first */
    private function rows(string $path, Fields $fields): array
    {
        $cells = $rows = [];
        $keys = implode(' ', array_keys($fields->all()));
        $same = $this->described[$keys] ?? null;
        if ($same !== null && count($fields->all()) >= self::FEW) {
            return ["| `$path` | as `$same`; ".$this->words($path).' |'];
        }
        $this->described[$keys] = $path;
        foreach ($fields->all() as $key => $what) {
            $at = ltrim("$path.$key", '.');
            $inner = $what instanceof Entries ? $what->each : $what;
            $isList = $what instanceof Entries && $what->most !== null;
            if ($inner instanceof Fields && ! in_array($at, self::APART, true)) {
                $rows = [...$rows, ...$this->rows($isList ? "{$at}[]" : $at, $inner)];
            }
            $cells[] = $this->cell($at, $fields->isNeeded($key) ? "**`$key`**" : "`$key`", $what);
        }
        $words = $this->words($path);
        $cells = array_filter($cells, static fn (string $cell): bool => $cell !== '');
        $name = $path === '' ? 'top' : "`$path`";

        return [...($cells === [] ? [] : ["| $name | ".($words === '' ? '' : "$words: ").implode(', ', $cells).' |']), ...$rows];
    }

    private function cell(string $path, string $name, Described $what): string
    {
        $inner = $what instanceof Entries ? $what->each : $what;
        $hasRow = ! $inner instanceof Column && ! in_array($path, self::APART, true);
        $says = array_filter([self::holds($what), $hasRow ? '' : $this->words($path)]);

        return $name.($says === [] ? '' : ' ('.implode('; ', $says).')');
    }

    private static function holds(Described $what): string
    {
        return match (true) {
            $what instanceof Alike => 'as around it',
            $what instanceof Entries && $what->most === null => 'by name',
            $what instanceof Entries => "at most $what->most",
            ! $what instanceof Column => '',
            $what->kind === ColumnKind::Choice => implode(', ', array_map(static fn (string $c): string => "`$c`", $what->choices)),
            $what->kind === ColumnKind::Flag => 'true, false',
            $what->kind === ColumnKind::Clock => '`14:30`',
            $what->kind === ColumnKind::Date => '`2026-11-14`',
            $what->kind === ColumnKind::Colour => '`#7a5c3e`',
            in_array($what->kind, [ColumnKind::Text, ColumnKind::Id], true) => '',
            default => self::digits($what->min).' to '.self::digits($what->max),
        };
    }

    private static function digits(float $number): string
    {
        return str_contains($digits = sprintf('%.6F', $number), '.') ? rtrim(rtrim($digits, '0'), '.') : $digits;
    }

    private function words(string $path): string
    {
        /** @var array<string, string> $words */
        $words = require base_path('lang/en/keys.php');
        unset($this->unsaid[$path]);

        return $words[$path] ?? '';
    }

    private static function json(mixed $value, int $depth): string
    {
        $flat = (string) json_encode($value, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        $indent = str_repeat(' ', $depth + 1);
        if (! is_array($value) || strlen($indent.$flat) <= self::LINE) {
            return $flat;
        }
        $inner = [];
        foreach ($value as $key => $part) {
            $inner[] = $indent.(array_is_list($value) ? '' : json_encode($key).': ').self::json($part, $depth + 1);
        }
        [$open, $close] = array_is_list($value) ? ['[', ']'] : ['{', '}'];

        return "$open\n".implode(",\n", $inner)."\n".str_repeat(' ', $depth).$close;
    }
}
