<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Approval\RouteWaitingEntries;
use App\Models\Entry;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The same for several people at once. */
final class SeveralPeopleTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\n"]));
        $this->actingAs($this->person('kit'));
    }

    public function test_several_get_a_team_and_only_those_who_change_are_told_of(): void
    {
        $this->put('/office/people', ['people' => ['ada', 'bo', 'mo', 'nobody'], 'field' => 'team', 'value' => 'field'])->assertSessionHas('message', '2 people have changed.');

        self::assertSame(['field', 'field', 'field'], array_map(fn (string $code): ?string => $this->person($code)->team?->code, ['ada', 'bo', 'mo']));
        self::assertSame([['bo', '{"team":null}', '{"team":"field"}'], ['mo', '{"team":null}', '{"team":"field"}']], DB::table('audit_trail')->where('subject', 'person')->orderBy('id')->get()->map(static fn ($told): array => [$told->name, $told->before, $told->after])->all());
        $this->put('/office/people', ['people' => ['ada', 'bo'], 'field' => 'team', 'value' => ''])->assertSessionHas('message', '2 people have changed.');
        self::assertNull($this->person('ada')->team);
        $this->put('/office/people', ['people' => ['bo'], 'field' => 'team', 'value' => ''])->assertSessionHas('message', 'Nothing has changed: they all had this value already.');
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_another_role_moves_what_their_time_costs(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,CLEAN,,2026-06-16,1,approved\n"]);
        $cost = fn (): mixed => DB::table('recorded_weeks')->where('task_id', $this->task('CLEAN')->id)->sum('actual_cents');
        self::assertSame(8765, $cost());
        $this->put('/office/people', ['people' => ['ada'], 'field' => 'role', 'value' => 'senior'])->assertSessionHasNoErrors();
        self::assertSame(0, $cost());
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_another_line_manager_decides_on_what_waits_and_nobody_leads_themselves(): void
    {
        DB::table('organisations')->update(['approval' => 'line']);
        $this->app->make(RouteWaitingEntries::class)->handle();
        $this->put('/office/people', ['people' => ['ada', 'mo'], 'field' => 'manager', 'value' => 'kit'])->assertSessionHasNoErrors();
        self::assertSame($this->person('kit')->id, Entry::query()->where('state', 'submitted')->sole()->approver_id);

        $this->put('/office/people', ['people' => ['ada', 'kit'], 'field' => 'manager', 'value' => 'mo'])->assertSessionHasErrors(['value' => __('organisation.person_manager')]);
        $this->put('/office/people', ['people' => ['lee'], 'field' => 'manager', 'value' => 'lee'])->assertSessionHasErrors('value');
        self::assertNull($this->person('kit')->manager_id);
    }

    #[TestWith([['people' => []], 'people'])]
    #[TestWith([['field' => 'password'], 'field'])]
    #[TestWith([['value' => 'ships'], 'value'])]
    public function test_what_is_wrong_is_said(mixed $wrong, string $field): void
    {
        self::assertIsArray($wrong);
        $this->put('/office/people', $wrong + ['people' => ['ada'], 'field' => 'team', 'value' => 'field'])->assertSessionHasErrors($field);
    }

    public function test_hundreds_take_as_many_queries_as_one_but_for_what_is_worked_out_afterwards(): void
    {
        DB::table('people')->insert(array_map(static fn (int $number): array => ['code' => "p$number", 'name' => "P $number", 'email' => "p$number@lighthouse.example"], range(1, 200)));
        $one = $this->queriesOf(fn () => $this->put('/office/people', ['people' => ['p1'], 'field' => 'manager', 'value' => 'lee'])->assertSessionHasNoErrors());
        self::assertSame($one, $this->queriesOf(fn () => $this->put('/office/people', ['people' => array_map(static fn (int $number): string => "p$number", range(2, 200)), 'field' => 'manager', 'value' => 'lee'])->assertSessionHasNoErrors()));
    }
}
