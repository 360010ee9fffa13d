<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Shoot;
use App\Photos\Darkroom;
use Psr\Clock\ClockInterface;

/** Removed plans: brought back within a month, then gone with their photos. */
final readonly class Bin
{
    private const KEPT_DAYS = 30;

    public function __construct(private ClockInterface $clock, private Darkroom $darkroom)
    {
    }

    /** @return int how many are gone for good */
    public function empty(): int
    {
        $before = $this->clock->now()->modify('-'.self::KEPT_DAYS.' days');
        $old = Shoot::onlyTrashed()->where('deleted_at', '<', $before->format('Y-m-d H:i:s'))->get();
        foreach ($old as $shoot) {
            $shoot->forceDelete();
            $this->darkroom->discard($shoot->id);
        }

        return $old->count();
    }
}
