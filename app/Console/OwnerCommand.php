<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Owner;
use Illuminate\Console\Command;

/** Makes an owner who may sign in, or gives one a new password; with --count says how many there are. */
final class OwnerCommand extends Command
{
    private const LEAST = 10;

    protected $signature = 'fineframe:owner
        {name? : who signs in}
        {--stdin : read the password from the input}
        {--count : how many there are}';

    protected $description = 'Make an owner for bin/serve-crew, or set a new password';

    public function handle(): int
    {
        if ($this->option('count') === true) {
            $this->line((string) Owner::query()->count());

            return self::SUCCESS;
        }
        $name = $this->argument('name');
        if (! is_string($name) || trim($name) === '') {
            $this->error('A name is wanted: php artisan fineframe:owner Isolde');

            return self::FAILURE;
        }
        $typed = $this->option('stdin') === true
            ? trim((string) fgets(STDIN))
            : $this->secret('Password, '.self::LEAST.' characters or more');
        $password = is_string($typed) ? $typed : '';
        if (mb_strlen($password) < self::LEAST) {
            $this->error('The password has '.mb_strlen($password).' characters; '.self::LEAST.' or more are wanted.');

            return self::FAILURE;
        }
        Owner::query()->updateOrCreate(['name' => $name], ['password' => $password]);
        $this->info("$name can sign in.");

        return self::SUCCESS;
    }
}
