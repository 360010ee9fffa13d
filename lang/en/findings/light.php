<?php

declare(strict_types=1);

/* What the checks of light say: a sentence, and what to do. */
return [
    'key-gives-the-stop' => [
        'holds' => [':thing gives :stop at :subject’s face.', ':lux at the face; target :wanted.'],
        'day' => ['Available light gives :stop at :subject’s face.', ':lux at the face, mostly available light; target :wanted.'],
        'day-bright' => ['Available light is :off too bright: :stop at :subject’s face, target :wanted.', ':lux at the face, mostly available light. Lower the ISO, add ND, or hang a cloth over the window.'],
        'bright' => [':thing is :off too bright: :stop at :subject’s face, target :wanted.', ':lux at the face, available light included.'],
        'day-dim' => ['Available light is :off too dim: :stop at :subject’s face, target :wanted.', ':lux at the face, and no lamp on it. Add a lamp, raise the ISO, or move closer to the window.'],
        'dim' => [':thing is :off too dim: :stop at :subject’s face, target :wanted.', ':lux at the face, available light included.'],
    ],
    'face-has-shape' => [
        'holds' => [':subject’s contrast is :ratio to 1, a :pattern.', 'Fits the contrast you chose.'],
        'fails' => [':subject’s contrast is :ratio to 1, a :pattern; you want at least :least.', 'Bring the key round, dim the fill, or add negative fill on the far side.'],
        'hard' => [':subject’s contrast is :ratio to 1; you want :most at most.', 'Add fill, bounce some back, or bring the key closer to the nose line.'],
        'top' => ['The key is :angle above :subject’s eyes: the sockets go dark.', 'Lower it, or move it back: 30° to 45° keeps light in the eyes.'],
        'top-there' => ['Available light comes from :angle above :subject’s eyes: the sockets go dark.', 'Switch off the overheads, or overpower them with a lamp in front.'],
        'under' => ['The key is below :subject’s eyes.', 'Light from below looks like a fire, or a threat. Raise it.'],
    ],
    'key-is-on-its-side' => [
        'holds' => [':key lights :subject from the far side (short): shadow toward :camera.', 'That gives the face its shape.'],
        'open' => [':key lights :subject from :camera’s side (broad).', 'That is what you chose.'],
        'fails' => [':key lights :subject from :camera’s side (broad).', 'The near side is lit, so the face goes wide and flat.'],
        'alike' => [':camera sees :subject’s face lit from the same side as :first.', 'The light stays put across the cut.'],
        'other-open' => [':camera sees :subject’s lit side, :first the shadow side.', 'The face goes flat on the cut. Bring :camera to :first’s side of the eyeline, or save that cut for when you mean it.'],
        'other-short' => [':camera sees :subject’s shadow side, :first the lit side.', 'The face goes dark on the cut. Bring :camera to :first’s side of the eyeline, or fill that side.'],
        'short' => [':key leaves :camera’s side in shadow (short).', 'You chose an open (broad) face: key from the camera side.'],
    ],
    'colours-agree' => [
        'holds' => [':lamp at :kelvin matches the cameras at :white.', 'No colour cast on :subject’s skin.'],
        'day' => [':lamp on :subject’s face is :kelvin, :shift from the cameras’ :white.', 'Match the lamps, gel them, or set white balance in between. Do it on purpose, or not at all.'],
        'fails' => [':lamp at :kelvin is :shift from the cameras’ :white on :subject’s face.', 'You can’t grade two colours apart on skin. Change the lamp, or gel it.'],
    ],
    'lens-is-shaded' => [
        'holds' => [':lamp shines into no lens.', 'No lens faces it.'],
        'fails' => [':lamp shines into :camera’s lens, :off off axis.', 'It flares and lifts the blacks, in frame or out. Flag it, grid it, or turn it.'],
    ],
    'face-is-unshaded' => [
        'holds' => [':lamp reaches :subject’s face.', 'Nothing blocks it.'],
        'fails' => [':thing blocks :share of :lamp from :subject’s face.', 'It dims the face, or puts an edge across it. Move one of them.'],
    ],
    'back-light-misses-the-nose' => [
        'holds' => [':lamp lights :subject from behind, and stays off the nose.', 'It separates hair and shoulders.'],
        'fails' => [':lamp spills over :subject’s brow onto the nose.', 'A hot nose looks like a mistake. Move it further back.'],
    ],
    'hair-keeps-its-limit' => [
        'holds' => [':subject’s hair is :over :way the face.', 'Up to :limit over lifts the head off the wall.'],
        'fails' => [':lamp puts :subject’s hair :over :way the face.', 'Keep it within :limit over. Beyond that the eye goes to the edge, and fair hair clips.'],
        'day' => ['Daylight from behind puts :subject’s hair :over :way the face.', 'Keep it within :limit over. Draw the curtain part way, bring up the face, or turn the chair.'],
    ],
    'background-sits-under-the-face' => [
        'holds' => ['The :behind sits :stops under :subject’s face in :camera’s frame.', 'The eye goes to the face.'],
        'fails' => ['The :behind is :stops over :subject’s face in :camera’s frame, from :lamp.', 'The eye goes there first. Flag it, turn it, or move it away from the wall.'],
        'bright' => ['The :behind is :stops over :subject’s face in :camera’s frame.', 'The eye goes there first. Put more light on the face, or less everywhere.'],
        'dark' => ['The :behind is :stops under :subject’s face in :camera’s frame.', 'Unless you mean it, that is a black hole. A little light brings the room back.'],
    ],
    'patch-is-no-hot-spot' => [
        'holds' => [':lamp makes a :width by :height patch on the :on in :camera’s frame, :over :way :subject’s face.', 'It adds depth, and the eye stays on the face.'],
        'spread' => [':lamp washes the :on in :camera’s frame, :over :way :subject’s face.', 'It has no edge there. Bring it closer, or use barn doors.'],
        'hot' => [':lamp makes a hot spot on the :on in :camera’s frame, :over :way :subject’s face.', 'The eye goes there first. Dim it, move it back, or turn it out of frame.'],
        'washed' => [':lamp’s projection on the :on is washed out in :camera’s frame: contrast :contrast to 1.', '3 to 1 is weak. Keep the other lamps off that wall, or draw the curtains.'],
    ],
    'table-lies-between' => [
        'holds' => ['The :table reads in :camera’s frame, :table-stops :way :subject’s face.', 'Face, then table, then background.'],
        'over' => ['The :table is :table-stops over :subject’s face in :camera’s frame, from :lamp.', 'The eye goes to the table first. Flag the lamp off it, or dim it.'],
        'lost' => ['The background is :behind-stops over the :table in :camera’s frame, from :lamp.', 'The table gets lost. Less light behind, or a small lamp for the table.'],
    ],
    'subject-parts-by-light' => [
        'holds' => [':subject separates from the background in :camera’s frame by :stops.', 'There is an edge around the head.'],
        'fails' => [':subject melts into the background in :camera’s frame: :stops at most between them.', 'Take light off the background, or add a back light.'],
    ],
    'eyes-catch-light' => [
        'holds' => [':camera sees a catchlight from :light in :subject’s eyes, at :hour o’clock.', 'A catchlight brings eyes to life.'],
        'fails' => [':camera sees no catchlight in :subject’s eyes.', 'Add a small lamp near the lens, or bring the key lower and further round.'],
    ],
    'faces-agree' => [
        'holds' => [':one and :other are within :stops of each other.', 'One exposure works for both.'],
        'fails' => [':other is :stops darker than :one.', 'Move the lamp back so it falls off less, or feather it toward the far one.'],
    ],
    'tint-is-neutral' => [
        'holds' => ['The light on :subject’s face is neutral, :duv.', 'Skin looks like skin.'],
        'fails' => ['The light on :subject’s face is :tint, :duv.', 'Kelvin white balance won’t fix that. Set the lamp’s tint, gel it, or remove what reflects it.'],
    ],
    'window-keeps-its-detail' => [
        'holds' => ['The :window is :stops over a grey card in :camera’s frame.', 'The camera can hold that.'],
        'fails' => ['The :window blows out in :camera’s frame: :stops over a grey card; the camera holds :limit.', 'Hang a sheer, gel the window with ND, or shoot later.'],
    ],
    'light-is-steady' => [
        'holds' => ['Light on :subject’s face stays within :drift over the recording, sky :sky.', 'Early and late shots cut together.'],
        'fails' => ['Light on :subject’s face drifts by :drift over the recording, sky :sky; up to :limit still cuts.', 'Shoot at another hour, draw a curtain, or overpower the windows.'],
        'clouds' => ['Light on :subject’s face changes by :drift as clouds pass; up to :limit still cuts.', 'Draw a curtain, overpower the windows, or wait for one sky.'],
    ],
    'shadows-stay-out-of-frame' => [
        'holds' => ['No unwanted shadow is in frame.', 'No shadows of gear, crew or people on the walls.'],
        'meant' => [':thing’s silhouette by :lamp is in :camera’s frame.', 'It falls on the :wall, as you meant.'],
        'missed' => [':lamp’s silhouette is in no frame.', 'You want its shadow. Turn it, or frame the wall behind someone.'],
        'body' => [':thing’s own shadow by :lamp is in :camera’s frame.', 'It falls on the :wall with an edge. Move the lamp round or up, or move them off the wall. If you want it, say so on the lamp’s card.'],
        'fails' => [':lamp throws :thing’s shadow into :camera’s frame.', 'Move the lamp round or up, or move it out of the beam.'],
    ],
    'lamp-earns-its-place' => [
        'holds' => [':lamp matters: up to :share of the light where it falls.', 'You would miss it.'],
        'fails' => [':lamp changes nothing you can see: :share of the light at most.', 'Switch it off and look; then leave it in the case.'],
    ],
    'practicals-hold' => [
        'holds' => [':lamp glows in frame, :stops over a grey card.', 'The camera can hold that.'],
        'fails' => [':lamp blows out in frame: :stops over a grey card; the camera holds :limit.', 'Dim it or fit a weaker bulb, and let a lamp out of frame do its work.'],
    ],
    'hot-lamps-keep-their-distance' => [
        'holds' => [':lamp runs hot and has room.', 'Gloves, a tied-off stand, and nothing above it. The maker’s rating and the venue’s rules come first.'],
        'fails' => ['A cloth is :distance from :lamp, which runs hot.', ':least is the usual caution; the maker’s rating comes first. Heat-rated cloth only.'],
        'ceiling' => [':lamp runs hot, :distance under the ceiling.', ':least is the usual caution; the maker’s rating and the venue’s rules come first.'],
    ],
    'dimmer-is-clean' => [
        'holds' => [':lamp at :dim is within its clean range.', 'From :lowest on.'],
        'fails' => [':lamp at :dim is below its clean range (from :lowest).', 'It may flicker or shift colour there. Move it back, or add diffusion.'],
    ],
    'dark-is-waited-for' => [
        'holds' => ['It is dark during the shooting hours.', 'From :dark on all the light is yours.'],
        'fails' => ['You want to work after dark, but record from :from, in daylight.', 'It is dark from :dark. Or black out the windows.'],
    ],
    'haze-suits-the-frames' => [
        'holds' => ['Haze shows on :camera, lit by :lamp.', 'It shines toward the lens. Keep it even, air the room, and tell everyone who will breathe it.'],
        'stop-rule' => ['Haze shows on :camera, lit by :lamp; meter when to stop.', 'In clear air the background reads :behind against the face. At :dense it is too dense: stop, and air the room.'],
        'veil' => ['Haze only washes out :camera: nothing shines toward the lens.', 'Add a back light, or skip haze here.'],
        'tight' => [':camera is tight (:size): haze does nothing for it.', 'Shoot the wides first, then air the room, and check before you haze again.'],
    ],
    'haze-is-there-in-time' => [
        'holds' => ['Haze started at :from is ready at :ready.', 'Top up every :every for :for, checking the wall each time; it clears with :clears of airing. Ask whoever runs the alarms first.'],
        'open' => ['Haze takes :fill to build.', 'Then :for every :every; it clears with :clears of airing. Set the shooting hours to get a start time.'],
        'late' => ['Haze started at :from is only ready at :ready, :late after recording begins.', 'It takes :fill. Start sooner, or shoot the tight frames first.'],
        'never' => ['The haze never gets dense enough: the wall keeps :most of its contrast; you want :keeps.', 'Shut doors and vents, bring a second hazer, or settle for less.'],
    ],
    'room-lamps-are-as-chosen' => [
        'holds' => [':lamp stays on and motivates the light.', ':kelvin against :white.'],
        'burns' => [':lamp is on, and you work with room lamps off.', ':kelvin against :white on the cameras.'],
        'globe' => [':lamp needs another bulb: :shift off.', 'Use :white, and no more watts than the socket allows.'],
        'both' => ['Compare :lamp on and off before the take.', ':kelvin against :white; its number key switches it here.'],
    ],
    'walk-keeps-its-light' => [
        'holds' => [':subject stays evenly lit on the walk.', 'The face varies by :drift, the background against it by :behind.'],
        'drifts' => [':subject walks out of the light, by :drift.', 'Carry the key on a pole, or light the end of the walk like its start.'],
        'follows' => [':lamp travels along, and the face still varies by :drift.', 'The fixed lamps dominate. Hold it closer than :distance and dim it, or take down what they walk past.'],
        'behind' => ['The background varies by :behind over :subject’s walk.', 'The face keeps its exposure. Bring the end of the walk up or down, or let the change show.'],
        'boom' => [':boom and :lamp need the same spot on the walk.', 'Carry them on either side of the lens, with the boom under or behind the lamp.'],
        'leaves' => [':subject’s walk ends outside the room.', 'Nothing is measured out there; end it inside.'],
    ],
    'lamps-outside-reach-in' => [
        'holds' => [':thing outside comes in through the window.', 'Its subject sees :share of it. Bag the stand against wind, keep rain off it, and check the ground.'],
        'dark' => [':thing outside doesn’t reach its subject.', 'Only :share of it comes through a window. Move it onto the line through the glass.'],
        'shows' => [':camera sees :thing through the window.', 'Move it aside or further away, or hang a sheer.'],
    ],
    'soft-box-fits-the-room' => [
        'holds' => [':thing fits the room.', 'The softbox clears ceiling, walls and furniture.'],
        'ceiling' => [':thing is :distance into the ceiling.', 'Lower it, or use a smaller softbox.'],
        'floor' => [':thing is :distance into the floor.', 'Raise it, or use a smaller softbox.'],
        'wall' => [':thing is :distance into the :what.', 'Soft light is big: the softbox needs room.'],
        'furniture' => [':thing is :distance into the :what.', 'Move one of them.'],
    ],
    'lamp-does-as-meant' => [
        'holds' => [':lamp works as the :meant, as you meant.', ':share of the light there comes from it.'],
        'fails' => [':lamp is meant as :meant; it works as :does.', 'Move it round, set it, or call it what it is.'],
        'idle' => [':lamp is meant as :meant, but does nothing you can see.', 'Bring it closer, brighter, or round to where that lamp belongs.'],
    ],
    'key-is-motivated' => [
        'holds' => [':key matches the :source in :camera’s frame.', 'In side, height and colour.'],
        'side' => [':key lights :subject from a different side than the :source in :camera’s frame, :turn off.', 'The light looks unmotivated. Bring the key round, or keep the :source out of frame.'],
        'height' => [':key is at a different height than the :source in :camera’s frame.', 'A window or lamp in frame tells the eye how high the light is.'],
        'colour' => [':key, at :kelvin, is a different colour than the :source in :camera’s frame.', 'Match it, gel it, or change the bulb.'],
    ],
];
