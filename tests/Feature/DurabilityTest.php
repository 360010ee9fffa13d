<?php

declare(strict_types=1);

use FineFrame\Plan\PlanReader;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** @return array{string, array<string, string>} a database of its own on the disk, and the environment that leads to it */
function onDisk(): array
{
    $database = (string) tempnam(sys_get_temp_dir(), 'fineframe');
    $env = ['DB_DATABASE' => $database, 'APP_ENV' => 'testing', 'APP_KEY' => config('app.key')];
    (new Process([(new PhpExecutableFinder)->find(), 'artisan', 'migrate', '--force'], base_path(), $env))->mustRun();

    return [$database, $env];
}

it('keeps or refuses each of many changes at one moment', function (int $shoots, int $writers, int $kept): void {
    [$database, $env] = onDisk();
    $php = (new PhpExecutableFinder)->find();
    $begin = "require 'vendor/autoload.php'; (require 'bootstrap/app.php')->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();";
    $import = new Process([$php, '-r', $begin.<<<'PHP'
        $plan = FineFrame\Plan\PlanReader::json(file_get_contents('database/demo/sallow-tide-mill.fineframe.json'));
        for ($i = 0; $i < (int) $argv[1]; $i++) {
            app(App\Plans\PlanStore::class)->create($plan, 'The demo');
        }
        PHP, (string) $shoots], base_path(), $env);
    $import->mustRun();
    $writer = $begin.<<<'PHP'
        $said = [];
        for ($i = 0; $i < 12; $i++) {
            $shoot = App\Models\Shoot::query()->orderBy('id')->skip((int) $argv[1])->firstOrFail();
            try {
                app(App\Plans\PlanStore::class)->commit($shoot, $shoot->version, new FineFrame\Plan\Edit(['/setups/talk/cameras/cam-b/x_m' => 5 + $i / 100]), 'Move B');
                $said[] = 'kept';
            } catch (App\Plans\StalePlan) {
                $said[] = 'stale';
            } catch (Throwable $e) {
                $said[] = substr($e->getMessage(), 0, 80);
            }
        }
        echo implode("\n", $said);
        PHP;
    $processes = array_map(
        fn (int $i): Process => new Process([$php, '-r', $writer, (string) ($i % $shoots)], base_path(), $env),
        range(0, $writers - 1),
    );
    array_walk($processes, fn (Process $p) => $p->start());
    $said = array_merge(
        ...array_map(fn (Process $p): array => $p->wait() === 0 ? explode("\n", $p->getOutput()) : [$p->getErrorOutput()], $processes),
    );
    $count = array_count_values($said);

    expect(array_diff($said, ['kept', 'stale']))
        ->toBe([])
        ->and($said)
        ->toHaveCount(12 * $writers)
        ->and($count['kept'])
        ->toBeGreaterThanOrEqual($kept)
        ->and((int) (new PDO("sqlite:$database"))->query('select sum(version - 1) from shoots')->fetchColumn())->toBe($count['kept']);
    array_map(unlink(...), glob("$database*"));
})->with(['eight writers on eight shoots' => [8, 8, 96], 'four on one' => [1, 4, 12]]);

