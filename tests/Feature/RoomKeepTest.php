<?php

declare(strict_types=1);

use App\Plans\RoomKeep;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Tests\Cases;

it('keeps what a room was computed to be, and tells the same by it in another process', function (): void {
    $folder = sys_get_temp_dir().'/rooms-'.uniqid();
    $judged = fn (?RoomKeep $keep): array => array_map(
        fn (Finding $f): array => [$f->key(), $f->severity, $f->arguments],
        Judge::standard($keep)->judge(Cases::shipped(['metering/weather' => 'clear']))->findings,
    );
    $fresh = $judged(null);
    // What this process remembers by itself would hide what the files say.
    $forget = fn () => (new ReflectionProperty(FineFrame\Scene\RoomPatches::class, 'made'))->setValue(null, []);
    $forget();
    $first = $judged(new RoomKeep($folder));
    $forget();
    $again = $judged(new RoomKeep($folder));

    expect(glob("$folder/*"))->not->toBeEmpty()->and($first)->toEqual($fresh)->and($again)->toEqual($fresh);
});

it('keeps nothing where nothing can be written, and nothing that other code wrote', function (): void {
    $nowhere = new RoomKeep('/proc/no/such/place');
    $nowhere->write('key', 'value');
    $folder = sys_get_temp_dir().'/rooms-'.uniqid();
    $keep = new RoomKeep($folder);
    $keep->write('key', 'value');
    $kept = $keep->read('key');
    $file = glob("$folder/*")[0];
    file_put_contents($file, '1 key value');

    expect($nowhere->read('key'))
        ->toBeNull()
        ->and($kept)
        ->toBe('value')
        ->and($keep->read('key'))
        ->toBeNull()
        ->and($keep->read('other'))
        ->toBeNull();
});
