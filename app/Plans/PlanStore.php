<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Revision;
use App\Models\Shoot;
use FineFrame\Document\InvalidDocument;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\ShootPlan;
use Illuminate\Support\Facades\DB;

/** Keeps plans: one change is one transaction and one revision; undo and redo walk the revisions. */
final readonly class PlanStore
{
    public function __construct(private Judge $judge)
    {
    }

    public function create(ShootPlan $plan, string $words): Shoot
    {
        return DB::transaction(function () use ($plan, $words): Shoot {
            $shoot = Shoot::query()->create(['version' => 1] + $this->summary($plan));
            $shoot->update(['head_id' => $this->revision($shoot, null, $plan, $words)->id]);

            return $shoot;
        });
    }

    public function open(Shoot $shoot): ShootPlan
    {
        return PlanReader::json($shoot->head->plan);
    }

    /**
     * @throws StalePlan if the shoot is no longer at the version that the edit was made from
     * @throws InvalidDocument if the changed plan is not sound; nothing is kept then
     */
    public function commit(Shoot $shoot, int $version, Edit $edit, string $words): Shoot
    {
        return DB::transaction(function () use ($shoot, $version, $edit, $words): Shoot {
            $now = $this->current($shoot, $version, $edit, $words);
            $plan = $edit->applyTo($this->open($now));
            $now->update(['head_id' => $this->revision($now, $now->head_id, $plan, $words)->id, 'version' => $version + 1] + $this->summary($plan));

            return $now->setRelation('head', $now->head()->firstOrFail());
        });
    }

    /** @throws StalePlan */
    public function undo(Shoot $shoot, int $version): Shoot
    {
        return $this->walk($shoot, $version, static fn (Shoot $now): ?Revision => $now->head->parent, 'Undo');
    }

    /**
     * Forward to the newest change made from here.
     *
     * @throws StalePlan
     */
    public function redo(Shoot $shoot, int $version): Shoot
    {
        return $this->walk($shoot, $version, self::next(...), 'Redo');
    }

    public static function next(Shoot $shoot): ?Revision
    {
        return $shoot->revisions()->where('parent_id', $shoot->head_id)->latest('id')->first();
    }

    /** @param  \Closure(Shoot): ?Revision  $to */
    private function walk(Shoot $shoot, int $version, \Closure $to, string $words): Shoot
    {
        return DB::transaction(function () use ($shoot, $version, $to, $words): Shoot {
            $now = $this->current($shoot, $version, null, $words);
            $target = $to($now);
            if ($target !== null) {
                $now->update(['head_id' => $target->id, 'version' => $version + 1] + $this->summary(PlanReader::json($target->plan)));
                $now->setRelation('head', $target);
            }

            return $now;
        });
    }

    /** @throws StalePlan */
    private function current(Shoot $shoot, int $version, ?Edit $edit, string $words): Shoot
    {
        $now = Shoot::query()->with('head.parent')->findOrFail($shoot->id);

        return $now->version === $version ? $now : throw StalePlan::meanwhile($now, $edit, $words);
    }

    private function revision(Shoot $shoot, ?int $parent, ShootPlan $plan, string $words): Revision
    {
        return $shoot->revisions()->create(['parent_id' => $parent, 'words' => mb_strimwidth($words, 0, 250, '…'), 'author' => 'this browser', 'plan' => PlanWriter::json($plan)]);
    }

    /** @return array{title: string, place: string, date: string, breaks: int, watches: int} */
    private function summary(ShootPlan $plan): array
    {
        $setup = $plan->setup();
        $verdicts = $this->judge->judge($setup);

        return [
            'title' => $plan->shoot->title, 'place' => $setup->location->name, 'date' => $plan->shoot->date,
            'breaks' => count($verdicts->of(Severity::Breaks)), 'watches' => count($verdicts->of(Severity::Watch)),
        ];
    }
}
