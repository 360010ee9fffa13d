<?php

declare(strict_types=1);

namespace App\Console;

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\ShootPlan;

/** Opens the plan file that a command names, or says what is wrong with it on the error stream. */
trait ReadsPlanFiles
{
    private function plan(): ?ShootPlan
    {
        $file = $this->argument('file');
        if (! is_file($file) || ! is_readable($file)) {
            $this->output->getErrorStyle()->writeln('There is no such file: '.$file);

            return null;
        }
        try {
            return PlanReader::json((string) file_get_contents($file, length: CanonicalJson::MAX_BYTES + 1));
        } catch (InvalidDocument $e) {
            $this->output->getErrorStyle()->writeln($e->getMessage());

            return null;
        }
    }
}
