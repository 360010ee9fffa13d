<?php

declare(strict_types=1);

namespace FineFrame\Document;

/**
 * The fields that a reader asks of an object, in the order in which it asks. A field is declared where it is read and nowhere else: the
 * schema, the forms, the tables and the docs follow from here.
 */
final class Fields implements Described
{
    /** @var array<string, Described> */
    private array $asked = [];

    /** @var array<string, true> */
    private array $open = [];

    /**
     * @param  string  $pointer  where they are described, in the schema
     * @param  array<string, string>  $within  readers at work around it, and where each is described
     */
    private function __construct(private readonly string $pointer, private readonly array $within)
    {
    }

    /** @param  \Closure(Node): mixed  $read  the reader of one such object */
    public static function of(\Closure $read): self
    {
        $fields = new self('#', [self::name($read) => '#']);
        $read(Node::describing($fields));

        return $fields;
    }

    public function ask(string $key, Described $what, bool $mayMiss): void
    {
        $this->asked[$key] = $what;
        if ($mayMiss) {
            $this->mayMiss($key);
        }
    }

    public function mayMiss(string $key): void
    {
        $this->open[$key] = true;
    }

    /** The fields of an object at a key; without any of them it may be left out. */
    public function within(string $key): self
    {
        $fields = new self("$this->pointer/properties/$key", $this->within);
        $this->asked[$key] = $fields;

        return $fields;
    }

    /** @param  \Closure(Node): mixed  $read  the reader of each entry */
    public function listed(string $key, \Closure $read, int $most): void
    {
        $pointer = "$this->pointer/properties/$key/items";
        $name = self::name($read);
        $known = $name === '' ? null : $this->within[$name] ?? null;
        $each = $known === null ? new self($pointer, $this->within + [$name => $pointer]) : new Alike($known);
        $this->ask($key, Entries::counted($each, $most), true);
        if ($each instanceof self) {
            $read(Node::describing($each));
        }
    }

    /** @return array<string, Described> by key */
    public function all(): array
    {
        return $this->asked;
    }

    public function isNeeded(string $key): bool
    {
        $what = $this->asked[$key] ?? null;

        return isset($this->asked[$key]) && ! isset($this->open[$key]) && ! ($what instanceof self && ! $what->needsAny());
    }

    /**
     * Those that hold one value, as forms and tables have them.
     *
     * @return array<string, Column> by key
     */
    public function columns(): array
    {
        return array_filter($this->asked, static fn (Described $d): bool => $d instanceof Column);
    }

    public function schema(bool $mayMiss): array
    {
        $keys = array_keys($this->asked);
        $needed = array_values(array_filter($keys, $this->isNeeded(...)));
        $properties = array_map(fn (string $key): array => $this->asked[$key]->schema(! $this->isNeeded($key)), $keys);

        return ['type' => $mayMiss ? ['object', 'null'] : 'object']
            + ($needed === [] ? [] : ['required' => $needed])
            + ['properties' => array_combine($keys, $properties)];
    }

    private function needsAny(): bool
    {
        return array_filter(array_keys($this->asked), $this->isNeeded(...)) !== [];
    }

    /** What a reader is known by again; nothing where it has no name, and is one of its own. */
    private static function name(\Closure $read): string
    {
        $reader = new \ReflectionFunction($read);

        return $reader->isAnonymous() ? '' : $reader->getClosureScopeClass()?->getName().'::'.$reader->getName();
    }
}
