<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Light\Exposure;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\ShootPlan;
use FineFrame\Scene\DaylightFit;
use FineFrame\Scout\Circuits;
use FineFrame\Scout\Noise;

/** Candidate places side by side: a score from 0 to 1 by each criterion, weighed; what is unknown is not counted, and said. */
final class Comparison
{
    /** @var list<Candidate> the best first; those that a hard stop rules out last */
    public readonly array $candidates;

    public function __construct(private readonly ShootPlan $plan)
    {
        $views = array_map(fn ($place): PlaceView => new PlaceView($plan, $place), $plan->locations);
        $costs = array_filter(
            array_map(static fn (PlaceView $v): ?float => $v->place->facts->number('cost'), $views),
            static fn (?float $c): bool => $c !== null,
        );
        $dearest = $costs === [] ? 0.0 : max($costs);
        $all = array_map(
            fn (PlaceView $v): Candidate => $this->candidate($v, max($dearest, $plan->brief->facts->number('budget') ?? 0.0)),
            $views,
        );
        usort($all, static fn (Candidate $a, Candidate $b): int => [$a->stoppedBy !== [], $b->score] <=> [$b->stoppedBy !== [], $a->score]);
        $this->candidates = $all;
    }

    private function candidate(PlaceView $view, float $dearest): Candidate
    {
        $scores = [
            'mood' => $this->rated($view),
            'light' => $this->light($view),
            'sun' => $this->sun($view),
            'quiet' => $this->quiet($view),
            'echo' => $this->echo($view),
            'space' => $this->space($view),
            'power' => $this->power($view),
            'access' => $this->access($view),
            'cost' => $this->cost($view, $dearest),
            'distance' => $this->distance($view),
            'open' => $this->open($view),
        ];
        $weights = $this->plan->scouting->weights;
        $sum = $weight = $whole = 0.0;
        foreach ($scores as $criterion => [$score]) {
            $whole += $weights[$criterion];
            if ($score !== null) {
                $sum += $weights[$criterion] * $score;
                $weight += $weights[$criterion];
            }
        }
        $stops = array_values(
            array_filter($this->plan->scouting->stops, static fn (string $c): bool => $scores[$c][0] !== null && $scores[$c][0] <= 0.0),
        );

        $inputs = [];
        foreach ($scores as $criterion => [$score]) {
            $inputs[$criterion] = $score === null ? 'unknown' : number_format($score, 2).' × '.round($weights[$criterion], 1);
        }

        return new Candidate(
            $view,
            $scores,
            $weight > 0 ? $sum / $weight : 0.0,
            $whole > 0 ? $weight / $whole : 0.0,
            $stops,
            new Working(
                'score = Σ weight × score ÷ Σ weight, over what is known',
                $inputs,
                'weights set by the user; what is unknown counts neither way',
            ),
        );
    }

    /** @return array{float|null, string|Quantity} */
    private function rated(PlaceView $view): array
    {
        $marks = array_values(
            array_filter(
                [$view->place->facts->number('mood'), $view->place->facts->number('look')],
                static fn (?float $m): bool => $m !== null,
            ),
        );

        return $marks === []
            ? [null, '']
            : [(array_sum($marks) / count($marks) - 1) / 4, (string) round(array_sum($marks) / count($marks), 1).' of 5'];
    }

    /**
     * @return array{float|null, string|Quantity} how the best daylight reading stands to the wanted stop: four stops short scores nothing
     */
    private function light(PlaceView $view): array
    {
        $lux = array_filter(
            array_map(
                static fn (Record $r): float => $r->text('under') === 'daylight' ? DaylightFit::lux($r) ?? 0.0 : 0.0,
                $view->place->list('light'),
            ),
        );
        if ($lux === []) {
            return [null, ''];
        }
        $over = Exposure::stops($view->metering()->wantedLux(), max($lux));

        return [self::between($over, -4.0, 0.0), Quantity::of(max($lux), Unit::Lux)];
    }

    /** @return array{float|null, string|Quantity} the share of the recording in which no sun reaches the spot */
    private function sun(PlaceView $view): array
    {
        [$study, $window, $spots] = [$view->study(), $view->window(), $view->spots()];
        if ($study === null || $window === null || $spots === []) {
            return [null, ''];
        }
        $struck = 0.0;
        foreach ($study->onSpot($spots[0][1]) as [$from, $to]) {
            $struck += max(0.0, min($to, $window[1]) - max($from, $window[0]));
        }

        return [1 - $struck / ($window[1] - $window[0]), $struck > 0 ? round($struck / 60).' min of sun' : 'no sun on the spot'];
    }

