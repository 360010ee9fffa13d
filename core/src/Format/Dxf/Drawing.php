<?php

declare(strict_types=1);

namespace FineFrame\Format\Dxf;

use FineFrame\Format\UnreadableFile;
use FineFrame\Geometry\Vec2;

/**
 * The lines of an ASCII DXF in model space, as its entities draw them: LINE, POLYLINE, LWPOLYLINE and ARC, bulges as short chords, blocks
 * where they
 * are inserted. Paper space is a sheet about the room and no part of it. What cannot be read is named once something needs it.
 *
 * @internal
 */
final class Drawing
{
    /** $INSUNITS: metres in a drawing unit (Autodesk, DXF reference, HEADER). */
    private const UNITS = [
        1 => 0.0254,
        2 => 0.3048,
        3 => 1609.344,
        4 => 0.001,
        5 => 0.01,
        6 => 1.0,
        7 => 1000.0,
        8 => 2.54e-8,
        9 => 2.54e-5,
        10 => 0.9144,
        13 => 1e-6,
        14 => 0.1,
        15 => 10.0,
        16 => 100.0,
        21 => 1200 / 3937, 22 => 100 / 3937, 23 => 3600 / 3937,
    ];

    /** What begins or ends a part of the file and draws nothing. */
    private const STRUCTURE = ['SECTION', 'ENDSEC', 'BLOCK', 'ENDBLK', 'SEQEND', 'EOF', 'VERTEX'];

    /** What draws lines that are not read. */
    private const UNREAD = ['SPLINE', 'ELLIPSE', 'MLINE', '3DFACE', 'SOLID', 'HATCH'];

    private const DEEPEST = 8;

    /** A drawing with more of them is no room. */
    private const MOST = 60_000;

    /** @var array<string, list<Entity>> by block; model space under the empty name */
    private array $blocks = [];

    private float $metresAUnit;

    private string $section = '';

    private string $block = '';

    private ?Entity $entity = null;

    private int $count = 0;

    /** @var array<string, string> what could not be read, by layer */
    private array $unread = [];

    private function __construct(float $metresAUnit)
    {
        $this->metresAUnit = $metresAUnit;
    }

    /** @throws UnreadableFile if it is none, its units are not known, or it holds too much */
    public static function read(string $dxf, float $metresAUnit): self
    {
        if (! (str_contains($dxf, 'ENTITIES') && substr_count($dxf, "\n") + substr_count($dxf, "\r") > 8)) {
            throw UnreadableFile::without(
                'drawing that can be read: save it as ASCII DXF, R12',
            );
        }
        $drawing = new self($metresAUnit);
        $names = '';
        foreach (self::pairs($dxf) as [$code, $value]) {
            if ($code === 0) {
                $drawing->begin($value);
                $names = in_array($value, ['SECTION', 'BLOCK'], true) ? $value : '';
            } elseif ($names === 'SECTION' && $code === 2) {
                [$drawing->section, $drawing->block, $names] = [$value, '', ''];
            } elseif ($names === 'BLOCK' && $code === 2) {
                [$drawing->block, $names] = [$value, ''];
            } elseif ($code === 9) {
                $names = $value;
            } elseif ($names === '$INSUNITS' && $code === 70) {
                [$drawing->metresAUnit, $names] = [self::unit((int) $value) ?? $metresAUnit, ''];
            } else {
                $drawing->entity?->feed($code, $value);
            }
        }
        $drawing->keep();

        return $drawing;
    }

    /**
     * @return list<array{string, list<Vec2>, bool}> layer, points in metres, whether closed
     *
     * @throws UnreadableFile if blocks hold each other, or too much
     */
    public function paths(): array
    {
        $this->count = 0;

        return $this->placed('', fn (Vec2 $p): Vec2 => $p->times($this->metresAUnit), '', 0);
    }

    /** @return string|null the kind of something on such a layer that could not be read */
    public function unread(string $word): ?string
    {
        foreach ($this->unread as $layer => $kind) {
            if (str_contains($layer, $word)) {
                return $kind;
            }
        }

        return null;
    }

    /** @return float|null metres; null where the drawing leaves it open */
    private static function unit(int $code): ?float
    {
        return $code === 0
            ? null
            : self::UNITS[$code] ?? throw UnreadableFile::saying(
                "The drawing’s unit, $code in its header, is not one that a room is drawn in: save it in metres, millimetres, feet or inches.",
            );
    }

    private function begin(string $kind): void
    {
        if ($kind === 'VERTEX' && $this->entity?->kind === 'POLYLINE') {
            $this->entity->hasVertices = true;

            return;
        }
        $this->keep();
        $this->block = in_array($kind, ['ENDBLK', 'ENDSEC'], true) ? '' : $this->block;
        if (in_array($this->section, ['ENTITIES', 'BLOCKS'], true) && ! in_array($kind, self::STRUCTURE, true)) {
            $this->entity = new Entity($kind);
        }
    }

    private function keep(): void
    {
        if ($this->entity !== null) {
            $this->blocks[$this->block][] = $this->entity;
            $this->counted();
        }
        $this->entity = null;
    }

    private function counted(): void
    {
        if (++$this->count > self::MOST) {
            throw UnreadableFile::saying(
                'The drawing holds more than '.number_format(self::MOST).' lines: save the walls alone.',
            );
        }
    }

    /**
     * @param  \Closure(Vec2): Vec2  $to
     * @return list<array{string, list<Vec2>, bool}>
     */
    private function placed(string $block, \Closure $to, string $layer, int $deep): array
    {
        if ($deep > self::DEEPEST) {
            throw UnreadableFile::saying(
                "The drawing’s block “{$block}” holds blocks more than ".self::DEEPEST.' deep: explode them first.',
            );
        }
        $paths = [];
        foreach ($this->blocks[$block] ?? [] as $entity) {
            // In a block, layer 0 is the layer of its insert.
            $on = $entity->layer === '0' && $layer !== '' ? $layer : $entity->layer;
            if ($entity->isOnPaper) {
                continue;
            }
            if ($entity->kind === 'INSERT') {
                if (max($entity->columns, $entity->rows) > 1) {
                    throw UnreadableFile::saying(
                        "The drawing inserts the block “{$entity->name}” in rows and columns: explode it first.",
                    );
                }
                array_push($paths, ...$this->placed($entity->name, static fn (Vec2 $p): Vec2 => $to($entity->placed($p)), $on, $deep + 1));

                continue;
            }
            $points = $entity->line();
            if (count($points) >= 2) {
                $this->counted();
                $paths[] = [$on, array_map($to, $points), $entity->isClosed];
            } elseif (in_array($entity->kind, self::UNREAD, true)) {
                $this->unread[$on] ??= $entity->kind;
            }
        }

        return $paths;
    }

    /** @return \Generator<array{int, string}> group codes with their values */
    private static function pairs(string $dxf): \Generator
    {
        [$at, $end, $code] = [0, strlen($dxf), null];
        while ($at < $end) {
            $long = strcspn($dxf, "\r\n", $at);
            $line = trim(substr($dxf, $at, $long));
            $at += $long + (substr($dxf, $at + $long, 2) === "\r\n" ? 2 : 1);
            if ($code === null) {
                $code = (int) $line;
            } else {
                yield [$code, $line];
                $code = null;
            }
        }
    }
}
