<?php

declare(strict_types=1);

namespace FineFrame\Tests;

/**
 * The table of what every check says: by check, rows of a name, a plan, what is said of it, and numbers that the sentence prints. What is
 * said is
 * severity, case and whom it is about; nothing at all is said as an empty text. Last, the mend that is offered for it, where one
 * holds: its kind and its numbers.
 */
final class Checks
{
    /** @return array<string, list<array{0: string, 1: Plans, 2: string, 3?: array<string, mixed>, 4?: string}>> by check */
    public static function all(): array
    {
        /** @var array<string, list<array{0: string, 1: Plans, 2: string, 3?: array<string, mixed>, 4?: string}>>|null $all */
        static $all = null;
        if ($all !== null) {
            return $all;
        }
        $all = [];
        foreach (glob(__DIR__.'/checks/*.php') ?: [] as $file) {
            $all += require $file;
        }

        return $all;
    }

    /** @return iterable<string, array{string, Plans, string, array<string, mixed>}> */
    public static function rows(?string $of = null): iterable
    {
        foreach ($of === null ? self::all() : [$of => self::all()[$of]] as $check => $rows) {
            foreach ($rows as $row) {
                yield "$check: $row[0]" => [$check, $row[1], $row[2], $row[3] ?? []];
            }
        }
    }

    /** @return iterable<string, array{string, Plans, string, string}> those that can be mended, and how */
    public static function mends(?string $of = null): iterable
    {
        foreach ($of === null ? self::all() : [$of => self::all()[$of]] as $check => $rows) {
            foreach ($rows as $row) {
                if (isset($row[4])) {
                    yield "$check: $row[0]" => [$check, $row[1], $row[2], $row[4]];
                }
            }
        }
    }
}
