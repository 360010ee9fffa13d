<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\Fields;
use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;

/** The one door through which a plan comes in: files, forms, drags and mends alike. */
final class PlanReader
{
    public const FORMAT = 'fineframe-plan';

    public const VERSION = 2;

    /** @throws InvalidDocument with every problem and its JSON pointer */
    public static function json(string $json): ShootPlan
    {
        return self::document(CanonicalJson::read($json));
    }

    /** @throws InvalidDocument with every problem and its JSON pointer */
    public static function document(mixed $document): ShootPlan
    {
        $problems = new Problems;
        $root = Node::root($document, $problems);
        $problems->raise();
        if (self::version($root) < self::VERSION) {
            $root = Node::root(Upgrade::from($document), $problems);
            self::version($root);
        }
        $plan = self::plan($root);
        $problems->raise();
        assert($plan !== null);
        PlanReferences::judge($plan, $root);
        $problems->raise();

        return $plan;
    }

    /** What a plan file may hold, key by key. */
    public static function fields(): Fields
    {
        return Fields::of(self::plan(...));
    }

    private static function plan(Node $root): ?ShootPlan
    {
        $shoot = ShootInfo::read($root->object('shoot'));
        $brief = Brief::read($root->object('brief'));
        $locations = $root->each('locations', Location::read(...), 50);
        $setups = $root->each('setups', Setup::read(...), 50);
        $kit = Kit::read($root->object('kit'));
        $scouting = Scouting::read($root->object('scouting'));
        $assumed = Assumed::read($root);
        foreach (['locations' => $locations, 'setups' => $setups] as $key => $list) {
            if ($list === []) {
                $root->wrong($key, 'must hold at least one');
            }
        }

        return $locations === [] || $setups === []
            ? null
            : new ShootPlan($shoot, $brief, $locations, $setups, $kit, $scouting, $assumed, $root->rest());
    }

    /** @throws InvalidDocument if it is no plan, or a newer one */
    private static function version(Node $root): int
    {
        if ($root->text('format', '', 40) !== self::FORMAT) {
            throw InvalidDocument::at('/format', 'The file is JSON, but not a Fine Frame plan: its format must be “'.self::FORMAT.'”.');
        }
        $version = $root->whole('version', 1, 1_000_000);
        $root->problems->raise();
        if ($version > self::VERSION) {
            throw InvalidDocument::at(
                '/version',
                "The plan is of version $version; this Fine Frame reads up to version ".self::VERSION.'. Update Fine Frame to open it.',
            );
        }

        return $version;
    }
}
