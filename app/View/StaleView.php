<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Head;
use App\Plans\Apart;
use App\Plans\Cards\Cards;
use App\Plans\Cards\Field;
use App\Plans\PlanStore;
use App\Plans\StalePlan;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\ShootPlan;

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
        $rows = [];
        foreach ($this->stale->edit->values ?? [] as $pointer => $yours) {
            $rows[] = [
                'pointer' => $pointer,
                'field' => $this->label($plan, $pointer),
                'theirs' => $this->words($pointer, Apart::at($document, array_slice(explode('/', $pointer), 1))),
                'yours' => $this->words($pointer, $yours),
            ];
        }

        return $rows;
    }

    /** As the thing's card calls it, or else by the field's own name. */
    private function label(ShootPlan $plan, string $pointer): string
    {
        $path = explode('/', $pointer);
        $card = (new Cards($plan->setup()))->find($path[4] ?? ($path[3] ?? '') ?: 'brief');
        $field = array_values(array_filter($card?->fields() ?? [], static fn (Field $f): bool => $f->pointer === $pointer))[0] ?? null;

        return $card !== null && $field !== null
            ? "$card->title, ".lcfirst($field->label)
            : str_replace('_', ' ', (string) preg_replace('/_(m|deg|mm)$/', '', (string) end($path)));
    }

    private function words(string $pointer, mixed $value): string
    {
        return match (true) {
            str_ends_with($pointer, '_m') && is_numeric($value) => $this->reader->metres((float) $value),
            is_scalar($value) => (string) $value,
            $value === null => 'none',
            default => 'a new shape',
        };
    }
}
