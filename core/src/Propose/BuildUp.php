<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Turn;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\LampMoves;
use FineFrame\Judge\LitFace;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\School;
use FineFrame\Staging\Body;

/**
 * Lighting built up from what stands, by asking: for more shape, an edge, eyes, less on the wall. Lamps that burn are dimmed, moved,
 * put behind a grid; a lamp, a board, a black is added; each is tried on a copy and measured by what was asked for and by what it
 * costs the rest. What breaks something is left out.
 */
final readonly class BuildUp
{
    private const WANTED = 3;

    /** Only the best by the meter go before the judge. */
    private const JUDGED = 8;

    /** What a step costs, in stops of what is asked: for each new thing to watch, a lamp more, a stop off. The weights are ours. */
    private const WATCHED = 0.15;

    private const A_LAMP = 0.2;

    private const A_STOP_OFF = 0.8;

    private const OTHERS = 0.2;

    private const DIMS = [0.7, 0.5, 0.35];

    private const UPS = [1.4, 2.0, 2.8];

    public function __construct(private Situation $situation, private Judge $judge)
    {
    }

    /** @return list<LightStep> the best first, no two of a kind */
    public function steps(LightAsk $ask, string $person): array
    {
        $body = $this->situation->setup->bodies[$person];
        $before = LitFace::of($this->situation, $person);
        $limit = $this->situation->limits->get('hair_over_stops');
        $tried = [];
        foreach ($this->changes($ask, $body) as $change) {
            $after = $this->after($change);
            if ($after === null) {
                continue;
            }
            $lit = LitFace::of($after, $person);
            $gain = $ask->gain($before, $lit, $limit);
            if ($gain >= $ask->least() - 1e-9) {
                $tried[] = [min($ask->enough(), $gain) - $this->cost($ask, $change, $before, $lit), $change, $lit, $after];
            }
        }
        usort($tried, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $this->judged(array_slice($tried, 0, self::JUDGED), $before);
    }

    /**
     * @param  list<array{float, Mend, LitFace, Situation}>  $tried
     * @return list<LightStep>
     */
    private function judged(array $tried, LitFace $before): array
    {
        $was = $this->judge->judge($this->situation);
        $known = array_map(static fn (Finding $f): string => $f->key(), [...$was->of(Severity::Watch), ...$was->of(Severity::Breaks)]);
        $steps = [];
        foreach ($tried as [$score, $change, $lit, $after]) {
            $verdicts = $this->judge->judge($after);
            if (array_diff($verdicts->broken(), $was->broken()) === []) {
                $new = array_filter($verdicts->of(Severity::Watch), static fn (Finding $f): bool => ! in_array($f->key(), $known, true));
                $step = new LightStep($change->bringing(array_values($new)), $before, $lit);
                $steps[] = [$score - self::WATCHED * count($new), $step];
            }
        }
        usort($steps, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $unlike = [];
        foreach (array_column($steps, 1) as $step) {
            $unlike[$this->kind($step->change)] ??= $step;
        }

        return array_slice(array_values($unlike), 0, self::WANTED);
    }

    /** The same for changes that do the same to the same lamp. */
    private function kind(Mend $change): string
    {
        $thing = $change->arguments['thing'] ?? $change->arguments['part'] ?? '';
        $case = str_starts_with($change->case, 'swing') ? 'swing' : $change->case;

        return $case.' '.(is_string($thing) ? $thing : '');
    }

    private function cost(LightAsk $ask, Mend $change, LitFace $before, LitFace $after): float
    {
        // What a lamp can do is asked, not what is wanted: its dimmer comes after.
        if ($ask === LightAsk::Strongest) {
            return 0.0;
        }
        $off = max(0.0, abs($after->over) - max(abs($before->over), $this->situation->limits->get('key_watch_stops')));
        $shape = $ask->isOfShape() ? 0.0 : abs(log($after->cheeks / $before->cheeks, 2));
        $behind = $ask->isOfBackground() ? 0.0 : abs(($after->under ?? 0.0) - ($before->under ?? 0.0));

        return self::A_STOP_OFF * $off
            + self::OTHERS * ($shape + $behind / 2)
            + ($change->case === 'add-lamp' ? self::A_LAMP : 0.0);
    }

    private function after(Mend $change): ?Situation
    {
        try {
            return $this->situation->after($change->edit);
        } catch (InvalidDocument) {
            return null;
        }
    }

    /** @return iterable<Mend> */
    private function changes(LightAsk $ask, Body $body): iterable
    {
        $add = new Additions($this->situation);
        [$key, $rest] = $this->lampsOn($body);
        $stands = $key === null ? [] : [$key];

        return match ($ask) {
            LightAsk::Light => [
                ...$this->dimmed($stands, [...self::DIMS, ...self::UPS]),
                ...$this->nearer($stands, [0.7, 0.85, 1.2, 1.4]),
                ...$this->ifMay($add->keys($body)),
            ],
            LightAsk::Shape => [
                ...$this->dimmed($rest, self::DIMS),
                ...$this->off($rest),
                ...$this->swung($stands),
                ...$add->beside($body, false),
                ...($key === null ? $this->ifMay($add->keys($body)) : []),
            ],
            LightAsk::Even => [
                ...$this->dimmed($rest, self::UPS),
                ...$this->swung($stands),
                ...$add->beside($body, true),
                ...$this->ifMay($add->fills($body)),
            ],
            LightAsk::Soft => [...$this->nearer($stands, [0.85, 0.7, 0.55]), ...$this->larger($stands)],
            LightAsk::Edge => [...$this->dimmed($this->behind($body), [...self::DIMS, ...self::UPS]), ...$this->ifMay($add->edges($body))],
            LightAsk::WindowEdge => $this->ifMay($this->fromWindow($add, $body)),
            LightAsk::Eyes => [
                ...array_map(fn (string $id): Mend => LampMoves::at($this->situation, $id, 30.0), $stands),
                ...$this->swung($stands),
                ...$this->ifMay($add->eyeLights($body)),
            ],
            LightAsk::LessBehind => [
                ...$this->dimmed($this->onWall($body), self::DIMS),
                ...$this->off($this->onWall($body)),
                ...array_merge([], ...array_map(fn (string $id): array => LampMoves::gridded($this->situation, $id), $this->onWall($body))),
                ...$this->nearer($stands, [0.85, 0.7]),
            ],
            LightAsk::Strongest => $add->strongest($body),
            LightAsk::MoreBehind => [...$this->dimmed($this->onWall($body), self::UPS), ...$this->ifMay($add->walls($body))],
        };
    }

    /** @return array{string|null, list<string>} the lamp that gives a face most, and the others that give it something, the strongest first */
    private function lampsOn(Body $body): array
    {
        $lux = array_filter($this->situation->face($body->person->id)->byLamp, static fn (float $lux): bool => $lux > 0.5);
        arsort($lux);
        $ids = array_map(strval(...), array_keys($lux));

        return [array_shift($ids), $ids];
    }

    /** @return list<string> lamps on what is behind them, the strongest first; none that light their face most */
    private function onWall(Body $body): array
    {
        $key = $this->lampsOn($body)[0];
        $lux = [];
        foreach ($this->situation->framings() as [$camera, $framed]) {
            $lux += $framed === $body ? $this->situation->behind($camera, $body) : [];
        }
        $lamps = array_filter(
            array_intersect_key($lux, $this->situation->scene->lamps),
            static fn (float $lux, string $id): bool => $lux > 0.5 && $id !== $key,
            ARRAY_FILTER_USE_BOTH,
        );
        arsort($lamps);

        return array_map(strval(...), array_keys($lamps));
    }

    /** @return list<string> lamps that are on their hair */
    private function behind(Body $body): array
    {
        $face = $this->situation->face($body->person->id);
        $key = $this->lampsOn($body)[0];
        $lux = array_filter(
            array_map($face->onHair(...), array_combine(array_keys($face->seen), array_keys($face->seen))),
            static fn (float $lux, string $id): bool => $lux > 0.5 && $id !== $key,
            ARRAY_FILTER_USE_BOTH,
        );
        arsort($lux);

        return array_map(strval(...), array_keys($lux));
    }

    /**
     * @param  list<string>  $lamps
     * @param  list<float>  $factors
     * @return list<Mend>
     */
    private function dimmed(array $lamps, array $factors): array
    {
        $all = [];
        foreach ($lamps as $id) {
            $lamp = $this->situation->scene->lamps[$id];
            foreach ($factors as $factor) {
                $to = round($lamp->placement->dimmer * $factor, 3);
                if ($to >= $lamp->fixture->lowestDim && $to <= 1.0) {
                    $all[] = new Mend(
                        'dim',
                        ['thing' => $this->situation->name($id), 'dim' => Quantity::share($to)],
                        $this->situation->edit("lights/$id", ['dimmer' => $to]),
                    );
                }
            }
        }

        return $all;
    }

    /**
     * @param  list<string>  $lamps
     * @return list<Mend>
     */
    private function off(array $lamps): array
    {
        return array_map(fn (string $id): Mend => new Mend(
            'switch-off',
            ['thing' => $this->situation->name($id)],
            $this->situation->edit("lights/$id", ['on' => false]),
        ), $lamps);
    }

    /**
     * @param  list<string>  $lamps
     * @return list<Mend>
     */
    private function swung(array $lamps): array
    {
        return array_merge([], ...array_map(fn (string $id): array => LampMoves::swung($this->situation, $id), $lamps));
    }

    /**
     * @param  list<string>  $lamps
     * @param  list<float>  $factors
     * @return list<Mend>
     */
    private function nearer(array $lamps, array $factors): array
    {
        return array_merge([], ...array_map(fn (string $id): array => LampMoves::away($this->situation, $id, $factors), $lamps));
    }

    /**
     * A larger face of the kit in its place.
     *
     * @param  list<string>  $lamps
     * @return list<Mend>
     */
    private function larger(array $lamps): array
    {
        $all = [];
        foreach ($lamps as $id) {
            $lamp = $this->situation->scene->lamps[$id];
            foreach ((new LampKit($this->situation->setup))->soft() as [$model]) {
                $fixture = $this->situation->setup->plan->kit->fixtures[$model];
                $size = static fn (float $width, float $height): float => $width * $height;
                $isLarger = $size($fixture->widthM, $fixture->heightM) > $size($lamp->emitter->widthM, $lamp->emitter->heightM);
                if ($lamp->modifiers === [] && $isLarger) {
                    $dimmer = min(1.0, round($lamp->placement->dimmer * $lamp->fixture->luxAt1m / $fixture->luxAt1m, 3));
                    $all[] = new Mend(
                        'take-model',
                        ['thing' => $this->situation->name($id), 'model' => $fixture->name],
                        $this->situation->edit("lights/$id", ['fixture' => $model, 'dimmer' => max($fixture->lowestDim, $dimmer)]),
                    );
                }
            }
        }

        return $all;
    }

    /** @return iterable<Mend> an edge from where the brightest window is */
    private function fromWindow(Additions $add, Body $body): iterable
    {
        $face = $this->situation->face($body->person->id);
        $middles = array_intersect_key($this->situation->scene->windows()?->middles() ?? [], $face->byDay);
        $lux = array_intersect_key($face->byDay, $middles);
        arsort($lux);
        $window = array_key_first($lux);
        if ($window === null) {
            return [];
        }
        $way = $middles[$window]->minus($body->eyes)->floor();

        return $add->edges($body, Turn::wrapped($way->bearing() - $body->headBearingRad) >= 0 ? 1 : -1);
    }

    /**
     * With one lamp only, another is none of the ways.
     *
     * @param  iterable<Mend>  $additions
     * @return list<Mend>
     */
    private function ifMay(iterable $additions): array
    {
        $burn = array_filter(
            $this->situation->scene->lamps,
            static fn (SoftBox $l): bool => $l->placement->on && ! $l->placement->practical,
        );
        $isOne = $this->situation->setup->plan->brief->schools->has(School::OneLamp);

        return $isOne && $burn !== [] ? [] : array_values([...$additions]);
    }
}
