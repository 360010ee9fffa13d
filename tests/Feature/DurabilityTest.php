<?php

declare(strict_types=1);

use FineFrame\Plan\PlanReader;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

it('opens whole after the process is killed while it writes', function (): void {
    $database = tempnam(sys_get_temp_dir(), 'fineframe');
    $env = ['DB_DATABASE' => $database, 'APP_ENV' => 'testing', 'APP_KEY' => config('app.key')];
    $php = (new PhpExecutableFinder)->find();
    (new Process([$php, 'artisan', 'migrate', '--force'], base_path(), $env))->mustRun();
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
        [$version, $revisions, $plan] = $db->query('select version, (select count(*) from revisions), plan from shoots join revisions on head_id = revisions.id')->fetch(PDO::FETCH_NUM);
        expect($db->query('pragma integrity_check')->fetchColumn())->toBe('ok')->and($revisions)->toBe($version)->and(PlanReader::json($plan)->setups)->toHaveCount(2);
    }
    array_map(unlink(...), glob("$database*"));
});
