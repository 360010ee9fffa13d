<?php

declare(strict_types=1);

use App\Log\LogStore;
use App\Plans\PlanStore;
use FineFrame\Judge\Drill;
use FineFrame\Judge\Judge;

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->send = function (array ...$marks): void {
        static $n = 0;
        $now = LogStore::nowMs();
        app(LogStore::class)->add($this->shoot, 'phone', 'Bram', $now, array_map(static function (array $m) use (&$n): array {
            $n++;

            return $m + ['id' => "phone:$n", 'device' => 'phone', 'n' => $n];
        }, $marks));
    };
    $this->at = fn (float $s): int => (int) round(1_764_930_600_000 + 1000 * $s);
});

it('goes through what is done before a setup rolls in the same order, with what stands in its way', function (): void {
    $this->get("/shoots/{$this->shoot->id}/roll")->assertOk()
        ->assertSeeInOrder(['Walk the frames', 'Key is in B’s frame', 'pendant over the bench: switch off', 'Key on, at 80 %', 'Camera A: ISO 800', 'gain about', 'Every phone off', 'Sync: a clap', 'After', 'back as it was'])
        ->assertSee('fridge in the kitchen off, Orrin');
});

it('takes any one thing away, and says what breaks and what mends it', function (): void {
    $setup = app(PlanStore::class)->open($this->shoot)->setup();
    $judge = Judge::standard();
    $now = $judge->judge($setup);
    $broken = static fn (string $thing): array => array_map(static fn (array $b): string => $b['finding']->check, Drill::without($judge, $setup, $now, $thing)->breaks);

    expect($broken('boom'))->not->toContain('every-voice-is-near-a-microphone')
        ->and(Drill::without($judge, $setup, $now, 'nothing'))->toBeNull();
    $this->get("/shoots/{$this->shoot->id}/roll?look=drill&ask=cam-a")->assertOk()->assertSee('Without A')->assertSee('past B’s lens');
    $this->get("/shoots/{$this->shoot->id}/roll?look=drill&ask=nowhere")->assertOk()->assertSee('That isn’t in this setup');
});

it('tells the edit every take and mark, as a table, as markers to the frame and as subtitles', function (): void {
    ($this->send)(
        ['kind' => 'start', 'take' => 'Setup 1 1', 'at_ms' => ($this->at)(0)],
        ['kind' => 'flag', 'flag' => 'good', 'take' => 'Setup 1 1', 'at_ms' => ($this->at)(10.02)],
        ['kind' => 'flag', 'flag' => 'topic: The flood year', 'take' => 'Setup 1 1', 'at_ms' => ($this->at)(12)],
        ['kind' => 'best', 'take' => 'Setup 1 1', 'source' => 'Boom', 'at_ms' => ($this->at)(13)],
        ['kind' => 'end', 'take' => 'Setup 1 1', 'at_ms' => ($this->at)(70)],
        ['kind' => 'flag', 'flag' => 'noise', 'take' => 'Setup 1 1', 'at_ms' => ($this->at)(20)],
        ['kind' => 'undo', 'target' => 'phone:6', 'at_ms' => ($this->at)(71)],
    );
    $get = fn (string $what): string => (string) $this->get("/shoots/{$this->shoot->id}/takes.$what")->assertOk()->getContent();
    expect($get('edl?rate=25'))->toContain("FCM: NON-DROP FRAME\r\n")->toContain('* LOC: 01:00:10:01 GREEN   Setup 1 1: good')->not->toContain('noise')
        ->and($get('edl?rate=29.97DF'))->toContain('FCM: DROP FRAME')->toContain('* LOC: 01:00:10;00 GREEN')
        ->and($get('vtt'))->toContain("00:00:10.020 --> 00:00:12.020\nSetup 1 1: good")
        ->and($get('csv'))->toContain('Setup 1 1,10.0,')->toContain('Boom');
    $this->get("/shoots/{$this->shoot->id}/takes.edl?rate=31")->assertNotFound();
    $this->get("/shoots/{$this->shoot->id}/wrap?look=edit")->assertSeeInOrder(['Setup 1 1', '1:10', 'good, topic: The flood year', 'Boom', 'The flood year', '1 take']);
});

it('holds what is outstanding open until it is done, or somebody says why not', function (): void {
    $page = fn () => $this->get("/shoots/{$this->shoot->id}/wrap")->assertOk();
    $page()->assertSee('Still open: do it');
    ($this->send)(['kind' => 'tick', 'item' => 'tone/talk', 'on' => true, 'at_ms' => ($this->at)(0)]);
    $page()->assertSee('Still open: do it');
    ($this->send)(['kind' => 'tick', 'item' => 'waive/picture/topics-1', 'on' => true, 'reason' => 'the sluice is shut', 'at_ms' => ($this->at)(1)]);
    $page()->assertSee('Nothing left to do.');
});

it('clears a card only when two copies on two drives agree, and refuses lists that it cannot rely on', function (): void {
    $side = static fn (string $text, int $bytes = 4): array => [
        'listing' => [['name' => 'a.mov', 'bytes' => $bytes]], 'sums' => hash('sha256', $text).'  a.mov',
    ];
    $ask = fn (array ...$copies) => $this->postJson("/shoots/{$this->shoot->id}/copies", ['card' => $side('take'), 'copies' => $copies]);

    expect($ask($side('take') + ['drive' => 'one'], $side('take') + ['drive' => 'two'])->assertOk()->json('clear'))->toBeTrue()
        ->and($ask($side('take') + ['drive' => 'one'], $side('take') + ['drive' => 'one'])->json('clear'))->toBeFalse()
        ->and($ask($side('take') + ['drive' => 'one'], $side('tale') + ['drive' => 'two'])->json('copies.1.verdicts.0.verdict'))->toBe('differs')
        ->and($ask($side('take') + ['drive' => 'one'], $side('take', 5) + ['drive' => 'two'])->json('copies.1.verdicts.0.verdict'))->toBe('size');
    $ask(['sums' => 'copied without a hitch'] + $side('take') + ['drive' => 'one'])->assertUnprocessable()->assertJsonPath('errors.sums.0', fn (string $s): bool => str_contains($s, 'Line 1 is no entry'));
    $this->postJson("/shoots/{$this->shoot->id}/copies", ['card' => 'all', 'copies' => []])->assertUnprocessable();
});
