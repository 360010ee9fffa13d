<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\AimMode;
use FineFrame\Camera\Camera;
use FineFrame\Camera\LookingSide;
use FineFrame\Geometry\Vec3;
use FineFrame\Staging\Body;

/**
 * A lens in the room: where it looks, and where a point lands in its frame. Frame coordinates run −1…1 over the
 * recorded width (right) and height (up); the delivered frame is the middle ±cropX, ±cropY of it.
 *
 * @phpstan-type P3 array{float, float, float}
 */
final readonly class LensView
{
    /** Nearer than this to the lens, nothing is drawn, metres along the axis. */
    public const NEAR_M = 0.05;

    /** The looking room grows to its full share as the gaze leaves the lens by this angle. */
    private const FULL_LEAD_RAD = 0.09;

    /** @var P3 */
    public array $eye;

    /** @var P3 */
    public array $forward;

    /** @var P3 */
    public array $right;

    /** @var P3 */
    public array $up;

    public float $tanX;

    public float $tanY;

    public float $cropX;

    public float $cropY;

    /** Cosines of the half angles: what turns a distance across the frame into one square to its side. */
    private float $slantX;

    private float $slantY;

    /** @param  array{P3, P3, P3, P3}|null  $axes  eye, forward, right and up, where they do not follow from the camera */
    private function __construct(public Camera $camera, public float $bearingRad, public float $tiltRad, ?array $axes = null)
    {
        [$sb, $cb, $st, $ct] = [sin($bearingRad), cos($bearingRad), sin($tiltRad), cos($tiltRad)];
        $pupil = $camera->pupil();
        [$this->eye, $this->forward, $this->right, $this->up] = $axes ?? [
            [$pupil->x, $pupil->y, $pupil->z],
            [$sb * $ct, $cb * $ct, $st],
            [$cb, -$sb, 0.0],
            [-$sb * $st, -$cb * $st, $ct],
        ];
        $this->tanX = tan($camera->recorded->horizontalRad() / 2);
        $this->tanY = tan($camera->recorded->verticalRad() / 2);
        [$this->slantX, $this->slantY] = [cos(atan($this->tanX)), cos(atan($this->tanY))];
        $this->cropX = $camera->delivered->widthMm / $camera->recorded->widthMm;
        $this->cropY = $camera->delivered->heightMm / $camera->recorded->heightMm;
    }

    /** Pointed as the camera's aim says: free, or with the subject's eyes where the aim puts them in the delivered frame. */
    public static function of(Camera $camera, ?Body $subject): self
    {
        $aim = $camera->placement->aim;
        if ($aim->mode === AimMode::Free || $subject === null) {
            return new self($camera, $aim->bearingRad, $aim->tiltRad);
        }
        $to = $subject->eyes->minus($camera->pupil());
        $x = 2 * $aim->lead * self::side($camera, $subject) * tan($camera->delivered->horizontalRad() / 2);
        $y = (1 - 2 * $aim->eyeLine) * tan($camera->delivered->verticalRad() / 2);
        // The ray (x, y, 1) of the lens must meet the eyes: first the tilt that gives their elevation, then the turn.
        $tilt = asin(max(-1.0, min(1.0, sqrt($x * $x + $y * $y + 1) * sin($to->elevation()) / sqrt(1 + $y * $y)))) - atan($y);
        $bearing = $to->floor()->bearing() - atan2($x, cos($tilt) - $y * sin($tilt));

        return new self($camera, $bearing, $tilt);
    }

    /** Pointed as it is. */
    public static function along(Camera $camera, float $bearingRad, float $tiltRad): self
    {
        return new self($camera, $bearingRad, $tiltRad);
    }

    /**
     * The lens's image in a plane: what it sees of a point is what this lens sees of the point's image.
     *
     * @param  P3  $normal
     * @param  float  $offM  the lens's distance before the plane
     */
    public function mirrored(array $normal, float $offM): self
    {
        $eye = [$this->eye[0] - 2 * $offM * $normal[0], $this->eye[1] - 2 * $offM * $normal[1], $this->eye[2] - 2 * $offM * $normal[2]];

        return new self(
            $this->camera,
            $this->bearingRad,
            $this->tiltRad,
            [$eye, self::flipped($this->forward, $normal), self::flipped($this->right, $normal), self::flipped($this->up, $normal)],
        );
    }

    /**
     * @param  P3  $v
     * @param  P3  $normal
     * @return P3
     */
    private static function flipped(array $v, array $normal): array
    {
        $along = 2 * ($v[0] * $normal[0] + $v[1] * $normal[1] + $v[2] * $normal[2]);

        return [$v[0] - $along * $normal[0], $v[1] - $along * $normal[1], $v[2] - $along * $normal[2]];
    }

    /** Horizontal angle from this lens to where the head points: positive when the gaze goes to frame right. */
    public static function gazeOff(Camera $camera, Body $subject): float
    {
        $toLens = $camera->placement->place->minus($subject->person->place)->unit();

        return atan2($toLens->cross($subject->face()), $toLens->dot($subject->face()));
    }

    public function forwardVector(): Vec3
    {
        return new Vec3(...$this->forward);
    }

    /**
     * A point in the lens's own axes: right, up, ahead, metres.
     *
     * @param  P3  $point
     * @return P3
     */
    public function seen(array $point): array
    {
        [$x, $y, $z] = [$point[0] - $this->eye[0], $point[1] - $this->eye[1], $point[2] - $this->eye[2]];

        return [
            $x * $this->right[0] + $y * $this->right[1],
            $x * $this->up[0] + $y * $this->up[1] + $z * $this->up[2],
            $x * $this->forward[0] + $y * $this->forward[1] + $z * $this->forward[2],
        ];
    }

    /** The same for lenses that see the same of everything. */
    public function key(): string
    {
        return pack(
            'd*',
            ...$this->eye,
            ...$this->forward,
            ...$this->right,
            ...$this->up,
            ...[$this->tanX, $this->tanY, $this->cropX, $this->cropY],
        );
    }

    /** False when a solid's sphere lies past a side of the recorded frame. */
    public function mayShow(Solid $solid): bool
    {
        [$x, $y, $z] = $this->seen($solid->centre);
        $r = $solid->radius;

        return $z > -$r
            && abs($x) * $this->slantX <= $z * $this->tanX * $this->slantX + $r
            && abs($y) * $this->slantY <= $z * $this->tanY * $this->slantY + $r;
    }

    /** @return array{float, float}|null where a point lands, or null behind the lens */
    public function place(Vec3 $point): ?array
    {
        [$x, $y, $z] = $this->seen([$point->x, $point->y, $point->z]);

        return $z < self::NEAR_M ? null : [$x / ($z * $this->tanX), $y / ($z * $this->tanY)];
    }

    /**
     * The ray through a place in the frame.
     *
     * @param  array{float, float}  $at
     * @return P3 one metre ahead of the lens
     */
    public function ray(array $at): array
    {
        [$x, $y] = [$at[0] * $this->tanX, $at[1] * $this->tanY];

        return [
            $this->forward[0] + $x * $this->right[0] + $y * $this->up[0],
            $this->forward[1] + $x * $this->right[1] + $y * $this->up[1],
            $this->forward[2] + $y * $this->up[2],
        ];
    }

    /**
     * The sides of the delivered frame as planes through the lens, unit normals inward: left, right, bottom, top.
     *
     * @return array{left: Vec3, right: Vec3, bottom: Vec3, top: Vec3}
     */
    public function sides(): array
    {
        [$tx, $ty] = [$this->tanX * $this->cropX, $this->tanY * $this->cropY];
        [$r, $u, $f] = [new Vec3(...$this->right), new Vec3(...$this->up), $this->forwardVector()];

        return [
            'left' => $r->plus($f->times($tx))->unit(),
            'right' => $f->times($tx)->minus($r)->unit(),
            'bottom' => $u->plus($f->times($ty))->unit(),
            'top' => $f->times($ty)->minus($u)->unit(),
        ];
    }

    /** Metres along the axis to somebody's eyes, as a camera is aimed: what field size goes by. */
    public static function depthOf(Camera $camera, Body $body): float
    {
        return max(0.01, self::of($camera, $body)->depth($body->eyes));
    }

    /** Metres along the axis, which is what focus and field size go by. */
    public function depth(Vec3 $point): float
    {
        return $this->seen([$point->x, $point->y, $point->z])[2];
    }

    private static function side(Camera $camera, Body $subject): float
    {
        $off = self::gazeOff($camera, $subject);

        return match ($camera->placement->aim->side) {
            LookingSide::Ahead => -max(-1.0, min(1.0, $off / self::FULL_LEAD_RAD)),
            LookingSide::Left => 1.0,
            LookingSide::Right => -1.0,
            LookingSide::Centred => 0.0,
        };
    }
}
