<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Wrap\SumList;
use FineFrame\Wrap\UnreadableSums;
use FineFrame\Wrap\Verdict;
use FineFrame\Wrap\Volume;

final readonly class CopiesCases implements Topic
{
    public function __construct(private string $folder)
    {
    }

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        try {
            return match ($kind === 'refuse' ? $in->word('asked') : $kind) {
                'list' => $this->list($in),
                'hash' => $this->hash($in),
                'compare' => $this->compare($in),
                default => null,
            };
        } catch (UnreadableSums) {
            return ['valid' => false];
        }
    }

    /** @return array<string, mixed> */
    private function list(Inputs $in): array
    {
        $text = $in->has('file') ? (string) file_get_contents("$this->folder/{$in->word('file')}") : $in->word('text');
        $sums = SumList::read($text, $in->word('algorithm'))->sums;

        return ['valid' => true, 'entries' => array_map(
            static fn (string $name, string $sum): array => ['name' => $name, 'sum' => $sum], array_map(strval(...), array_keys($sums)), $sums,
        )];
    }

    /** @return array<string, mixed> */
    private function hash(Inputs $in): array
    {
        $bytes = str_repeat((string) hex2bin($in->word('hex')), (int) $in->number('times'));

        return ['sha256' => hash('sha256', $bytes), 'md5' => md5($bytes), 'xxh64' => hash('xxh64', $bytes)];
    }

    /** @return array<string, mixed> */
    private function compare(Inputs $in): array
    {
        $volume = static fn (Inputs $v): Volume => (new Volume(
            $v->word('id'),
            $v->word('drive'),
            array_map(intval(...), array_column(
                array_map(static fn (Inputs $f): array => [$f->word('name'), $f->number('bytes')], $v->each('listing')), 1, 0,
            )),
            $v->has('sums') ? SumList::read($v->word('sums'), $in->word('algorithm'))->sums : [],
        ))->without($in->names('ignore'));
        $card = $volume($in->map('card'));
        $copies = array_map($volume, $in->each('copies'));
        $none = array_fill_keys(array_map(static fn (Verdict $v): string => $v->value, Verdict::cases()), 0);

        return ['valid' => true, 'clear' => $card->mayBeCleared($copies), 'copies' => array_map(static function (Volume $copy) use ($card, $none): array {
            $verdicts = array_map(static fn (Verdict $v): string => $v->value, $copy->against($card));

            return [
                'id' => $copy->id, 'good' => $copy->isGoodCopyOf($card), 'counts' => array_count_values($verdicts) + $none,
                'verdicts' => array_map(
                    static fn (string $name, string $v): array => ['name' => $name, 'verdict' => $v],
                    array_map(strval(...), array_keys($verdicts)), $verdicts,
                ),
            ];
        }, $copies)];
    }
}
