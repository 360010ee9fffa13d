<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Measure\Unit;

/** The thresholds that checks judge by: starting points, each replaceable in the brief. */
final readonly class Limits
{
    /** name => [default, smallest, largest], SI and degrees */
    public const ALL = [
        'angle_apart_deg' => [30.0, 5.0, 180.0],
        'background_break_m' => [0.4, 0.0, 20.0],
        'background_watch_m' => [1.2, 0.0, 20.0],
        'background_over_stops' => [0.3, -3.0, 5.0],
        'boom_hold_min' => [12.0, 1.0, 240.0],
        'boom_margin_m' => [0.06, 0.0, 1.0],
        'boom_slack_m' => [0.10, 0.01, 2.0],
        'clearance_m' => [0.02, 0.0, 1.0],
        'closure_watch_m' => [0.02, 0.001, 1.0],
        'corner_watch_m' => [0.06, 0.005, 1.0],
        'face_break_m' => [0.8, 0.1, 10.0],
        'face_watch_m' => [1.2, 0.1, 10.0],
        'echo_break_s' => [2.0, 0.1, 20.0],
        'echo_watch_s' => [0.7, 0.1, 20.0],
        'gaze_widest_deg' => [25.0, 1.0, 90.0],
        'key_break_stops' => [1.0, 0.1, 10.0],
        'key_watch_stops' => [0.34, 0.1, 10.0],
        'clip_stops' => [5.5, 1.0, 12.0],
        'colour_watch_mired' => [25.0, 1.0, 500.0],
        'day_buffer_min' => [30.0, 0.0, 600.0],
        'day_hours' => [11.0, 1.0, 24.0],
        'drift_watch_stops' => [0.5, 0.05, 5.0],
        'hair_over_stops' => [1.0, -3.0, 6.0],
        'hard_under_deg' => [16.0, 1.0, 90.0],
        'lamp_power_factor' => [0.95, 0.3, 1.0],
        'lift_kg' => [20.0, 1.0, 200.0],
        'look_up_deg' => [12.0, 1.0, 60.0],
        'meal_hours' => [6.0, 1.0, 24.0],
        'noise_break_db' => [15.0, 0.0, 60.0],
        'noise_watch_db' => [25.0, 0.0, 60.0],
        'pack_usable' => [0.9, 0.3, 1.0],
        'palette_watch_de' => [20.0, 1.0, 100.0],
        'parting_watch_de' => [12.0, 1.0, 100.0],
        'pull_watch' => [1.0, 0.1, 20.0],
        'power_share' => [0.8, 0.1, 1.0],
        'rest_hours' => [11.0, 1.0, 48.0],
        'soft_over_deg' => [35.0, 2.0, 170.0],
        'square_locked_deg' => [90.0, 1.0, 90.0],
        'square_watch_deg' => [4.0, 0.0, 45.0],
        'size_ratio' => [1.6, 1.0, 10.0],
        'talk_run_min' => [45.0, 5.0, 600.0],
        'tip_safety' => [1.5, 1.0, 5.0],
        'tint_watch_duv' => [0.004, 0.0005, 0.05],
        'walk_watch_mps' => [0.8, 0.1, 5.0],
        'way_out_depth_m' => [0.9, 0.3, 5.0],
        'way_out_width_m' => [0.8, 0.3, 5.0],
        'window_watch_share' => [0.005, 0.0, 1.0],
    ];

    /** @param  array<string, float>  $changed */
    private function __construct(private array $changed, private Schools $schools)
    {
    }

    public static function read(Node $node, string $key, Schools $schools): self
    {
        $kept = [];
        $given = $node->object($key);
        foreach (self::ALL as $name => [, $least, $most]) {
            if ($given->has($name)) {
                $kept[$name] = $given->number($name, $least, $most, Unit::Count);
            }
        }
        foreach (array_keys($given->rest()) as $unknown) {
            $given->wrong(Node::escaped($unknown), 'is not a limit this version knows');
        }

        return new self($kept, $schools);
    }

    /** @param  key-of<self::ALL>  $name */
    public function get(string $name): float
    {
        return $this->changed[$name] ?? $this->schools->limit($name) ?? self::ALL[$name][0];
    }

    /** Whether a school, and nobody's own hand, has set a limit. */
    public function isOfSchool(string $name): bool
    {
        return ! isset($this->changed[$name]) && $this->schools->limit($name) !== null;
    }

    public function write(): \stdClass
    {
        return (object) $this->changed;
    }
}
