<?php

declare(strict_types=1);

namespace FineFrame\Tests;

use FineFrame\Figures\Figures;
use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Light\Daylight;
use FineFrame\Light\Modifier;
use FineFrame\Light\Reflector;
use FineFrame\Light\SoftBox;
use FineFrame\Light\Weather;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Kit;
use FineFrame\Plan\Limits;
use FineFrame\Propose\CameraSearch;
use FineFrame\Propose\LampStand;
use FineFrame\Propose\LightSearch;
use FineFrame\Propose\Reason;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\Scene;
use FineFrame\Staging\Colour;
use FineFrame\Staging\Finish;
use FineFrame\Staging\Instrument;
use FineFrame\Sun\Site;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunDay;

/**
 * What is answered today, to four digits: each finding, what it was worked out from, and all that it would try. A step that means to change
 * no figure
 * leaves the files in `answers/` as they are; one that does says so by what it changes in them. `php core/tests/pin.php` writes them anew.
 */
final class Pinned
{
    public const ANSWERS = __DIR__.'/answers';

    /** Nothing smaller than this is more than a slip of floating point. */
    private const NOTHING = 1e-8;

    /** @return array<string, \Closure(): string> by the file that holds it */
    public static function all(): array
    {
        $demo = Plans::of(Cases::document());
        [$talk, $duo, $small, $hall] = [
            $demo->in('talk'),
            $demo->in('duo'),
            Plans::room()->sitter('ann', 3.0, 3.0)->camera('a', 3.0, 1.0),
            self::hall(),
        ];

        return [
            'demo-talk' => static fn (): string => self::plan($talk),
            'demo-duo' => static fn (): string => self::plan($duo),
            'smallest' => static fn (): string => self::plan($small),
            'large' => static fn (): string => self::plan(Plans::largest(0.2)), 'hall' => static fn (): string => self::plan($hall, false),
            'scenes' => static fn (): string => self::scene($talk).self::scene($duo).self::scene($hall),
            'frames' => static fn (): string => self::frames($talk).self::frames($duo).self::frames($hall),
            'proposals' => static fn (): string => self::proposals($talk),
            'skies' => static fn (): string => self::skies(),
            'lamps' => static fn (): string => self::lamps(),
            'tables' => static fn (): string => self::tables(),
        ];
    }

    /** One of everything that is drawn. */
    private static function hall(): Plans
    {
        $built = static fn (string $kind, float $x, float $y, array $more = []): array => $more + [
            'id' => $kind,
            'name' => $kind,
            'kind' => $kind,
            'x_m' => $x,
            'y_m' => $y,
            'turn_deg' => 20,
        ];
        $plan = Plans::room(14, 10, 4.5)->window('w', 'left', 3, 1.6, ['curtain' => 'sheer', 'reveal_m' => 0.3])->opening(
            'door',
            'right',
            2,
            1.0,
            ['kind' => 'door', 'sill_m' => 0, 'head_m' => 2.1],
        );
        foreach (Instrument::cases() as $i => $plays) {
            $plan = $plan->{$i % 2 === 0 ? 'stander' : 'sitter'}(
                "p$i", 2.5
                + 1.7 * $i, 6.0
                + 0.3 * ($i % 3), 170
                + 10 * $i, ['plays' => $plays->value, 'stature_m' => 1.6 + 0.05 * $i, 'seat_back_m' => 0.1 * $i]
            );
        }
        foreach (Finish::cases() as $i => $finish) {
            $plan = $plan->thing(
                "f$i",
                2.0 + 2.2 * $i,
                8.6,
                1.1,
                0.1,
                1.2,
                ['base_m' => 0.8, 'turn_deg' => 15 * $i, 'finish' => $finish->value],
            );
        }
        foreach (array_slice(Kit::library()->supports, 0, 8) as $id => $support) {
            $at = 1.5 + 1.3 * count($plan->document()['setups'][0]['cameras']);
            $plan = $plan->camera(
                "c-$id",
                $at,
                2.2,
                'p2',
                ['label' => $id, 'support' => $id, 'height_m' => max($support->lowestM, min(1.4, $support->highestM))],
            );
        }

        return $plan
            ->lamp('key', 3, 4, 'p0', ['dimmer' => 0.6])
            ->lamp('globe', 9, 7.4, 'p4', ['fixture' => 'lantern-60', 'practical' => true])
            ->boom('boom', 6.0, 5.6, 2.2, ['subject' => 'p2'])
            ->thing('board', 5.0, 4.6, 1.2, 0.02, 1.2, ['base_m' => 0.6, 'turn_deg' => 40, 'reflects' => 0.8])
            ->with(['/locations/room/space/built' => [
                $built('column', 12.0, 5.0, ['shape' => 'round', 'count' => 2]),
                $built('column', 1.0, 4.5, ['id' => 'post']),
                $built('beam', 7.0, 5.0, ['width_m' => 10, 'base_m' => 3.6]),
                $built('platform', 11.0, 8.0, ['width_m' => 3, 'depth_m' => 2]),
                $built('stairs', 12.5, 3.0, ['width_m' => 1.2, 'depth_m' => 1.5, 'count' => 5, 'height_m' => 0.9]),
                $built('rows', 7.0, 1.0, ['width_m' => 5, 'depth_m' => 1, 'count' => 2, 'height_m' => 0.8]),
            ]]);
    }

