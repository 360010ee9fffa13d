<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Plan\Edit;

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->plan = fn () => app(PlanStore::class)->open($this->shoot->refresh());
    $this->commit = fn (array $edit) => app(PlanStore::class)->commit($this->shoot, $this->shoot->refresh()->version, new Edit($edit), 'changed');
    $this->said = function (string $check): array {
        $found = Judge::standard()->judge(($this->plan)()->setup('duo'))->findings;

        return array_values(array_filter($found, static fn (Finding $f): bool => $f->check === $check && $f->severity !== Severity::Holds));
    };
});

it('lists what goes along with its reasons, and prints it by case, as a table and as labels', function (): void {
    $this->get("/shoots/{$this->shoot->id}/pack")->assertOk()
        ->assertSeeInOrder(['Camera bodies', 'A-body, 24 × 13.5 mm sensor', 'Setup 1', 'The duo', 'Lamps', 'Soft box 1.2 m']);
    $this->get("/shoots/{$this->shoot->id}/pack?look=cases")->assertOk()->assertSee('12 cases, in 5 rounds')->assertDontSee('No room for');
    expect((string) $this->get("/shoots/{$this->shoot->id}/pack.csv")->assertOk()->getContent())->toContain('light-stand,Light stand,supports,5,5,5,0');
    $this->get("/shoots/{$this->shoot->id}/labels")->assertOk()->assertSee('data-mark="light-stand#5"', false)->assertSee('5 of 5');
    $this->get("/shoots/{$this->shoot->id}/pack.pdf")->assertOk();
});

it('takes more along when more is placed, and says what is short when less is there', function (): void {
    $count = fn (string $item): int => (new FineFrame\Judge\Situation(($this->plan)()->setup()))->pack()->list->items[$item]->count();
    expect($count('body-omni'))->toBe(1)->and(($this->said)('things-fit-the-cases'))->toBe([]);
    $mic = ['name' => 'second voice', 'model' => 'body-omni', 'person' => 'tamsin', 'worn' => 'on the chest'];
    ($this->commit)(['/setups/duo/mics/-' => $mic + ['id' => 'mic-9']]);
    expect($count('body-omni'))->toBe(2)->and(($this->said)('stock-suffices'))->toBe([]);
    ($this->commit)(['/setups/duo/mics/-' => $mic + ['id' => 'mic-10']]);
    expect(($this->said)('stock-suffices')[0]->arguments['model'])->toBe('Lavalier, omni');
    $this->get("/shoots/{$this->shoot->id}/pack")->assertSee('1 short');
    // A stand less in the store: the duo is a stand short, and the list says so.
    ($this->commit)(['/kit/stock/there-light-stand/count' => 4]);
    $this->get("/shoots/{$this->shoot->id}/pack")->assertSeeInOrder(['Light stand', '1 short']);
});
