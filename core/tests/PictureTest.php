<?php

declare(strict_types=1);

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Scene\Figure;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Outline;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Solid;
use FineFrame\Tests\Cases;

/** What a ray through a place in the frame meets first, told by casting it at everything. */
function firstMet(Scene $scene, LensView $view, array $at): string
{
    [$nearest, $owner] = [INF, ''];
    foreach ([...array_slice($scene->shell, 2), ...$scene->solidsSeenBy($view->camera)] as $solid) {
        $met = $solid->hitBy($view->eye, $view->ray($at));
        if ($met !== null && $met < $nearest) {
            [$nearest, $owner] = [$met, $solid->owner];
        }
    }

    // Floor and ceiling are flat without end here: the walls stand in front of what is beyond them.
    $down = $view->ray($at)[2];
    [$flat, $name] = $down < 0
        ? [$view->eye[2] / -$down, 'floor']
        : [($scene->setup->room->heightM - $view->eye[2]) / max($down, 1e-9), 'ceiling'];

    return $flat < $nearest ? $name : $owner;
}

/** What is painted there: the last polygon that holds the place. */
function painted(FramePicture $picture, array $at): string
{
    $owner = '';
    foreach ($picture->polygons as $polygon) {
        $inside = false;
        $last = $polygon->points[count($polygon->points) - 1];
        foreach ($polygon->points as $p) {
            if (($p[1] > $at[1]) !== ($last[1] > $at[1]) && $at[0] < ($last[0] - $p[0]) * ($at[1] - $p[1]) / ($last[1] - $p[1]) + $p[0]) {
                $inside = ! $inside;
            }
            $last = $p;
        }
        $owner = $inside ? $polygon->owner : $owner;
    }

    return $owner;
}

it('paints what a ray would meet first', function (array $changes, string $camera): void {
    $scene = new Scene(Cases::demo($changes));
    $view = $scene->views[$camera];
    $picture = FramePicture::of($scene, $view);
    [$wrong, $all] = [0, 0];
    for ($i = 0; $i < 24; $i++) {
        for ($j = 0; $j < 14; $j++) {
            $at = [-0.97 + 1.94 * ($i + 0.37) / 24, -0.97 + 1.94 * ($j + 0.41) / 14];
            $met = firstMet($scene, $view, $at);
            $all++;
            $wrong += $met === painted($picture, $at) ? 0 : 1;
        }
    }
    expect($wrong / $all)->toBeLessThan(0.01);
})->with([
    'A' => [[], 'cam-a'],
    'B' => [[], 'cam-b'],
    'A, wide, with B, the key and the boom before it' => [
        [
            'cameras/cam-a/lens' => 'zoom-18-55',
            'cameras/cam-a/focal_mm' => 18,
            'cameras/cam-b/x_m' => 3.9,
            'cameras/cam-b/y_m' => 2.0,
            'lights/key/x_m' => 2.3,
            'lights/key/y_m' => 1.9,
        ],
        'cam-a',
    ],
    'from the nook, around the corner that juts in' => [
        ['cameras/cam-b/x_m' => 6.8, 'cameras/cam-b/y_m' => 3.2, 'cameras/cam-b/focal_mm' => 24],
        'cam-b',
    ],
    'from above the hopper, looking down' => [
        [
            'cameras/cam-b/height_m' => 2.7,
            'cameras/cam-b/x_m' => 4.0,
            'cameras/cam-b/y_m' => 4.4,
            'cameras/cam-b/aim' => ['mode' => 'free', 'bearing_deg' => 220, 'tilt_deg' => -35],
        ],
        'cam-b',
    ],
    'standing people close by' => [
        [
            'subjects/miller/posture' => 'standing',
            'subjects/asker/posture' => 'standing',
            'subjects/asker/x_m' => 3.6,
            'subjects/asker/y_m' => 2.3,
        ],
        'cam-b',
    ],
]);

it('counts as much of a thing as casting rays over the frame does', function (string $owner, array $changes): void {
    $scene = new Scene(Cases::demo($changes));
    $view = $scene->views['cam-b'];
    [$met, $all] = [0, 0];
    for ($i = 0; $i < 120; $i++) {
        for ($j = 0; $j < 68; $j++) {
            $all++;
            $met += firstMet($scene, $view, [-1 + 2 * ($i + 0.5) / 120, -1 + 2 * ($j + 0.5) / 68]) === $owner ? 1 : 0;
        }
    }
    expect((new Intrusions($scene, $view))->share($scene->solidsOf($owner)))->toEqualWithDelta($met / $all, 0.1 * $met / $all + 0.001);
})->with([
    'the key at the edge' => ['key', []],
    'the key, half behind a screen' => [
        'key',
        [
            'lights/key/x_m' => 2.0,
            'lights/key/y_m' => 2.2,
            'furniture/-' => [
                'id' => 'screen', 'name' => 'screen', 'width_m' => 0.5, 'depth_m' => 0.05, 'height_m' => 2.2,
                'x_m' => 2.9, 'y_m' => 1.95, 'turn_deg' => 75,
            ],
        ],
    ],
    'the boom, low' => ['boom', ['microphones/boom/height_m' => 1.4]],
    'the interviewer' => ['asker', ['subjects/asker/x_m' => 3.2, 'subjects/asker/y_m' => 1.9]],
]);

