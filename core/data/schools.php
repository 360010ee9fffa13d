<?php

declare(strict_types=1);

/*
 * Where good people differ: each question with its schools, the first the one a plan starts with. `limits` are what a school judges
 * by instead of the usual. The reasons stand in lang/en/schools.php under the same names.
 */
return [
    'gaze' => ['beside-lens' => [], 'into-lens' => []],
    'lens' => ['free' => [], 'long' => ['background_watch_m' => 1.8], 'thirty-five' => ['face_watch_m' => 1.0, 'background_watch_m' => 0.9], 'fifty' => []],
    'second-camera' => ['unlike' => [], 'forty-five' => ['angle_apart_deg' => 30.0, 'gaze_widest_deg' => 60.0], 'profile' => ['angle_apart_deg' => 50.0, 'gaze_widest_deg' => 95.0], 'same-axis' => ['angle_apart_deg' => 5.0], 'wide-to-crop' => [], 'overhead-and-side' => ['gaze_widest_deg' => 95.0]],
    'cut' => ['size-and-angle' => [], 'size-alone' => [], 'angle-alone' => []],
    'contrast' => ['shadow-to-lens' => [], 'open' => [], 'even' => [], 'balanced' => []],
    'edge-light' => ['small-and-hard' => [], 'tubes' => [], 'high-and-kicker' => [], 'window' => [], 'only-if-readable' => []],
    'first-light' => ['what-is-there' => [], 'cut-and-rebuild' => ['key_watch_stops' => 0.25], 'wait-for-dark' => []],
    'lamps' => ['three' => [], 'one' => [], 'three-to-five' => [], 'five-or-six' => [], 'ten' => []],
    'support' => ['tripod' => [], 'handheld' => ['boom_margin_m' => 0.15], 'locked' => ['boom_margin_m' => 0.04], 'slider' => ['boom_margin_m' => 0.1], 'convertible' => []],
    'kit' => ['lean' => [], 'complete' => []],
    'microphone' => ['boom-first' => [], 'boom-only' => ['boom_slack_m' => 0.05], 'body-first' => ['boom_slack_m' => 0.4]],
    'levels' => ['a-person' => [], 'wide-range' => [], 'glances' => []],
    'recorder' => ['recorder-and-feed' => [], 'recorder-if-any' => [], 'camera' => [], 'on-the-speaker' => [], 'venue-desk' => []],
    'tighter' => ['change-the-lens' => [], 'walk-in' => ['face_watch_m' => 1.0], 'zoom-in' => []],
    'hour' => ['around-noon' => [], 'after-dark' => [], 'by-luck' => ['drift_watch_stops' => 1.5]],
    'roll' => ['long' => [], 'bounded' => []],
    'haze' => ['none' => [], 'throughout' => [], 'wides-only' => [], 'off-when-dense' => []],
    'room-lamps' => ['off' => [], 'practicals' => [], 'swap-globes' => [], 'try-both' => []],
    'top-light' => ['avoid' => [], 'soft-ambience' => [], 'the-look' => []],
    'repair' => ['in-camera' => [], 'later' => ['key_watch_stops' => 0.67, 'colour_watch_mired' => 50.0, 'tint_watch_duv' => 0.008, 'background_over_stops' => 0.8], 'reverb-later' => ['echo_watch_s' => 0.5]],
    'coverage' => ['angles' => [], 'one-take' => [], 'roaming-and-safety' => []],
    'asker' => ['silent' => [], 'in-the-scene' => []],
    'preparation' => ['measured' => [], 'story-first' => [], 'trial' => ['closure_watch_m' => 0.05, 'corner_watch_m' => 0.15], 'little-by-little' => []],
    'settings' => ['manual' => [], 'touch' => []],
];
