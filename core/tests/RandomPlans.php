<?php

declare(strict_types=1);

namespace FineFrame\Tests;

use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Vec2;

/**
 * Plans that nobody thought of, the same ones each time, and what they look like from elsewhere: turned, mirrored, listed in another order,
 * called
 * by other names. None of that is anything that a rule may notice.
 */
final readonly class RandomPlans
{
    private const WALLS = ['near', 'right', 'far', 'left'];

    /** @param  array<string, mixed>  $document */
    private function __construct(public array $document)
    {
    }

    /** @return list<self> */
    public static function some(int $count, int $seed): array
    {
        mt_srand($seed);
        $plans = [];
        while (count($plans) < $count) {
            $plan = new self(self::one()->document());
            if ($plan->isValid()) {
                $plans[] = $plan;
            }
        }

        return $plans;
    }

    public function plan(): Plans
    {
        return Plans::of($this->document);
    }

    private function isValid(): bool
    {
        try {
            $this->plan()->setup();

            return true;
        } catch (InvalidDocument) {
            return false;
        }
    }

    private static function between(float $least, float $most): float
    {
        return round($least + ($most - $least) * mt_rand() / mt_getrandmax(), 3);
    }

    private static function one(): Plans
    {
        [$width, $depth] = [self::between(5, 9), self::between(5, 9)];
        $plan = Plans::room($width, $depth, self::between(2.4, 3.6))->window('w', self::WALLS[mt_rand(0, 3)], 1.2, self::between(0.8, 2.0));
        [$x, $y] = [self::between(1.5, $width - 1.5), self::between(2.5, $depth - 1.2)];
        $plan = mt_rand(0, 1) === 0 ? $plan->sitter('ann', $x, $y) : $plan->stander('ann', $x, $y);
        $plan = $plan->interviewer('bo', self::between(1, $width - 1), self::between(0.8, $y - 1.2))->with(
            ['subjects/ann/looks_at' => 'bo', 'metering/ambient_lux' => self::between(5, 120)],
        );
        for ($i = 0; $i < mt_rand(1, 3); $i++) {
            $plan = $plan->camera(
                "c$i",
                self::between(0.7, $width - 0.7),
                self::between(0.7, $y - 0.6),
                'ann',
                ['focal_mm' => self::between(24, 70), 'height_m' => self::between(1.0, 1.6)],
            );
        }
        for ($i = 0; $i < mt_rand(1, 3); $i++) {
            $plan = $plan->lamp(
                "l$i",
                self::between(0.8, $width - 0.8),
                self::between(0.8, $depth - 0.8),
                'ann',
                [
                    'height_m' => self::between(1.2, 2.2),
                    'dimmer' => self::between(0.05, 1),
                ] + (mt_rand(0, 2) === 0 ? ['fixture' => 'open-200'] : []),
            );
        }
        for ($i = 0; $i < mt_rand(0, 4); $i++) {
            $plan = $plan->thing(
                "t$i",
                self::between(0.6, $width - 0.6),
                self::between(0.6, $depth - 0.6),
                self::between(0.2, 1.2),
                self::between(0.2, 0.8),
                self::between(0.3, 2.0),
                ['turn_deg' => self::between(0, 360), 'keep_out' => mt_rand(0, 3) === 0],
            );
        }

        return mt_rand(0, 1) === 0 ? $plan : $plan->boom('boom', $x, $y - 0.4, 1.9);
    }

    /** A quarter turn clockwise about the room's corner, which comes to lie in the corner again. */
    public function turned(): self
    {
        $width = $this->walls()['near'];
        $document = $this->placed(
            static fn (Vec2 $p): Vec2 => new Vec2($p->y, $width - $p->x),
            static fn (float $deg): float => fmod($deg + 90, 360),
        );
        $walls = &$document['locations'][0]['space']['walls'];
        $walls[] = array_shift($walls);

        return new self($document);
    }

    /** As in a mirror that stands on the right. */
    public function mirrored(): self
    {
        $lengths = $this->walls();
        $document = $this->placed(
            static fn (Vec2 $p): Vec2 => new Vec2($lengths['near'] - $p->x, $p->y),
            static fn (float $deg): float => fmod(360 - $deg, 360),
        );
        $space = &$document['locations'][0]['space'];
        [$near, $right, $far, $left] = $space['walls'];
        $space['walls'] = [$near, $left, $far, $right];
        foreach ($space['openings'] as $i => $opening) {
            $space['openings'][$i]['offset_m'] = round($lengths[$opening['wall']] - $opening['offset_m'] - $opening['width_m'], 6);
        }

        return new self($document);
    }

    /** Furniture, lamps after the first, and walls' openings the other way round. */
    public function reordered(): self
    {
        $document = $this->document;
        $setup = &$document['setups'][0];
        $setup['furniture'] = array_reverse($setup['furniture']);
        $setup['lights'] = [$setup['lights'][0], ...array_reverse(array_slice($setup['lights'], 1))];

        return new self($document);
    }

    /** Everything by another id. */
    public function renamed(): self
    {
        $ids = [];
        foreach (['subjects', 'cameras', 'lights', 'furniture', 'microphones'] as $list) {
            array_push($ids, ...array_column($this->document['setups'][0][$list], 'id'));
        }
        $names = array_combine($ids, array_map(static fn (string $id): string => "x-$id", $ids));
        $document = $this->document;
        array_walk_recursive($document['setups'][0], static function (mixed &$value, string|int $key) use ($names): void {
            $value = in_array($key, ['id', 'subject', 'looks_at'], true) && is_string($value) ? $names[$value] ?? $value : $value;
        });

        return new self($document);
    }

    /** @return array<string, float> their lengths */
    private function walls(): array
    {
        return array_column($this->document['locations'][0]['space']['walls'], 'length_m', 'id');
    }

    /**
     * @param  \Closure(Vec2): Vec2  $to
     * @param  \Closure(float): float  $turn
     * @return array<string, mixed>
     */
    private function placed(\Closure $to, \Closure $turn): array
    {
        $document = $this->document;
        foreach (['subjects', 'cameras', 'lights', 'furniture', 'microphones'] as $list) {
            foreach ($document['setups'][0][$list] as $i => $thing) {
                foreach ([['x_m', 'y_m'], ['stand_x_m', 'stand_y_m']] as [$x, $y]) {
                    if (isset($thing[$x])) {
                        $place = $to(new Vec2($thing[$x], $thing[$y]));
                        [$thing[$x], $thing[$y]] = [round($place->x, 6), round($place->y, 6)];
                    }
                }
                foreach (['facing_deg', 'turn_deg'] as $field) {
                    if (isset($thing[$field])) {
                        $thing[$field] = $turn((float) $thing[$field]);
                    }
                }
                $document['setups'][0][$list][$i] = $thing;
            }
        }

        return $document;
    }
}
