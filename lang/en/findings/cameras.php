<?php

declare(strict_types=1);

/* What the checks of cameras say: a sentence, and what to do. */
return [
    'patterns-do-not-shimmer' => [
        'holds' => [':camera resolves the :thing: :pixels pixels a repeat.', 'Coarse enough for the sensor.'],
        'blurred' => ['The :thing is too fine for :camera to see, :pixels pixels a repeat.', 'It reads as plain unless the lens moves closer.'],
        'fails' => ['The :thing may shimmer in :camera’s frame: :pixels pixels a repeat.', 'Between one and four it can moiré: plain clothes, or a tighter frame. Check on a screen at full size.'],
    ],
    'frame-is-clear' => [
        'holds' => [':camera’s frame is clear of gear and crew.', 'No stand, lamp, camera or person shows.'],
        'fails' => [':thing is in :camera’s frame (:share).', 'It is :distance inside the :side edge.'],
        'raise' => [':thing is in :camera’s frame (:share).', 'Raise it :distance to clear the top.'],
        'lower' => [':thing is in :camera’s frame (:share).', 'Lower it :distance to clear the bottom.'],
    ],
    'frames-differ' => [
        'holds' => [':a and :b cut together: ratio :ratio, :angle apart.', 'They differ by at least :ratioLimit in size and :angleLimit in angle.'],
        'fails' => [':a and :b are alike: ratio :ratio, :angle apart.', 'A clean cut needs a size ratio of :ratioLimit and :angleLimit between the lenses. One of them may do; with neither it jumps.'],
        'holds-size' => [':a and :b cut together by size: ratio :ratio.', 'You chose size alone: :ratioLimit or more.'],
        'fails-size' => [':a and :b are too close in size: ratio :ratio.', 'You chose size alone: :ratioLimit or more.'],
        'holds-angle' => [':a and :b cut together by angle: :angle apart.', 'You chose angle alone: :angleLimit or more.'],
        'fails-angle' => [':a and :b are too close in angle: :angle apart.', 'You chose angle alone: :angleLimit or more.'],
    ],
    'line-is-kept' => [
        'holds' => [':a and :camera are on one side of the line :one – :other.', 'Eyelines keep their direction across the cut.'],
        'fails' => [':camera is :distance across the line :one – :other.', 'On a cut from :a, :one seems to flip and look the other way.'],
    ],
    'looking-room-is-ahead' => [
        'holds' => [':subject has looking room in :camera’s frame: :ahead ahead.', 'The eyeline has somewhere to go.'],
        'fails' => [':subject’s looking room is on the wrong side in :camera’s frame: :ahead ahead.', 'They look to frame :side, where there is less room than behind the head.'],
    ],
    'gaze-suits-the-lens' => [
        'holds' => [':subject looks :angle past :camera’s lens.', 'The eyeline is where you want it.'],
        'too-near' => [':subject looks only :angle past :camera’s lens.', 'It reads as a missed look into the lens. Seat the interviewer a little further from it.'],
        'too-wide' => [':subject looks :angle past :camera’s lens; keep it within :limit.', 'Further off, the face turns away. Seat the interviewer closer to the lens.'],
        'two' => [':subject looks at :other, :angle past :camera’s lens.', 'Two people talking: within :limit you keep a three-quarter face.'],
        'profile' => [':camera has :subject in profile: the eyeline to :other is :angle off the lens.', 'Within :limit you keep a three-quarter face. Bring :camera closer to the line between them, over :other’s shoulder.'],
        'not-into-lens' => [':subject looks :angle past :camera’s lens.', 'The brief wants the look into the lens, within :limit. A prompter or a mirrored face in front of the lens helps.'],
    ],
    'face-keeps-its-shape' => [
        'holds' => [':camera is :distance from :subject’s face.', 'The nose comes out :stretch larger than the ears: invisible.'],
        'fails' => [':camera is :distance from :subject’s face; keep at least :limit.', 'This close the nose comes out :stretch larger than the ears, whatever the lens.'],
        'moving' => [':camera comes within :distance of :subject’s face at :at; keep at least :limit.', 'This close the nose comes out :stretch larger than the ears, whatever the lens. Take the move wider.'],
    ],
    'subject-stays-in-focus' => [
        'holds' => [':subject stays sharp on :camera: :front in front of the eyes, :back behind.', 'That covers :sway of sway either way.'],
        'fails' => [':subject can sway out of focus on :camera: sharp :front in front of the eyes, :back behind.', 'Expect :sway of sway. At :stop: stop down, or put someone on focus.'],
    ],
    'lens-focuses-this-near' => [
        'holds' => [':camera’s lens can focus at :distance.', 'Its closest focus is :limit.'],
        'fails' => [':camera’s lens can’t focus at :distance; its closest focus is :limit.', 'Move back, or use a lens that focuses closer.'],
    ],
    'camera-is-set-to-the-stop' => [
        'holds' => [':camera is set to :stop, matching the light.', 'The same light works for it.'],
        'open' => [':camera is at :stop, :off too open for the light.', 'The light is set for :wanted: add ND or drop the gain on this camera.'],
        'closed' => [':camera is at :stop, :off too closed for the light.', 'The light is set for :wanted: raise the gain on this camera, or add light.'],
    ],
    'reflections-are-clear' => [
        'fails' => ['The :pane reflects :thing in :camera’s frame (:share).', 'A mirror reflects everything. Turn it, cover it, or move what it shows.'],
        'glass' => ['The :pane may reflect :thing in :camera’s frame (:share).', 'Glass reflects some of it, bright lamps most of all. A slight tilt takes it away.'],
        'window' => ['The :pane may reflect :thing in :camera’s frame (:share).', 'At night it will; by day the bright outside hides it.'],
    ],
    'camera-is-square' => [
        'holds' => [':camera is square to the :wall.', 'Lines run level and upright.'],
        'angled' => [':camera is at a clear angle to the :wall, :off off square.', 'Clearly converging lines lead the eye; almost square looks like a mistake.'],
        'fails' => [':camera is :off off square to the :wall.', 'Almost square reads as a mistake. Square it up, or turn it well away.'],
    ],
    'second-lies-under-first' => [
        'holds' => [':b sits under :a, clear of both frames (up to :highest).', 'It looks up by :up: the face keeps its shape, and both read as one eyeline.'],
        'fails' => [':b looks up at the face by :up; within :limit no one notices.', 'Raise it as close under :a as both frames allow: to :highest.'],
        'meets' => [':a and :b are in each other’s frames; :b clears at :highest, :a above it at :lowest.', 'Hoods and bodies included. Lower :b, raise :a, or move :b off the axis.'],
        'no-place' => ['There is no height under :a where :b is clear.', 'Move :b off the axis, or use a longer lens.'],
    ],
    'nothing-distracts' => [
        'holds' => [':subject has one face to talk to.', 'No one else is within 45° of the eyeline.'],
        'fails' => [':subject can see :who while talking.', 'Eyes follow movement. Hide it, or move it beyond 45° of the eyeline.'],
        'hide' => [':subject can see :who and will talk to them instead of the lens.', 'Put them behind a screen or well to the side, so the lens is the only face.'],
    ],
    'prompter-can-be-read' => [
        'holds' => [':subject reads :camera’s prompter from :distance; it is legible up to :most.', 'Capitals of 20 minutes of arc read without effort.'],
        'fails' => [':camera’s prompter is :distance away; its letters are legible up to :most.', 'Use :letter letters, or move it closer.'],
        'unlooked' => [':camera has a prompter, but :subject looks elsewhere.', 'Let :subject look into that lens, or leave the prompter out: its glass costs a third of a stop.'],
    ],
    'eyelines-match' => [
        'holds' => [':one and :other look at each other across the cut between :a and :b.', 'Opposite directions, equally far off the lens, at similar sizes.'],
        'fails' => [':one looks :off past :a, :other :back past :b.', 'Eyelines at different angles off the lens don’t meet.'],
        'same-way' => [':one and :other look the same way in :a and :b.', 'Cut together they look past each other: one camera is across the line.'],
        'sizes' => [':one and :other differ by :ratio in size between :a and :b.', 'Match the frames, so neither dominates.'],
    ],
    'rate-is-had' => [
        'fails' => [':camera records up to :most fps in this mode; :rate is set.', 'Its high-speed mode crops the sensor: every lens gets tighter by :crop.'],
        'none' => [':camera records up to :most fps; :rate is set.', 'Use another body, or another frame rate for all.'],
    ],
    'settings-agree' => [
        'holds' => ['All :count cameras match.', 'Frame rate, shutter, white balance and look match: the cut won’t show which is which.'],
        'fps' => [':camera records :set, the others :others.', 'You can’t fix frame rate later: motion and sound drift apart.'],
        'shutter_deg' => [':camera’s shutter is :set, the others’ :others.', 'Motion looks different on every cut, and you can’t fix it later.'],
        'white_balance_k' => [':camera’s white balance is :set, the others’ :others.', 'Skin shifts on every cut; grading gets close, never all the way.'],
        'profile' => [':camera’s look is :set, the others’ :others.', 'You will have to match one of them in the grade.'],
    ],
    'lamps-do-not-flicker' => [
        'holds' => [':camera’s :shutter shutter is flicker-free on :mains.', 'Whole pulses fit every frame. Electronic dimmers may still flicker: look through the camera.'],
        'fails' => [':lamp may flicker at :camera’s :shutter shutter on :mains.', 'Lamps pulse at twice the mains frequency. Nearest flicker-free angle: :angle.'],
    ],
    'camera-outlasts-the-take' => [
        'holds' => [':camera records :limit minutes in one go; the take is :take.', 'It won’t stop by itself before the break.'],
        'fails' => [':camera stops by itself after :limit minutes; the take is :take.', 'Restart it in a pause, never all cameras at once.'],
        'alone' => [':camera stops unattended after :limit minutes; the take is :take.', 'No one is on it. Set an alarm, plan a break, or use a mode with no limit.'],
    ],
    'camera-is-manual' => [
        'holds' => ['Every camera is on manual.', 'Nothing hunts during the take.'],
        'fails' => [':camera is on automatic :what.', 'It will hunt when someone leans or a cloud passes, in the best answer.'],
        'lock' => [':camera is on automatic :what.', 'Set it on the face and lock it before the take; check after every break.'],
    ],
    'pictures-reach-everyone' => [
        'holds' => [':who sees :camera’s picture.', 'There is an output, and the screen is close enough to judge.'],
        'none' => [':who has no camera to watch.', 'Choose the camera they should see.'],
        'outputs' => [':camera has :outputs video outputs; you need more.', 'Split the signal, or feed from another camera.'],
        'small' => [':who watches the screen from :from; to judge focus be within :near.', 'Move closer, or use a larger screen: a small picture hides soft eyes.'],
        'unheard' => [':who is :from away and can’t talk to :camera’s operator.', 'Use talkback, or agree on hand signals.'],
    ],
    'talk-tightens' => [
        'holds' => ['All :count frames of the talk work, with :minutes minutes of changes.', 'Start wide to set the scene; go tight when it gets personal.'],
        'no-glass' => ['“:part” needs a :size: no lens in the kit gives :focal from here.', 'Move :camera for it, or choose another shot size.'],
        'no-break' => ['“:part” needs another lens on :camera, with no break before it.', 'A lens change in front of them kills the moment. Plan a break, or use a zoom.'],
        'loosens' => ['“:part” goes deeper, but :camera gets wider.', 'That can be deliberate. Usually you tighten as the talk deepens.'],
    ],
    'walk-stays-in-frame' => [
        'holds' => [':subject stays in :camera’s frame on the walk.', 'From :nearest to :farthest from the lens.'],
        'leaves' => [':subject leaves :camera’s frame :out into the walk.', 'No one pans this camera. Go wider, add an operator, or shorten the walk.'],
        'soft' => [':subject walks out of :camera’s focus.', 'From :nearest to :farthest, sharp from :front to :back, and no one pulls focus.'],
        'near' => [':subject comes within :nearest of :camera; its closest focus is :focuses.', 'End the walk sooner, or use another lens.'],
        'pull' => [':camera has to pull focus on :subject at :pull depths of field a second.', 'Faster than a focus puller can follow. Walk slower, or stop down.'],
    ],
];
