<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Revision;
use App\Models\Shoot;
use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Plan\Dangling;
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
        [$json, $summary] = [$this->written($plan), $this->summary($plan)];

        return DB::transaction(function () use ($json, $summary, $words): Shoot {
            $shoot = Shoot::query()->create(['version' => 1] + $summary);
            $shoot->update(['head_id' => $this->revision($shoot, null, $json, $words)->id]);

            return $shoot;
        });
    }

    public function open(Shoot $shoot): ShootPlan
    {
        return self::read($shoot->head->plan);
    }

    /** A plan as it was kept: one of an older version lets go of what its lists name in vain. */
    public static function read(string $json): ShootPlan
    {
        try {
            return PlanReader::json($json);
        } catch (InvalidDocument $e) {
            $document = json_decode($json, true);

            return is_array($document) ? PlanReader::document(Dangling::letGo($document)) : throw $e;
        }
    }

    /**
     * @throws StalePlan if the shoot is no longer at the version that the edit was made from
     * @throws InvalidDocument if the changed plan is not sound; nothing is kept then
     */
    public function commit(Shoot $shoot, int $version, Edit $edit, string $words): Shoot
    {
        $now = $this->current($shoot, $version, $edit, $words);
        $plan = $edit->applyTo($this->open($now));
        [$json, $summary] = [$this->written($plan), $this->summary($plan)];

        return DB::transaction(function () use ($now, $version, $edit, $words, $json, $summary): Shoot {
            $this->claim($now, $version, $edit, $words);
            $revision = $this->revision($now, $now->head_id, $json, $words);
            $now->update(['head_id' => $revision->id, 'version' => $version + 1] + $summary);

            return $now->setRelation('head', $revision);
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
        $now = $this->current($shoot, $version, null, $words);
        $target = $to($now);
        if ($target === null) {
            return $now;
        }
        $summary = $this->summary(self::read($target->plan));

        return DB::transaction(function () use ($now, $version, $words, $target, $summary): Shoot {
            $this->claim($now, $version, null, $words);
            $now->update(['head_id' => $target->id, 'version' => $version + 1] + $summary);

            return $now->setRelation('head', $target);
        });
    }

    /**
     * Takes SQLite's write lock by the transaction's first statement, so that it is waited for: a transaction that read
     * first and writes after another's write fails at once, whatever the busy timeout.
     *
     * @throws StalePlan if another writer was first
     */
    private function claim(Shoot $now, int $version, ?Edit $edit, string $words): void
    {
        $taken = Shoot::query()->whereKey($now->id)->where('version', $version)->toBase()->update(['version' => $version]);
        if ($taken === 0) {
            $this->current($now, $version, $edit, $words);
        }
    }

    /** @throws StalePlan */
    private function current(Shoot $shoot, int $version, ?Edit $edit, string $words): Shoot
    {
        $now = Shoot::query()->with('head.parent')->findOrFail($shoot->id);

        return $now->version === $version ? $now : throw StalePlan::meanwhile($now, $edit, $words);
    }

    private function revision(Shoot $shoot, ?int $parent, string $json, string $words): Revision
    {
        return $shoot->revisions()->create(
            ['parent_id' => $parent, 'words' => mb_strimwidth($words, 0, 250, '…'), 'author' => 'this browser', 'plan' => $json],
        );
    }

    /**
     * The plan as it is kept, read back first: whatever is kept can be opened.
     *
     * @throws InvalidDocument if it could not be
     */
    private function written(ShootPlan $plan): string
    {
        $json = PlanWriter::json($plan);
        if (strlen($json) > CanonicalJson::MAX_BYTES) {
            throw InvalidDocument::at('', 'The plan would grow past 10 MB; a plan is far smaller. Take large lists out of the file.');
        }
        PlanReader::json($json);

        return $json;
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
