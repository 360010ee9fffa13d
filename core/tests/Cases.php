<?php

declare(strict_types=1);

namespace FineFrame\Tests;

use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\SetupPlan;
use FineFrame\Tests\Reference\CaseRunner;

/** Reads the published cases and the demo plan, and compares within a case's tolerance. */
final class Cases
{
    public const DATA = __DIR__.'/data';

    /** @return iterable<string, array{string, array<string, mixed>}> the cases that the core answers, by their own names */
    public static function of(string $topic, string ...$kinds): iterable
    {
        foreach (CaseRunner::cases(self::DATA."/$topic.json") as $case) {
            if ($kinds === [] || in_array($case['kind'], $kinds, true)) {
                yield $case['id'] => [$topic, $case];
            }
        }
    }

    /** @return string|null what differs */
    public static function difference(mixed $expected, mixed $got, array $tolerance, string $key = ''): ?string
    {
        // JSON's empty object is no list.
        $got = $got instanceof \stdClass ? (array) $got : $got;
        if (is_array($expected)) {
            foreach ($expected as $k => $value) {
                $limits = is_string($k) ? ($tolerance['keys'][$k] ?? null) : null;
                $deeper = $limits === null
                    ? $tolerance
                    : ['default' => $limits + ($tolerance['default'] ?? []), 'keys' => $tolerance['keys'] ?? []];
                if (! is_array($got) || ! array_key_exists($k, $got)) {
                    return "$key/$k is missing";
                }
                if (($wrong = self::difference($value, $got[$k], $deeper, "$key/$k")) !== null) {
                    return $wrong;
                }
            }

            return is_array($got) && (! array_is_list($expected) || count($got) === count($expected)) ? null : "$key has other members";
        }
        $limit = $tolerance['default'];
        if (is_string($expected) && is_string($got) && isset($limit['seconds'])) {
            return abs(strtotime($expected) - strtotime($got)) <= $limit['seconds'] ? null : "$key: $expected expected, got $got";
        }
        if (! is_int($expected) && ! is_float($expected)) {
            return $expected === $got ? null : "$key: ".var_export($expected, true).' expected, got '.var_export($got, true);
        }
        $allowed = max($tolerance['default']['abs'] ?? 0, ($tolerance['default']['rel'] ?? 0) * abs($expected)) + 1e-12 * abs($expected);

        $off = is_numeric($got) ? $got - $expected : NAN;
        if (isset($limit['modulo'])) {
            $off -= round($off / $limit['modulo']) * $limit['modulo'];
        }

        return abs($off) <= $allowed ? null : "$key: $expected expected, got ".var_export($got, true);
    }

    /** @param  array<string, mixed>  $changes  by pointer, absolute or below the demo's setup; `@` names another setup than the talk */
    public static function shipped(array $changes = []): SetupPlan
    {
        return self::changed(self::document(), $changes);
    }

    /**
     * The same, lit by its key, and in the loft by key and edge: what a lamp or a cloth more does is then seen for itself.
     *
     * @param  array<string, mixed>  $changes
     */
    public static function demo(array $changes = []): SetupPlan
    {
        $document = self::document();
        foreach ($document['setups'] as $i => $setup) {
            $document['setups'][$i]['lights'] = array_slice($setup['lights'], 0, $setup['id'] === 'talk' ? 1 : 2);
            $document['setups'][$i]['furniture'] = array_values(
                array_filter($setup['furniture'], static fn (array $f): bool => ! isset($f['reflects'])),
            );
        }

        return self::changed($document, $changes);
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return json_decode(
            (string) file_get_contents(__DIR__.'/../../database/demo/sallow-tide-mill.fineframe.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $changes
     */
    private static function changed(array $document, array $changes): SetupPlan
    {
        $plan = PlanReader::document($document);
        $setup = $changes['@'] ?? 'talk';
        unset($changes['@']);
        $edits = [];
        foreach ($changes as $pointer => $value) {
            $edits[str_starts_with($pointer, '/') ? $pointer : "/setups/$setup/$pointer"] = $value;
        }

        return (new Edit($edits))->applyTo($plan)->setup($setup);
    }
}
