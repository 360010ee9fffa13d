<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Scene\Bites;
use FineFrame\Space\MayHang;

/** A clamp on a beam or a pipe of the house hangs there only where somebody who may say so has said it. */
final class HangsWhereItMay extends Rule
{
    public function id(): string
    {
        return 'hangs-where-it-may';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $bites = new Bites($situation->scene);
        $built = array_column($situation->setup->room->built, null, 'id');
        foreach ($situation->footprints() as $print) {
            if ($print->support?->kind !== SupportKind::Clamp) {
                continue;
            }
            $beam = $built[array_key_first(array_intersect_key($bites->things($print->load), $built)) ?? ''] ?? null;
            if ($beam === null) {
                continue;
            }
            yield $this->finding(
                match ($beam->mayHang) {
                    MayHang::Yes => Severity::Holds,
                    MayHang::Unknown => Severity::Watch,
                    MayHang::No => Severity::Breaks,
                },
                ['thing' => $situation->name($print->owner), 'beam' => $beam->name ?: 'beam', 'who' => $beam->saidBy ?: 'nobody'],
                [$print->owner, $beam->id],
                new Working(
                    'what the place says of it',
                    ['may hang things' => $beam->mayHang->value, 'says who' => $beam->saidBy ?: 'nobody'],
                ),
                case: match ($beam->mayHang) {
                    MayHang::Yes => $beam->saidBy === '' ? 'unsigned' : 'holds',
                    MayHang::Unknown => 'asks',
                    MayHang::No => 'no',
                },
            );
        }
    }
}
