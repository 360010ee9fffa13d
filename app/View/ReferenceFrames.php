<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Camera\Camera;
use FineFrame\Camera\FieldOfView;
use FineFrame\Camera\ReferenceFrame;
use FineFrame\Document\Record;
use FineFrame\Plan\SetupPlan;

/** A place's photos as reference frames: the lens on A that gives the same view, and what chosen lenses would see of each. */
final readonly class ReferenceFrames
{
    public function __construct(private SetupPlan $setup, private float $focalMm)
    {
    }

    /**
     * @return list<array{file: string, caption: string, width: int, height: int, words: string, crops: list<array{w: float, h: float}>}>
     */
    public function all(): array
    {
        return array_map(
            $this->one(...),
            array_values(array_filter($this->setup->location->list('photos'), static fn (Record $p): bool => $p->text('file') !== '')),
        );
    }

    /** @return array{file: string, caption: string, width: int, height: int, words: string, crops: list<array{w: float, h: float}>} */
    private function one(Record $photo): array
    {
        [$width, $height] = [(int) ($photo->number('width_px') ?? 4), (int) ($photo->number('height_px') ?? 3)];
        $shown = ['file' => $photo->text('file'), 'caption' => $photo->text('caption'), 'width' => $width, 'height' => $height];
        [$focal, $across] = [$photo->number('focal_mm'), $photo->number('sensor_mm')];
        $used = $this->used();
        if ($focal === null || $across === null) {
            return $shown + ['words' => 'Enter focal length and sensor width to use it as a reference frame.', 'crops' => []];
        }
        // A sensor is measured along its longer side; a photo held upright has that side up.
        $sensor = $height > $width ? $across * $width / $height : $across;
        [$w, $h] = ReferenceFrame::crop(
            $focal,
            $sensor,
            $width / $height,
            new FieldOfView($used->widthMm, $used->heightMm, $this->focalMm),
        );
        $same = ReferenceFrame::sameView($focal, $sensor, $used->widthMm);
        $bearing = $photo->number('bearing_deg');
        $crop = $w <= 1.0 && $h <= 1.0 ? [['w' => round(100 * $w, 2), 'h' => round(100 * $h, 2)]] : [];

        return $shown + [
            'words' => sprintf(
                '%sSame width as %.0f mm on A; %s',
                $bearing === null ? '' : sprintf('Looks to %.0f°. ', $bearing),
                $same,
                $crop === []
                    ? sprintf('%.0f mm sees wider than the photo.', $this->focalMm)
                    : sprintf('the outline is the %.0f mm frame.', $this->focalMm),
            ),
            'crops' => $crop,
        ];
    }

    /** What is delivered of A's sensor; of the first body where nothing is set up. */
    private function used(): FieldOfView
    {
        $camera = $this->setup->camera(0);
        if ($camera instanceof Camera) {
            return $camera->delivered;
        }
        $body = array_values($this->setup->plan->kit->bodies)[0];

        return (new FieldOfView($body->widthMm, $body->heightMm, 50.0))->croppedTo($this->setup->plan->brief->aspect());
    }
}
