<?php

declare(strict_types=1);

/*
 * A line is one thought: what neither Pint nor PHPStan look at.
 */

const LONGEST = 140;

/** @return iterable<string, array{string}> every file of PHP that is written by hand */
function sources(): iterable
{
    foreach (['core/src', 'app'] as $folder) {
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            yield substr((string) $file, strlen(dirname(__DIR__, 2)) + 1) => [(string) $file];
        }
    }
}

/** @return list<int> lines with a ternary that stands as a statement: a condition is said with if */
function ternaryStatements(string $source): array
{
    $tokens = array_values(array_filter(
        PhpToken::tokenize($source),
        static fn (PhpToken $t): bool => ! $t->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT]),
    ));
    [$lines, $depth, $begins, $isStatement] = [[], 0, 0, true];
    foreach ($tokens as $i => $token) {
        if (in_array($token->text, ['(', '['], true)) {
            $depth++;
        } elseif (in_array($token->text, [')', ']'], true)) {
            $depth--;
        } elseif ($depth === 0 && in_array($token->text, [';', '{', '}', ':'], true) && ($token->text !== ':' || $begins === -1)) {
            [$begins, $isStatement] = [$i + 1, true];
        } elseif ($depth === 0 && (
            $token->is([T_RETURN, T_YIELD, T_DOUBLE_ARROW, T_CONST, T_FUNCTION, T_FN, T_THROW, T_ECHO])
            || str_ends_with($token->text, '=')
            && strlen($token->text) < 4
            && ! in_array($token->text, ['==', '===', '!=', '!==', '<=', '>='], true)
        )) {
            $isStatement = false;
        } elseif ($depth === 0
            && $token->text === '?'
            && $isStatement
            && ! $tokens[$i - 1]->is([T_PUBLIC, T_PRIVATE, T_PROTECTED, T_READONLY, T_STATIC])
            && $tokens[$i - 1]->text !== ':') {
            $lines[] = $token->line;
        }
    }

    return $lines;
}

it('keeps lines short enough to read, save a sentence that stands alone', function (): void {
    $long = [];
    foreach (sources() as $name => [$file]) {
        foreach (explode("\n", (string) file_get_contents($file)) as $i => $line) {
            $isSentence = preg_match(
                '/^\s*(\*|\?|:|\.)?\s*(\S+ => |return |\S*throw \S+\(|\], )?[\'"“].*[\'"][\])]*[,;.]?$/u',
                $line,
            ) === 1;
            $isType = preg_match('/^\s*(\/\*)?\* @(param|return|var|phpstan-type) /', $line) === 1;
            if (mb_strlen($line) > LONGEST && ! $isSentence && ! $isType) {
                $long[] = "$name:".($i + 1);
            }
        }
    }
    expect($long)->toBe([]);
});

it('says a condition with if, not with a ternary', function (): void {
    $found = [];
    foreach (sources() as $name => [$file]) {
        $found = [
            ...$found,
            ...array_map(static fn (int $line): string => "$name:$line", ternaryStatements((string) file_get_contents($file))),
        ];
    }
    expect($found)
        ->toBe([])
        ->and(ternaryStatements('<?php $a ?: b(); $c = $d ? 1 : 2; $e === 1 ? f() : null; return $g ? 1 : 2;'))
        ->toBe([1, 1]);
});

/** @return list<int> lines on which a condition stands within another’s answers; what is taken where nothing is (`?:`) is none */
function nestedTernaries(string $code): array
{
    $tokens = array_values(
        array_filter(PhpToken::tokenize($code), static fn (PhpToken $t): bool => ! $t->is([T_WHITESPACE, T_COMMENT, T_DOC_COMMENT])),
    );
    $lines = [];
    // By bracket: how many conditions are open in it, and around it where it only groups.
    $open = [[0, 0]];
    $calls = [T_STRING, T_VARIABLE, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED, T_FN, T_FUNCTION, T_MATCH, T_IF, T_USE, T_ARRAY, T_STATIC];
    foreach ($tokens as $i => $token) {
        $before = $tokens[$i - 1] ?? $token;
        $last = count($open) - 1;
        if (in_array($token->text, ['(', '[', '{'], true) || $token->is([T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES, T_ATTRIBUTE])) {
            $groups = $token->text === '(' && ! $before->is($calls) && ! in_array($before->text, [')', ']'], true);
            $open[] = [0, $groups ? $open[$last][0] + $open[$last][1] : 0];
        } elseif (in_array($token->text, [')', ']', '}'], true)) {
            array_pop($open);
        } elseif (in_array($token->text, [',', ';'], true) || $token->is(T_DOUBLE_ARROW)) {
            $open[$last][0] = 0;
        } elseif ($token->text === '?' && ($tokens[$i + 1]->text ?? '') !== ':' && isAnswer($before)) {
            if ($open[$last][0] + $open[$last][1] > 0) {
                $lines[] = $token->line;
            }
            $open[$last][0]++;
        }
    }

    return $lines;
}

/** Whether what stands before a question mark is a value; else it is a type that may be null. */
function isAnswer(PhpToken $before): bool
{
    return ! in_array($before->text, ['(', ',', ':', '|'], true)
        && ! $before->is([T_PUBLIC, T_PRIVATE, T_PROTECTED, T_READONLY, T_STATIC, T_FUNCTION]);
}

it('asks one question at a time', function (): void {
    $found = [];
    foreach (sources() as $name => [$file]) {
        $lines = nestedTernaries((string) file_get_contents($file));
        $found = [...$found, ...array_map(static fn (int $line): string => "$name:$line", $lines)];
    }
    expect($found)->toBe([])
        ->and(nestedTernaries("<?php\n\$a ? 1 : (\$b ? 2 : 3);\n\$a ? f(\$b ? 1 : 2) : 3;\n\$a ? \$b : \$c ? 1 : 2;\n\$a ? (\$b ?: 2) : 3;"))
        ->toBe([2, 4]);
});
