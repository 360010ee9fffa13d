<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** One value a field: what is sent to be kept holds lists in these fields alone, so that no controller has to ask what shape a word has. */
final class PlainInput
{
    private const LISTS = ['rows', 'was', 'fields', 'photos', 'marks', 'card', 'copies'];

    /** @throws ValidationException if another field holds a list */
    public function handle(Request $request, \Closure $next): Response
    {
        foreach ($request->isMethodSafe() ? [] : $request->input() as $name => $value) {
            if (is_array($value) && ! in_array($name, self::LISTS, true)) {
                $request->offsetUnset((string) $name);
                throw ValidationException::withMessages([(string) $name => 'Enter one value here, not a list.']);
            }
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
