<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\Parts;

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
            'locations' => Parts::written($plan->locations),
            'setups' => Parts::written($plan->setups),
            'kit' => $plan->kit->write(),
            'scouting' => $plan->scouting->write(),
        ] + $plan->assumed->write() + $plan->extra;
    }
}
