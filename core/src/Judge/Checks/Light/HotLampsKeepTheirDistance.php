<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\ModifierKind;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;

/** A lamp that burns hot keeps off cloth, ceilings and detectors, and nobody stands under it unless it is tied on. */
final class HotLampsKeepTheirDistance extends Rule
{
    /** The usual caution where its maker says nothing; his word and the venue's rules go before. */
    private const CLOTH_M = 0.5;

    private const CEILING_M = 0.6;

    public function id(): string
    {
        return 'hot-lamps-keep-their-distance';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            if (! $lamp->fixture->hot || ! $lamp->placement->on) {
                continue;
            }
            $lampAt = $lamp->rear();
            // No ceiling of the room is over a lamp outside.
            $under = $situation->scene->isOutside($id) ? INF : $situation->setup->room->heightAt($lampAt->floor()) - $lampAt->z;
            $overhead = $under === INF ? null : $under;
            $cloth = $this->cloth($lamp);
            $case = match (true) {
                $cloth !== null && $cloth < self::CLOTH_M => null,
                $under < self::CEILING_M => 'ceiling',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Breaks,
                [
                    'lamp' => $situation->name($id),
                    'distance' => Quantity::metres($case === 'ceiling' ? $under : $cloth ?? $overhead),
                    'least' => Quantity::metres($case === 'ceiling' ? self::CEILING_M : self::CLOTH_M),
                ],
                [$id],
                new Working(
                    'from the lamp to the first cloth before it, and to the ceiling over it',
                    [
                        'ceiling' => $under === INF ? 'none: it is outside' : Quantity::metres($under),
                        'cloth' => $cloth === null ? 'none' : Quantity::metres($cloth),
                        'detectors' => $situation->setup->location->facts->text('detectors') ?: 'unknown',
                    ],
                    'the maker’s rating and the venue’s rules go before; heat and smoke detectors near a hot lamp or haze are for the venue’s technician',
                ),
                $case === 'ceiling'
                    ? [
                        new Mend(
                            'lower',
                            ['thing' => $situation->name($id), 'distance' => Quantity::metres(self::CEILING_M - $under + 0.05)],
                            $situation->edit("lights/$id", ['height_m' => $lamp->placement->heightM - (self::CEILING_M - $under + 0.05)]),
                        ),
                    ]
                    : [],
                $case,
            );
        }
    }

    /** How far before the lamp the first cloth or gel hangs. */
    private function cloth(SoftBox $lamp): ?float
    {
        $ahead = 0.0;
        foreach ($lamp->modifiers as $modifier) {
            $ahead += $modifier->aheadM;
            if (in_array($modifier->kind, [ModifierKind::Face, ModifierKind::Frame, ModifierKind::Gel], true)) {
                return $ahead;
            }
        }

        return null;
    }
}
