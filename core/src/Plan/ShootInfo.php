<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

final readonly class ShootInfo implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $title, public string $date, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        $info = new self($node->id(), $node->text('title'), $node->text('date', '', 10), $node->rest());
        trim($info->title) !== '' ?: $node->wrong('title', 'must not be empty');
        $parts = array_map(intval(...), explode('-', $info->date));
        if ($info->date !== '' && (preg_match('/^\d{4}-\d\d-\d\d$/', $info->date) !== 1 || ! checkdate($parts[1] ?? 0, $parts[2] ?? 0, $parts[0]))) {
            $node->wrong('date', 'must be a date like 2026-11-14');
        }

        return $info;
    }

    public function write(): array
    {
        return ['id' => $this->id, 'title' => $this->title, 'date' => $this->date] + $this->extra;
    }
}
