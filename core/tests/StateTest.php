<?php

declare(strict_types=1);

use FineFrame\Judge\Finding;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\Refit;
use FineFrame\Space\Curtain;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Plans;

/** A room with a window by day, judged in its only setup. */
function bright(): Plans
{
    return Plans::room(8, 7)->sitter('ann', 4, 4)->camera('a', 4, 1.5)->window('w', 'left', 2, 2)->with([
        '/locations/room/site' => ['latitude_deg' => 51.5, 'longitude_deg' => -1.5, 'time_zone' => 'Europe/London'],
        '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-05', 'from' => '10:30', 'to' => '12:00']],
        'metering/weather' => 'clear',
    ]);
}

/** @return list<string> everything that is said of a setup, whatever its workings; the day is all setups’ */
function allSaid(Plans $plan): array
{
    return array_map(
        static fn (Finding $f): string => $f->key().' '.$f->case.' '.json_encode($f->arguments),
        array_values(array_filter($plan->judged()->findings, static fn (Finding $f): bool => $f->stage !== Stage::Rundown)),
    );
}

it('judges a curtain drawn in a setup as one that is drawn at the place, and no other setup by it', function (): void {
    $drawn = ['id' => 'c', 'opening' => 'w', 'curtain' => 'blackout'];
    $here = bright()->row('curtains', $drawn);
    $there = bright()->with(['/locations/room/space/openings/w/curtain' => 'blackout']);
    $other = bright()->second('other', ['curtains' => [$drawn]]);

    expect(allSaid($here))->toBe(allSaid($there))->not->toBe(allSaid(bright()))
        ->and(allSaid($other))->toBe(allSaid(bright()))
        ->and(allSaid($other->in('other')))->toBe(allSaid($here));
});

it('draws a curtain of a room behind another', function (): void {
    $plan = bright()->withRoomNextDoor()->row('curtains', ['opening' => 'gap', 'curtain' => 'lined'])->setup();

    expect(array_column($plan->room->openings, 'curtain', 'id'))->toBe(['w' => Curtain::None, 'gap' => Curtain::Lined])
        ->and(array_column($plan->location->rooms->openings, 'curtain', 'id')['gap'])->toBe(Curtain::None);
});

it('does about a lamp of the place what the setup says, else what the scouting says', function (): void {
    $tubes = ['id' => 'tubes', 'name' => 'tubes', 'kelvin' => 4000, 'plan' => 'keep as it is'];
    $lit = bright()->with(['/locations/room/scouted/colour' => [$tubes]]);
    $cases = static fn (Plans $p): array => array_map(static fn (Finding $f): string => $f->case, $p->said('lamps-match-the-camera'));

    expect($cases($lit))->toBe(['kept'])
        ->and($cases($lit->row('house', ['lamp' => 'tubes', 'plan' => 'switch off'])))->toBe(['planned'])
        ->and($cases($lit->second('other', ['house' => [['id' => 'h', 'lamp' => 'tubes', 'plan' => 'switch off']]])))->toBe(['kept']);
});

it('mends by a curtain of the setup alone, once for each window', function (): void {
    $setup = bright()->setup();
    $once = $setup->after($setup->drawing(['w' => Curtain::Sheer]));
    $twice = $once->after($once->drawing(['w' => Curtain::Lined]));

    expect($once->room->openings[0]->curtain)->toBe(Curtain::Sheer)
        ->and($twice->room->openings[0]->curtain)->toBe(Curtain::Lined)
        ->and($twice->setup->list('curtains'))->toHaveCount(1)
        ->and($twice->location->rooms->openings[0]->curtain)->toBe(Curtain::None);
});

it('lets go of a curtain whose window is gone, and of a lamp that is no longer listed', function (): void {
    $plan = bright()->with(['/locations/room/scouted/colour' => [['id' => 'tubes', 'name' => 'tubes']]])
        ->row('curtains', ['opening' => 'w', 'curtain' => 'lined'])->row('house', ['lamp' => 'tubes', 'plan' => 'switch off']);
    $read = PlanReader::document($plan->document());
    $without = Refit::with($read, 'room', new Edit(['/locations/room/space/openings' => []]))->applyTo($read);
    $dark = $read->location('room')->listing($read, 'colour', [])->applyTo($read);

    expect($without->setups[0]->list('curtains'))->toBe([])
        ->and($dark->setups[0]->list('house'))->toBe([])
        ->and($dark->setups[0]->list('curtains'))->toHaveCount(1);
});

it('counts what other crews have taken at the same hours', function (): void {
    $setup = Cases::shipped(['@' => 'talk']);
    $talk = $setup->left('tripod');
    $both = (new Edit([
        '/setups/talk/from' => '10:00', '/setups/talk/to' => '12:00', '/setups/duo/from' => '11:00', '/setups/duo/to' => '13:00',
    ]))->applyTo($setup->plan);

    expect($talk)->toBe(0)->and($both->setup('talk')->left('tripod'))->toBe(-1)->and($setup->left('full-body'))->toBe(1);
});
