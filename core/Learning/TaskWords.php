<?php

declare(strict_types=1);

namespace Moss\Core\Learning;

use Moss\Core\Search\Words;

/** The words of a task's name that say of which kind it is. */
final readonly class TaskWords
{
    private const SHORTEST = 3;

    /** Words that any task may have. */
    private const EVERYWHERE = ['the', 'and', 'for', 'with', 'from', 'into', 'new', 'all', 'task', 'part', 'phase', 'work', 'its', 'not', 'out', 'off', 'per'];

    /** @return list<string> each once, in lower case and without accents, a plural `s` taken off */
    public static function of(string $name): array
    {
        $words = array_filter(Words::of($name), static fn (string $word): bool => mb_strlen($word) >= self::SHORTEST && preg_match('/\d/', $word) !== 1 && ! in_array($word, self::EVERYWHERE, true));

        return array_values(array_unique(array_map(static fn (string $word): string => mb_strlen($word) > self::SHORTEST ? (string) preg_replace('/(?<!s)s$/', '', $word) : $word, $words)));
    }
}
