<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\Language\Wording;
use App\Support\PlainText;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * What every request brings is readable text of a bounded amount: invalid UTF-8 is refused, characters that reverse the
 * direction of reading are taken out, lists are not read from an address, and a page that sent us here counts only if it
 * is ours.
 */
final class CleanInput
{
    /** More values than any page sends. */
    private const MOST_VALUES = 20_000;

    private const UNTOUCHED = ['password', 'current_password'];

    private int $count = 0;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->count = 0;
        $this->clean($request->query, takesLists: false);
        $body = $request->isJson() ? $request->json() : $request->request;
        if ($body !== $request->query) {
            $this->clean($body, takesLists: true);
        }
        if (! str_starts_with((string) $request->headers->get('referer').'/', $request->getSchemeAndHttpHost().'/')) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }

    /** @param  InputBag<string>|InputBag<bool|float|int|string|null>  $bag */
    private function clean(InputBag $bag, bool $takesLists): void
    {
        foreach ($this->cleaned($bag->all()) as $name => $value) {
            if (is_array($value) && ! $takesLists) {
                $bag->remove((string) $name);
            } elseif (is_scalar($value) || is_array($value)) {
                $bag->set((string) $name, $value);
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private function cleaned(array $values): array
    {
        $cleaned = [];
        foreach ($values as $name => $value) {
            if (++$this->count > self::MOST_VALUES) {
                throw new BadRequestHttpException(Wording::of('faults.too_much', ['most' => self::MOST_VALUES]));
            }
            if (! mb_check_encoding((string) $name, 'UTF-8') || (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
                throw new BadRequestHttpException(Wording::of('faults.400'));
            }
            $cleaned[$name] = match (true) {
                is_array($value) => $this->cleaned($value),
                is_string($value) && ! in_array($name, self::UNTOUCHED, true) => PlainText::clean($value),
                default => $value,
            };
        }

        return $cleaned;
    }
}
