<?php

declare(strict_types=1);

/*
 * The lists that people fill in: their titles, what one entry is called, a hint where one helps, and the names of their columns.
 */
return [
    'titles' => [
        'bodies' => 'Bodies', 'lenses' => 'Lenses', 'supports' => 'Supports', 'prompters' => 'Prompters', 'fixtures' => 'Lamps', 'modifiers' => 'What goes before a lamp',
        'sections' => 'Song map', 'progress' => 'Frames over the talk', 'views' => 'Who sees which picture',
        'cast' => 'Who is in it', 'deliverables' => 'What is delivered', 'days' => 'When', 'references' => 'Reference pictures', 'swatches' => 'Colours agreed on', 'tracks' => 'Track sheet', 'links' => 'Wireless links', 'occupied' => 'On the air already', 'treatments' => 'What is hung for the sound', 'claps' => 'Claps recorded on site', 'probes' => 'Where to read the light', 'walks' => 'Who walks while lit', 'colours' => 'Colours that show', 'topics' => 'What they will speak of, or play',
        'light' => 'Light readings', 'noise' => 'What makes noise', 'colour' => 'Lamps and their colour', 'circuits' => 'Breakers', 'ways' => 'The way in', 'askings' => 'Leave and people', 'hazards' => 'Hazards', 'gifts' => 'Gifts of the place', 'pouch' => 'Pouch to take along', 'photos' => 'Photos',
        'walls' => 'Walls', 'ties' => 'Distances between points', 'angles' => 'Corner angles', 'openings' => 'Doors and windows', 'built' => 'Columns, beams, platforms, stairs, rows', 'outlets' => 'Outlets', 'ceiling' => 'Sloped ceiling, by points', 'materials' => 'Materials and what they take',
    ],
    'ones' => [
        'bodies' => 'a body', 'lenses' => 'a lens', 'supports' => 'a support', 'prompters' => 'a prompter', 'fixtures' => 'a lamp', 'modifiers' => 'a modifier',
        'sections' => 'a section', 'progress' => 'a part of the talk', 'views' => 'a viewer',
        'cast' => 'a person', 'deliverables' => 'a deliverable', 'days' => 'a day', 'references' => 'a reference', 'swatches' => 'a colour', 'tracks' => 'a track', 'links' => 'a link', 'occupied' => 'a transmitter', 'treatments' => 'a cloth', 'claps' => 'a clap', 'probes' => 'a probe', 'walks' => 'a walk', 'colours' => 'a sample', 'topics' => 'a topic', 'light' => 'a light reading', 'noise' => 'a noise', 'colour' => 'a lamp', 'circuits' => 'a breaker', 'ways' => 'a door or stairs', 'askings' => 'an asking', 'hazards' => 'a hazard', 'gifts' => 'a gift', 'pouch' => 'a thing to take',
        'photos' => 'a photo', 'walls' => 'a wall', 'ties' => 'a distance', 'angles' => 'an angle', 'openings' => 'a door or window', 'built' => 'a thing', 'outlets' => 'an outlet', 'ceiling' => 'a point', 'materials' => 'a material',
    ],
    'hints' => [
        'lenses' => 'Mark what is yours: it is reached for first. Everything here is generic and may be changed.',
        'fixtures' => 'Lux one metre ahead at full power, as its maker says or as you meter it; or bring in its photometric file in Cameras, under Kit.',
        'modifiers' => 'What it lets through or gives back, 1 for all of it. A frame or board becomes the source itself, so far before the lamp; grids and doors leave so wide an angle.',
        'sections' => 'Each section by its seconds in the take; the cue sheet of the Rundown takes it over.',
        'progress' => 'Wide first, tighter as it deepens, or your own order. A change of glass wants a break before it.',
        'views' => 'One line for each person who needs a picture; the camera’s outputs are counted.',
        'light' => 'Incident, dome toward the lens, at the face. Lux, or stop, ISO and shutter.',
        'noise' => 'dB(A) where the microphone will be, at the hour you shoot. Leave the hours open if it always runs.',
        'circuits' => 'What the breaker says, and the clamp reading with everything on. Whose it is, ask; nothing beyond plugging in without licensed people.',
        'walls' => 'Walk the room with the wall at your right hand: its length, then the turn to the next, left positive, a square inner corner 90. A rounded wall: its chord, and how far it rises outward.',
        'ties' => 'Diagonals, and two distances to each column. With enough of them the turns are only a sketch.',
        'openings' => 'From the corner at which the wall begins.',
        'built' => 'Where it is drawn; two distances to it place it by the tape. What may hang from a beam is unknown until someone who may say so has said.',
        'ceiling' => 'Three points or more for each slope. Where slopes meet, the lower one is the ceiling.',
        'materials' => 'The share of sound taken at each octave, and the share of light that comes back. Middle values of textbooks: change one where you know better; removing your change brings the book’s back.',
        'pouch' => 'Tick it off at the door.',
        'treatments' => 'Hung free it takes all that it can; on a wall or a floor it only adds to what is there. Black cloth that hangs for the light counts by itself.',
        'walks' => 'From where they stand to where they go. A lamp that is carried, and their boom, go along at the same distance; all else stays.',
        'claps' => 'Bring a recording in below; or type what an app measured. It takes the place of the estimate.',
        'links' => 'The block that the device tunes over, and its steps. Locked ones stay where they are when all are coordinated.',
        'occupied' => 'From a scan on site: what is heard, from where to where. Scan again on the day.',
        'tracks' => 'One line for each way of a voice to something that records: the microphone, what it goes through, and where it ends.',
        'swatches' => 'A few that suit the place; written as #7a5c3e.',
        'colours' => 'Sampled off a photo by daylight: clothes, walls, what stands in the frame. Give stripes, checks and weaves the width of one repeat.',
        'references' => 'A look that everybody has agreed on saves an hour on the day.',
        'days' => 'The first line is what checks judge by.',
    ],
    'columns' => [
        'ahead_m' => 'before the lamp', 'passes' => 'lets through', 'mired' => 'warmer by, mired', 'angle_deg' => 'angle left, whole', 'stands' => 'stands more', 'lux_at_1m' => 'at 1 m', 'throw' => 'projector’s throw', 'watts' => 'power', 'lowest_dim' => 'dims cleanly to', 'hot' => 'burns hot',
        'own' => 'own', 'sensor_width_mm' => 'sensor across', 'sensor_height_mm' => 'sensor up', 'outputs' => 'picture outputs', 'focal_min_mm' => 'from', 'focal_max_mm' => 'to', 't_min' => 'widest T', 'nearest_focus_m' => 'focuses from', 'front_m' => 'front across', 'parfocal' => 'keeps focus when zoomed', 'leg_radius_m' => 'legs reach', 'lowest_m' => 'lowest', 'highest_m' => 'highest', 'rail_m' => 'rail', 'up_m' => 'over the axis', 'down_m' => 'under the axis', 'letter_mm' => 'capitals',
        'mains' => 'Mains',
        'shutter_deg' => 'Shutter angle', 'profile' => 'Look or profile', 'nd_stops' => 'Density, stops', 'automatic' => 'Automatic',
        'from_s' => 'from, s', 'to_s' => 'to, s', 'leads' => 'who leads', 'camera' => 'camera', 'size' => 'size', 'depth' => 'depth, 1 to 5', 'break_before' => 'a break before it', 'from_m' => 'looks from', 'screen_in' => 'screen, inches', 'talks_back' => 'can talk back',
        'alpha_125' => 'taken at 125 Hz', 'alpha_250' => '250 Hz', 'alpha_500' => '500 Hz', 'alpha_1000' => '1 kHz', 'alpha_2000' => '2 kHz', 'alpha_4000' => '4 kHz', 'light' => 'light that comes back',
        'name' => 'what', 'stature_m' => 'stature', 'used_to_cameras' => 'used to cameras', 'aspect_width' => 'across', 'aspect_height' => 'up', 'width_px' => 'pixels across', 'height_px' => 'pixels up', 'fps' => 'frames a second', 'minutes' => 'minutes', 'then' => 'what follows', 'agreed_by' => 'agreed by',
        'under' => 'under', 'lux' => 'illuminance', 't_stop' => 'or T-stop', 'iso' => 'at ISO', 'shutter_s' => 'and shutter, s', 'x_m' => 'across the plan', 'y_m' => 'up the plan', 'height_m' => 'height', 'taken_on' => 'on', 'taken_at' => 'at', 'by' => 'with',
        'material' => 'of', 'area_m2' => 'area', 'hung' => 'hung', 'range_db' => 'decay seen', 't_125' => '125 Hz, s', 't_250' => '250 Hz', 't_500' => '500 Hz', 't_1000' => '1 kHz', 't_2000' => '2 kHz', 't_4000' => '4 kHz', 'voice' => 'whose voice', 'person' => 'who', 'to_x_m' => 'to, across the plan', 'to_y_m' => 'to, up the plan', 'source' => 'microphone', 'through' => 'through', 'link' => 'which link or cable', 'recorder' => 'to', 'float' => 'float recording', 'watched_by' => 'watched by', 'carries' => 'carries', 'from_mhz' => 'tunes from, MHz', 'to_mhz' => 'to, MHz', 'step_khz' => 'in steps of, kHz', 'set_mhz' => 'set to, MHz', 'locked' => 'stays', 'level_dbm' => 'level, dBm', 'on' => 'on', 'colour' => 'colour', 'pattern_mm' => 'pattern repeats every', 'kelvin' => 'colour temperature', 'duv' => 'Duv', 'plan' => 'what to do', 'who' => 'who', 'level_dba' => 'level', 'runs_from' => 'runs from', 'runs_to' => 'to', 'can_stop' => 'can be stopped', 'settled' => 'settled',
        'breaker_a' => 'breaker', 'volts' => 'voltage', 'already_a' => 'already drawn', 'ours' => 'ours to use', 'width_m' => 'width', 'depth_m' => 'depth', 'steps' => 'steps', 'about' => 'about', 'state' => 'state', 'due' => 'by', 'done_about' => 'done about it',
        'caption' => 'caption', 'bearing_deg' => 'looking, true', 'focal_mm' => 'focal length', 'sensor_mm' => 'sensor across', 'seen' => 'Seen', 'address' => 'Address', 'contact' => 'Contact', 'in_from' => 'Load in from', 'out_by' => 'Out by', 'parking' => 'Parking', 'carry_m' => 'To carry', 'lift' => 'Lift',
        'signal' => 'Mobile signal', 'detectors' => 'Detectors', 'cost' => 'Cost', 'distance_km' => 'Distance, km', 'mood' => 'Mood, 1 to 5', 'look' => 'Look', 'notes' => 'Notes', 'spot_x_m' => 'Spot across', 'spot_y_m' => 'Spot up', 'spot_z_m' => 'Spot above the floor',
        'feeling' => 'The viewer feels', 'palette' => 'Colours', 'hands' => 'Hands in all', 'boom_hand' => 'Someone booms', 'record_width_px' => 'Recorded, pixels across', 'white_balance_k' => 'White balance', 'budget' => 'Budget for the place', 'cart_width_m' => 'Cart width', 'cart_length_m' => 'Cart length', 'case_width_m' => 'Widest case', 'case_length_m' => 'Longest case',
        'length_m' => 'length', 'turn_deg' => 'turn', 'rise_m' => 'rise of the arc', 'from' => 'from', 'to' => 'to', 'left_out' => 'left out', 'corner' => 'corner', 'inside_deg' => 'inside', 'sigma_deg' => 'sure to', 'kind' => 'kind', 'wall' => 'wall', 'offset_m' => 'from the corner', 'sill_m' => 'sill', 'head_m' => 'head', 'reveal_m' => 'reveal',
        'glazing' => 'glazing', 'curtain' => 'curtain', 'swing' => 'swing', 'way_out' => 'way out', 'base_m' => 'underside', 'may_hang' => 'may hang things', 'said_by' => 'says who', 'sockets' => 'sockets', 'circuit' => 'breaker', 'slope' => 'slope', 'shape' => 'shape', 'count' => 'how many', 'place' => 'place', 'picture' => 'picture for it', 'plays' => 'plays',
    ],
    'criteria' => [
        'mood' => 'mood and look', 'light' => 'daylight', 'sun' => 'sun on the day', 'quiet' => 'quiet', 'echo' => 'echo', 'space' => 'space', 'power' => 'power', 'access' => 'way in', 'cost' => 'cost', 'distance' => 'distance', 'open' => 'leave',
    ],
];
