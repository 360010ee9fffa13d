<?php

declare(strict_types=1);

/*
 * Who needs all things of a setup asks `SetupList`: a kind that is added is then in every answer.
 */

const LISTS = ['people', 'furniture', 'cameras', 'lights', 'booms'];

/** @return list<string> methods that name three of the lists or more */
function listing(string $file): array
{
    $tokens = PhpToken::tokenize((string) file_get_contents($file));
    [$found, $method, $depth, $named] = [[], '', 0, []];
    foreach ($tokens as $i => $token) {
        if ($token->is(T_FUNCTION) && ($tokens[$i + 2] ?? null)?->is(T_STRING) === true && $depth <= 1) {
            [$method, $named] = [$tokens[$i + 2]->text, []];
        }
        if ($token->text === '{' || $token->is([T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES])) {
            $depth++;
        } elseif ($token->text === '}') {
            $depth--;
        } elseif ($token->is(T_STRING) && in_array($token->text, LISTS, true) && $tokens[$i - 1]->is(T_OBJECT_OPERATOR)) {
            $named[$token->text] = true;
        }
        if (count($named) >= 3) {
            $found[] = basename($file, '.php')."::$method";
        }
    }

    return array_values(array_unique($found));
}

it('lists the kinds of things in one place', function (): void {
    $found = [];
    foreach (['core/src', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            $found = [...$found, ...listing((string) $file)];
        }
    }
    expect($found)->toEqualCanonicalizing([
        // The list itself, and the file’s.
        'SetupList::of', 'Setup::write',
        // What differs from kind to kind: fields that are judged, drawn, begun with, let go of, brought under a ceiling, read out, weighed.
        'PlanReferences::setup', 'Scene::__construct', 'NewThing::in', 'NewThing::letGo', 'Refit::refitted', 'Whereabouts::positions', 'Effort::isLong',
        // What each kind takes to carry and to set up.
        'DayTasks::of',
    ]);
});
