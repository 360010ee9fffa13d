<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Plan\NewShoot;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\ShootPlan;
use FineFrame\Plan\Starter;

/** A first plan that stands: the starter's, and what the checks would mend in it by moving and setting what is there. */
final class FirstPlan
{
    /** What is a decision of the plan's own; the rest asks for what only people know. */
    private const STAGES = [Stage::Stage, Stage::Cameras, Stage::Light, Stage::Sound, Stage::Rig];

    /** Mends that are taken at most: a plan that would need more is begun wrongly. */
    private const MENDS = 8;

    public static function of(NewShoot $new, Judge $judge): ShootPlan
    {
        $setup = Starter::plan($new)->setup();
        for ($n = 0; $n < self::MENDS; $n++) {
            $mend = self::next($setup, $judge);
            if ($mend === null) {
                break;
            }
            $setup = $setup->after($mend->edit);
        }

        return $setup->plan;
    }

    /** The first that brings nothing new to watch; what breaks is mended at that price too. */
    private static function next(SetupPlan $setup, Judge $judge): ?Mend
    {
        $verdicts = $judge->judge($setup);
        foreach ($verdicts->findings as $finding) {
            if ($finding->severity === Severity::Holds || ! in_array($finding->stage, self::STAGES, true)) {
                continue;
            }
            $mend = $judge->mend($setup, $verdicts, $finding);
            if ($mend !== null && ($mend->brings === [] || $finding->severity === Severity::Breaks)) {
                return $mend;
            }
        }

        return null;
    }
}
