<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\View\FindDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the page's box finds: everything at once, so that typing asks for nothing more. */
final readonly class FindController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(Request $request, Shoot $shoot): JsonResponse
    {
        return response()->json((new FindDesk($this->desk->workspace($request, $shoot, mends: false)))->entries());
    }
}
