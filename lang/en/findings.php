<?php

declare(strict_types=1);

/*
 * By check and case: the sentence, and why it matters. Numbers come in the reader's units.
 */
return [
    'place-is-known' => [
        'holds' => ['Everything asked about :place is known.', 'No surprise is left that a question could have caught.'],
        'visited' => [':known of :place is known.', 'Still open: :unknown. Ask before the day, or bring what covers it.'],
        'unseen' => ['Nobody has seen :place; :known of it is known.', 'Send the host the questions: :unknown. Until they answer, plan for the worse case.'],
    ],
    'natural-light-is-enough' => [
        'holds' => ['Daylight alone gives :stop at :spot.', ':lux was metered. The lamp you carry can go behind the person, to part them from the background.'],
        'plenty' => ['Daylight gives more than :stop wants at :spot: :short over.', ':lux was metered. Hold the stop with neutral density rather than by stopping down.'],
        'fails' => ['Daylight is :short short at :spot.', ':lux was metered at ISO :iso. ISO :need_iso, or :need_stop, would do without a lamp; else the lamp becomes the key.'],
    ],
    'lamps-match-the-camera' => [
        'holds' => [':lamp matches the cameras at :balance.', 'It may stay on.'],
        'planned' => [':lamp burns at :kelvin, :gap from the cameras: :plan.', 'Decided; it comes on the list.'],
        'fails' => [':lamp burns at :kelvin, :gap from the cameras’ :balance.', 'Switch it off, put :gel on it, or bring a :globe globe.'],
        'tinted' => [':lamp is :tint: :kelvin, :gap from the cameras’ :balance.', 'A gel of colour temperature does not mend a tint. Switch it off, or swap the globe for a :globe one.'],
    ],
    'place-is-quiet-enough' => [
        'silent' => ['Nothing that makes noise runs while you record.', 'Every source is settled, or runs at other hours.'],
        'holds' => ['The voice stands :margin over the noise.', 'Loudest is :worst (:hours); together :level.'],
        'fails' => ['The voice stands only :margin over the noise; stop :worst.', 'Without it the voice stands :gain over. It runs :hours; who can stop it: :who.'],
        'stays' => ['The voice stands only :margin over the noise, and :worst cannot be stopped.', 'It runs :hours. Choose other hours, come nearer with the microphone, or choose another place.'],
    ],
    'room-is-not-too-hard' => [
        'holds' => ['The room rings for :time.', 'Up to :limit a voice stays clear in it.'],
        'fails' => ['The room rings for :time; :limit keeps a voice clear.', 'By its surfaces alone. About :cloth of heavy cloth would tame it; echo can be added later, never taken away.'],
    ],
    'power-carries-the-lamps' => [
        'holds' => ['The circuits carry the planned lamps: :watts of :free.', 'At :share of each breaker, less what already hangs on it.'],
        'unsure' => ['The circuits should carry the planned lamps: :watts of :free.', 'What else hangs on :unsure nobody has measured: take a clamp reading with everything on.'],
        'fails' => ['The planned lamps want :watts; the circuits give :free.', 'At :share of each breaker. Spread them, dim them, use batteries, or ask the house electrician. Distribution is for licensed people.'],
    ],
    'gear-comes-in' => [
        'holds' => ['The cart goes through the :way.', ':width is wide enough for its :cart.'],
        'bags' => ['No cart through the :way, :width wide: carry the cases.', 'The cart is :cart wide; cases of :case go through.'],
        'stairs' => ['Stairs on the way in: carry the cases over the :way.', ':steps steps in all. Count the trips before the call time.'],
        'fails' => ['The :way, :width wide, does not let the cases through.', 'The widest is :case by :long. Bring it apart, or find another way in.'],
    ],
    'nothing-is-left-open' => [
        'holds' => ['Agreed: :what.', 'By :who.'],
        'fails' => ['Still :state: :what.', 'To ask: :who.'],
        'due' => ['Still :state: :what.', 'To ask: :who, by :due.'],
        'refused' => ['Refused: :what.', 'By :who. Change the plan, or the place.'],
        'hazard' => ['A hazard is open: :what.', 'Done about it: :done. The venue and its rules decide.'],
        'hazard-settled' => ['A hazard is seen to: :what.', ':done.'],
        'haze' => ['Haze is planned and the alarms are not settled.', 'Detectors: :detectors. Who runs the building and its alarms must agree before any haze.'],
        'haze-settled' => ['The alarms are settled for haze.', 'Tell everyone who breathes it, and air the room.'],
    ],
    'sun-stays-off-the-face' => [
        'holds' => ['No direct sun reaches :who while you record.', 'The longest steady stretch without it on :date: :steady.'],
        'some-time' => ['Direct sun reaches :who at :times.', 'Nobody has said when you record. The longest steady stretch without it on :date: :steady.'],
        'fails' => ['Direct sun reaches :who at :times, while you record.', 'A stripe over the face cannot be graded away. The longest steady stretch without it on :date: :steady.'],
    ],
    'walls-close' => [
        'sketched' => ['The room is a sketch: nobody has taped it.', 'Every distance is a guess until the walls are taped. Begin with the longest wall.'],
        'holds' => ['The tape readings agree within :gap.', 'More readings than the walls need, and none stands out: the plan can be measured from.'],
        'chain' => ['The walls close within :gap, with their corners taken on trust.', 'A rectangle can shear and still close. Taping :next would prove the corners.'],
        'unchecked' => ['The walls are fixed by as many readings as they need.', 'Nothing checks them. Taping :next would.'],
        'open' => ['The readings leave the shape open; the sketched turns stand in.', 'Tape :next: then the corners follow from the tape alone.'],
        'contradicted' => ['Take :reading again: it says :written, the others make it :expected.', 'The :others other readings agree with each other and not with this one. It is set aside until it is taken again.'],
        'slipped' => ['Take :reading again: it says :written, the others make it :expected:slip.', 'The :others other readings agree with each other and not with this one. It is set aside until it is taken again.'],
        'torn' => ['The tape readings contradict each other by :gap.', 'Which is wrong these cannot tell: it may be :suspects. Taping :next would tell.'],
        'torn-again' => ['The tape readings contradict each other by :gap.', 'Which is wrong these cannot tell: it may be :suspects. Take those again; the wrong one will stand out.'],
        'apart' => ['The walls end :gap from where they began; :limit is the most to build on.', 'A length or a turn is wrong. Take the longest wall again, or tape :next.'],
        'fails' => ['The walls miss closing by :gap; :limit is usual.', 'The gap is spread over the walls, so every distance may be off by a part of it. Tape the longest again.'],
    ],
    'corners-are-known' => [
        'holds' => ['Every corner is known to :off or better.', 'Nineteen times in twenty, held against the first corner and the first wall.'],
        'fails' => ['Corner :corner may be off by :off.', 'Clearances finer than that cannot be promised. Taping :next brings the worst down to :then.'],
        'no-more' => ['Corner :corner may be off by :off.', 'Every distance in sight is taped: only finer readings help, with a laser or twice over.'],
    ],
    'subject-stands-off-the-background' => [
        'holds' => [':subject has :distance of depth behind in :camera’s frame.', 'Distance gives softness and lets shadows fall out of frame.'],
        'fails' => [':subject is :distance off the :behind in :camera’s frame; :limit gives depth.', 'Close to a wall the picture goes flat and the person’s shadow is in it.'],
    ],
    'seat-is-slim' => [
        'holds' => [':subject’s seat is in nobody’s way.', 'Its back and arms hide little of head and shoulders from any lens or lamp.'],
        'fails' => [':subject’s seat hides :share of head and shoulders from :from.', 'A seat up to :width wide clears: swap it for a slimmer one.'],
        'back' => [':subject’s seat hides :share of head and shoulders from :from.', 'With a back so high no seat is slim enough: a lower one, or a stool.'],
    ],
    'colours-keep-to-the-palette' => [
        'holds' => ['The :thing suits the :nearest.', 'It is among the colours agreed on.'],
        'fails' => ['The :thing is :off off the :nearest, the nearest colour agreed on.', 'Few colours read calm; one that is none of them is looked at first. Change it, or agree on it.'],
    ],
    'clothes-part-from-the-background' => [
        'holds' => [':subject’s :clothes parts from the :behind in :camera’s frame.', 'Shoulders keep their outline.'],
        'fails' => [':subject’s :clothes is only :apart off the :behind in :camera’s frame.', 'Shoulders melt into what is behind: other clothes, another background, or light that parts them.'],
    ],
    'patterns-do-not-shimmer' => [
        'holds' => ['The :thing is drawn by :camera, :pixels pixels a repeat.', 'Wide enough apart for the sensor.'],
        'blurred' => ['The :thing is too fine for :camera to see, :pixels pixels a repeat.', 'It reads as plain, unless the lens comes nearer.'],
        'fails' => ['The :thing may shimmer in :camera’s frame: :pixels pixels a repeat.', 'Between one and four it beats with the sensor’s grid: plain clothes, or a tighter frame. Look at it on a screen at full size.'],
    ],
    'window-is-not-behind-the-subject' => [
        'holds' => ['The :window stays out of :camera’s frame.', 'Nothing bright pulls the eye or burns out.'],
        'fails' => ['The :window fills :share of :camera’s frame.', 'A bright pane beside the face may burn out: meter it, or control it.'],
        'behind' => ['The :window is behind :subject’s head in :camera’s frame.', 'Against a bright window a face goes dark, or the window burns out.'],
    ],
    'way-out-is-clear' => [
        'holds' => ['The :door is clear for :depth.', 'People can leave. The venue’s fire plan and local code may ask for more.'],
        'fails' => [':thing blocks the :door.', 'Keep :depth of floor inside a way out free; the venue’s fire plan and local code may ask for more.'],
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
        'not-into-lens' => [':subject looks :angle past :camera’s lens.', 'The brief wants the look into the lens, within :limit: a prompter or a mirrored face in front of the lens helps.'],
    ],
    'face-keeps-its-shape' => [
        'holds' => [':camera is :distance from :subject’s face.', 'The nose is drawn :stretch larger than the ears: no one sees that.'],
        'fails' => [':camera is :distance from :subject’s face; :limit keeps its shape.', 'So close the nose is drawn :stretch larger than the ears, whatever the lens.'],
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
        'holds' => ['No glass in a frame gives anything back.', 'Windows, framed glass, mirrors and screens were looked into.'],
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
        'holds' => ['Every body records at the rate it is set to.', 'As it records now.'],
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
    'everyone-is-covered' => [
        'holds' => [':cameras is on :subject.', 'The face is seen, and somebody is meant to have it.'],
        'nobody' => ['Nobody is on :subject.', 'A face without a camera is missing in every edit.'],
        'doubled' => ['Nobody is on :subject, and two are on :other.', 'Share them out: say on each camera whom it also covers.'],
        'unseen' => [':cameras is meant to be on :subject, and does not see the face.', 'Out of frame, hidden or turned away, at every mark.'],
    ],
    'sight-is-clear' => [
        'holds' => ['Nothing stands before the faces.', 'Each camera sees whom it is on.'],
        'fails' => [':thing hides :share of :subject’s head from :camera.', 'A step aside is enough; nobody steps aside by themselves in a take.'],
    ],
    'safety-holds' => [
        'holds' => [':camera is locked and has everybody, all the time.', 'Whatever the others do, there is something to cut to.'],
        'none' => ['No locked camera has everybody.', 'When two roving cameras miss together, nothing is left to cut to. Give one camera a locked role.'],
        'misses' => [':camera is to be on everybody, and misses :missing.', 'Take it wider, or move it: the one that stays has everybody.'],
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
    'take-stays-clean' => [
        'holds' => ['Nothing enters :camera’s frame on its whole way.', 'Looked through between the marks as well as on them.'],
        'fails' => [':thing enters :camera’s frame at :at, :where.', 'It stays until :until. What is clear on every mark can still be seen between two.'],
        'seen' => [':thing walks into :camera’s frame at :at, :where.', 'It is seen until :until: there is nothing to cut to. Move one of them, or cut :camera only where it is clear.'],
    ],
    'take-can-be-walked' => [
        'holds' => [':camera’s way can be walked, at :speed at the fastest.', 'Nothing stands where the operator goes, half a metre behind the lens. Walk it twice before it counts.'],
        'fails' => [':camera is walked at :speed; :limit keeps it steady.', 'Give the marks more time, or put them nearer to one another.'],
        'bump' => [':camera’s operator walks into :thing at :at.', 'Who looks at the frame does not look behind: clear the way, or have someone at the operator’s back.'],
        'rail' => [':camera’s marks are :way apart, and its rail is :rail.', 'Move the marks together, or take a longer rail.'],
        'cable' => [':camera’s tether of :cable ends before its way does: :far is needed.', 'A pull at the cable is seen in the frame, and may bring someone down.'],
    ],
    'take-keeps-focus' => [
        'holds' => ['Focus can follow :camera to every mark.', 'The hardest pull moves by :pull depths of field a second.'],
        'fails' => ['The pull to “:mark” is hard: :pull depths of field a second.', 'Stop down, give it more time, or have someone on the focus.'],
        'near' => ['“:mark” is :distance from the eyes; :camera’s lens focuses from :nearest.', 'Stay back, or take glass that focuses nearer.'],
    ],
    'key-gives-the-stop' => [
        'holds' => [':thing gives :stop at :subject’s face.', ':lux at the face; :wanted is wanted.'],
        'bright' => [':thing is :off too bright: :stop at :subject’s face, :wanted wanted.', ':lux at the face, with the light that is there.'],
        'dim' => [':thing is :off too dim: :stop at :subject’s face, :wanted wanted.', ':lux at the face, with the light that is there.'],
    ],
    'face-has-shape' => [
        'holds' => [':subject’s cheeks are :ratio to 1, a :pattern.', 'As the school of contrast wants it.'],
        'fails' => [':subject’s cheeks are :ratio to 1, a :pattern; :least is wanted.', 'Bring the key round, dim what fills, or hang a black cloth on the far side.'],
        'hard' => [':subject’s cheeks are :ratio to 1; up to :most is wanted.', 'Fill it, bounce some back, or bring the key nearer to the nose.'],
        'top' => ['The key stands :angle over :subject’s eyes: it hollows them.', 'Lower it, or take it farther away: from 30° to 45° the eyes have light.'],
        'under' => ['The key comes from below :subject’s eyes.', 'Light from below looks like a fire, or like a threat. Raise it.'],
    ],
    'key-is-on-its-side' => [
        'holds' => [':key lights :subject from the far side: shadow toward :camera.', 'That is what gives a face its shape.'],
        'open' => [':key lights :subject from :camera’s side: an open face.', 'As the school has it.'],
        'fails' => [':key lights the side of :subject’s face that :camera sees.', 'The near side lies open, and the face goes wide and flat.'],
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
    'background-sits-under-the-face' => [
        'holds' => ['The :behind sits :stops under :subject’s face in :camera’s frame.', 'The face is what is looked at.'],
        'fails' => ['The :behind is :stops over :subject’s face in :camera’s frame, by :lamp.', 'The eye goes there first. Flag it, turn it, or take it farther from the wall.'],
        'bright' => ['The :behind is :stops over :subject’s face in :camera’s frame.', 'The eye goes there first: more light on the face, or less on all.'],
        'dark' => ['The :behind is :stops under :subject’s face in :camera’s frame.', 'That is a black hole unless it is meant: some light on it gives the room back.'],
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
    'voice-is-nearer-than-the-room' => [
        'holds' => [':boom hears :subject :over over the room.', 'Dry enough: voice and room are as loud at :equal.'],
        'fails' => [':boom hears :subject only :over over the room, at :distance.', 'Nearer, a narrower pattern, or cloth in the room. As loud as each other at :equal.'],
        'room' => [':boom hears more room than :subject: the room is :over louder, at :distance.', 'Beyond :equal a voice swims. Come nearer, hang cloth, or put a microphone on them.'],
    ],
    'links-leave-each-other-alone' => [
        'holds' => ['All :count wireless links leave each other alone.', 'No product of any two or three falls on another. Which bands are lawful here, check with the regulator.'],
        'fails' => [':by together fall on :link.', 'Both on, the third is disturbed: set it elsewhere.'],
        'near' => [':link lies too near to :by.', 'Receivers do not tell them apart: set one elsewhere.'],
        'occupied' => [':link lies in what is on the air already: :what.', 'Set it elsewhere, and scan again on the day.'],
        'open' => [':count wireless links have no channel yet.', 'Coordinate them together: one by one they disturb each other.'],
    ],
    'voice-stands-over-the-noise' => [
        'holds' => [':boom hears :subject :margin over the noise.', 'What runs is hardly heard.'],
        'fails' => [':boom hears :subject only :margin over the noise, at :distance.', 'Nearer, a narrower pattern, or what runs switched off.'],
    ],
    'others-are-three-times-as-far' => [
        'holds' => [':other hears :subject :weaker weaker than :own.', 'Both open, nothing turns hollow.'],
        'fails' => [':other hears :subject only :weaker weaker than :own, and :late ms late.', 'Three times as far is 9.5 dB: farther apart, turned away, or one closed while the other speaks.'],
    ],
    'voice-has-two-ways' => [
        'holds' => [':subject is recorded over :count ways that share nothing.', 'Whatever fails alone, the words are there.'],
        'fails' => [':subject is lost when this fails alone: :parts.', 'A second way that shares nothing with the first: a boom beside a body microphone, a feed to a camera beside the recorder.'],
        'none' => [':subject has no way to anything that records.', 'Give each voice a line in the track sheet.'],
        'unwatched' => ['Nobody watches :recorder, which records :source.', 'Float recording forgives; else somebody listens, or a second track at −10 dB.'],
    ],
    'boom-stays-out-of-frame' => [
        'holds' => [':thing is out of :camera’s frame.', 'Tip, pole and stand.'],
        'tip' => [':thing’s tip is :distance inside :camera’s frame.', 'It covers :share of the frame; the widest frame sets how near a boom can come.'],
        'pole' => [':thing’s pole or stand is in :camera’s frame, :share of it.', 'The tip is out, what carries it is not.'],
    ],
    'boom-is-as-near-as-it-can-be' => [
        'holds' => [':thing is :distance from :subject’s mouth.', 'The nearest place clear of every frame is :nearest away.'],
        'fails' => [':thing is :distance from :subject’s mouth and could be :nearest.', 'That costs :cost against the room. :camera’s frame sets the nearest place.'],
        'nowhere' => ['No place for :thing is clear of every frame within its pole’s reach.', 'Move its stand, take a longer pole, or tighten the widest frame.'],
    ],
    'pole-reaches' => [
        'holds' => [':thing’s pole reaches: :needed of :limit.', 'With a tail behind the stand to balance it.'],
        'fails' => [':thing’s pole is :short too short.', 'It needs :needed and has :limit.'],
    ],
    'stand-fits-its-place' => [
        'holds' => [':thing’s legs have their floor.', 'A circle of :radius is free of walls, furniture and people.'],
        'fails' => [':thing’s legs are :distance into the :what.', 'They spread :radius around the column.'],
        'wall' => [':thing’s legs are outside the room.', 'They spread :radius around the column.'],
    ],
    'support-reaches-its-height' => [
        'holds' => [':thing’s support holds it at :height.', ':support: :lowest to :highest.'],
        'fails' => [':thing is at :height; its support holds :lowest to :highest.', ':support. Take another, or change the height.'],
    ],
];
