<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Looked;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Propose\CameraSearch;
use FineFrame\Propose\LightSearch;
use FineFrame\Propose\PerformanceSearch;
use FineFrame\Propose\Proposal;
use FineFrame\Propose\Reason;

/** Proposals as the page lays them out side by side. */
final class ProposalDesk
{
    /** @var list<Proposal> */
    public readonly array $proposals;

    public readonly int $considered;

    /** Cameras that find no place, by name. */
    public readonly string $without;

    public function __construct(
        private readonly Situation $situation,
        Judge $judge,
        private readonly Reader $reader,
        public readonly bool $withChair,
        public readonly bool $isLight = false,
    ) {
        if ($isLight) {
            $search = new LightSearch($situation, $judge);
            [$this->proposals, $this->considered, $without] = [$search->proposals(), $search->considered(), []];
        } elseif ($situation->setup->isTalk()) {
            $search = new CameraSearch($situation, $judge);
            [$this->proposals, $without] = [$search->proposals($withChair), []];
            $this->considered = $search->considered;
        } else {
            $search = new PerformanceSearch($situation, $judge);
            [$this->proposals, $without] = [$search->proposals(), $search->without];
            $this->considered = $search->considered;
        }
        $this->without = implode(', ', array_map($situation->name(...), $without));
    }

    /** What sets a proposal apart, where it follows a recipe. */
    public function title(Proposal $proposal): string
    {
        $word = __("proposals.recipes.$proposal->name");

        return $proposal->name !== '' && is_string($word) ? $word : '';
    }

    public function after(Proposal $proposal): Situation
    {
        return $this->situation->after($proposal->edit);
    }

    /** @return list<FrameDrawing> */
    public function frames(Situation $after): array
    {
        return array_slice(FrameDrawing::all($after, $this->reader, isLit: $this->isLight), 0, 2);
    }

    public function floor(Situation $after): FloorDrawing
    {
        return new FloorDrawing($after, $this->reader);
    }

    /** A reason that is one camera’s own ends in its label. */
    public function name(Reason $reason): string
    {
        $word = __("proposals.$reason->name");
        if ($word !== "proposals.$reason->name" && is_string($word)) {
            return $word;
        }
        $cut = (int) strrpos($reason->name, '-');
        $word = __('proposals.'.substr($reason->name, 0, $cut), ['camera' => substr($reason->name, $cut + 1)]);

        return is_string($word) ? $word : $reason->name;
    }

    public function value(Reason $reason): string
    {
        return $this->reader->print($reason->value);
    }

    /** @param  list<Reason>  $reasons */
    public function words(array $reasons): string
    {
        return implode(', ', array_map(fn (Reason $r): string => $this->name($r).' ('.$this->value($r).')', $reasons));
    }

    /** What its lamps take to rig. */
    public function rig(Situation $after): string
    {
        return (new LightDesk($after, $this->reader, new Looked))->totals();
    }

    /** @return array<string, string> what each lamp does, by its name */
    public function does(Situation $after): array
    {
        $all = [];
        foreach ((new LightDesk($after, $this->reader, new Looked))->does() as $id => $does) {
            $all[$after->name($id)] = $does;
        }

        return $all;
    }

    public function toMove(Proposal $proposal): string
    {
        return implode(', ', array_map($this->situation->name(...), $proposal->toMove));
    }

    public function edit(Proposal $proposal): string
    {
        return (string) json_encode($proposal->edit->values);
    }
}
