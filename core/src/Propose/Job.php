<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Role;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Body;

/** What one camera is there for in a performance: everybody, or one face. */
final readonly class Job
{
    /** @param  non-empty-list<Body>  $on */
    private function __construct(public Camera $camera, public array $on, public bool $isSafety)
    {
    }

    /**
     * One camera that stays has everybody; the others share the performers out, so that nobody is left. A single camera has them all.
     *
     * @param  list<Camera>  $cameras  that may be placed
     * @return list<self>
     */
    public static function among(SetupPlan $setup, array $cameras): array
    {
        $bodies = array_map(static fn ($p): Body => $setup->bodies[$p->id], $setup->subjects());
        if ($bodies === [] || $cameras === []) {
            return [];
        }
        $safety = array_values(array_filter($cameras, static fn (Camera $c): bool => $c->placement->role->isLocked()))[0]
            ?? $cameras[count($cameras) - 1];
        $close = array_values(array_filter($cameras, static fn (Camera $c): bool => $c !== $safety));
        $jobs = [];
        foreach ($close as $i => $camera) {
            $mine = array_values(
                array_filter($bodies, static fn (int $n): bool => $n % count($close) === $i % count($bodies), ARRAY_FILTER_USE_KEY),
            );
            $jobs[] = new self($camera, $mine ?: [$bodies[$i % count($bodies)]], false);
        }

        return [...$jobs, new self($safety, $bodies, true)];
    }

    public function role(): Role
    {
        return match (true) {
            ! $this->isSafety => $this->camera->placement->role->isLocked() ? Role::Second : $this->camera->placement->role,
            $this->camera->placement->role->isLocked() => $this->camera->placement->role,
            default => Role::Safety,
        };
    }
}
