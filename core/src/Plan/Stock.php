<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Column;
use FineFrame\Document\Node;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;

/** What there is of the kit’s models: our own, hired, borrowed, and until when. Of what nobody has counted nothing is said. */
final readonly class Stock
{
    private const OWN = 'own';

    private const MOST = 500;

    /** @param  list<Record>  $rows */
    private function __construct(public array $rows)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->each('stock', static fn (Node $n): Record => Record::read($n, self::columns()), self::MOST));
    }

    /** @return array<string, Column> */
    public static function columns(): array
    {
        return [
            'model' => Column::text(64),
            'count' => Column::whole(0, 1000),
            'whose' => Column::choice(self::OWN, 'hired', 'borrowed'),
            'until' => Column::date(),
            'from' => Column::text(80),
        ];
    }

    /**
     * A list of the kit anew: what was counted of a model that is gone goes with it.
     *
     * @param  list<array<array-key, mixed>>  $models
     */
    public static function kit(ShootPlan $plan, string $list, array $models): Edit
    {
        $left = array_filter(array_column($models, 'id'), is_string(...));
        $gone = array_diff(array_keys($plan->kit->models()[$list] ?? []), $left);
        $isLeft = static fn (Record $r): bool => ! in_array($r->text('model'), $gone, true);
        $left = Parts::written(array_filter($plan->kit->stock->rows, $isLeft));

        return new Edit(["/kit/$list" => $models] + (count($left) < count($plan->kit->stock->rows) ? ['/kit/stock' => $left] : []));
    }

    public function isOwn(string $model): bool
    {
        return array_filter($this->of($model), static fn (Record $r): bool => $r->text('whose') === self::OWN) !== [];
    }

    /**
     * How many there are on a day.
     *
     * @param  string  $date  as 2026-11-14; empty where the day is open, and nothing goes back
     * @return int|null null where nobody has counted
     */
    public function count(string $model, string $date = ''): ?int
    {
        $rows = $this->of($model);
        if ($rows === [] || array_filter($rows, static fn (Record $r): bool => $r->number('count') === null) !== []) {
            return null;
        }
        $there = array_filter($rows, static fn (Record $r): bool => ! self::isBack($r, $date));

        return (int) array_sum(array_map(static fn (Record $r): float => $r->number('count') ?? 0.0, $there));
    }

    /** @return string|null the last day for which there were more than on this one; null where none has gone back by then */
    public function wentBack(string $model, string $date): ?string
    {
        $gone = array_map(
            static fn (Record $r): string => $r->text('until'),
            array_filter($this->of($model), static fn (Record $r): bool => self::isBack($r, $date)),
        );

        return $gone === [] ? null : max($gone);
    }

    /** @return list<Record> */
    private function of(string $model): array
    {
        return array_values(array_filter($this->rows, static fn (Record $r): bool => $r->text('model') === $model));
    }

    private static function isBack(Record $row, string $date): bool
    {
        return $date !== '' && $row->text('until') !== '' && $row->text('until') < $date;
    }
}
