<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use App\View\Workspace;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Stage;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Checks;
use FineFrame\Tests\Plans;
use Illuminate\Support\Facades\Artisan;

/*
 * Every page, paper and command, of plans of every size: nobody there, one person, the demo's talk and music, a quarter of the most, and
 * rows of the table of
 * checks that break.
 */
function kinds(): array
{
    static $kinds = null;
    if ($kinds !== null) {
        return $kinds;
    }
    $broken = [];
    foreach (Checks::rows() as $name => [$check, $plan, $said]) {
        str_starts_with($said, 'breaks') && ! isset($broken[$check]) ? $broken[$check] = $plan : null;
    }

    return $kinds = [
        'nobody there' => Plans::room()->document(),
        'one person' => Plans::room()->sitter('ann', 3, 3)->document(),
        'a quarter of the most' => Plans::largest(0.25)->document(),
        'the demo' => json_decode((string) file_get_contents(Cases::DATA.'/../../../database/demo/sallow-tide-mill.fineframe.json'), true),
    ] + array_map(static fn (Plans $p): array => $p->document(), $broken);
}

beforeEach(fn () => config(['fineframe.mends_ms' => 0.0]));

/** @return iterable<string, array{string}> each stage with each of its looks */
function looks(): iterable
{
    foreach (Stage::cases() as $stage) {
        foreach (array_keys(Workspace::looksOf($stage)) as $look) {
            yield "$stage->value, $look" => ["$stage->value?look=$look"];
        }
    }
}

it('answers every page of every plan, in both systems', function (string $page): void {
    foreach ([
        'nobody there' => ['metric'],
        'one person' => ['imperial'],
        'a quarter of the most' => ['metric'],
        'the demo' => ['metric', 'imperial'],
    ] as $kind => $systems) {
        $shoot = app(PlanStore::class)->create(PlanReader::document(kinds()[$kind]), $kind);
        foreach ($systems as $i => $units) {
            foreach ($kind === 'the demo' && $i === 1 ? ['&place=duo'] : [''] as $place) {
                $answer = $this->withCookie('units', $units)->get("/shoots/$shoot->id/$page$place")->assertOk();
                expect($answer->getContent())
                    ->toContain('id="floor"')
                    ->toContain('id="verdicts"')->not
                    ->toMatch('/(findings|mends|figures|sheets|schools|proposals)\.[a-z]|&lt;\?php|Exception/');
            }
        }
    }
})->with(looks(...));

it('shows a plan that breaks as what breaks', function (string $check): void {
    $plan = PlanReader::document(kinds()[$check]);
    $shoot = app(PlanStore::class)->create($plan, $check);
    $broken = array_filter(
        Judge::standard()->judge($plan->setup())->findings,
        static fn ($f): bool => $f->check === $check && $f->severity === Severity::Breaks,
    );
    $page = $this->get("/shoots/$shoot->id/cameras")->assertOk();
    foreach ($broken as $finding) {
        $page->assertSee('f-'.str_replace([':', '+', '.'], '_', $finding->key()), false);
    }
})->with(fn (): array => array_slice(array_keys(kinds()), 4));

it('prints and exports every plan', function (string $kind): void {
    $plan = PlanReader::document(kinds()[$kind]);
    $shoot = app(PlanStore::class)->create($plan, $kind);
    $at = "/shoots/$shoot->id";
    // A contact sheet lights every frame by each lamp: that of a small plan tells as much.
    foreach ([
        'sheet.pdf?paper=a4',
        'sound.pdf?paper=letter',
        ...$kind === 'a quarter of the most' ? [] : ['contact.pdf?paper=letter'],
    ] as $paper) {
        expect(substr((string) $this->get("$at/$paper")->assertOk()->getContent(), 0, 5))->toBe('%PDF-');
    }
    foreach ([
        'floor.svg' => '<svg',
        'tape.csv' => 'from',
        'kit.csv' => 'kind',
        'room.dxf' => 'SECTION',
        'plan.fineframe.json' => 'fineframe-plan',
    ] as $file => $holds) {
        $answer = $this->get("$at/$file")->assertOk();
        expect($answer->getContent() ?: $answer->streamedContent())->toContain($holds);
    }
    foreach ($plan->setup()->cameras as $id => $camera) {
        $this->get("$at/frames/$id.svg")->assertOk()->assertSee('<svg', false);
    }
})->with(['nobody there', 'one person', 'a quarter of the most', 'the demo']);

it('is told on the command line what a plan breaks, and refuses what is none', function (string $kind): void {
    $plan = PlanReader::document(kinds()[$kind]);
    $file = tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents($file, PlanWriter::json($plan));
    $breaks = array_filter($plan->setups, static fn ($s): bool => Judge::standard()->judge($plan->setup($s->id))->broken() !== []);

    expect(Artisan::call('fineframe:check', ['file' => $file]))->toBe($breaks === [] ? 0 : 1)
        ->and(Artisan::call('fineframe:figures', ['file' => $file]))->toBe(0);
    file_put_contents($file, '{"format": "another"}');
    expect(Artisan::call('fineframe:check', ['file' => $file]))->toBe(2)->and(Artisan::output())->toContain('not a Fine Frame plan');
})->with(['nobody there', 'one person', 'the demo']);

it('answers no odd shape of a parameter with a fault of its own', function (string $path): void {
    $shoot = $this->demo();
    foreach ([
        'look[]=x&select[]=y&place[]=z&room[]=r&later[]=a&from[]=1&paper[]=b',
        'look=%00&select=..%2F..&place=%F0%9F%98%80&later=x&from=-1',
        'place=nowhere',
        'select=nobody&from=99999999999999999999',
    ] as $query) {
        expect($this->get("/shoots/$shoot->id/$path?$query")->getStatusCode())->toBeLessThan(500, "$path?$query");
    }
})->with(
    [
        'cameras', 'light', 'sound', 'sound?look=hear', 'light?look=lamps', 'measure', 'scout', 'brief', 'stage', 'rig', 'sheet.pdf', 'sound.pdf', 'floor.svg',
        'tape.csv', 'kit.csv', 'room.dxf', 'takes/none.svg', 'takes/none.pdf', 'frames/none.svg', 'nothing',
    ],
);

it('answers no odd body with a fault of its own', function (string $path): void {
    $shoot = $this->demo();
    foreach ([
        [],
        ['edit' => []],
        ['edit' => '{"/x":1}', 'version' => 'x'],
        ['version' => [1], 'id' => ['a'], 'list' => ['b'], 'kind' => ['c'], 'finding' => ['d'], 'rows' => 'e'],
        [
            'list' => '../x', 'id' => "\0", 'kind' => str_repeat('k', 5000), 'shape' => 1e300, 'finding' => 'a:b',
            'camera' => 'none', 'person' => 'none',
        ],
    ] as $body) {
        expect(
            $this->post("/shoots/$shoot->id/$path", $body, ['HX-Request' => 'true'])->getStatusCode(),
        )->toBeLessThan(500, "$path ".json_encode($body));
    }
})->with(
    [
        'edit', 'preview', 'card', 'mend', 'undo', 'redo', 'sheet', 'tape', 'places', 'places/remove', 'setups',
        'setups/copy', 'setups/remove', 'places/compass', 'places/bearing', 'rooms', 'rooms/remove', 'underlay',
        'shape', 'things', 'things/remove', 'marks', 'radio', 'dimmers', 'frame/size', 'frame/square', 'photos',
        'bring',
    ],
);
