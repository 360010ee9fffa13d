<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Head;
use App\Plans\Apart;
use App\Plans\PlanStore;
use App\Plans\StalePlan;
use FineFrame\Plan\PlanWriter;

/** A stale edit beside what happened meanwhile: field by field, theirs and yours. */
final readonly class StaleView
{
    private const NEWEST = 5;

    public function __construct(public StalePlan $stale, private Reader $reader)
    {
    }

    public function edit(): string
    {
        return (string) json_encode($this->stale->edit->values ?? [], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @return list<string> what was done since, the newest first */
    public function meanwhile(): array
    {
        $since = $this->stale->shoot->heads()->where('version', '>', $this->stale->version)->latest('version')->limit(self::NEWEST)->get();

        return array_values($since->map(static fn (Head $h): string => "$h->words ($h->who)")->all());
    }

    /** @return list<array{pointer: string, field: string, theirs: string, yours: string}> */
    public function fields(): array
    {
        $plan = PlanStore::read($this->stale->shoot->head->plan);
        $document = PlanWriter::document($plan);
        $words = new FieldWords($this->reader);
        $rows = [];
        foreach ($this->stale->edit->values ?? [] as $pointer => $yours) {
            $rows[] = [
                'pointer' => $pointer,
                'field' => $words->label($plan, $pointer),
                'theirs' => $words->value($pointer, Apart::at($document, array_slice(explode('/', $pointer), 1))),
                'yours' => $words->value($pointer, $yours),
            ];
        }

        return $rows;
    }
}
