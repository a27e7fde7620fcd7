<?php

declare(strict_types=1);

namespace Tests\Core\Appointments;

use Moss\Core\Appointments\Appointment;
use Moss\Core\Appointments\LikelyTask;
use Moss\Core\Appointments\PastChoice;
use Moss\Core\Appointments\TaskGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TaskGuessTest extends TestCase
{
    /**
     * @param  list<string>  $guests
     * @param  list<PastChoice>  $past
     */
    #[DataProvider('appointments')]
    public function test_an_appointment_belongs_to_the_task_that_most_speaks_for(string $title, array $guests, array $past, ?string $expected): void
    {
        $guess = (new TaskGuess(self::tasks(), $past))->of(new Appointment($title, 'series-1', $guests));
        $printed = $guess === null ? null : $guess->task.($guess->role === null ? '' : '/'.$guess->role).' '.implode(', ', array_map(static fn (string $reason, string $what): string => "$reason: $what", array_keys($guess->reasons), $guess->reasons));

        self::assertSame($expected, $printed);
    }

    /** @return iterable<string, array{string, list<string>, list<PastChoice>, string|null}> */
    public static function appointments(): iterable
    {
        $choice = static fn (int $task, string $title = 'Sync', string $series = 'series-1', ?int $role = null): PastChoice => new PastChoice($title, $series, $task, $role);
        yield 'a charge code in the title' => ['Re: 44-100 Monday call', [], [], '1 code: 44-100'];
        yield 'the codes of project and task' => ['LENS CLEAN on site', [], [], '2 code: LENS CLEAN, words: clean lens'];
        yield 'a part of a code is none' => ['44-1000 call', [], [], null];
        yield 'words of the task' => ['Fit lens with crane', [], [], '1 words: fit lens'];
        yield 'words of the project count less' => ['Training for the refit', [], [], '3 words: training'];
        yield 'among equals the one worked on last' => ['Refit', [], [], '2 words: refit'];
        yield 'short words and case make no difference' => ['FIT of an', [], [], '1 words: fit'];
        yield 'people of the client are invited' => ['Weekly', ['Rhona@Harbour.example', 'x@y.example'], [], '2 guests: rhona@harbour.example'];
        yield 'words tell the tasks of a client apart' => ['Fit', ['rhona@harbour.example'], [], '1 guests: rhona@harbour.example, words: fit'];
        yield 'habit by the series, whatever it is called' => ['Fit lens', [], [$choice(3), $choice(3)], '3 habit: 2'];
        yield 'habit by the same words' => ['Sync', [], [$choice(2, 'sync', 'other')], '2 habit: 1'];
        yield 'only the last five count' => ['Sync', [], [$choice(2), $choice(2), $choice(2), $choice(1), $choice(1), $choice(1)], '2 habit: 3'];
        yield 'the role of the latest' => ['Sync', [], [$choice(2, role: 7), $choice(2, role: 8)], '2/7 habit: 2'];
        yield 'a code stands before habit' => ['44-100 sync', [], array_fill(0, 5, $choice(3)), '1 code: 44-100'];
        yield 'a private one only by habit' => ['', [], [$choice(3, '')], '3 habit: 1'];
        yield 'nothing is not the same as nothing' => ['', [], [$choice(3, '', 'other')], null];
        yield 'a task that is closed is none' => ['Sync', [], [$choice(99)], null];
        yield 'nothing speaks for any' => ['Dentist', [], [], null];
    }

    /** @return list<LikelyTask> */
    private static function tasks(): array
    {
        $contacts = ['rhona@harbour.example'];

        return [
            new LikelyTask(1, 'LENS', 'Lens refit', 'FIT', 'Fit the lens', '44-100', 5, $contacts),
            new LikelyTask(2, 'LENS', 'Lens refit', 'CLEAN', 'Clean the glass', null, 1, $contacts),
            new LikelyTask(3, 'OWN', 'Our own time', 'TRAIN', 'Training', null, 3),
        ];
    }
}
