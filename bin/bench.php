<?php

declare(strict_types=1);

// Run by bin/bench.

use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Judge;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Propose\CameraSearch;
use FineFrame\Propose\LightSearch;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\Path;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Sweep;
use FineFrame\Space\Adjustment;
use FineFrame\Space\NextReading;
use FineFrame\Space\Reading;
use FineFrame\Tests\Plans;

require __DIR__.'/../vendor/autoload.php';

/** @param  Closure(int): mixed  $act */
function bench(string $what, ?float $budgetMs, int $runs, Closure $act, int $before = 10): void
{
    for ($i = 0; $i < max($before, intdiv($runs, 3)); $i++) {
        $act($i);
    }
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        $start = hrtime(true);
        $act($i);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $median = $times[intdiv($runs, 2)];
    printf("%-44s %8.1f ms  (min %.1f, 90 %% %.1f)%s\n", $what, $median, $times[0], $times[(int) (0.9 * $runs)], $budgetMs === null ? '' : sprintf('   budget %.0f, ratio %.2f', $budgetMs, $median / $budgetMs));
}

$file = (string) file_get_contents(__DIR__.'/../database/demo/sallow-tide-mill.fineframe.json');
$setup = PlanReader::json($file)->setup();
$judge = Judge::standard();
$scene = new Scene($setup);

bench('read the demo plan', null, 100, fn () => PlanReader::json($file));
bench('judge the demo plan', 15, 100, fn () => $judge->judge(new Situation($setup)));
bench('find and try every mend', null, 40, function () use ($setup): void {
    $judge = Judge::standard();
    $verdicts = $judge->judge($setup);
    foreach ($verdicts->findings as $finding) {
        $judge->mend($setup, $verdicts, $finding);
    }
});
// Eight cameras around the loft and sixty boxes on its floor.
$full = PlanReader::json($file);
for ($i = 0; $i < 60; $i++) {
    $full = (new Edit(['/setups/duo/furniture/-' => ['id' => "box-$i", 'name' => "box $i", 'width_m' => 0.25, 'depth_m' => 0.25, 'height_m' => 0.3 + 0.02 * $i, 'x_m' => 0.6 + 0.55 * ($i % 15), 'y_m' => 4.9 + 0.3 * intdiv($i, 15), 'keep_out' => $i % 3 === 0]]))->applyTo($full);
}
for ($i = 2; $i < 8; $i++) {
    $full = (new Edit(['/setups/duo/cameras/-' => ['id' => "cam-$i", 'label' => chr(65 + $i), 'body' => 'a-body', 'lens' => 'zoom-24-70', 'support' => 'tripod', 'x_m' => 0.8 + 1.1 * $i, 'y_m' => 0.9 + 0.15 * $i, 'height_m' => 1.4, 'focal_mm' => 35, 't_stop' => 2.9, 'aim' => ['mode' => 'eyes', 'subject' => $i % 2 ? 'wren' : 'tamsin'], 'role' => 'roving']]))->applyTo($full);
}
$eight = (new Edit(['/setups/duo/moves' => []]))->applyTo($full)->setup('duo');
$crowded = new Scene($eight);
bench('a frame with 60 things in it', 25, 60, fn () => FramePicture::of($crowded, $crowded->views['cam-b']));
bench('judge 8 cameras × 60 things', 60, 20, fn () => $judge->judge(new Situation($eight)));
$most = Plans::largest()->setup();
bench('judge the largest plan', 1500, 5, fn () => $judge->judge(new Situation($most)), 2);
$links = Plans::room()->sitter('ann', 3, 3);
for ($i = 0; $i < 64; $i++) {
    $links = $links->row('links', ['id' => "link-$i", 'name' => "link $i", 'from_mhz' => 470, 'to_mhz' => 698, 'set_mhz' => 470.1 + 0.1 * $i]);
}
$crowded64 = $links->setup();
bench('judge 64 wireless links and mend them', 1000, 5, function () use ($crowded64): void {
    $judge = Judge::standard();
    $verdicts = $judge->judge($crowded64);
    $judge->mend($crowded64, $verdicts, $verdicts->findings[0]);
}, 2);
bench('coordinate 64 wireless links', 5000, 3, fn () => (new RadioPlan($crowded64))->coordinated(), 1);
$duo = PlanReader::json($file)->setup('duo');
$loft = new Scene($duo);
bench('sweep the duo’s take of three minutes', 1500, 20, fn () => (new Sweep($loft, Path::of($duo, $duo->setup->moves[0]) ?? throw new LogicException))->entries());
bench('propose places for A and B', 1000, 10, fn () => (new CameraSearch(new Situation($setup), $judge))->proposals());
bench('propose ways to light', 2000, 10, fn () => (new LightSearch(new Situation($setup), $judge))->proposals());
$lit = PlanReader::json($file)->setup();
bench('two lit frames, from nothing', 1000, 10, function () use ($lit): void {
    $fresh = new Scene($lit);
    foreach ($fresh->views as $view) {
        FramePicture::of($fresh, $view, true);
    }
});
bench('the sun’s day in the demo room', 20, 60, function () use ($setup): void {
    $view = new PlaceView($setup->plan, $setup->location);
    $view->study()?->steady($view->spots()[0][1] ?? null);
});
// Twenty corners on an oval, sixty distances with a centimetre of noise: the survey to re-solve within 20 ms.
mt_srand(3);
$corners = array_map(fn (int $i): Vec2 => new Vec2(8 * cos($i * M_PI / 10), 5 * sin($i * M_PI / 10)), range(0, 19));
$readings = [];
for ($step = 1; $step <= 3; $step++) {
    foreach ($corners as $i => $corner) {
        $to = ($i + $step) % 20;
        $readings[] = Reading::distance("$i-$to", $i, $to, $corner->distanceTo($corners[$to]) + mt_rand(-50, 50) / 1e4, 0.006);
    }
}
bench('re-solve a survey of 60 readings', 20, 60, fn () => Adjustment::solve($corners, $readings));
bench('the next reading to take, of 190', null, 20, fn () => NextReading::for(Adjustment::solve($corners, $readings), 20, 0));
foreach ($scene->views as $view) {
    bench('project '.$view->camera->placement->label.'’s frame', 10, 100, fn () => FramePicture::of($scene, $view));
}

