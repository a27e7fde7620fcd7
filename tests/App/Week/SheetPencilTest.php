<?php

declare(strict_types=1);

namespace Tests\App\Week;

use App\Models\Task;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What is pencilled into the cells of a sheet. The pencil of the plan by itself is PencilCommandTest's. */
final class SheetPencilTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours\n";

    public function test_the_plan_is_pencilled_into_empty_cells_only(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES."ada,LENS,FIT,surveyor,2026-06-16,1\n"]));

        // Half of Friday is expected, for the leave; Tuesday has ink.
        self::assertSame(['Wed FIT 3.75', 'Thu FIT 3.75', 'Fri FIT 2'], $this->pencilled());
    }

    public function test_a_cell_that_was_rubbed_out_stays_empty_until_it_is_brought_back(): void
    {
        $this->import(Lighthouse::files());
        $choice = ['task' => $this->task('FIT')->id, 'role' => $this->person('ada')->role_id, 'date' => '2026-06-17'];
        $ada = $this->actingAs($this->person('ada'));

        $ada->putJson('/people/ada/week/2026-W25/lines', ['choices' => [$choice + ['choice' => 'rubbed out']]])->assertOk();
        self::assertSame(['Tue FIT 3.75', 'Thu FIT 3.75', 'Fri FIT 2'], $this->pencilled());
        $ada->putJson('/people/ada/week/2026-W25/lines', ['choices' => [$choice + ['choice' => null]]])->assertOk();
        self::assertSame(['Tue FIT 3.75', 'Wed FIT 3.75', 'Thu FIT 3.75', 'Fri FIT 2'], $this->pencilled());
    }

    public function test_last_week_lends_its_lines_or_its_hours_as_far_as_they_are_open(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES
            ."ada,OWN,TRAIN,,2026-06-09,2\nada,OWN,TRAIN,,2026-06-10,9\nada,LENS,DRAW,surveyor,2026-06-09,1\nada,OLD,SCRAP,surveyor,2026-06-09,1\n"]));
        self::assertSame(['CLEAN', 'FIT'], $this->lines());

        $this->prefer(['pencilLastWeek' => 'lines', 'pencilPlan' => false]);
        self::assertSame([['CLEAN', 'FIT', 'TRAIN'], []], [$this->lines(), $this->pencilled()]);
        // No more than what is expected.
        $this->prefer(['pencilLastWeek' => 'hours']);
        self::assertSame(['Tue TRAIN 2', 'Wed TRAIN 8'], $this->pencilled());
        // The plan is heard first, and leaves what it leaves.
        $this->prefer(['pencilPlan' => true]);
        self::assertSame(['Tue FIT 3.75', 'Tue TRAIN 2', 'Wed FIT 3.75', 'Wed TRAIN 4.25', 'Thu FIT 3.75', 'Fri FIT 2'], $this->pencilled());
    }

    public function test_the_usual_week_is_the_median_of_six_and_says_so(): void
    {
        $entries = self::ENTRIES;
        foreach (['2026-05-05' => '1', '2026-05-12' => '1:10', '2026-05-19' => '2', '2026-05-26' => '2', '2026-06-09' => '7'] as $date => $hours) {
            $entries .= "ada,OWN,TRAIN,,$date,$hours\n";
        }
        $this->import(Lighthouse::files(['entries.csv' => $entries]));
        $this->prefer(['pencilPlan' => false]);

        // Of 0, 60, 70, 120, 120 and 420 minutes the middle is 95, which is nearest to 1:30.
        self::assertSame(['Tue TRAIN 1.5'], $this->pencilled());
        $this->actingAs($this->person('ada'))->getJson('/people/ada/week/2026-W25/pencil')
            ->assertJsonPath('proposals.0.source', 'usual week')->assertJsonPath('proposals.0.why', 'usual week: 1.5 h, the median Tuesday in weeks 19 to 24');
        $this->prefer(['pencilUsualWeek' => false]);
        self::assertSame([['CLEAN', 'FIT'], []], [$this->lines(), $this->pencilled()]);
    }

    public function test_pencil_is_neither_counted_nor_submitted_nor_in_anybodys_figures(): void
    {
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.totals.week', 0)->has('sheet.proposals', 4));

        $this->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', 'There is nothing left to submit.');
        $this->assertDatabaseEmpty('entries');
    }

    public function test_who_only_reads_a_week_sees_no_pencil_in_it(): void
    {
        $this->import(Lighthouse::files());

        $this->actingAs($this->person('mo'))->get('/people/ada/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->has('sheet.proposals', 0)->where('sheet.mayRecord', false));
    }

    /** @param  array<string, string|bool>  $preferences */
    private function prefer(array $preferences): void
    {
        $this->actingAs($this->person('ada'))->patch('/preferences', $preferences)->assertSessionHasNoErrors();
    }

    /** @return list<string> weekday, task and hours */
    private function pencilled(): array
    {
        $codes = [];
        foreach (Task::all() as $task) {
            $codes[$task->id] = $task->code;
        }
        $found = [];
        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(function (AssertableInertia $page) use ($codes, &$found): void {
            $page->where('sheet.proposals', function (mixed $proposals) use ($codes, &$found): bool {
                $found = array_map(
                    static fn (mixed $line, mixed $date, mixed $minutes): string => sprintf(
                        '%s %s %s', date('D', (int) strtotime(is_string($date) ? $date : '')), $codes[(int) (is_string($line) ? $line : '')], is_int($minutes) ? $minutes / 60 : '',
                    ),
                    self::each($proposals, 'line'), self::each($proposals, 'date'), self::each($proposals, 'minutes'),
                );

                return true;
            });
        });

        return $found;
    }

    /** @return list<mixed> codes of tasks */
    private function lines(): array
    {
        $found = [];
        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(function (AssertableInertia $page) use (&$found): void {
            $page->where('sheet.lines', function (mixed $lines) use (&$found): bool {
                $found = self::each($lines, 'taskCode');

                return true;
            });
        });

        return $found;
    }
}
