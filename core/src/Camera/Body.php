<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Measure\Unit;

/** A camera body by its used sensor area and recorded pixels. */
final readonly class Body implements Part
{
    /**
     * @param  list<Mode>  $modes  the first is how it records when nothing is chosen; without any, it uses the whole area
     * @param  int  $outputs  for pictures to go out by
     * @param  float  $watts  with what hangs on its battery; 0 where nobody has said
     * @param  string  $plate  what its battery fits; empty where nobody has said
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public int $widthPx,
        public int $heightPx,
        public array $modes,
        public int $outputs,
        public float $watts,
        public string $plate,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->number('sensor_width_mm', 1, 100, Unit::Millimetre),
            $node->number('sensor_height_mm', 1, 100, Unit::Millimetre),
            $node->whole('width_px', 320, 20000, 3840),
            $node->whole('height_px', 240, 20000, 2160),
            $node->each('modes', Mode::read(...), 20),
            $node->whole('outputs', 0, 8, 1),
            $node->number('watts', 0, 500, Unit::Watt, 0.0),
            $node->text('plate', '', 40),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'sensor_width_mm' => $this->widthMm, 'sensor_height_mm' => $this->heightMm,
            'width_px' => $this->widthPx,
            'height_px' => $this->heightPx,
            'modes' => Parts::written($this->modes),
            'outputs' => $this->outputs,
        ] + ($this->watts > 0.0 ? ['watts' => $this->watts] : []) + ($this->plate === '' ? [] : ['plate' => $this->plate]) + $this->extra;
    }

    public function mode(?string $id): ?Mode
    {
        foreach ($this->modes as $mode) {
            if ($id === null || $mode->id === $id) {
                return $mode;
            }
        }

        return null;
    }
}
