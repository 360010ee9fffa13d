<?php

declare(strict_types=1);

/** Exercises: a small plan with one mistake in it. */
return [
    'title' => 'Practice',
    'lead' => 'Twelve small plans, each with one mistake that costs a day. The verdicts are hidden: say what is wrong, mend it by hand, then see what the tool sees.',
    'start' => 'Start',
    'again' => 'Try again',
    'back' => 'All exercises',
    'begun' => 'The exercise',
    'how' => 'How you do',
    'stage' => 'Stage',
    'named' => 'named',
    'mended' => 'mended',
    'tries' => '{0} not tried|{1} 1 try|[2,*] :count tries',
    'ask' => 'What is wrong here?',
    'hint' => 'Change the plan until you would shoot it. Then answer: the checks come out of hiding.',
    'answer' => 'Show me',
    'wrong' => 'Choose what you take to be wrong.',
    'right' => 'Right: that was it.',
    'not' => 'Not that. It was: :what.',
    'was' => 'The plan as it was',
    'mends' => 'Mended: it holds now.',
    'unmended' => 'Not mended yet',
    'brought' => 'Your change brought this',
    'why' => 'Why it matters',
    'took' => 'Answered after :time.',
    'other' => 'Compare before and after',
];
