<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Document\Record;
use FineFrame\Judge\Mend;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Sound\Material;
use FineFrame\Sound\RoomSound;
use FineFrame\Space\CeilingKind;

/** Hard walls ring: how long by the surfaces, and how much cloth would tame them. For talk; music may want more. */
final class RoomIsNotTooHard extends PlaceRule
{
    /** A moving blanket. */
    private const BLANKET_M2 = 3.6;

    private const CARRIED = 24;

    public function id(): string
    {
        return 'room-is-not-too-hard';
    }

    public function look(PlaceView $view): iterable
    {
        $sound = $view->sound();
        if (! $view->place->space->surfaces->isKnown() || $view->place->space->ceiling->kind === CeilingKind::None) {
            return;
        }
        $time = $sound->speechTime();
        $factor = $view->plan->brief->kind->isTalk() ? 1.0 : 2.0;
        [$watch, $breaks] = [$factor * $view->limits->get('echo_watch_s'), $factor * $view->limits->get('echo_break_s')];
        yield $this->finding(Severity::above($time, $watch, $breaks), [
            'time' => Quantity::of($time, Unit::Second),
            'limit' => Quantity::of($watch, Unit::Second),
            'cloth' => Quantity::of($sound->blanketsFor($watch), Unit::SquareMetre),
            'volume' => Quantity::of($sound->volumeM3, Unit::CubicMetre),
        ], [$view->place->id], new Working('T = 0.161·V/A, mean of 500, 1000 and 2000 Hz', [
            'V' => Quantity::of($sound->volumeM3, Unit::CubicMetre),
            '500 Hz' => Quantity::of($sound->time(2), Unit::Second),
            '1000 Hz' => Quantity::of($sound->time(3), Unit::Second),
            '2000 Hz' => Quantity::of($sound->time(4), Unit::Second),
        ], 'Sabine; Eyring where more than a fifth is absorbed. Bare surfaces: furniture and people take some away'), $this->cloths(
            $view,
            $sound,
            $watch,
        ));
    }

    /** @return list<Mend> blankets hung free, as many as it takes, while that is a number people carry */
    private function cloths(PlaceView $view, RoomSound $sound, float $wantedS): array
    {
        $setup = $view->setup();
        $alpha = array_sum(array_slice(Material::shipped()['curtain']->alpha, 2, 3)) / 3;
        $blankets = (int) ceil($sound->blanketsFor($wantedS, $alpha) / self::BLANKET_M2);

        return $setup === null || $blankets < 1 || $blankets > self::CARRIED
            ? []
            : [new Mend('hang-blankets', ['count' => (string) $blankets], new Edit(["/setups/$setup->id/treatments/-" => [
                'id' => FreeId::of('treatments', array_map(static fn (Record $r): string => $r->id, $setup->list('treatments'))),
                'name' => "$blankets blankets",
                'material' => 'curtain',
                'area_m2' => round($blankets * self::BLANKET_M2, 2),
                'hung' => 'free',
            ]]))];
    }
}
