<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Instruments\Instruments;
use App\Instruments\NoReading;
use App\Models\Shoot;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\Refit;
use FineFrame\Space\Room;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** One line of the tape book at a time, in any order: between two points, a length. A wall's own length goes to the wall. */
final readonly class TapeController
{
    public function __construct(private Desk $desk, private Instruments $instruments)
    {
    }

    /** @throws ValidationException if the length cannot be read */
    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        $room = $this->desk->room($request, $place);
        [$from, $to] = [Where::word($request, 'from'), Where::word($request, 'to')];
        try {
            [$metres, $by] = Where::word($request, 'take') === ''
                ? [
                    round(Length::parse(Where::word($request, 'length'), $this->desk->reader->units)->metres, 6),
                    Where::word($request, 'by'),
                ]
                : [(float) $this->instruments->distance($place, $from, $to)->value, 'laser'];
        } catch (FineFrameException|NoReading $e) {
            throw ValidationException::withMessages(['tape' => $e->getMessage()]);
        }
        $edit = self::edit(
            "/locations/$place->id/space$room->pointer",
            $room->taped,
            $from,
            $to,
            $metres,
            in_array($by, ['laser', 'paced', 'drawing'], true) ? $by : 'tape',
        );
        $shoot = $this->desk->store->commit(
            $shoot,
            $request->version(),
            Refit::with($plan, $place->id, $edit),
            'Tape '.self::name($room->taped, $from).'–'.self::name($room->taped, $to),
        );

        return $this->desk->changed(
            $request,
            $shoot,
            self::name($room->taped, $from).'–'.self::name($room->taped, $to).' is '.$this->desk->reader->metres($metres).'.',
        );
    }

    private static function edit(string $at, Room $room, string $from, string $to, float $metres, string $by): Edit
    {
        $walls = $room->book->walls;
        foreach ($walls as $i => $wall) {
            $next = $walls[($i + 1) % count($walls)]->id;
            if (
                ! $wall->isTaped()
                && [[$wall->id, $next], [$next, $wall->id]] !== array_filter(
                    [[$wall->id, $next], [$next, $wall->id]],
                    static fn (array $p): bool => $p !== [$from, $to],
                )
            ) {
                return new Edit(["$at/walls/$wall->id/length_m" => $metres, "$at/walls/$wall->id/by" => $by]);
            }
        }
        foreach ($room->book->ties as $tie) {
            if ($tie->leftOut && ([$tie->from, $tie->to] === [$from, $to] || [$tie->to, $tie->from] === [$from, $to])) {
                return new Edit(
                    ["$at/ties/$tie->id/length_m" => $metres, "$at/ties/$tie->id/by" => $by, "$at/ties/$tie->id/left_out" => false],
                );
            }
        }

        return new Edit(
            [
                "$at/ties/-" => [
                    'id' => FreeId::of('tie', array_column($room->book->ties, 'id')),
                    'from' => $from,
                    'to' => $to,
                    'length_m' => $metres,
                    'by' => $by,
                ],
            ],
        );
    }

    private static function name(Room $room, string $point): string
    {
        $at = array_search($point, array_column($room->walls, 'id'), true);
        $survey = $room->survey;

        return $at === false ? array_column($room->built, 'name', 'id')[$point] ?? $point : $survey->points[$at];
    }
}
