<?php

declare(strict_types=1);

namespace App\View;

use App\Access\Visitor;
use App\Models\Shoot;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Config;
use Psr\Clock\ClockInterface;

/**
 * Parts of a page that take long, drawn by a worker of the queue where a crew is served, so that whoever drags does not wait for them.
 * They are asked for again and again until they are there; what nobody waits for any more is not begun.
 */
final readonly class PartsLater
{
    /** Whoever waits asks again within this; else the part is no longer wanted, seconds. */
    private const WANTED_S = 5;

    /** With no worker for so long, the part is drawn by whoever asks, seconds. */
    private const PATIENCE_S = 20;

    public function __construct(private PageKeep $pages, private ClockInterface $clock)
    {
    }

    /** @return Response|null what is there, or that it is being made; null where it is to be drawn at once */
    public function answer(Request $request, Shoot $shoot, ?string $place): ?Response
    {
        if (Config::string('queue.default') !== 'database' || $place === null) {
            return null;
        }
        $key = 'part:'.basename($place);
        if ($request->hasHeader('X-Stop')) {
            Cache::forget("$key:wanted");

            return new Response('', 204);
        }
        $now = $this->clock->now()->getTimestamp();
        Cache::put("$key:wanted", true, self::WANTED_S);
        $since = (int) Cache::get("$key:since", 0);
        if ($since === 0) {
            Cache::put("$key:since", $now, 10 * self::PATIENCE_S);
            $visitor = Visitor::now();
            DrawPart::dispatch(
                $shoot->id, $shoot->version, $request->getPathInfo(), $this->words($request), $key,
                $visitor->owner?->id, $visitor->link?->id,
                app(Reader::class)->units->value, app(Reader::class)->theme,
            );
        } elseif ($now - $since > self::PATIENCE_S) {
            Cache::forget("$key:since");

            return null;
        }

        return new Response('', 202, ['X-Seconds' => (string) ($since === 0 ? 0 : $now - $since)]);
    }

    public function isWanted(string $key): bool
    {
        return Cache::get("$key:wanted") === true;
    }

    /** @param  \Closure(): Response  $draw */
    public function drawn(string $key, ?string $place, \Closure $draw): void
    {
        if ($this->pages->read($place, '') === null) {
            $this->pages->write($place, $draw(), '');
        }
        Cache::forget("$key:since");
    }

    public function dropped(string $key): void
    {
        Cache::forget("$key:since");
    }

    /** @return array<string, string> */
    private function words(Request $request): array
    {
        $words = [];
        foreach ($request->query() as $name => $value) {
            if (is_string($value)) {
                $words[(string) $name] = $value;
            }
        }

        return $words;
    }
}
