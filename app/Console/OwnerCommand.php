<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\Sessions;
use App\Models\Owner;
use Illuminate\Console\Command;

/** Makes an owner who may sign in, or gives one a new password; with --count says how many there are. */
final class OwnerCommand extends Command
{
    protected $signature = 'fineframe:owner
        {name? : who signs in}
        {--stdin : read the password from the input}
        {--remove : they may no longer sign in; what they planned is the first owner’s}
        {--count : how many there are}';

    protected $description = 'Make an owner for bin/serve-crew, or set a new password';

    public function handle(Sessions $sessions): int
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
        if ($this->option('remove') === true) {
            return $this->remove($name, $sessions);
        }
        $typed = $this->option('stdin') === true
            ? trim((string) fgets(STDIN))
            : $this->secret('Password, '.Owner::LEAST.' characters or more');
        $password = is_string($typed) ? $typed : '';
        if (mb_strlen($password) < Owner::LEAST) {
            $this->error('The password has '.mb_strlen($password).' characters; '.Owner::LEAST.' or more are wanted.');

            return self::FAILURE;
        }
        $owner = Owner::query()->updateOrCreate(['name' => $name], ['password' => $password]);
        // A new password is asked for everywhere: whoever knew the old one is out.
        $sessions->endAll($owner);
        $this->info("$name can sign in.");

        return self::SUCCESS;
    }

    private function remove(string $name, Sessions $sessions): int
    {
        $owner = Owner::query()->where('name', $name)->first();
        if ($owner === null) {
            $this->error("There is no owner called $name.");

            return self::FAILURE;
        }
        $sessions->endAll($owner);
        $owner->delete();
        $this->info("$name can no longer sign in.");

        return self::SUCCESS;
    }
}
