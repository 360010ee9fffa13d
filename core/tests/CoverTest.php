<?php

declare(strict_types=1);

use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Progression;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Propose\CameraSearch;
use FineFrame\Propose\Proposal;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Sightline;
use FineFrame\Scene\SightMap;
use FineFrame\Tests\Cases;

/** @return list<array{string, string, list<string>}> */
function says(array $changes, string $check): array
{
    $all = array_filter(
        Judge::standard()->judge(Cases::demo($changes + ['@' => 'duo']))->findings,
        fn (Finding $f): bool => $f->check === $check,
    );

    return array_values(array_map(fn (Finding $f): array => [$f->case, $f->severity->value, $f->about], $all));
}

it('sees how much of a head a frame holds, and what hides the rest', function (): void {
    $line = function (array $changes): Sightline {
        $scene = new Scene(Cases::demo($changes + ['@' => 'duo', 'moves' => []]));
        $view = $scene->views['cam-b'];

        return Sightline::of(new Intrusions($scene, $view), $scene, $view, $scene->setup->bodies['wren']);
    };
    $whole = $line([]);
    // A post of 4 cm close before the head hides a quarter to two thirds of its 15 cm.
    $post = $line(
        [
            'furniture/-' => [
                'id' => 'post', 'name' => 'post', 'width_m' => 0.04, 'depth_m' => 0.04, 'height_m' => 2.2, 'x_m' => 5.4,
                'y_m' => 3.9,
            ],
        ],
    );

    expect($whole->inFrame)->toEqualWithDelta(1.0, 1e-6)->and($whole->clear)->toEqualWithDelta(1.0, 1e-6)->and($whole->by)->toBe('')
        ->and($post->by)->toBe('post')->and($post->clear)->toBeGreaterThan(0.1)->toBeLessThan(0.75)
        ->and($line(['cameras/cam-b/aim/bearing_deg' => 90])->inFrame)->toBe(0.0);
});

it('knows who is on whom, and what a safety has', function (): void {
    expect(says([], 'everyone-is-covered'))->toBe([['holds', 'holds', ['tamsin']], ['holds', 'holds', ['wren']]])
        ->and(
            says(['cameras/cam-a/covers' => new stdClass, 'cameras/cam-b/covers' => ['tamsin' => true]], 'everyone-is-covered'),
        )->toContain(['doubled', 'breaks', ['wren']])
        ->and(says([], 'safety-holds'))->toBe([['holds', 'holds', ['cam-b']]])
        ->and(says(['cameras/cam-b/focal_mm' => 55], 'safety-holds')[0][0])->toBe('misses')
        ->and(says(['cameras/cam-b/role' => 'roving'], 'safety-holds'))->toBe([['none', 'breaks', ['duo']]])
        ->and(
            says(['cameras/cam-b/role' => 'roving', '/brief/schools/coverage' => 'one-take'], 'safety-holds'),
        )->toBe([['none', 'watch', ['duo']]]);
});

it('lets a camera that sees someone cover them', function (): void {
    $setup = Cases::demo(['@' => 'duo', 'cameras/cam-a/covers' => new stdClass, 'cameras/cam-b/covers' => ['tamsin' => true]]);
    $verdicts = Judge::standard()->judge($setup);
    $mend = Judge::standard()->mend($setup, $verdicts, $verdicts->find('everyone-is-covered:wren'));

    expect($mend?->case)
        ->toBe('cover')
        ->and($mend->edit->applyTo($setup->plan)->setup('duo')->cameras['cam-a']->placement->covers)
        ->toBe(['wren']);
});

it('counts outputs, screens and earshot', function (): void {
    $views = fn (array ...$views): array => [
        'views' => array_map(
            fn (int $i, array $v): array => [
                'id' => "v$i",
                'name' => "viewer $i",
                'camera' => 'cam-a',
                'by' => 'cable',
                'from_m' => 0.5,
                'screen_in' => 7,
            ] + $v,
            array_keys($views),
            $views,
        ),
    ];

    // The full-frame body has one output. A 7-inch screen is 8.7 cm high: focus is judged from 42 cm.
    expect(array_column(says($views(['from_m' => 0.4] + ['by' => 'cable'], []), 'pictures-reach-everyone'), 0))->toBe(['outputs', 'small'])
        ->and(
            array_column(
                says(
                    [
                        'views' => [
                            ['id' => 'v', 'name' => 'far', 'camera' => 'cam-a', 'by' => 'wireless', 'from_m' => 12, 'screen_in' => 20],
                        ],
                    ],
                    'pictures-reach-everyone',
                ),
                0,
            ),
        )->toBe(['unheard']);
});

it('plans the frames of a talk, and counts changes of glass', function (): void {
    $steps = Progression::of(new Situation(Cases::demo()));

    expect(array_map(fn (Progression $p): array => [$p->size->value, $p->how, $p->minutes, $p->loosens], $steps))->toBe(
        [['medium', 'begins', 0, false], ['medium close-up', 'zooms', 0, false], ['close-up', 'lens', 2, false]],
    );
});