it('opens whole after the process is killed while it writes', function (): void {
    [$database, $env] = onDisk();
    $php = (new PhpExecutableFinder)->find();
    (new Process([$php, 'artisan', 'fineframe:import', 'database/demo/sallow-tide-mill.fineframe.json'], base_path(), $env))->mustRun();
    $writer = <<<'PHP'
        require 'vendor/autoload.php';
        (require 'bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $shoot = App\Models\Shoot::query()->firstOrFail();
        for ($i = 0; ; $i++) {
            echo '.';
            $shoot = app(App\Plans\PlanStore::class)->commit($shoot, $shoot->version, new FineFrame\Plan\Edit(['/setups/talk/cameras/cam-b/x_m' => 5 + ($i % 9) / 100]), 'Move B');
        }
        PHP;
    foreach ([30_000, 70_000, 110_000] as $afterMicroseconds) {
        $process = new Process([$php, '-r', $writer], base_path(), $env);
        $process->start();
        $process->waitUntil(fn (string $type, string $out): bool => str_contains($process->getOutput(), '..'));
        usleep($afterMicroseconds);
        $process->signal(9);
        $process->wait();
        $db = new PDO("sqlite:$database");
        [$version, $revisions, $plan] = $db->query(
            'select version, (select count(*) from revisions), plan from shoots join revisions on head_id = revisions.id',
        )->fetch(PDO::FETCH_NUM);
        expect($db->query('pragma integrity_check')->fetchColumn())
            ->toBe('ok')
            ->and($revisions)
            ->toBe($version)
            ->and(PlanReader::json($plan)->setups)
            ->toHaveCount(2);
    }
    array_map(unlink(...), glob("$database*"));
});

it('says that nothing was kept when the disk is full or may not be written', function (string $pragma, string $says): void {
    [$database, $env] = onDisk();
    $answer = new Process([(new PhpExecutableFinder)->find(), '-r', <<<'PHP'
        require 'vendor/autoload.php';
        $app = require 'bootstrap/app.php';
        $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        $plan = FineFrame\Plan\PlanReader::json(file_get_contents('database/demo/sallow-tide-mill.fineframe.json'));
        $shoot = app(App\Plans\PlanStore::class)->create($plan, 'The demo');
        Illuminate\Support\Facades\DB::statement($argv[1]);
        $answer = app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create("/shoots/$shoot->id/edit", 'POST', [
            'version' => 1, 'stage' => 'cameras', 'edit' => '{"/setups/talk/cameras/cam-b/x_m": 4.9}',
        ], server: ['HTTP_HOST' => 'localhost']));
        Illuminate\Support\Facades\DB::purge();
        echo json_encode([$answer->getStatusCode(), strip_tags($answer->getContent()), $shoot->fresh()->version, $shoot->revisions()->count()]);
        PHP, $pragma], base_path(), $env);
    [$status, $words, $version, $revisions] = json_decode($answer->mustRun()->getOutput(), true);
    unlink($database);
    expect($status)->toBe(503)->and($words)->toContain('Your change was not kept')->toContain($says)->and($version)->toBe(1)->and($revisions)->toBe(1);
})->with([
    'full' => ['pragma max_page_count = 1', 'is full'],
    'read-only' => ['pragma query_only = 1', 'may not write its database'],
]);

it('keeps what eight hands change at one time in eight places of one plan', function (): void {
    [$database, $env] = onDisk();
    $begin = "require 'vendor/autoload.php'; (require 'bootstrap/app.php')->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();";
    (new Process([(new PhpExecutableFinder)->find(), '-r', $begin.<<<'PHP'
        app(App\Plans\PlanStore::class)->create(FineFrame\Plan\PlanReader::json(file_get_contents('database/demo/sallow-tide-mill.fineframe.json')), 'The demo');
        PHP], base_path(), $env))->mustRun();
    $fields = [
        'cameras/cam-a/x_m', 'cameras/cam-a/y_m', 'cameras/cam-b/x_m', 'cameras/cam-b/y_m', 'cameras/cam-b/focus_m', 'lights/back/x_m', 'lights/back/y_m', 'name',
    ];
    $processes = array_map(fn (string $field): Process => new Process([(new PhpExecutableFinder)->find(), '-r', $begin.<<<'PHP'
        $shoot = App\Models\Shoot::query()->firstOrFail();
        foreach ([1, 2, 3] as $i) {
            $value = $argv[1] === 'name' ? "Named $i" : 2 + $i / 10;
            app(App\Plans\PlanStore::class)->commit($shoot, $shoot->version, new FineFrame\Plan\Edit(["/setups/talk/$argv[1]" => $value]), "Change $i");
            // Made from the version that this page has seen: its own.
            $shoot = App\Models\Shoot::query()->firstOrFail();
        }
        PHP, $field], base_path(), $env), $fields);
    array_walk($processes, fn (Process $p) => $p->start());
    expect(array_filter(array_map(fn (Process $p): string => $p->wait() === 0 ? '' : $p->getOutput().$p->getErrorOutput(), $processes)))->toBe([]);
    $db = new PDO("sqlite:$database");
    $plan = json_decode($db->query('select plan from revisions where id = (select head_id from shoots)')->fetchColumn(), true);
    foreach ($fields as $field) {
        expect(App\Plans\Apart::at($plan, ['setups', 'talk', ...explode('/', $field)]))->toBe($field === 'name' ? 'Named 3' : 2.3, $field);
    }
    expect($db->query('select version from shoots')->fetchColumn())->toEqual(25)->and($db->query('select count(*) from heads')->fetchColumn())->toEqual(25);
    unlink($database);
});