it('says how far a thing must go, and there it is gone', function (string $side, Vec2 $away): void {
    $scene = new Scene(Cases::demo(['lights/key/x_m' => 2.2, 'lights/key/y_m' => 2.2]));
    $view = $scene->views['cam-b'];
    $found = array_values(array_filter((new Intrusions($scene, $view))->all(), fn ($i) => $i->owner === 'key'))[0];
    $right = new Vec2($view->right[0], $view->right[1]);
    $moved = fn (float $by): int => count(array_filter(array_map(
        fn (Solid $s): array => Convex::clip(
            Outline::of(
                new Solid(
                    $s->owner,
                    $s->kind,
                    $s->material,
                    array_map(
                        fn (array $p): array => [
                            $p[0] + $by * $away->x * $right->x,
                            $p[1] + $by * $away->x * $right->y,
                            $p[2] + $by * $away->y,
                        ],
                        $s->points,
                    ),
                    $s->faces,
                ),
                $view,
            ),
            $view->cropX,
            $view->cropY,
        ),
        $scene->solidsOf('key'),
    ), fn (array $outline): bool => count($outline) > 2 && Convex::area($outline) > 1e-9));

    expect($moved($found->clearM[$side] + 0.005))->toBe(0)->and($moved($found->clearM[$side] - 0.02))->toBeGreaterThan(0);
})->with(['to the left' => ['left', new Vec2(-1, 0)], 'to the right' => ['right', new Vec2(1, 0)], 'upward' => ['top', new Vec2(0, 1)]]);

it('makes solids that are closed, convex and turned outward', function (): void {
    $scene = new Scene(Cases::demo());
    foreach ($scene->solids as $solid) {
        foreach ($solid->planes() as [$nx, $ny, $nz, $d]) {
            foreach ($solid->points as $p) {
                expect($nx * $p[0] + $ny * $p[1] + $nz * $p[2] - $d)->toBeLessThan(0.02);
            }
            expect($nx * $solid->centre[0] + $ny * $solid->centre[1] + $nz * $solid->centre[2] - $d)->toBeLessThan(0.0);
        }
        $edges = [];
        foreach ($solid->faces as $face) {
            foreach ($face as $i => $from) {
                $to = $face[($i + 1) % count($face)];
                $edges["$from-$to"] = true;
            }
        }
        foreach (array_keys($edges) as $edge) {
            expect($edges)->toHaveKey(implode('-', array_reverse(explode('-', (string) $edge))));
        }
    }
});

it('gives bodies their true proportions', function (string $posture, float $crown, float $eyes): void {
    $setup = Cases::demo(
        ['subjects/miller/posture' => $posture, 'subjects/miller/stature_m' => 1.8, 'subjects/miller/seat_height_m' => 0.45],
    );
    $body = $setup->bodies['miller'];
    $tops = array_merge(...array_map(fn (Solid $s): array => array_column($s->points, 2), Figure::of($body)));

    expect($body->crownM)->toEqualWithDelta($crown, 0.005)->and($body->eyes->z)->toEqualWithDelta($eyes, 0.005)
        ->and(max($tops))->toEqualWithDelta($crown, 0.01)->and(min($tops))->toBeGreaterThanOrEqual(-1e-9);
})->with([
    'standing: eyes at 0.936 of stature' => ['standing', 1.8, 1.685],
    'seated: 0.52 of stature over the seat' => ['seated', 1.386, 1.271],
]);

it('turns the head to what is looked at, as far as a neck goes', function (string $looksAt, float $facing, float $bearing): void {
    $body = Cases::demo(['subjects/miller/looks_at' => $looksAt, 'subjects/miller/facing_deg' => $facing])->bodies['miller'];

    expect(rad2deg($body->headBearingRad))->toEqualWithDelta($bearing, 0.5);
})->with([
    'at the interviewer' => ['asker', 188, 193.3],
    'at A' => ['cam-a', 188, 170.2],
    'no further than sixty degrees' => ['asker', 90, 150.2],
]);

it('keeps the lens’s axes square and its rays true', function (): void {
    foreach ((new Scene(Cases::demo(['cameras/cam-b/aim' => ['mode' => 'free', 'bearing_deg' => 300, 'tilt_deg' => 40]])))->views as $view) {
        [$r, $u, $f] = [new Vec3(...$view->right), new Vec3(...$view->up), new Vec3(...$view->forward)];
        expect(abs($r->dot($u)) + abs($u->dot($f)) + abs($f->dot($r)))
            ->toBeLessThan(1e-12)
            ->and($r->cross($f)->dot($u))
            ->toEqualWithDelta(1.0, 1e-12);
        $point = (new Vec3(...$view->eye))->plus((new Vec3(...$view->ray([0.4, -0.7])))->times(3));
        expect($view->place($point))->toEqualWithDelta([0.4, -0.7], 1e-9);
    }
});

it('does not see what is behind the lens', function (): void {
    $view = (new Scene(Cases::demo()))->views['cam-a'];

    expect($view->place($view->camera->pupil()->minus($view->forwardVector())))->toBeNull();
});

it('sends a person sideways, never up', function (): void {
    $scene = new Scene(Cases::demo(['subjects/asker/x_m' => 3.3, 'subjects/asker/y_m' => 1.7]));
    $asker = array_values(array_filter((new Intrusions($scene, $scene->views['cam-a']))->all(), fn ($i) => $i->owner === 'asker'))[0];

    expect($asker->shortest()[0])->toBeIn(['left', 'right']);
});
