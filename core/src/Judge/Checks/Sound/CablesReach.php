<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Judge\CableRun;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** Each cable reaches as it is laid, fits at both ends, and has a spare of its kind; of the short ones two. */
final class CablesReach extends Rule
{
    public function id(): string
    {
        return 'cables-reach';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** Up to this long, two spares are carried. */
    private const SHORT_M = 5.0;

    /** Farther than this an unbalanced cable picks up mains and lamps. */
    private const UNBALANCED_M = 3.0;

    public function run(Situation $situation): iterable
    {
        $used = [];
        $stock = $situation->setup->setup->list('leads');
        foreach (CableRun::allOf($situation) as $run) {
            foreach ($run->leads as $lead) {
                $used[$lead->id] = ($used[$lead->id] ?? 0) + 1;
            }
            $case = match (true) {
                $stock === [] => 'unlisted',
                $run->leads === [] => 'short',
                $run->adapter !== '' => 'adapter',
                $run->isUnbalanced() && $run->needM > self::UNBALANCED_M => 'unbalanced',
                $run->doors !== [] => 'door',
                default => null,
            };
            yield $this->finding(
                match (true) {
                    $case === 'short' => Severity::Breaks,
                    $case === null => Severity::Holds,
                    default => Severity::Watch,
                },
                [
                    'source' => $run->from,
                    'recorder' => $run->to,
                    'need' => Quantity::metres($run->needM),
                    'leads' => implode(' and ', array_map(static fn (Record $l): string => $l->text('name') ?: 'a lead', $run->leads)),
                    'adapter' => $run->adapter,
                    'doors' => implode(', ', $run->doors),
                ],
                [$run->track->id],
                new Working(
                    'down to the floor, to the wall, along it and to the recorder, by the way that crosses fewest doors; a twentieth more, and half a metre at each end',
                    ['as laid' => Quantity::metres($run->needM)],
                ),
                case: $case,
            );
        }
        foreach ($stock as $lead) {
            $taken = $used[$lead->id] ?? 0;
            $spare = (int) ($lead->number('count') ?? 1.0) - $taken;
            $wanted = match (true) {
                $taken === 0 => 0,
                ($lead->number('length_m') ?? 0.0) <= self::SHORT_M => 2,
                default => 1,
            };
            if ($taken > 0) {
                yield $this->finding(
                    match (true) {
                        $spare < 0 => Severity::Breaks,
                        $spare < $wanted => Severity::Watch,
                        default => Severity::Holds,
                    },
                    [
                        'lead' => $lead->text('name'),
                        'taken' => (string) $taken,
                        'spare' => (string) max(0, $spare),
                        'wanted' => (string) $wanted,
                    ],
                    [$lead->id],
                    new Working(
                        'what is carried less what is laid',
                        ['carried' => (string) (int) ($lead->number('count') ?? 1.0), 'laid' => (string) $taken],
                    ),
                    case: match (true) {
                        $spare < 0 => 'too-few',
                        $spare < $wanted => 'no-spare',
                        default => 'spare',
                    },
                );
            }
        }
    }
}
