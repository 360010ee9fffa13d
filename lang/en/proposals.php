<?php

declare(strict_types=1);

/* What proposals are scored by. */
return [
    'recipes' => [
        'daylight' => 'daylight leads', 'one-lamp' => 'one lamp', 'soft-and-board' => 'soft key, bounce board', 'other-side' => 'soft key, other side', 'soft-and-edge' => 'soft key and back light', 'classic' => 'key, fill and back light', 'whole' => 'key, fill, back light and background', 'book-light' => 'book light', 'hard' => 'hard key, gridded', 'streaks' => 'soft key, streaks from behind',
    ],
    'asks' => [
        'light' => 'Exposure on target', 'shape' => 'More shape', 'even' => 'More fill', 'soft' => 'Softer', 'eyes' => 'Light in the eyes', 'edge' => 'A back light', 'window-edge' => 'A back light on the window side', 'less-behind' => 'Darker background', 'more-behind' => 'Brighter background', 'strongest' => 'All the strongest lamp has',
    ],
    'exposure' => 'exposure on target', 'shape' => 'shape of the face', 'side' => 'key on the side you chose', 'softness' => 'softness', 'background' => 'background darker than the face', 'parting' => 'separation from the background', 'watched' => 'few things to watch', 'lamps' => 'number of lamps you chose', 'faces' => 'faces match', 'leads' => 'available light leads', 'streaks' => 'streaks in the haze',
    'faces-seen' => 'faces toward :camera', 'spread' => 'nobody hidden in :camera', 'room-around' => ':camera far enough back', 'three-quarters' => 'three-quarter faces in :camera', 'depth' => 'depth behind them in :camera', 'distance' => ':camera’s distance',
    'depth-A' => 'depth behind them in A', 'depth-B' => 'depth behind them in B', 'perspective-A' => 'A far enough from the face', 'perspective-B' => 'B far enough from the face', 'lines-A' => 'A square to the wall or clearly angled', 'lines-B' => 'B square to the wall or clearly angled',
    'height-A' => 'A at eye height', 'height-B' => 'B at eye height', 'window' => 'a window beside the face', 'boom' => 'room for the boom above B’s frame', 'gaze' => 'eyeline near A’s lens', 'difference' => 'difference between the frames',
];
