<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/**
 * Whoever needs a picture has one, by an output that is there, on a screen large enough to judge focus by, within earshot of whoever is at
 * the camera.
 */
final class PicturesReachEveryone extends Rule
{
    /**
     * Fine detail of 1080 lines is seen from up to this many heights of the screen (a line a minute of arc, and half as far again to judge
     * focus).
     */
    private const HEIGHTS = 4.8;

    private const INCH_M = 0.0254;

    private const EARSHOT_M = 6.0;

    public function id(): string
    {
        return 'pictures-reach-everyone';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $used = [];
        foreach ($situation->setup->setup->list('views') as $view) {
            $camera = $situation->setup->cameras[$view->text('camera')] ?? null;
            $leads = in_array($view->text('by'), ['cable', 'wireless'], true);
            if ($leads && $camera !== null) {
                $used[$camera->placement->id] = ($used[$camera->placement->id] ?? 0) + 1;
            }
            [$from, $screen] = [$view->number('from_m'), $view->number('screen_in')];
            $height = ($screen ?? 0.0) * self::INCH_M * 9 / hypot(16, 9);
            $case = match (true) {
                $camera === null => 'none',
                $leads && $used[$camera->placement->id] > $camera->body->outputs => 'outputs',
                $from !== null && $height > 0 && $from > self::HEIGHTS * $height && $from < self::EARSHOT_M => 'small',
                $from !== null && $from >= self::EARSHOT_M && ! $view->flag('talks_back') && $camera->isManned() => 'unheard',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'none', 'outputs' => Severity::Breaks,
                    'small', 'unheard' => Severity::Watch,
                    default => Severity::Holds,
                },
                [
                    'who' => $view->text('name'),
                    'camera' => $camera->placement->label ?? '',
                    'outputs' => (string) ($camera->body->outputs ?? 0),
                    'near' => Quantity::metres(self::HEIGHTS * $height),
                    'from' => Quantity::metres($from ?? 0.0),
                ],
                [$view->id],
                new Working(
                    'focus is judged from up to 4.8 screen heights; earshot 6 m',
                    [
                        'screen height' => Quantity::metres($height),
                        'looked at from' => $from === null ? 'not said' : Quantity::metres($from),
                        'outputs in use' => (string) ($used[$camera->placement->id ?? ''] ?? 0),
                    ],
                    'a line of 1080 at a minute of arc, and half as far again',
                ),
                case: $case,
            );
        }
    }
}
