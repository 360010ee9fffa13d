<?php

declare(strict_types=1);

/*
 * Sound absorption by octave band 125–4000 Hz and the share of light that comes back, by material. Rounded middle values of what
 * textbooks of room acoustics and lighting print (books differ by 0.05 and more); a measured room overrides them.
 */
return [
    'plaster' => ['name' => 'plaster on masonry', 'alpha' => [0.02, 0.02, 0.03, 0.04, 0.05, 0.05], 'light' => 0.7],
    'plasterboard' => ['name' => 'plasterboard on studs', 'alpha' => [0.29, 0.10, 0.05, 0.04, 0.07, 0.09], 'light' => 0.7],
    'stone' => ['name' => 'stone or bare brick', 'alpha' => [0.03, 0.03, 0.03, 0.04, 0.05, 0.07], 'light' => 0.35],
    'painted-brick' => ['name' => 'painted brick', 'alpha' => [0.01, 0.01, 0.02, 0.02, 0.02, 0.03], 'light' => 0.6],
    'concrete' => ['name' => 'concrete or tiles', 'alpha' => [0.01, 0.01, 0.015, 0.02, 0.02, 0.02], 'light' => 0.4],
    'glass' => ['name' => 'window glass', 'alpha' => [0.35, 0.25, 0.18, 0.12, 0.07, 0.04], 'light' => 0.1],
    'wood-floor' => ['name' => 'boards on joists', 'alpha' => [0.15, 0.11, 0.10, 0.07, 0.06, 0.07], 'light' => 0.3],
    'wood-panel' => ['name' => 'wood panelling', 'alpha' => [0.30, 0.25, 0.20, 0.17, 0.15, 0.10], 'light' => 0.3],
    'carpet' => ['name' => 'carpet on felt', 'alpha' => [0.08, 0.24, 0.57, 0.69, 0.71, 0.73], 'light' => 0.2],
    'rug' => ['name' => 'thin rug', 'alpha' => [0.02, 0.06, 0.14, 0.37, 0.60, 0.65], 'light' => 0.2],
    'curtain' => ['name' => 'heavy curtain in folds', 'alpha' => [0.14, 0.35, 0.55, 0.72, 0.70, 0.65], 'light' => 0.2],
    'black-cloth' => ['name' => 'black cloth in folds', 'alpha' => [0.10, 0.30, 0.50, 0.65, 0.65, 0.60], 'light' => 0.03],
    'books' => ['name' => 'full bookshelves', 'alpha' => [0.30, 0.40, 0.40, 0.30, 0.30, 0.20], 'light' => 0.25],
    'acoustic-tile' => ['name' => 'acoustic ceiling tiles', 'alpha' => [0.40, 0.50, 0.75, 0.90, 0.85, 0.80], 'light' => 0.75],
    'soil' => ['name' => 'earth, gravel', 'alpha' => [0.15, 0.25, 0.40, 0.55, 0.60, 0.60], 'light' => 0.15],
    'grass' => ['name' => 'grass', 'alpha' => [0.11, 0.26, 0.60, 0.69, 0.92, 0.99], 'light' => 0.2],
    'open' => ['name' => 'open air', 'alpha' => [1.0, 1.0, 1.0, 1.0, 1.0, 1.0], 'light' => 0.0],
];
