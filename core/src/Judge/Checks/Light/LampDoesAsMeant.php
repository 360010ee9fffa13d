<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\LampWork;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\LampPart;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;

/** A lamp does what somebody has said it is for; of what nobody has said nothing is asked. */
final class LampDoesAsMeant extends Rule
{
    public function id(): string
    {
        return 'lamp-does-as-meant';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $said = array_filter($situation->scene->lamps, static fn (SoftBox $b): bool => $b->placement->meant !== null && $b->placement->on);
        $works = $said === [] ? [] : LampWork::allOf($situation);
        foreach ($said as $id => $lamp) {
            $meant = $lamp->placement->meant ?? LampPart::Nothing;
            $does = array_filter($works[$id], static fn (LampWork $w): bool => $w->part === $meant);
            $main = array_values($does)[0] ?? $works[$id][0];
            $says = static fn (LampWork $w): string => $w->part->phrase($w->person === '' ? '' : $situation->name($w->person));
            yield $this->finding(
                $does === [] ? Severity::Watch : Severity::Holds,
                [
                    'lamp' => $situation->name($id),
                    'meant' => $meant->value,
                    'does' => implode(', ', array_map($says, $works[$id])),
                    'share' => Quantity::share($main->share),
                ],
                [$id],
                new Working(
                    'its share of the light on a face, on hair, or behind a head; where it stands off the nose',
                    array_combine(
                        array_map($says, $works[$id]),
                        array_map(static fn (LampWork $w): Quantity => Quantity::share($w->share), $works[$id]),
                    ),
                    'edges from 100° off the nose, from behind at 140°; seen from 2 % of the light there',
                ),
                fn (): array => $this->ideas($situation, $id, $meant, $works[$id][0]->part),
                $does === [] && $works[$id][0]->part === LampPart::Nothing ? 'idle' : null,
            );
        }
    }

    /** @return list<Mend> carried round to where such a lamp stands, else brightened; else called what it is */
    private function ideas(Situation $situation, string $id, LampPart $meant, LampPart $does): array
    {
        $lamp = $situation->scene->lamps[$id]->placement;
        $round = match ($meant) {
            LampPart::Back, LampPart::Kicker => [60, -60, 90, -90, 120, -120, 150, -150, 180],
            LampPart::Key, LampPart::Fill, LampPart::Eye => [30, -30, 60, -60, 90, -90, 120, -120],
            default => [],
        };
        $brighter = array_values(array_filter([0.2, 0.4, 0.7, 1.0], static fn (float $d): bool => $d > $lamp->dimmer));
        $dimmer = array_values(array_filter([0.5, 0.3, 0.15, 0.08], static fn (float $d): bool => $d < $lamp->dimmer));
        $dims = $meant === LampPart::Fill || $meant === LampPart::Eye ? $dimmer : $brighter;
        $call = new Mend(
            'call-lamp',
            ['thing' => $situation->name($id), 'part' => $does->value],
            $situation->edit("lights/$id", ['meant' => $does->value]),
        );

        return [
            ...array_map(static fn (float $d): Mend => new Mend(
                'dim',
                ['thing' => $situation->name($id), 'dim' => Quantity::share($d)],
                $situation->edit("lights/$id", ['dimmer' => $d]),
            ), $dims),
            ...LampMoves::swung($situation, $id, $round),
            ...($does === LampPart::Nothing || $does === LampPart::Practical ? [] : [$call]),
        ];
    }
}
