<?php

declare(strict_types=1);

/*
 * Generic models, made up for planning: sizes typical of their class, no maker's product. A plan may change any of them.
 */
return [
    'bodies' => [
        ['id' => 'a-body', 'name' => 'A-body, 24 × 13.5 mm sensor', 'sensor_width_mm' => 24, 'sensor_height_mm' => 13.5, 'width_px' => 4096, 'height_px' => 2304],
        ['id' => 'full-body', 'name' => 'Full-frame body, 36 × 20.25 mm', 'sensor_width_mm' => 36, 'sensor_height_mm' => 20.25, 'width_px' => 3840, 'height_px' => 2160],
        ['id' => 'open-body', 'name' => 'Open-gate body, 36 × 24 mm', 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'width_px' => 6000, 'height_px' => 4000],
        ['id' => 'small-body', 'name' => 'Small body, 17.3 × 9.7 mm', 'sensor_width_mm' => 17.3, 'sensor_height_mm' => 9.7, 'width_px' => 3840, 'height_px' => 2160],
        ['id' => 'phone', 'name' => 'Phone, 9.8 × 5.5 mm', 'sensor_width_mm' => 9.8, 'sensor_height_mm' => 5.5, 'width_px' => 3840, 'height_px' => 2160],
    ],
    'lenses' => [
        ['id' => 'prime-24', 'name' => '24 mm prime', 'focal_min_mm' => 24, 'focal_max_mm' => 24, 't_min' => 1.5, 'nearest_focus_m' => 0.25, 'length_m' => 0.09, 'front_m' => 0.08],
        ['id' => 'prime-35', 'name' => '35 mm prime', 'focal_min_mm' => 35, 'focal_max_mm' => 35, 't_min' => 1.5, 'nearest_focus_m' => 0.3, 'length_m' => 0.09, 'front_m' => 0.08],
        ['id' => 'prime-50', 'name' => '50 mm prime', 'focal_min_mm' => 50, 'focal_max_mm' => 50, 't_min' => 1.5, 'nearest_focus_m' => 0.45, 'length_m' => 0.09, 'front_m' => 0.08],
        ['id' => 'prime-85', 'name' => '85 mm prime', 'focal_min_mm' => 85, 'focal_max_mm' => 85, 't_min' => 1.5, 'nearest_focus_m' => 0.85, 'length_m' => 0.1, 'front_m' => 0.085],
        ['id' => 'zoom-18-55', 'name' => '18–55 mm zoom', 'focal_min_mm' => 18, 'focal_max_mm' => 55, 't_min' => 2.9, 'nearest_focus_m' => 0.35, 'length_m' => 0.14, 'front_m' => 0.085],
        ['id' => 'zoom-24-70', 'name' => '24–70 mm zoom', 'focal_min_mm' => 24, 'focal_max_mm' => 70, 't_min' => 2.9, 'nearest_focus_m' => 0.38, 'length_m' => 0.14, 'front_m' => 0.088],
        ['id' => 'zoom-70-200', 'name' => '70–200 mm zoom', 'focal_min_mm' => 70, 'focal_max_mm' => 200, 't_min' => 2.9, 'nearest_focus_m' => 1.2, 'length_m' => 0.2, 'front_m' => 0.09],
        ['id' => 'phone-main', 'name' => 'Phone’s main lens, 6.9 mm', 'focal_min_mm' => 6.9, 'focal_max_mm' => 6.9, 't_min' => 1.8, 'nearest_focus_m' => 0.2, 'length_m' => 0.01, 'front_m' => 0.02],
    ],
    'reducers' => [
        ['id' => 'reducer-071', 'name' => '0.71× reducer', 'factor' => 0.71],
        ['id' => 'converter-14', 'name' => '1.4× converter', 'factor' => 1.4],
    ],
    'supports' => [
        ['id' => 'tripod', 'name' => 'Video tripod', 'leg_radius_m' => 0.42, 'lowest_m' => 0.55, 'highest_m' => 1.75],
        ['id' => 'small-tripod', 'name' => 'Small tripod', 'leg_radius_m' => 0.3, 'lowest_m' => 0.3, 'highest_m' => 1.45],
        ['id' => 'floor-plate', 'name' => 'Floor plate', 'leg_radius_m' => 0.2, 'lowest_m' => 0.1, 'highest_m' => 0.4],
        ['id' => 'light-stand', 'name' => 'Light stand', 'leg_radius_m' => 0.45, 'lowest_m' => 0.9, 'highest_m' => 2.6],
        ['id' => 'boom-stand', 'name' => 'Boom stand', 'leg_radius_m' => 0.4, 'lowest_m' => 1.2, 'highest_m' => 2.8],
    ],
    'fixtures' => [
        ['id' => 'soft-120', 'name' => 'Soft box 1.2 m', 'width_m' => 1.2, 'height_m' => 1.2, 'depth_m' => 0.5, 'lux_at_1m' => 2600, 'lowest_dim' => 0.02, 'watts' => 300],
        ['id' => 'soft-90', 'name' => 'Soft box 0.9 m', 'width_m' => 0.9, 'height_m' => 0.9, 'depth_m' => 0.4, 'lux_at_1m' => 2400, 'lowest_dim' => 0.02, 'watts' => 150],
        ['id' => 'panel-60', 'name' => 'Soft panel 0.6 × 0.3 m', 'width_m' => 0.6, 'height_m' => 0.3, 'depth_m' => 0.1, 'lux_at_1m' => 1500, 'lowest_dim' => 0.05, 'watts' => 60],
        ['id' => 'lantern-60', 'name' => 'Lantern 0.6 m', 'width_m' => 0.6, 'height_m' => 0.6, 'depth_m' => 0.5, 'lux_at_1m' => 900, 'lowest_dim' => 0.05, 'watts' => 60],
    ],
    'microphones' => [
        ['id' => 'short-line', 'name' => 'Short line microphone', 'length_m' => 0.25, 'diameter_m' => 0.05, 'acceptance_deg' => 35],
        ['id' => 'hyper', 'name' => 'Hypercardioid', 'length_m' => 0.15, 'diameter_m' => 0.05, 'acceptance_deg' => 50],
    ],
    'poles' => [
        ['id' => 'pole-3', 'name' => '3 m pole', 'longest_m' => 3.0],
        ['id' => 'pole-2', 'name' => '2 m pole', 'longest_m' => 2.0],
    ],
];
