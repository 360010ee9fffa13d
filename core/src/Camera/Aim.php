<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** Where a camera points: at a subject's eyes, placed in the frame, or free. */
final readonly class Aim implements Part
{
    /**
     * @param  float  $lead  how far off centre the face sits, as a share of the frame's width
     * @param  float  $eyeLine  how far below the top edge the eyes sit, as a share of the frame's height
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public AimMode $mode,
        public ?string $subject,
        public float $lead,
        public LookingSide $side,
        public float $eyeLine,
        public float $bearingRad,
        public float $tiltRad,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $mode = $node->choice('mode', AimMode::class, AimMode::Eyes);

        return new self(
            $mode,
            $node->has('subject') || $mode === AimMode::Eyes ? $node->id('subject') : null,
            $node->number('lead', 0, 0.4, Unit::Share, 0.12),
            $node->choice('side', LookingSide::class, LookingSide::Ahead),
            $node->number('eye_line', 0.05, 0.95, Unit::Share, 0.36),
            $node->angle('bearing_deg', -360, 360, 0),
            $node->angle('tilt_deg', -90, 90, 0),
            $node->rest(),
        );
    }

    /** A free aim. */
    public static function along(float $bearingRad, float $tiltRad): self
    {
        return new self(AimMode::Free, null, 0.12, LookingSide::Ahead, 0.36, $bearingRad, $tiltRad, []);
    }

    /** An aim at someone's eyes, placed in the frame. */
    public static function at(string $subject, float $lead, LookingSide $side, float $eyeLine): self
    {
        return new self(AimMode::Eyes, $subject, $lead, $side, $eyeLine, 0.0, 0.0, []);
    }

    public function write(): array
    {
        return [
            'mode' => $this->mode->value,
            'subject' => $this->subject,
            'lead' => $this->lead,
            'side' => $this->side->value,
            'eye_line' => $this->eyeLine,
            'bearing_deg' => round(rad2deg($this->bearingRad), 9), 'tilt_deg' => round(rad2deg($this->tiltRad), 9),
        ] + $this->extra;
    }
}
