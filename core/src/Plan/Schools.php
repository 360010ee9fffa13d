<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;

/** Which way of working a shoot follows, question by question. A school changes what checks judge by; none is wrong. */
final readonly class Schools
{
    /** @param  array<string, School>  $chosen  by question */
    private function __construct(private array $chosen)
    {
    }

    public static function read(Node $node): self
    {
        $chosen = [];
        foreach (Question::cases() as $question) {
            $words = array_map(static fn (School $s): string => $s->word(), $question->schools());
            $chosen[$question->value] = School::from("$question->value/{$node->oneOf($question->value, $words)}");
        }
        foreach (array_keys($node->rest()) as $unknown) {
            $node->wrong(Node::escaped($unknown), 'is not a question this version knows');
        }

        return new self($chosen);
    }

    public function of(Question $question): School
    {
        return $this->chosen[$question->value];
    }

    public function has(School $school): bool
    {
        return in_array($school, $this->chosen, true);
    }

    /** What the chosen schools judge by instead of the usual; null where none says. */
    public function limit(string $name): ?float
    {
        $limit = null;
        foreach ($this->chosen as $school) {
            $limit = $school->limits()[$name] ?? $limit;
        }

        return $limit;
    }

    /** @return array<string, string> what differs from where a plan starts */
    public function write(): array
    {
        $said = array_filter($this->chosen, static fn (School $s): bool => $s !== $s->question()->schools()[0]);

        return array_map(static fn (School $s): string => $s->word(), $said);
    }
}
