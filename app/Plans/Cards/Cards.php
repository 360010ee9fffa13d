<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use FineFrame\Camera\Camera;
use FineFrame\Camera\CameraPlacement;
use FineFrame\Document\Record;
use FineFrame\Geometry\Shape;
use FineFrame\Light\LampPart;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\Metering;
use FineFrame\Light\Weather;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\UnknownThing;
use FineFrame\Plan\Work;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Staging\Finish;
use FineFrame\Staging\Furniture;
use FineFrame\Staging\Instrument;
use FineFrame\Staging\Person;
use FineFrame\Staging\Posture;
use FineFrame\Staging\Role;

/** The cards of a setup's things. */
final readonly class Cards
{
    public function __construct(private SetupPlan $setup)
    {
    }

    /** @throws UnknownThing if the setup has no such thing */
    public function of(string $id): Card
    {
        return $this->find($id) ?? throw UnknownThing::called('thing', $id);
    }

    public function find(string $id): ?Card
    {
        $thing = SetupList::holding($this->setup->setup, $id)[1] ?? null;
        $card = match (true) {
            $thing instanceof Person => $this->person($thing),
            $thing instanceof Furniture => $this->furniture($thing),
            $thing instanceof CameraPlacement => (new CameraCards($this->setup))->camera($this->setup->cameras[$id]),
            $thing instanceof LightPlacement => $this->light($thing),
            $thing instanceof BoomPlacement => $this->boom($thing),
            default => null,
        };
        if ($card !== null) {
            return $card;
        }

        if (str_starts_with($id, 'room:')) {
            return (new PlaceCards($this->setup->plan, $this->setup->location))->room(substr($id, 5));
        }

        if (str_starts_with($id, 'mark:')) {
            return (new CameraCards($this->setup))->mark($id);
        }

        return match ($id) {
            'brief' => $this->brief(),
            'place' => (new PlaceCards($this->setup->plan, $this->setup->location))->place(),
            'room' => (new PlaceCards($this->setup->plan, $this->setup->location))->room(),
            'weights' => (new PlaceCards($this->setup->plan, $this->setup->location))->weights(),
            'schools' => (new BriefCards($this->setup->plan))->schools(),
            'metering' => $this->metering(),
            'setup' => $this->arrangement(),
            default => null,
        };
    }

    private function person(Person $p): Card
    {
        $at = $this->at("subjects/$p->id");
        $gazes = ['' => 'straight ahead'] + $this->people($p->id) + array_map(
            static fn (Camera $c): string => 'lens of '.$c->placement->label,
            $this->setup->cameras,
        );

        return new Card($p->id, $p->name, 'face', [
            'Who' => [
                $at->text('name', 'Name', $p->name),
                $at->choice('role', 'Is', $p->role->value, ['subject' => 'the subject', 'interviewer' => 'the interviewer']),
                $at->choice('posture', 'Posture', $p->posture->value, self::names(Posture::class)),
                $at->length('stature_m', 'Stature', $p->statureM),
                $at->length('seat_height_m', 'Seat height', $p->seatHeightM),
                $at->length('seat_width_m', 'Seat width', $p->seatWidthM),
                $at->length('seat_back_m', 'Seat back above seat', $p->seatBackM),
                $at->length('sway_m', 'Sways', $p->swayM),
                $at->choice('plays', 'Plays', $p->plays->value, self::names(Instrument::class)),
            ],
            'Position' => [
                ...$this->place($at, $p->place->x, $p->place->y),
                $at->number('facing_deg', 'Body faces', round(rad2deg($p->facingRad), 3), '°'),
                $at->choice('looks_at', 'Looks at', $p->looksAt, $gazes),
            ],
        ], "/setups/{$this->setup->setup->id}/subjects/$p->id");
    }

    private function furniture(Furniture $f): Card
    {
        $at = $this->at("furniture/$f->id");

        return new Card($f->id, $f->name, 'furniture', [
            'What' => [
                $at->text('name', 'Name', $f->name),
                $at->choice('shape', 'Footprint', $f->shape->value, self::names(Shape::class)),
                $at->length('width_m', 'Width', $f->widthM),
                $at->length('depth_m', 'Depth', $f->depthM),
                $at->length('height_m', 'Height', $f->heightM),
                $at->length('base_m', 'Height off the floor', $f->baseM),
                $at->choice('finish', 'Front finish', $f->finish->value, self::names(Finish::class)),
                new Field(
                    "/setups/{$this->setup->setup->id}/furniture/$f->id/keep_out",
                    'Ours, keep out of frame',
                    FieldKind::Flag,
                    $f->keepOut,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/furniture/$f->id/reflects",
                    'Light reflected',
                    FieldKind::Share,
                    $f->reflects,
                    unit: '%',
                    optional: true,
                ),
            ],
            'Position' => [
                ...$this->place($at, $f->place->x, $f->place->y),
                $at->number('turn_deg', 'Turned', round(rad2deg($f->turnRad), 3), '°'),
            ],
            'Found at (put back here)' => [
                new Field(
                    "/setups/{$this->setup->setup->id}/furniture/$f->id/found_x_m",
                    'Across',
                    FieldKind::Length,
                    $f->found?->x,
                    optional: true,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/furniture/$f->id/found_y_m",
                    'Position up',
                    FieldKind::Length,
                    $f->found?->y,
                    optional: true,
                ),
            ],
        ], "/setups/{$this->setup->setup->id}/furniture/$f->id");
    }

    private function light(LightPlacement $l): Card
    {
        $at = $this->at("lights/$l->id");
        $kit = $this->setup->plan->kit;

        return new Card($l->id, $l->name, 'light', [
            'Lamp' => [
                $at->text('name', 'Name', $l->name),
                $at->choice('fixture', 'Fixture', $l->fixture, self::models($kit->fixtures)),
                new Field("/setups/{$this->setup->setup->id}/lights/$l->id/on", 'Burns', FieldKind::Flag, $l->on),
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/practical",
                    'Practical, may be seen',
                    FieldKind::Flag,
                    $l->practical,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/silhouette",
                    'Shadows are intended',
                    FieldKind::Flag,
                    $l->silhouette,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/carried",
                    'Carried with them',
                    FieldKind::Flag,
                    $l->carried,
                ),
                $at->choice(
                    'meant',
                    'Meant as',
                    $l->meant?->value,
                    ['' => 'not set'] + array_combine(LampPart::values(), LampPart::values()),
                ),
                $at->share('dimmer', 'Dimmer', $l->dimmer, '%'),
                $at->number('kelvin', 'Colour', $l->kelvin, 'K'),
                $at->number('duv', 'Tint, green (+) or magenta (−), Duv', $l->duv),
                $at->choice('subject', 'Lights', $l->subject, $this->people()),
            ],
            'Modifiers, from the lamp outward' => array_map(
                static fn (string $slot): Field => $at->choice(
                    $slot,
                    ucfirst($slot),
                    $l->modifiers[$slot] ?? null,
                    ['' => 'nothing'] + self::models($kit->modifiers),
                ),
                LightPlacement::SLOTS,
            ),
            'Aimed at a point, not the face' => [
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/aim_x_m",
                    'Aim point across',
                    FieldKind::Length,
                    $l->aim?->x,
                    optional: true,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/aim_y_m",
                    'Aim point up',
                    FieldKind::Length,
                    $l->aim?->y,
                    optional: true,
                ),
                new Field(
                    "/setups/{$this->setup->setup->id}/lights/$l->id/aim_height_m",
                    'Aim point height',
                    FieldKind::Length,
                    $l->aim?->z,
                    optional: true,
                ),
            ],
            'Position' => [
                ...$this->place($at, $l->place->x, $l->place->y),
                $at->length('height_m', 'Height of centre', $l->heightM),
                $at->choice('stand', 'Stand', $l->stand, self::models($kit->supports)),
            ],
        ], "/setups/{$this->setup->setup->id}/lights/$l->id", 'Hot lamps, ladders and mains: keep to the maker’s rating and the venue’s rules.');
    }

    private function boom(BoomPlacement $b): Card
    {
        $at = $this->at("microphones/$b->id");
        $kit = $this->setup->plan->kit;

        return new Card($b->id, $b->name, 'boom', [
            'Microphone' => [
                $at->text('name', 'Name', $b->name),
                $at->choice('model', 'Microphone', $b->model, self::models($kit->microphones)),
                $at->choice('subject', 'For', $b->subject, $this->people()),
                ...$this->place($at, $b->place->x, $b->place->y),
                $at->length('height_m', 'Tip height', $b->heightM),
                $at->choice('cover', 'Wind protection', $b->cover, array_combine(BoomPlacement::COVERS, BoomPlacement::COVERS)),
            ],
            'Pole and stand' => [
                $at->choice('pole', 'Pole', $b->pole, self::models($kit->poles)),
                $at->choice('stand', 'Stand', $b->stand, self::models($kit->supports)),
                $at->length('stand_x_m', 'Stand position across', $b->standPlace->x),
                $at->length('stand_y_m', 'Stand position up', $b->standPlace->y),
                $at->length('stand_height_m', 'Stand height', $b->standHeightM),
            ],
        ], "/setups/{$this->setup->setup->id}/microphones/$b->id", 'Sandbag the stand before it goes up over anyone. Add a safety line where the venue asks for one.');
    }

    private function brief(): Card
    {
        return (new BriefCards($this->setup->plan))->brief();
    }

    private function arrangement(): Card
    {
        $setup = $this->setup->setup;
        $day = $this->setup->plan->hours();

        return new Card('setup', 'Setup', 'setup', ['Setup' => [
            new Field("/setups/$setup->id/name", 'Name', FieldKind::Text, $setup->name),
            new Field("/setups/$setup->id/work", 'Type of setup', FieldKind::Choice, $setup->work->value, self::names(Work::class)),
        ], 'Shooting hours' => [
            new Field(
                "/setups/$setup->id/day",
                'Day',
                FieldKind::Choice,
                $setup->day ?? '',
                ['' => 'the first shoot day'] + array_map(
                    $this->dayName(...),
                    array_column($this->setup->plan->brief->list('days'), null, 'id'),
                ),
                optional: true,
            ),
            new Field("/setups/$setup->id/from", self::orTheDays('From', $day->from), FieldKind::Text, $setup->from, optional: true),
            new Field("/setups/$setup->id/to", self::orTheDays('To', $day->to), FieldKind::Text, $setup->to, optional: true),
        ]], note: 'This decides which checks apply: eyelines for an interview, coverage for a performance.');
    }

    /** A field of hours says what holds while it is empty. */
    private static function orTheDays(string $label, string $clock): string
    {
        return $clock === '' ? $label : "$label, else $clock";
    }

    private function dayName(Record $day): string
    {
        return trim("{$day->text('name')}, {$day->text('date')}", ', ');
    }

    private const METERED = 'Incident dome at the face, lamps off. Readings to the sides, behind and up show where the light '
        .'comes from. Computed daylight is for the middle of the shooting hours unless you give a time.';

    private function metering(): Card
    {
        $m = $this->setup->setup->metering;
        $at = $this->at('metering');

        return new Card('metering', 'Metering', 'metering', ['Exposure' => [
            $at->number('t_stop', 'Target T-stop', $m->tStop),
            $at->number('iso', 'ISO', $m->iso),
            $at->number('fps', 'Frame rate, fps', $m->fps),
            $at->number('shutter_deg', 'Shutter angle', $m->shutterDeg, '°'),
        ], 'Ambient light' => [
            $at->number('ambient_lux', 'Ambient light at the face', $m->ambientLux, 'lx'),
            ...array_map(static fn (string $side): Field => $at->reading(
                "ambient_{$side}_lux",
                $side === 'left' || $side === 'right' ? "Dome turned to their $side" : "From $side",
                $m->around[$side] ?? null,
                'lx',
            ), Metering::SIDES),
            $at->reading(
                'ambient_bearing_deg',
                'Direction of the first reading, on the plan',
                $m->bearingRad === null ? null : rad2deg($m->bearingRad),
                '°',
            ),
            $at->choice(
                'weather',
                'Taken',
                $m->weather->value,
                ['as metered' => 'as metered, lamps off'] + array_combine(
                    array_column(Weather::skies(), 'value'),
                    array_map(static fn (Weather $w): string => "computed, sky $w->value", Weather::skies()),
                ),
            ),
            $at->text('clock', 'Time, when computed', $m->clock),
            $at->number('sky_factor', 'Sky factor from readings', $m->skyFactor),
            $at->number('room_factor', 'Room bounce factor from readings', $m->roomFactor),
        ]], note: self::METERED);
    }

    /** @return list<Field> */
    private function place(FieldsAt $at, float $x, float $y): array
    {
        return [$at->length('x_m', 'Across', $x), $at->length('y_m', 'Position up', $y)];
    }

    private function at(string $thing): FieldsAt
    {
        return new FieldsAt("/setups/{$this->setup->setup->id}/$thing/");
    }

    /** @return array<string, string> */
    private function people(string $but = ''): array
    {
        $names = [];
        foreach ($this->setup->setup->people as $person) {
            if ($person->id !== $but) {
                $names[$person->id] = $person->name.($person->role === Role::Interviewer ? ' (interviewer)' : '');
            }
        }

        return $names;
    }

    /**
     * @param  array<string, object{name: string}>  $models
     * @return array<string, string>
     */
    public static function models(array $models): array
    {
        return array_map(static fn (object $m): string => $m->name, $models);
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return array<string, string>
     */
    public static function names(string $enum): array
    {
        $names = [];
        foreach ($enum::cases() as $case) {
            $names[(string) $case->value] = (string) $case->value;
        }

        return $names;
    }
}