    /** All that is said of a plan, and every figure of it. */
    private static function plan(Plans $plan, bool $withIdeas = true): string
    {
        $text = self::text($plan->judged()->findings, $withIdeas);
        foreach (Figures::of(new Situation($plan->setup())) as $figure) {
            $text .= $figure->id().': '.self::named(['is' => $figure->value]).' from '.self::named($figure->working->inputs)."\n";
        }

        return $text;
    }

    /** All that stands in a scene: what it is made of, and how far it goes. */
    private static function scene(Plans $plan): string
    {
        $scene = new Scene($plan->setup());
        $text = '';
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            $ends = array_map(
                static fn (int $axis): string => self::number(
                    min(array_column($solid->points, $axis)),
                ).'…'.self::number(max(array_column($solid->points, $axis))),
                [0, 1, 2],
            );
            $mean = array_map(
                static fn (int $axis): string => self::number(array_sum(array_column($solid->points, $axis)) / count($solid->points)),
                [0, 1, 2],
            );
            $text .= "$solid->owner {$solid->kind->name} {$solid->material->name}: ".count(
                $solid->points,
            ).' points over '.implode(' × ', $ends).', mean '.implode(', ', $mean)."\n";
        }
        foreach ($scene->obstacles() as $thing) {
            $at = $thing->footprint->middle();
            $text .= "$thing->id in the way: ".self::number(
                abs($thing->footprint->signedArea()),
            ).' m² about '.self::number($at->x).', '.self::number($at->y).' from '.self::number($thing->baseM)."\n";
        }

