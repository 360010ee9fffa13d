<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Visitor;
use App\Plans\Looked;
use App\View\Workspace;
use FineFrame\Judge\Stage;
use Illuminate\Http\Request;

/**
 * What page the reader is at, and how it is looked at: from the request, to every address, to the hidden fields of every form, to the
 * script. Nothing else
 * spells it, so that no way of changing a plan loses a part of it.
 */
final readonly class Where
{
    /** What a form that chooses nothing says, so that a stage’s own card does not open again. */
    private const NOTHING = 'none';

    /**
     * @param  string  $place  the setup, or the place where nothing is set up; empty for the first setup
     * @param  string  $room  which of a place’s rooms is taped; empty for the first
     * @param  string  $selected  the thing whose card is open, `none` where none is to be; empty for what the stage opens with
     * @param  Looked  $looked  what is otherwise only to look at
     * @param  bool  $withChair  whether proposals may move the chair as well
     * @param  string  $ask  what is asked of the light, and `$who` on whose face; empty for nothing yet, and for the first
     * @param  string  $crop  millimetres on the first camera, for what photos show of it; as it was typed
     */
    public function __construct(
        public Stage $stage,
        public string $look = '',
        public string $place = '',
        public string $room = '',
        public string $selected = '',
        public Looked $looked = new Looked,
        public bool $withChair = false,
        public string $crop = '',
        public string $ask = '',
        public string $who = '',
    ) {
    }

    public static function of(Request $request): self
    {
        $routed = $request->route('stage');
        $stage = Stage::tryFrom(self::word($request, 'stage') ?: (is_string($routed) ? $routed : '')) ?? Stage::Cameras;
        $look = self::word($request, 'look');

        return new self(
            $stage,
            isset(Workspace::looksOf($stage)[$look]) ? $look : self::opening($stage),
            self::word($request, 'place'),
            self::word($request, 'room'),
            self::word($request, 'select'),
            Looked::of($request),
            self::word($request, 'chair') === '1',
            self::word($request, 'crop'),
            self::word($request, 'ask'),
            self::word($request, 'who'),
        );
    }

    /** One word that the reader sent; whatever is no word counts as nothing. */
    public static function word(Request $request, string $key): string
    {
        $value = $request->input($key);

        return is_string($value) ? $value : '';
    }

    /** The card that is open: the one asked for, else the stage’s own. */
    public function card(): ?string
    {
        if ($this->selected !== '') {
            return $this->selected === self::NOTHING ? null : $this->selected;
        }

        return match ($this->stage) {
            Stage::Brief => 'brief',
            Stage::Measure => 'tape',
            Stage::Scout => $this->look === 'compare' ? 'weights' : 'place',
            default => null,
        };
    }

    /** @return array<string, string> hidden fields, all of it */
    public function fields(): array
    {
        $fields = [
            'stage' => $this->stage->value,
            'look' => $this->look,
            'place' => $this->place,
            'room' => $this->room,
            'select' => $this->card() ?? self::NOTHING,
        ] + $this->looked->query() + $this->ofLook();

        return array_filter($fields, static fn (?string $value): bool => $value !== null && $value !== '');
    }

    /**
     * The page’s address with something else: a part that is null is left out. At another stage its own look and card open.
     *
     * @param  array<string, string|null>  $with
     */
    public function url(string $shoot, array $with = []): string
    {
        $stage = $with['stage'] ?? $this->stage->value;
        $isElsewhere = $stage !== $this->stage->value;
        $own = [
            'look' => $isElsewhere || $this->look === self::opening($this->stage) ? null : $this->look,
            'place' => $this->place, 'room' => $this->room,
            'select' => $this->card() ?? (self::opensACard($this->stage) ? self::NOTHING : null),
        ] + ($stage === Stage::Light->value ? $this->looked->query() : []) + ($isElsewhere ? [] : $this->ofLook());
        $query = array_filter($with + $own, static fn (?string $value): bool => $value !== null && $value !== '');

        return route('stage', ['shoot' => $shoot, 'stage' => $stage] + $query);
    }

    /** @return array<string, string> what one look alone asks */
    private function ofLook(): array
    {
        return array_filter(
            ['chair' => $this->withChair ? '1' : '', 'crop' => $this->crop, 'ask' => $this->ask, 'who' => $this->who],
            static fn (string $value): bool => $value !== '',
        );
    }

    /** The look that a stage opens with, for whoever asks. */
    private static function opening(Stage $stage): string
    {
        return (string) array_key_first(Visitor::now()->looks($stage));
    }

    private static function opensACard(Stage $stage): bool
    {
        return in_array($stage, [Stage::Brief, Stage::Scout, Stage::Measure], true);
    }
}
