<?php

declare(strict_types=1);

use App\Log\LogStore;
use App\Models\LoggedMark;
use App\Models\Shoot;

beforeEach(function (): void {
    $this->seed();
    $this->shoot = Shoot::query()->firstOrFail();
    $this->tick = static fn (string $device, int $n, string $item, bool $on, float $at): array => [
        'id' => "$device-$n", 'device' => $device, 'n' => $n, 'at_ms' => $at, 'kind' => 'tick', 'item' => $item, 'on' => $on, 'who' => $device,
    ];
    $this->send = fn (string $device, array $marks, ?float $now = null) => $this->postJson("/shoots/{$this->shoot->id}/log", [
        'device' => $device, 'name' => $device, 'now_ms' => $now ?? LogStore::nowMs(), 'marks' => $marks,
    ]);
});

it('joins what phones send, in whatever order and however often', function (array $order): void {
    $now = LogStore::nowMs();
    $batches = [
        ['Ann', [($this->tick)('Ann', 1, 'tape', true, $now - 9000), ($this->tick)('Ann', 2, 'meter', true, $now - 8000)]],
        ['Bo', [($this->tick)('Bo', 1, 'tape', false, $now - 5000)]],
        ['Ann', [($this->tick)('Ann', 2, 'meter', true, $now - 8000), ($this->tick)('Ann', 3, 'cable', true, $now - 1000)]],
    ];
    foreach ($order as $i) {
        ($this->send)($batches[$i][0], $batches[$i][1], $now)->assertOk();
    }
    $ticks = $this->getJson("/shoots/{$this->shoot->id}/log")->json('ticks');
    expect(array_map(static fn (array $t): bool => $t['on'], $ticks))->toEqualCanonicalizing(['tape' => false, 'meter' => true, 'cable' => true])
        ->and($ticks['tape']['who'])->toBe('Bo')
        ->and(LoggedMark::query()->count())->toBe(4);
})->with([[[0, 1, 2]], [[2, 1, 0]], [[1, 2, 0, 1, 2]]]);

it('sets marks in time by how far a phone’s clock is off', function (): void {
    $now = LogStore::nowMs();
    // Bo's clock is an hour slow: what Bo writes now is later than Ann's of ten minutes ago.
    ($this->send)('Ann', [($this->tick)('Ann', 1, 'tape', true, $now - 600_000)], $now);
    ($this->send)('Bo', [($this->tick)('Bo', 1, 'tape', false, $now - 3_600_000)], $now - 3_600_000);
    $tape = $this->getJson("/shoots/{$this->shoot->id}/log")->json('ticks.tape');
    expect($tape['on'])->toBeFalse()->and($tape['at'])->toEqualWithDelta($now, 2000);
});

it('keeps the rest when one mark says two things, and says why', function (): void {
    $now = LogStore::nowMs();
    ($this->send)('Ann', [($this->tick)('Ann', 1, 'tape', true, $now)]);
    $answer = ($this->send)('Ann', [
        ($this->tick)('Ann', 1, 'tape', false, $now), ['id' => 'x'], ($this->tick)('Ann', 2, 'meter', true, $now),
    ])->assertOk();
    expect($answer->json('kept'))->toBe(['Ann-2'])
        ->and(array_keys($answer->json('refused')))->toBe(['Ann-1', 'x'])
        ->and($answer->json('ticks.tape.on'))->toBeTrue();
});

it('asks for a device and its clock, and knows no shoot that is gone', function (): void {
    $this->postJson("/shoots/{$this->shoot->id}/log", ['marks' => []])->assertUnprocessable();
    $this->getJson('/shoots/none/log')->assertNotFound();
});

it('lists what is to be asked, taken along and put back', function (): void {
    $this->get("/shoots/{$this->shoot->id}/scout?look=ticks")
        ->assertOk()
        ->assertSeeInOrder(['Permissions, Sallow Tide Mill, stone room', 'a clamp on the tie beam', 'Scout bag', 'light meter', 'To put back', 'sack bench']);
});
