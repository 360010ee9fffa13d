<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\Plans\Cards\FieldKind as Kind;
use FineFrame\Camera\AimMode;
use FineFrame\Camera\Camera;
use FineFrame\Camera\LookingSide;
use FineFrame\Geometry\Shape;
use FineFrame\Light\LightPlacement;
use FineFrame\Plan\CutSchool;
use FineFrame\Plan\GazeSchool;
use FineFrame\Plan\Limits;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\UnknownThing;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Staging\Furniture;
use FineFrame\Staging\Person;
use FineFrame\Staging\Posture;
use FineFrame\Staging\Role;

/** The cards of a setup's things. */
final readonly class Cards
{
    public function __construct(private SetupPlan $setup) {}

    /** @throws UnknownThing if the setup has no such thing */
    public function of(string $id): Card
    {
        return $this->find($id) ?? throw UnknownThing::called('thing', $id);
    }

    public function find(string $id): ?Card
    {
        $setup = $this->setup->setup;
        foreach ([...$setup->people, ...$setup->furniture, ...$this->setup->cameras, ...$setup->lights, ...$setup->booms] as $thing) {
            if (($thing instanceof Camera ? $thing->placement->id : $thing->id) === $id) {
                return match (true) {
                    $thing instanceof Person => $this->person($thing),
                    $thing instanceof Furniture => $this->furniture($thing),
                    $thing instanceof Camera => $this->camera($thing),
                    $thing instanceof LightPlacement => $this->light($thing),
                    $thing instanceof BoomPlacement => $this->boom($thing),
                };
            }
        }

        return match ($id) {
            'brief' => $this->brief(),
            'metering' => $this->metering(),
            default => null,
        };
    }

    private function person(Person $p): Card
    {
        $at = $this->at("subjects/$p->id");
        $gazes = ['' => 'straight ahead'] + $this->people($p->id) + array_map(static fn (Camera $c): string => 'lens of '.$c->placement->label, $this->setup->cameras);

        return new Card($p->id, $p->name, 'face', [
            'Who' => [
                $at('name', 'Name', Kind::Text, $p->name),
                $at('role', 'Is', Kind::Choice, $p->role->value, ['subject' => 'the subject', 'interviewer' => 'the interviewer']),
                $at('posture', 'Posture', Kind::Choice, $p->posture->value, self::names(Posture::class)),
                $at('stature_m', 'Stature', Kind::Length, $p->statureM),
                $at('seat_height_m', 'Seat height', Kind::Length, $p->seatHeightM),
                $at('sway_m', 'Sways by', Kind::Length, $p->swayM),
            ],
            'Place' => [
                ...$this->place($at, $p->place->x, $p->place->y),
                $at('facing_deg', 'Body faces', Kind::Number, round(rad2deg($p->facingRad), 3), unit: '°'),
                $at('looks_at', 'Looks at', Kind::Choice, $p->looksAt, $gazes),
            ],
        ], "/setups/{$this->setup->setup->id}/subjects/$p->id");
    }

    private function furniture(Furniture $f): Card
    {
        $at = $this->at("furniture/$f->id");

        return new Card($f->id, $f->name, 'furniture', [
            'What' => [
                $at('name', 'Name', Kind::Text, $f->name),
                $at('shape', 'Footprint', Kind::Choice, $f->shape->value, self::names(Shape::class)),
                $at('width_m', 'Width', Kind::Length, $f->widthM),
                $at('depth_m', 'Depth', Kind::Length, $f->depthM),
                $at('height_m', 'Height', Kind::Length, $f->heightM),
                $at('base_m', 'Off the floor', Kind::Length, $f->baseM),
            ],
            'Place' => [...$this->place($at, $f->place->x, $f->place->y), $at('turn_deg', 'Turned', Kind::Number, round(rad2deg($f->turnRad), 3), unit: '°')],
        ], "/setups/{$this->setup->setup->id}/furniture/$f->id");
    }

    private function camera(Camera $camera): Card
    {
        [$c, $kit] = [$camera->placement, $this->setup->plan->kit];
        $at = $this->at("cameras/$c->id");
        $aim = $this->at("cameras/$c->id/aim");

        return new Card($c->id, "Camera $c->label", 'camera', [
            'Camera' => [
                $at('label', 'Letter', Kind::Text, $c->label),
                $at('body', 'Body', Kind::Choice, $c->body, self::models($kit->bodies)),
                $at('lens', 'Lens', Kind::Choice, $c->lens, self::models($kit->lenses)),
                $at('reducer', 'Reducer', Kind::Choice, $c->reducer, ['' => 'none'] + self::models($kit->reducers)),
                $at('focal_mm', 'Focal length', Kind::Number, $c->focalMm, unit: 'mm'),
                $at('t_stop', 'T-stop', Kind::Number, $c->tStop),
            ],
            'Place' => [
                ...$this->place($at, $c->place->x, $c->place->y),
                $at('height_m', 'Lens height', Kind::Length, $c->heightM),
                $at('support', 'Support', Kind::Choice, $c->support, self::models($kit->supports)),
            ],
            'Aim' => [
                $aim('mode', 'Aims', Kind::Choice, $c->aim->mode->value, ['eyes' => 'at the eyes', 'free' => 'freely']),
                $aim('subject', 'Of', Kind::Choice, $c->aim->subject, ['' => 'nobody'] + $this->people()),
                $aim('side', 'Looking room', Kind::Choice, $c->aim->side->value, self::names(LookingSide::class)),
                $aim('lead', 'Face off centre', Kind::Share, $c->aim->lead, unit: '%'),
                $aim('eye_line', 'Eyes below the top', Kind::Share, $c->aim->eyeLine, unit: '%'),
                ...($c->aim->mode === AimMode::Free ? [
                    $aim('bearing_deg', 'Bearing', Kind::Number, round(rad2deg($c->aim->bearingRad), 3), unit: '°'),
                    $aim('tilt_deg', 'Tilt', Kind::Number, round(rad2deg($c->aim->tiltRad), 3), unit: '°'),
                ] : []),
            ],
        ], "/setups/{$this->setup->setup->id}/cameras/$c->id");
    }

    private function light(LightPlacement $l): Card
    {
        $at = $this->at("lights/$l->id");
        $kit = $this->setup->plan->kit;

        return new Card($l->id, $l->name, 'light', [
            'Lamp' => [
                $at('name', 'Name', Kind::Text, $l->name),
                $at('fixture', 'Fixture', Kind::Choice, $l->fixture, self::models($kit->fixtures)),
                $at('dimmer', 'Dimmer', Kind::Share, $l->dimmer, unit: '%'),
                $at('subject', 'Lights', Kind::Choice, $l->subject, $this->people()),
            ],
            'Place' => [
                ...$this->place($at, $l->place->x, $l->place->y),
                $at('height_m', 'Height of its middle', Kind::Length, $l->heightM),
                $at('stand', 'Stand', Kind::Choice, $l->stand, self::models($kit->supports)),
            ],
        ], "/setups/{$this->setup->setup->id}/lights/$l->id", 'Hot lamps, ladders and mains: keep to the maker’s rating and the venue’s rules.');
    }

    private function boom(BoomPlacement $b): Card
    {
        $at = $this->at("microphones/$b->id");
        $kit = $this->setup->plan->kit;

        return new Card($b->id, $b->name, 'boom', [
            'Microphone' => [
                $at('name', 'Name', Kind::Text, $b->name),
                $at('model', 'Microphone', Kind::Choice, $b->model, self::models($kit->microphones)),
                $at('subject', 'For', Kind::Choice, $b->subject, $this->people()),
                ...$this->place($at, $b->place->x, $b->place->y),
                $at('height_m', 'Height of the tip', Kind::Length, $b->heightM),
            ],
            'Pole and stand' => [
                $at('pole', 'Pole', Kind::Choice, $b->pole, self::models($kit->poles)),
                $at('stand', 'Stand', Kind::Choice, $b->stand, self::models($kit->supports)),
                $at('stand_x_m', 'Stand across', Kind::Length, $b->standPlace->x),
                $at('stand_y_m', 'Stand up', Kind::Length, $b->standPlace->y),
                $at('stand_height_m', 'Stand height', Kind::Length, $b->standHeightM),
            ],
        ], "/setups/{$this->setup->setup->id}/microphones/$b->id", 'Ballast the stand before it goes up over anyone; use a safety line where the venue asks for one.');
    }

    private function brief(): Card
    {
        [$shoot, $brief] = [$this->setup->plan->shoot, $this->setup->plan->brief];
        $limits = [];
        foreach (array_keys(Limits::ALL) as $name) {
            $limits[] = new Field("/brief/limits/$name", ucfirst(str_replace('_', ' ', (string) preg_replace('/_(m|deg)$/', '', $name))), str_ends_with($name, '_m') ? Kind::Length : Kind::Number, $brief->limits->get($name), unit: str_ends_with($name, '_deg') ? '°' : '');
        }

        return new Card('brief', 'Brief', 'brief', [
            'Shoot' => [
                new Field('/shoot/title', 'Title', Kind::Text, $shoot->title),
                new Field('/shoot/date', 'Date', Kind::Text, $shoot->date),
                new Field('/brief/aspect_width', 'Delivered across', Kind::Number, $brief->aspectWidth),
                new Field('/brief/aspect_height', 'Delivered up', Kind::Number, $brief->aspectHeight),
            ],
            'Schools' => [
                new Field('/brief/gaze', 'Where the speaker looks', Kind::Choice, $brief->gaze->value, [
                    GazeSchool::BesideLens->value => 'to a person beside the lens: easy for anyone', GazeSchool::IntoLens->value => 'into the lens: an intimate address; wants a prompter',
                ]),
                new Field('/brief/cut', 'What makes a cut', Kind::Choice, $brief->cut->value, [
                    CutSchool::SizeAndAngle->value => 'size and angle: hardest to see', CutSchool::SizeAlone->value => 'size alone: both keep eye contact', CutSchool::AngleAlone->value => 'angle alone',
                ]),
            ],
            'Limits the plan is judged by' => $limits,
        ]);
    }

    private function metering(): Card
    {
        $m = $this->setup->setup->metering;
        $at = $this->at('metering');

        return new Card('metering', 'Metering', 'metering', ['Exposure' => [
            $at('t_stop', 'Wanted T-stop', Kind::Number, $m->tStop),
            $at('iso', 'ISO', Kind::Number, $m->iso),
            $at('fps', 'Frames a second', Kind::Number, $m->fps),
            $at('shutter_deg', 'Shutter angle', Kind::Number, $m->shutterDeg, unit: '°'),
            $at('ambient_lux', 'Light that is there, at the face', Kind::Number, $m->ambientLux, unit: 'lx'),
        ]], note: 'Metered with a dome at the face, lamps off.');
    }

    /**
     * @param  \Closure(string, string, Kind, float): Field  $at
     * @return list<Field>
     */
    private function place(\Closure $at, float $x, float $y): array
    {
        return [$at('x_m', 'Across', Kind::Length, $x), $at('y_m', 'Up the plan', Kind::Length, $y)];
    }

    /** @return \Closure(string, string, Kind, string|float|bool|null, array<string, string>=, string=): Field */
    private function at(string $thing): \Closure
    {
        $base = "/setups/{$this->setup->setup->id}/$thing/";

        return static fn (string $key, string $label, Kind $kind, string|float|bool|null $value, array $options = [], string $unit = ''): Field => new Field($base.$key, $label, $kind, $value, $options, $unit);
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
    private static function models(array $models): array
    {
        return array_map(static fn (object $m): string => $m->name, $models);
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return array<string, string>
     */
    private static function names(string $enum): array
    {
        $names = [];
        foreach ($enum::cases() as $case) {
            $names[(string) $case->value] = (string) $case->value;
        }

        return $names;
    }
}
