<?php

declare(strict_types=1);

namespace App\Papers;

use App\Plans\Looked;
use App\View\DaylightDesk;
use App\View\Drawing\Drawings;
use App\View\Drawing\FrameDrawing;
use App\View\Effort;
use App\View\LightDesk;
use App\View\Reader;
use FineFrame\Judge\Situation;
use FineFrame\Light\Weather;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Shared;

/**
 * What each lamp does: the frames with all lamps, with each alone and with each off, row by row so that a long one takes no more memory
 * than a short one.
 */
final readonly class ContactSheet
{
    /** Frames a row, and lamps in all, that a page can still be read with. */
    private const CAMERAS = 2;

    private const LAMPS = 12;

    /** The same where so much stands in the room that each row takes a second. */
    private const LAMPS_OF_MANY = 3;

    public function __construct(private Drawings $drawings, private Reader $reader)
    {
    }

    /** @return list<array{name: string, faces: string, images: list<string>}> */
    public function rows(SetupPlan $setup): array
    {
        [$rows, $shared] = [[], new Shared];
        foreach ($this->looks($setup) as $name => $looked) {
            $rows[] = $this->row((string) $name, new Situation($looked->applied($setup), $shared), $looked);
        }

        return $rows;
    }

    /** How many lamps burn that have no row of their own. */
    public function left(SetupPlan $setup): int
    {
        return max(0, count($this->burning($setup)) - self::most($setup));
    }

    private static function most(SetupPlan $setup): int
    {
        return self::isLarge($setup) ? self::LAMPS_OF_MANY : self::LAMPS;
    }

    private static function isLarge(SetupPlan $setup): bool
    {
        return Effort::Sight->isLong($setup);
    }

    /** @return array<string, Looked> by what is said of it */
    private function looks(SetupPlan $setup): array
    {
        $situation = new Situation($setup);
        $desk = new LightDesk($situation, $this->reader, new Looked);
        $lamps = $this->burning($setup);
        $ids = array_keys($lamps);
        $looks = ['All lamps' => new Looked];
        foreach (array_slice($lamps, 0, self::most($setup)) as $id => $name) {
            // One lamp alone is all lamps; of two, without the one is the other alone.
            if (count($ids) > 1) {
                $looks["$name alone"] = new Looked(array_values(array_diff($ids, [$id])));
            }
            if (count($ids) !== 2) {
                $looks["Without $name"] = new Looked([$id]);
            }
        }
        if ($desk->hasBoards()) {
            $looks['Without boards and cloths'] = new Looked(isBare: true);
        }
        $hours = self::isLarge($setup) || DaylightDesk::of($situation, $this->reader) === null ? [] : $desk->hours();
        foreach ($hours === [] ? [] : array_unique([$hours[0], $hours[intdiv(count($hours), 2)], $hours[count($hours) - 1]]) as $hour) {
            foreach ([Weather::Clear, Weather::Overcast] as $sky) {
                $looks["At $hour, sky $sky->value"] = new Looked(sky: $sky, hour: $hour);
            }
        }

        return $looks;
    }

    /** @return array<string, string> names by id */
    private function burning(SetupPlan $setup): array
    {
        $lamps = [];
        foreach ($setup->setup->lights as $light) {
            if ($light->on) {
                $lamps[$light->id] = $setup->name($light->id);
            }
        }

        return $lamps;
    }

    /** @return array{name: string, faces: string, images: list<string>} */
    private function row(string $name, Situation $situation, Looked $looked): array
    {
        $faces = array_map(
            static fn (array $f): string => "{$f['name']} {$f['total']}, {$f['over']}, cheeks {$f['cheeks']}",
            (new LightDesk($situation, $this->reader, $looked))->faces(),
        );
        $frames = array_slice(FrameDrawing::all($situation, $this->reader, isSharp: true, isLit: true), 0, self::CAMERAS);

        return [
            'name' => $name,
            'faces' => implode('; ', $faces),
            'images' => array_map(fn (FrameDrawing $f): string => SetupSheet::image($this->drawings->framed($f)), $frames),
        ];
    }
}
