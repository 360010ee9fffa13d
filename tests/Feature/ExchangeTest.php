<?php

declare(strict_types=1);

use App\Console\PlanFileDocs;
use App\Models\Shoot;
use FineFrame\Figures\Figures;
use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Situation;
use FineFrame\Plan\NewShoot;
use FineFrame\Plan\Starter;
use FineFrame\Tests\Cases;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Opis\JsonSchema\Validator;

const DEMO = 'database/demo/sallow-tide-mill.fineframe.json';

it('exports, imports and exports the same bytes', function (): void {
    $first = $this->get('/shoots/'.$this->demo()->id.'/plan.fineframe.json')->assertOk()->getContent();
    $this->post('/shoots/import', ['plan' => UploadedFile::fake()->createWithContent('renamed.exe', $first)])->assertRedirect();
    $again = $this->get('/shoots/'.Shoot::query()->latest('id')->firstOrFail()->id.'/plan.fineframe.json')->getContent();

    expect($again)->toBe($first)->and(Shoot::query()->count())->toBe(2);
});

it('refuses a file with a sentence and keeps nothing', function (string $content, string $sentence): void {
    $this
        ->post('/shoots/import', ['plan' => UploadedFile::fake()->createWithContent('plan.json', $content)])
        ->assertStatus(422)
        ->assertSee($sentence);
    expect(Shoot::query()->count())->toBe(0);
})->with([
    'not JSON' => ["\x89PNG\r\n", 'The file is not JSON'],
    'not ours' => ['{"format":"song"}', 'not a Fine Frame plan'],
    'too new' => ['{"format":"fineframe-plan","version":9}', 'version 9'],
    'too large' => [str_repeat(' ', 10_300_000), 'larger than 10 MB'],
    'a wrong type deep inside' => [
        str_replace('"lead": 0.12', '"lead": "x"', (string) file_get_contents(__DIR__.'/../../'.DEMO)),
        '/setups/0/cameras/0/aim/lead must be a number.',
    ],
]);

it('ships a demo and a first plan that fit the published schema', function (string $json): void {
    $validator = new Validator;
    $result = $validator->validate(json_decode($json), (string) file_get_contents(base_path('docs/fineframe-plan-2.schema.json')));

    expect($result->isValid())->toBeTrue($result->error()?->message() ?? '');
})->with([
    'demo' => fn () => (string) file_get_contents(base_path(DEMO)),
    'starter' => fn () => \FineFrame\Plan\PlanWriter::json(Starter::plan(new NewShoot('New', 'Here'))),
]);

it('checks a file on the command line', function (): void {
    expect(Artisan::call('fineframe:check', ['file' => base_path(DEMO), '--json' => true]))->toBe(1);
    $findings = json_decode(Artisan::output(), true)['findings'];
    expect($findings[0])->toMatchArray(
        ['setup' => 'talk', 'check' => 'frame-is-clear', 'severity' => 'breaks', 'about' => ['cam-b', 'key']],
    );
    expect(Artisan::call('fineframe:check', ['file' => base_path('composer.json')]))->toBe(2);
    expect(Artisan::call('fineframe:check', ['file' => 'none']))->toBe(2);
});

it('prints figures by id', function (): void {
    Artisan::call('fineframe:figures', ['file' => base_path(DEMO), '--json' => true]);
    $figures = json_decode(Artisan::output(), true)['figures']['talk'];

    expect($figures['camera.cam-a.angle_h'])->toEqual(['value' => rad2deg(2 * atan(24 / 100)), 'unit' => 'deg']);
});

it('imports and exports on the command line', function (): void {
    Artisan::call('fineframe:import', ['file' => base_path(DEMO)]);
    Artisan::call('fineframe:export', ['shoot' => trim(Artisan::output())]);

    expect(Artisan::output())->toBe((string) file_get_contents(base_path(DEMO)));
});

it('has its schema and table of keys as the readers have them', function (): void {
    $docs = new PlanFileDocs;
    $format = (string) file_get_contents(base_path(PlanFileDocs::FORMAT));

    expect(PlanFileDocs::schema())->toBe((string) file_get_contents(base_path(PlanFileDocs::SCHEMA)))
        ->and($docs->format($format))->toBe($format)
        ->and($docs->unsaid())->toBe([]);
});

it('lists every check, figure and limit in docs/FORMAT.md', function (): void {
    $format = (string) file_get_contents(base_path('docs/FORMAT.md'));
    foreach (CheckSet::standard() as $check) {
        expect($format)->toContain("`{$check->id()}`");
    }
    foreach (Figures::of(new Situation(Cases::demo())) as $figure) {
        expect($format)->toContain('`'.$figure->kind.'.….'.explode('.', $figure->name)[0]);
    }
    foreach (array_keys(\FineFrame\Plan\Limits::ALL) as $limit) {
        expect($format)->toContain("`$limit`");
    }
});

it('answers a post over the server’s limit with the same sentence', function (): void {
    $this->call('POST', '/shoots/import', server: ['CONTENT_LENGTH' => 1_000_000_000])->assertStatus(422)->assertSee('larger than 10 MB');
});
