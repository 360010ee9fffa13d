<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Device;
use App\Models\LoggedMark;
use App\Models\Shoot;
use FineFrame\Log\Day;
use FineFrame\Log\Log;
use FineFrame\Log\Mark;
use FineFrame\Log\Take;
use FineFrame\Log\UnreadableMark;
use Illuminate\Support\Facades\DB;

/** Keeps marks: what arrives is joined to what is there, whenever and however often it comes. */
final readonly class LogStore
{
    /**
     * @param  list<array<array-key, mixed>>  $marks
     * @return array{kept: list<string>, refused: array<string, string>} ids that are kept now, or were; and why the others are not
     */
    public function add(Shoot $shoot, string $device, string $name, float $nowMs, array $marks): array
    {
        $server = self::nowMs();

        return DB::transaction(function () use ($shoot, $device, $name, $nowMs, $marks, $server): array {
            Device::query()->updateOrCreate(['id' => $device], ['name' => $name, 'offset_ms' => $server - $nowMs]);
            [$kept, $refused] = [[], []];
            foreach ($marks as $written) {
                $id = is_string($written['id'] ?? null) ? $written['id'] : '';
                try {
                    $this->keep($shoot, Mark::read($written), $server);
                    $kept[] = $id;
                } catch (UnreadableMark $wrong) {
                    $refused[$id] = $wrong->getMessage();
                }
            }

            return ['kept' => $kept, 'refused' => $refused];
        });
    }

    public function log(Shoot $shoot): Log
    {
        // Row by row: a long day’s thousands of marks are read at each contact.
        $marks = [];
        foreach (LoggedMark::query()->where('shoot_id', $shoot->id)->orderBy('seq')->lazyById(1000, 'seq') as $row) {
            $marks[] = self::mark($row);
        }
        /** @var array<string, float> $offsets */
        $offsets = Device::query()->whereIn('id', array_unique(array_map(static fn (Mark $m): string => $m->device, $marks)))
            ->pluck('offset_ms', 'id')->all();

        return new Log($marks, $offsets);
    }

    /** @return array<string, array{on: bool, who: string, at: float, why: string}> by item */
    public function ticks(Shoot $shoot): array
    {
        return $this->state($shoot)['ticks'];
    }

    /** @return array{ticks: array<string, array{on: bool, who: string, at: float, why: string}>, takes: list<Take>} what all marks come to */
    public function state(Shoot $shoot): array
    {
        $log = $this->log($shoot);
        $day = new Day($log);

        return [
            'ticks' => array_map(static fn (Mark $m): array => [
                'on' => $m->flag('on'), 'who' => $m->text('who'), 'at' => $log->at($m->id), 'why' => $m->text('reason'),
            ], $day->ticks),
            'takes' => array_values($day->takes),
        ];
    }

    public static function nowMs(): float
    {
        return round(1000 * microtime(true));
    }

    /** @throws UnreadableMark where another mark has its name or its number */
    private function keep(Shoot $shoot, Mark $mark, float $server): void
    {
        $known = LoggedMark::query()->where('shoot_id', $shoot->id)->where('id', $mark->id)->first();
        if ($known !== null && ! self::mark($known)->isSameAs($mark)) {
            throw UnreadableMark::twice($mark->id);
        }
        $counted = LoggedMark::query()->where('shoot_id', $shoot->id)->where('device', $mark->device)->where('n', $mark->n)->first();
        if ($counted !== null && $counted->id !== $mark->id) {
            throw UnreadableMark::counted($mark->device, $mark->n);
        }
        if ($known === null) {
            LoggedMark::query()->create([
                'shoot_id' => $shoot->id, 'id' => $mark->id, 'device' => $mark->device, 'n' => $mark->n, 'at_ms' => $mark->atMs,
                'kind' => $mark->kind, 'says' => $mark->says, 'server_ms' => $server,
            ]);
        }
    }

    private static function mark(LoggedMark $row): Mark
    {
        return Mark::read([
            'id' => $row->id, 'device' => $row->device, 'n' => $row->n, 'at_ms' => $row->at_ms, 'kind' => $row->kind,
        ] + $row->says);
    }
}
