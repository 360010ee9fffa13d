<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Motion;

/** One of the rooms of a place: as it was taped, and as it stands beside the first. */
final readonly class PlacedRoom
{
    public Room $room;

    /**
     * @param  string  $id  empty for the first
     * @param  string  $pointer  where its space stands within the first one's, as an edit addresses it; empty for the first
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $pointer,
        public Room $taped,
        public Motion $motion,
        public ?JoinedRoom $joined = null,
    ) {
        $this->room = $id === '' ? $taped : $taped->moved($motion);
    }
}
