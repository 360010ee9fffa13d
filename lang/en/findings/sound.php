<?php

declare(strict_types=1);

/* What the checks of sound say: a sentence, and what to do. */
return [
    'voice-is-nearer-than-the-room' => [
        'holds' => [':boom hears :subject :over over the room.', 'Dry enough: voice and room are as loud at :equal.'],
        'fails' => [':boom hears :subject only :over over the room, at :distance.', 'Nearer, a narrower pattern, or cloth in the room. As loud as each other at :equal.'],
        'room' => [':boom hears more room than :subject: the room is :over louder, at :distance.', 'Beyond :equal a voice swims. Come nearer, hang cloth, or put a microphone on them.'],
    ],
    'every-voice-is-near-a-microphone' => [
        'holds' => [':microphone hears :subject as well as :other, :under under.', 'It hangs between them.'],
        'swing' => [':microphone hears :subject :under under :other: swing it.', 'Somebody’s hands are on the pole; rehearse who speaks when.'],
        'far' => [':subject has no microphone, and :microphone hears them :under under :other.', 'Between both, a second boom, or a body microphone.'],
        'none' => ['No microphone hears :subject.', 'A boom, or one on them.'],
        'not-yet' => ['Nothing hears :subject yet.', 'A talk is heard before it is seen: place a boom, or list a microphone on them.'],
    ],
    'bands-are-usual' => [
        'holds' => ['All :count links lie in bands that are usual in :region.', 'The first: :what. That is no leave to send: check with the regulator.'],
        'fails' => [':link is set to :set, outside the bands that are usual in :region.', 'Set it elsewhere, and check with the regulator before it is switched on.'],
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
        'drowned' => [':boom hears the noise :under louder than :subject, at :distance.', 'Nearer, a narrower pattern, or what runs switched off.'],
        'fails' => [':boom hears :subject only :margin over the noise, at :distance.', 'Nearer, a narrower pattern, or what runs switched off.'],
    ],
    'others-are-three-times-as-far' => [
        'holds' => [':other hears :subject :weaker weaker than :own.', 'Both open, nothing turns hollow.'],
        'fails' => [':other hears :subject only :weaker weaker than :own, and :late ms late.', 'Three times as far is 9.5 dB: farther apart, turned away, or one closed while the other speaks.'],
    ],
    'voice-has-two-ways' => [
        'holds' => [':subject is recorded over :count ways that share nothing.', 'Whatever fails alone, the words are there.'],
        'fails' => [':subject is lost when this fails alone: :parts.', 'A second way that shares nothing with the first: a boom beside a body microphone, a feed to a camera beside the recorder.'],
        'placed' => [':subject has :count microphones.', 'Write the track sheet from them, and it says whether their ways are apart.'],
        'placed-one' => [':subject has one microphone, and nothing beside it.', 'A body microphone beside a boom, or a boom beside it; then write the track sheet.'],
        'none' => [':subject has no way to anything that records.', 'Give each voice a line in the track sheet.'],
        'unwatched' => ['Nobody watches :recorder, which records :source.', 'Float recording forgives; else somebody listens, or a second track at −10 dB.'],
    ],
    'boom-stays-out-of-frame' => [
        'holds' => [':thing is out of :camera’s frame.', 'Tip, pole and stand.'],
        'margin' => [':thing’s tip is only :distance outside :camera’s frame; :limit is wanted.', 'A lean, or a loose hand on the pole, and it is in. Raise it.'],
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
    'boom-hears-the-front' => [
        'holds' => [':boom hears :subject from the front.', ':off off the face.'],
        'fails' => [':boom hears :subject from the side, :off off the face.', 'Above an ear the consonants are gone: bring it before the face.'],
    ],
    'asker-stays-off-the-track' => [
        'holds' => [':asker lies :under under the answers at :microphone.', 'They may breathe; let them not speak over an answer.'],
        'fails' => [':asker is heard at :microphone, only :under under the answers.', 'Seat them farther off or behind the microphone, and let them nod, not speak.'],
        'no-track' => [':asker is part of the scene and has no microphone.', 'Give them a track of their own, or their questions sound from far off.'],
        'own-track' => [':asker has a track of their own.', 'They are part of the scene.'],
    ],
    'levels-have-headroom' => [
        'holds' => [':source to :recorder: :gain of gain for :voice, :headroom over the peaks.', ':level at the microphone.'],
        'overload' => [':voice’s peaks are more than :source bears: it bears :bears.', 'Farther off, a pad in the microphone, or another one.'],
        'pad' => [':source gives :recorder more than it takes: :gain of gain.', 'A pad, or a line input.'],
        'weak' => [':source wants :gain of gain at :recorder.', 'More than 60 dB is hiss: nearer, or a microphone that gives more.'],
        'peaks' => [':source to :recorder leaves :headroom over the peaks.', 'A track 10 dB lower beside it, a float recording, or somebody at the levels.'],
        'hiss' => [':source hears :voice only :over over its own hiss.', 'Nearer, or a quieter microphone.'],
    ],
    'inputs-suffice' => [
        'holds' => [':recorder has inputs for what ends in it.', ':count of :inputs are taken.'],
        'short' => [':count sources end in :recorder, and it has :inputs inputs.', 'A splitter mixes, it does not part: another recorder, or fewer microphones.'],
        'twice' => ['Input :input of :recorder is given twice.', 'One for one: move one of the two.'],
        'none-such' => [':recorder has no input :input.', 'It has :inputs.'],
        'phantom' => [':source wants phantom power, and :recorder gives none.', 'A supply of its own, or another input.'],
    ],
    'cables-reach' => [
        'holds' => [':source to :recorder: :need as laid, by :leads.', 'Along the wall, with slack at both ends.'],
        'unlisted' => [':source to :recorder wants :need of cable; none is listed.', 'List what you carry, and what it ends in.'],
        'short' => ['No cable reaches from :source to :recorder: :need as laid.', 'A longer one, two joined, or the recorder nearer.'],
        'adapter' => [':source to :recorder wants an adapter, :adapter.', 'And one to spare.'],
        'unbalanced' => [':source to :recorder runs :need unbalanced.', 'Over three metres it picks up mains and dimmers: a balanced way, or the recorder nearer.'],
        'door' => ['The cable from :source crosses the :doors.', 'Tape it down or cover it, and keep the way out free.'],
        'spare' => [':spare to spare of :lead.', ':taken are laid.'],
        'no-spare' => [':lead: :taken laid, :spare to spare.', 'Carry :wanted more of its kind.'],
        'too-few' => ['More of :lead are laid than there are.', 'Carry more, or lay another.'],
    ],
    'links-reach' => [
        'holds' => [':link reaches :antenna with :margin left.', ':distance, :walls, bodies in the way: :bodies. Walk it with the pack on.'],
        'fails' => [':link reaches :antenna with only :margin left.', ':distance, :walls, bodies in the way: :bodies. Bring the antenna nearer or higher, into sight.'],
        'beside' => [':other stands :distance from :antenna.', 'A sender of pictures deafens what is beside it: two metres and more.'],
        'apart' => [':antenna and :other stand :distance apart.', 'That is enough.'],
    ],
    'packs-outlast-the-day' => [
        'holds' => [':thing lasts the recording on one set.', ':hours h a set, :minutes min of them to use.'],
        'change' => [':thing wants :sets sets; :carried are carried.', 'Change them in the breaks.'],
        'short' => [':thing wants :sets sets, and :carried are carried.', 'Carry more, or charge between.'],
        'in-the-take' => [':thing runs empty within the longest stretch.', 'It lasts :minutes min: a break before that, or power from the wall.'],
    ],
    'formats-agree' => [
        'holds' => ['All that records sound runs at :wanted.', ':count listed.'],
        'fails' => [':thing runs at :rate, and :wanted is planned.', 'Set it before the day: one that runs apart drifts.'],
    ],
    'room-tone-is-planned' => [
        'holds' => ['Room tone is planned.', 'Half a minute, everybody still, before anyone leaves.'],
        'fails' => ['No room tone is planned.', 'Half a minute of the room alone mends every cut: say so in the Brief.'],
    ],
    'desk-feed-is-agreed' => [
        'holds' => ['The feed “:feed” is agreed.', ':who gives it into :recorder. Try it before the audience comes.'],
        'asked' => ['The feed “:feed” is not agreed yet.', 'Ask :who before the day: connector, level, rate, and who records.'],
        'open' => ['The feed “:feed” is agreed, and this is open: :open.', 'Ask again.'],
        'connector' => ['The feed “:feed” wants an adapter, :connector.', 'And one to spare.'],
        'hot' => ['The feed “:feed” comes at line level, and :recorder takes a microphone’s.', 'A pad, a line input, or ask for less.'],
        'none' => ['You record by the house desk, and no feed is listed.', 'List who gives it, by which connector, and into what.'],
    ],
    'pictures-can-be-synced' => [
        'holds' => [':camera hears the voice :late ms late, :frames frames.', 'From :distance. Sync by :sync.'],
        'fails' => [':camera hears the voice :late ms late, more than a frame.', 'From :distance: lay its picture by the clap that it sees, not by what it hears.'],
        'open' => ['Nobody has said how sound finds its picture.', 'A clap that every camera sees, timecode, or their own sound: say so in the Brief.'],
        'timecode' => ['Sound and pictures run by one timecode.', 'Set all to the hour together, and again after each break.'],
    ],
    'quiet-hours-are-used' => [
        'holds' => ['You record from :from to :to, in the quiet of the place.', 'What cannot be stopped runs at other hours.'],
        'other' => ['From :from to :to the place is not quiet.', 'It is from :quiet.'],
        'never' => ['From :from to :to the place is not quiet, and no stretch of the day is long enough.', 'The longest is :quiet: record in parts, come nearer, or stop what can be stopped.'],
    ],
    'wind-is-kept-off' => [
        'holds' => [':microphone wears enough for this wind, :cover.', ':wind.'],
        'fails' => [':microphone wears :cover in a wind of :wind.', 'It wants :wants.'],
    ],
    'boom-is-held' => [
        'holds' => [':boom is held, :minutes at a stretch.', 'Up to :limit arms stay up; headphones on whoever holds it.'],
        'tires' => [':boom is held for :minutes at a stretch.', 'After about :limit arms sink, and the tip comes into the frame: a break, a stand, or somebody to take over.'],
        'nobody' => [':boom is in somebody’s hands, and nobody is said to boom.', 'Say in the brief that someone does, or set it on a stand.'],
        'stands' => ['Someone booms, and :boom is on a :stand.', 'In hands it follows the talk, and who holds it needs a place out of the frames.'],
    ],
    'worn-microphones-are-quiet' => [
        'holds' => [':microphone is quiet :worn.', 'Its cable runs :route. Rub test before the take: turn, lean, reach, with headphones on.'],
        'route' => [':microphone is :worn; its cable has no way yet.', 'Under the coat, the pack at the belt behind, a loop before the clip.'],
        'rubs' => [':microphone is :worn, near :what.', 'On :subject it will rub: another place, a cover, and a rub test with headphones on.'],
    ],
    'two-microphones-are-aligned' => [
        'holds' => [':far hears :subject :late ms after :near: :samples samples.', 'Mixed as they are they comb from :notch Hz; move it by so many samples.'],
    ],
    'pair-hears-the-width' => [
        'holds' => [':pair spreads the players as wide as it should.', ':width of :angle.'],
        'narrow' => [':pair huddles the players in the middle.', 'They take :width of its :angle: nearer, or the pair narrower.'],
        'wide' => [':pair piles the players up at the sides.', 'They take :width of its :angle: farther off, or the pair wider.'],
    ],
    'tracks-name-what-is-placed' => [
        'holds' => ['“:track” names what is placed.', ':source to :recorder.'],
        'source' => ['“:track” names a microphone that is nowhere placed: :source.', 'Place it, or call it as it is called.'],
        'recorder' => ['“:track” ends in something that is not listed: :recorder.', 'List it, with its inputs.'],
    ],
    'somebody-listens' => [
        'holds' => ['The levels are guarded as you work.', 'Listen on headphones at the start of every take.'],
        'nobody' => ['Nobody only listens, and that is how you work.', 'Somebody who is at no camera, with headphones on.'],
        'narrow' => ['You record wide and leave it, and no track is float.', 'Say which recorders are, or have somebody listen.'],
        'lower' => ['You glance at the levels: :count tracks are not float.', 'Record each once more 10 dB lower.'],
    ],
    'microphones-are-as-chosen' => [
        'holds' => [':subject is heard as you work.', 'Microphones and recorders as chosen.'],
        'no-boom' => ['A boom comes first with you, and :subject has none.', 'Place one, or choose another way of working.'],
        'no-body' => ['A body microphone comes first with you, and :subject wears none.', 'Give them one.'],
        'no-feed' => ['You record apart and feed the camera, and :subject has not both.', 'One track to a recorder, one to a camera.'],
        'no-camera' => ['You record into the camera, and :subject is on none.', 'A track to a camera.'],
        'not-on-them' => ['You record on the speaker, and :subject carries nothing.', 'A recorder on them, and a clap.'],
    ],
    'walk-keeps-its-voice' => [
        'holds' => [':subject stays near :microphone on the walk.', 'It loses :falls at the most.'],
        'fails' => [':subject walks away from :microphone: :falls less at the end.', 'Twice as far is 6 dB, and sounds like another place: one that is worn, somebody to hold the boom, or its tip over the way.'],
    ],
];
