<?php

declare(strict_types=1);

/* What proposals are scored by. */
return [
    'recipes' => [
        'daylight' => 'daylight leads', 'one-lamp' => 'one lamp', 'soft-and-board' => 'soft, filled by a board', 'other-side' => 'soft, from the other side', 'soft-and-edge' => 'soft, with an edge', 'classic' => 'key, fill and edge', 'whole' => 'key, fill, edge and background', 'book-light' => 'book light', 'hard' => 'hard, through a grid', 'streaks' => 'soft, with streaks from behind',
    ],
    'asks' => [
        'light' => 'Right stop', 'shape' => 'More shape', 'even' => 'More fill', 'soft' => 'Softer', 'eyes' => 'Light in the eyes', 'edge' => 'An edge', 'window-edge' => 'An edge from the window’s side', 'less-behind' => 'Less on the background', 'more-behind' => 'More on the background', 'strongest' => 'What the strongest lamp can do',
    ],
    'exposure' => 'the wanted stop', 'shape' => 'shape of the face', 'side' => 'the side that the school wants', 'softness' => 'softness', 'background' => 'the background under the face', 'parting' => 'parted from the background', 'watched' => 'little to watch', 'lamps' => 'as many lamps as the school works with', 'faces' => 'faces alike', 'leads' => 'what is there leads', 'streaks' => 'streaks in the haze',
    'faces-seen' => 'faces turned to :camera', 'spread' => 'none behind another in :camera', 'room-around' => ':camera far enough off', 'three-quarters' => 'three quarters of the face in :camera', 'depth' => 'depth behind in :camera', 'distance' => ':camera’s distance',
    'depth-A' => 'depth behind in A', 'depth-B' => 'depth behind in B', 'perspective-A' => 'A far enough off the face', 'perspective-B' => 'B far enough off the face', 'lines-A' => 'A square or clearly at an angle to the wall', 'lines-B' => 'B square or clearly at an angle to the wall',
    'height-A' => 'A at the height of the eyes', 'height-B' => 'B at the height of the eyes', 'window' => 'a window beside the face', 'boom' => 'room for the boom over B’s frame', 'gaze' => 'the look near A’s lens', 'difference' => 'difference between the frames',
];
