<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;

/** Which way of working a shoot follows, question by question (D-01 to D-24). A school changes what checks judge by; none is wrong. */
final readonly class Schools
{
    /** @param  array<string, string>  $chosen */
    private function __construct(private array $chosen)
    {
    }

    /** @return array<string, array<string, array<string, float>>> schools and their limits, by question */
    public static function all(): array
    {
        /** @var array<string, array<string, array<string, float>>>|null $all */
        static $all = null;
        if ($all === null) {
            /** @var array<string, array<string, array<string, float>>> $all */
            $all = require __DIR__.'/../../data/schools.php';
        }

        return $all;
    }

    public static function read(Node $node): self
    {
        $chosen = [];
        foreach (self::all() as $question => $schools) {
            $chosen[$question] = $node->oneOf($question, array_map(strval(...), array_keys($schools)));
        }
        foreach (array_keys($node->rest()) as $unknown) {
            $node->wrong(Node::escaped($unknown), 'is not a question this version knows');
        }

        return new self($chosen);
    }

    public function of(string $question): string
    {
        return $this->chosen[$question] ?? '';
    }

    public function gaze(): GazeSchool
    {
        return GazeSchool::from($this->of('gaze'));
    }

    public function cut(): CutSchool
    {
        return CutSchool::from($this->of('cut'));
    }

    /** What the chosen schools judge by instead of the usual; null where none says. */
    public function limit(string $name): ?float
    {
        $limit = null;
        foreach ($this->chosen as $question => $school) {
            $limit = self::all()[$question][$school][$name] ?? $limit;
        }

        return $limit;
    }

    /** @return array<string, string> what differs from where a plan starts */
    public function write(): array
    {
        return array_filter(
            $this->chosen,
            static fn (string $school, string $question): bool => $school !== array_key_first(self::all()[$question]),
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
