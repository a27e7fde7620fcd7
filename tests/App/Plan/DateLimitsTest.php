<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Exchange\ImportRefused;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Project;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** No way leads to a plan, or to time, so far away or so long that going over its days would hold everybody up. */
final class DateLimitsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('mo'));
    }

    #[DataProvider('lastDays')]
    public function test_rows_of_a_plan_are_refused(string $last): void
    {
        $assignment = Assignment::query()->where('task_id', $this->task('FIT')->id)->sole();
        $this->putJson('/projects/LENS/plan', ['changes' => [['assignments' => [$assignment->id], 'fields' => ['endsOn' => $last]]]])->assertStatus(422);
        $this->putJson('/projects/LENS/plan', ['changes' => [['task' => $this->task('FIT')->id, 'fields' => ['startsOn' => '2026-06-01', 'endsOn' => $last]]]])->assertStatus(422);
        $this->postJson('/projects/LENS/plan', ['lines' => [['task' => 'Horn', 'who' => 'ada', 'planned' => '8', 'startsOn' => '2026-06-01', 'endsOn' => $last]]])->assertStatus(422);
        $this->putJson('/projects/LENS', ['name' => 'Lens', 'manager' => 'mo', 'startsOn' => '2026-06-01', 'endsOn' => $last])->assertStatus(422);
        $this->putJson('/projects/LENS/plan/days', ['assignments' => [$assignment->id], 'days' => ['2999-01-04' => '2']])->assertStatus(422);

        self::assertSame('2026-06-26', $assignment->refresh()->ends_on->toString());
        self::assertSame('2026-07-31', Project::query()->where('code', 'LENS')->sole()->ends_on?->toString());
    }

    /** @return iterable<string, array{string}> */
    public static function lastDays(): iterable
    {
        yield 'a slip of the hand' => ['2999-06-26'];
        yield 'eleven years ahead' => ['2037-01-01'];
        yield 'a plan of more than five years' => ['2031-06-30'];
    }

    public function test_a_copy_may_not_move_work_out_of_reach(): void
    {
        $this->postJson('/projects/LENS/copy', ['name' => 'Again', 'code' => 'AGAIN', 'manager' => 'mo', 'startsOn' => '2036-12-01'])->assertSessionHasErrors('code');

        self::assertFalse(Project::query()->where('code', 'AGAIN')->exists());
    }

    public function test_no_time_is_recorded_so_far_away(): void
    {
        $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2999-W01/cells', ['cells' => [['task' => $this->task('FIT')->id, 'date' => '2999-01-01', 'hours' => '1']]])->assertNotFound();

        self::assertSame(0, Entry::query()->count());
    }

    /** @param  array<string, string>  $files */
    #[DataProvider('files')]
    public function test_files_with_such_days_are_refused_with_the_place(array $files, string $place): void
    {
        try {
            $this->import($files);
            self::fail('taken over');
        } catch (ImportRefused $refused) {
            self::assertStringContainsString($place, $refused->problems[0]->sentence());
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function files(): iterable
    {
        yield 'an assignment to 2999' => [['assignments.csv' => "project,task,person,role,planned,starts_on,ends_on\nLENS,FIT,ada,senior,8,2026-06-15,2999-06-26\n"], 'assignments.csv, line 2, column ends_on'];
        yield 'an assignment of six years' => [['assignments.csv' => "project,task,person,role,planned,starts_on,ends_on\nLENS,FIT,ada,senior,8,2026-06-15,2032-06-26\n"], 'assignments.csv, line 2, column ends_on'];
        yield 'a task of 1999' => [['tasks.csv' => "project,task,name,starts_on\nLENS,FIT,Fit,1999-12-31\n"], 'tasks.csv, line 2, column starts_on'];
        yield 'an entry in 2999' => [['entries.csv' => "person,project,task,date,hours\nada,LENS,FIT,2999-06-15,1\n"], 'entries.csv, line 2, column date'];
        yield 'a project of twenty years' => [['projects.csv' => "project,name,manager,starts_on,ends_on\nLENS,Lens,mo,2010-01-01,2030-01-01\n"], 'projects.csv, line 2, column ends_on'];
    }
}
