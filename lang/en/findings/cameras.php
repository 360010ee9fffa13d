<?php

declare(strict_types=1);

/* What the checks of cameras say: a sentence, and what to do. */
return [
    'patterns-do-not-shimmer' => [
        'holds' => ['The :thing is drawn by :camera, :pixels pixels a repeat.', 'Wide enough apart for the sensor.'],
        'blurred' => ['The :thing is too fine for :camera to see, :pixels pixels a repeat.', 'It reads as plain, unless the lens comes nearer.'],
        'fails' => ['The :thing may shimmer in :camera’s frame: :pixels pixels a repeat.', 'Between one and four it beats with the sensor’s grid: plain clothes, or a tighter frame. Look at it on a screen at full size.'],
    ],
    'frame-is-clear' => [
        'holds' => [':camera’s frame is clear of gear and crew.', 'No stand, lamp, camera or person shows.'],
        'fails' => [':thing is in :camera’s frame, :share of it.', 'It clears the :side side of the frame :distance further.'],
        'raise' => [':thing is in :camera’s frame, :share of it.', 'It clears the top of the frame :distance higher.'],
        'lower' => [':thing is in :camera’s frame, :share of it.', 'It clears the bottom of the frame :distance lower.'],
    ],
    'frames-differ' => [
        'holds' => [':a and :b cut together: ratio :ratio, :angle apart.', 'They differ in size by :ratioLimit or more, and by more than :angleLimit of angle.'],
        'fails' => [':a and :b are alike: ratio :ratio, :angle apart.', 'A cut wants a ratio of :ratioLimit and :angleLimit between the lenses; with one of the two it may pass, with neither it jumps.'],
        'holds-size' => [':a and :b cut together by size: ratio :ratio.', 'School: size alone, :ratioLimit or more.'],
        'fails-size' => [':a and :b are too near in size: ratio :ratio.', 'School: size alone, :ratioLimit or more.'],
        'holds-angle' => [':a and :b cut together by angle: :angle apart.', 'School: angle alone, :angleLimit or more.'],
        'fails-angle' => [':a and :b are too near in angle: :angle apart.', 'School: angle alone, :angleLimit or more.'],
    ],
    'line-is-kept' => [
        'holds' => [':a and :camera are on one side of the line :one – :other.', 'Looks keep their direction across the cut.'],
        'fails' => [':camera is :distance across the line :one – :other.', 'Cut from :a, :one would seem to turn round and look the other way.'],
    ],
    'looking-room-is-ahead' => [
        'holds' => [':subject has looking room in :camera’s frame: :ahead ahead.', 'The look has somewhere to go.'],
        'fails' => [':subject’s looking room is on the wrong side in :camera’s frame: :ahead ahead.', 'The look goes to the :side of the frame, where there is less room than behind the head.'],
    ],
    'gaze-suits-the-lens' => [
        'holds' => [':subject looks :angle past :camera’s lens.', 'The look is where the chosen school has it.'],
        'too-near' => [':subject looks only :angle past :camera’s lens.', 'That reads as a missed look into the lens: seat the interviewer a little further off it.'],
        'too-wide' => [':subject looks :angle past :camera’s lens; up to :limit reads as a talk.', 'Further round, the face turns away. Seat the interviewer closer to the lens.'],
        'two' => [':subject looks at :other, :angle past :camera’s lens.', 'Two who talk to each other: up to :limit three quarters of the face are seen.'],
        'profile' => [':camera sees :subject in profile: the look at :other passes :angle off the lens.', 'Up to :limit three quarters of the face are seen. Bring :camera nearer to the line between them, past :other’s shoulder.'],
        'not-into-lens' => [':subject looks :angle past :camera’s lens.', 'The brief wants the look into the lens, within :limit: a prompter or a mirrored face in front of the lens helps.'],
    ],
    'face-keeps-its-shape' => [
        'holds' => [':camera is :distance from :subject’s face.', 'The nose is drawn :stretch larger than the ears: no one sees that.'],
        'fails' => [':camera is :distance from :subject’s face; :limit keeps its shape.', 'So close the nose is drawn :stretch larger than the ears, whatever the lens.'],
        'moving' => [':camera comes to :distance from :subject’s face at :at; :limit keeps its shape.', 'So close the nose is drawn :stretch larger than the ears, whatever the lens. Lead the way round wider.'],
    ],
    'subject-stays-in-focus' => [
        'holds' => [':subject stays sharp on :camera: :front before and :back behind the eyes.', 'That holds :sway of sway either way.'],
        'fails' => [':subject sways out of focus on :camera: sharp :front before and :back behind the eyes.', 'A sway of :sway is expected. At :stop it wants a smaller stop, or a hand on the focus.'],
    ],
    'lens-focuses-this-near' => [
        'holds' => [':camera’s lens focuses at :distance.', 'Its nearest is :limit.'],
        'fails' => [':camera’s lens cannot focus at :distance; its nearest is :limit.', 'Move back, or fit a lens that comes nearer.'],
    ],
    'camera-is-set-to-the-stop' => [
        'holds' => [':camera is set to :stop, as the light is.', 'The same light suits it.'],
        'open' => [':camera is at :stop, :off more open than the light is set for.', 'The light is set for :wanted: this camera needs density, or less gain.'],
        'closed' => [':camera is at :stop, :off less open than the light is set for.', 'The light is set for :wanted: this camera needs more gain, or more light.'],
    ],
    'reflections-are-clear' => [
        'fails' => ['The :pane shows :thing in :camera’s frame, :share of it.', 'A mirror gives back all of it. Turn it, cover it or move what it shows.'],
        'glass' => ['The :pane may show :thing in :camera’s frame, :share of it.', 'Glass gives back a part, a bright lamp most of all. A little tilt at the nail takes it away.'],
        'window' => ['The :pane may show :thing in :camera’s frame, :share of it.', 'By night it will; by day what is bright outside outshines it.'],
    ],
    'camera-is-square' => [
        'holds' => [':camera looks squarely at the :wall.', 'Its lines run level and upright.'],
        'angled' => [':camera looks at the :wall at a clear angle, :off off square.', 'Lines that clearly converge lead the eye; it is the almost square ones that look like a mistake.'],
        'fails' => [':camera is :off off square to the :wall.', 'Almost square reads as a slip. Square it, or turn it well away.'],
    ],
    'second-lies-under-first' => [
        'holds' => [':b lies under :a, clear of both frames; up to :highest it would be.', 'It looks up by :up: the face keeps its shape, and both read as one look.'],
        'fails' => [':b looks up at the face by :up; up to :limit it goes unnoticed.', 'Raise it as near under :a as both frames allow: to :highest.'],
        'meets' => [':a and :b stand in each other’s frame; :b clears at :highest, :a over it at :lowest.', 'The hood and the bodies are counted. Lower :b, raise :a, or move :b off the axis.'],
        'no-place' => ['Under :a there is no height at which :b is clear.', 'Move :b off the axis, or take it longer.'],
    ],
    'nothing-distracts' => [
        'holds' => [':subject has one face to speak to.', 'Nobody else stands within 45° of the look.'],
        'fails' => [':subject sees :who while speaking.', 'Eyes follow what moves. Hide it, or move it out of 45° of the look.'],
        'hide' => [':subject sees :who, and will speak to that instead of the lens.', 'Seat them behind a screen or well to the side: for the lens to be the only face.'],
    ],
    'prompter-can-be-read' => [
        'holds' => [':subject reads :camera’s prompter from :distance; up to :most it can be read.', 'Capitals of 20 minutes of arc are read without effort.'],
        'fails' => [':camera’s prompter is :distance away; its letters are read from up to :most.', 'Letters of :letter would do, or move it nearer.'],
        'unlooked' => [':camera has a prompter, and :subject looks elsewhere.', 'Let :subject look into that lens, or leave the glass at home: it costs a third of a stop.'],
    ],
    'eyelines-match' => [
        'holds' => [':one and :other look at one another across the cut of :a and :b.', 'Opposite ways, as far off the lens, at a like size.'],
        'fails' => [':one looks :off past :a, :other :back past :b.', 'Looks that leave the lens by different angles do not meet.'],
        'same-way' => [':one and :other look the same way in :a and :b.', 'Cut together, they look past one another: one camera is across the line.'],
        'sizes' => [':one and :other differ by :ratio in size between :a and :b.', 'Match the frames: neither of the two weighs more.'],
    ],
    'rate-is-had' => [
        'fails' => [':camera records up to :most a second this way; :rate is set.', 'Its faster way uses less of the sensor: every lens gets longer by :crop.'],
        'none' => [':camera records up to :most a second; :rate is set.', 'Another body, or another rate for all.'],
    ],
    'settings-agree' => [
        'holds' => ['All :count cameras are set alike.', 'Rate, shutter, white balance and look agree: the cut will not show which is which.'],
        'fps' => [':camera records :set, the others :others.', 'A rate cannot be put right afterwards: motion and sound run apart.'],
        'shutter_deg' => [':camera’s shutter is at :set, the others’ at :others.', 'Motion looks different from cut to cut, and nothing mends that later.'],
        'white_balance_k' => [':camera’s white is at :set, the others’ at :others.', 'Skin changes at every cut; it can be graded towards one another, never quite away.'],
        'profile' => [':camera’s look is :set, the others’ :others.', 'One of them has to be disguised in the edit.'],
    ],
    'lamps-do-not-flicker' => [
        'holds' => [':camera’s shutter of :shutter sees the lamps steady on :mains.', 'Whole pulses fit into every frame. Electronic dimmers may still beat: look through the camera.'],
        'fails' => [':camera’s shutter of :shutter may see :lamp flicker on :mains.', 'Lamps pulse at twice the mains. The nearest steady angle: :angle.'],
    ],
    'camera-outlasts-the-take' => [
        'holds' => [':camera records :limit minutes at a stretch; :take are planned.', 'It does not stop by itself before the break.'],
        'fails' => [':camera stops by itself after :limit minutes; :take are planned.', 'Whoever is at it starts it again in a pause, never all cameras at once.'],
        'alone' => [':camera stops unseen after :limit minutes; :take are planned.', 'Nobody is at it. Set an alarm, plan a break, or record in a way that has no limit.'],
    ],
    'camera-is-manual' => [
        'holds' => ['Every camera is set by hand.', 'Nothing hunts in the take.'],
        'fails' => [':camera sets :what by itself.', 'It hunts when someone leans or a cloud passes, in the best sentence.'],
        'lock' => [':camera sets :what by itself.', 'Touch the face, then lock it before the take; check again after every break.'],
    ],
    'pictures-reach-everyone' => [
        'holds' => [':who sees :camera’s picture.', 'The output is there, and the screen is near enough to judge by.'],
        'none' => [':who has no camera’s picture.', 'Name the camera whose picture they are to see.'],
        'outputs' => [':camera has :outputs picture outputs, and more are asked for.', 'Split the picture, or take it from another camera.'],
        'small' => [':who looks at the screen from :from; focus is judged from within :near.', 'Nearer, or on a larger screen: a status picture hides soft eyes.'],
        'unheard' => [':who sits :from away and cannot talk to whoever is at :camera.', 'A talk-back, or agreed hand signs.'],
    ],
    'talk-tightens' => [
        'holds' => ['The :count frames of the talk can be had, for :minutes minutes of changes.', 'Wide places the person; what is tight comes when it is deep.'],
        'no-glass' => ['“:part” wants a :size: no lens of the kit gives :focal from here.', 'Move :camera for it, or choose another size.'],
        'no-break' => ['“:part” wants other glass on :camera, and there is no break before it.', 'A change under the speaker’s eyes breaks the talk. Plan a break, or a zoom.'],
        'loosens' => ['“:part” goes deeper, and :camera gets wider.', 'It can be meant. Usually a frame tightens as the talk deepens.'],
    ],
    'walk-stays-in-frame' => [
        'holds' => [':subject stays in :camera’s frame on the walk.', 'From :nearest to :farthest before the lens.'],
        'leaves' => [':subject leaves :camera’s frame after :out of the walk.', 'Nobody turns this camera: a wider frame, an operator, or a shorter way.'],
        'soft' => [':subject walks out of what :camera holds sharp.', 'From :nearest to :farthest, sharp from :front to :back: nobody pulls its focus.'],
        'near' => [':subject comes to :nearest from :camera; its lens focuses from :focuses.', 'Let the way end sooner, or take another lens.'],
        'pull' => [':camera’s focus has to follow :subject by :pull depths of field a second.', 'More than a puller keeps up with: slower, or stopped down.'],
    ],
];
