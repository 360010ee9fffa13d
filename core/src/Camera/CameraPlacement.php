<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Unit;

/** One camera of a setup: what it is made of (ids in the kit), where its entrance pupil is, and how it is set. */
final readonly class CameraPlacement implements Part
{
    /**
     * @param  string  $operator  who is at it; empty when nobody is
     * @param  list<string>  $covers  the people it is on, besides whom it aims at
     * @param  Record  $settings  as in Settings::columns
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $body,
        public string $lens,
        public ?string $reducer,
        public string $support,
        public Vec2 $place,
        public float $heightM,
        public float $focalMm,
        public float $tStop,
        public Aim $aim,
        public Role $role,
        public string $operator,
        public array $covers,
        public ?string $mode,
        public ?string $prompter,
        public Record $settings,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('label', null, 12),
            $node->id('body'),
            $node->id('lens'),
            $node->optionalId('reducer'),
            $node->id('support'),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->metres('height_m', 0.05, 15),
            $node->number('focal_mm', 1, 2000, Unit::Millimetre),
            $node->number('t_stop', 0.5, 64, Unit::TStop),
            Aim::read($node->object('aim')),
            $node->choice('role', Role::class, Role::Main),
            $node->text('operator', '', 60),
            $node->flagged('covers'),
            $node->optionalId('mode'),
            $node->optionalId('prompter'),
            Record::read($node->object('settings'), Settings::columns(), isOne: true),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'label' => $this->label,
            'body' => $this->body,
            'lens' => $this->lens,
            'reducer' => $this->reducer,
            'support' => $this->support,
            'x_m' => $this->place->x,
            'y_m' => $this->place->y,
            'height_m' => $this->heightM,
            'focal_mm' => $this->focalMm,
            't_stop' => $this->tStop,
            'aim' => $this->aim->write(),
            'role' => $this->role->value,
            'operator' => $this->operator,
            'covers' => (object) array_fill_keys($this->covers, true),
            'mode' => $this->mode,
            'prompter' => $this->prompter,
            'settings' => (object) $this->settings->write(),
        ] + $this->extra;
    }

    /** The same somewhere else, or set otherwise: a step of a move. */
    public function at(Vec2 $place, float $heightM, float $focalMm, Aim $aim): self
    {
        return new self(
            $this->id,
            $this->label,
            $this->body,
            $this->lens,
            $this->reducer,
            $this->support,
            $place,
            $heightM,
            $focalMm,
            $this->tStop,
            $aim,
            $this->role,
            $this->operator,
            $this->covers,
            $this->mode,
            $this->prompter,
            $this->settings,
            $this->extra,
        );
    }
}
