<?php

declare(strict_types=1);

namespace App\View;

use App\View\Drawing\FrameDrawing;
use FineFrame\Camera\Mark;
use FineFrame\Camera\ShotSize;
use FineFrame\Document\Record;
use FineFrame\Judge\Checks\Take\TakeStaysClean;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Entry;
use FineFrame\Scene\FocusPull;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Sweep;

/** A moving camera's take as the page shows it: its marks, what enters when, and the size of the picture over time. */
final readonly class TakeDesk
{
    public const WIDTH = 760.0;

    public const LEFT = 96.0;

    private const ROW = 20.0;

    public function __construct(private Situation $situation, public Sweep $sweep, private Reader $reader)
    {
    }

    public function id(): string
    {
        return $this->sweep->path->move->id;
    }

    public function camera(): string
    {
        return $this->sweep->path->camera->placement->label;
    }

    public function beginsS(): float
    {
        return $this->sweep->path->beginsS();
    }

    public function endsS(): float
    {
        return max($this->beginsS() + 1, $this->sweep->path->endsS());
    }

    public function x(float $seconds): float
    {
        return round(self::LEFT + (self::WIDTH - self::LEFT - 8) * ($seconds - $this->beginsS()) / ($this->endsS() - $this->beginsS()), 1);
    }

    public function frame(float $seconds): FrameDrawing
    {
        return new FrameDrawing($this->situation, $this->sweep->path->at($seconds), $this->reader);
    }

    public static function clock(float $seconds): string
    {
        return TakeStaysClean::clock($seconds);
    }

    /** @return list<array{name: string, x: float, width: float, leads: string}> */
    public function sections(): array
    {
        $all = [];
        foreach ($this->situation->setup->setup->list('sections') as $section) {
            [$from, $to] = [max($this->beginsS(), $section->number('from_s') ?? 0.0), min($this->endsS(), $section->number('to_s') ?? 0.0)];
            if ($to > $from) {
                $all[] = [
                    'name' => $section->text('name'),
                    'x' => $this->x($from),
                    'width' => round($this->x($to) - $this->x($from), 1),
                    'leads' => $section->text('leads'),
                ];
            }
        }

        return $all;
    }

    /**
     * @return list<array{name: string, y: float, spans: list<array{x: float, width: float, words: string}>}> what is seen when, a row for
     *     each thing
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->sweep->entries() as $entry) {
            $name = $entry->seenBy === $this->sweep->path->camera->placement->id
                ? $this->situation->name($entry->owner)
                : 'seen by '.$this->situation->name($entry->seenBy);
            $rows[$name]['name'] = $name;
            $rows[$name]['spans'][] = [
                'x' => $this->x($entry->fromS),
                'width' => max(1.5, round($this->x($entry->toS) - $this->x($entry->fromS), 1)),
                'words' => self::clock($entry->fromS).'–'.self::clock($entry->toS),
            ];
        }
        $y = 84.0;
        foreach ($rows as &$row) {
            $row['y'] = $y;
            $y += self::ROW;
        }

        return array_values($rows);
    }

    public function height(): float
    {
        return 88.0 + self::ROW * max(1, count($this->rows()));
    }

    /** The picture's height at whom it is on, over time, as a path: low is close. */
    public function sizes(): string
    {
        $points = [];
        foreach ($this->sweep->steps() as [$moment, $view]) {
            $size = $this->share($view);
            if ($size !== null) {
                $points[] = $this->x($moment).' '.round(76 - 34 * min(1.0, log(1 + $size, 4)), 1);
            }
        }

        return $points === [] ? '' : 'M'.implode('L', $points);
    }

    /**
     * @return list<array{id: string, name: string, at: float, clock: string, x: float, size: string, focal: string, height: string, pace: string, focus: string, zone: string, section: string}>
     */
    public function marks(): array
    {
        $pulls = array_column(
            array_map(static fn (FocusPull $p): array => [$p->mark->id, $p], FocusPull::along($this->sweep->path, $this->situation->setup)),
            1,
            0,
        );
        $rows = [];
        foreach ($this->sweep->path->marks as $i => $mark) {
            $pull = $pulls[$mark->id] ?? null;
            $rows[] = [
                'id' => $mark->id,
                'name' => $mark->name ?: 'mark '.($i + 1),
                'at' => $mark->atS,
                'clock' => self::clock($mark->atS),
                'x' => $this->x($mark->atS),
                'size' => $this->size($mark),
                'focal' => $this->reader->print(Quantity::of($mark->focalMm, Unit::Millimetre)),
                'height' => $this->reader->metres($mark->heightM),
                'pace' => $i === 0 ? '' : $this->reader->print(Quantity::of($this->sweep->path->speedTo($i), Unit::MetreASecond)),
                'focus' => $pull === null ? '' : $this->reader->metres($pull->distanceM).' to '.$pull->on,
                'zone' => $pull === null ? '' : $this->reader->metres($pull->nearM).'–'.$this->reader->print(Quantity::metres($pull->farM)),
                'section' => $this->section($mark->atS),
            ];
        }

        return $rows;
    }

    /** @return list<array{clock: string, name: string, metric: string, imperial: string}> the focus strip: each distance in both units */
    public function strip(): array
    {
        return array_map(static fn (FocusPull $p): array => [
            'clock' => self::clock($p->mark->atS),
            'name' => $p->mark->name,
            'metric' => Quantity::metres($p->distanceM)->print(\FineFrame\Measure\UnitSystem::Metric),
            'imperial' => Quantity::metres($p->distanceM)->print(\FineFrame\Measure\UnitSystem::Imperial),
        ], FocusPull::along($this->sweep->path, $this->situation->setup));
    }

    /** @return list<string> */
    public function worst(): array
    {
        return array_map(
            fn (Entry $e): string => $this->situation->name($e->owner).' '.$this->reader->print(
                Quantity::share($this->sweep->shareAt($e, ($e->fromS + $e->toS) / 2)),
            ).' of '.$this->situation->name($e->seenBy).'’s frame at '.self::clock(($e->fromS + $e->toS) / 2),
            $this->sweep->entries(),
        );
    }

    private function section(float $seconds): string
    {
        $now = array_filter(
            $this->situation->setup->setup->list('sections'),
            static fn (Record $s): bool => $seconds >= ($s->number('from_s') ?? 0.0) && $seconds < ($s->number('to_s') ?? 0.0),
        );

        return $now === [] ? '' : array_values($now)[0]->text('name');
    }

    private function size(Mark $mark): string
    {
        $view = $this->sweep->path->mark($mark);
        $share = $this->share($view);

        return $share === null ? 'nobody in frame' : ShotSize::of($share, 1.0)->value;
    }

    /** The frame's height at whom it is on, in statures. */
    private function share(LensView $view): ?float
    {
        $body = $this->situation->setup->bodyFor($view->camera);
        $depth = $body === null ? 0.0 : $view->depth($body->eyes);

        return $body === null || $depth <= 0 ? null : $view->camera->delivered->heightAt($depth) / $body->person->statureM;
    }
}
