<?php

declare(strict_types=1);

namespace Tests\App\Week;

use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class LinesTest extends TestCase
{
    private const SHEET = '/people/ada/week/2026-W25';

    public function test_tasks_are_offered_recent_first_then_mine_the_teams_later_ones_and_non_project_time(): void
    {
        $this->import(Lighthouse::files([
            'tasks.csv' => "project,task,name,charge_code\nLENS,FIT,Fit the lens,CC-9\nLENS,CLEAN,Clean the lens,\nLENS,LATE,Lamp test,\nLENS,HIS,Not hers,\nLENS,PAST,Past,\nOLD,SCRAP,Scrap it,\nOWN,TRAIN,Training,\n",
            'assignments.csv' => "project,task,person,team,role,planned,starts_on,ends_on\nLENS,FIT,ada,,surveyor,32,2026-06-15,2026-06-26\nLENS,CLEAN,,field,,8,2026-06-15,2026-06-18\n"
                ."LENS,LATE,ada,,senior,8,2026-06-29,2026-06-30\nLENS,PAST,ada,,,8,2026-06-01,2026-06-05\nLENS,HIS,mo,,,8,2026-06-15,2026-06-30\nOLD,SCRAP,ada,,,8,2026-01-01,2026-12-31\n",
            'entries.csv' => "person,project,task,date,hours\nada,LENS,PAST,2026-06-04,2\n",
        ]));

        $this->offers('')->assertJsonPath('tasks.*.taskName', ['Past', 'Fit the lens', 'Clean the lens', 'Lamp test', 'Training'])
            ->assertJsonPath('tasks.*.group', ['recent', 'mine', 'team', 'later', 'non-project'])
            ->assertJsonPath('tasks.3.roleName', 'Senior')->assertJsonPath('roles.*.name', ['Senior', 'Surveyor']);
        $this->offers('lens fi')->assertJsonPath('tasks.*.taskCode', ['FIT']);
        $this->offers('cc-9')->assertJsonPath('tasks.*.taskCode', ['FIT']);
        $this->offers('kite')->assertJsonPath('tasks', []);
    }

    public function test_a_line_is_added_in_any_role_and_stays_where_it_is_when_hours_come_and_go(): void
    {
        $this->import(Lighthouse::files());
        $this->add('TRAIN', null);
        $this->add('FIT', 'senior');
        $this->add('FIT', 'senior');

        self::assertSame(2, DB::table('sheet_choices')->count());
        $lines = ['LENS/CLEAN/', 'LENS/FIT/Senior', 'LENS/FIT/Surveyor', 'OWN/TRAIN/'];
        $this->assertLines($lines);
        DB::table('entries')->insert(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('TRAIN')->id, 'date' => '2026-06-16', 'minutes' => 60, 'state' => 'submitted']);
        $this->assertLines($lines);
        // The week after starts from the plan.
        $this->assertLines(['LENS/FIT/Surveyor'], '2026-W26');
    }

    public function test_what_cannot_be_recorded_on_cannot_be_added(): void
    {
        $this->import(Lighthouse::files());
        foreach (['SCRAP' => 'Old crane is closed', 'DRAW' => 'Drawings has been done since'] as $task => $sentence) {
            $this->choose([['task' => $this->task($task)->id, 'role' => null, 'choice' => 'added']])->assertUnprocessable()
                ->assertJsonPath('message', fn (string $message): bool => str_contains($message, $sentence));
        }
        $fit = $this->task('FIT')->id;
        foreach ([['task' => 999_999, 'choice' => 'added'], ['task' => 999_999, 'date' => '2026-06-17', 'choice' => 'rubbed out'], ['task' => $fit, 'role' => 999_999, 'choice' => 'added']] as $unknown) {
            $this->choose([$unknown])->assertUnprocessable()->assertJsonPath('message', fn (string $message): bool => str_contains($message, 'no longer exists'));
        }
        $this->choose([['task' => 1, 'role' => null, 'choice' => 'rubbed out']])->assertUnprocessable();

        self::assertSame(0, DB::table('sheet_choices')->count());
    }

    public function test_an_assigned_line_is_removed_for_its_week_and_brought_back(): void
    {
        $this->import(Lighthouse::files());
        $this->remove('FIT', 'surveyor', 0)->assertRedirect();
        $this->assertLines(['LENS/CLEAN/']);
        $this->assertLines(['LENS/FIT/Surveyor'], '2026-W26');

        $this->add('FIT', 'surveyor');
        $this->assertLines(['LENS/CLEAN/', 'LENS/FIT/Surveyor']);
    }

    public function test_a_line_goes_with_its_hours_and_leaves_their_audit_trail(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,2\nada,LENS,FIT,surveyor,2026-06-17,3\nada,LENS,FIT,surveyor,2026-06-24,1\n"]));
        $this->remove('FIT', 'surveyor', 300);

        self::assertSame(['2026-06-24'], DB::table('entries')->pluck('date')->all());
        self::assertSame(['2026-06-16', '2026-06-17'], DB::table('audit_trail')->where('act', 'clear')->orderBy('date')->pluck('date')->all());
        $this->assertLines(['LENS/CLEAN/']);
    }

    /** @param  'submitted'|'draft'  $state */
    #[DataProvider('stored')]
    public function test_a_line_is_stored_whole_where_it_may_not_go(string $state, int $seen, string $sentence): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,draft\nada,LENS,FIT,surveyor,2026-06-17,3,$state\n"]));

        $this->remove('FIT', 'surveyor', $seen)->assertSessionHas('refusal', fn (string $refusal): bool => str_contains($refusal, $sentence));
        self::assertSame([2, 0], [DB::table('entries')->count(), DB::table('sheet_choices')->count()]);
    }

    /** @return iterable<array{string, int, string}> */
    public static function stored(): iterable
    {
        yield 'submitted time on it' => ['submitted', 300, 'This line has submitted, approved or settled time and cannot be removed. Take the week back first.'];
        yield 'changed since it was seen' => ['draft', 120, 'This line has changed in the meantime'];
    }

    public function test_lines_and_projects_stay_in_the_order_in_which_they_are_stored(): void
    {
        $this->import(Lighthouse::files());
        $this->add('TRAIN', null);
        $fit = $this->key('FIT', 'surveyor');
        $this->actingAs($this->person('ada'))->putJson('/preferences/arrangement', ['projects' => ['OWN', 'LENS'], 'lines' => [$fit], 'collapsed' => ['OWN']])->assertOk();

        $this->assertLines(['OWN/TRAIN/', 'LENS/FIT/Surveyor', 'LENS/CLEAN/']);
        $this->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.collapsed', ['OWN']));
        $this->putJson('/preferences/arrangement', ['projects' => ['OWN', 'OWN'], 'lines' => [], 'collapsed' => []])->assertUnprocessable();
        $this->putJson('/preferences/arrangement', ['projects' => [str_repeat('x', 51)], 'lines' => [], 'collapsed' => []])->assertUnprocessable();
    }

    /** @return TestResponse<Response> */
    private function offers(string $search): TestResponse
    {
        return $this->actingAs($this->person('ada'))->getJson(self::SHEET.'/lines?search='.rawurlencode($search))->assertOk();
    }

    private function add(string $task, ?string $role): void
    {
        $this->choose([['task' => $this->task($task)->id, 'role' => $this->role($role), 'choice' => 'added']])->assertOk();
    }

    /**
     * @param  list<array<string, mixed>>  $choices
     * @return TestResponse<Response>
     */
    private function choose(array $choices): TestResponse
    {
        return $this->actingAs($this->person('ada'))->putJson(self::SHEET.'/lines', ['choices' => $choices]);
    }

    /** @return TestResponse<Response> */
    private function remove(string $task, string $role, int $minutes): TestResponse
    {
        return $this->actingAs($this->person('ada'))->delete(self::SHEET.'/lines', ['task' => $this->task($task)->id, 'role' => $this->role($role), 'minutes' => $minutes]);
    }

    private function role(?string $code): ?int
    {
        $id = DB::table('roles')->where('code', $code)->value('id');

        return is_int($id) ? $id : null;
    }

    private function key(string $task, ?string $role): string
    {
        return $this->task($task)->id.':'.$this->role($role);
    }

    /** @param  list<string>  $expected  project, task and role */
    private function assertLines(array $expected, string $week = '2026-W25'): void
    {
        $this->actingAs(Person::query()->where('code', 'ada')->sole())->get('/week/'.$week)->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines', fn (mixed $lines): bool => array_map(
                static fn (mixed $project, mixed $task, mixed $role): string => json_encode([$project, $task, $role], JSON_THROW_ON_ERROR),
                self::each($lines, 'projectCode'), self::each($lines, 'taskCode'), self::each($lines, 'roleName'),
            ) === array_map(static function (string $line): string {
                [$project, $task, $role] = explode('/', $line);

                return json_encode([$project, $task, $role === '' ? null : $role], JSON_THROW_ON_ERROR);
            }, $expected)));
    }
}
