<?php

declare(strict_types=1);

namespace App\Access;

use App\Http\Where;
use App\Models\Shoot;
use Illuminate\Auth\Access\Response;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Http\Request;

/** Who may do what with a shoot. What is not theirs to see is not there for them. */
final readonly class ShootPolicy
{
    public function __construct(private Request $request)
    {
    }

    /** One of its pages or papers: for a link, those of its role alone. */
    public function open(?Authenticatable $who, Shoot $shoot): Response
    {
        $visitor = Visitor::of($who);
        if (! $visitor->reads($shoot)) {
            return Response::denyAsNotFound();
        }
        $route = (string) $this->request->route()?->getName();
        $isTheirs = $route === 'stage'
            ? $visitor->opens(Where::of($this->request)->stage, Where::of($this->request)->look)
            : $visitor->asksFor($route);

        return $isTheirs ? Response::allow() : Response::deny('This page was not shared with you.');
    }

    public function mark(?Authenticatable $who, Shoot $shoot): Response
    {
        return $this->settled($who, $shoot, static fn (Visitor $v): bool => $v->marks($shoot), 'View only: you can’t tick or mark.');
    }

    public function edit(?Authenticatable $who, Shoot $shoot): Response
    {
        $may = static fn (Visitor $v): bool => $v->plans($shoot);

        return $this->settled($who, $shoot, $may, 'This link is view only: you can’t change the plan.');
    }

    /** @param  \Closure(Visitor): bool  $may */
    private function settled(?Authenticatable $who, Shoot $shoot, \Closure $may, string $why): Response
    {
        $visitor = Visitor::of($who);

        return match (true) {
            $may($visitor) => Response::allow(),
            $visitor->reads($shoot) => Response::deny($why),
            default => Response::denyAsNotFound(),
        };
    }
}
