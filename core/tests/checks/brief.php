<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

$bare = Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6);
$mood = static fn (string $mood, array $schools = []): Plans => $bare->with(['/brief/facts/mood' => $mood, '/brief/schools' => $schools]);

return [
    'mood-is-kept' => [
        ['nothing chosen against it', $mood('calm'), 'holds holds schools', ['ways' => 'long, open, tripod, around noon']],
        ['what it begins with', $mood('calm', ['lens' => 'long', 'contrast' => 'open']), 'holds holds schools'],
        ['chosen against it', $mood('calm', ['contrast' => 'even']), 'watch against schools+contrast', ['wanted' => 'open'], 'choose-school'],
        ['the same, where that is the mood', $mood('bright', ['contrast' => 'even']), 'holds holds schools'],
        ['by hand, and calm', $mood('calm', ['support' => 'handheld']), 'watch against schools+support', ['school' => 'handheld']],
        ['nobody has said', $mood('nobody has said', ['contrast' => 'even']), ''],
    ],
];
