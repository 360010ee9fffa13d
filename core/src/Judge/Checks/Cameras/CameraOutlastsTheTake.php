<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Mode;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** A camera that stops by itself before the take is over stops unseen when nobody is at it. */
final class CameraOutlastsTheTake extends Rule
{
    public function id(): string
    {
        return 'camera-outlasts-the-take';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $minutes = $situation->setup->takeMinutes();
        if ($minutes === null) {
            return;
        }
        foreach ($situation->setup->cameras as $id => $camera) {
            $limit = $camera->mode->limitMin ?? 0.0;
            if ($limit <= 0) {
                continue;
            }
            $alone = ! $camera->isManned();
            $short = $limit < $minutes;
            yield $this->finding(
                match (true) {
                    ! $short => Severity::Holds,
                    $alone => Severity::Breaks,
                    default => Severity::Watch,
                },
                [
                    'camera' => $camera->placement->label,
                    'limit' => Quantity::of($limit, Unit::Count),
                    'take' => Quantity::of($minutes, Unit::Count),
                ],
                [$id],
                new Working(
                    'minutes until the body stops against the longest stretch',
                    ['stops after' => $limit.' min', 'stretch' => round($minutes, 1).' min', 'somebody at it' => $alone ? 'no' : 'yes'],
                ),
                fn (): array => $this->ideas($situation, $camera, $limit),
                match (true) {
                    ! $short => 'holds',
                    $alone => 'alone',
                    default => null,
                },
            );
        }
    }

    /** @return list<Mend> a way of recording that lasts, else a break before the part that would not end in time */
    private function ideas(Situation $situation, Camera $camera, float $limit): array
    {
        $ideas = array_map(static fn (Mode $m): Mend => new Mend(
            'set-mode',
            ['thing' => $camera->placement->label, 'mode' => $m->name],
            $situation->edit("cameras/{$camera->placement->id}", ['mode' => $m->id]),
        ),
            array_values(array_filter($camera->body->modes, static fn (Mode $m): bool => $m->limitMin <= 0 || $m->limitMin > $limit)));
        $run = 0.0;
        foreach ($situation->setup->setup->list('progress') as $part) {
            $run = ($part->flag('break_before') ? 0.0 : $run) + ($part->number('minutes') ?? 0.0);
            if ($run > $limit) {
                return [...$ideas, ...Moves::breakBefore($situation, $part->id)];
            }
        }

        return $ideas;
    }
}
