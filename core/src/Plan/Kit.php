<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\Body;
use FineFrame\Camera\Lens;
use FineFrame\Camera\Prompter;
use FineFrame\Camera\Reducer;
use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Document\Problems;
use FineFrame\Grip\JoiningPart;
use FineFrame\Grip\Support;
use FineFrame\Light\Fixture;
use FineFrame\Light\Modifier;
use FineFrame\Sound\Material;
use FineFrame\Sound\Microphone;
use FineFrame\Sound\Pole;

/** The models a plan uses, by id; a plan file carries those it needs, so that it stands alone. */
final readonly class Kit implements Part
{
    /**
     * @param  array<string, Body>  $bodies
     * @param  array<string, Lens>  $lenses
     * @param  array<string, Reducer>  $reducers
     * @param  array<string, Support>  $supports
     * @param  array<string, Fixture>  $fixtures
     * @param  array<string, Microphone>  $microphones
     * @param  array<string, Pole>  $poles
     * @param  array<string, Material>  $materials  changed or added to the table that ships
     * @param  array<string, Prompter>  $prompters
     * @param  array<string, Modifier>  $modifiers
     * @param  array<string, JoiningPart>  $joiners
     * @param  array<string, PackModel>  $packs
     * @param  array<string, ChargerModel>  $chargers
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public array $bodies,
        public array $lenses,
        public array $reducers,
        public array $supports,
        public array $fixtures,
        public array $microphones,
        public array $poles,
        public array $materials,
        public array $prompters,
        public array $modifiers,
        public array $joiners,
        public array $packs,
        public array $chargers,
        public Stock $stock,
        private array $extra,
    ) {
    }

    /** @return array<string, \Closure(Node): (Body|Lens|Reducer|Support|Fixture|Microphone|Pole|Material|Prompter|Modifier|JoiningPart|PackModel|ChargerModel)> by list */
    public static function readers(): array
    {
        return [
            'bodies' => Body::read(...),
            'lenses' => Lens::read(...),
            'reducers' => Reducer::read(...),
            'supports' => Support::read(...),
            'fixtures' => Fixture::read(...),
            'microphones' => Microphone::read(...),
            'poles' => Pole::read(...),
            'materials' => Material::read(...),
            'prompters' => Prompter::read(...),
            'modifiers' => Modifier::read(...),
            'joiners' => JoiningPart::read(...),
            'packs' => PackModel::read(...),
            'chargers' => ChargerModel::read(...),
        ];
    }

    public static function read(Node $node): self
    {
        return new self(
            self::byId($node->each('bodies', Body::read(...))),
            self::byId($node->each('lenses', Lens::read(...))),
            self::byId($node->each('reducers', Reducer::read(...))),
            self::byId($node->each('supports', Support::read(...))),
            self::byId($node->each('fixtures', Fixture::read(...))),
            self::byId($node->each('microphones', Microphone::read(...))),
            self::byId($node->each('poles', Pole::read(...))),
            self::byId($node->each('materials', Material::read(...))),
            self::byId($node->each('prompters', Prompter::read(...))),
            self::byId($node->each('modifiers', Modifier::read(...))),
            self::byId($node->each('joiners', JoiningPart::read(...))),
            self::byId($node->each('packs', PackModel::read(...))),
            self::byId($node->each('chargers', ChargerModel::read(...))),
            Stock::read($node),
            $node->rest(),
        );
    }

    /** @return list<Lens> what to reach for, one's own first */
    public function glass(): array
    {
        $lenses = array_values($this->lenses);
        usort($lenses, fn (Lens $a, Lens $b): int => $this->stock->isOwn($b->id) <=> $this->stock->isOwn($a->id));

        return $lenses;
    }

    /** @return array<string, array<string, Body|Lens|Reducer|Support|Fixture|Microphone|Pole|Material|Prompter|Modifier|JoiningPart|PackModel|ChargerModel>> by list and id */
    public function models(): array
    {
        return [
            'bodies' => $this->bodies,
            'lenses' => $this->lenses,
            'reducers' => $this->reducers,
            'supports' => $this->supports,
            'fixtures' => $this->fixtures,
            'microphones' => $this->microphones,
            'poles' => $this->poles,
            'materials' => $this->materials,
            'prompters' => $this->prompters,
            'modifiers' => $this->modifiers,
            'joiners' => $this->joiners,
            'packs' => $this->packs,
            'chargers' => $this->chargers,
        ];
    }

    /** What people call a model; its id where there is none. */
    public function name(string $id): string
    {
        foreach ($this->models() as $models) {
            if (isset($models[$id])) {
                return $models[$id]->name;
            }
        }

        return $id;
    }

    /** The generic models that ship; a plan starts with all of them. */
    public static function library(): self
    {
        $problems = new Problems;
        $kit = self::read(Node::root(require __DIR__.'/../../data/library.php', $problems));
        $problems->raise();

        return $kit;
    }

    public function write(): array
    {
        return array_map(Parts::written(...), $this->models())
            + ($this->stock->rows === [] ? [] : ['stock' => Parts::written($this->stock->rows)]) + $this->extra;
    }

    /**
     * @template T of Body|Lens|Reducer|Support|Fixture|Microphone|Pole|Material|Prompter|Modifier|JoiningPart|PackModel|ChargerModel
     *
     * @param  list<T>  $models
     * @return array<string, T>
     */
    private static function byId(array $models): array
    {
        return array_combine(
            array_map(
                static fn (
                    Body|Lens|Reducer|Support|Fixture|Microphone|Pole|Material|Prompter|Modifier|JoiningPart|PackModel|ChargerModel $m,
                ): string => $m->id,
                $models,
            ),
            $models,
        );
    }
}
