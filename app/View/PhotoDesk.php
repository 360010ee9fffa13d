<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Judge\PhotoStudy;
use FineFrame\Judge\Situation;
use FineFrame\Space\Wall;

/** One photograph of a place, to be marked and measured on. */
final readonly class PhotoDesk
{
    public ?PhotoStudy $study;

    public function __construct(private Situation $situation, private Reader $reader, string $file)
    {
        $photo = array_values(array_filter(
            $situation->setup->location->list('photos'), static fn (Record $p): bool => $p->text('file') === $file,
        ))[0] ?? null;
        $this->study = $photo === null ? null : new PhotoStudy($situation->setup->location, $photo);
    }

    /** @return array<string, string> */
    public function points(): array
    {
        return array_map(static fn (array $p): string => $p['name'], PhotoStudy::points($this->situation->setup->location));
    }

    /** @return array<string, string> what can be read on */
    public function planes(): array
    {
        $walls = $this->situation->setup->location->rooms->walls;

        return ['floor' => 'length on the floor', 'height' => 'height, from the floor up'] + array_combine(
            array_map(static fn (Wall $w): string => $w->id, $walls),
            array_map(static fn (Wall $w): string => "length on the $w->name", $walls),
        );
    }

    /** @return list<array{point: string, name: string, x: float, y: float, isWrong: bool}> in shares of the picture */
    public function marks(PhotoStudy $study): array
    {
        $names = $this->points();

        return array_map(static fn (Record $r): array => [
            'point' => $r->text('point'),
            'name' => $names[$r->text('point')] ?? $r->text('point'),
            'x' => ($r->number('u_px') ?? 0.0) / $study->widthPx(),
            'y' => ($r->number('v_px') ?? 0.0) / $study->heightPx(),
            'isWrong' => $r->text('point') === $study->wrong,
        ], $study->marks());
    }

    /** Where it was taken from, how sure that is, and how wide it saw. */
    public function said(PhotoStudy $study): string
    {
        if ($study->solved === null) {
            return $study->wanting;
        }
        $camera = $study->solved->camera;
        $spread = max($study->solved->deviation(0, $study->sigmaPx()), $study->solved->deviation(1, $study->sigmaPx()));

        return sprintf(
            'Taken %s across, %s up the plan, %s over the floor (to about %s), seeing %.0f° across.',
            $this->reader->metres($camera->place[0]), $this->reader->metres($camera->place[1]), $this->reader->metres($camera->place[2]),
            $this->reader->metres($spread), rad2deg($camera->acrossRad()),
        );
    }
}
