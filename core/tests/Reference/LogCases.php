<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Log\Day;
use FineFrame\Log\Log;
use FineFrame\Log\Mark;
use FineFrame\Log\Take;

final class LogCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind === 'refuse' ? $in->word('asked') : $kind) {
            'fold' => $this->fold($in),
            'missing' => $this->missing($inputs),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function fold(Inputs $in): array
    {
        $marks = [];
        foreach ($in->lists('batches') as $batch) {
            foreach ($batch as $mark) {
                $marks[] = Mark::read(is_array($mark) ? $mark : []);
            }
        }
        $log = new Log($marks, $in->map('offset_ms')->floats());
        $day = new Day($log);
        $gaps = $log->gaps();

        return [
            'valid' => true,
            'count' => count($log->marks),
            'order' => array_map(strval(...), array_keys($log->marks)),
            'undone' => $log->undone(),
            'takes' => array_values(array_map(static fn (Take $t): array => [
                'take' => $t->name, 'start_ms' => $t->startMs, 'end_ms' => $t->endMs, 'flags' => $t->flags, 'best' => $t->best,
            ], $day->takes)),
            'ticked' => $day->ticked,
            'loose' => $day->loose,
            'gaps' => array_map(
                static fn (string $device, array $n): array => ['device' => $device, 'missing' => $n],
                array_keys($gaps),
                array_values($gaps),
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>
     */
    private function missing(array $inputs): array
    {
        /** @var array<string, list<string>> $have */
        $have = $inputs['have'];

        return ['send' => Log::missing($have), 'count' => count(array_unique(array_merge([], ...array_values($have))))];
    }
}
