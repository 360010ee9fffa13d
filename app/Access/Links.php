<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Link;
use App\Models\Shoot;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie as Crumb;

/** Makes links, and finds the one that a browser holds. Its address is told once; afterwards only its hash is known here. */
final readonly class Links
{
    private const COOKIE = 'links';

    /** 128 bits. */
    private const BYTES = 16;

    /** How many shoots one browser may hold links to: a cookie has 4 KB. */
    private const MOST = 20;

    private const REMEMBERED_MINUTES = 366 * 24 * 60;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return array{link: Link, token: string} */
    public function make(Shoot $shoot, Role $role, string $name, string $setup, bool $marks, CarbonImmutable $until): array
    {
        $token = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        $link = $shoot->links()->create([
            'role' => $role, 'name' => $name, 'setup' => $setup, 'marks' => $marks && $role->mayMark(), 'hash' => self::hash($token),
            'expires_at' => $until,
        ]);

        return ['link' => $link, 'token' => $token];
    }

    public function revoke(Link $link): void
    {
        $link->update(['revoked_at' => $link->revoked_at ?? $this->now()]);
    }

    /** The link to a token, open or not; its shoot may be in the bin. */
    public function find(string $token): ?Link
    {
        return Link::query()->where('hash', self::hash($token))->first();
    }

    /** The link that this browser holds for the shoot that is asked for; for no shoot, any that still opens. */
    public function of(Request $request): ?Link
    {
        $shoot = $request->route('shoot');
        if ($shoot instanceof Shoot) {
            return $this->held($request)[$shoot->id] ?? null;
        }
        foreach ($this->held($request) as $link) {
            if ($this->opens($link)) {
                return $link;
            }
        }

        return null;
    }

    public function opens(Link $link): bool
    {
        return $link->isOpen($this->now()) && $link->shoot()->exists();
    }

    /** @return Crumb what the browser keeps once a link was opened in it */
    public function kept(Request $request, Link $link, string $token): Crumb
    {
        $tokens = [$link->shoot_id => $token] + $this->tokens($request);

        return Cookie::make(self::COOKIE, (string) json_encode(array_slice($tokens, 0, self::MOST, true)), self::REMEMBERED_MINUTES);
    }

    /** @return array<string, Link> by shoot, as they were opened here, the last one first */
    private function held(Request $request): array
    {
        $held = [];
        foreach ($this->tokens($request) as $shoot => $token) {
            $link = $this->find($token);
            if ($link?->shoot_id === $shoot) {
                $held[$shoot] = $link;
            }
        }

        return $held;
    }

    /** @return array<string, string> by shoot */
    private function tokens(Request $request): array
    {
        $crumb = $request->cookie(self::COOKIE);
        $all = is_string($crumb) ? json_decode($crumb, true) : [];
        $tokens = [];
        foreach (is_array($all) ? $all : [] as $shoot => $token) {
            if (is_string($token)) {
                $tokens[(string) $shoot] = $token;
            }
        }

        return $tokens;
    }

    private function now(): CarbonImmutable
    {
        return CarbonImmutable::instance($this->clock->now());
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
