<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Document\Record;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scout\Noise;

/** The voice stands clear of what runs while is recorded; else what to stop, and who can. */
final class PlaceIsQuietEnough extends PlaceRule
{
    /** Where a boom hangs: half a metre from the mouth. */
    private const MICROPHONE_M = 0.5;

    public function id(): string
    {
        return 'place-is-quiet-enough';
    }

    public function look(PlaceView $view): iterable
    {
        if ($view->place->list('noise') === []) {
            return;
        }
        $running = $view->noises();
        $level = Noise::together(array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, $running));
        if ($level === null) {
            yield $this->finding(
                Severity::Holds,
                [],
                [$view->place->id],
                new Working('every noise is settled, or runs at other hours', []),
                case: 'silent',
            );

            return;
        }
        usort($running, static fn (Record $a, Record $b): int => $b->number('level_dba') <=> $a->number('level_dba'));
        $margin = Noise::margin($level, self::MICROPHONE_M);
        $worst = $running[0];
        $without = Noise::together(array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, array_slice($running, 1)));
        $left = $without === null ? INF : Noise::margin($without, self::MICROPHONE_M);
        $severity = Severity::below($margin, $view->limits->get('noise_break_db'), $view->limits->get('noise_watch_db'));
        yield $this->finding($severity, [
            'margin' => Quantity::of($margin, Unit::Decibel),
            'under' => Quantity::of(-$margin, Unit::Decibel),
            'level' => Quantity::of($level, Unit::LevelA),
            'worst' => $worst->text('name'),
            'who' => $worst->text('who') ?: 'nobody named yet',
            'gain' => Quantity::of(abs($left), Unit::Decibel),
            'hours' => $worst->text('runs_from') === '' ? 'all day' : $worst->text('runs_from').'–'.$worst->text('runs_to'),
        ], [$view->place->id], new Working('margin = 60 dB(A) − 20·log₁₀(microphone distance) − noise', [
            'voice at 1 m' => Quantity::of(Noise::VOICE_DBA, Unit::LevelA),
            'microphone at' => Quantity::metres(self::MICROPHONE_M),
            'noise together' => Quantity::of($level, Unit::LevelA),
        ], 'energies add; normal voice by ISO 9921'), case: match (true) {
            $severity === Severity::Holds => 'holds',
            $worst->text('can_stop') === 'no' => $margin < 0 ? 'drowned-stays' : 'stays',
            $margin >= 0 => $left === INF ? 'alone' : 'fails',
            $left === INF => 'drowned-alone',
            $left < 0 => 'drowned-still',
            default => 'drowned',
        });
    }
}
