<?php

declare(strict_types=1);

return [
    'place' => ['watts' => 'Planned lamps', 'volume' => 'Volume', 'reverberation' => 'Reverberation time, speech', 'noise' => 'All noise together', 'sunrise' => 'Sunrise', 'sunset' => 'Sunset', 'solar_noon' => 'Sun highest', 'noon_altitude' => 'Sun’s altitude at noon', 'dark' => 'Dark from'],
    'room' => ['area' => 'Floor area', 'perimeter' => 'Around the walls', 'misclosure' => 'Walls close to within', 'height' => 'Ceiling height'],
    'camera' => [
        'shot_size' => 'Shot size', 'on' => 'Framed on', 'to_thing' => 'Lens to there', 'distance' => 'Lens to eyes', 'field_w' => 'Frame width there', 'field_h' => 'Frame height there', 'angle_h' => 'Angle of view, horizontal', 'angle_v' => 'Angle of view, vertical',
        'effective_focal' => 'Focal length, effective', 'equivalent_focal' => '36 mm equivalent', 'near' => 'In focus from', 'far' => 'In focus to', 'hyperfocal' => 'Hyperfocal', 'background_distance' => 'Depth behind', 'background_blur' => 'Background blur, share of width', 'blur_contrast' => 'Blur, background to ears',
        'room_behind' => 'Room to back up', 'longest_focal' => 'Longest lens for this frame', 'perspective' => 'Nose to ears, size', 'gaze_h' => 'Eyeline off the lens', 'gaze_v' => 'Lens above the eyes', 'headroom' => 'Headroom', 'looking_room' => 'Looking room', 'bearing' => 'Bearing on the plan', 'tilt' => 'Tilt',
    ],
    'pair' => ['angle' => 'Between A and B', 'size_ratio' => 'Size, A to B'],
    'face' => ['lux' => 'At the face', 't_stop' => 'Reads', 'stops_over' => 'Over the target stop', 'ratio' => 'Key + fill : fill', 'cheeks' => 'Cheek to cheek', 'hair' => 'On the hair', 'hair_over' => 'Hair over face', 'seen' => 'Main light, from the face', 'nose_shadow' => 'Nose shadow', 'room_lux' => 'Bounce from the room', 'kelvin' => 'Colour at the face'],
    'light' => ['distance' => 'Lamp to eyes', 'lux' => 'This lamp at the face', 'angular_size' => 'Size seen from the face', 'hard_from' => 'Hard beyond', 'patch_width' => 'Beam width there', 'patch_height' => 'Beam height there', 'patch_lux' => 'At beam centre', 'half_stop_near' => 'Half a stop up at', 'half_stop_far' => 'Half a stop down at', 'to_background' => 'Background below the face'],
    'boom' => ['distance' => 'Tip to mouth', 'nearest' => 'Closest clear position', 'cost' => 'Lost by distance', 'pole_needed' => 'Pole needed', 'clearance' => 'Clear of :camera'],
];
