<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Cards\Choices;
use FineFrame\Camera\ShotSize;
use FineFrame\Document\Record;
use FineFrame\Judge\Checks\Cameras\SettingsAgree;
use FineFrame\Judge\Coverage;
use FineFrame\Judge\Progression;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Reframe;
use FineFrame\Scene\Square;
use FineFrame\Staging\Person;

/** What the cameras' pages show besides frames: sizes to be had from here, how square, how they are set. */
final readonly class CameraDesk
{
    private const COLUMNS = [
        'fps' => 'Rate', 'shutter_deg' => 'Shutter', 'iso' => 'ISO', 'white_balance_k' => 'White', 'profile' => 'Look',
        'nd_stops' => 'Density', 'automatic' => 'Automatic',
    ];

    public function __construct(private Situation $situation, private Reader $reader)
    {
    }

    /**
     * @return list<array{size: string, lens: array{words: string, note: string, can: bool}, move: array{words: string, note: string, can: bool}}>
     */
    public function sizes(string $camera): array
    {
        return array_map(
            fn (array $pair): array => [
                'size' => $pair[0]->size->value,
                'lens' => $this->option($pair[0]),
                'move' => $this->option($pair[1]),
            ],
            Reframe::all($this->situation->scene, $camera),
        );
    }

    /** @return list<string> how far from square, each straight thing */
    public function square(string $camera): array
    {
        $view = $this->situation->scene->views[$camera];
        $all = array_filter([Square::toWall($this->situation->setup, $view), ...Square::toFurniture($this->situation->setup, $view)]);

        return array_values(
            array_map(
                static fn (Square $s): string => "$s->name: ".match (true) {
                    abs($s->offRad) < 0.005 => 'square',
                    $s->offRad > 0 => number_format(rad2deg($s->offRad), 1).'° clockwise',
                    default => number_format(-rad2deg($s->offRad), 1).'° counter-clockwise',
                },
                $all,
            ),
        );
    }

    /** What an operator does once before the take, because of the glass. */
    public function focusHabit(string $camera): string
    {
        $c = $this->situation->setup->cameras[$camera];
        if (! $c->lens->isZoom() || $c->placement->focalMm > 0.98 * $c->lens->longestMm) {
            return '';
        }
        $print = fn (float $mm): string => $this->reader->print(Quantity::of($mm, Unit::Millimetre));

        return $c->lens->parfocal
            ? "Focus at {$print($c->lens->longestMm)}, then widen to {$print($c->placement->focalMm)}: this zoom keeps it."
            : "Focus at {$print($c->lens->longestMm)}, widen to {$print($c->placement->focalMm)}, and look again: this zoom drifts.";
    }

    /** @return array<string, string> */
    public function columns(): array
    {
        return self::COLUMNS;
    }

    /**
     * @return list<array{id: string, label: string, role: string, cells: list<array{words: string, odd: bool}>, records: string, stop: string}>
     */
    public function settings(): array
    {
        $settings = $this->situation->settings();
        $odd = SettingsAgree::odd($settings);
        $rows = [];
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $rows[] = [
                'id' => $id,
                'label' => $camera->placement->label,
                'role' => Choices::shown($camera->placement->role->value),
                'stop' => $this->reader->print(Quantity::of($camera->placement->tStop, Unit::TStop)),
                'records' => implode(' × ', $camera->pixels()).(
                    ($camera->mode->limitMin ?? 0.0) > 0
                    ? ', stops after '.round($camera->mode->limitMin ?? 0.0).' min'
                    : ''
                ),
                'cells' => array_map(
                    static fn (string $column): array => [
                        'words' => SettingsAgree::print($settings[$id], $column),
                        'odd' => in_array($column, $odd[$id] ?? [], true)
                            || $column === 'automatic'
                            && $settings[$id]->automatic !== 'nothing',
                    ],
                    array_keys(self::COLUMNS),
                ),
            ];
        }

        return $rows;
    }

    /**
     * @return list<array{id: string, label: string, role: string, operator: string, cells: list<array{words: string, on: bool, seen: bool}>}>
     */
    public function cover(): array
    {
        $rows = [];
        foreach ($this->situation->coverage()->lines() as $id => $lines) {
            $camera = $this->situation->setup->cameras[$id];
            $cells = [];
            foreach ($lines as $subject => $line) {
                $share = $this->reader->print(Quantity::share($line->inFrame * $line->clear));
                $words = match (true) {
                    $line->inFrame < 0.05 => 'not in frame',
                    $line->turnedRad > Coverage::FACE_RAD => "$share, from behind",
                    $line->clear < 0.7 => "$share, behind ".($line->by === $subject ? 'the instrument' : $this->situation->name($line->by)),
                    default => $share,
                };
                $cells[] = [
                    'words' => $words,
                    'on' => Coverage::isOn($camera, $subject),
                    'seen' => Coverage::isSeen($line) || $this->situation->coverage()->moveOf($id) !== null,
                ];
            }
            $rows[] = [
                'id' => $id,
                'label' => $camera->placement->label,
                'role' => Choices::shown($camera->placement->role->value),
                'operator' => $camera->placement->operator ?: ($camera->isManned() ? 'somebody' : 'nobody'),
                'cells' => $cells,
            ];
        }

        return $rows;
    }

    /** @return list<array{section: string, cells: list<string>}> */
    public function sections(): array
    {
        return array_map(
            fn (array $row): array => [
                'section' => $row['section'],
                'cells' => array_map(
                    fn (string $id): string => implode(', ', array_map($this->situation->name(...), $row['seen'][$id] ?? [])) ?: '—',
                    array_keys($this->situation->setup->cameras),
                ),
            ],
            $this->situation->coverage()->sections(),
        );
    }

    /** @return list<string> what each operator is told, in one sentence */
    public function cards(): array
    {
        $cards = [];
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $on = array_map(
                static fn (Person $p): string => $p->name,
                array_values(
                    array_filter($this->situation->setup->subjects(), static fn (Person $p): bool => Coverage::isOn($camera, $p->id)),
                ),
            );
            $whom = $on === [] ? 'whatever is asked for' : implode(' and ', $on);
            $cards[] = "{$camera->placement->label}: ".match (true) {
                $camera->placement->role->isLocked() => "locked off on $whom, keep it rolling; nobody touches it.",
                $this->situation->coverage()->moveOf($id) !== null => "the marks of the take, on $whom.",
                default => "on $whom; check the others before moving off.",
            };
        }

        return $cards;
    }

    /**
     * @return list<array{part: string, camera: string, size: string, how: string, cost: string}> the frames over the talk, as they can be
     *     had
     */
    public function progression(): array
    {
        return array_map(fn (Progression $p): array => [
            'part' => $p->name, 'camera' => $p->camera, 'size' => $p->size->value, 'how' => match ($p->how) {
                'begins' => 'begins on the '.(
                    $this->situation->setup->plan->kit->lenses[$p->lens]->name
                    ?? ''
                ).' at '.$this->reader->print(Quantity::of($p->focalMm, Unit::Millimetre)),
                'stays' => 'as it is',
                'zooms' => 'zooms to '.$this->reader->print(Quantity::of($p->focalMm, Unit::Millimetre)),
                'lens' => 'takes the '.($this->situation->setup->plan->kit->lenses[$p->lens]->name ?? ''),
                default => 'no lens in the kit',
            }, 'cost' => $p->minutes === 0 ? '' : "$p->minutes min",
        ], Progression::of($this->situation));
    }

    /** What a clean crop of a camera gives as one more angle. */
    public function crop(string $camera): string
    {
        $c = $this->situation->setup->cameras[$camera];
        $body = $this->situation->setup->bodyFor($c);
        $wanted = array_values(
            array_filter(
                array_map(
                    static fn (Record $r): ?float => $r->number('width_px'),
                    $this->situation->setup->plan->brief->list('deliverables'),
                ),
            ),
        )[0] ?? null;
        $spare = $wanted === null ? 1.0 : $c->pixels()[0] * $c->delivered->widthMm / $c->recorded->widthMm / $wanted;
        if ($body === null || $spare < 1.02) {
            return '';
        }
        $field = $c->delivered->heightAt(LensView::depthOf($c, $body)) / $spare;
        $size = ShotSize::of($field, $body->person->statureM)->value;
        $focal = $this->reader->print(Quantity::of($c->placement->focalMm * $spare, Unit::Millimetre));
        $ratio = number_format($spare, 2);

        return "Cropped by $ratio, still clean: a $size like $focal".(
            $spare >= $this->situation->limits->get('size_ratio')
            ? ', different enough to cut to.'
            : '; too similar to cut to.'
        );
    }

    /** @return array{words: string, note: string, can: bool} */
    private function option(Reframe $to): array
    {
        $words = $to->isMove ? $this->reader->metres($to->distanceM) : $this->reader->print(Quantity::of($to->focalMm, Unit::Millimetre));
        $note = match ($to->why) {
            'lens' => 'no lens in the kit',
            'wall' => 'the wall is in the way',
            'focus' => 'closer than it can focus',
            default => $this->reader->metres($to->backgroundM).' behind, blur '.$this->reader->print(Quantity::share($to->blurShare)).(
                $to->noseToEar > 1.13
                ? ', stretches'
                : ''
            ),
        };

        return ['words' => $words, 'note' => $note, 'can' => $to->why === ''];
    }
}
