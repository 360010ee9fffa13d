<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** What was looked for before, by all that it depends on: a scene that differs elsewhere need not look again. */
final class Shared
{
    /** More answers than these are forgotten together: a search looks at thousands of plans. */
    private const KEPT = 60_000;

    /** @var array<string, float> */
    private array $shares = [];

    /** @var array<string, array<string, float>> */
    private array $lists = [];

    /** @param  Keep|null  $keep  where long lists outlive the process */
    public function __construct(private readonly ?Keep $keep = null)
    {
    }

    /**
     * @param  \Closure(): list<float>  $look
     * @return list<float>
     */
    public function numbers(string $key, \Closure $look): array
    {
        $kept = unpack('d*', $this->keep?->read($key) ?? '');
        if ($kept !== false && $kept !== []) {
            return array_values(array_filter($kept, is_float(...)));
        }
        $numbers = $look();
        $this->keep?->write($key, pack('d*', ...$numbers));

        return $numbers;
    }

    /** @param  \Closure(): float  $look */
    public function share(string $key, \Closure $look): float
    {
        if (! isset($this->shares[$key])) {
            count($this->shares) < self::KEPT ?: $this->shares = [];
            $this->shares[$key] = $look();
        }

        return $this->shares[$key];
    }

    /**
     * @param  \Closure(): array<string, float>  $look
     * @return array<string, float>
     */
    public function list(string $key, \Closure $look): array
    {
        if (! isset($this->lists[$key])) {
            count($this->lists) < self::KEPT ?: $this->lists = [];
            $this->lists[$key] = $look();
        }

        return $this->lists[$key];
    }
}
