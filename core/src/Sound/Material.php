<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Problems;
use FineFrame\Measure\Unit;

/** What a surface does to sound and light: absorption by octave band from 125 Hz, and the share of light that comes back. */
final readonly class Material implements Part
{
    public const BANDS_HZ = [125, 250, 500, 1000, 2000, 4000];

    /**
     * @param  list<float>  $alpha
     * @param  array<string, mixed>  $extra
     */
    private function __construct(public string $id, public string $name, public array $alpha, public float $light, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        $alpha = array_map(static fn (int $band): float => $node->number("alpha_$band", 0, 1, Unit::Ratio), self::BANDS_HZ);

        return new self($node->id(), $node->text('name'), $alpha, $node->number('light', 0, 1, Unit::Ratio, 0.3), $node->rest());
    }

    /** @return array<string, self> the table that ships */
    public static function shipped(): array
    {
        /** @var array<string, self>|null $table */
        static $table = null;
        if ($table === null) {
            $table = [];
            /** @var array<string, array{name: string, alpha: list<float>, light: float}> $rows */
            $rows = require __DIR__.'/../../data/materials.php';
            foreach ($rows as $id => $row) {
                $alphas = array_combine(array_map(static fn (int $b): string => "alpha_$b", self::BANDS_HZ), $row['alpha']);
                $table[$id] = self::read(
                    Node::root(['id' => $id, 'name' => $row['name'], 'light' => $row['light']] + $alphas, new Problems),
                );
            }
        }

        return $table;
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name] + array_combine(
            array_map(static fn (int $b): string => "alpha_$b", self::BANDS_HZ),
            $this->alpha,
        ) + ['light' => $this->light] + $this->extra;
    }
}
