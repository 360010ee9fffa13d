<?php

declare(strict_types=1);

/** The box that finds things, pages, verdicts, settings and terms by name. */
return [
    'title' => 'Find',
    'ask' => 'A thing, page, verdict, setting or term',
    'none' => 'Nothing by that name.',
    'away' => 'Not found: no connection to the plan.',
    'terms' => 'Terms',
    'kinds' => ['thing' => 'thing', 'page' => 'page', 'verdict' => 'verdict', 'field' => 'setting', 'list' => 'list', 'paper' => 'paper', 'school' => 'choice', 'act' => 'key', 'term' => 'term'],
    'acts' => ['u' => 'Undo', 'U' => 'Redo', 'e' => 'Side view, and back', 't' => 'Table, and back', 'b' => 'Blackout or daylight', 'i' => 'Metres or feet', '?' => 'All keys'],
];
