<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewShoot;
use FineFrame\Plan\ShootPlan;

/** A small plan with one mistake in it: what is told about it, what could be wrong, and what is. */
final readonly class Exercise
{
    /**
     * @param  array<string, mixed>  $changes  what makes the mistake in a first plan, by pointer
     * @param  array<string, string>  $choices  what could be wrong, in words, by the check that tells
     * @param  string  $wrong  the check that tells what is
     */
    private function __construct(
        public string $id,
        public string $title,
        public Stage $stage,
        public string $story,
        public string $why,
        public array $choices,
        public string $wrong,
        private NewShoot $base,
        private array $changes,
    ) {
    }

    /** @throws InvalidDocument if it is none */
    public static function json(string $id, string $json): self
    {
        $root = Node::root(CanonicalJson::read($json), $problems = new Problems);
        $base = $root->object('plan');
        $document = json_decode($json, true);
        $changes = is_array($document) && is_array($document['changes'] ?? null) ? $document['changes'] : [];
        $isTalk = $base->oneOf('what', ['interview', 'performance']) === 'interview';
        $exercise = new self(
            $id,
            $root->text('title'),
            $root->choice('stage', Stage::class),
            $root->text('story', max: 600),
            $root->text('why', max: 600),
            $root->texts('choices'),
            $root->text('wrong'),
            new NewShoot(
                $root->text('title'),
                $base->text('place'),
                $isTalk,
                $base->whole('people', 1, NewShoot::most($isTalk), 1),
                $base->date('date'),
                $base->clock('from'),
                $base->clock('to'),
            ),
            array_combine(array_map(strval(...), array_keys($changes)), array_values($changes)),
        );
        if (! isset($exercise->choices[$exercise->wrong])) {
            $root->wrong('wrong', 'must be one of the choices');
        }
        $problems->raise();

        return $exercise;
    }

    public function plan(Judge $judge): ShootPlan
    {
        return (new Edit($this->changes))->applyTo(FirstPlan::of($this->base, $judge));
    }

    /** What the check finds wrong in a plan; the worst of it, null where it holds. */
    public function finding(Verdicts $verdicts): ?Finding
    {
        foreach ($verdicts->findings as $finding) {
            if ($finding->check === $this->wrong && $finding->severity !== Severity::Holds) {
                return $finding;
            }
        }

        return null;
    }

    /** How somebody did: what they took to be wrong, and the plan as they left it. */
    public function outcome(string $named, ShootPlan $now, Judge $judge): Outcome
    {
        $before = $judge->judge($this->plan($judge)->setup());
        $after = $judge->judge($now->setup());
        $worse = array_filter(Turned::between($before, $after), static fn (Turned $t): bool => $t->isWorse());

        return new Outcome($named === $this->wrong, $this->finding($before), $this->finding($after), array_values($worse));
    }
}
