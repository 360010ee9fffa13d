<?php

declare(strict_types=1);

/* What the checks of sound say: a sentence, and what to do. */
return [
    'voice-is-nearer-than-the-room' => [
        'holds' => [':boom gets :subject :over above the room.', 'Dry enough: voice and room are equally loud at :equal.'],
        'fails' => [':boom gets :subject only :over above the room, at :distance.', 'Move closer, use a tighter pattern, or hang cloth. Voice and room are equally loud at :equal.'],
        'room' => [':boom gets more room than :subject: the room is :over louder, at :distance.', 'Beyond :equal a voice sounds distant. Move closer, hang cloth, or put a lavalier on them.'],
    ],
    'every-voice-is-near-a-microphone' => [
        'holds' => [':microphone covers :subject as well as :other, :under lower.', 'It sits between them.'],
        'swing' => [':microphone gets :subject :under below :other: swing it.', 'A boom operator can. Rehearse who speaks when.'],
        'far' => [':subject has no microphone, and :microphone gets them :under below :other.', 'Put it between them, add a second boom, or a lavalier.'],
        'none' => ['No microphone covers :subject.', 'Add a boom or a lavalier.'],
        'not-yet' => ['No microphone for :subject yet.', 'Sound comes first in an interview: place a boom, or add a lavalier.'],
    ],
    'bands-are-usual' => [
        'holds' => ['All :count links are in bands usual in :region.', 'The first: :what. That is no licence to transmit: check with the regulator.'],
        'fails' => [':link is set to :set, outside the bands usual in :region.', 'Retune it, and check with the regulator before you switch it on.'],
    ],
    'links-leave-each-other-alone' => [
        'holds' => ['All :count wireless links are clear of each other.', 'No intermodulation of two or three hits another. Check with the regulator which bands are legal here.'],
        'fails' => [':by intermodulate onto :link.', 'With both on, the third gets interference. Retune it.'],
        'near' => [':link is too close to :by.', 'Receivers can’t separate them. Retune one.'],
        'occupied' => [':link is on a frequency in use: :what.', 'Retune it, and scan again on the day.'],
        'open' => [':count wireless links have no frequency yet.', 'Coordinate them together; one by one they interfere.'],
    ],
    'voice-stands-over-the-noise' => [
        'holds' => [':boom gets :subject :margin above the noise.', 'You can barely hear what runs.'],
        'drowned' => [':boom gets the noise :under louder than :subject, at :distance.', 'Move closer, use a tighter pattern, or turn the noise off.'],
        'fails' => [':boom gets :subject only :margin above the noise, at :distance.', 'Move closer, use a tighter pattern, or turn the noise off.'],
    ],
    'others-are-three-times-as-far' => [
        'holds' => [':other gets :subject :weaker quieter than :own.', 'With both open nothing sounds hollow.'],
        'fails' => [':other gets :subject only :weaker quieter than :own, and :late ms late.', 'The 3-to-1 rule asks for 9.5 dB. Move them apart, turn one away, or mute one while the other speaks.'],
    ],
    'voice-has-two-ways' => [
        'holds' => [':subject has :count independent recording paths.', 'Whatever fails, you have the words.'],
        'fails' => ['Single point of failure for :subject: :parts.', 'Add an independent path: a boom next to a lavalier, or a camera feed next to the recorder.'],
        'placed' => [':subject has :count microphones.', 'Fill in the track sheet to see whether their paths are independent.'],
        'placed-one' => [':subject has one microphone and no backup.', 'Add a lavalier or a boom; then fill in the track sheet.'],
        'none' => [':subject isn’t on any recorder.', 'Give every voice a line in the track sheet.'],
        'unwatched' => ['No one watches the levels on :recorder, which records :source.', '32-bit float forgives. Otherwise someone monitors, or you record a second track at −10 dB.'],
    ],
    'boom-stays-out-of-frame' => [
        'holds' => [':thing is out of :camera’s frame.', 'Tip, pole and stand.'],
        'margin' => [':thing’s tip is only :distance outside :camera’s frame; keep :limit.', 'One lean or loose hand and it dips in. Raise it.'],
        'tip' => [':thing’s tip is :distance inside :camera’s frame.', 'It covers :share of the frame. The widest frame sets how close the boom can come.'],
        'pole' => [':thing’s pole or stand is in :camera’s frame (:share).', 'The tip is out, but the pole isn’t.'],
    ],
    'boom-is-as-near-as-it-can-be' => [
        'holds' => [':thing is :distance from :subject’s mouth.', 'The closest position clear of every frame is :nearest.'],
        'fails' => [':thing is :distance from :subject’s mouth; it could be :nearest.', 'That costs :cost against the room. :camera’s frame sets the limit.'],
        'nowhere' => [':thing has no position clear of every frame within its pole’s reach.', 'Move its stand, use a longer pole, or tighten the widest frame.'],
    ],
    'pole-reaches' => [
        'holds' => [':thing’s pole reaches: :needed of :limit.', 'Including a tail behind the stand to balance it.'],
        'fails' => [':thing’s pole is :short too short.', 'It needs :needed and has :limit.'],
    ],
    'boom-hears-the-front' => [
        'holds' => [':boom gets :subject from the front.', ':off off axis.'],
        'fails' => [':boom gets :subject from the side, :off off axis.', 'From the side you lose the consonants: bring it in front of the face.'],
    ],
    'asker-stays-off-the-track' => [
        'holds' => [':asker is :under below the answers on :microphone.', 'Breathing is fine; talking over an answer isn’t.'],
        'fails' => [':microphone picks up :asker only :under below the answers.', 'Seat them further away or behind the microphone, and have them nod, not speak.'],
        'no-track' => [':asker is in the scene and has no microphone.', 'Give them a track, or their questions will sound distant.'],
        'own-track' => [':asker has a track of their own.', 'They are in the scene.'],
    ],
    'levels-have-headroom' => [
        'holds' => [':source into :recorder: :gain of gain for :voice, :headroom of headroom.', ':level at the microphone.'],
        'overload' => [':voice’s peaks overload :source; it takes :bears.', 'Move it back, use a pad, or another microphone.'],
        'pad' => [':source is too hot for :recorder: :gain of gain.', 'Use a pad, or a line input.'],
        'weak' => [':source needs :gain of gain at :recorder.', 'Over 60 dB you get hiss. Move closer, or use a hotter microphone.'],
        'peaks' => [':source into :recorder has only :headroom of headroom.', 'Add a safety track 10 dB lower, record 32-bit float, or have someone ride levels.'],
        'hiss' => [':source gets :voice only :over above its own noise.', 'Move closer, or use a quieter microphone.'],
    ],
    'inputs-suffice' => [
        'holds' => [':recorder has enough inputs.', ':count of :inputs used.'],
        'short' => [':count sources go into :recorder; it has :inputs inputs.', 'A splitter won’t give you separate tracks: use another recorder, or fewer microphones.'],
        'twice' => ['Input :input on :recorder is assigned twice.', 'Move one of them.'],
        'none-such' => [':recorder has no input :input.', 'It has :inputs.'],
        'phantom' => [':source needs phantom power; :recorder has none.', 'Use an external supply, or another input.'],
    ],
    'cables-reach' => [
        'holds' => [':source to :recorder: :need as laid, with :leads.', 'Along the wall, with slack at both ends.'],
        'unlisted' => [':source to :recorder needs :need of cable; none is listed.', 'List the cables you carry, with their connectors.'],
        'short' => ['No cable reaches from :source to :recorder: :need as laid.', 'Use a longer one, join two, or move the recorder closer.'],
        'adapter' => [':source to :recorder needs an adapter: :adapter.', 'And bring a spare.'],
        'unbalanced' => [':source to :recorder runs :need unbalanced.', 'Over three metres it picks up hum and dimmers. Go balanced, or move the recorder closer.'],
        'door' => ['The cable from :source crosses the :doors.', 'Tape it down or cover it, and keep the exit clear.'],
        'spare' => [':spare to spare of :lead.', ':taken laid.'],
        'no-spare' => [':lead: :taken laid, :spare to spare.', 'Bring :wanted more.'],
        'too-few' => ['You need more :lead than you carry.', 'Bring more, or use another.'],
    ],
    'links-reach' => [
        'holds' => [':link reaches :antenna with :margin left.', ':distance, :walls, bodies in the way: :bodies. Walk-test it with the transmitter on.'],
        'fails' => [':link reaches :antenna with only :margin left.', ':distance, :walls, bodies in the way: :bodies. Bring the antenna closer, higher, into line of sight.'],
        'beside' => [':other is :distance from :antenna.', 'A video transmitter swamps receivers next to it: keep two metres apart.'],
        'apart' => [':antenna and :other are :distance apart.', 'That is enough.'],
    ],
    'packs-outlast-the-day' => [
        'holds' => [':thing lasts the recording on one set.', ':hours h a set; you need :minutes min.'],
        'change' => [':thing needs :sets sets; you carry :carried.', 'Change them in the breaks.'],
        'short' => [':thing needs :sets sets; you carry only :carried.', 'Bring more, or charge in between.'],
        'in-the-take' => [':thing runs out during the longest take.', 'It lasts :minutes min. Plan a break before that, or use mains power.'],
    ],
    'formats-agree' => [
        'holds' => ['Every recorder is set to :wanted.', ':count listed.'],
        'fails' => [':thing is set to :rate; you planned :wanted.', 'Set it before the day: a mismatched sample rate drifts.'],
    ],
    'room-tone-is-planned' => [
        'holds' => ['Room tone is planned.', 'Half a minute, everyone still, before anyone leaves.'],
        'fails' => ['No room tone is planned.', 'Half a minute of room tone saves every cut. Add it in the Brief.'],
    ],
    'desk-feed-is-agreed' => [
        'holds' => ['The feed “:feed” is agreed.', ':who feeds :recorder. Test it before the audience arrives.'],
        'asked' => ['The feed “:feed” is not agreed yet.', 'Ask :who before the day: connector, level, sample rate, and who records.'],
        'open' => ['The feed “:feed” is agreed, but still open: :open.', 'Ask again.'],
        'connector' => ['The feed “:feed” needs an adapter: :connector.', 'And bring a spare.'],
        'hot' => ['The feed “:feed” is line level; :recorder expects mic level.', 'Use a pad, a line input, or ask for mic level.'],
        'none' => ['You record from the house desk, but no feed is listed.', 'List who provides it, the connector, and what it goes into.'],
    ],
    'pictures-can-be-synced' => [
        'holds' => [':camera’s scratch sound is :late ms late, :frames frames.', 'At :distance. Sync by :sync.'],
        'fails' => [':camera’s scratch sound is :late ms late, more than a frame.', 'At :distance. Sync it on the visible clap, not on its scratch sound.'],
        'open' => ['No sync method is set.', 'Use a clap every camera sees, timecode, or scratch sound: set it in the Brief.'],
        'timecode' => ['Sound and picture share timecode.', 'Jam-sync everything together, and again after each break.'],
    ],
    'quiet-hours-are-used' => [
        'holds' => ['You record from :from to :to, in the location’s quiet hours.', 'What can’t be stopped runs at other hours.'],
        'other' => ['The location isn’t quiet from :from to :to.', 'It is from :quiet.'],
        'never' => ['The location isn’t quiet from :from to :to, and no stretch of the day is long enough.', 'The longest is :quiet. Record in parts, move closer, or stop what you can.'],
    ],
    'wind-is-kept-off' => [
        'holds' => [':microphone has enough wind protection: :cover.', ':wind.'],
        'fails' => [':microphone has :cover in :wind of wind.', 'It needs :wants.'],
    ],
    'boom-is-held' => [
        'holds' => [':boom is held, :minutes at a stretch.', 'Arms last about :limit. Give the operator headphones.'],
        'tires' => [':boom is held for :minutes in one go.', 'After about :limit arms sink and the tip dips in. Plan a break, a stand, or someone to take over.'],
        'nobody' => [':boom is handheld, but no one is set to boom.', 'Set a boom operator in the Brief, or put it on a stand.'],
        'stands' => ['You have a boom operator, but :boom is on a :stand.', 'Handheld it follows the talk; the operator needs a position out of frame.'],
    ],
    'worn-microphones-are-quiet' => [
        'holds' => [':microphone is quiet :worn.', 'Its cable runs :route. Rub-test before the take: turn, lean, reach, on headphones.'],
        'route' => [':microphone is :worn; its cable has no route yet.', 'Under the coat, transmitter on the back of the belt, a strain loop before the clip.'],
        'rubs' => [':microphone is :worn, near :what.', 'It will rub on :subject. Move it, cover it, and rub-test on headphones.'],
    ],
    'two-microphones-are-aligned' => [
        'holds' => [':far gets :subject :late ms after :near: :samples samples.', 'Mixed as is they comb-filter from :notch Hz; shift it by that many samples.'],
    ],
    'pair-hears-the-width' => [
        'holds' => [':pair gives the players the right width.', ':width of :angle.'],
        'narrow' => [':pair bunches the players in the middle.', 'They fill :width of its :angle. Move closer, or narrow the pair.'],
        'wide' => [':pair pushes the players to the sides.', 'They fill :width of its :angle. Move back, or widen the pair.'],
    ],
    'tracks-name-what-is-placed' => [
        'holds' => ['“:track” uses gear that is in the plan.', ':source to :recorder.'],
        'source' => ['“:track” uses a microphone that isn’t in the plan: :source.', 'Place it, or correct the name.'],
        'recorder' => ['“:track” goes to a recorder that isn’t listed: :recorder.', 'List it, with its inputs.'],
    ],
    'somebody-listens' => [
        'holds' => ['Levels are monitored the way you work.', 'Check on headphones at the start of every take.'],
        'nobody' => ['You want a dedicated listener, and no one has that job.', 'Put someone on headphones who isn’t running a camera.'],
        'narrow' => ['You set levels and leave them, but no track is 32-bit float.', 'Mark which recorders are, or have someone listen.'],
        'lower' => ['You glance at levels, and :count tracks aren’t 32-bit float.', 'Record a safety track 10 dB lower for each.'],
    ],
    'microphones-are-as-chosen' => [
        'holds' => [':subject is miked the way you work.', 'Microphones and recorders as chosen.'],
        'no-boom' => ['You chose boom first; :subject has no boom.', 'Place one, or change that choice.'],
        'no-body' => ['You chose lavalier first; :subject has none.', 'Add one.'],
        'no-feed' => ['You chose recorder plus camera feed; :subject is missing one of them.', 'Send one track to a recorder and one to a camera.'],
        'no-camera' => ['You record into the camera; :subject isn’t on one.', 'Add a track to a camera.'],
        'not-on-them' => ['You record on the speaker; :subject carries no recorder.', 'Put a recorder on them, and clap for sync.'],
    ],
    'walk-keeps-its-voice' => [
        'holds' => [':subject stays close to :microphone on the walk.', 'It drops :falls at most.'],
        'fails' => [':subject walks away from :microphone: :falls quieter at the end.', 'Double the distance is 6 dB and sounds like another room. Use a lavalier, a boom operator, or put the tip over the walk.'],
    ],
];
