<?php

declare(strict_types=1);

/** Versions of a plan, and two of them beside each other. */
return [
    'title' => 'History',
    'back' => 'Back to the plan',
    'hint' => 'Every change is a version. Compare any two, or two setups; bring one back, and nothing after it is lost.',
    'older' => 'Left',
    'newer' => 'Right',
    'compare' => 'Compare',
    'now' => 'now',
    'bring' => 'Bring back',
    'brought' => 'Back to version :version: :words',
    'version' => 'Version :version',
    'breaks' => '{0} nothing breaks|{1} 1 breaks|[2,*] :count break',
    'verdicts' => 'Verdicts that turned',
    'none' => 'No verdict turned.',
    'fields' => 'What changed',
    'same' => 'The plan is the same in both.',
    'held' => 'holds',
    'setup' => 'Setup',
    'all' => 'Versions',
    'did' => 'Change',
];
