<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\View\Phrase;
use FineFrame\Judge\Judge;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class MendController
{
    public function __construct(private Desk $desk, private Judge $judge)
    {
    }

    /** The mend is found and tried again here, on the plan as it is now, looked at as the reader does. */
    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = Where::of($request)->looked->applied($this->desk->setup($request, $this->desk->store->open($shoot)));
        $verdicts = $this->judge->judge($setup);
        $finding = $verdicts->find(Where::word($request, 'finding'));
        $mend = $finding === null ? null : $this->judge->mend($setup, $verdicts, $finding);
        if ($mend === null) {
            return $this->desk->changed($request, $shoot, 'Nothing left to mend here.');
        }
        $words = ucfirst((new Phrase($this->desk->reader))->mend($mend));

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $mend->edit, $words),
            "Done: $words. It holds.",
        );
    }
}
