<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Judge\PhotoStudy;
use FineFrame\Photo\PhotoCamera;
use FineFrame\Plan\Edit;

it('marks a photo, draws the plan over it, and reads a length off it in the reader’s units', function (): void {
    $shoot = $this->demo();
    app(PlanStore::class)->commit($shoot, $shoot->version, new Edit(['/locations/stone-room/scouted/photos' => [
        ['id' => 'p', 'file' => 'wall.jpg', 'width_px' => 4000, 'height_px' => 3000],
    ]]), 'photo');
    $place = app(PlanStore::class)->open($shoot->refresh())->setup()->location;
    $middle = $place->rooms->corners();
    $camera = new PhotoCamera(4000, 3000, 1900, [3.0, 1.2, 1.6], 0.3, -0.08, 0.0);
    $mark = fn (string $point, ?array $px) => $this->post("/shoots/{$shoot->id}/sightings", [
        'version' => $shoot->refresh()->version, 'stage' => 'scout', 'look' => 'photo', 'ask' => 'wall.jpg', 'point' => $point,
        'x' => $px === null ? '' : (string) ($px[0] / 4000), 'y' => $px === null ? '' : (string) ($px[1] / 3000),
    ]);
    $page = fn () => $this->get("/shoots/{$shoot->id}/scout?look=photo&ask=wall.jpg")->assertOk();
    $page()->assertSee('0 marks are too few');
    $count = 0;
    foreach (PhotoStudy::points($place) as $id => ['at' => $at]) {
        $px = $camera->seen($at);
        if ($px !== null && min($px) > 0 && $px[0] < 4000 && $px[1] < 3000) {
            $mark($id, $px)->assertRedirect();
            $count++;
        }
    }
    expect($count)->toBeGreaterThan(4)->and($middle)->not->toBe([]);
    $page()->assertSee('Taken 3.00 m across, 1.20 m up the plan')->assertSee('plan-line', false);
    $ask = fn (string $units) => $this->withCredentials()->withCookie('units', $units)->getJson("/shoots/{$shoot->id}/sightings?".http_build_query((function () use ($camera): array {
        [$a, $b] = [$camera->seen([3.2, 3.0, 0.0]), $camera->seen([4.2, 3.0, 0.0])];

        return ['ask' => 'wall.jpg', 'stage' => 'scout', 'what' => 'floor', 'x1' => $a[0] / 4000, 'y1' => $a[1] / 3000, 'x2' => $b[0] / 4000, 'y2' => $b[1] / 3000];
    })()))->assertOk()->json('says');
    expect($ask('metric'))->toContain('1.00 m, to about');
    $mark('corner/nowhere/floor', [1, 1])->assertUnprocessable()->assertSee('Choose what it shows first');
    $mark(array_key_first(PhotoStudy::points($place)), null)->assertRedirect();
});
