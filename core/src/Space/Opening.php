<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** A hole in a wall, measured from the corner at which the wall begins. */
final readonly class Opening implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public OpeningKind $kind,
        public string $wall,
        public float $offsetM,
        public float $widthM,
        public float $sillM,
        public float $headM,
        public bool $wayOut,
        public Swing $swing,
        public float $revealM,
        public Glazing $glazing,
        public Curtain $curtain,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $kind = $node->choice('kind', OpeningKind::class);
        $opening = new self(
            $node->id(),
            $node->text('name'),
            $kind,
            $node->id('wall'),
            $node->metres('offset_m', 0, 100),
            $node->metres('width_m', 0.1, 30),
            $node->metres('sill_m', 0, 20, 0.0),
            $node->metres('head_m', 0.1, 30),
            $node->flag('way_out', $kind === OpeningKind::Door),
            $node->choice('swing', Swing::class, $kind === OpeningKind::Door ? Swing::InLeft : Swing::None),
            $node->metres('reveal_m', 0, 3, 0.0),
            $node->choice('glazing', Glazing::class, $kind === OpeningKind::Window ? Glazing::Single : Glazing::Open),
            $node->choice('curtain', Curtain::class, Curtain::None),
            $node->rest(),
        );
        if ($opening->headM <= $opening->sillM) {
            $node->wrong('head_m', 'must be above the sill');
        }

        return $opening;
    }

    public function with(Curtain $curtain): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->wall,
            $this->offsetM,
            $this->widthM,
            $this->sillM,
            $this->headM,
            $this->wayOut,
            $this->swing,
            $this->revealM,
            $this->glazing,
            $curtain,
            $this->extra,
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'kind' => $this->kind->value, 'wall' => $this->wall,
            'offset_m' => $this->offsetM, 'width_m' => $this->widthM, 'sill_m' => $this->sillM, 'head_m' => $this->headM,
            'way_out' => $this->wayOut,
            'swing' => $this->swing->value,
            'reveal_m' => $this->revealM,
            'glazing' => $this->glazing->value,
            'curtain' => $this->curtain->value,
        ] + $this->extra;
    }
}