    /** @return array{float|null, string|Quantity} */
    private function quiet(PlaceView $view): array
    {
        if ($view->place->list('noise') === []) {
            return [null, ''];
        }
        $level = Noise::together(array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, $view->noises()));
        $margin = $level === null ? 40.0 : Noise::margin($level, 0.5);

        return [
            self::between($margin, $view->limits->get('noise_break_db'), 40.0),
            $level === null ? 'all settled' : Quantity::of($level, Unit::LevelA),
        ];
    }

    /** @return array{float|null, string|Quantity} */
    private function echo(PlaceView $view): array
    {
        if (! $view->place->space->surfaces->isKnown()) {
            return [null, ''];
        }
        $time = $view->sound()->speechTime();

        return [
            self::between(-$time, -$view->limits->get('echo_break_s'), -$view->limits->get('echo_watch_s') / 2),
            Quantity::of($time, Unit::Second),
        ];
    }

    /** @return array{float|null, string|Quantity} the longest clear line over the floor: what a lens can back away */
    private function space(PlaceView $view): array
    {
        if (! $view->place->space->book->isTaped()) {
            return [null, ''];
        }
        $corners = $view->place->space->floor->corners;
        $longest = 0.0;
        foreach ($corners as $one) {
            foreach ($corners as $other) {
                $longest = max($longest, $one->distanceTo($other));
            }
        }

        return [self::between($longest, 3.0, 9.0), Quantity::of($view->place->space->floor->signedArea(), Unit::SquareMetre)];
    }

    /** @return array{float|null, string|Quantity} */
    private function power(PlaceView $view): array
    {
        $circuits = Circuits::among($view->place->list('circuits'), $view->limits->get('power_share'));
        if ($circuits->freeW === []) {
            return [null, ''];
        }
        $free = $circuits->totalW();
        $wanted = max(500.0, (new PlaceView($this->plan, $this->plan->location($this->plan->setups[0]->location)))->watts());

        return [self::between($free / $wanted, 0.5, 2.0), Quantity::of($free, Unit::Watt)];
    }

    /** @return array{float|null, string|Quantity} the narrowest way in, and how far to carry */
    private function access(PlaceView $view): array
    {
        $widths = array_filter(
            array_map(static fn (Record $w): ?float => $w->number('width_m'), $view->place->list('ways')),
            static fn (?float $w): bool => $w !== null,
        );
        if ($widths === []) {
            return [null, ''];
        }
        $facts = $this->plan->brief->facts;
        $narrow = min($widths);
        $steps = array_sum(array_map(static fn (Record $w): float => $w->number('steps') ?? 0.0, $view->place->list('ways')));
        $way = self::between($narrow, $facts->number('case_width_m') ?? 0.45, ($facts->number('cart_width_m') ?? 0.65) + 0.1);

        return [
            $way * self::between(-$steps, -60.0, 0.0) * self::between(-($view->place->facts->number('carry_m') ?? 0.0), -400.0, -20.0),
            Quantity::metres($narrow),
        ];
    }

    /** @return array{float|null, string|Quantity} */
    private function cost(PlaceView $view, float $dearest): array
    {
        $cost = $view->place->facts->number('cost');

        return $cost === null ? [null, ''] : [$dearest > 0 ? self::between(-$cost, -$dearest, 0.0) : 1.0, (string) round($cost)];
    }

    /** @return array{float|null, string|Quantity} */
    private function distance(PlaceView $view): array
    {
        $km = $view->place->facts->number('distance_km');

        return $km === null ? [null, ''] : [self::between(-$km, -150.0, -5.0), round($km).' km'];
    }

    /** @return array{float|null, string|Quantity} the share of askings that are agreed; a refusal scores nothing */
    private function open(PlaceView $view): array
    {
        $states = array_map(static fn (Record $a): string => $a->text('state'), $view->place->list('askings'));
        if ($states === []) {
            return [null, ''];
        }
        $agreed = count(array_keys($states, 'agreed', true));

        return [
            in_array('refused', $states, true) ? 0.0 : $agreed / count($states),
            in_array('refused', $states, true) ? 'refused' : (count($states) - $agreed).' open',
        ];
    }

    private static function between(float $value, float $none, float $all): float
    {
        return max(0.0, min(1.0, ($value - $none) / ($all - $none)));
    }
}
