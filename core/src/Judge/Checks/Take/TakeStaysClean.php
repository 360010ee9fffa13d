<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Take;

use FineFrame\Camera\Mark;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Entry;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Sweep;

/** On its whole way a moving camera sees no gear or crew, and no other camera sees it: between the marks as well as on them. */
final class TakeStaysClean extends Rule
{
    public function id(): string
    {
        return 'take-stays-clean';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->sweeps() as $sweep) {
            $label = $sweep->path->camera->placement->label;
            $firsts = [];
            foreach ($sweep->entries() as $entry) {
                $firsts["$entry->seenBy/$entry->owner"] ??= $entry;
            }
            foreach ($firsts as $entry) {
                yield $this->finding(
                    Severity::Breaks,
                    [
                        'camera' => $situation->name($entry->seenBy),
                        'thing' => $situation->name($entry->owner),
                        'at' => self::clock($entry->fromS),
                        'until' => self::clock($entry->toS),
                        'where' => self::where($sweep, $entry->fromS),
                    ],
                    [$entry->seenBy, $entry->owner],
                    new Working(
                        'looked through at steps of 10 cm and 2° at most, the entry halved down to 0.02 s',
                        [
                            'enters' => Quantity::seconds($entry->fromS),
                            'last seen' => Quantity::seconds($entry->toS),
                            'steps' => (string) count($sweep->steps()),
                        ],
                    ),
                    $entry->seenBy === $sweep->path->camera->placement->id ? $this->aside($situation, $sweep, $entry) : [],
                    $entry->seenBy === $sweep->path->camera->placement->id ? null : 'seen',
                );
            }
            if ($firsts === []) {
                yield $this->finding(
                    Severity::Holds,
                    ['camera' => $label],
                    [$sweep->path->camera->placement->id],
                    new Working('no solid of gear or crew meets a frame at any step', ['steps' => (string) count($sweep->steps())]),
                );
            }
        }
    }

    /** Minutes and seconds of the take. */
    public static function clock(float $seconds): string
    {
        return sprintf('%d:%04.1f', intdiv((int) floor($seconds), 60), fmod($seconds, 60));
    }

    /** On a mark, or between which. */
    private static function where(Sweep $sweep, float $moment): string
    {
        $name = static fn (Mark $m): string => '“'.($m->name ?: $m->id).'”';
        $marks = $sweep->path->marks;
        foreach ($marks as $i => $mark) {
            if (abs($mark->atS - $moment) < 0.05) {
                return 'on '.$name($mark);
            }
            if ($mark->atS > $moment) {
                return 'between '.$name($marks[max(0, $i - 1)]).' and '.$name($mark);
            }
        }

        return 'after '.$name($marks[count($marks) - 1]);
    }

    /** @return list<Mend> the thing moved across the line of sight at the middle of its being seen, either way */
    private function aside(Situation $situation, Sweep $sweep, Entry $entry): array
    {
        $view = $sweep->path->at(($entry->fromS + $entry->toS) / 2);
        foreach ((new Intrusions($situation->scene, $view))->all() as $intrusion) {
            if ($intrusion->owner === $entry->owner && isset($situation->setup->things()[$entry->owner])) {
                $right = new Vec2($view->right[0], $view->right[1]);
                $ideas = [];
                foreach (['left' => -1.0, 'right' => 1.0] as $side => $sign) {
                    // The lens turns while the thing is seen: a third more than clears it at that moment.
                    $ideas[] = [
                        $intrusion->clearM[$side],
                        Moves::push(
                            $situation,
                            $situation->setup->things()[$entry->owner],
                            $situation->name($entry->owner),
                            $right->times($sign * ($intrusion->clearM[$side] * 1.33 + 0.05)),
                        ),
                    ];
                }
                usort($ideas, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

                return array_column($ideas, 1);
            }
        }

        return [];
    }
}
