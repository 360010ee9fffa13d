<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Figures\Figure;
use FineFrame\Judge\Caution;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Followed;
use FineFrame\Judge\Mend;
use FineFrame\Measure\Quantity;

/** Makes the sentences: findings, mends and figures are data until here. */
final readonly class Phrase
{
    public function __construct(private Reader $reader)
    {
    }

    public function finding(Finding $finding): string
    {
        $line = $this->line("findings.$finding->check.$finding->case.0", $finding->arguments);
        $room = $finding->arguments['room'] ?? '';

        return mb_ucfirst(is_string($room) && $room !== '' ? "$room: $line" : $line);
    }

    public function why(Finding $finding): string
    {
        return $this->line("findings.$finding->check.$finding->case.1", $finding->arguments);
    }

    public function mend(Mend $mend): string
    {
        return $this->line("mends.$mend->case", $mend->arguments);
    }

    /** What a layout shows of a question on which schools differ. */
    public function seen(Followed $followed): string
    {
        return $this->line("schools.{$followed->question()->value}.seen", $followed->arguments);
    }

    /** @param  array<string, Quantity|string>  $arguments */
    public function consequence(string $case, array $arguments): string
    {
        return $this->line("consequences.$case", $arguments);
    }

    public function caution(Caution $caution): string
    {
        return $this->line("cautions.$caution->case", $caution->arguments);
    }

    public function figure(Figure $figure, string $camera = ''): string
    {
        return $this->line("figures.$figure->kind.".explode('.', $figure->name)[0], ['camera' => $camera]);
    }

    /** @param  array<string, Quantity|string>  $arguments */
    private function line(string $key, array $arguments): string
    {
        $line = __($key);
        $words = [];
        foreach ($arguments as $name => $value) {
            $words[':'.$name] = $this->reader->print($value);
        }

        return strtr(is_string($line) ? $line : $key, $words);
    }
}
