<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cover;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Role;
use FineFrame\Judge\Coverage;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\School;

/**
 * One locked camera always has everybody, so that there is something to cut to at any moment. By the school of one uncut take there need be
 * none.
 */
final class SafetyHolds extends Rule
{
    public function id(): string
    {
        return 'safety-holds';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    /** A role that stays, on something that does: what is on a shoulder or in a hand is not locked. */
    private static function isLocked(Camera $camera): bool
    {
        return $camera->placement->role->isLocked() && ! $camera->support->kind->isCarried();
    }

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->isTalk() || $situation->setup->cameras === []) {
            return;
        }
        $uncut = $situation->setup->plan->brief->schools->has(School::OneTake);
        $people = array_column($situation->setup->subjects(), 'id');
        $best = [-1, '', []];
        foreach ($situation->coverage()->lines() as $id => $lines) {
            if (self::isLocked($situation->setup->cameras[$id]) && $situation->coverage()->moveOf($id) === null) {
                $held = array_values(
                    array_filter($people, static fn (string $p): bool => $lines[$p]->inFrame * $lines[$p]->clear >= Coverage::ENOUGH),
                );
                $best = count($held) > $best[0] ? [count($held), $id, array_values(array_diff($people, $held))] : $best;
            }
        }
        [$count, $id, $missing] = $best;
        $case = match (true) {
            $count < 0 => 'none',
            $missing !== [] => 'misses',
            default => 'holds',
        };
        yield $this->finding(
            match (true) {
                $case === 'holds' => Severity::Holds,
                $uncut => Severity::Watch,
                default => Severity::Breaks,
            },
            ['camera' => $id === '' ? '' : $situation->name($id), 'missing' => implode(', ', array_map($situation->name(...), $missing))],
            $id === '' ? [$situation->setup->setup->id] : [$id],
            new Working(
                'a locked camera that does not move and has 60 % of every head',
                ['cameras with a locked role' => (string) count(array_filter($situation->setup->cameras, self::isLocked(...)))],
                $uncut ? 'school: one uncut take' : '',
            ),
            fn (): array => $this->ideas($situation, $id),
            $case,
        );
    }

    /** @return list<Mend> what is locked, wider; where nothing is, whatever could be */
    private function ideas(Situation $situation, string $id): array
    {
        if ($id !== '') {
            return Moves::wider($situation, $situation->setup->cameras[$id]);
        }
        $ideas = [];
        foreach ($situation->setup->cameras as $other => $camera) {
            if (! $camera->support->kind->isCarried() && $situation->coverage()->moveOf($other) === null) {
                $ideas[] = new Mend(
                    'lock',
                    ['thing' => $camera->placement->label],
                    $situation->edit("cameras/$other", ['role' => Role::Safety->value]),
                );
            }
        }

        return $ideas;
    }
}
