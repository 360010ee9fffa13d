<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\CanonicalJson;

final class PlanWriter
{
    public static function json(ShootPlan $plan): string
    {
        return CanonicalJson::write(self::document($plan));
    }

    /** @return array<string, mixed> */
    public static function document(ShootPlan $plan): array
    {
        return [
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'shoot' => $plan->shoot->write(),
            'brief' => $plan->brief->write(),
            'locations' => array_map(static fn (Location $l): array => $l->write(), $plan->locations),
            'setups' => array_map(static fn (Setup $s): array => $s->write(), $plan->setups),
            'kit' => $plan->kit->write(),
        ] + $plan->extra;
    }
}