it('proposes three unlike pairs that hold, each scored by its reasons', function (bool $withChair): void {
    $setup = Cases::shipped();
    $search = new CameraSearch(new Situation($setup), Judge::standard());
    $proposals = $search->proposals($withChair);
    $places = [];
    foreach ($proposals as $proposal) {
        $after = $proposal->edit->applyTo($setup->plan)->setup();
        $broken = array_filter(
            Judge::standard()->judge($after)->of(Severity::Breaks),
            fn (Finding $f): bool => array_intersect($f->about, $proposal->toMove) === [] && $f->check !== 'key-gives-the-stop',
        );
        [$a, $b] = array_values($after->cameras);
        $places[] = [$a->placement->place, $b->placement->place, $b->delivered->heightAt(1)];
        $mean = array_sum(
            array_map(fn ($r): float => $r->score * $r->weight, $proposal->reasons),
        ) / array_sum(array_map(fn ($r): float => $r->weight, $proposal->reasons));

        expect($broken)->toBe([])->and($proposal->score)->toEqualWithDelta($mean, 1e-9)->and($proposal->speaksFor())->not->toBe([]);
    }

    expect($proposals)->toHaveCount(3)->and($search->considered)->toBeGreaterThan(5000)
        ->and(array_map(fn (Proposal $p): float => $p->score, $proposals))->toBe(array_reverse((function (array $s): array {
            sort($s);

            return $s;
        })(array_map(fn (Proposal $p): float => $p->score, $proposals))))
        ->and($places[0][0]->distanceTo($places[1][0]) + $places[0][1]->distanceTo($places[1][1]))->toBeGreaterThan(0.5);
})->with(['the chair as it stands' => [false], 'the chair as well' => [true]]);

it('proposes places for a look into the lens, and names nothing to move that has no room', function (): void {
    $setup = Cases::shipped(['/brief/schools/gaze' => 'into-lens']);
    $proposals = (new CameraSearch(new Situation($setup), Judge::standard()))->proposals();
    $after = $proposals[0]->edit->applyTo($setup->plan)->setup();

    expect($proposals)->not->toBe([])->and($after->bodies['miller']->person->looksAt)->toBe('cam-a')
        ->and(
            array_merge(...array_map(fn (Proposal $p): array => $p->toMove, $proposals)),
        )->each->toBeIn(['key', 'back', 'hearth', 'cloth', 'boom']);
});

it('follows the school of the second camera', function (): void {
    $angle = function (string $school): float {
        $setup = Cases::shipped(['/brief/schools/second-camera' => $school]);
        $proposal = (new CameraSearch(new Situation($setup), Judge::standard()))->proposals()[0];
        $after = $proposal->edit->applyTo($setup->plan)->setup();
        [$a, $b] = array_values($after->cameras);
        $eyes = $after->bodies['miller']->eyes;

        return rad2deg($a->pupil()->minus($eyes)->angleTo($b->pupil()->minus($eyes)));
    };

    expect($angle('profile'))->toBeGreaterThan(49.0);
});

it('maps from where faces are seen, and where a block of people hides them', function (): void {
    $seen = function (array $changes): array {
        $map = SightMap::of(new Scene(Cases::demo($changes + ['@' => 'duo', 'moves' => [], 'lights' => []])), 1.45);
        $south = array_values(array_filter($map->places, fn (array $p): bool => $p[0]->y < 0.5 && $p[0]->x > 3 && $p[0]->x < 6));

        return array_map(fn (array $p): array => $p[1], $south);
    };
    $crowd = [
        'furniture/-' => [
            'id' => 'crowd', 'name' => 'crowd', 'width_m' => 8, 'depth_m' => 0.5, 'height_m' => 1.75, 'x_m' => 4.5,
            'y_m' => 1.9,
        ],
    ];

    expect($seen([])[2])->toContain('tamsin')->toContain('wren')->and(array_merge(...$seen($crowd)))->toBe([])
        ->and(array_merge(...$seen(['furniture/-' => ['height_m' => 1.2] + $crowd['furniture/-']])))->not->toBe([]);
});

it('finds another place for a lamp where there is one, and none in a closet', function (float $width, float $depth, bool $has): void {
    $setup = FineFrame\Tests\Plans::room($width, $depth)
        ->sitter('ann', $width / 2, $depth - 1.0)
        ->camera('a', $width / 2, 0.6)
        ->lamp('l', $width / 2 + 0.4, $depth - 1.6, null, ['fixture' => 'soft-120'])
        ->setup();
    $situation = new Situation($setup);

    expect(
        (new FineFrame\Propose\Elsewhere($situation, new FineFrame\Propose\Ground($situation->scene, 0.8)))->has($setup, ['l']),
    )->toBe($has);
})->with(['a hall' => [8, 7, true], 'a closet' => [0.9, 2.4, false]]);
