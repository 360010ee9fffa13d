<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Revision;
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
        return array_values(
            $this->stale->shoot
                ->revisions()
                ->latest('id')
                ->limit(self::NEWEST)
                ->get()
                ->map(static fn (Revision $r): string => $r->words)
                ->all(),
        );
    }

    /** @return list<array{field: string, theirs: string, yours: string}> */
    public function fields(): array
    {
        $plan = PlanStore::read($this->stale->shoot->head->plan);
        $document = PlanWriter::document($plan);
        $rows = [];
        foreach ($this->stale->edit->values ?? [] as $pointer => $yours) {
            $rows[] = [
                'field' => $this->label($plan, $pointer),
                'theirs' => $this->words($pointer, self::at($document, $pointer)),
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

    /** @param  array<string, mixed>  $document */
    private static function at(array $document, string $pointer): mixed
    {
        $at = $document;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $found = is_array($at) && array_is_list($at)
                ? array_values(
                    array_filter($at, static fn (mixed $item): bool => is_array($item) && ($item['id'] ?? null) === $step),
                )[0] ?? null
                : null;
            $at = $found ?? (is_array($at) ? ($at[$step] ?? null) : null);
        }

        return $at;
    }
}
