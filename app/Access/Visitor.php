<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Link;
use App\Models\Owner;
use App\Models\Shoot;
use App\View\Workspace;
use FineFrame\Judge\Stage;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;

/** Whoever asks: somebody at this computer, an owner who signed in, or the holder of a link; and what each may. */
final readonly class Visitor
{
    private function __construct(public ?Owner $owner, public ?Link $link, private bool $isHere)
    {
    }

    public static function now(): self
    {
        return self::of(Auth::user());
    }

    public static function of(?Authenticatable $who): self
    {
        return new self(
            $who instanceof Owner ? $who : null,
            $who instanceof Link ? $who : null,
            ! Config::boolean('fineframe.crew'),
        );
    }

    /** As revisions and the audit log call them. */
    public function name(): string
    {
        return match (true) {
            $this->owner !== null => $this->owner->name,
            $this->link !== null => $this->link->name.' ('.__("access.roles.{$this->link->role->value}").')',
            default => $this->isHere ? 'this computer' : 'somebody',
        };
    }

    /** Whether the shoot is theirs to plan, to share and to remove. */
    public function plans(Shoot $shoot): bool
    {
        return match (true) {
            $this->owner !== null => $shoot->isOf($this->owner),
            $this->link !== null => false,
            default => $this->isHere,
        };
    }

    /** @return Builder<Shoot> those that are theirs to plan */
    public function shoots(): Builder
    {
        return match (true) {
            $this->owner !== null => Shoot::of($this->owner),
            $this->link === null && $this->isHere => Shoot::query(),
            default => Shoot::query()->whereRaw('0'),
        };
    }

    /** Whether they keep this computer: whoever sits at it, or its first owner. */
    public function keeps(): bool
    {
        return $this->owner?->isFirst() ?? ($this->link === null && $this->isHere);
    }

    public function marks(Shoot $shoot): bool
    {
        return $this->plans($shoot) || ($this->reads($shoot) && $this->link?->marks === true && $this->link->role->mayMark());
    }

    /** Whether the shoot is one that they may look into at all. */
    public function reads(Shoot $shoot): bool
    {
        return $this->plans($shoot) || $this->link?->shoot_id === $shoot->id;
    }

    /** @return array<string, string> the ways to look at a stage that are theirs, with their names */
    public function looks(Stage $stage): array
    {
        $all = Workspace::looksOf($stage);
        if ($this->link === null) {
            return $all;
        }
        $theirs = [];
        foreach ($this->link->pages()[$stage->value] ?? [] as $look) {
            $theirs[$look] = $all[$look];
        }

        return $theirs;
    }

    public function opens(Stage $stage, string $look): bool
    {
        return isset($this->looks($stage)[$look]);
    }

    /** Whether a paper, or what stands behind a page, is theirs. */
    public function asksFor(string $route): bool
    {
        return $this->link === null || isset($this->link->papers()[$route]) || in_array($route, $this->link->role->behind(), true);
    }
}
