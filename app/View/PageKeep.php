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
    public const TOKEN = '%%a-session’s-own-token%%';

    public function __construct(private Filesystem $files, private ClockInterface $clock)
    {
    }

    /** @return string|null where a page is kept; null where it is drawn anew each time */
    public function place(Request $request, Shoot $shoot, string $look): ?string
    {
        $build = Config::string('fineframe.build');
        $session = $request->hasSession() ? $request->session() : null;
        $isOwn = $session !== null && ($session->has('said') || $session->has('errors'));
        // An exercise looks otherwise once it is answered, at the same version.
        $isOwn = $isOwn || $shoot->exercise !== '';
        if ($build === '' || $isOwn || in_array($look, self::FOLLOWS_THE_CLOCK, true)) {
            return null;
        }

        return self::folder($shoot->id)."/$shoot->version/".$this->key($request, $shoot, $build);
    }

    public function read(?string $place, string $token): ?Response
    {
        if ($place === null || ! is_file($place)) {
            return null;
        }
        $kept = (string) file_get_contents($place);
        $end = (int) strpos($kept, "\n");
        $headers = json_decode(substr($kept, 0, $end), true);

        return new Response(str_replace(self::TOKEN, $token, substr($kept, $end + 1)), 200, is_array($headers) ? $headers : []);
    }

    /** Keeps what was drawn, and lets go of what was kept of earlier versions. */
    public function write(?string $place, Response $drawn, string $token): void
    {
        if ($place === null || $drawn->getStatusCode() !== 200) {
            return;
        }
        if (! is_dir(dirname($place))) {
            $this->files->deleteDirectory(dirname($place, 2));
            $this->files->ensureDirectoryExists(dirname($place));
        }
        $headers = array_intersect_key($drawn->headers->all(), ['content-type' => 0, 'x-plan-version' => 0, 'hx-push-url' => 0]);
        $page = $token === '' ? (string) $drawn->getContent() : str_replace($token, self::TOKEN, (string) $drawn->getContent());
        // Another may do the same at this moment: each writes whole, the later one stays.
        $part = $place.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($part, json_encode($headers, JSON_THROW_ON_ERROR)."\n".$page) !== false) {
            @rename($part, $place);
        }
    }

    /** Everything that a page’s look depends on, besides the version. */
    private function key(Request $request, Shoot $shoot, string $build): string
    {
        [$link, $reader] = [Visitor::now()->link, app(Reader::class)];
        $query = array_filter($request->query(), is_string(...));
        ksort($query);

        return hash('sha256', serialize([
            $build, $request->path(), $query, $request->hasHeader('HX-Request'), $reader->units->value, $reader->theme,
            $link?->id, Visitor::now()->owner?->id, $shoot->head_id, $this->clock->now()->format('Y-m-d'),
            LoggedMark::query()->where('shoot_id', $shoot->id)->max('seq'),
        ]));
    }

    private static function folder(string $shoot): string
    {
        return storage_path("framework/cache/pages/$shoot");
    }
}
