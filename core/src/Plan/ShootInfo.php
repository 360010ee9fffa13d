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
        $info = new self($node->id(), $node->text('title'), $node->date('date'), $node->rest());
        if (trim($info->title) === '') {
            $node->wrong('title', 'must not be empty');
        }

        return $info;
    }

    public function write(): array
    {
        return ['id' => $this->id, 'title' => $this->title, 'date' => $this->date] + $this->extra;
    }
}
