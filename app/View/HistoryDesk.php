<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Head;
use App\Models\Shoot;
use App\Plans\Differences;
use App\Plans\PlanStore;
use App\View\Drawing\FrameDrawing;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Turned;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\SetupPlan;
use Illuminate\Database\Eloquent\Collection;

/** The versions of a plan in the order in which they were, and any two of them, or two setups, beside each other. */
final class HistoryDesk
{
    /** Versions that are listed, the newest. */
    private const MOST = 200;

    /** Fields that are told one by one. */
    private const FIELDS = 40;

    /** @var array{SetupPlan, SetupPlan} */
    private readonly array $setups;

    /** @var array{Verdicts, Verdicts} */
    private readonly array $verdicts;

    public readonly Phrase $phrase;

    /** @var array{Head, Head} the two that are compared, the older one first */
    public readonly array $heads;

    /**
     * @param  array{int, int}  $versions  as asked for; where there is none, the newest two
     * @param  array{string, string}  $of  the setup of each; where there is none, the first
     */
    public function __construct(
        public readonly Shoot $shoot,
        private readonly Reader $reader,
        private readonly Judge $judge,
        array $versions,
        array $of,
    ) {
        $newest = $this->head($versions[1]) ?? $shoot->heads()->latest('version')->firstOrFail();
        $this->heads = [$this->head($versions[0]) ?? $this->head($newest->version - 1) ?? $newest, $newest];
        $this->setups = [self::setup($this->heads[0], $of[0]), self::setup($this->heads[1], $of[1])];
        $this->verdicts = [$judge->judge($this->setups[0]), $judge->judge($this->setups[1])];
        $this->phrase = new Phrase($reader);
    }

    /** @return Collection<int, Head> the newest first */
    public function versions(): Collection
    {
        return $this->shoot->heads()->latest('version')->limit(self::MOST)->get();
    }

    /** @return list<array{version: int, name: string, setup: string, setups: array<string, string>, headline: string, frames: list<FrameDrawing>}> */
    public function sides(): array
    {
        $sides = [];
        foreach ($this->setups as $i => $setup) {
            $broken = count($this->verdicts[$i]->broken());
            $sides[] = [
                'version' => $this->heads[$i]->version,
                'name' => $this->heads[$i]->words,
                'setup' => $setup->setup->id,
                'setups' => array_column($setup->plan->setups, 'name', 'id'),
                'headline' => trans_choice('history.breaks', $broken),
                'frames' => FrameDrawing::all($this->judge->situation($setup), $this->reader),
            ];
        }

        return $sides;
    }

    /** @return list<Turned> */
    public function turned(): array
    {
        return Turned::between(...$this->verdicts);
    }

    /** @return list<array{field: string, before: string, after: string}> */
    public function fields(): array
    {
        $words = new FieldWords($this->reader);
        $rows = [];
        foreach (array_slice($this->differences(), 0, self::FIELDS) as $pointer => [$before, $after]) {
            $plan = $this->setups[$after === null ? 0 : 1]->plan;
            $rows[] = [
                'field' => $words->label($plan, $pointer),
                'before' => $words->value($pointer, $before), 'after' => $words->value($pointer, $after),
            ];
        }

        return $rows;
    }

    /** @return array<string, array{mixed, mixed}> of two setups, what is otherwise in them; of one setup, what is otherwise in the plan */
    private function differences(): array
    {
        [$old, $new] = $this->setups;

        return $old->setup->id === $new->setup->id
            ? Differences::between(PlanWriter::document($old->plan), PlanWriter::document($new->plan))
            : Differences::between($old->setup->write(), $new->setup->write(), "/setups/{$new->setup->id}");
    }

    private function head(int $version): ?Head
    {
        return $this->shoot->heads()->where('version', $version)->first();
    }

    private static function setup(Head $head, string $id): SetupPlan
    {
        $plan = PlanStore::read($head->revision->plan);

        return in_array($id, array_column($plan->setups, 'id'), true) ? $plan->setup($id) : $plan->setup();
    }
}
