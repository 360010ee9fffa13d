<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Http\Request;

/** By whose hand a plan is changed, and on which open page. */
final readonly class Hand
{
    private const PAGE = '/^[a-z0-9-]{8,40}$/';

    public function __construct(private Request $request)
    {
    }

    public function name(): string
    {
        return Visitor::now()->name();
    }

    /** A random name that a page gives itself; empty where it has none. */
    public function page(): string
    {
        $said = (string) $this->request->header('X-Page');

        return preg_match(self::PAGE, $said) === 1 ? $said : '';
    }
}