        return $text;
    }

    /** What each frame shows of each thing: how large, where, in what light, how sharp. */
    private static function frames(Plans $plan): string
    {
        $scene = new Scene($plan->setup());
        $text = '';
        foreach ($scene->views as $id => $view) {
            $sums = [];
            foreach (FramePicture::of($scene, $view, true)->polygons as $polygon) {
                $area = Convex::area($polygon->points);
                $middle = Convex::centroid($polygon->points);
                foreach ([
                    1.0, $area, $area * $middle[0], $area * $middle[1], $area * $polygon->stops, $area * $polygon->blur,
                    $area * $polygon->opacity,
                ] as $i => $value) {
                    $sums["$polygon->owner {$polygon->material->name}"][$i] = (
                        $sums["$polygon->owner {$polygon->material->name}"][$i]
                        ?? 0.0
                    ) + $value;
                }
            }
            foreach ($sums as $what => $sum) {
                $text .= "$id: $what: ".implode(' ', array_map(self::number(...), $sum))."\n";
            }
        }

        return $text;
    }

    private static function proposals(Plans $plan): string
    {
        $situation = new Situation($plan->setup());
        $text = '';
        $all = [
            ...(new CameraSearch($situation, Judge::standard()))->proposals(),
            ...(new LightSearch($situation, Judge::standard()))->proposals(),
        ];
        foreach ($all as $proposal) {
            $reasons = implode(
                ', ',
                array_map(
                    static fn (Reason $r): string => "$r->name ".self::number($r->score).' × '.self::number($r->weight).' of '.self::named(
                        ['' => $r->value],
                    ),
                    $proposal->reasons,
                ),
            );
            $text .= "$proposal->name ".self::number($proposal->score).": $reasons".self::edited($proposal->edit)."\n";
        }

        return $text;
    }

    /** Days by the sun, from the poles to the line, and what each weather gives. */
    private static function skies(): string
    {
        $text = '';
        foreach ([[78.2, 15.6], [52.2, 1.5], [0.0, -78.5], [-54.8, -68.3]] as [$latitude, $longitude]) {
            foreach (['2026-03-20', '2026-06-21', '2026-12-21'] as $date) {
                $day = SunDay::of(Site::at($latitude, $longitude), $date);
                $times = [
                    $day->noon, $day->sunrise, $day->sunset, $day->civilDawn, $day->civilDusk, $day->goldenMorningEnds,
                    $day->goldenEveningBegins,
                ];
                $text .= "$latitude $date $day->state ".self::number($day->noonAltitudeRad).' '.self::number($day->lengthS()).' '.implode(
                    ' ',
                    array_map(static fn (?float $t): string => $t === null ? '-' : gmdate('H:i', (int) $t), $times),
                )."\n";
            }
        }
        foreach (array_filter(Weather::cases(), static fn (Weather $w): bool => $w !== Weather::AsMetered) as $weather) {
            foreach ([-3.0, 2.0, 8.0, 25.0, 62.0] as $altitude) {
                $sky = Daylight::under($weather, deg2rad($altitude));
                $sun = Sun::standing(1.0, deg2rad($altitude));
                $text .= "$weather->value $altitude ".implode(
                    ' ',
                    array_map(
                        self::number(...),
                        [
                            $sky->sunLux, $sky->skyLux, $sky->skyNits(), $sky->groundNits(), $sky->sunKelvin(),
                            $sun->refractedRad(), $sun->risingRad(),
                        ],
                    ),
                )."\n";
            }
        }

        return $text;
    }

    /** Limits with their ends, colours in numbers, and what a board throws. */
    private static function tables(): string
    {
        $text = '';
        foreach (Limits::ALL as $name => $ends) {
            $text .= "$name ".implode(' ', array_map(self::number(...), $ends))."\n";
        }
        foreach (['#000000', '#050a14', '#7f7f7f', '#c02040', '#20c060', '#fffff0'] as $hex) {
            $colour = Colour::hex($hex);
            $text .= "$hex ".implode(
                ' ',
                array_map(
                    self::number(...),
                    [$colour->l, $colour->a, $colour->b, $colour->luminance(), $colour->differsFrom(Colour::hex('#806040'))],
                ),
            )."\n";
        }
        foreach ([[0.5, 0.2], [2.0, 1.0], [9.0, 3.0]] as [$far, $area]) {
            $board = Reflector::at(new Vec3(0, 0, 1.5), new Vec3($far, 0, 1.2), (new Vec3(0.4, 0.7, 0.6))->unit(), 60_000, $area, 0.8, 0.2);
            $text .= "board $far ".implode(
                ' ',
                array_map(self::number(...), [$board?->lux, $board?->bearingRad(), $board?->tiltRad(), $board?->offRad]),
            )."\n";
        }

        return $text;
    }

    /** Each lamp of the library, bare and by each thing that is put before it: what it gives ahead, aside, near and far. */
    private static function lamps(): string
    {
        $kit = Kit::library();
        $text = '';
        foreach ($kit->fixtures as $id => $fixture) {
            foreach (['' => [], ...array_map(static fn (Modifier $m): array => [$m], $kit->modifiers)] as $with => $modifiers) {
                $lamp = new SoftBox(
                    LampStand::placement(
                        [
                            'id' => 'l', 'name' => 'l', 'fixture' => $id, 'stand' => 'light-stand', 'x_m' => 0,
                            'y_m' => 0, 'height_m' => 2, 'subject' => 'p',
                        ],
                    ),
                    $fixture,
                    new Vec3(0, 3, 2),
                    $modifiers,
                );
                $lux = array_map(
                    static fn (Vec3 $at): float => $lamp->luxAt($at, new Vec3(0, -1, 0)),
                    [new Vec3(0, 0.9, 2), new Vec3(0.7, 1.4, 1.6), new Vec3(0, 8, 2), new Vec3(4, 7, 1)],
                );
                $text .= trim("$id $with").': '.implode(
                    ' ',
                    array_map(
                        self::number(...),
                        [...$lux, $lamp->lumensAhead(), $lamp->kelvin(), $lamp->colour()->duv(), $lamp->emitter->depthM, $lamp->candela()],
                    ),
                )."\n";
            }
        }

        return $text;
    }

    /** What a check says of the plans in its rows. */
    public static function check(string $check): string
    {
        $rule = array_values(array_filter(CheckSet::standard(), static fn ($c): bool => $c->id() === $check))[0];
        $text = '';
        foreach (Checks::all()[$check] as $row) {
            $text .= "[$row[0]]\n".self::text([...$rule->run(new Situation($row[1]->setup()))], true);
        }

        return $text;
    }

    /** @param  list<Finding>  $findings */
    private static function text(array $findings, bool $withIdeas): string
    {
        $lines = [];
        foreach ($findings as $finding) {
            $lines[] = trim(
                "{$finding->severity->value} $finding->check $finding->case ".implode('+', $finding->about),
            ).': '.self::named($finding->arguments);
            $lines[] = '  from '.self::named($finding->working->inputs);
            foreach ($withIdeas ? $finding->ideas() : [] as $idea) {
                $lines[] = "  try $idea->case: ".self::named($idea->arguments).self::edited($idea->edit);
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @param  array<string, Quantity|string>  $figures */
    private static function named(array $figures): string
    {
        $parts = [];
        foreach ($figures as $name => $figure) {
            $parts[] = "$name ".($figure instanceof Quantity ? self::number($figure->value).' '.$figure->unit->name : $figure);
        }

        return implode(', ', $parts);
    }

    private static function edited(Edit $edit): string
    {
        $text = '';
        foreach ($edit->values as $pointer => $value) {
            $text .= "; $pointer = ".json_encode(
                self::rounded($value),
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            );
        }

        return $text;
    }

    private static function rounded(mixed $value): mixed
    {
        return is_array($value) ? array_map(self::rounded(...), $value) : (is_float($value) ? self::number($value) : $value);
    }

    private static function number(?float $value): string
    {
        return $value === null ? '∞' : sprintf('%.4g', abs($value) < self::NOTHING ? 0.0 : $value);
    }
}