// The same over HTTP, from a server of its own on a database of its own.
$port = 8139;
$server = proc_open([__DIR__.'/../tests/Browser/serve', (string) $port], [['pipe', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, __DIR__.'/..', getenv() + ['WORKERS' => '2']);
register_shutdown_function(function () use ($server, $port): void {
    proc_terminate($server);
    shell_exec('pkill -f 127.0.0.1:'.$port);
});
$curl = curl_init();
$cookies = (string) tempnam(sys_get_temp_dir(), 'bench');
$ask = function (string $path, ?array $post = null, array $headers = []) use ($curl, $cookies, $port): string {
    curl_reset($curl);
    curl_setopt_array($curl, [CURLOPT_URL => str_starts_with($path, 'http') ? $path : "http://127.0.0.1:$port$path", CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $cookies, CURLOPT_COOKIEJAR => $cookies, CURLOPT_HTTPHEADER => $headers]);
    $post === null ?: curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($post));

    return (string) curl_exec($curl);
};
for ($try = 0; $try < 100 && ($home = $ask('/')) === ''; $try++) {
    usleep(100_000);
}
preg_match('~/shoots/\w+/cameras~', $home, $found);
$page = $ask($found[0]);
preg_match('~csrf-token" content="([^"]+)~', $page, $token);
bench('first page, warm', 200, 60, fn () => $ask($found[0]));
bench('one drag update over HTTP', 60, 120, fn (int $i) => $ask(str_replace('cameras', 'preview', $found[0]), [
    'version' => 1, 'stage' => 'cameras', 'look' => 'above', 'select' => 'none', 'edit' => json_encode(['/setups/talk/cameras/cam-b/x_m' => 5 + $i / 400]),
], ["X-CSRF-TOKEN: $token[1]", 'HX-Request: true']));
$import = function (float $share) use ($curl, $port, $token, $cookies): string {
    // Cookies are written when a handle ends, or when it is told to.
    curl_setopt($curl, CURLOPT_COOKIELIST, 'FLUSH');
    $file = (string) tempnam(sys_get_temp_dir(), 'bench');
    file_put_contents($file, PlanWriter::json(Plans::largest($share)->setup()->plan));
    $sent = curl_init();
    curl_setopt_array($sent, [
        CURLOPT_URL => "http://127.0.0.1:$port/shoots/import", CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $cookies,
        CURLOPT_POSTFIELDS => ['_token' => $token[1], 'plan' => new CURLFile($file)],
    ]);
    curl_exec($sent);
    unlink($file);

    $path = parse_url((string) curl_getinfo($sent, CURLINFO_REDIRECT_URL), PHP_URL_PATH);

    return is_string($path) ? $path : throw new RuntimeException('The plan was not imported: '.curl_getinfo($sent, CURLINFO_HTTP_CODE).'.');
};
$largest = $import(1.0);
bench('first page of the largest plan', 2000, 6, fn () => $ask($largest), 2);
$half = $import(0.5);
bench('one drag update at half that size', 250, 20, fn (int $i) => $ask(str_replace('cameras', 'preview', $half), [
    'version' => 1, 'stage' => 'cameras', 'look' => 'above', 'select' => 'none', 'edit' => json_encode(['/setups/one/cameras/c1/x_m' => 5 + $i / 400]),
], ["X-CSRF-TOKEN: $token[1]", 'HX-Request: true']));
$bytes = array_sum(array_map(fn (string $body): int => strlen((string) gzencode($body)), [$page, $ask('/build/app.js'), $ask('/build/app.css'), $ask('/mark.svg')]));
printf("%-44s %8.1f KB compressed   budget 150, ratio %.2f\n", 'first page with script and style', $bytes / 1024, $bytes / 1024 / 150);
