<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/**
 * A plan of an older version as this one reads it.
 *
 * Version 2 counts what there is: `own` of a body, a lens or a support became a row of `kit.stock`.
 */
final class Upgrade
{
    private const COUNTED = ['bodies', 'lenses', 'supports'];

    /** @return array<array-key, mixed> the plan’s keys; what is no object stays for the reader to refuse */
    public static function from(mixed $document): array
    {
        $document = self::fields($document);
        if (isset($document['kit'])) {
            $document['kit'] = self::counted(self::fields($document['kit']));
        }

        return $document;
    }

    /**
     * @param  array<array-key, mixed>  $kit
     * @return array<array-key, mixed>
     */
    private static function counted(array $kit): array
    {
        $stock = is_array($kit['stock'] ?? null) ? $kit['stock'] : [];
        foreach (self::COUNTED as $list) {
            $models = is_array($kit[$list] ?? null) ? array_map(self::fields(...), $kit[$list]) : [];
            foreach ($models as $i => $model) {
                if (($model['own'] ?? false) === true && is_string($model['id'] ?? null)) {
                    $stock[] = ['id' => mb_substr("own-{$model['id']}", 0, 64), 'model' => $model['id'], 'whose' => 'own'];
                }
                unset($models[$i]['own']);
            }
            $kit[$list] = $models ?: $kit[$list] ?? [];
        }

        return ($stock === [] ? [] : ['stock' => $stock]) + $kit;
    }

    /** @return array<array-key, mixed> */
    private static function fields(mixed $object): array
    {
        return $object instanceof \stdClass || is_array($object) ? (array) $object : [];
    }
}
