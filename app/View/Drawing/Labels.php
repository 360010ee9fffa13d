<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** Puts each label beside its thing where it covers no other label and no thing. */
final class Labels
{
    /** How much of its own size words lie back from their place: those before it wholly, those over it by half. */
    private const BACK = [-1.0, -0.5, 0.0];

    /** Boxes are found by cells so wide, drawing units. */
    private const CELL = 100.0;

    /**
     * @var array<string, list<array{float, float, float, float, int}>> taken boxes by the cells that they lie in: left, top, right, bottom,
     *     which
     */
    private array $taken = [];

    private int $count = 0;

    public function __construct(private readonly float $text, private readonly Sheet $sheet)
    {
    }

    /** About as wide as the words come out in the page's face. */
    public static function width(string $words, float $text): float
    {
        return mb_strlen($words) * $text * 0.5;
    }

    public function keepClear(float $x, float $y, float $across, ?float $up = null): void
    {
        $up ??= $across;
        $this->take($x - $across, $y - $up, $x + $across, $y + $up);
    }

    /** @return array{float, float} the left end of the label's base line */
    public function place(float $x, float $y, float $across, string $words, ?float $up = null): array
    {
        $up ??= $across;
        [$w, $h] = [self::width($words, $this->text), $this->text];
        $best = [INF, 0.0, 0.0];
        foreach ([1.0, 1.35, 1.8] as $far) {
            // Farther off costs more than this already.
            if ($best[0] <= $far) {
                break;
            }
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [0.8, 0.8], [-0.8, 0.8], [0.8, -0.8], [-0.8, -0.8]] as [$dx, $dy]) {
                $left = $x + $dx * $far * ($across + 4) + self::BACK[1 + ($dx <=> 0)] * $w;
                $top = $y + $dy * $far * ($up + 3) + self::BACK[1 + ($dy <=> 0)] * $h;
                $cost = $this->cost($left, $top, $left + $w, $top + $h) + $far;
                $best = $cost < $best[0] ? [$cost, $left, $top] : $best;
            }
        }
        $this->take($best[1], $best[2], $best[1] + $w, $best[2] + $h);

        return [round($best[1], 1), round($best[2] + 0.8 * $h, 1)];
    }

    private function cost(float $left, float $top, float $right, float $bottom): float
    {
        [$cost, $counted] = [0.0, []];
        foreach (self::cells($left, $top, $right, $bottom) as $cell) {
            foreach ($this->taken[$cell] ?? [] as [$l, $t, $r, $b, $which]) {
                if (! isset($counted[$which]) && $l < $right && $r > $left && $t < $bottom && $b > $top) {
                    $counted[$which] = true;
                    $cost += (min($right, $r) - max($left, $l)) * (min($bottom, $b) - max($top, $t));
                }
            }
        }
        $outside = max(0.0, $this->sheet->left - $left) + max(0.0, $right - $this->sheet->left - $this->sheet->width);

        return $cost + 1000 * $outside;
    }

    private function take(float $left, float $top, float $right, float $bottom): void
    {
        $this->count++;
        foreach (self::cells($left, $top, $right, $bottom) as $cell) {
            $this->taken[$cell][] = [$left, $top, $right, $bottom, $this->count];
        }
    }

    /** @return list<string> */
    private static function cells(float $left, float $top, float $right, float $bottom): array
    {
        $cells = [];
        for ($x = (int) floor($left / self::CELL); $x <= (int) floor($right / self::CELL); $x++) {
            for ($y = (int) floor($top / self::CELL); $y <= (int) floor($bottom / self::CELL); $y++) {
                $cells[] = "$x $y";
            }
        }

        return $cells;
    }
}
