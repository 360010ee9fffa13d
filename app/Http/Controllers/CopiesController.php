<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use FineFrame\Wrap\SumList;
use FineFrame\Wrap\UnreadableSums;
use FineFrame\Wrap\Verdict;
use FineFrame\Wrap\Volume;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Compares a card with its copies, by names, sizes and sums that the browser made or a list gave. */
final readonly class CopiesController
{
    private const MOST_FILES = 20_000;

    public function __invoke(Request $request, Shoot $shoot): JsonResponse
    {
        $request->validate([
            'card.listing' => ['required', 'array', 'max:'.self::MOST_FILES],
            'card.listing.*.name' => ['required', 'string', 'max:1000'],
            'card.listing.*.bytes' => ['required', 'integer', 'min:0'],
            'card.sums' => ['present', 'string'],
            'copies' => ['required', 'array', 'min:1', 'max:6'],
            'copies.*.drive' => ['required', 'string', 'max:80'],
            'copies.*.listing' => ['present', 'array', 'max:'.self::MOST_FILES],
            'copies.*.listing.*.name' => ['required', 'string', 'max:1000'],
            'copies.*.listing.*.bytes' => ['required', 'integer', 'min:0'],
            'copies.*.sums' => ['present', 'string'],
        ]);
        $card = $this->volume('the card', $request->array('card'));
        $copies = [];
        foreach ($request->array('copies') as $copy) {
            $written = is_array($copy) ? $copy : [];
            $drive = $written['drive'] ?? '';
            $copies[] = $this->volume(is_string($drive) ? $drive : '', $written);
        }
        $none = array_fill_keys(array_column(Verdict::cases(), 'value'), 0);

        return new JsonResponse([
            'clear' => $card->mayBeCleared($copies),
            'copies' => array_map(static function (Volume $copy) use ($card, $none): array {
                $verdicts = array_map(static fn (Verdict $v): string => $v->value, $copy->against($card));

                return [
                    'drive' => $copy->drive,
                    'good' => $copy->isGoodCopyOf($card),
                    'counts' => array_count_values($verdicts) + $none,
                    'verdicts' => array_map(
                        static fn (string $name, string $v): array => ['name' => $name, 'verdict' => $v],
                        array_map(strval(...), array_keys($verdicts)), $verdicts,
                    ),
                ];
            }, $copies),
            'words' => __('ready.verdicts'),
        ]);
    }

    /** @param  array<array-key, mixed>  $written */
    private function volume(string $name, array $written): Volume
    {
        $bytes = [];
        foreach (is_array($written['listing'] ?? null) ? $written['listing'] : [] as $file) {
            if (is_array($file) && is_string($file['name'] ?? null) && is_int($file['bytes'] ?? null)) {
                $bytes[$file['name']] = $file['bytes'];
            }
        }
        $text = is_string($written['sums'] ?? null) ? $written['sums'] : '';
        try {
            $sums = trim($text) === '' ? [] : SumList::read($text, SumList::algorithmOf($text) ?? 'sha256')->sums;
        } catch (UnreadableSums $wrong) {
            throw ValidationException::withMessages(['sums' => ucfirst($name).': '.$wrong->getMessage()]);
        }

        return new Volume($name, $name, $bytes, $sums);
    }
}
