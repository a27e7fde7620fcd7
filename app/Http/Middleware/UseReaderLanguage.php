<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use App\Support\Language\ReaderLanguage;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language and with the numbers and dates of whoever asks. */
final class UseReaderLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $reader = $request->user();
        ReaderLanguage::use($reader instanceof Person ? $reader : null, $request);

        return $next($request);
    }
}
