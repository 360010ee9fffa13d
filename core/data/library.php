<?php

declare(strict_types=1);

/*
 * Generic models, made up for planning: sizes typical of their class, no maker's product. A plan may change any of them.
 */
return [
    'bodies' => [
        ['id' => 'a-body', 'name' => 'A-body, 24 × 13.5 mm sensor', 'sensor_width_mm' => 24, 'sensor_height_mm' => 13.5, 'width_px' => 4096, 'height_px' => 2304, 'outputs' => 2, 'modes' => [
            ['id' => 'whole', 'name' => 'whole area, to 60 a second', 'width_mm' => 24, 'height_mm' => 13.5, 'width_px' => 4096, 'height_px' => 2304, 'most_fps' => 60, 'mbps' => 240],
            ['id' => 'fast', 'name' => 'middle of it, to 120 a second', 'width_mm' => 16, 'height_mm' => 9, 'width_px' => 2732, 'height_px' => 1536, 'most_fps' => 120, 'mbps' => 240],
        ]],
        ['id' => 'full-body', 'name' => 'Full-frame body, 36 × 20.25 mm', 'sensor_width_mm' => 36, 'sensor_height_mm' => 20.25, 'width_px' => 3840, 'height_px' => 2160, 'modes' => [
            ['id' => 'whole', 'name' => 'whole area, to 30 a second', 'width_mm' => 36, 'height_mm' => 20.25, 'width_px' => 3840, 'height_px' => 2160, 'most_fps' => 30, 'limit_min' => 30, 'mbps' => 100],
            ['id' => 'crop', 'name' => 'two thirds of it, to 60 a second', 'width_mm' => 24, 'height_mm' => 13.5, 'width_px' => 3840, 'height_px' => 2160, 'most_fps' => 60, 'limit_min' => 30, 'mbps' => 200],
        ]],
        ['id' => 'open-body', 'name' => 'Open-gate body, 36 × 24 mm', 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'width_px' => 6000, 'height_px' => 4000],
        ['id' => 'small-body', 'name' => 'Small body, 17.3 × 9.7 mm', 'sensor_width_mm' => 17.3, 'sensor_height_mm' => 9.7, 'width_px' => 3840, 'height_px' => 2160],
        ['id' => 'phone', 'name' => 'Phone, 9.8 × 5.5 mm', 'sensor_width_mm' => 9.8, 'sensor_height_mm' => 5.5, 'width_px' => 3840, 'height_px' => 2160, 'outputs' => 0, 'modes' => [['id' => 'wide', 'name' => 'held sideways', 'width_mm' => 9.8, 'height_mm' => 5.5, 'width_px' => 3840, 'height_px' => 2160, 'most_fps' => 60, 'mbps' => 60]]],
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
        ['id' => 'phone-far', 'name' => 'Phone’s long lens, 21 mm', 'focal_min_mm' => 21, 'focal_max_mm' => 21, 't_min' => 2.9, 'nearest_focus_m' => 0.6, 'length_m' => 0.01, 'front_m' => 0.02],
        ['id' => 'zoom-parfocal', 'name' => '25–100 mm cine zoom', 'focal_min_mm' => 25, 'focal_max_mm' => 100, 't_min' => 3.1, 'nearest_focus_m' => 0.7, 'length_m' => 0.21, 'front_m' => 0.114, 'parfocal' => true],
        ['id' => 'macro-60', 'name' => '60 mm close-focus prime', 'focal_min_mm' => 60, 'focal_max_mm' => 60, 't_min' => 2.9, 'nearest_focus_m' => 0.19, 'length_m' => 0.1, 'front_m' => 0.06],
    ],
    'reducers' => [
        ['id' => 'reducer-071', 'name' => '0.71× reducer', 'factor' => 0.71],
        ['id' => 'converter-14', 'name' => '1.4× converter', 'factor' => 1.4],
    ],
    'supports' => [
        ['id' => 'tripod', 'name' => 'Video tripod', 'leg_radius_m' => 0.42, 'lowest_m' => 0.55, 'highest_m' => 1.75],
        ['id' => 'small-tripod', 'name' => 'Small tripod', 'leg_radius_m' => 0.3, 'lowest_m' => 0.3, 'highest_m' => 1.45],
        ['id' => 'slider-08', 'name' => 'Slider 0.8 m on two stands', 'leg_radius_m' => 0.5, 'lowest_m' => 0.4, 'highest_m' => 1.5, 'kind' => 'slider', 'rail_m' => 0.8],
        ['id' => 'gimbal', 'name' => 'Gimbal, carried', 'leg_radius_m' => 0.3, 'lowest_m' => 0.3, 'highest_m' => 1.9, 'kind' => 'gimbal'],
        ['id' => 'shoulder', 'name' => 'Shoulder rig', 'leg_radius_m' => 0.3, 'lowest_m' => 1.2, 'highest_m' => 1.75, 'kind' => 'shoulder'],
        ['id' => 'clamp', 'name' => 'Clamp with a ball head', 'leg_radius_m' => 0.05, 'lowest_m' => 0.3, 'highest_m' => 6, 'kind' => 'clamp'],
        ['id' => 'overhead-arm', 'name' => 'Overhead arm on a roller stand', 'leg_radius_m' => 0.6, 'lowest_m' => 1.2, 'highest_m' => 3, 'kind' => 'overhead arm'],
        ['id' => 'floor-plate', 'name' => 'Floor plate', 'leg_radius_m' => 0.2, 'lowest_m' => 0.1, 'highest_m' => 0.4],
        ['id' => 'light-stand', 'name' => 'Light stand', 'leg_radius_m' => 0.45, 'lowest_m' => 0.9, 'highest_m' => 2.6],
        ['id' => 'boom-stand', 'name' => 'Boom stand', 'leg_radius_m' => 0.4, 'lowest_m' => 1.2, 'highest_m' => 2.8],
    ],
    'fixtures' => [
        ['id' => 'soft-120', 'name' => 'Soft box 1.2 m', 'width_m' => 1.2, 'height_m' => 1.2, 'depth_m' => 0.5, 'lux_at_1m' => 2600, 'lowest_dim' => 0.02, 'watts' => 300],
        ['id' => 'soft-90', 'name' => 'Soft box 0.9 m', 'width_m' => 0.9, 'height_m' => 0.9, 'depth_m' => 0.4, 'lux_at_1m' => 2400, 'lowest_dim' => 0.02, 'watts' => 150],
        ['id' => 'panel-60', 'name' => 'Soft panel 0.6 × 0.3 m', 'width_m' => 0.6, 'height_m' => 0.3, 'depth_m' => 0.1, 'lux_at_1m' => 1500, 'lowest_dim' => 0.05, 'watts' => 60],
        ['id' => 'lantern-60', 'name' => 'Lantern 0.6 m', 'width_m' => 0.6, 'height_m' => 0.6, 'depth_m' => 0.5, 'lux_at_1m' => 900, 'lowest_dim' => 0.05, 'watts' => 60],
        ['id' => 'open-200', 'name' => 'Open lamp 200 W', 'width_m' => 0.12, 'height_m' => 0.12, 'depth_m' => 0.25, 'lux_at_1m' => 9000, 'lowest_dim' => 0.02, 'watts' => 200],
        ['id' => 'open-650', 'name' => 'Tungsten lamp 650 W', 'width_m' => 0.1, 'height_m' => 0.1, 'depth_m' => 0.2, 'lux_at_1m' => 6500, 'lowest_dim' => 0.2, 'watts' => 650, 'hot' => true],
        ['id' => 'eye-5', 'name' => 'Small battery lamp', 'width_m' => 0.12, 'height_m' => 0.08, 'depth_m' => 0.04, 'lux_at_1m' => 160, 'lowest_dim' => 0.05, 'watts' => 6],
        ['id' => 'projector', 'name' => 'Projector, throw 1.5', 'width_m' => 0.06, 'height_m' => 0.06, 'depth_m' => 0.35, 'lux_at_1m' => 12000, 'lowest_dim' => 0.1, 'watts' => 290, 'throw' => 1.5, 'picture_ratio' => 1.778],
        ['id' => 'tube-120', 'name' => 'Battery tube 1.2 m', 'width_m' => 1.2, 'height_m' => 0.05, 'depth_m' => 0.05, 'lux_at_1m' => 350, 'lowest_dim' => 0.02, 'watts' => 25],
    ],
    'modifiers' => [
        ['id' => 'octa-150', 'name' => 'Soft box 1.5 m', 'kind' => 'face', 'width_m' => 1.5, 'height_m' => 1.5, 'ahead_m' => 0.55, 'passes' => 0.55],
        ['id' => 'strip-30', 'name' => 'Strip 0.3 × 1.2 m', 'kind' => 'face', 'width_m' => 0.3, 'height_m' => 1.2, 'ahead_m' => 0.35, 'passes' => 0.4],
        ['id' => 'lantern-65', 'name' => 'Lantern 0.65 m', 'kind' => 'face', 'width_m' => 0.65, 'height_m' => 0.65, 'ahead_m' => 0.35, 'passes' => 0.35],
        ['id' => 'deep-90', 'name' => 'Deep parabolic 0.9 m', 'kind' => 'face', 'width_m' => 0.9, 'height_m' => 0.9, 'ahead_m' => 0.6, 'passes' => 0.7],
        ['id' => 'grid-wide', 'name' => 'Grid, to 45° aside', 'kind' => 'grid', 'angle_deg' => 90, 'passes' => 0.75],
        ['id' => 'grid-tight', 'name' => 'Grid, to 25° aside', 'kind' => 'grid', 'angle_deg' => 50, 'passes' => 0.55],
        ['id' => 'doors', 'name' => 'Barn doors, to 30° aside', 'kind' => 'barn doors', 'angle_deg' => 60, 'ahead_m' => 0.1],
        ['id' => 'lens-25', 'name' => 'Lens, 25° beam', 'kind' => 'beam', 'angle_deg' => 25, 'passes' => 0.6, 'ahead_m' => 0.15],
        ['id' => 'frame-half', 'name' => 'Half diffusion in a 1.2 m frame', 'kind' => 'diffusion frame', 'width_m' => 1.2, 'height_m' => 1.2, 'ahead_m' => 0.7, 'passes' => 0.55, 'stands' => 1],
        ['id' => 'frame-full', 'name' => 'Full diffusion in a 1.8 m frame', 'kind' => 'diffusion frame', 'width_m' => 1.8, 'height_m' => 1.8, 'ahead_m' => 1.2, 'passes' => 0.35, 'stands' => 2],
        ['id' => 'frame-sheer', 'name' => 'Sheer in a 1.2 m frame', 'kind' => 'diffusion frame', 'width_m' => 1.2, 'height_m' => 1.2, 'ahead_m' => 0.6, 'passes' => 0.7, 'stands' => 1],
        ['id' => 'board-white', 'name' => 'White board 1.2 m', 'kind' => 'bounce board', 'width_m' => 1.2, 'height_m' => 1.2, 'ahead_m' => 1.0, 'passes' => 0.8, 'stands' => 1],
        ['id' => 'board-silver', 'name' => 'Dull silver board 1.2 m', 'kind' => 'bounce board', 'width_m' => 1.2, 'height_m' => 1.2, 'ahead_m' => 1.0, 'passes' => 0.85, 'stands' => 1],
        ['id' => 'foil', 'name' => 'Bright foil board 1.2 m', 'kind' => 'bounce board', 'width_m' => 1.2, 'height_m' => 1.2, 'ahead_m' => 1.2, 'passes' => 0.9, 'stands' => 1],
        ['id' => 'muslin-bleached', 'name' => 'Bleached muslin 1.8 m', 'kind' => 'bounce board', 'width_m' => 1.8, 'height_m' => 1.8, 'ahead_m' => 1.2, 'passes' => 0.7, 'stands' => 2],
        ['id' => 'muslin-unbleached', 'name' => 'Unbleached muslin 1.8 m', 'kind' => 'bounce board', 'width_m' => 1.8, 'height_m' => 1.8, 'ahead_m' => 1.2, 'passes' => 0.6, 'mired' => 20, 'duv' => 0.001, 'stands' => 2],
        ['id' => 'gel-full-warm', 'name' => 'Full warming gel', 'kind' => 'gel or net', 'passes' => 0.55, 'mired' => 159],
        ['id' => 'gel-half-warm', 'name' => 'Half warming gel', 'kind' => 'gel or net', 'passes' => 0.7, 'mired' => 81],
        ['id' => 'gel-full-cool', 'name' => 'Full cooling gel', 'kind' => 'gel or net', 'passes' => 0.35, 'mired' => -137],
        ['id' => 'gel-half-cool', 'name' => 'Half cooling gel', 'kind' => 'gel or net', 'passes' => 0.55, 'mired' => -78],
        ['id' => 'gel-minus-green', 'name' => 'Half minus-green gel', 'kind' => 'gel or net', 'passes' => 0.75, 'duv' => -0.006],
        ['id' => 'nd-03', 'name' => 'Neutral density, one stop', 'kind' => 'gel or net', 'passes' => 0.5],
        ['id' => 'net-single', 'name' => 'Single net', 'kind' => 'gel or net', 'passes' => 0.7],
        ['id' => 'net-double', 'name' => 'Double net', 'kind' => 'gel or net', 'passes' => 0.5],
    ],
    'microphones' => [
        ['id' => 'short-line', 'name' => 'Short line microphone', 'length_m' => 0.25, 'diameter_m' => 0.05, 'acceptance_deg' => 35],
        ['id' => 'hyper', 'name' => 'Hypercardioid', 'length_m' => 0.15, 'diameter_m' => 0.05, 'acceptance_deg' => 50],
    ],
    'prompters' => [
        ['id' => 'prompter-10', 'name' => 'Prompter with a tablet', 'width_m' => 0.3, 'up_m' => 0.14, 'down_m' => 0.17, 'depth_m' => 0.28, 'letter_mm' => 12],
        ['id' => 'prompter-15', 'name' => 'Prompter with a 15-inch glass', 'width_m' => 0.4, 'up_m' => 0.19, 'down_m' => 0.22, 'depth_m' => 0.4, 'letter_mm' => 20],
    ],
    'poles' => [
        ['id' => 'pole-3', 'name' => '3 m pole', 'longest_m' => 3.0],
        ['id' => 'pole-2', 'name' => '2 m pole', 'longest_m' => 2.0],
    ],
];
