<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** How one thing shows in one delivered frame. */
final readonly class Intrusion
{
    /**
     * @param  float  $share  of the frame's area that it covers, hidden parts left out
     * @param  array{left: float, right: float, bottom: float, top: float}  $clearM  metres to move it out past each side: left, right, top
     *     (and bottom) of frame
     */
    public function __construct(public string $owner, public ThingKind $kind, public float $share, public array $clearM)
    {
    }

    /**
     * @return array{string, float} the side that is nearest, and how far; what stands on the floor with its height given goes sideways only
     */
    public function shortest(): array
    {
        $sides = $this->kind === ThingKind::Light || $this->kind === ThingKind::Camera
            ? ['left', 'right', 'bottom', 'top']
            : ['left', 'right'];
        usort($sides, fn (string $a, string $b): int => $this->clearM[$a] <=> $this->clearM[$b]);

        return [$sides[0], $this->clearM[$sides[0]]];
    }
}
