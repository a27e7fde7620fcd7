<?php

declare(strict_types=1);

namespace Tests\App\Month;

use App\Models\Entry;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** ada's June 2026, which begins on a Monday. Today is Wednesday 17 June. */
final class MonthTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'));
    }

    public function test_a_month_shows_its_days_lines_and_sums(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-17,2\nada,LENS,FIT,surveyor,2026-06-30,8\nada,LENS,FIT,surveyor,2026-05-29,8\n"]);
        $page = $this->given('/month/2026-06');

        self::assertSame(['2026-05', '2026-07'], [$page->value('month.before'), $page->value('month.after')]);
        self::assertCount(30, self::each($page->value('month.days'), 'date'));
        self::assertSame([600, 120, 480], [$page->int('month.enteredInAll.minutes'), $page->int('month.entered.16.minutes'), $page->int('month.entered.29.minutes')]);
        $line = $this->lineOf('FIT', $page->value('month.lines'));
        self::assertSame([600, true], [$line['total'], $line['canFill']]);
        self::assertSame($page->int('month.expectedInAll.minutes') - 600, $page->int('month.free.minutes'));
        self::assertSame('2026-W27', $page->value('month.weeks.29'));
    }

    public function test_the_rest_of_the_free_days_is_filled_on_a_line(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,CLEAN,,2026-06-17,3\nada,LENS,FIT,surveyor,2026-06-18,1\n"]);
        $before = $this->given('/month/2026-06');
        $free = $before->int('month.free.minutes');
        self::assertGreaterThan(0, $free);

        $this->fill('FIT', 'surveyor')->assertSessionHasNoErrors();

        $after = $this->given('/month/2026-06');
        self::assertSame([0, $after->int('month.expectedInAll.minutes')], [$after->int('month.free.minutes'), $after->int('month.enteredInAll.minutes')]);
        self::assertSame([300, 480], [$this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-18')?->minutes->toInt()]);
        // Nothing on days on which nothing is expected.
        self::assertNull($this->entry('ada', 'FIT', '2026-06-20'));
        $this->fill('FIT', 'surveyor')->assertSessionHasErrors(['task' => 'Nothing is left to fill: every day here holds what is expected, or is submitted.']);
    }

    public function test_filling_is_undone_but_for_what_was_changed_since(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,note\nada,LENS,FIT,surveyor,2026-06-18,1,bolts\n"]);
        $this->fill('FIT', 'surveyor')->assertSessionHas('undo');
        $address = session('undo');
        self::assertIsString($address);
        $changed = $this->entry('ada', 'FIT', '2026-06-23');
        $changed?->update(['minutes' => 60, 'version' => 2]);

        $this->delete($address)->assertSessionHas('message', 'Fit the lens holds again what it held before it was filled, but for Tue 23 Jun. '
            ."This cell has changed in the meantime and is now 1\u{A0}h. Your value was not saved.");
        self::assertNull($this->entry('ada', 'FIT', '2026-06-17'));
        self::assertSame([60, 'bolts'], [$this->entry('ada', 'FIT', '2026-06-18')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-18')?->note]);
        self::assertSame(60, $this->entry('ada', 'FIT', '2026-06-23')?->minutes->toInt());
        self::assertSame(120, $this->given('/month/2026-06')->int('month.enteredInAll.minutes'));
        // Twice is the same as once.
        $this->delete($address)->assertSessionHasNoErrors();
        self::assertNull($this->entry('ada', 'FIT', '2026-06-16'));
    }

    #[TestWith([''])]
    #[TestWith(['2026-06-31.0.1'])]
    #[TestWith(['2026-06-17.9999.1'])]
    #[TestWith(['2026-06-17.0.1,2026-06-18'])]
    public function test_other_cells_cannot_be_undone(string $cells): void
    {
        $this->delete('/month/2026-06/filled', ['task' => $this->task('FIT')->id, 'cells' => $cells])->assertSessionHasErrors();
    }

    public function test_absences_and_holidays_are_not_filled(): void
    {
        $this->import([
            'entries.csv' => "person,project,task,role,date,hours\n",
            'absences.csv' => "person,date,hours,kind\nada,2026-06-22,,Leave\nada,2026-06-23,3,Leave\n",
        ]);
        $this->fill('FIT', 'surveyor')->assertSessionHasNoErrors();

        self::assertNull($this->entry('ada', 'FIT', '2026-06-22'));
        self::assertSame(300, $this->entry('ada', 'FIT', '2026-06-23')?->minutes->toInt());
    }

    public function test_days_that_are_submitted_stay_as_they_are(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-15,2,submitted\n"]);
        $this->fill('FIT', 'surveyor')->assertSessionHasNoErrors();

        self::assertSame(120, $this->entry('ada', 'FIT', '2026-06-15')?->minutes->toInt());
        self::assertSame(480, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
    }

    public function test_what_cannot_be_recorded_is_not_filled_and_says_why(): void
    {
        $count = Entry::query()->count();
        $this->fill('SCRAP', 'surveyor')->assertSessionHasErrors('task');
        $this->post('/month/2026-06/filled', ['task' => 999_999])->assertSessionHasErrors('task');
        $this->post('/month/2026-06/filled', ['task' => 'x'])->assertSessionHasErrors('task');

        self::assertSame($count, Entry::query()->count());
    }

    #[TestWith(['2026-13'])]
    #[TestWith(['2026-6'])]
    #[TestWith(['0000-01'])]
    #[TestWith(['9999-12'])]
    public function test_other_months_are_not_found(string $month): void
    {
        $this->get('/month/'.$month)->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function fill(string $task, ?string $role): TestResponse
    {
        return $this->post('/month/2026-06/filled', [
            'task' => $this->task($task)->id,
            'role' => $role === null ? null : Role::query()->where('code', $role)->firstOrFail()->id,
        ]);
    }

    /** @return array<array-key, mixed> */
    private function lineOf(string $task, mixed $lines): array
    {
        self::assertIsArray($lines);
        foreach ($lines as $line) {
            if (is_array($line) && $line['task'] === $this->task($task)->id) {
                return $line;
            }
        }
        self::fail('There is no such line.');
    }
}
