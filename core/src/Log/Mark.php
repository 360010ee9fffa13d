<?php

declare(strict_types=1);

namespace FineFrame\Log;

/** One thing that happened, as a device wrote it down: it is never changed, and taken back only by a mark of its own. */
final readonly class Mark
{
    /** What a kind says besides, and whether it must. */
    private const NEEDS = [
        'start' => ['take'], 'end' => ['take'], 'flag' => ['flag'], 'best' => ['take', 'source'], 'tick' => ['item'], 'undo' => ['target'],
    ];

    /**
     * @param  int  $n  the device’s own counter, from 1
     * @param  float  $atMs  by the device’s clock
     * @param  array<string, mixed>  $says  what its kind needs
     */
    private function __construct(
        public string $id,
        public string $device,
        public int $n,
        public float $atMs,
        public string $kind,
        public array $says,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $written
     *
     * @throws UnreadableMark
     */
    public static function read(array $written): self
    {
        [$id, $device, $kind] = array_map(
            static fn (string $key): string => self::said($written, $key),
            ['id', 'device', 'kind'],
        );
        [$n, $at] = [$written['n'] ?? null, $written['at_ms'] ?? null];
        if (! is_int($n) || $n < 1) {
            throw UnreadableMark::without('a counter from 1');
        }
        if ((! is_int($at) && ! is_float($at)) || ! is_finite($at)) {
            throw UnreadableMark::without('a time');
        }
        foreach (self::NEEDS[$kind] ?? [] as $key) {
            self::said($written, $key);
        }
        if ($kind === 'tick' && ! is_bool($written['on'] ?? null)) {
            throw UnreadableMark::without('on or off');
        }
        $says = [];
        foreach (array_diff_key($written, array_flip(['id', 'device', 'n', 'at_ms', 'kind'])) as $key => $value) {
            $says[(string) $key] = $value;
        }
        ksort($says);

        return new self($id, $device, $n, (float) $at, $kind, $says);
    }

    /**
     * @param  array<array-key, mixed>  $written
     *
     * @throws UnreadableMark
     */
    private static function said(array $written, string $key): string
    {
        $value = $written[$key] ?? null;

        return is_string($value) && $value !== '' ? $value : throw UnreadableMark::without($key);
    }

    public function text(string $key): string
    {
        $value = $this->says[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    public function flag(string $key): bool
    {
        return ($this->says[$key] ?? false) === true;
    }

    public function isSameAs(self $other): bool
    {
        return $this->write() === $other->write();
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['id' => $this->id, 'device' => $this->device, 'n' => $this->n, 'at_ms' => $this->atMs, 'kind' => $this->kind] + $this->says;
    }
}
