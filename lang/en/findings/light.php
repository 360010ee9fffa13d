<?php

declare(strict_types=1);

/* What the checks of light say: a sentence, and what to do. */
return [
    'key-gives-the-stop' => [
        'holds' => [':thing gives :stop at :subject’s face.', ':lux at the face; :wanted is wanted.'],
        'day' => ['The light that is there gives :stop at :subject’s face.', ':lux at the face, more of it without lamps than by them; :wanted is wanted.'],
        'day-bright' => ['The light that is there is :off too bright: :stop at :subject’s face, :wanted wanted.', ':lux at the face, more of it without lamps than by them: a lower sensitivity, a density before the lens, a cloth before the window.'],
        'bright' => [':thing is :off too bright: :stop at :subject’s face, :wanted wanted.', ':lux at the face, with the light that is there.'],
        'day-dim' => ['The light that is there is :off too dim: :stop at :subject’s face, :wanted wanted.', ':lux at the face, and no lamp on it: a lamp, a higher sensitivity, or a place nearer to the window.'],
        'dim' => [':thing is :off too dim: :stop at :subject’s face, :wanted wanted.', ':lux at the face, with the light that is there.'],
    ],
    'face-has-shape' => [
        'holds' => [':subject’s cheeks are :ratio to 1, a :pattern.', 'As the school of contrast wants it.'],
        'fails' => [':subject’s cheeks are :ratio to 1, a :pattern; :least is wanted.', 'Bring the key round, dim what fills, or hang a black cloth on the far side.'],
        'hard' => [':subject’s cheeks are :ratio to 1; up to :most is wanted.', 'Fill it, bounce some back, or bring the key nearer to the nose.'],
        'top' => ['The key stands :angle over :subject’s eyes: it hollows them.', 'Lower it, or take it farther away: from 30° to 45° the eyes have light.'],
        'top-there' => ['The light that is there comes from :angle over :subject’s eyes: it hollows them.', 'Switch off what hangs overhead, or let a lamp before the face outweigh it.'],
        'under' => ['The key comes from below :subject’s eyes.', 'Light from below looks like a fire, or like a threat. Raise it.'],
    ],
    'key-is-on-its-side' => [
        'holds' => [':key lights :subject from the far side: shadow toward :camera.', 'That is what gives a face its shape.'],
        'open' => [':key lights :subject from :camera’s side: an open face.', 'As the school has it.'],
        'fails' => [':key lights the side of :subject’s face that :camera sees.', 'The near side lies open, and the face goes wide and flat.'],
        'alike' => [':camera sees :subject’s face lit from the same side as :first.', 'Cut from one to the other, the light stays where it was.'],
        'other-open' => [':camera sees the lit side of :subject’s face, :first the shadow.', 'On the cut the face turns flat: bring :camera to :first’s side of the look, or hold the cut for where it is meant.'],
        'other-short' => [':camera sees the shadow on :subject’s face, :first the lit side.', 'On the cut the face turns dark: bring :camera to :first’s side of the look, or fill that side.'],
        'short' => [':key leaves the side toward :camera in shadow.', 'By the school of the open face the key is on the lens’s side.'],
    ],
    'colours-agree' => [
        'holds' => [':lamp at :kelvin agrees with the cameras at :white.', 'No cast on :subject’s skin.'],
        'day' => [':lamp at :subject’s face is :kelvin, :shift from the cameras’ :white.', 'Lamps set to it, gels, or a white balance between: on purpose, or not at all.'],
        'fails' => [':lamp at :kelvin is :shift from the cameras’ :white on :subject’s face.', 'Two colours on skin cannot be graded apart. Set the lamp, or gel it.'],
    ],
    'lens-is-shaded' => [
        'holds' => [':lamp shines into no lens.', 'None looks toward its face.'],
        'fails' => [':lamp shines into :camera’s lens, :off off its axis.', 'It veils the shadows, in frame or out. Flag it, grid it, or turn it away.'],
    ],
    'face-is-unshaded' => [
        'holds' => [':lamp reaches :subject’s face.', 'Nothing stands in its way.'],
        'fails' => [':thing takes :share of :lamp off :subject’s face.', 'It dims it, or lays an edge across it. Move one of the two.'],
    ],
    'back-light-misses-the-nose' => [
        'holds' => [':lamp lights :subject from behind, and stays off the nose.', 'It draws hair and shoulders.'],
        'fails' => [':lamp comes over :subject’s brow onto the nose.', 'A bright spot on the nose looks like a mistake: take it farther back.'],
    ],
    'hair-keeps-its-limit' => [
        'holds' => [':subject’s hair is :over :way the face.', 'Up to :limit over it lifts a head off the wall.'],
        'fails' => [':lamp puts :subject’s hair :over :way the face.', 'Up to :limit over is wanted: past it the eye goes to the edge, and pale hair clips.'],
        'day' => ['Daylight from behind puts :subject’s hair :over :way the face.', 'Up to :limit over is wanted: draw the curtain some way, bring up the face, or turn the chair.'],
    ],
    'background-sits-under-the-face' => [
        'holds' => ['The :behind sits :stops under :subject’s face in :camera’s frame.', 'The face is what is looked at.'],
        'fails' => ['The :behind is :stops over :subject’s face in :camera’s frame, by :lamp.', 'The eye goes there first. Flag it, turn it, or take it farther from the wall.'],
        'bright' => ['The :behind is :stops over :subject’s face in :camera’s frame.', 'The eye goes there first: more light on the face, or less on all.'],
        'dark' => ['The :behind is :stops under :subject’s face in :camera’s frame.', 'That is a black hole unless it is meant: some light on it gives the room back.'],
    ],
    'patch-is-no-hot-spot' => [
        'holds' => [':lamp draws a patch :width by :height on the :on in :camera’s frame, :over :way :subject’s face.', 'It gives the room depth, and the face stays what is looked at.'],
        'spread' => [':lamp washes the :on in :camera’s frame, :over :way :subject’s face.', 'It has no edge there: nearer, or through doors, it would draw one.'],
        'hot' => [':lamp draws a hot spot on the :on in :camera’s frame, :over :way :subject’s face.', 'The eye goes there first: dim it, take it farther off, or turn it out of the frame.'],
        'washed' => [':lamp’s picture on the :on is washed out in :camera’s frame: its white is :contrast times its black.', 'Three times is little. Keep the other lamps off that wall, or draw the curtains.'],
    ],
    'table-lies-between' => [
        'holds' => ['The :table reads in :camera’s frame, :table-stops :way :subject’s face.', 'Face, table, background, in that order.'],
        'over' => ['The :table is :table-stops over :subject’s face in :camera’s frame, by :lamp.', 'What lies on it is looked at first: flag the lamp off it, or dim it.'],
        'lost' => ['The background is :behind-stops over the :table in :camera’s frame, by :lamp.', 'What lies on the table goes unread: less light behind, or a small lamp for the table.'],
    ],
    'subject-parts-by-light' => [
        'holds' => [':subject parts from the background in :camera’s frame by :stops.', 'Somewhere around the head there is an edge.'],
        'fails' => [':subject melts into the background in :camera’s frame: :stops at most between them.', 'Less light on the background, or some on hair and shoulders.'],
    ],
    'eyes-catch-light' => [
        'holds' => [':light shows in :subject’s eyes, at :hour o’clock for :camera.', 'Eyes with a light in them live.'],
        'fails' => ['No light shows in :subject’s eyes for :camera.', 'A small lamp near the lens, or the key lower and farther round, does it.'],
    ],
    'faces-agree' => [
        'holds' => [':one and :other are within :stops of each other.', 'One exposure does for both.'],
        'fails' => [':other is :stops darker than :one.', 'A lamp farther off falls off less between them; or turn it toward the farther one.'],
    ],
    'tint-is-neutral' => [
        'holds' => ['The light on :subject’s face has no tint, :duv.', 'Skin looks like skin.'],
        'fails' => ['The light on :subject’s face is :tint, :duv.', 'A white balance in kelvins leaves that. Set the lamp’s tint, gel it, or lose what reflects it.'],
    ],
    'window-keeps-its-detail' => [
        'holds' => ['The :window is :stops over a grey card in :camera’s frame.', 'The camera holds that.'],
        'fails' => ['The :window burns out in :camera’s frame: :stops over a grey card, and it holds :limit.', 'A sheer, a density on the pane, or a later hour.'],
    ],
    'light-is-steady' => [
        'holds' => ['Light on :subject’s face stays within :drift over the recording, sky :sky.', 'Early and late frames cut.'],
        'fails' => ['Light on :subject’s face drifts by :drift over the recording, sky :sky; up to :limit cuts.', 'Another hour, a curtain, or lamps that outweigh the windows.'],
        'clouds' => ['Light on :subject’s face changes by :drift as clouds pass; up to :limit cuts.', 'Draw a curtain, or let the lamps outweigh the windows. Else wait for one sky.'],
    ],
    'shadows-stay-out-of-frame' => [
        'holds' => ['No shadow is in a frame that should not be.', 'Walls are clean of gear, crew and bodies.'],
        'meant' => [':thing’s silhouette by :lamp is in :camera’s frame.', 'It falls on the :wall, as is meant.'],
        'missed' => ['No silhouette by :lamp is in a frame.', 'Its shadows are meant: turn it, or bring the wall behind someone into a frame.'],
        'body' => [':thing’s own shadow by :lamp is in :camera’s frame.', 'It falls on the :wall with an edge: take the lamp round or up, or them off the wall. Where it is meant, say so on the lamp’s card.'],
        'fails' => [':thing throws a shadow by :lamp into :camera’s frame.', 'Move the lamp round or up, or the thing out of its beam.'],
    ],
    'lamp-earns-its-place' => [
        'holds' => [':lamp does something: up to :share of the light where it falls.', 'Off, it is missed.'],
        'fails' => [':lamp changes nothing that is seen: :share of the light at most.', 'Switch it off and look; leave it in its case.'],
    ],
    'practicals-hold' => [
        'holds' => [':lamp glows in frame, :stops over a grey card.', 'The camera holds that.'],
        'fails' => [':lamp burns out in frame: :stops over a grey card, and the camera holds :limit.', 'Dim it, or put a weaker globe or a tube in, and light the place that it seems to light by a lamp out of frame.'],
    ],
    'hot-lamps-keep-their-distance' => [
        'holds' => [':lamp burns hot, and keeps its distance.', 'Gloves, a tie on the stand, and nothing over it. Its maker’s rating and the venue’s rules go before.'],
        'fails' => ['A cloth hangs :distance before :lamp, which burns hot.', 'From :least on is the usual caution; its maker’s rating goes before. Cloth made for heat only.'],
        'ceiling' => [':lamp burns hot :distance under the ceiling.', 'From :least on is the usual caution; its maker’s rating and the venue’s rules go before.'],
    ],
    'dimmer-is-clean' => [
        'holds' => [':lamp at :dim is within its clean range.', 'From :lowest on.'],
        'fails' => [':lamp at :dim is below its clean range, from :lowest.', 'There it may flicker or shift. Take it farther away, or put a cloth before it.'],
    ],
    'dark-is-waited-for' => [
        'holds' => ['It is dark while you record.', 'From :dark on, all of the light is yours.'],
        'fails' => ['You work after dark, and record from :from, while it is light.', 'It is dark from :dark on. Else black out the windows.'],
    ],
    'haze-suits-the-frames' => [
        'holds' => ['Haze shows in :camera, by :lamp.', 'It shines toward the lens. Keep it even, air the room, and tell everyone who breathes it.'],
        'stop-rule' => ['Haze shows in :camera, by :lamp; stop it by a reading.', 'Clear, the background reads :behind against the face. At :dense it is too dense: off, and air the room.'],
        'veil' => ['Haze only veils :camera: nothing shines toward the lens.', 'Put a lamp behind, or do without haze here.'],
        'tight' => [':camera is tight, a :size: no haze for it.', 'Record the wides first, then air the room, and ask again before it is lit again.'],
    ],
    'haze-is-there-in-time' => [
        'holds' => ['Haze from :from is as dense as wanted at :ready.', 'Top it up every :every for :for, and look at the wall each time; :clears of airing take it away. Ask whoever runs the alarms first.'],
        'open' => ['Haze takes :fill to get as dense as wanted.', 'Then :for every :every; :clears of airing take it away. Say when is recorded, and it is said when to start.'],
        'late' => ['Haze from :from is as dense as wanted only at :ready, :late after recording begins.', 'It takes :fill. Start it sooner, or shoot the tight frames first.'],
        'never' => ['The haze never gets as dense as wanted: the wall keeps :most of its contrast, :keeps is wanted.', 'Shut doors and vents, bring a second hazer, or want less.'],
    ],
    'room-lamps-are-as-chosen' => [
        'holds' => [':lamp stays on, as a reason for the light.', ':kelvin against :white.'],
        'burns' => [':lamp burns, and you work with room lamps off.', ':kelvin against :white on the cameras.'],
        'globe' => [':lamp wants another globe: :shift off.', 'One of :white, and of no more watts than its socket says.'],
        'both' => [':lamp: look at it on and off before the take.', ':kelvin against :white; its number key switches it here.'],
    ],
    'walk-keeps-its-light' => [
        'holds' => [':subject keeps their light over the walk.', 'The face comes and goes by :drift, the background against it by :behind.'],
        'drifts' => [':subject walks out of their light, by :drift.', 'Let the key go along on a pole, or light the end of the way as its beginning.'],
        'follows' => [':lamp goes along, and the face still comes and goes by :drift.', 'What stays weighs too much: hold it nearer than :distance and dim it, or take down what they walk past.'],
        'behind' => ['The background comes and goes by :behind over :subject’s walk.', 'The face keeps its stop; bring the end of the way up or down, or let it be seen to change.'],
        'boom' => [':boom and :lamp fight for one place on the walk.', 'Carry them on either side of the lens, the boom under or behind the lamp.'],
        'leaves' => [':subject’s walk ends outside the room.', 'Nothing is measured there; end it inside.'],
    ],
    'lamps-outside-reach-in' => [
        'holds' => [':thing outside comes in through the window.', ':share of its face is seen from what it is turned to. Weight its stand against wind, keep rain off it, and measure the ground that it stands on.'],
        'dark' => [':thing outside does not reach what it is turned to.', ':share of its face comes in through a window. Bring it onto the line through the glass.'],
        'shows' => [':camera sees :thing through the window.', 'Move it aside or farther off, or hang a sheer.'],
    ],
    'soft-box-fits-the-room' => [
        'holds' => [':thing fits the room.', 'The box is under the ceiling, within the walls and clear of furniture.'],
        'ceiling' => [':thing is :distance into the ceiling.', 'Lower it, or take a smaller box.'],
        'floor' => [':thing is :distance into the floor.', 'Raise it, or take a smaller box.'],
        'wall' => [':thing is :distance into the :what.', 'Soft light is big: the box wants its room.'],
        'furniture' => [':thing is :distance into the :what.', 'Move one of the two.'],
    ],
    'lamp-does-as-meant' => [
        'holds' => [':lamp is the :meant, as it is meant.', ':share of the light there is its own.'],
        'fails' => [':lamp is meant as :meant; it does: :does.', 'Bring it round, set it, or call it what it is.'],
        'idle' => [':lamp is meant as :meant, and nobody sees any of it.', 'Nearer, brighter, or round to where such a lamp stands.'],
    ],
    'key-is-motivated' => [
        'holds' => [':key seems to come from the :source that :camera shows.', 'By its side, its height and its colour.'],
        'side' => [':key lights :subject from another side than the :source that :camera shows, :turn round.', 'The eye asks where the light comes from: bring the key round, or keep the :source out.'],
        'height' => [':key is at another height than the :source that :camera shows.', 'A window or a lamp in the picture says how high the light is.'],
        'colour' => [':key, at :kelvin, is of another colour than the :source that :camera shows.', 'Set it alike, gel it, or change the globe.'],
    ],
];
