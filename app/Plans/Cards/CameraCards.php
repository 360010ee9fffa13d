<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use FineFrame\Camera\AimMode;
use FineFrame\Camera\Camera;
use FineFrame\Camera\LookingSide;
use FineFrame\Camera\Mode;
use FineFrame\Camera\Role;
use FineFrame\Camera\Settings;
use FineFrame\Plan\SetupPlan;

/** A camera as a card, and a mark of its move. */
final readonly class CameraCards
{
    public function __construct(private SetupPlan $setup)
    {
    }

    public function camera(Camera $camera): Card
    {
        [$c, $kit] = [$camera->placement, $this->setup->plan->kit];
        $at = new FieldsAt("/setups/{$this->setup->setup->id}/cameras/$c->id/");
        $aim = new FieldsAt("/setups/{$this->setup->setup->id}/cameras/$c->id/aim/");
        $modes = array_column(array_map(static fn (Mode $m): array => [$m->id, $m->name], $camera->body->modes), 1, 0);

        return new Card($c->id, "Camera $c->label", 'camera', [
            'Camera' => [
                $at->text('label', 'Letter', $c->label),
                $at->choice('body', 'Body', $c->body, Cards::models($kit->bodies)),
                ...($modes === [] ? [] : [$at->choice('mode', 'Records', $c->mode ?? array_key_first($modes), $modes)]),
                $at->choice('lens', 'Lens', $c->lens, Cards::models($kit->lenses)),
                $at->choice('reducer', 'Reducer', $c->reducer, ['' => 'none'] + Cards::models($kit->reducers)),
                $at->number('focal_mm', 'Focal length', $c->focalMm, 'mm'),
                $at->number('t_stop', 'T-stop', $c->tStop),
                $at->choice('prompter', 'Prompter', $c->prompter, ['' => 'none'] + Cards::models($kit->prompters)),
            ],
            'Position' => [
                $at->length('x_m', 'Across', $c->place->x),
                $at->length('y_m', 'Position up', $c->place->y),
                $at->length('height_m', 'Lens height', $c->heightM),
                $at->choice('support', 'Support', $c->support, Cards::models($kit->supports)),
            ],
            'Aim' => [
                $aim->choice('mode', 'Aims', $c->aim->mode->value, ['eyes' => 'at the eyes', 'free' => 'freely']),
                $aim->choice('subject', 'Of', $c->aim->subject, ['' => 'nobody'] + $this->people()),
                $aim->choice('side', 'Looking room', $c->aim->side->value, Cards::names(LookingSide::class)),
                $aim->share('lead', 'Face off centre', $c->aim->lead, '%'),
                $aim->share('eye_line', 'Eyes below frame top', $c->aim->eyeLine, '%'),
                ...($c->aim->mode === AimMode::Free ? [
                    $aim->number('bearing_deg', 'Bearing', round(rad2deg($c->aim->bearingRad), 3), '°'),
                    $aim->number('tilt_deg', 'Tilt', round(rad2deg($c->aim->tiltRad), 3), '°'),
                ] : []),
            ],
            'Role' => [
                $at->choice('role', 'Role', $c->role->value, Cards::names(Role::class)),
                $at->text('operator', 'Operator', $c->operator),
                ...array_map(
                    fn (string $id, string $name): Field => new Field(
                        "/setups/{$this->setup->setup->id}/cameras/$c->id/covers/$id",
                        "Also covers $name",
                        FieldKind::Flag,
                        in_array($id, $c->covers, true),
                    ),
                    array_keys($this->subjects()),
                    $this->subjects(),
                ),
            ],
            'Settings that differ' => FactFields::of(
                "/setups/{$this->setup->setup->id}/cameras/$c->id/settings",
                $c->settings,
                Settings::columns(),
                array_keys(Settings::columns()),
            ),
        ], "/setups/{$this->setup->setup->id}/cameras/$c->id");
    }

    /** @param  string  $id  as mark:move:mark */
    public function mark(string $id): ?Card
    {
        [, $moveId, $markId] = explode(':', $id) + ['', '', ''];
        foreach ($this->setup->setup->moves as $move) {
            foreach ($move->id === $moveId ? $move->marks : [] as $mark) {
                if ($mark->id === $markId) {
                    $base = "/setups/{$this->setup->setup->id}/moves/$moveId";
                    $at = new FieldsAt("$base/marks/$markId/");

                    return new Card($id, $mark->name ?: 'Mark', 'mark', [
                        'Mark' => [$at->text('name', 'Action', $mark->name), $at->number('at_s', 'At', $mark->atS, 's')],
                        'Position' => [
                            $at->length('x_m', 'Across', $mark->place->x),
                            $at->length('y_m', 'Position up', $mark->place->y),
                            $at->length('height_m', 'Lens height', $mark->heightM),
                            $at->number('focal_mm', 'Focal length', $mark->focalMm, 'mm'),
                        ],
                        'Aim' => [
                            $at->choice('subject', 'Aimed at', $mark->subject, ['' => 'nobody, along the bearing'] + $this->people()),
                            ...($mark->subject === null ? [
                                $at->number('bearing_deg', 'Bearing', round(rad2deg($mark->bearingRad), 3), '°'),
                                $at->number('tilt_deg', 'Tilt', round(rad2deg($mark->tiltRad), 3), '°'),
                            ]
                                : [
                                    $at->share('lead', 'Face off centre', $mark->lead),
                                    $at->share('eye_line', 'Eyes below frame top', $mark->eyeLine),
                                ]),
                        ],
                        'The whole move' => [
                            new Field("$base/helper", 'A helper', FieldKind::Text, $move->helper),
                            new Field("$base/cable_m", 'Tether length, 0 for none', FieldKind::Length, $move->cableM),
                            new Field("$base/cable_x_m", 'Tether from, across', FieldKind::Length, $move->cableFrom?->x, optional: true),
                            new Field(
                                "$base/cable_y_m",
                                'Tether from, up the plan',
                                FieldKind::Length,
                                $move->cableFrom?->y,
                                optional: true,
                            ),
                        ],
                    ], $base);
                }
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private function people(): array
    {
        return array_column(array_map(static fn ($p): array => [$p->id, $p->name], $this->setup->setup->people), 1, 0);
    }

    /** @return array<string, string> */
    private function subjects(): array
    {
        return array_column(array_map(static fn ($p): array => [$p->id, $p->name], $this->setup->subjects()), 1, 0);
    }
}
