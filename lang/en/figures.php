<?php

declare(strict_types=1);

return [
    'place' => ['watts' => 'Planned lamps', 'volume' => 'Volume', 'reverberation' => 'Reverberation time, speech', 'noise' => 'Noise together', 'sunrise' => 'Sunrise', 'sunset' => 'Sunset', 'solar_noon' => 'Sun highest', 'noon_altitude' => 'Sun’s altitude then', 'dark' => 'Dark from'],
    'room' => ['area' => 'Floor area', 'perimeter' => 'Around the walls', 'misclosure' => 'Closes within', 'height' => 'Ceiling'],
    'camera' => [
        'shot_size' => 'Shot size', 'on' => 'Looks onto', 'to_thing' => 'Lens to there', 'distance' => 'Lens to eyes', 'field_w' => 'Frame width there', 'field_h' => 'Frame height there', 'angle_h' => 'Angle of view, across', 'angle_v' => 'Angle of view, up',
        'effective_focal' => 'Focal length, effective', 'equivalent_focal' => '36 mm equivalent', 'near' => 'Sharp from', 'far' => 'Sharp to', 'hyperfocal' => 'Hyperfocal', 'background_distance' => 'Depth behind', 'background_blur' => 'Background blur, of width', 'blur_contrast' => 'Background blur to the ears’',
        'room_behind' => 'Room to move back', 'longest_focal' => 'Longest lens for this frame', 'perspective' => 'Nose over ears', 'gaze_h' => 'Look off the lens', 'gaze_v' => 'Lens above the eyes', 'headroom' => 'Headroom', 'looking_room' => 'Looking room', 'bearing' => 'Bearing on the plan', 'tilt' => 'Tilt',
    ],
    'pair' => ['angle' => 'Between A and B', 'size_ratio' => 'Size, A to B'],
    'face' => ['lux' => 'At the face', 't_stop' => 'Gives', 'stops_over' => 'Over the wanted stop', 'ratio' => 'Key + fill : fill', 'cheeks' => 'Cheek to cheek', 'hair' => 'On the hair', 'hair_over' => 'Hair over the face', 'seen' => 'Main light, as seen from the face', 'nose_shadow' => 'Nose’s shadow', 'room_lux' => 'Back from the room', 'kelvin' => 'Colour at the face'],
    'light' => ['distance' => 'Lamp to eyes', 'lux' => 'This lamp at the face', 'angular_size' => 'Seen from the face', 'hard_from' => 'Hard from', 'patch_width' => 'Lit patch, across', 'patch_height' => 'Lit patch, up', 'patch_lux' => 'In its middle', 'half_stop_near' => 'Half a stop more from', 'half_stop_far' => 'Half a stop less from', 'to_background' => 'Less on the background'],
    'boom' => ['distance' => 'Tip to mouth', 'nearest' => 'Nearest clear place', 'cost' => 'Cost of the distance', 'pole_needed' => 'Pole needed', 'clearance' => 'Clear of :camera'],
];
