<?php

declare(strict_types=1);

namespace Tests\Core\QuickLine;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\QuickLine\FoundTask;
use Moss\Core\QuickLine\KnownTask;
use Moss\Core\QuickLine\TaskSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TaskSearchTest extends TestCase
{
    use TestTrait;

    /** @param  list<string>  $expected  tasks of the best fit */
    #[DataProvider('searches')]
    public function test_the_tasks_that_fit_best_are_found(string $words, array $expected): void
    {
        $found = self::search()->find(explode(' ', $words));
        $best = array_filter($found, static fn (FoundTask $one): bool => $one->fit === $found[0]->fit);

        self::assertSame($expected, array_map(static fn (FoundTask $one): string => $one->task->project.'/'.$one->task->task, array_values($best)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'project and task' => ['lens survey', ['LENS/SURV']];
        yield 'beginnings' => ['le su', ['LENS/SURV']];
        yield 'within a word' => ['ens vey', ['LENS/SURV']];
        yield 'the name that says no more than was asked' => ['lens report', ['LENS/REP']];
        yield 'a task code' => ['rep', ['LENS/REP']];
        yield 'a charge code' => ['cc-77', ['BELL/FRAME']];
        yield 'a code that is nearly right is another' => ['cc-78', []];
        yield 'a slip of the finger' => ['lens survay', ['LENS/SURV']];
        yield 'a letter too many' => ['bell framme', ['BELL/FRAME']];
        yield 'a letter missing' => ['trainng', ['OWN/TRAIN']];
        yield 'a project alone fits all its tasks alike' => ['lems', ['LENS/FIT', 'LENS/SURV', 'LENS/REP', 'LENS/SREP']];
        yield 'three letters must be right' => ['lxn', []];
        yield 'accents and case' => ['CAFE', ['BELL/CAFÉ']];
        yield 'two that fit alike are both found, by rank' => ['survey', ['LENS/SURV', 'BELL/SURV']];
        yield 'one word that fits nowhere' => ['lens kite', []];
        yield 'a word in the project and one in the task' => ['frame bell', ['BELL/FRAME']];
    }

    public function test_every_word_of_what_is_found_came_from_it_and_more_words_find_no_more(): void
    {
        $letters = Generators::map(static fn (string $text): string => substr(preg_replace('/[^a-z]/', 'e', strtolower($text)) ?? '', 0, 3).'e', Generators::string());
        $this->forAll($letters, $letters)->then(static function (string $one, string $other): void {
            $ids = static fn (string ...$words): array => array_map(static fn (FoundTask $found): int => $found->task->id, self::search()->find(array_values($words)));
            $both = $ids($one, $other);
            self::assertSame([], array_diff($both, $ids($one)));
            self::assertSame([], array_diff($both, $ids($other)));
        });
    }

    public function test_no_words_find_everything_by_rank(): void
    {
        self::assertSame([1, 2, 3, 4, 5, 6, 7, 8], array_map(static fn (FoundTask $one): int => $one->task->id, self::search()->find([])));
    }

    private static function search(): TaskSearch
    {
        $tasks = [
            ['LENS', 'Lens refit', 'FIT', 'Fit the lens', null], ['LENS', 'Lens refit', 'SURV', 'Survey', null],
            ['LENS', 'Lens refit', 'REP', 'Report', null], ['LENS', 'Lens refit', 'SREP', 'Second report', null],
            ['BELL', 'Bell frame', 'FRAME', 'Frame', 'CC-77'], ['BELL', 'Bell frame', 'SURV', 'Survey', null],
            ['BELL', 'Bell frame', 'CAFÉ', 'Café for the parish', null], ['OWN', 'Our own time', 'TRAIN', 'Training', null],
        ];

        return new TaskSearch(array_map(
            static fn (int $index, array $task): KnownTask => new KnownTask($index + 1, $task[0], $task[1], $task[2], $task[3], $task[4], $index),
            array_keys($tasks),
            $tasks,
        ));
    }
}
