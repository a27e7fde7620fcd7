<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

/**
 * Finds tasks by words of their project, name and codes.
 *
 * Every word must fit somewhere: it is a code or a whole word, begins one, is within one, or, without digits, is a slip
 * of the finger away from the beginning of a word. Upper case and accents make no difference. Among the tasks that all words fit, those
 * whose names are said in full come before those whose names go on.
 */
final readonly class TaskSearch
{
    private const WHOLE = 40;

    private const BEGINNING = 30;

    private const WITHIN = 20;

    private const NEARLY = 10;

    private const ACCENTS = [
        'à' => 'a', 'á' => 'a', 'â' => 'a', 'ã' => 'a', 'ä' => 'a', 'å' => 'a', 'ą' => 'a', 'ç' => 'c', 'ć' => 'c', 'č' => 'c', 'è' => 'e', 'é' => 'e', 'ê' => 'e',
        'ë' => 'e', 'ę' => 'e', 'ì' => 'i', 'í' => 'i', 'î' => 'i', 'ï' => 'i', 'ł' => 'l', 'ñ' => 'n', 'ń' => 'n', 'ò' => 'o', 'ó' => 'o', 'ô' => 'o', 'õ' => 'o',
        'ö' => 'o', 'ø' => 'o', 'ő' => 'o', 'ß' => 'ss', 'ś' => 's', 'š' => 's', 'ù' => 'u', 'ú' => 'u', 'û' => 'u', 'ü' => 'u', 'ű' => 'u', 'ý' => 'y', 'ÿ' => 'y',
        'ź' => 'z', 'ż' => 'z', 'ž' => 'z', 'æ' => 'ae', 'œ' => 'oe', '’' => "'",
    ];

    /** @param  list<KnownTask>  $tasks */
    public function __construct(private array $tasks)
    {
    }

    /**
     * @param  list<string>  $words  none finds every task
     * @return list<FoundTask> the best first; among equals by rank, project and task
     */
    public function find(array $words): array
    {
        $words = array_map(self::plain(...), $words);
        $found = [];
        foreach ($this->tasks as $task) {
            $fit = self::fit($task, $words);
            if ($fit !== null) {
                $found[] = new FoundTask($task, $fit);
            }
        }
        usort($found, static fn (FoundTask $one, FoundTask $other): int => [$other->fit, $one->task->rank, $one->task->project, $one->task->task]
            <=> [$one->fit, $other->task->rank, $other->task->project, $other->task->task]);

        return $found;
    }

    /**
     * @param  list<string>  $words
     * @return int|null null where a word fits nowhere
     */
    private static function fit(KnownTask $task, array $words): ?int
    {
        $codes = array_map(self::plain(...), array_filter([$task->project, $task->task, $task->chargeCode], static fn (?string $code): bool => $code !== null && $code !== ''));
        $names = self::wordsOf($task->taskName);
        $parts = [...$names, ...self::wordsOf($task->projectName)];
        $sum = 0;
        $named = [];
        foreach ($words as $word) {
            $best = in_array($word, $codes, true) ? self::WHOLE : 0;
            foreach ([...$parts, ...$codes] as $index => $part) {
                // A code that is nearly right is another code.
                $fit = self::wordFit($word, $part, $index < count($parts));
                if ($fit > 0 && $index < count($names)) {
                    $named[$index] = true;
                }
                $best = max($best, $fit);
            }
            if ($best === 0) {
                return null;
            }
            $sum += $best;
        }

        // A name said in full comes before one that goes on; by less than any word can count.
        return $sum + ($names !== [] && count($named) === count($names) ? 1 : 0);
    }

    private static function wordFit(string $word, string $part, bool $forgives): int
    {
        return match (true) {
            $word === $part => self::WHOLE,
            str_starts_with($part, $word) => self::BEGINNING,
            strlen($word) >= 3 && str_contains($part, $word) => self::WITHIN,
            $forgives && strlen($word) >= 4 && preg_match('/\d/', $word) !== 1 && self::isNearly($word, substr($part, 0, strlen($word) + 1)) => self::NEARLY,
            default => 0,
        };
    }

    /** One slip in four letters or more, two in eight or more: a letter wrong, missing or too many. */
    private static function isNearly(string $word, string $part): bool
    {
        $slips = strlen($word) >= 8 ? 2 : 1;
        foreach ([0, 1, 2] as $shorter) {
            if (levenshtein($word, substr($part, 0, strlen($part) - $shorter)) <= $slips) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function wordsOf(string $text): array
    {
        return preg_split("/[^\\p{L}\\p{N}']+/u", self::plain($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    private static function plain(string $text): string
    {
        return strtr(mb_strtolower($text, 'UTF-8'), self::ACCENTS);
    }
}
