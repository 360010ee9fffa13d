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

    /** @var array<string, true> what was asked for since the last recall */
    private array $asked = [];

    /** Whether any of it had to be looked for. */
    private bool $isNew = false;

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
        $this->asked[$key] = true;
        if (! isset($this->shares[$key])) {
            $this->isNew = true;
            if (count($this->shares) >= self::KEPT) {
                $this->shares = [];
            }
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
        $this->asked[$key] = true;
        if (! isset($this->lists[$key])) {
            $this->isNew = true;
            if (count($this->lists) >= self::KEPT) {
                $this->lists = [];
            }
            $this->lists[$key] = $look();
        }

        return $this->lists[$key];
    }

    /**
     * Begins with what another process answered about the same plan: while something is dragged, only what that bears on is looked for
     * again.
     */
    public function recall(string $plan): void
    {
        [$this->asked, $this->isNew] = [[], false];
        $kept = unserialize($this->keep?->read("answers $plan") ?? 'N;', ['allowed_classes' => false]);
        [$shares, $lists] = is_array($kept) ? [$kept[0] ?? [], $kept[1] ?? []] : [[], []];
        foreach (is_array($shares) ? $shares : [] as $key => $share) {
            if (is_float($share)) {
                $this->shares[(string) $key] ??= $share;
            }
        }
        foreach (is_array($lists) ? $lists : [] as $key => $list) {
            if (is_array($list)) {
                $this->lists[(string) $key] ??= self::named($list);
            }
        }
    }

    /** Keeps what was asked for since, where any of it is new. */
    public function remember(string $plan): void
    {
        if ($this->isNew) {
            $this->keep?->write(
                "answers $plan",
                serialize([array_intersect_key($this->shares, $this->asked), array_intersect_key($this->lists, $this->asked)]),
            );
        }
    }

    /**
     * @param  array<mixed>  $list
     * @return array<string, float>
     */
    private static function named(array $list): array
    {
        $named = [];
        foreach ($list as $name => $number) {
            if (is_float($number)) {
                $named[(string) $name] = $number;
            }
        }

        return $named;
    }
}
