<?php

declare(strict_types=1);

namespace App\Plans;

use App\Access\Hand;
use App\Access\Visitor;
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
    public function __construct(private Judge $judge, private Hand $hand)
    {
    }

    public function create(ShootPlan $plan, string $words): Shoot
    {
        [$json, $summary] = [$this->written($plan), $this->summary($plan)];

        return DB::transaction(function () use ($json, $summary, $words): Shoot {
            $shoot = Shoot::query()->create(['version' => 1, 'owner_id' => Visitor::now()->owner?->id] + $summary);
            $revision = $this->revision($shoot, null, $json, $words);
            $shoot->update(['head_id' => $revision->id]);
            $this->note($shoot, $revision, $words);

            return $shoot;
        });
    }

    public function open(Shoot $shoot): ShootPlan
    {
        return self::read($shoot->head->plan);
    }

    /**
     * The plan as it would be, read once and not twice: previews follow a pointer.
     *
     * @throws InvalidDocument if it would not be sound
     */
    public function seen(Shoot $shoot, Edit $edit): ShootPlan
    {
        $document = json_decode($shoot->head->plan, true);
        try {
            return PlanReader::document($edit->applied(is_array($document) ? $document : []));
        } catch (InvalidDocument) {
            // Of an older version, or the edit itself is not sound: then it is told as everywhere.
            return $edit->applyTo($this->open($shoot));
        }
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
     * Keeps an edit. One that was made from an older version is joined to what came since, where it touches nothing of that.
     *
     * @throws StalePlan if it touches something that was changed since; nothing is kept then
     * @throws InvalidDocument if the changed plan is not sound; nothing is kept then
     */
    public function commit(Shoot $shoot, int $version, Edit $edit, string $words): Shoot
    {
        $now = Shoot::query()->with('head.parent')->findOrFail($shoot->id);
        [$json, $summary] = $this->changed($now, $version, $edit, $words);
        $keep = function (Shoot $now, string $json, array $summary) use ($words): Shoot {
            return $this->moved($now, $this->revision($now, $now->head_id, $json, $words), $summary, $words);
        };
        // What takes long is worked out before the lock is taken; where another came in between, once more behind it, in turn.
        $kept = DB::transaction(fn (): ?Shoot => $this->claim($now) ? $keep($now, $json, $summary) : null);

        return $kept ?? DB::transaction(function () use ($shoot, $version, $edit, $words, $keep): Shoot {
            Shoot::query()->whereKey($shoot->id)->toBase()->update(['version' => DB::raw('version')]);
            $now = Shoot::query()->with('head.parent')->findOrFail($shoot->id);

            return $keep($now, ...$this->changed($now, $version, $edit, $words));
        });
    }

    /**
     * @return array{string, array<string, mixed>} the changed plan as it is written, and what the list of shoots says of it
     *
     * @throws StalePlan
     * @throws InvalidDocument
     */
    private function changed(Shoot $now, int $version, Edit $edit, string $words): array
    {
        $plan = $now->version === $version ? $edit->applyTo($this->open($now)) : $this->joined($now, $version, $edit);
        if ($plan === null) {
            throw StalePlan::meanwhile($now, $version, $edit, $words);
        }

        return [$this->written($plan), $this->summary($plan)];
    }

    /** The plan with an edit of an older version on top; null where the two touch, or do not go together. */
    private function joined(Shoot $now, int $version, Edit $edit): ?ShootPlan
    {
        $base = $now->heads()->with('revision')->where('version', $version)->first()?->revision;
        $plan = $this->open($now);
        if ($base === null || ! Apart::is($edit, PlanWriter::document(self::read($base->plan)), PlanWriter::document($plan))) {
            return null;
        }
        try {
            return $edit->applyTo($plan);
        } catch (InvalidDocument) {
            return null;
        }
    }

    /** @throws StalePlan */
    public function undo(Shoot $shoot, int $version): Shoot
    {
        return $this->walk(
            $shoot,
            $version,
            static fn (Shoot $now): ?Revision => $now->head->parent,
            static fn (Shoot $now): string => "Undo: {$now->head->words}",
        );
    }

    /**
     * Forward to the newest change made from here.
     *
     * @throws StalePlan
     */
    public function redo(Shoot $shoot, int $version): Shoot
    {
        return $this->walk($shoot, $version, self::next(...), static fn (Shoot $now, Revision $to): string => "Redo: $to->words");
    }

    /** An edit that makes the plan what it was at a revision. */
    public static function whole(Revision $revision): Edit
    {
        $values = [];
        foreach (PlanWriter::document(self::read($revision->plan)) + ['assumed' => null] as $key => $value) {
            $values["/$key"] = $value;
        }

        return new Edit($values);
    }

    public static function next(Shoot $shoot): ?Revision
    {
        return $shoot->revisions()->where('parent_id', $shoot->head_id)->latest('id')->first();
    }

    /**
     * @param  \Closure(Shoot): ?Revision  $to
     * @param  \Closure(Shoot, Revision): string  $words
     *
     * @throws StalePlan
     */
    private function walk(Shoot $shoot, int $version, \Closure $to, \Closure $words): Shoot
    {
        $now = Shoot::query()->with('head.parent')->findOrFail($shoot->id);
        $target = $to($now);
        if ($target === null) {
            return $now;
        }
        $said = $words($now, $target);
        $summary = $this->summary(self::read($target->plan));
        $kept = $now->version !== $version ? null : DB::transaction(
            fn (): ?Shoot => $this->claim($now) ? $this->moved($now, $target, $summary, $said) : null,
        );

        return $kept ?? throw StalePlan::meanwhile(Shoot::query()->with('head.parent')->findOrFail($shoot->id), $version, null, $said);
    }

    /**
     * Takes SQLite's write lock by the transaction's first statement, so that it is waited for: a transaction that read
     * first and writes after another's write fails at once, whatever the busy timeout. Untrue if another writer was first.
     */
    private function claim(Shoot $now): bool
    {
        return Shoot::query()->whereKey($now->id)->where('version', $now->version)->toBase()->update(['version' => $now->version]) === 1;
    }

    /** @param  array<string, mixed>  $summary */
    private function moved(Shoot $now, Revision $head, array $summary, string $words): Shoot
    {
        $now->update(['head_id' => $head->id, 'version' => $now->version + 1] + $summary);
        $this->note($now, $head, $words);

        return $now->setRelation('head', $head);
    }

    /** Which revision a version was, and by whom: so that later edits of it can be joined. */
    private function note(Shoot $shoot, Revision $revision, string $words): void
    {
        $shoot->heads()->create([
            'version' => $shoot->version, 'revision_id' => $revision->id, 'words' => mb_strimwidth($words, 0, 250, '…'),
            'who' => mb_strimwidth($this->hand->name(), 0, 90, '…'), 'page' => $this->hand->page(),
        ]);
    }

    private function revision(Shoot $shoot, ?int $parent, string $json, string $words): Revision
    {
        return $shoot->revisions()->create([
            'parent_id' => $parent, 'words' => mb_strimwidth($words, 0, 250, '…'), 'author' => $this->hand->name(), 'plan' => $json,
        ]);
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
            throw InvalidDocument::at('', 'The plan would exceed 10 MB. Shorten its longest lists.');
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
            'next' => $verdicts->next()->value ?? '', 'camera' => $setup->setup->cameras[0]->id ?? '',
        ];
    }
}
