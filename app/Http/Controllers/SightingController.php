<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\View\PhotoDesk;
use App\View\Reader;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Judge\PhotoStudy;
use FineFrame\Judge\Situation;
use FineFrame\Photo\Undetermined;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\UnknownThing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Marks on a photograph of a place, and lengths read off it. */
final readonly class SightingController
{
    public function __construct(private Desk $desk, private Reader $reader)
    {
    }

    /** Where a point of the plan is seen: a new mark takes an older one’s place; without a place it is taken away. */
    public function mark(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $study = $this->study($request, $shoot);
        $point = Where::word($request, 'point');
        if (! isset(PhotoStudy::points($place)[$point])) {
            throw ValidationException::withMessages(['point' => 'Choose what it shows first.']);
        }
        $rows = $place->list('sightings');
        $others = array_values(array_filter(
            $rows, static fn (Record $r): bool => $r->text('photo') !== $study->photo->id || $r->text('point') !== $point,
        ));
        [$x, $y] = [Where::word($request, 'x'), Where::word($request, 'y')];
        $new = is_numeric($x) && is_numeric($y) ? [[
            'id' => FreeId::of('sighting', array_column($rows, 'id')), 'name' => '', 'photo' => $study->photo->id, 'point' => $point,
            'u_px' => round((float) $x * $study->widthPx(), 1), 'v_px' => round((float) $y * $study->heightPx(), 1),
        ]] : [];
        $edit = new Edit(["/locations/$place->id/scouted/sightings" => [...Parts::written($others), ...$new]]);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), $edit, 'Mark a photo'));
    }

    public function read(Request $request, Shoot $shoot): JsonResponse
    {
        $study = $this->study($request, $shoot);
        $px = [];
        foreach (['x1', 'y1', 'x2', 'y2'] as $i => $name) {
            $share = Where::word($request, $name);
            if (! is_numeric($share)) {
                throw ValidationException::withMessages([$name => 'Mark two points.']);
            }
            $px[] = (float) $share * ($i % 2 === 0 ? $study->widthPx() : $study->heightPx());
        }
        try {
            $read = $study->read(Where::word($request, 'what'), $px);
        } catch (Undetermined $why) {
            return new JsonResponse(['says' => $why->getMessage()]);
        }

        return new JsonResponse([
            'says' => $this->reader->metres($read['value']).', to about '.$this->reader->metres(max(0.001, $read['sigma'])).'.',
            'metres' => $read['value'], 'sigma' => $read['sigma'],
        ]);
    }

    private function study(Request $request, Shoot $shoot): PhotoStudy
    {
        $situation = new Situation($this->desk->setup($request, $this->desk->store->open($shoot)));
        $file = Where::word($request, 'ask');

        return (new PhotoDesk($situation, $this->reader, $file))->study ?? throw UnknownThing::called('photo', $file);
    }
}
