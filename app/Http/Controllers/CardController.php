<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CardRequest;
use App\Models\Shoot;
use App\Plans\Cards\CardInput;
use App\Plans\Cards\Cards;
use App\Plans\EditWords;
use FineFrame\Scene\FollowThrough;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final readonly class CardController
{
    public function __construct(private Desk $desk)
    {
    }

    public function __invoke(CardRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $card = (new Cards($setup))->of($request->string('thing')->toString());
        $edit = CardInput::edit($card, $request->typed(), $this->desk->reader);
        if ($edit->values !== []) {
            $shoot = $this->desk->store->commit(
                $shoot,
                $request->version(),
                FollowThrough::of($setup, $edit),
                EditWords::of($setup, $edit),
            );
        }

        return $this->desk->changed($request, $shoot);
    }
}
