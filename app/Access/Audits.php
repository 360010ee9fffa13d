<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Audit;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Writes down who signed in, opened, shared, removed and took away; never a password, an address of a link, or what a plan says. */
final readonly class Audits
{
    /** A page opened again and again within this is told once. */
    private const AGAIN_MINUTES = 10;

    private const KEPT_DAYS = 400;

    public function __construct(private ClockInterface $clock, private Request $request)
    {
    }

    public function note(string $did, ?string $shoot = null, string $about = '', ?string $who = null): void
    {
        $visitor = Visitor::now();
        Audit::query()->create([
            'at' => $this->now(), 'who' => Str::limit($who ?? $visitor->name(), 87), 'did' => $did, 'shoot_id' => $shoot,
            'link_id' => $visitor->link?->id, 'about' => Str::limit($about, 157), 'address' => (string) $this->request->ip(),
        ]);
    }

    /** What the holder of a link opened. */
    public function opened(string $shoot, string $about): void
    {
        $link = Visitor::now()->link;
        $isTold = Audit::query()->where('link_id', $link?->id)->where('about', $about)
            ->where('at', '>', $this->now()->subMinutes(self::AGAIN_MINUTES))->exists();
        if ($link !== null && ! $isTold) {
            $this->note('opened', $shoot, $about);
        }
    }

    /** Takes away what is older than anybody asks for. */
    public function thin(): int
    {
        return (int) Audit::query()->where('at', '<', $this->now()->subDays(self::KEPT_DAYS))->toBase()->delete();
    }

    private function now(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }
}
