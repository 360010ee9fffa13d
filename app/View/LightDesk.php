<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Looked;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Hours;
use FineFrame\Judge\LampRig;
use FineFrame\Judge\LampWork;
use FineFrame\Judge\LitFace;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Walk;
use FineFrame\Judge\WalkStep;
use FineFrame\Light\Modifier;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\LightField;
use FineFrame\Scene\Silhouette;
use FineFrame\Staging\Furniture;

/** Light on faces as the page shows it: each source's share, the cells, and the lamps to be switched off in turn. */
final readonly class LightDesk
{
    public function __construct(private Situation $situation, private Reader $reader, public Looked $looked)
    {
    }

    /**
     * @return list<array{
     *     id: string, nth: int, name: string, does: string, burns: bool, lookedOff: bool, state: string,
     *     off: string|null, alone: string|null,
     * }> with what to ask for to see it off or alone
     */
    public function lamps(): array
    {
        $ids = array_keys($this->situation->scene->lamps);
        $lamps = [];
        $does = $this->does();
        foreach ($ids as $i => $id) {
            $isOff = in_array($id, $this->looked->off, true);
            $rest = array_values(array_diff($this->looked->off, [$id]));
            $others = array_values(array_diff($ids, [$id]));
            $lamps[] = [
                'id' => $id,
                'nth' => $i + 1,
                'name' => $this->situation->name($id),
                // What it does most; the lighting list has the rest.
                'does' => explode(', ', $does[$id])[0],
                'burns' => $this->situation->scene->lamps[$id]->placement->on,
                'lookedOff' => $isOff,
                'state' => match (true) {
                    $isOff => 'switch on',
                    $this->situation->scene->lamps[$id]->placement->on => 'switch off',
                    default => 'off in the plan',
                },
                'off' => self::query($isOff ? $rest : [...$this->looked->off, $id]),
                'alone' => self::query($this->looked->off === $others && $others !== [] ? [] : $others),
            ];
        }

        return $lamps;
    }

    /** @return list<string> clock times every quarter of an hour while is recorded; none where nobody has said when and where */
    public function hours(): array
    {
        $site = $this->situation->setup->location->site;
        $window = $site === null ? null : $this->situation->setup->hours()->window($site);

        return $site === null || $window === null ? [] : array_map($site->clock(...), Hours::every($window, 900.0));
    }

    /** @return array<string, string> what each lamp does, by lamp */
    public function does(): array
    {
        $said = fn (LampWork $w): string => $w->part->phrase($w->person === '' ? '' : $this->situation->name($w->person));
        $all = [];
        foreach (LampWork::allOf($this->situation) as $id => $works) {
            $burns = $this->situation->scene->lamps[$id]->placement->on;
            $all[$id] = $burns ? implode(', ', array_unique(array_map($said, array_slice($works, 0, 3)))) : 'off';
        }

        return $all;
    }

    /** What all of it adds up to: lamps, stands, power, minutes; and what could be left in its case first. */
    public function totals(): string
    {
        $rig = LampRig::of($this->situation);
        $count = static fn (int $n, string $one): string => $n === 1 ? "1 $one" : "$n {$one}s";
        $hands = (int) ($this->situation->setup->plan->brief->facts->number('hands') ?? 1);
        $alone = max(1, (int) round($rig->minutes));
        $first = $rig->first();

        return $count($rig->lamps, 'lamp').' on '.$count($rig->stands, 'stand').', '
            .$this->reader->print(Quantity::of($rig->watts, Unit::Watt))." in all; about $alone min to rig"
            .($hands > 1 ? ' by one, '.max(1, (int) ceil($rig->minutes / $hands))." by $hands" : '').'.'
            .($first === null ? '' : ' Short of time, leave out '.$this->situation->name($first).': '.$this->reader->print(
                Quantity::share($rig->shares[$first]),
            ).' of the light anywhere in frame.');
    }

    /** Whether boards or cloths stand there, to be looked at without. */
    public function hasBoards(): bool
    {
        return $this->looked->isBare
            || array_filter($this->situation->setup->setup->furniture, static fn (Furniture $f): bool => $f->reflects !== null) !== [];
    }

    /**
     * @return list<array{id: string, name: string, does: string, on: bool, fixture: string, stand: string, height: string, aim: string, dim: string, kelvin: string, watts: string, place: Vec2}>
     */
    public function list(): array
    {
        $kit = $this->situation->setup->plan->kit;
        $does = $this->does();

        return array_values(array_map(fn (SoftBox $lamp): array => [
            'id' => $lamp->placement->id,
            'name' => $this->situation->name($lamp->placement->id),
            'does' => $does[$lamp->placement->id],
            'on' => $lamp->placement->on,
            'fixture' => implode(
                ' → ',
                [$lamp->fixture->name, ...array_map(static fn (Modifier $m): string => $m->name, $lamp->modifiers)],
            ),
            'stand' => $kit->supports[$lamp->placement->stand]->name,
            'height' => $this->reader->metres($lamp->placement->heightM),
            'aim' => round(
                fmod(rad2deg($lamp->facing()->floor()->bearing()) + 360, 360),
            ).'°, '.round(abs(rad2deg($lamp->facing()->elevation()))).'° '.($lamp->facing()->elevation() < 0 ? 'down' : 'up'),
            'dim' => $this->reader->print(Quantity::share($lamp->placement->dimmer)),
            'kelvin' => $this->reader->print(Quantity::of($lamp->kelvin(), Unit::Kelvin)),
            'watts' => $this->reader->print(Quantity::of($lamp->fixture->watts, Unit::Watt)),
            'place' => $lamp->placement->place,
        ], $this->situation->scene->lamps));
    }

    /**
     * @return list<array{name: string, place: Vec2, lux: string, stops: string, parts: list<array{string, string}>}> what was dropped in
     *     the room to be read
     */
    public function probes(): array
    {
        $field = new LightField($this->situation->scene, $this->situation->setup->camera(0)?->pupil());
        $wanted = $this->situation->setup->setup->metering->wantedLux();
        $lux = fn (float $v): string => $this->reader->print(Quantity::of($v, Unit::Lux));
        $probes = [];
        foreach ($this->situation->setup->setup->list('probes') as $probe) {
            [$x, $y] = [$probe->number('x_m'), $probe->number('y_m')];
            if ($x === null || $y === null) {
                continue;
            }
            $parts = $field->at(new Vec3($x, $y, $probe->number('height_m') ?? 1.2));
            $stops = log(max(1e-3, array_sum($parts)) / $wanted, 2);
            arsort($parts);
            $probes[] = [
                'name' => $probe->text('name'),
                'place' => new Vec2($x, $y),
                'lux' => $lux(array_sum($parts)),
                'stops' => ($stops < 0 ? '−' : '+').number_format(abs($stops), 1),
                'parts' => array_map(fn (string $by, float $value): array => [match ($by) {
                    'around' => 'from all round',
                    'sun' => 'the sun itself',
                    'sky' => 'the open sky',
                    default => $this->situation->name($by)
                }, $lux($value)], array_map(
                    strval(...),
                    array_keys(array_filter($parts, static fn (float $v): bool => $v > 0.5)),
                ), array_values(array_filter($parts, static fn (float $v): bool => $v > 0.5))),
            ];
        }

        return $probes;
    }

    /**
     * @return list<array{name: string, total: string, stop: string, over: string, cheeks: string, pattern: string, side: string, soft: string, nose: string, left: string, right: string, hair: string, bars: list<array{name: string, lux: string, share: float}>}>
     */
    public function faces(): array
    {
        return array_map(fn ($p): array => $this->face($this->situation->face($p->id)), $this->situation->setup->subjects());
    }

    /**
     * @return array{name: string, total: string, stop: string, over: string, cheeks: string, pattern: string, side: string, soft: string, nose: string, left: string, right: string, hair: string, bars: list<array{name: string, lux: string, share: float}>}
     */
    private function face(FaceReading $face): array
    {
        $lux = fn (float $v): string => $this->reader->print(Quantity::of($v, Unit::Lux));
        $total = max(1e-6, $face->light->totalLux());
        $bars = [];
        foreach ($face->byLamp as $id => $value) {
            $seen = $face->seen[$id];
            $bars[] = [
                'name' => $this->situation->name($id).match (true) {
                    $seen > 0 && $seen < 0.97 => ', '.round(100 * $seen).' % of it seen',
                    $seen <= 0 && $this->situation->scene->lamps[$id]->placement->on => ', hidden',
                    default => '',
                },
                'lux' => $lux($value),
                'share' => $value / $total,
            ];
        }
        if ($face->bounced > 0.5) {
            $bars[] = ['name' => 'bounce boards', 'lux' => $lux($face->bounced), 'share' => $face->bounced / $total];
        }
        $bars[] = ['name' => 'bounce from the room', 'lux' => $lux($face->byRoom), 'share' => $face->byRoom / $total];
        $sides = $face->windowSides();
        foreach ($face->byDay as $id => $value) {
            if (! ($id === 'sun' && $value <= 0.0)) {
                $bars[] = ['name' => match ($id) {
                    'room' => 'daylight, bounce from the room', 'sun' => 'the sun itself', 'sky' => 'the open sky', default => 'daylight by the '
                        .$this->situation->name($id).(isset($sides[$id]) ? ", {$sides[$id]->value}" : '')
                }, 'lux' => $lux($value), 'share' => $value / $total];
            }
        }
        if ($face->byDay === []) {
            $bars[] = [
                'name' => 'ambient'.(($face->main()[0] ?? '') === FaceReading::THERE ? ', mostly from one side' : ''),
                'lux' => $lux($face->light->ambientLux),
                'share' => $face->light->ambientLux / $total,
            ];
        }

        return [
            'name' => $face->body->person->name,
            'total' => $lux($total),
            'stop' => $this->reader->print(Quantity::of($face->light->tStop(), Unit::TStop)),
            'over' => $this->stops($face->light->stopsOver()),
            'cheeks' => number_format($face->cheeks(), 1).' : 1'.(
                $face->colour() === null
                ? ''
                : ' · '.$this->reader->print(Quantity::of(round($face->colour()->kelvin() / 50) * 50, Unit::Kelvin))
            ),
            'pattern' => $face->pattern()->value ?? 'no key', 'side' => match ($face->isShort()) {
                true => 'shadow toward A', false => 'light toward A', null => ''
            },
            ...$this->edge($face),
            'left' => $lux($face->cells['left']),
            'right' => $lux($face->cells['right']),
            'hair' => $lux($face->cells['hair']).', '.$this->stops($face->hairStops()),
            'bars' => $bars,
        ];
    }

    private function stops(float $over): string
    {
        return $this->reader->print(Quantity::of(abs($over), Unit::Stop)).($over >= 0 ? ' over' : ' under');
    }

    /** @return array{soft: string, nose: string} how soft the main light is, and where the shadow of the nose falls */
    private function edge(FaceReading $face): array
    {
        $lit = LitFace::of($this->situation, $face->body->person->id);
        $print = $this->reader->print(...);

        return [
            'soft' => $lit->softness === null || $lit->seenRad === null
                ? ''
                : $lit->softness->value.' ('.$print(Quantity::degrees(rad2deg($lit->seenRad))).')',
            'nose' => $lit->nose === null ? '' : trim(
                'nose shadow '.$print(Quantity::of(round(1000 * $lit->nose->lengthM()), Unit::Millimetre)).' '.$lit->nose->way(),
            ),
        ];
    }

    /**
     * @return list<array{thing: string, lamp: string, wall: string, from: string, to: string, edge: string, cameras: string}> shadows with
     *     an edge on walls
     */
    public function silhouettes(): array
    {
        return array_map(fn (Silhouette $s): array => [
            'thing' => $this->situation->name($s->owner),
            'lamp' => $this->situation->name($s->lamp),
            'wall' => $this->situation->setup->room->wall($s->wall)->name ?? $s->wall,
            'from' => $this->reader->metres($s->heightM[0]),
            'to' => $this->reader->metres($s->heightM[1]),
            'edge' => $this->reader->metres($s->edgeM),
            'cameras' => implode(', ', array_map($this->situation->name(...), $s->cameras)) ?: 'none',
        ], $this->situation->silhouettes());
    }

    /**
     * @return list<array{name: string, who: string, lamp: string, line: array{Vec2, Vec2}, steps: list<array{share: string, lux: string, stops: string, behind: string, boom: string}>}>
     *     who walks, and the light on them step by step
     */
    public function walks(): array
    {
        $stops = static fn (?float $v): string => match (true) {
            $v === null => 'no camera',
            $v < 0 => '−'.number_format(-$v, 1),
            default => '+'.number_format($v, 1),
        };

        return array_map(fn (Walk $walk): array => [
            'name' => $walk->leg->name,
            'who' => $walk->body->person->name,
            'lamp' => implode(', ', array_map(fn ($l): string => $this->situation->name($l->id), $walk->carried)) ?: 'no lamp carried',
            'line' => [$walk->body->person->place, $walk->leg->to],
            'steps' => array_map(
                fn (WalkStep $s): array => [
                    'share' => $this->reader->metres($s->share * $walk->leg->lengthM()),
                    'lux' => $this->reader->print(Quantity::of($s->lux, Unit::Lux)),
                    'stops' => $stops($s->stops),
                    'behind' => $stops($s->behind),
                    'boom' => $s->boom === null ? '' : $this->situation->name($s->boom),
                ],
                $walk->steps() ?? [],
            ),
        ], Walk::allOf($this->situation));
    }

    /** @param  list<string>  $off */
    private static function query(array $off): ?string
    {
        return $off === [] ? null : implode(',', $off);
    }
}
