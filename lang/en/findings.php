<?php

declare(strict_types=1);

/*
 * By check and case: the sentence, and why it matters. Numbers come in the reader's units.
 */
return [
    'mains-cable-is-out-of-the-way' => [
        'holds' => ['The cable to :thing runs :length from the :outlet, clear of every door.', 'Run it along the wall and tape it where people walk.'],
        'over' => ['The cable to :thing goes over the :door: :length in all.', 'Up one side and down the other, tied off, so the door still shuts.'],
        'crosses' => ['The cable to :thing crosses the way to the :door, :length in all.', 'Cover it or tape it down across the whole way.'],
        'way-out' => ['The cable to :thing crosses the way out by the :door.', 'Use another outlet, go over the door, or run on battery. Otherwise a ramp across the whole way, and the venue’s permission.'],
        'thin' => ['The cable to :thing loses :lost of the voltage over :length.', 'A thicker lead, another outlet, or less on it.'],
    ],
    'support-carries-its-load' => [
        'holds' => [':thing weighs :kg; its :support is rated for :rating.', 'By the maker’s rating you typed in.'],
        'fails' => [':thing weighs :kg; its :support is rated for :rating.', 'Take a stronger one. Only the maker’s rating counts.'],
    ],
    'stand-does-not-tip' => [
        'holds' => [':thing stands :times times over on its :arm arm.', 'Your limit is :safety times. Keep a leg under the arm, with the sandbag on it.'],
        'near' => [':thing stands only :times times over on its :arm arm; your limit is :safety.', 'Put :ballast of sandbags (:bags) on the leg under the arm.'],
        'tips' => [':thing tips its stand over: the arm is :arm.', 'Put :ballast of sandbags (:bags) on the leg under the arm before it goes up.'],
    ],
    'frame-stands-in-the-wind' => [
        'holds' => [':thing stands in :wind of wind, up to :down.', 'Gusts come on top: someone holds it, and it comes down early.'],
        'near' => [':thing needs :ballast of sandbags (:bags bags) in :wind of wind; it goes over at :down.', 'Bag the legs, have someone hold it, and bring it down early.'],
        'falls' => [':wind of wind brings :thing down; it goes over at :down.', 'Put :ballast of sandbags (:bags bags) on it, use a smaller frame, or leave it in the case.'],
    ],
    'hangs-where-it-may' => [
        'holds' => [':thing hangs from the :beam, as :who allows.', 'Add a safety line, and check both every day.'],
        'unsigned' => [':thing hangs from the :beam, and no one is named who permits it.', 'Write down who gave permission.'],
        'asks' => [':thing hangs from the :beam, and nobody has said whether it may.', 'Ask whoever is responsible for the building, and write down who said what.'],
        'no' => [':thing hangs from the :beam, where nothing may hang.', 'Use a stand, or another position.'],
    ],
    'tasks-keep-their-hours' => [
        'holds' => ['The day fits: call at :call, done at :end.', 'Every task keeps its hours with the crew you have. See it in Rundown.'],
        'take' => [':name would finish recording at :ends; it is set for :from to :to.', 'Move it later, rig less, call earlier, or bring another pair of hands.'],
        'fails' => ['Work for :name would end at :ends; you have the location from :from to :to.', 'Shorten what comes before, ask for more time, or move something to another day.'],
    ],
    'day-is-not-too-long' => [
        'holds' => ['The day is :hours long, from :call to :end.', 'Travel included. Your limit is :limit.'],
        'fails' => ['The day is :hours long, from :call to :end.', 'Over :limit. Tired people break things, and then drive home. Stay overnight, share the driving, or split the day.'],
        'night' => ['You get home at :end.', 'After a :hours day. Share the driving, or stay overnight.'],
    ],
    'rig-is-ready-in-time' => [
        'holds' => [':name is ready at :ready, :minutes before it begins.', 'You asked for :wanted in hand.'],
        'fails' => [':name is ready only :minutes before it begins at :begins.', 'You asked for :wanted in hand. Call earlier, or rig less.'],
    ],
    'sections-are-covered' => [
        'holds' => [':section: everyone who plays is in a frame.', 'Two or more cameras on :doubles.'],
        'gap' => [':section: only the wide has :who.', 'Two or more cameras on :doubles. Turn one to :who, or accept that the cut stays wide.'],
        'bare' => [':section: no camera has :who, and there is no wide.', 'Two or more cameras on :doubles. Turn one to them, or lock one off wide.'],
    ],
    'cameras-have-something-to-do' => [
        'holds' => [':camera has someone who plays in every section.', 'By its frame, or by the assignment you gave it.'],
        'fails' => [':camera has no one who plays in :sections.', 'Give it hands, feet or listening faces, or use the time to change its card.'],
    ],
    'nobody-is-in-two-places' => [
        'holds' => [':who is on :cameras, and nowhere else.', 'They have no second job during the take.'],
        'cameras' => [':who is on :cameras at the same time.', 'Lock one off, or bring someone.'],
        'seen' => [':who operates :cameras and is in front of it.', 'Lock it off, or name another operator.'],
        'listens' => [':who operates :cameras and monitors :listens.', 'On headphones, with a near-static shot, it can work. Better if someone else listens.'],
    ],
    'hands-suffice-for-the-take' => [
        'holds' => [':needed of :hands people are busy in the take: :work.', 'The interviewer or director counts only where they also operate.'],
        'fails' => ['The take needs :needed people: :work. You have :hands.', 'Put something on a stand, lock a camera off, or bring someone.'],
    ],
    'clips-reach-the-end' => [
        'holds' => [':camera records through the whole set.', 'A clip lasts :limit; the camera is unattended.'],
        'restart' => ['Restart :camera after :after.', 'A clip lasts :limit: left alone it stops at :stops, in :in. With the restart its longest clip is :longest.'],
        'together' => ['One person can’t restart every camera: :camera and the others need the same gaps.', 'A clip lasts :limit. Put someone on one of them, or use a recording mode that runs longer.'],
        'fails' => [':camera stops at :stops, in :in, with no gap before it.', 'A clip lasts :limit. Use a recording mode that runs longer, leave longer gaps, or put someone on it.'],
    ],
    'set-fits-its-hours' => [
        'holds' => ['There is time for the set :times times.', ':set with gaps, in :hours.'],
        'once' => ['There is time for the set once.', ':set with gaps, in :hours: no time for a second pass from other angles.'],
        'fails' => ['The set is longer than the hours.', ':set with gaps, in :hours. Play less, or ask for more time.'],
    ],
    'sections-follow-on' => [
        'holds' => [':next follows :section.', ':length by the clock, :tempo by the bars.'],
        'timed' => [':next follows :section.', ':length by the clock; no bars and tempo given.'],
        'overlaps' => [':next begins :off before :section ends.', 'Cues and frames follow this clock: correct one of the two times.'],
        'hole' => ['Nothing is listed between :section and :next for :off.', 'End one where the next begins, or name what happens between.'],
        'tempo' => [':section lasts :length by the clock and :tempo by its bars.', 'A miscounted bar, a wrong tempo, or free playing: cues by the bar will come early or late.'],
    ],
    'leaders-are-there' => [
        'holds' => [':section: :names.', 'They all perform in this setup.'],
        'fails' => [':section names “:names”, who doesn’t perform here.', 'Write names as they are on the floor, separated by commas, or “both”, “all”.'],
    ],
    'cues-can-be-given' => [
        'holds' => ['“:cue” goes to :who.', 'There is enough time before it.'],
        'nobody' => ['“:cue” has no one to do it.', 'Name who does it.'],
        'nowhere' => ['“:cue” is nowhere in the song: :who.', 'Name a section as written in the song map, then a bar if it isn’t the first.'],
        'stranger' => ['“:cue” is for :who, who is not in the crew.', 'Add them to the crew, or put them on a camera.'],
        'close' => ['“:cue” comes :since after :who’s last cue.', 'No one can read it, reach it and do it in that time. Give it to someone else.'],
    ],
    'crew-is-there-in-time' => [
        'holds' => [':who is there for :camera, :from to :ends.', 'By their call time.'],
        'unlisted' => [':who is on :camera but not in the crew.', 'Add them with a call time; they are needed from :from.'],
        'late' => [':who is called for :comes; :camera goes up from :from.', 'Call them earlier, or let others build it.'],
        'fails' => [':who is called for :comes; recording starts at :begins.', 'Call them for :from, or put someone else on :camera.'],
        'leaves' => [':who leaves at :goes; recording runs until :ends.', 'Put someone else on :camera, or shoot what needs them first.'],
    ],
    'crew-rests-overnight' => [
        'holds' => ['There are :rest between :day and :next.', 'Your limit is :limit. Strike, travel and build come off that.'],
        'fails' => ['There are only :rest between :day and :next.', 'Your limit is :limit. Start later, stay overnight, or leave the rig standing.'],
    ],
    'meal-comes-in-time' => [
        'holds' => ['No one works longer than :limit without a meal.', ':call to :end, meal at :meal; longest stretch :longest.'],
        'short' => ['The day is short enough to go without a meal.', ':longest, :call to :end; your limit is :limit.'],
        'none' => ['No meal is planned between :call and :end.', 'Your limit is :limit. Hungry people hurry.'],
        'fails' => ['With the meal at :meal people work :longest at a stretch.', 'Your limit is :limit. Hand out food before it, or add a break.'],
    ],
    'questions-are-open' => [
        'holds' => ['“:question” asks for a story.', 'It can’t be answered with yes or no.'],
        'fails' => ['“:question” can be answered with yes or no.', 'Start with how, what, why, when, or “Tell me about …”.'],
    ],
    'cuts-can-be-hidden' => [
        'holds' => ['You can hide cuts in :who’s answers.', ':cameras cameras have the face: cut between them.'],
        'pictures' => ['You can cover cuts in :who’s answers with pictures.', 'One camera has the face; :pictures topics have a cutaway planned. Hold them long enough.'],
        'fails' => ['Every cut in :who’s answers will show.', 'One camera has the face, and no topic has a cutaway. Add a second frame, or cutaways.'],
    ],
    'topics-have-their-pictures' => [
        'holds' => [':topic: :picture, at :place.', 'As written in the brief.'],
        'fails' => [':topic has no picture.', 'What could we see while they talk about it? Ask, go and look, ask again on the day.'],
        'where' => [':topic: no location for “:picture” yet.', 'Name it, so the day has time for it and you can check the light.'],
    ],
    'cards-carry-the-day' => [
        'holds' => ['The cards hold the day’s :what, one each.', ':gb in all; :cards cards.'],
        'changes' => ['The cards hold the day’s :what, with :changes to swap.', ':gb in all; :cards cards. First swap by :first, in a pause.'],
        'fails' => ['Not enough cards for the day’s :what: :short would stop.', ':gb in all; :cards cards, none used twice. Bring more or larger cards, or a lower bit rate.'],
        'unlisted' => ['No cards are listed for :what.', 'The day writes :gb. List your cards under Music and media.'],
    ],
    'copies-have-room' => [
        'holds' => ['The day fits on both drives.', ':gb, copied twice and verified: :time.'],
        'unlisted' => ['No drives are listed.', 'You need :gb twice: one copy is no backup. List your drives under Music and media.'],
        'one' => ['There is only one drive.', 'You need :gb twice: one copy is no backup. Don’t format cards until the second exists.'],
        'full' => ['Only :roomy of :count drives have room for the day.', 'You need :gb twice.'],
    ],
    'talk-fits-its-hours' => [
        'holds' => ['The talk fits its hours.', ':parts parts, :talk, in :hours.'],
        'tight' => ['The talk just fits its hours.', ':parts parts, :talk, in :hours. Good answers run on: know which part you could drop.'],
        'fails' => ['The talk is longer than its hours.', ':parts parts, :talk, in :hours. Ask less, or book more time.'],
    ],
    'talk-has-breaks' => [
        'holds' => ['No one talks longer than :minutes without a break.', 'Your limit is :limit.'],
        'fails' => ['From “:from” on there are :minutes without a break.', 'Your limit is :limit. A break rests voices, and lets you swap cards and batteries.'],
    ],
    'leader-has-a-camera' => [
        'holds' => [':section: :who leads and has a camera.', 'Besides the wide shot.'],
        'fails' => [':section: :who leads and no camera has them.', 'Only the wide, if that. Turn one camera to them.'],
    ],
    'copies-end-before-night' => [
        'holds' => ['The copies are made by :ends.', ':time, starting at :home.'],
        'fails' => ['The copies aren’t done before :ends.', ':time, starting at :home. Start on the first card while the second setup is rigged, or use a faster drive.'],
    ],
    'leave-comes-in-time' => [
        'holds' => [':what: answer due :due.', ':who. That leaves time to react to a no.'],
        'late' => [':what: no answer before :due.', ':who. Ask for an earlier answer, or have a plan B.'],
        'fails' => [':what: the answer on :due comes too late.', ':who. Call today.'],
    ],
    'cases-pass-the-ways' => [
        'holds' => ['Every case fits through the :way.', 'The widest is :case, :wide; the way is :narrow.'],
        'fails' => [':case doesn’t fit through the :way.', 'On end it is :wide; the way is :narrow. Use another case, or another door.'],
    ],
    'things-fit-the-cases' => [
        'holds' => ['Everything fits into :cases cases.', ':things items, with your sizes or typical ones.'],
        'unlisted' => ['No cases are listed.', ':things items to pack. List your cases with their inside dimensions.'],
        'left' => ['Not everything fits into the cases: :left.', ':things items. Bring another case or a larger one, or leave something out.'],
    ],
    'cases-can-be-lifted' => [
        'holds' => ['One person can lift every case.', 'The heaviest is :case, :kg; your limit is :limit.'],
        'pair' => [':case weighs :kg: a two-person lift.', 'One person lifts :limit. Move something heavy into another case, or take a cart.'],
        'fails' => [':case weighs :kg.', 'One person lifts :limit, and :hands can carry. Spread it over more cases.'],
    ],
    'cases-are-carried-in-time' => [
        'holds' => ['Load-in takes :rounds trips, :minutes.', ':cases cases over :far; the schedule has :planned.'],
        'fails' => ['Load-in takes :rounds trips, :minutes; the schedule has :planned.', ':cases cases over :far. Call earlier, bring a cart or another pair of hands, or take less.'],
    ],
    'cases-go-into-the-car' => [
        'holds' => ['The cases fit in the car.', ':cases cases need :needed of its :room.'],
        'fails' => ['The cases need :needed; the car has :room.', ':cases cases, walls and gaps included. Take a larger car or a second one, or less gear.'],
    ],
    'cases-go-by-hand' => [
        'holds' => ['You can board the train in one go.', ':cases cases for :hands people.'],
        'fails' => [':cases cases are too many or too heavy for :hands people on a train.', 'You can’t go back for the rest. Take less, repack, or ship it ahead.'],
    ],
    'batteries-may-travel' => [
        'holds' => [':pack may fly as carry-on.', ':wh each, :count of them. Cover the contacts and carry them on. The airline decides.'],
        'ask' => [':pack needs the airline’s approval.', ':wh each: over 100 Wh, usually two per person at most, as carry-on. The airline decides.'],
        'fails' => [':pack can’t fly with you.', ':wh each: over 160 Wh goes as freight only. Hire some there, or take smaller ones.'],
    ],
    'loans-go-back-in-time' => [
        'holds' => ['You have :thing until :until.', 'From :from.'],
        'fails' => [':thing is due back on :until.', 'From :from. Pack it on top, and say who returns it.'],
    ],
    'hired-things-have-a-source' => [
        'holds' => [':thing: :whose, from :from, until :until.', 'As listed in What there is.'],
        'nobody' => [':thing is :whose, with no name of who it comes from.', 'Who do you call if it isn’t there in the morning?'],
        'open' => [':thing is :whose from :from, with no return date.', 'Ask, so it goes back on time.'],
    ],
    'faulty-things-stay-home' => [
        'holds' => [':thing: one is faulty and set aside; :left left.', ':needed needed.'],
        'fails' => [':thing: one is faulty; :left of :needed left.', 'Repair it, borrow or hire one, or plan without it.'],
        'uncounted' => [':thing is faulty, and the others aren’t counted.', ':needed needed. Count the rest in What there is.'],
    ],
    'service-is-done' => [
        'holds' => [':thing is due for service after the shoot, on :due.', 'As written.'],
        'fails' => [':thing was due for service by :due.', 'Clean it, test it, and set the next date.'],
    ],
    'packs-carry-the-hours' => [
        'holds' => [':devices: one battery each lasts to the end.', 'Recording until :to. Start with full batteries; line-up and rehearsal draw too.'],
        'swaps' => [':devices: :count of batteries, at :swaps.', 'In pauses, out of :packs on the :plate. Recording until :to.'],
        'dies' => [':devices: the batteries last until :until.', 'Recording until :to, swapping :packs on the :plate in the best pauses.'],
        'uncounted' => ['The batteries for :devices aren’t counted.', 'The kit has some that fit the :plate; count them in What there is.'],
        'unlisted' => ['No battery in the kit fits :devices.', 'They take the :plate. List batteries under Power.'],
    ],
    'mains-cables-are-carried' => [
        'holds' => ['Your extensions reach every lamp: :count of them.', ':total as laid, the longest :longest.'],
        'fails' => ['None of your extensions reaches :thing.', ':length from the :outlet as laid, 10 % slack included; what’s left won’t join up that far.'],
        'unlisted' => ['No mains extensions are listed.', ':total as laid, the longest :longest. List yours under Power.'],
    ],
    'mains-cable-stays-out-of-frame' => [
        'holds' => ['No lens sees a mains cable.', 'As laid over the floor, behind what hides them.'],
        'fails' => [':length of the cable to :thing is in :camera’s frame.', 'Route it another way, or hide it behind something.'],
    ],
    'joints-close' => [
        'holds' => ['Everything mounts, with :parts adapters between.', ':count lamps and poles on their supports. The parts are in the grip list.'],
        'straight' => ['Everything mounts directly.', ':count lamps and poles, no adapters needed.'],
        'fails' => [':thing doesn’t mount on :support.', 'It takes :mount, :support has :offers, and nothing in the kit adapts one to the other.'],
        'short' => [':thing needs one more part: :part.', 'It takes :mount, :support has :offers; you have :there, and the setups up at that time need more.'],
        'heavy' => [':thing is too heavy for its adapters.', 'It takes :mount, :support has :offers; what adapts them is rated for less.'],
    ],
    'everyone-gets-out' => [
        'holds' => ['Everyone can get out: :width wide at the narrowest.', 'From every seat to a way out, past furniture and stand legs. The venue’s fire plan and local code may ask for more.'],
        'fails' => [':person’s way to the :door is :width wide.', 'Narrowest between :thing and :other; keep :limit. The venue’s fire plan and local code may ask for more.'],
        'wall' => [':person’s way to the :door is :width wide.', 'Narrowest between :thing and a wall; keep :limit. The venue’s fire plan and local code may ask for more.'],
        'door' => ['The :door is :width wide, and :person has no wider way out.', 'Less than :limit. Ask the venue which exits to use, and tell everyone.'],
        'shut' => [':person cannot get out.', ':thing blocks the way; move it before anyone sits down.'],
    ],
    'nobody-is-under-it' => [
        'fails' => [':thing hangs over :person, :above above their head.', 'Move it aside. If it has to be there: a safety line, someone who checks it, and whoever is licensed for it locally.'],
    ],
    'heavy-is-lifted-by-two' => [
        'holds' => [':thing, :kg up to :height, is a two-person lift.', 'One person lifts up to :limit there.'],
        'fails' => [':thing weighs :kg and goes up to :height, and you are alone.', 'Over :limit it takes two. Bring someone, or assemble it lower.'],
    ],
    'circuit-carries-its-loads' => [
        'holds' => ['The :circuit carries :loads: :amps of :limit.', ':spare to spare under the continuous-load limit.'],
        'unsure' => ['The :circuit should carry :loads: :amps of :limit.', 'Nobody has confirmed what else is on it. Ask, or put a clamp meter on.'],
        'over' => ['The :circuit carries :amps; its continuous limit is :limit.', 'From :loads. The :breaker breaker warms up and goes mid-take.'],
        'trips' => ['The :circuit trips: :amps on a :breaker breaker.', 'From :loads. Move some, or run them on battery. More power from the panel: licensed electricians only.'],
    ],
    'every-load-is-plugged-in' => [
        'holds' => ['All :count loads have a circuit.', 'Label the plugs accordingly.'],
        'fails' => ['No circuit is assigned for :loads.', 'On the day they end up on the nearest outlet.'],
        'none-fits' => ['The circuits here can’t carry everything: :loads are left.', 'Use fewer lamps, batteries, or another location. For a generator or a tie-in ask a licensed electrician.'],
    ],
    'sound-keeps-off-the-dimmers' => [
        'fails' => [':sound shares the :circuit with :dimmed, which is dimmed.', 'Dimmers hum into sound: use another circuit, or batteries.'],
    ],
    'mood-is-kept' => [
        'holds' => ['Your choices fit a :mood mood.', 'It usually means: :ways.'],
        'against' => ['“:school” works against a :mood mood.', 'That usually means “:wanted”. If you mean it, leave it.'],
    ],
    ...require __DIR__.'/findings/cameras.php',
    ...require __DIR__.'/findings/light.php',
    ...require __DIR__.'/findings/sound.php',
    'place-is-known' => [
        'holds' => ['Every question about :place is answered.', 'No surprise is left that a question could have caught.'],
        'visited' => [':known of :place is known.', 'Still open: :unknown. Ask before the day, or bring what covers you.'],
        'unseen' => ['No one has seen :place; :known of it is known.', 'Send the host these questions: :unknown. Until they answer, plan for the worse case.'],
    ],
    'natural-light-is-enough' => [
        'holds' => ['Daylight alone gives :stop at :spot.', 'Metered: :lux. Your lamp can go behind the person to separate them from the background.'],
        'dark' => ['You record from :from to :to, in the dark: no daylight at :spot.', 'Metered by day: :lux. Sunset is at :sunset.'],
        'fades' => ['Daylight at :spot fades: sunset is at :sunset, and you record until :to.', 'Metered: :lux. Bring a lamp that can take over, or record earlier.'],
        'plenty' => ['Daylight at :spot is :short too much for :stop.', 'Metered: :lux. Hold the stop with ND rather than stopping down.'],
        'fails' => ['Daylight is :short short at :spot.', 'Metered: :lux at ISO :iso. ISO :need_iso or :need_stop would do without a lamp; otherwise the lamp becomes the key.'],
    ],
    'lamps-match-the-camera' => [
        'holds' => [':lamp matches the cameras at :balance.', 'It can stay on.'],
        'planned' => [':lamp burns at :kelvin, :gap from the cameras: :plan.', 'Decided. Do it before you set white balance.'],
        'kept' => [':lamp stays lit at :kelvin, :gap from the cameras’ :balance.', 'It shows as a cast on skin and walls. You may want that: check it in frame, or put :gel on it.'],
        'fails' => [':lamp burns at :kelvin, :gap from the cameras’ :balance.', 'Switch it off, put :gel on it, or bring a :globe bulb.'],
        'tinted' => [':lamp is :tint: :kelvin, :gap from the cameras’ :balance.', 'A colour-temperature gel won’t fix a tint. Switch it off, or swap the bulb for a :globe one.'],
    ],
    'place-is-quiet-enough' => [
        'silent' => ['Nothing noisy runs during the shooting hours.', 'Every source is settled, or runs at other hours.'],
        'holds' => ['The voice is :margin above the noise.', 'Loudest: :worst (:hours); all together :level.'],
        'fails' => ['The voice is only :margin above the noise; stop :worst.', 'Without it: :gain above. It runs :hours; who can stop it: :who.'],
        'alone' => ['The voice is only :margin above the noise; stop :worst.', 'Nothing else makes noise then. It runs :hours; who can stop it: :who.'],
        'drowned' => ['The noise is :under louder than the voice; stop :worst.', 'Without it: :gain above. It runs :hours; who can stop it: :who.'],
        'drowned-alone' => ['The noise is :under louder than the voice; stop :worst.', 'Nothing else makes noise then. It runs :hours; who can stop it: :who.'],
        'drowned-still' => ['The noise is :under louder than the voice; stopping :worst is not enough.', 'Without it the rest is still :gain louder. It runs :hours; who can stop it: :who.'],
        'drowned-stays' => ['The noise is :under louder than the voice, and :worst can’t be stopped.', 'It runs :hours. Choose other hours, or another location.'],
        'stays' => ['The voice is only :margin above the noise, and :worst can’t be stopped.', 'It runs :hours. Choose other hours, get the microphone closer, or choose another location.'],
    ],
    'room-is-not-too-hard' => [
        'holds' => ['The room’s reverb is :time.', 'A voice stays clear up to :limit.'],
        'fails' => ['The room’s reverb is :time; a voice stays clear up to :limit.', 'Estimated from surfaces. About :cloth of heavy cloth would tame it; you can add reverb later, never remove it.'],
    ],
    'power-carries-the-lamps' => [
        'holds' => ['The circuits carry the planned lamps: :watts of :free.', 'At :share of each breaker, less what is already on it: :parted.'],
        'unsure' => ['The circuits should carry the planned lamps: :watts of :free.', 'Nobody has measured what else is on :unsure: take a clamp reading with everything on. Split: :parted.'],
        'too-large' => [':lamp takes :takes; no circuit gives more than :largest.', 'At :share of each breaker. Bring a smaller lamp or a battery lamp, or ask the house electrician. Distribution is for licensed electricians.'],
        'parts' => ['No split of :watts of lamps stays under every breaker.', 'Together the circuits give :free, yet one is always over. Use smaller lamps, dim them, or run one on battery.'],
        'tight' => ['No split of :watts of lamps over the circuits was found.', 'There are too many ways to try them all. Split them by hand, or drop a lamp.'],
        'fails' => ['The planned lamps need :watts; the circuits give :free.', 'At :share of each breaker. Spread them, dim them, use batteries, or ask the house electrician. Distribution is for licensed electricians.'],
    ],
    'gear-comes-in' => [
        'holds' => ['The cart fits through the :way.', ':width is enough for its :cart.'],
        'bags' => ['The cart doesn’t fit through the :way (:width): carry the cases.', 'The cart is :cart wide; cases of :case fit.'],
        'stairs' => ['Stairs on the way in: carry the cases up the :way.', ':steps steps in all. Allow for the trips before call.'],
        'fails' => ['The cases don’t fit through the :way (:width).', 'The widest is :case by :long. Take it apart, or find another way in.'],
    ],
    'nothing-is-left-open' => [
        'holds' => ['Agreed: :what.', 'By :who.'],
        'fails' => ['Still :state: :what.', 'Ask :who.'],
        'due' => ['Still :state: :what.', 'Ask :who, by :due.'],
        'refused' => ['Refused: :what.', 'By :who. Change the plan, or the location.'],
        'hazard' => ['A hazard is open: :what.', 'So far: :done. The venue and its rules decide.'],
        'hazard-settled' => ['A hazard is dealt with: :what.', ':done.'],
        'haze' => ['Haze is planned, and the fire alarms aren’t cleared.', 'Detectors: :detectors. Whoever runs the building and its alarms must agree before any haze.'],
        'haze-settled' => ['The fire alarms are cleared for haze.', 'Tell everyone who will breathe it, and air the room.'],
    ],
    'sun-stays-off-the-face' => [
        'holds' => ['No direct sun reaches :who while you record.', 'The longest stretch without it on :date: :steady.'],
        'some-time' => ['Direct sun reaches :who at :times.', 'No shooting hours are set. The longest stretch without it on :date: :steady.'],
        'fails' => ['Direct sun reaches :who at :times, while you record.', 'You can’t grade a stripe off a face. The longest stretch without it on :date: :steady.'],
    ],
    'numbers-are-measured' => [
        'fails' => [':count numbers are assumed, not measured: :names.', 'The first plan needed them. Measure each in Measure, or say there that it is right.'],
        'one' => ['One number is assumed, not measured: :names.', 'The first plan needed it. Measure it in Measure, or say there that it is right.'],
    ],
    'walls-close' => [
        'sketched' => ['The room is a sketch: it hasn’t been taped.', 'Every distance is a guess until the walls are taped. Start with the longest wall.'],
        'holds' => ['The tape readings agree within :gap.', 'More readings than the walls need, and none is off: you can measure from this plan.'],
        'chain' => ['The walls close within :gap, with corners taken on trust.', 'A rectangle can skew and still close. Tape :next to prove the corners.'],
        'unchecked' => ['The walls have exactly the readings they need.', 'Nothing checks them. Tape :next.'],
        'partly' => ['The tape readings agree within :gap.', 'Nothing checks :unchecked: an error there wouldn’t show. Tape :next first.'],
        'stretched' => ['Tape :reading again: it says :written, but by :way it can be :most at most.', 'These lengths don’t make a triangle: this one is too long, or another too short.'],
        'open' => ['The readings leave the shape open; the sketch fills in the corners.', 'Tape :next, and the corners follow from the tape alone.'],
        'contradicted' => ['Tape :reading again: it says :written, the others make it :expected.', 'The other :others readings agree with each other, not with this one. It is set aside until you tape it again.'],
        'slipped' => ['Tape :reading again: it says :written, the others make it :expected:slip.', 'The other :others readings agree with each other, not with this one. It is set aside until you tape it again.'],
        'torn' => ['The tape readings contradict each other by :gap.', 'They can’t show which is wrong: maybe :suspects. Tape :next to find out.'],
        'torn-again' => ['The tape readings contradict each other by :gap.', 'They can’t show which is wrong: maybe :suspects. Tape those again; the wrong one will stand out.'],
        'apart' => ['The walls end :gap from where they began; the limit is :limit.', 'A length or a corner is wrong. Tape the longest wall again, or :next.'],
        'fails' => ['The walls miss closing by :gap; :limit is normal.', 'The gap is spread over the walls, so every distance may be off by some of it. Tape the longest again.'],
    ],
    'corners-are-known' => [
        'holds' => ['Every corner is known to within :off.', 'Nineteen times in twenty, relative to the first corner and wall.'],
        'fails' => ['Corner :corner may be off by :off.', 'Finer clearances can’t be promised. Tape :next to bring the worst down to :then.'],
        'no-more' => ['Corner :corner may be off by :off.', 'Everything in sight is taped: only better readings help, with a laser or taken twice.'],
    ],
    'subject-stands-off-the-background' => [
        'holds' => [':subject has :distance of depth behind them in :camera’s frame.', 'Distance softens the background and drops shadows out of frame.'],
        'fails' => [':subject is :distance from the :behind in :camera’s frame; give it :limit.', 'Close to a wall the picture goes flat and their shadow shows.'],
    ],
    'seat-is-slim' => [
        'holds' => [':subject’s seat is out of the way.', 'Its back and arms hide little of head and shoulders.'],
        'fails' => [':subject’s seat hides :share of head and shoulders from :from.', 'A seat up to :width wide clears. Swap it for a slimmer one.'],
        'back' => [':subject’s seat hides :share of head and shoulders from :from.', 'With a back that high no seat is slim enough. Use a lower one, or a stool.'],
    ],
    'colours-keep-to-the-palette' => [
        'holds' => ['The :thing suits the :nearest.', 'It is in the agreed palette.'],
        'fails' => ['The :thing is :off from the :nearest, the nearest agreed colour.', 'A small palette is calm; a stray colour draws the eye. Change it, or agree on it.'],
    ],
    'clothes-part-from-the-background' => [
        'holds' => [':subject’s :clothes separates from the :behind in :camera’s frame.', 'The shoulders keep their outline.'],
        'fails' => [':subject’s :clothes is only :apart from the :behind in :camera’s frame.', 'The shoulders melt into the background. Change clothes or background, or separate them with light.'],
    ],
    'window-is-not-behind-the-subject' => [
        'holds' => ['The :window stays out of :camera’s frame.', 'Nothing bright pulls the eye or blows out.'],
        'fails' => ['The :window fills :share of :camera’s frame.', 'A bright window beside the face may blow out: meter it, or control it.'],
        'behind' => ['The :window is behind :subject’s head in :camera’s frame.', 'Against a bright window the face goes dark, or the window blows out.'],
    ],
    'way-out-is-clear' => [
        'holds' => ['The :door is clear for :depth.', 'People can get out. The venue’s fire plan and local code may ask for more.'],
        'fails' => [':thing blocks the :door.', 'Keep :depth clear inside a way out; the venue’s fire plan and local code may ask for more.'],
    ],
    'everyone-is-covered' => [
        'holds' => [':cameras has :subject.', 'The face is seen, and a camera is assigned to it.'],
        'nobody' => ['No camera has :subject.', 'A face without a camera is missing from every cut.'],
        'doubled' => ['No camera has :subject, and two have :other.', 'Split them: set on each camera who else it covers.'],
        'unseen' => [':cameras is assigned to :subject and doesn’t see the face.', 'Out of frame, hidden or turned away at every mark.'],
    ],
    'sight-is-clear' => [
        'fails' => [':thing hides :share of :subject’s head from :camera.', 'A step aside is enough, but no one does that during a take.'],
        'moving' => [':thing hides :share of :subject’s head from :camera at :at.', 'Walk it before the take: go around it, or cut away there.'],
    ],
    'safety-holds' => [
        'holds' => [':camera is locked off and has everyone, all the time.', 'Whatever the others do, there is a shot to cut to.'],
        'none' => ['No locked-off camera has everyone.', 'When two roving cameras miss at once, there is nothing to cut to. Lock one off.'],
        'misses' => [':camera should have everyone and misses :missing.', 'Go wider, or move it: the locked-off camera needs everyone.'],
    ],
    'take-stays-clean' => [
        'holds' => ['Nothing enters :camera’s frame during the whole move.', 'Checked between the marks as well as on them.'],
        'fails' => [':thing enters :camera’s frame at :at, :where.', 'It stays until :until. A frame that is clear on the marks can still fail between them.'],
        'seen' => [':thing walks into :camera’s frame at :at, :where.', 'It shows until :until. Move one of them, or cut to :camera only where it is clear.'],
    ],
    'take-can-be-walked' => [
        'holds' => [':camera’s move can be walked, at :speed at most.', 'Nothing is in the operator’s path, half a metre behind the lens. Rehearse it twice.'],
        'fails' => [':camera moves at :speed; :limit keeps it steady.', 'Give the marks more time, or put them closer together.'],
        'bump' => [':camera’s operator walks into :thing at :at.', 'The operator can’t see behind: clear the path or give them a spotter.'],
        'rail' => [':camera’s marks are :way apart; its rail is :rail.', 'Move the marks closer, or take a longer rail.'],
        'cable' => [':camera’s :cable tether is too short: the move needs :far.', 'A tug on the cable shows in frame and can trip someone.'],
    ],
    'take-keeps-focus' => [
        'holds' => ['Focus can follow :camera to every mark.', 'The fastest pull is :pull depths of field a second.'],
        'fails' => ['The pull to “:mark” is hard: :pull depths of field a second.', 'Stop down, give it more time, or put someone on focus.'],
        'near' => ['“:mark” is :distance from the eyes; :camera’s lens focuses from :nearest.', 'Stay back, or use a lens that focuses closer.'],
    ],
    'stand-fits-its-place' => [
        'holds' => [':thing’s legs have room.', 'A circle of :radius is clear of walls, furniture and people.'],
        'fails' => [':thing’s legs are :distance into the :what.', 'The legs spread :radius around the column.'],
        'wall' => [':thing’s legs are outside the room.', 'The legs spread :radius around the column.'],
        'bites' => [':thing has something to clamp to.', 'Test what it clamps to by hand before it carries anything, and add a steel safety wire.'],
        'hangs' => [':thing has nothing to clamp to.', 'A clamp needs something within :reach; the nearest is :distance away. Use a stand, or clamp it elsewhere.'],
    ],
    'stock-suffices' => [
        'holds' => ['You have everything that is placed.', ':count models, counted over the setups up at one time.'],
        'fails' => [':model: :needed placed, you have :there.', 'For :things. Use something else, or find :short more by then.'],
        'back' => [':model: :needed placed, you have :there on :day.', 'For :things. More of it is due back on :until: keep it longer, or use something else.'],
        'uncounted' => [':models: not counted.', 'Count them in Cameras, under Kit, before you rely on it.'],
    ],
    'walk-is-free' => [
        'holds' => [':subject’s path is clear.', ':after, with shoulder room.'],
        'fails' => [':subject walks into :thing after :after.', 'Clear the path, or end the walk sooner.'],
    ],
    'support-reaches-its-height' => [
        'holds' => [':thing’s support reaches :height.', ':support: :lowest to :highest.'],
        'fails' => [':thing is at :height; its support goes from :lowest to :highest.', ':support. Use another support, or change the height.'],
    ],
];
