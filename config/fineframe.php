<?php

declare(strict_types=1);

/*
 * Names that it answers to besides loopback's; and for how long a page tries mends before it answers, milliseconds; the rest is asked for once the page stands. And how many are tried without being
 * asked for one by one.
 */
return [
    // Served to others than this machine: whoever reads or changes anything has signed in.
    'crew' => (bool) env('CREW', false),
    // Where copies of the database go; empty for a folder beside it.
    'copies' => (string) env('COPIES', ''),
    // Which build serves: pages are kept by it; without one, none is kept.
    'build' => (string) env('BUILD', ''),
    // A proxy on this machine that says who asks; empty where there is none.
    'proxy' => (string) env('PROXY', ''),
    'hosts' => (string) env('HOSTS', ''),
    'mends_ms' => (float) env('MENDS_MS', 250),
    'mends_later_ms' => 1000.0,
    'mends_unasked' => 60,
];
