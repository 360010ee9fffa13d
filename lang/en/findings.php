<?php

declare(strict_types=1);

/*
 * By check and case: the sentence, and why it matters. Numbers come in the reader's units.
 */
return [
    'mains-cable-is-out-of-the-way' => [
        'holds' => ['The cable to :thing runs :length from the :outlet, clear of every door.', 'Along the wall, taped where feet come near.'],
        'over' => ['The cable to :thing goes over the :door, :length in all.', 'Up one side and down the other, tied, so that the door still shuts.'],
        'crosses' => ['The cable to :thing crosses the way to the :door, :length in all.', 'Under a cover or taped down along its whole width.'],
        'way-out' => ['The cable to :thing crosses the way out by the :door.', 'Another outlet, over the door, or a battery; else a cover across the whole way, and the venue’s leave.'],
        'thin' => ['The cable to :thing loses :lost of the voltage over :length.', 'A thicker lead, another outlet, or less on it.'],
    ],
    'support-carries-its-load' => [
        'holds' => [':thing weighs :kg on a :support rated for :rating.', 'By the maker’s rating, as it was typed in.'],
        'fails' => [':thing weighs :kg; its :support is rated for :rating.', 'Take a stronger one: no figure but the maker’s counts.'],
    ],
    'stand-does-not-tip' => [
        'holds' => [':thing on its arm of :arm stands :times times over.', ':safety times is asked for. A leg under the arm, and the bag on it.'],
        'near' => [':thing on its arm of :arm stands only :times times over; :safety is asked for.', ':ballast of ballast, :bags, on the leg under the arm.'],
        'tips' => [':thing turns its stand over: an arm of :arm.', ':ballast of ballast, :bags, on the leg under the arm, before it goes up.'],
    ],
    'frame-stands-in-the-wind' => [
        'holds' => [':thing stands in a wind of :wind, up to :down.', 'Gusts come on top: somebody at it, and down with it early.'],
        'near' => [':thing wants :ballast of ballast in a wind of :wind, :bags bags; it goes over at :down.', 'Bags on the legs, somebody at it, and down with it early.'],
        'falls' => ['A wind of :wind brings :thing down; it goes over at :down.', 'It wants :ballast of ballast, :bags bags, or a smaller face, or stays in its case.'],
    ],
    'hangs-where-it-may' => [
        'holds' => [':thing hangs from the :beam, as :who allows.', 'A second line on it, and a look at both each day.'],
        'unsigned' => [':thing hangs from the :beam; nobody is named who allows it.', 'Write down who said so.'],
        'asks' => ['Nobody has said whether anything may hang from the :beam: :thing does.', 'Ask whoever answers for the building, and write down who said what.'],
        'no' => [':thing hangs from the :beam, from which nothing may hang.', 'A stand, or another place.'],
    ],
    'tasks-keep-their-hours' => [
        'holds' => ['The day fits: call at :call, done at :end.', 'Each task within its hours, with the hands that there are; the Rundown draws it.'],
        'take' => ['The recording of :name would end at :ends; it is set for :from to :to.', 'Set it later, rig less, come earlier, or bring another pair of hands.'],
        'fails' => ['What is to be done for :name would be over at :ends; the place is ours from :from to :to.', 'Shorten what comes before, ask for longer, or move something to another day.'],
    ],
    'day-is-not-too-long' => [
        'holds' => ['The day is :hours long, from :call to :end.', 'With the way there and home. Up to :limit is asked for here.'],
        'fails' => ['The day is :hours long, from :call to :end.', 'More than :limit: tired people break things, and drive. Sleep there, share the driving, or split the day.'],
        'night' => ['The way home ends at :end.', 'After a day of :hours: share the driving, or sleep there.'],
    ],
    'rig-is-ready-in-time' => [
        'holds' => [':name is ready at :ready, :minutes before it begins.', ':wanted in hand are asked for.'],
        'fails' => [':name is ready only :minutes before it begins at :begins.', ':wanted in hand are asked for: come earlier, or rig less.'],
    ],
    'sections-are-covered' => [
        'holds' => [':section: whoever plays is in somebody’s frame.', 'Two or more cameras on :doubles.'],
        'gap' => [':section: only the wide has :who.', 'Two or more cameras on :doubles. Turn one to :who, or know that the cut stays wide.'],
        'bare' => [':section: no camera has :who, and none has everybody.', 'Two or more cameras on :doubles. Turn one, or lock one on everybody.'],
    ],
    'cameras-have-something-to-do' => [
        'holds' => [':camera is on somebody who plays in every section.', 'By its frame, or by whom it is said to be on.'],
        'fails' => [':camera is on nobody who plays in :sections.', 'Give it hands, feet, faces that listen: or let it rest, and change its card then.'],
    ],
    'nobody-is-in-two-places' => [
        'holds' => [':who is at :cameras, and nowhere else.', 'Nobody else’s work is theirs meanwhile.'],
        'cameras' => [':who is named at :cameras at one time.', 'Lock one of them off, or bring somebody.'],
        'seen' => [':who is at :cameras, and in front of it.', 'Lock it off, or name somebody else.'],
        'listens' => [':who is at :cameras, and is to listen to :listens.', 'With headphones on, on a shot that is nearly still, it can be done. Better somebody else listens.'],
    ],
    'hands-suffice-for-the-take' => [
        'holds' => [':needed of :hands are busy in the take: :work.', 'Whoever asks, or leads, is counted only where they are at something.'],
        'fails' => ['The take wants :needed people: :work. There are :hands.', 'Put something on a stand, lock a camera off, or bring somebody.'],
    ],
    'clips-reach-the-end' => [
        'holds' => [':camera runs through the whole set.', 'A clip lasts :limit; nobody is at it.'],
        'restart' => ['Start :camera anew after :after.', 'A clip lasts :limit: by itself it would stop at :stops, in :in. So its longest is :longest.'],
        'together' => ['One person cannot start every camera anew: :camera and the others want the same gaps.', 'A clip lasts :limit. Stand somebody at one, or let it record in a way that runs longer.'],
        'fails' => [':camera stops at :stops, in :in, and no gap comes in time.', 'A clip lasts :limit. Choose a way of recording that runs longer, leave longer gaps, or put somebody at it.'],
    ],
    'set-fits-its-hours' => [
        'holds' => ['The set goes :times times into the hours.', ':set with its gaps, in :hours.'],
        'once' => ['The set can be played once.', ':set with its gaps, in :hours: nothing is left for a second time from other places.'],
        'fails' => ['The set is longer than the hours.', ':set with its gaps, in :hours: play less, or ask for longer.'],
    ],
    'sections-follow-on' => [
        'holds' => [':next follows :section.', ':length by the clock, :tempo by the bars.'],
        'timed' => [':next follows :section.', ':length by the clock; nobody has given bars and tempo.'],
        'overlaps' => [':next begins :off before :section ends.', 'One clock for both: cues and frames go by it.'],
        'hole' => ['Between :section and :next nothing is said for :off.', 'Let one end where the next begins, or name what is between.'],
        'tempo' => [':section lasts :length by the clock and :tempo by its bars.', 'A bar miscounted, a tempo mistyped, or played freely: cues by the bar will come early or late.'],
    ],
    'leaders-are-there' => [
        'holds' => [':section: :names.', 'They perform in this setup.'],
        'fails' => [':section names “:names”, who is not one of those who perform.', 'Write names as they stand on the floor, with commas between; or “both”, “all”.'],
    ],
    'cues-can-be-given' => [
        'holds' => ['“:cue” goes to :who.', 'There is time before it.'],
        'nobody' => ['“:cue” is for nobody.', 'Say who does it.'],
        'nowhere' => ['“:cue” is at no place of the song: :who.', 'Name a section of the song map, as it is written there; then a bar, if it is not its first.'],
        'stranger' => ['“:cue” is for :who, who is not in the crew.', 'Add them to the crew, or put them at a camera.'],
        'close' => ['“:cue” comes :since after the last one for :who.', 'Nobody reads, reaches and does it in that time. Give it to somebody else.'],
    ],
    'crew-is-there-in-time' => [
        'holds' => [':who is there for :camera, from :from to :ends.', 'By their call in the crew.'],
        'unlisted' => [':who is at :camera, and not in the crew.', 'Add them with a call: they are wanted from :from.'],
        'late' => [':who is called for :comes; :camera is built from :from.', 'Call them sooner, or let others build it.'],
        'fails' => [':who is called for :comes; it is recorded from :begins.', 'Call them for :from, or put somebody else at :camera.'],
        'leaves' => [':who leaves at :goes; it is recorded until :ends.', 'Put somebody else at :camera, or record what needs them first.'],
    ],
    'crew-rests-overnight' => [
        'holds' => [':rest lie between :day and :next.', ':limit are asked for here; strike, drive and build come off that.'],
        'fails' => ['Only :rest lie between :day and :next.', ':limit are asked for here. Begin later, sleep there, or leave the rig standing.'],
    ],
    'meal-comes-in-time' => [
        'holds' => ['Nobody works longer than :limit without a meal.', 'From :call to :end, a meal at :meal; the longest stretch is :longest.'],
        'short' => ['The day is too short to want a meal.', ':longest, from :call to :end; up to :limit without one is usual here.'],
        'none' => ['No meal is planned between :call and :end.', 'Up to :limit without one is usual here. People who are hungry hurry.'],
        'fails' => ['The meal at :meal leaves a stretch of :longest.', 'Up to :limit is usual here. Something to eat in the hand before it, or another break.'],
    ],
    'questions-are-open' => [
        'holds' => ['“:question” asks for a story.', 'It cannot be answered by yes or no.'],
        'fails' => ['“:question” can be answered by yes or no.', 'Begin with how, what, why, when; or “Tell me about …”.'],
    ],
    'cuts-can-be-hidden' => [
        'holds' => ['Cuts in what :who says can be hidden.', ':cameras cameras see the face: cut from one to the other.'],
        'pictures' => ['Cuts in what :who says can be laid under pictures.', 'One camera sees the face; :pictures topics have a picture to take. Take them long enough.'],
        'fails' => ['Every cut in what :who says will show.', 'One camera sees the face, and no topic has a picture. Add a second frame, or pictures to lay over.'],
    ],
    'topics-have-their-pictures' => [
        'holds' => [':topic: :picture, at :place.', 'As written in the brief.'],
        'fails' => [':topic has no picture.', 'What could be seen while it is spoken of? Ask; go and look; ask again on the day.'],
        'where' => [':topic: nobody has said where to take “:picture”.', 'So that the day has time for it, and the light is looked at.'],
    ],
    'cards-carry-the-day' => [
        'holds' => ['The cards carry the day’s :what, one each.', ':gb in all; :cards cards.'],
        'changes' => ['The cards carry the day’s :what, with :changes to change.', ':gb in all; :cards cards. The first change: :first, in a pause before that.'],
        'fails' => ['The cards are too few for the day’s :what: :short would stop.', ':gb in all; :cards cards, none used twice. Carry more or larger ones, or write at a lower rate.'],
        'unlisted' => ['Nobody has listed the cards for :what.', ':gb are written over the day. List the cards under Music and media.'],
    ],
    'copies-have-room' => [
        'holds' => ['The day fits on two drives.', ':gb, copied twice and read again: :time.'],
        'unlisted' => ['Nobody has listed the drives.', ':gb are to be copied twice; one copy is none. List them under Music and media.'],
        'one' => ['There is one drive.', ':gb are to be copied twice; one copy is none. The cards stay as they are until the second is made.'],
        'full' => [':roomy of :count drives have room for the day.', ':gb are to be copied twice.'],
    ],
    'talk-fits-its-hours' => [
        'holds' => ['The talk fits its hours.', ':parts parts, :talk, in :hours.'],
        'tight' => ['The talk just fits its hours.', ':parts parts, :talk, in :hours: good answers run on. Know which part could go.'],
        'fails' => ['The talk is longer than its hours.', ':parts parts, :talk, in :hours. Ask less, or ask for longer.'],
    ],
    'talk-has-breaks' => [
        'holds' => ['Nobody talks longer than :minutes without a break.', ':limit is the limit here.'],
        'fails' => ['From “:from” on, :minutes go by without a break.', ':limit is the limit here. A break lets voices rest, and cards and packs be changed.'],
    ],
    'leader-has-a-camera' => [
        'holds' => [':section: :who leads, and has a camera.', 'Besides the wide.'],
        'fails' => [':section: :who leads, and no camera is on them.', 'Only the wide, if that. Turn one to them.'],
    ],
    'copies-end-before-night' => [
        'holds' => ['The copies are made by :ends.', ':time, from :home on.'],
        'fails' => ['The copies are not made before :ends.', ':time, from :home on. Begin with the first card while the second setup is rigged, or take a faster drive.'],
    ],
    'leave-comes-in-time' => [
        'holds' => [':what is answered by :due.', ':who. Time enough to do something about a no.'],
        'late' => [':what is answered only by :due.', ':who. Ask for an answer sooner, or have another way ready.'],
        'fails' => [':what would be answered by :due, when it is too late.', ':who. Call today.'],
    ],
    'cases-pass-the-ways' => [
        'holds' => ['Every case goes through the :way.', 'The widest is :case, :wide; the way is :narrow.'],
        'fails' => [':case does not go through the :way.', 'On its end it is :wide; the way is :narrow. Another case, or another door.'],
    ],
    'things-fit-the-cases' => [
        'holds' => ['Everything goes into :cases cases.', ':things things, with the sizes that you know or usual ones.'],
        'unlisted' => ['Nobody has listed the cases.', ':things things are to be packed. List the cases with their insides.'],
        'left' => ['The cases do not hold everything: :left.', ':things things. Another case, a larger one, or leave something out.'],
    ],
    'cases-can-be-lifted' => [
        'holds' => ['No case is heavier than one lifts.', 'The heaviest is :case, :kg; :limit is the limit here.'],
        'pair' => [':case weighs :kg: two carry it.', 'One lifts :limit. Put something heavy into another case, or take a cart.'],
        'fails' => [':case weighs :kg.', 'One lifts :limit, and there are :hands to carry. Share it out over more cases.'],
    ],
    'cases-are-carried-in-time' => [
        'holds' => ['Carried in with :rounds rounds, in :minutes.', ':cases cases over :far; the day has :planned for it.'],
        'fails' => ['Carrying in takes :rounds rounds, :minutes; the day has :planned.', ':cases cases over :far. Come earlier, bring a cart or another pair of hands, or take less.'],
    ],
    'cases-go-into-the-car' => [
        'holds' => ['The cases go into the car.', ':cases cases want :needed of its :room.'],
        'fails' => ['The cases want :needed; the car has :room.', ':cases cases, with walls and gaps. A larger car, a second one, or take less.'],
    ],
    'cases-go-by-hand' => [
        'holds' => ['Everything goes onto the train in one go.', ':cases cases for :hands people.'],
        'fails' => [':cases cases are too many, or too heavy, for :hands people on a train.', 'Nobody goes back for the second half of it. Leave out, share out, or send ahead.'],
    ],
    'batteries-may-travel' => [
        'holds' => [':pack may fly in the cabin.', ':wh each, :count of them: contacts covered, in the hand luggage. The airline decides.'],
        'ask' => [':pack wants the airline’s approval.', ':wh each: over 100 Wh, usually two at most for each person, in the cabin. The airline decides.'],
        'fails' => [':pack does not fly.', ':wh each: over 160 Wh they go as freight only. Hire them there, or take smaller ones.'],
    ],
    'loans-go-back-in-time' => [
        'holds' => [':thing is ours until :until.', 'From :from.'],
        'fails' => [':thing goes back by :until.', 'From :from. Put it on top, and say who takes it there.'],
    ],
    'hired-things-have-a-source' => [
        'holds' => [':thing: :whose, from :from, until :until.', 'As written in What there is.'],
        'nobody' => [':thing is :whose, and nobody has said from whom.', 'Whom to call when it is not there in the morning?'],
        'open' => [':thing is :whose from :from, and nobody has said until when.', 'Ask, so that it goes back in time.'],
    ],
    'faulty-things-stay-home' => [
        'holds' => [':thing: one is set aside as faulty; :left are left.', ':needed needed.'],
        'fails' => [':thing: one is set aside as faulty, and :left of :needed are left.', 'Mend it, borrow or hire one, or plan without it.'],
        'uncounted' => [':thing is set aside as faulty, and nobody has counted the others.', ':needed needed. Count them in What there is.'],
    ],
    'service-is-done' => [
        'holds' => [':thing is due for care after the day, on :due.', 'As written.'],
        'fails' => [':thing was due for care by :due.', 'Clean it, test it, and set the next date.'],
    ],
    'packs-carry-the-hours' => [
        'holds' => [':devices: one pack each lasts to the end.', 'Recorded until :to. Start with full ones; line-up and rehearsal draw too.'],
        'swaps' => [':devices: :count of packs, at :swaps.', 'In pauses, out of :packs on the :plate. Recorded until :to.'],
        'dies' => [':devices: the packs last until :until.', 'Recorded until :to, with :packs on the :plate exchanged in pauses as well as they can be.'],
        'uncounted' => ['Nobody has counted the packs for :devices.', 'What fits the :plate is in the kit; count it in What there is.'],
        'unlisted' => ['No pack in the kit fits :devices.', 'They take the :plate. List packs under Power.'],
    ],
    'mains-cables-are-carried' => [
        'holds' => ['The extensions carried reach every lamp: :count of them.', ':total as they are laid, the longest :longest.'],
        'fails' => ['No extension carried reaches :thing.', ':length from the :outlet as it is laid, with a tenth of slack; what is left joins to less.'],
        'unlisted' => ['Nobody has listed the mains extensions that are carried.', ':total as they are laid, the longest :longest. List them under Power.'],
    ],
    'mains-cable-stays-out-of-frame' => [
        'holds' => ['No lens sees a mains cable.', 'As they are laid over the floor, past what stands before them.'],
        'fails' => [':length of the cable to :thing is in :camera’s frame.', 'Lay it another way, over or under something, or behind what stands there.'],
    ],
    'joints-close' => [
        'holds' => ['Everything goes together, with :parts parts between.', 'Lamps and poles on what holds them: :count. The parts stand in the grip list.'],
        'straight' => ['Everything sits straight on what holds it.', 'Lamps and poles: :count, and no part between.'],
        'fails' => [':thing does not go on :support.', 'It sits on :mount, :support offers :offers, and nothing in the kit leads from one to the other.'],
        'short' => [':thing lacks a part: :part.', 'It sits on :mount, :support offers :offers; there are :there, and all setups on at that time take more.'],
        'heavy' => [':thing is too heavy for the parts that would join it.', 'It sits on :mount, :support offers :offers; what leads from one to the other is rated for less.'],
    ],
    'everyone-gets-out' => [
        'holds' => ['Everyone can get out: :width wide at the narrowest.', 'From each place to a way out, past furniture and legs. The venue’s fire plan and local code may ask for more.'],
        'fails' => ['From :person to the :door it is :width wide.', 'It is narrowest between :thing and :other; keep :limit. The venue’s fire plan and local code may ask for more.'],
        'wall' => ['From :person to the :door it is :width wide.', 'It is narrowest between :thing and a wall; keep :limit. The venue’s fire plan and local code may ask for more.'],
        'door' => ['The :door is :width wide, and :person has no wider way out.', 'Less than :limit: a door is not widened. Ask the venue which ways out people are to use, and let them know.'],
        'shut' => [':person cannot get out.', ':thing shuts the way; move it before anybody sits down there.'],
    ],
    'nobody-is-under-it' => [
        'fails' => [':thing hangs over :person, :above over the head.', 'Move it aside. Where it has to be there: a second line, somebody who checks it, and whoever is licensed for it where you are.'],
    ],
    'heavy-is-lifted-by-two' => [
        'holds' => [':thing, :kg up to :height, goes up by two.', 'One lifts up to :limit there.'],
        'fails' => [':thing weighs :kg and goes up to :height, and there is one pair of hands.', 'Over :limit two lift. Bring somebody, or put it together lower.'],
    ],
    'circuit-carries-its-loads' => [
        'holds' => ['The :circuit carries :loads: :amps of :limit.', ':spare to spare of what continuous load may take.'],
        'unsure' => ['The :circuit would carry :loads, :amps of :limit, as far as anybody knows.', 'Nobody has said whether it is ours, or what else hangs on it: ask, or clamp a meter on.'],
        'over' => ['The :circuit carries :amps, :limit may be drawn for hours.', 'By :loads. Its breaker of :breaker goes warm, and goes in the middle of a take.'],
        'trips' => ['The :circuit trips: :amps on a breaker of :breaker.', 'By :loads. Move some, or run them on batteries. More power from the panel: licensed people only.'],
    ],
    'every-load-is-plugged-in' => [
        'holds' => ['All :count loads have a circuit.', 'Label the plugs by it.'],
        'fails' => ['No circuit is named for :loads.', 'On the day they land on whichever outlet is nearest.'],
        'none-fits' => ['The circuits of this place do not carry all of it: :loads are left.', 'Fewer lamps, batteries, or another place. A generator or a tie-in: ask a licensed electrician.'],
    ],
    'sound-keeps-off-the-dimmers' => [
        'fails' => [':sound is on the :circuit with :dimmed, which is dimmed.', 'Dimmers hum into sound: another circuit, or batteries.'],
    ],
    'mood-is-kept' => [
        'holds' => ['Nothing is chosen against a mood that is :mood.', 'It begins with: :ways.'],
        'against' => ['“:school” is at odds with a mood that is :mood.', 'It begins with “:wanted”. Where it is meant, leave it.'],
    ],
    ...require __DIR__.'/findings/cameras.php',
    ...require __DIR__.'/findings/light.php',
    ...require __DIR__.'/findings/sound.php',
    'place-is-known' => [
        'holds' => ['Everything asked about :place is known.', 'No surprise is left that a question could have caught.'],
        'visited' => [':known of :place is known.', 'Still open: :unknown. Ask before the day, or bring what covers it.'],
        'unseen' => ['Nobody has seen :place; :known of it is known.', 'Send the host the questions: :unknown. Until they answer, plan for the worse case.'],
    ],
    'natural-light-is-enough' => [
        'holds' => ['Daylight alone gives :stop at :spot.', ':lux was metered. The lamp you carry can go behind the person, to part them from the background.'],
        'dark' => ['You record from :from to :to, in the dark: no daylight at :spot.', ':lux was metered by day. The sun sets at :sunset.'],
        'fades' => ['Daylight at :spot fades: the sun sets at :sunset, and you record until :to.', ':lux was metered. Bring a lamp that can take over, or record earlier.'],
        'plenty' => ['Daylight gives more than :stop wants at :spot: :short over.', ':lux was metered. Hold the stop with neutral density rather than by stopping down.'],
        'fails' => ['Daylight is :short short at :spot.', ':lux was metered at ISO :iso. ISO :need_iso, or :need_stop, would do without a lamp; else the lamp becomes the key.'],
    ],
    'lamps-match-the-camera' => [
        'holds' => [':lamp matches the cameras at :balance.', 'It may stay on.'],
        'planned' => [':lamp burns at :kelvin, :gap from the cameras: :plan.', 'Decided: do it before the cameras are balanced.'],
        'kept' => [':lamp stays lit at :kelvin, :gap from the cameras’ :balance.', 'That shows on skin and walls as a cast. It may be what the picture wants: look at it in the frame, or put :gel on it.'],
        'fails' => [':lamp burns at :kelvin, :gap from the cameras’ :balance.', 'Switch it off, put :gel on it, or bring a :globe globe.'],
        'tinted' => [':lamp is :tint: :kelvin, :gap from the cameras’ :balance.', 'A gel of colour temperature does not mend a tint. Switch it off, or swap the globe for a :globe one.'],
    ],
    'place-is-quiet-enough' => [
        'silent' => ['Nothing that makes noise runs while you record.', 'Every source is settled, or runs at other hours.'],
        'holds' => ['The voice stands :margin over the noise.', 'Loudest is :worst (:hours); together :level.'],
        'fails' => ['The voice stands only :margin over the noise; stop :worst.', 'Without it the voice stands :gain over. It runs :hours; who can stop it: :who.'],
        'alone' => ['The voice stands only :margin over the noise; stop :worst.', 'Nothing else makes noise then. It runs :hours; who can stop it: :who.'],
        'drowned' => ['The noise stands :under over the voice; stop :worst.', 'Without it the voice stands :gain over. It runs :hours; who can stop it: :who.'],
        'drowned-alone' => ['The noise stands :under over the voice; stop :worst.', 'Nothing else makes noise then. It runs :hours; who can stop it: :who.'],
        'drowned-still' => ['The noise stands :under over the voice; stopping :worst is not enough.', 'Without it the rest still stands :gain over. It runs :hours; who can stop it: :who.'],
        'drowned-stays' => ['The noise stands :under over the voice, and :worst cannot be stopped.', 'It runs :hours. Choose other hours, or choose another place.'],
        'stays' => ['The voice stands only :margin over the noise, and :worst cannot be stopped.', 'It runs :hours. Choose other hours, come nearer with the microphone, or choose another place.'],
    ],
    'room-is-not-too-hard' => [
        'holds' => ['The room rings for :time.', 'Up to :limit a voice stays clear in it.'],
        'fails' => ['The room rings for :time; :limit keeps a voice clear.', 'By its surfaces alone. About :cloth of heavy cloth would tame it; echo can be added later, never taken away.'],
    ],
    'power-carries-the-lamps' => [
        'holds' => ['The circuits carry the planned lamps: :watts of :free.', 'At :share of each breaker, less what already hangs on it: :parted.'],
        'unsure' => ['The circuits should carry the planned lamps: :watts of :free.', 'What else hangs on :unsure nobody has measured: take a clamp reading with everything on. Parted so: :parted.'],
        'too-large' => [':lamp takes :takes; no circuit gives more than :largest.', 'At :share of each breaker. Bring a smaller lamp or one on batteries, or ask the house electrician. Distribution is for licensed people.'],
        'parts' => ['No way of parting :watts of lamps stays under every breaker.', 'Together the circuits give :free, yet one of them is always over. Take smaller lamps, dim them, or put one on batteries.'],
        'tight' => ['A way of parting :watts of lamps over the circuits was not found.', 'There are too many ways to try all. Part them by hand, or take one lamp off.'],
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
        'partly' => ['The tape readings agree within :gap.', 'Nothing checks :unchecked: an error there would not show. Taping :next would tell most.'],
        'stretched' => ['Take :reading again: it says :written, and by :way it is :most at the most.', 'No triangle holds these lengths: this one is too long, or one of the others too short.'],
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
    'window-is-not-behind-the-subject' => [
        'holds' => ['The :window stays out of :camera’s frame.', 'Nothing bright pulls the eye or burns out.'],
        'fails' => ['The :window fills :share of :camera’s frame.', 'A bright pane beside the face may burn out: meter it, or control it.'],
        'behind' => ['The :window is behind :subject’s head in :camera’s frame.', 'Against a bright window a face goes dark, or the window burns out.'],
    ],
    'way-out-is-clear' => [
        'holds' => ['The :door is clear for :depth.', 'People can leave. The venue’s fire plan and local code may ask for more.'],
        'fails' => [':thing blocks the :door.', 'Keep :depth of floor inside a way out free; the venue’s fire plan and local code may ask for more.'],
    ],
    'everyone-is-covered' => [
        'holds' => [':cameras is on :subject.', 'The face is seen, and somebody is meant to have it.'],
        'nobody' => ['Nobody is on :subject.', 'A face without a camera is missing in every edit.'],
        'doubled' => ['Nobody is on :subject, and two are on :other.', 'Share them out: say on each camera whom it also covers.'],
        'unseen' => [':cameras is meant to be on :subject, and does not see the face.', 'Out of frame, hidden or turned away, at every mark.'],
    ],
    'sight-is-clear' => [
        'fails' => [':thing hides :share of :subject’s head from :camera.', 'A step aside is enough; nobody steps aside by themselves in a take.'],
        'moving' => [':thing hides :share of :subject’s head from :camera at :at.', 'Walk it before the take: lead the way round it, or cut elsewhere there.'],
    ],
    'safety-holds' => [
        'holds' => [':camera is locked and has everybody, all the time.', 'Whatever the others do, there is something to cut to.'],
        'none' => ['No locked camera has everybody.', 'When two roving cameras miss together, nothing is left to cut to. Give one camera a locked role.'],
        'misses' => [':camera is to be on everybody, and misses :missing.', 'Take it wider, or move it: the one that stays has everybody.'],
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
    'stand-fits-its-place' => [
        'holds' => [':thing’s legs have their floor.', 'A circle of :radius is free of walls, furniture and people.'],
        'fails' => [':thing’s legs are :distance into the :what.', 'They spread :radius around the column.'],
        'wall' => [':thing’s legs are outside the room.', 'They spread :radius around the column.'],
        'bites' => [':thing is clamped within reach of something.', 'Try what it bites by hand before it carries anything, and tie it with a second hold: a steel wire.'],
        'hangs' => [':thing hangs on nothing.', 'A clamp holds its load within :reach of what it bites; the nearest is :distance off. Put it on a stand, or clamp it where something is.'],
    ],
    'stock-suffices' => [
        'holds' => ['There is what is placed.', ':count models, counted over what is on at one time.'],
        'fails' => [':model: :needed placed, :there there.', 'For :things. Take another, or find :short more by then.'],
        'back' => [':model: :needed placed, :there there on :day.', 'For :things. More of it goes back on :until: keep it longer, or take another.'],
        'uncounted' => ['Nobody has counted :models.', 'Count what is there under Kit, in Cameras, before you rely on it.'],
    ],
    'walk-is-free' => [
        'holds' => [':subject’s way is free.', ':after, with room for the shoulders.'],
        'fails' => [':subject walks into :thing after :after.', 'Clear the way, or let it end sooner.'],
    ],
    'support-reaches-its-height' => [
        'holds' => [':thing’s support holds it at :height.', ':support: :lowest to :highest.'],
        'fails' => [':thing is at :height; its support holds :lowest to :highest.', ':support. Take another, or change the height.'],
    ],
];
