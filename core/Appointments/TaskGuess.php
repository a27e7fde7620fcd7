<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

use Moss\Core\Search\Words;

/**
 * Guesses the task of an appointment.
 *
 * Points of a task: 1000 where the title has its charge code, or its project's and its own code, as they are written; 100 for each of the
 * last five such appointments that the person put on it; 30 where one of its client's people is invited; 10 for each word of the
 * title that is one of its name, and 5 for each that is one of its project's. Words have three letters or more, and are none that say nothing. The task with
 * the most points is meant, among equals the one worked on last; without any point, none. *Such* are those of the same series,
 * or with the same words in the title.
 */
final readonly class TaskGuess
{
    private const CODE = 1000;

    private const HABIT = 100;

    private const GUESTS = 30;

    private const TASK_WORD = 10;

    private const PROJECT_WORD = 5;

    private const LAST = 5;

    /** Words that say nothing of a task. */
    private const SMALL = ['the', 'and', 'for', 'our', 'with', 'from', 'into', 'not', 'all'];

    /**
     * @param  list<LikelyTask>  $tasks
     * @param  list<PastChoice>  $past  the latest first
     */
    public function __construct(private array $tasks, private array $past)
    {
    }

    public function of(Appointment $appointment): ?Guess
    {
        $words = Words::of($appointment->title);
        $named = array_values(array_filter($words, static fn (string $word): bool => mb_strlen($word) >= 3 && ! in_array($word, self::SMALL, true)));
        $habits = $this->such($appointment, $words);
        $best = null;
        $order = [];
        foreach ($this->tasks as $task) {
            [$points, $reasons] = $this->judged($task, $appointment, $words, $named, $habits);
            $place = [-$points, $task->rank, $task->project, $task->task];
            if ($points > 0 && ($best === null || $place < $order)) {
                [$best, $order] = [new Guess($task->id, $habits[$task->id][1] ?? null, $reasons), $place];
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $named
     * @param  array<int, array{int, int|null}>  $habits
     * @return array{int, array<string, string>} points, and what they are for
     */
    private function judged(LikelyTask $task, Appointment $appointment, array $words, array $named, array $habits): array
    {
        $parts = [];
        $code = self::code($task, $appointment->title, $words);
        if ($code !== null) {
            $parts[GuessReason::Code->value] = [self::CODE, $code];
        }
        if (isset($habits[$task->id])) {
            $parts[GuessReason::Habit->value] = [self::HABIT * $habits[$task->id][0], (string) $habits[$task->id][0]];
        }
        $guest = array_values(array_intersect(array_map(mb_strtolower(...), $appointment->guests), array_map(mb_strtolower(...), $task->contacts)))[0] ?? null;
        if ($guest !== null) {
            $parts[GuessReason::Guests->value] = [self::GUESTS, $guest];
        }
        $ofTask = array_values(array_unique(array_intersect($named, Words::of($task->taskName))));
        $ofProject = array_values(array_unique(array_diff(array_intersect($named, Words::of($task->projectName)), $ofTask)));
        if ([...$ofTask, ...$ofProject] !== []) {
            $parts[GuessReason::Words->value] = [self::TASK_WORD * count($ofTask) + self::PROJECT_WORD * count($ofProject), implode(' ', [...$ofTask, ...$ofProject])];
        }
        uasort($parts, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return [array_sum(array_column($parts, 0)), array_map(static fn (array $part): string => $part[1], $parts)];
    }

    /** @param  list<string>  $words */
    private static function code(LikelyTask $task, string $title, array $words): ?string
    {
        $has = static fn (string $code): bool => preg_match('/(?<![\pL\pN])'.preg_quote($code, '/').'(?![\pL\pN])/u', $title) === 1;
        if ($task->chargeCode !== null && $task->chargeCode !== '' && $has($task->chargeCode)) {
            return $task->chargeCode;
        }

        return $words !== [] && $has($task->project) && $has($task->task) ? $task->project.' '.$task->task : null;
    }

    /**
     * @param  list<string>  $words
     * @return array<int, array{int, int|null}> by task, how many of the last such appointments it had, and the role of the latest
     */
    private function such(Appointment $appointment, array $words): array
    {
        $such = [];
        foreach ($this->past as $choice) {
            if ($choice->series === $appointment->series || ($words !== [] && Words::of($choice->title) === $words)) {
                $such[] = $choice;
                if (count($such) === self::LAST) {
                    break;
                }
            }
        }
        $habits = [];
        foreach ($such as $choice) {
            $habits[$choice->task] = [($habits[$choice->task][0] ?? 0) + 1, $habits[$choice->task][1] ?? $choice->role];
        }

        return $habits;
    }
}
