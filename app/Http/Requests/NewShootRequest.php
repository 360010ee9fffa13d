<?php

declare(strict_types=1);

namespace App\Http\Requests;

use FineFrame\Plan\NewShoot;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The four questions before a first plan: what, how many, where and when; a title is made of them where none is given. */
final class NewShootRequest extends FormRequest
{
    public const WHAT = ['interview' => 'Interview', 'performance' => 'Performance'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => [Rule::in(array_keys(self::WHAT))],
            'people' => ['integer', 'min:1', 'max:'.NewShoot::most($this->isTalk())],
            'place' => ['required', 'string', 'max:120'],
            'title' => ['nullable', 'string', 'max:120'],
            'date' => ['nullable', 'date_format:Y-m-d'],
            'from' => ['nullable', 'date_format:H:i', 'required_with:to'],
            'to' => ['nullable', 'date_format:H:i', 'required_with:from', 'different:from'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return __('starting.wrong', ['most' => (string) NewShoot::most($this->isTalk())]);
    }

    public function new(): NewShoot
    {
        $place = $this->string('place')->trim()->toString();
        $what = self::WHAT[$this->string('what', 'interview')->toString()];

        return new NewShoot(
            $this->string('title')->trim()->toString() ?: "$what, $place",
            $place,
            $this->isTalk(),
            $this->integer('people', 1),
            $this->string('date')->toString(),
            $this->string('from')->toString(),
            $this->string('to')->toString(),
        );
    }

    private function isTalk(): bool
    {
        return $this->string('what', 'interview')->toString() !== 'performance';
    }
}
