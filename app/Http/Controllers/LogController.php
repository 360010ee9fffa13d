<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogRequest;
use App\Log\LogStore;
use App\Models\Shoot;
use FineFrame\Log\Take;
use Illuminate\Http\JsonResponse;

/** Marks of the day, as devices send them: joined, never refused for being late, and given back as what they come to. */
final readonly class LogController
{
    public function __construct(private LogStore $log)
    {
    }

    public function index(Shoot $shoot): JsonResponse
    {
        return $this->answer($shoot, ['kept' => [], 'refused' => []]);
    }

    public function store(LogRequest $request, Shoot $shoot): JsonResponse
    {
        return $this->answer(
            $shoot,
            $this->log->add($shoot, $request->device(), $request->name(), $request->nowMs(), $request->marks()),
        );
    }

    /** @param  array{kept: list<string>, refused: array<string, string>}  $done */
    private function answer(Shoot $shoot, array $done): JsonResponse
    {
        $state = $this->log->state($shoot);

        return new JsonResponse([
            'kept' => $done['kept'],
            'refused' => (object) $done['refused'],
            'ticks' => (object) $state['ticks'],
            'takes' => array_map(static fn (Take $t): array => [
                'take' => $t->name, 'start' => $t->startMs, 'end' => $t->endMs, 'best' => $t->best,
                'flags' => array_column($t->marks, 'flag'),
            ], $state['takes']),
            'server_ms' => LogStore::nowMs(),
        ], 200, ['Cache-Control' => 'no-store']);
    }
}
