<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

use Moss\Core\Search\WordFit;
use Moss\Core\Search\Words;

/**
 * Finds tasks by words of their project, name and codes.
 *
 * Every word must fit somewhere: it is a code or a whole word, begins one, is within one, or, without digits, is a slip
 * of the finger away from the beginning of a word. Upper case and accents make no difference. Among the tasks that all words fit, those
 * whose names are said in full come before those whose names go on.
 */
final readonly class TaskSearch
{
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
        $words = array_map(Words::plain(...), $words);
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
        $codes = array_map(Words::plain(...), array_filter([$task->project, $task->task, $task->chargeCode], static fn (?string $code): bool => $code !== null && $code !== ''));
        $names = Words::of($task->taskName);
        $parts = [...$names, ...Words::of($task->projectName)];
        $sum = 0;
        $named = [];
        foreach ($words as $word) {
            $best = in_array($word, $codes, true) ? WordFit::WHOLE : 0;
            foreach ([...$parts, ...$codes] as $index => $part) {
                // A code that is nearly right is another code.
                $fit = WordFit::of($word, $part, $index < count($parts));
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
}
