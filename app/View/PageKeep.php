<?php

declare(strict_types=1);

namespace App\View;

use App\Access\Visitor;
use App\Models\LoggedMark;
use App\Models\Shoot;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Config;
use Psr\Clock\ClockInterface;

/**
 * Pages of a plan that did not change, answered as they were drawn: for the same version, the same marks of the day, the same reader and
 * the same build. Only where a crew is served; whoever develops sees what is in the files.
 */
final readonly class PageKeep
{
    /** Looks that follow the clock. */
    private const FOLLOWS_THE_CLOCK = ['today'];

    /** What stands in a kept page in place of each session’s own token. */
    private const TOKEN = '%%a-session’s-own-token%%';

    public function __construct(private Filesystem $files, private ClockInterface $clock)
    {
    }

    /** @param  \Closure(): Response  $draw */
    public function answer(Request $request, Shoot $shoot, string $look, \Closure $draw): Response
    {
        $build = Config::string('fineframe.build');
        $session = $request->session();
        if ($build === '' || in_array($look, self::FOLLOWS_THE_CLOCK, true) || $session->has('said') || $session->has('errors')) {
            return $draw();
        }
        $folder = self::folder($shoot->id)."/$shoot->version";
        $file = "$folder/".$this->key($request, $shoot, $build);
        if (is_file($file)) {
            $kept = (string) file_get_contents($file);
            [$headers, $page] = [json_decode(strtok($kept, "\n") ?: '[]', true), substr($kept, (int) strpos($kept, "\n") + 1)];

            return new Response(str_replace(self::TOKEN, $session->token(), $page), 200, is_array($headers) ? $headers : []);
        }
        $answer = $draw();
        if ($answer->getStatusCode() === 200) {
            $headers = array_intersect_key($answer->headers->all(), ['content-type' => 0, 'x-plan-version' => 0, 'hx-push-url' => 0]);
            $this->keep($shoot, $folder, $file, json_encode($headers, JSON_THROW_ON_ERROR)."\n".str_replace(
                $session->token(),
                self::TOKEN,
                (string) $answer->getContent(),
            ));
        }

        return $answer;
    }

    /** Everything that a page’s look depends on, besides the version. */
    private function key(Request $request, Shoot $shoot, string $build): string
    {
        [$link, $reader] = [Visitor::now()->link, app(Reader::class)];
        $query = $request->query();
        ksort($query);

        return hash('sha256', serialize([
            $build, $request->path(), $query, $request->hasHeader('HX-Request'), $reader->units->value, $reader->theme,
            $link?->id, Visitor::now()->owner?->id, $shoot->head_id, $this->clock->now()->format('Y-m-d'),
            LoggedMark::query()->where('shoot_id', $shoot->id)->max('seq'),
        ]));
    }

    /** Keeps it, and lets go of what was kept of earlier versions. */
    private function keep(Shoot $shoot, string $folder, string $file, string $page): void
    {
        if (! is_dir($folder)) {
            $this->files->deleteDirectory(self::folder($shoot->id));
            $this->files->ensureDirectoryExists($folder);
        }
        // Another may do the same at this moment: each writes whole, the later one stays.
        $part = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($part, $page) !== false) {
            @rename($part, $file);
        }
    }

    private static function folder(string $shoot): string
    {
        return storage_path("framework/cache/pages/$shoot");
    }
}
