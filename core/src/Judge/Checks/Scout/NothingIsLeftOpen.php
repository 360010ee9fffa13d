<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Document\Record;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Plan\School;

/** Everybody who must be asked has been, hazards are seen to, and haze and alarms are settled. */
final class NothingIsLeftOpen extends PlaceRule
{
    public function id(): string
    {
        return 'nothing-is-left-open';
    }

    public function look(PlaceView $view): iterable
    {
        foreach ($view->place->list('askings') as $asking) {
            $state = $asking->text('state');
            yield $this->finding(match ($state) {
                'agreed' => Severity::Holds,
                'refused' => Severity::Breaks,
                default => Severity::Watch,
            }, [
                'what' => $asking->text('name') ?: $asking->text('about'),
                'who' => $asking->text('who') ?: 'nobody named yet',
                'state' => $state,
                'due' => $asking->text('due'),
            ], [$view->place->id, $asking->id], new Working('from the permissions list', ['state' => $state]), case: match (true) {
                $state === 'agreed' => 'holds',
                $state === 'refused' => 'refused',
                $asking->text('due') !== '' => 'due',
                default => 'fails',
            });
        }
        foreach ($view->place->list('hazards') as $hazard) {
            yield $this->finding(
                $hazard->flag('settled') ? Severity::Holds : Severity::Watch,
                ['what' => $hazard->text('name'), 'done' => $hazard->text('done_about') ?: 'nothing yet'],
                [$view->place->id, $hazard->id],
                new Working('from the hazards list', []),
                case: $hazard->flag('settled') ? 'hazard-settled' : 'hazard',
            );
        }
        if (! $view->plan->brief->schools->has(School::NoHaze)) {
            $detectors = $view->place->facts->text('detectors');
            $asked = array_filter(
                $view->place->list('askings'),
                static fn (Record $a): bool => $a->text('about') === 'haze and alarms' && $a->text('state') === 'agreed',
            );
            $severity = match (true) {
                $asked !== [] || $detectors === 'none' => Severity::Holds,
                $detectors === 'smoke' => Severity::Breaks,
                default => Severity::Watch,
            };
            yield $this->finding(
                $severity,
                ['detectors' => $detectors],
                [$view->place->id, 'haze'],
                new Working(
                    'haze is planned; who runs the alarms must agree in writing',
                    ['detectors' => $detectors],
                    'the venue and its fire service decide',
                ),
                case: $severity === Severity::Holds ? 'haze-settled' : 'haze',
            );
        }
    }
}
