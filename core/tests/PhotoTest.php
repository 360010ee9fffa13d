<?php

declare(strict_types=1);

use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Document\Record;
use FineFrame\Judge\PhotoStudy;
use FineFrame\Photo\LeastSquares;
use FineFrame\Photo\PhotoCamera;
use FineFrame\Scout\PlaceLists;
use FineFrame\Tests\Plans;

/** A room of six by five with a window of 1.4 × 1.2 m, photographed from a corner: marks of what is seen, each off by so much. */
function photographed(float $sigmaPx, ?callable $slip = null): array
{
    $plan = Plans::room(6, 5, 2.8)->window('win', 'far', 2.0, 1.4, ['sill_m' => 0.9, 'head_m' => 2.1]);
    $camera = new PhotoCamera(4000, 3000, 2400, [1.2, 0.6, 1.55], 0.28, -0.06, 0.02);
    mt_srand(31);
    $rows = [];
    foreach (PhotoStudy::points($plan->setup()->location) as $id => ['at' => $at]) {
        $px = $camera->seen($at);
        if ($px !== null && $px[0] > 0 && $px[0] < 4000 && $px[1] > 0 && $px[1] < 3000) {
            $off = static fn (): float => $sigmaPx * sqrt(-2 * log(mt_rand(1, 10_000) / 10_001)) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
            $rows[] = ['id' => 's'.count($rows), 'photo' => 'p', 'point' => $id, 'u_px' => $px[0] + $off(), 'v_px' => $px[1] + $off()];
        }
    }
    $plan = $plan->with(['/locations/room/scouted' => [
        'photos' => [['id' => 'p', 'file' => 'p.jpg', 'width_px' => 4000, 'height_px' => 3000]],
        'sightings' => $slip === null ? $rows : $slip($rows),
    ]]);
    $place = $plan->setup()->location;

    return [new PhotoStudy($place, $place->list('photos')[0]), $camera, $rows];
}

it('finds who took a photograph from where, and reads lengths within a hundredth at a pixel of noise', function (): void {
    [$study, $camera, $rows] = photographed(1.0);
    expect($study->wanting)->toBe('')->and($study->wrong)->toBeNull()->and(count($rows))->toBeGreaterThan(6);
    foreach ($camera->place as $axis => $metres) {
        expect($study->solved->camera->place[$axis])->toEqualWithDelta($metres, 0.02);
    }
    $px = static fn (array ...$points): array => array_merge(...array_map($camera->seen(...), $points));
    $floor = $study->read('floor', $px([2.0, 3.0, 0.0], [4.0, 4.0, 0.0]));
    $height = $study->read('height', $px([3.0, 3.5, 0.0], [3.0, 3.5, 1.7]));
    $wall = $study->read('far', $px([2.2, 5.0, 1.0], [3.4, 5.0, 1.9]));
    expect($floor['value'])->toEqualWithDelta(sqrt(5), 0.01 * sqrt(5))
        ->and($height['value'])->toEqualWithDelta(1.7, 0.017)
        ->and($wall['value'])->toEqualWithDelta(1.5, 0.015)
        ->and(abs($floor['value'] - sqrt(5)))->toBeLessThan(4 * $floor['sigma'])
        // The plan lies over the picture: some of it, none of it far away.
        ->and(count($study->drawn()))->toBeGreaterThan(3);
});

it('names the mark that was put in the wrong place, and asks for more where there are too few', function (): void {
    [$study, , $rows] = photographed(1.0, static fn (array $rows): array => [['u_px' => $rows[0]['u_px'] + 90] + $rows[0], ...array_slice($rows, 1)]);
    expect($study->wrong)->toBe($rows[0]['point']);
    [$few] = photographed(1.0, static fn (array $rows): array => array_slice($rows, 0, 3));
    expect($few->solved)->toBeNull()->and($few->wanting)->toContain('3 marks are too few: 4 or more');
});

it('needs no solving for a lens whose length and sensor are known', function (): void {
    [$study] = photographed(0.0);
    $place = $study->place;
    $problems = new Problems;
    $photo = Record::read(Node::root(['id' => 'p', 'file' => 'p.jpg', 'width_px' => 4000, 'height_px' => 3000, 'focal_mm' => 24, 'sensor_mm' => 40], $problems), PlaceLists::all()['photos']);

    expect((new PhotoStudy($place, $photo))->solved->camera->focalPx)->toEqualWithDelta(2400.0, 1e-6)
        ->and($study->solved->camera->focalPx)->toEqualWithDelta(2400.0, 0.5);
});

it('comes to the least squares of a straight line, with the spread that books give', function (): void {
    // y = 2 + 3 x, off by +1, −1, −1, +1 at 0, 1, 2, 3.
    $fit = LeastSquares::from(static fn (array $p): array => array_map(
        static fn (int $x, float $y): float => $p[0] + $p[1] * $x - $y, [0, 1, 2, 3], [3.0, 4.0, 7.0, 12.0],
    ), [0.0, 0.0], [1e-4, 1e-4]);

    expect($fit->at[0])->toEqualWithDelta(2.0, 1e-8)->and($fit->at[1])->toEqualWithDelta(3.0, 1e-8)->and($fit->cost)->toEqualWithDelta(4.0, 1e-8)
        ->and($fit->covariance()[1][1])->toEqualWithDelta(1 / 5, 1e-8)
        ->and(LeastSquares::from(static fn (array $p): array => [$p[0] + $p[1] - 1], [0.0, 0.0], [1e-4, 1e-4])->covariance())->toBeNull();
});
