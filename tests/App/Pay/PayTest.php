<?php

declare(strict_types=1);

namespace Tests\App\Pay;

use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\ProposedHours;
use App\Models\BillingFile;
use App\Models\BillingLine;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\EntryPayChoice;
use App\Models\EntryPayKind;
use App\Models\PayPremium;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Project;
use App\Pay\PayWeeks;
use App\Pay\StorePayKinds;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Api\AsksWithToken;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Time above 40 hours a week is overtime; ada works 4 and 4 hours on four days, and 5 and 5 on Friday. */
final class PayTest extends TestCase
{
    use AsksWithToken;

    private const WEEKLY = ['weeklyOver' => '40', 'fallsOn' => 'day'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['calendars.csv' => "calendar,date,name,part\ncoast,2026-12-25,Turn of the Tide,\n", 'absences.csv' => "person,date,hours,kind\n"]));
        $this->itIs('2026-06-20');
    }

    public function test_a_week_over_forty_hours_is_overtime_on_each_project_of_its_last_day(): void
    {
        $this->rule(self::WEEKLY);
        Project::query()->update(['approval' => 'line']);
        $this->record('submitted');
        $week = $this->actingAs($this->person('ada'))->given('/week/2026-W25');

        self::assertSame([['regular', 2400], ['overtime', 120]], array_map(null, self::each($week->value('sheet.pay.kinds'), 'kind'), self::each($week->value('sheet.pay.kinds'), 'minutes')));
        self::assertSame(["Fri 19 Jun: 2\u{00A0}h overtime, after 40\u{00A0}h of regular time in the week."], $week->value('sheet.pay.reasons'));
        $cells = $week->value('sheet.pay.cells');
        self::assertIsArray($cells);
        self::assertSame(array_fill(0, 2, "4\u{00A0}h regular, 1\u{00A0}h overtime"), array_values($cells), 'one hour on each task');
        self::assertSame($week->value('sheet.pay'), $this->getJson('/people/ada/week/2026-W25/pencil')->json('pay'));
        self::assertSame("40\u{00A0}h regular, 2\u{00A0}h overtime", $this->actingAs($this->person('lee'))->given('/review')->text('review.sheets.0.pay'));
    }

    public function test_comparisons_sum_up_kinds_of_approved_time(): void
    {
        $this->rule(self::WEEKLY);
        $this->record('submitted');
        $this->approve();
        $address = '/compare?by=person&then=task&period=&from=2026-06-01&to=2026-06-30&show=actual,overtime,double-time&sort=name';
        $page = $this->actingAs($this->person('lee'))->given($address);
        self::assertSame([2520, 120, 0], self::each($page->value('comparison.groups.0.row.values'), 'amount'));
        $parts = array_map(static fn (int $index): array => self::each($page->value("comparison.groups.0.parts.$index.row.values"), 'amount'), array_keys((array) $page->value('comparison.groups.0.parts')));
        self::assertSame([[1260, 60, 0], [1260, 60, 0]], array_values(array_filter($parts, static fn (array $part): bool => $part[0] !== 0)), 'an hour on each task');
        self::assertSame([120], self::each($this->given('/compare?by=week&from=2026-06-15&to=2026-06-21&show=overtime')->value('comparison.groups.0.row.values'), 'amount'));
        // mo manages the project, and sees nobody's week.
        self::assertSame([2520, 0, 0], self::ofAda($this->actingAs($this->person('mo'))->given($address)));
        self::assertNotContains('overtime', (array) $this->actingAs($this->person('vic'))->given($address)->value('comparison.offered'));

        // What does not add up is regular.
        EntryPayKind::query()->where('kind', 'overtime')->update(['minutes' => 30]);
        self::assertSame([2520, 0, 0], self::ofAda($this->actingAs($this->person('kit'))->given($address)));
    }

    /** @return list<mixed> the figures of ada's group */
    private static function ofAda(PageProps $page): array
    {
        $at = array_search('ada', self::each($page->value('comparison.groups'), 'code'), true);
        self::assertIsInt($at);

        return self::each($page->value("comparison.groups.$at.row.values"), 'amount');
    }

    public function test_what_was_approved_stays_until_it_is_corrected(): void
    {
        $this->rule(self::WEEKLY);
        $this->record('submitted');
        $this->approve();
        self::assertSame(['overtime' => 120, 'regular' => 2400], $this->stored());

        // A new rule changes nothing of it.
        $this->rule(['weeklyOver' => '20', 'fallsOn' => 'day', 'startsOn' => '2026-06-15']);
        self::assertSame(2400, $this->actingAs($this->person('ada'))->given('/week/2026-W25')->int('sheet.pay.kinds.0.minutes'));

        $this->correct('FIT', '2026-06-19', '4');
        $corrected = $this->entry('ada', 'FIT', '2026-06-19');
        self::assertSame(240, $corrected?->minutes->toInt());
        self::assertSame(240, (int) EntryPayKind::query()->where('entry_id', $corrected->id)->sum('minutes'), 'kinds add up to the corrected hours');
    }

    public function test_time_that_was_approved_without_a_rule_is_regular(): void
    {
        $this->record('submitted');
        $this->approve();
        self::assertSame([], $this->stored());
        $this->rule(self::WEEKLY);

        self::assertSame([2520], self::each($this->actingAs($this->person('ada'))->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
    }

    public function test_time_that_is_approved_again_without_a_rule_is_regular(): void
    {
        $this->rule(self::WEEKLY);
        $this->record('submitted');
        $this->approve();
        $this->actingAs($this->person('kit'))->delete('/office/pay-rules/'.PayRule::query()->sole()->id);
        $this->app->make(StorePayKinds::class)->handle(array_values(Entry::query()->get()->map(static fn (Entry $entry): int => $entry->id)->all()));

        self::assertSame([], $this->stored());
    }

    public function test_payroll_has_a_line_for_each_kind(): void
    {
        $this->rule(self::WEEKLY);
        $this->record('submitted');
        $this->approve();
        $this->actingAs($this->person('kit'))->post('/office/billing', ['kind' => 'payroll', 'client' => null, 'from' => '2026-06-15', 'until' => '2026-06-19'])->assertSessionHasNoErrors();
        $file = BillingFile::query()->sole();

        self::assertSame(['done', 2520], [$file->state->value, $file->minutes->toInt()]);
        $lines = BillingLine::query()->orderBy('entry_id')->orderBy('pay_kind')->get();
        self::assertSame([10, 120], [$lines->where('pay_kind', 'regular')->count(), $lines->where('pay_kind', 'overtime')->sum(static fn (BillingLine $line): int => $line->minutes->toInt())]);
        self::assertSame($file->minutes->toInt(), $lines->sum(static fn (BillingLine $line): int => $line->minutes->toInt()));
        $csv = $this->get('/office/billing/'.$file->id.'/file.csv')->assertOk()->streamedContent();
        self::assertSame(2, substr_count($csv, ',overtime,'));
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_the_nearest_rule_that_has_begun_holds(): void
    {
        $this->rule(self::WEEKLY);
        $this->rule(['weeklyOver' => '30', 'fallsOn' => 'day', 'team' => 'field']);
        $this->rule(['weeklyOver' => '20', 'fallsOn' => 'day', 'team' => 'field', 'startsOn' => '2026-06-22']);
        $this->record('draft');
        self::assertSame([1800, 720], self::each($this->actingAs($this->person('ada'))->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
        // Somebody may be left out altogether.
        $this->rule(['fallsOn' => 'day', 'person' => 'ada', 'startsOn' => '2026-06-01']);
        self::assertSame([2520], self::each($this->actingAs($this->person('ada'))->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
        $this->rule(['dailyOver' => '6', 'dailyDoubleOver' => '9', 'fallsOn' => 'last', 'person' => 'ada', 'startsOn' => '2026-06-08']);

        // Four days of 6 and 2, and 6, 3 and 1 on Friday.
        self::assertSame([1800, 11 * 60, 60], self::each($this->actingAs($this->person('ada'))->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
    }

    public function test_a_rule_is_added_changed_and_removed(): void
    {
        $this->rule(['weeklyOver' => '38.5', 'dailyOver' => '8', 'dailyDoubleOver' => '12', 'seventhDay' => true, 'seventhDoubleOver' => '8', 'sundays' => true, 'holidays' => true, 'nightStartsAt' => '23', 'nightEndsAt' => '6:30', 'fallsOn' => 'week']);
        $rule = PayRule::query()->sole();
        self::assertSame([2310, 480, 720, true, 480, true, true, 23 * 60, 390, 'week'], [$rule->weekly_over, $rule->daily_over, $rule->daily_double_over, $rule->seventh_day, $rule->seventh_double_over, $rule->sundays, $rule->holidays, $rule->night_starts_at, $rule->night_ends_at, $rule->falls_on->value]);
        $page = $this->given('/office/pay-rules?rule='.$rule->id);
        self::assertSame([$rule->id, '38.5', '23:00'], [$page->int('pay.opened'), $page->text('pay.rules.0.weeklyOver'), $page->text('pay.rules.0.nightStartsAt')]);

        $this->put('/office/pay-rules/'.$rule->id, ['weeklyOver' => '40', 'fallsOn' => 'day'])->assertSessionHasNoErrors();
        self::assertSame([2400, null, false, null], [$rule->fresh()?->weekly_over, $rule->fresh()?->daily_over, $rule->fresh()?->seventh_day, $rule->fresh()?->night_starts_at]);
        $this->delete('/office/pay-rules/'.$rule->id)->assertSessionHas('message', __('pay.removed'));
        self::assertSame(['add', 'change', 'remove'], DB::table('audit_trail')->where('subject', 'pay rule')->orderBy('id')->pluck('act')->all());
        $this->get('/office/audit-trail')->assertOk();
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['weeklyOver' => 'many'], 'weeklyOver'])]
    #[TestWith([['weeklyOver' => '-4'], 'weeklyOver'])]
    #[TestWith([['weeklyOver' => '169'], 'weeklyOver'])]
    #[TestWith([['weeklyOver' => ''], 'weeklyOver'])]
    #[TestWith([['dailyOver' => '8', 'dailyDoubleOver' => '8'], 'dailyDoubleOver'])]
    #[TestWith([['nightStartsAt' => '23:00'], 'nightEndsAt'])]
    #[TestWith([['nightStartsAt' => '24:00', 'nightEndsAt' => '6:00'], 'nightStartsAt'])]
    #[TestWith([['team' => 'nix'], 'team'])]
    #[TestWith([['team' => 'field', 'person' => 'ada'], 'person'])]
    #[TestWith([['startsOn' => 'soon'], 'startsOn'])]
    #[TestWith([['fallsOn' => 'nobody'], 'fallsOn'])]
    public function test_what_is_no_rule_is_refused(array $wrong, string $field): void
    {
        $this->actingAs($this->person('kit'))->post('/office/pay-rules', $wrong + self::WEEKLY)->assertSessionHasErrors($field);
        self::assertSame(0, PayRule::query()->count());
    }

    public function test_two_rules_for_the_same_people_from_the_same_day_are_refused(): void
    {
        $this->rule(self::WEEKLY);
        $this->post('/office/pay-rules', ['dailyOver' => '8'] + self::WEEKLY)->assertSessionHasErrors(['startsOn' => __('pay.twice')]);
        self::assertSame(1, PayRule::query()->count());
    }

    public function test_overtime_is_moved_within_the_rule_and_stays_where_it_was_moved(): void
    {
        $this->rule(self::WEEKLY);
        $this->record('draft');
        // Both hours of Friday on the one task.
        $saved = $this->pay('FIT', '2026-06-19', ['overtime' => '2']);
        self::assertSame(['saved', ['overtime' => 120]], [$saved['outcome'], $saved['pay']]);
        $week = $this->given('/week/2026-W25');
        self::assertSame(["3\u{00A0}h regular, 2\u{00A0}h overtime"], array_values((array) $week->value('sheet.pay.cells')));
        self::assertSame(['overtime'], self::each($week->value('sheet.pay.options'), 'kind'));

        // More than the rule has stays with what it has, and says so.
        $this->pay('FIT', '2026-06-19', ['overtime' => '4:30']);
        self::assertSame(["3\u{00A0}h regular, 2\u{00A0}h overtime (4.5\u{00A0}h overtime chosen)"], array_values((array) $this->given('/week/2026-W25')->value('sheet.pay.cells')));
        self::assertSame([2400, 120], self::each($this->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
        self::assertStringContainsString('more than the 5', $this->pay('FIT', '2026-06-19', ['overtime' => '6'], 'refused')['message']);
        self::assertStringStartsWith('You cannot choose night', $this->pay('FIT', '2026-06-19', ['night' => '1'], 'refused')['message']);

        // The other way round, and back.
        $this->pay('FIT', '2026-06-19', ['overtime' => 0]);
        self::assertSame([120], $this->overtime('CLEAN', '2026-06-19'));
        $this->pay('FIT', '2026-06-19', ['overtime' => '']);
        self::assertSame([60], $this->overtime('CLEAN', '2026-06-19'));
        $this->pay('FIT', '2026-06-19', ['overtime' => '2']);
        $this->record('submitted');
        $this->approve();
        self::assertSame(['overtime' => 120, 'regular' => 180], $this->kindsOf('FIT', '2026-06-19'));
        self::assertSame(['regular' => 300], $this->kindsOf('CLEAN', '2026-06-19'));
    }

    public function test_premiums_are_chosen_by_those_who_may_and_stand_by_makes_nothing_overtime(): void
    {
        $this->rule(self::WEEKLY);
        $this->premium(['code' => 'stand-by', 'name' => 'Stand-by', 'people' => ['ada']]);
        $this->premium(['code' => 'shift', 'name' => 'Late shift', 'isWork' => true, 'people' => ['mo']]);
        $this->record('draft');
        self::assertStringContainsString('Late shift', $this->pay('FIT', '2026-06-16', ['shift' => '1'], 'refused')['message']);
        $this->pay('FIT', '2026-06-16', ['stand-by' => '4']);
        $week = $this->given('/week/2026-W25');
        self::assertSame([['regular', 2280], ['stand-by', 240]], array_map(null, self::each($week->value('sheet.pay.kinds'), 'kind'), self::each($week->value('sheet.pay.kinds'), 'minutes')), 'forty hours less two of stand-by');
        self::assertSame([[], ['stand-by']], [$week->value('sheet.pay.reasons'), self::each($week->value('sheet.pay.options'), 'kind')]);

        $this->record('submitted');
        $this->approve();
        self::assertSame(['stand-by' => 240], $this->kindsOf('FIT', '2026-06-16'));
        $compared = $this->actingAs($this->person('kit'))->given('/compare?by=person&period=&from=2026-06-01&to=2026-06-30&show=actual,premiums');
        self::assertSame([2520, 240], self::ofAda($compared));
        // What time is paid as cannot go.
        $this->delete('/office/pay-rules/premiums/1')->assertSessionHasErrors('premium');
        $this->delete('/office/pay-rules/premiums/2')->assertSessionHasNoErrors();

        $this->post('/office/billing', ['kind' => 'payroll', 'client' => null, 'from' => '2026-06-15', 'until' => '2026-06-19'])->assertSessionHasNoErrors();
        self::assertSame(1, substr_count($this->get('/office/billing/'.BillingFile::query()->sole()->id.'/file.csv')->streamedContent(), ',stand-by,'));
        // Settled: what is taken away is stand-by, since there is nothing else.
        $this->correct('FIT', '2026-06-16', '1');
        $posted = Entry::query()->whereNotNull('corrects')->sole();
        self::assertSame(-180, $posted->minutes->toInt());
        self::assertSame(['stand-by' => -180], $this->sums(EntryPayKind::query()->where('entry_id', $posted->id)->get()->all()));
    }

    public function test_programs_choose_kinds_of_pay_and_read_what_is_paid(): void
    {
        $this->rule(self::WEEKLY);
        $this->premium(['code' => 'stand-by', 'name' => 'Stand-by']);
        $this->record('draft');
        $entry = ['project' => 'LENS', 'task' => 'FIT', 'date' => '2026-06-16', 'version' => 1];
        $saved = $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [$entry + ['pay' => ['stand-by' => '1:30', 'overtime' => null]]]])->assertOk();
        self::assertSame(['saved', ['stand-by' => 90], null], [$saved->json('data.0.outcome'), $saved->json('data.0.entry.pay'), $saved->json('data.0.entry.paidAs')]);
        self::assertSame('refused', $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [['version' => 2, 'pay' => ['night' => 60]] + $entry]])->json('data.0.outcome'));
        $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [$entry + ['pay' => ['stand-by' => ['1']]]]])->assertUnprocessable();
        $this->record('submitted');
        $this->approve();
        $read = $this->ask('ada', 'GET', '/entries?from=2026-06-16&to=2026-06-16&project=LENS')->assertOk();
        self::assertContainsEquals(['regular' => 150, 'stand-by' => 90], self::each($read->json('data'), 'paidAs'));
    }

    /** @param  array<array-key, mixed>  $pay */
    #[TestWith([[1 => '2']])]
    #[TestWith([['2']])]
    #[TestWith([['Stand by' => '2']])]
    #[TestWith([['' => '2']])]
    #[TestWith([['overtime' => true]])]
    public function test_what_names_no_kind_of_pay_is_refused_before_anything_is_saved(array $pay): void
    {
        $this->rule(self::WEEKLY);
        $this->record('draft');
        $cell = ['task' => $this->task('FIT')->id, 'role' => null, 'date' => '2026-06-19', 'pay' => $pay, 'seen' => 1];
        $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/cells', ['cells' => [$cell]])->assertUnprocessable();
        self::assertSame(0, EntryPayChoice::query()->count());
    }

    public function test_kinds_cost_what_the_office_says(): void
    {
        $this->rule(['costs' => ['overtime' => '150']] + self::WEEKLY);
        $this->premium(['code' => 'stand-by', 'name' => 'Stand-by', 'costPercent' => '25']);
        $this->record('draft');
        $this->pay('FIT', '2026-06-15', ['stand-by' => '4']);
        $this->record('submitted');
        $regular = fn (string $task): int => (int) DB::table('recorded_weeks')->where('task_id', $this->task($task)->id)->sum('pending_cents');
        [$fit, $clean] = [$regular('FIT'), $regular('CLEAN')];
        $this->approve();
        // 21 hours each; stand-by makes four of the week no work, so that nothing is overtime: three hours less of those on FIT.
        $cost = fn (string $task): int => (int) DB::table('recorded_weeks')->where('task_id', $this->task($task)->id)->sum('actual_cents');
        self::assertSame([intdiv($fit * 18, 21), $clean], [$cost('FIT'), $cost('CLEAN')]);

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame([29 * 8765], self::ofAda($this->actingAs($this->person('kit'))->given('/compare?by=person&period=&from=2026-06-15&to=2026-06-18&show=cost')), 'single days are priced like whole weeks');
    }

    public function test_the_desk_shows_what_overtime_will_cost(): void
    {
        $this->rule(['costs' => ['overtime' => '150']] + self::WEEKLY);
        $this->record('submitted');
        Person::query()->where('code', 'mo')->update(['sees_cost' => true]);
        $desk = $this->actingAs($this->person('mo'))->given('/review');
        $costs = [];
        foreach ((array) $desk->value('review.sheets.0.lines') as $line) {
            self::assertIsArray($line);
            $costs[] = array_sum(array_filter(self::each($line['cells'], 'cost'), is_int(...)));
        }
        $this->approve();

        // 20 hours and one and a half, at 87.65 an hour.
        self::assertSame(188448, (int) DB::table('recorded_weeks')->where('task_id', $this->task('FIT')->id)->sum('actual_cents'));
        self::assertSame(array_sum($costs), (int) DB::table('recorded_weeks')->sum('actual_cents'));
        $entry = $this->given('/projects/LENS?figure=actual&task=FIT')->value('project.trace.entries.0.cost');
        self::assertSame('482.08', $entry, 'four hours and one and a half');
    }

    public function test_days_in_a_row_are_counted_across_weeks_where_the_rule_says_so(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours,state\n".implode('', array_map(static fn (int $day): string => "ada,LENS,FIT,2026-06-$day,2,draft\n", range(11, 17)))]);
        $this->rule(['seventhDay' => true, 'fallsOn' => 'day']);
        self::assertSame([360], self::each($this->actingAs($this->person('ada'))->given('/week/2026-W25')->value('sheet.pay.kinds'), 'minutes'));
        $this->actingAs($this->person('kit'))->put('/office/pay-rules/1', ['seventhDay' => true, 'seventhAcrossWeeks' => true, 'fallsOn' => 'day'])->assertSessionHasNoErrors();
        $week = $this->actingAs($this->person('ada'))->given('/week/2026-W25');
        self::assertSame([240, 120], self::each($week->value('sheet.pay.kinds'), 'minutes'));
        self::assertSame(["Wed 17 Jun: 2\u{00A0}h overtime, on the seventh day in a row."], $week->value('sheet.pay.reasons'));
    }

    public function test_a_premium_is_added_changed_and_kept_under_its_code(): void
    {
        $this->premium(['code' => 'stand-by', 'name' => 'Stand-by', 'teams' => ['field'], 'people' => ['mo']]);
        $premium = PayPremium::query()->sole();
        self::assertSame([['field'], ['mo'], false, true, 100], [$premium->teams->pluck('code')->all(), $premium->people->pluck('code')->all(), $premium->is_work, $premium->active, $premium->cost_percent]);
        $page = $this->given('/office/pay-rules?premium=stand-by');
        self::assertSame(['stand-by', 'Stand-by'], [$page->text('pay.openedPremium'), $page->text('pay.premiums.0.name')]);

        $this->put('/office/pay-rules/premiums/'.$premium->id, ['code' => 'other', 'name' => 'Standing by', 'costPercent' => '30', 'isWork' => true])->assertSessionHasNoErrors();
        $premium = PayPremium::query()->sole();
        self::assertSame(['stand-by', 'Standing by', 30, true, false, 0], [$premium->code, $premium->name, $premium->cost_percent, $premium->is_work, $premium->active, $premium->teams->count()]);
        $this->delete('/office/pay-rules/premiums/'.$premium->id)->assertSessionHas('message', __('pay.premium.removed'));
        self::assertSame(['add', 'change', 'remove'], DB::table('audit_trail')->where('subject', 'pay premium')->orderBy('id')->pluck('act')->all());
        $this->get('/office/audit-trail')->assertOk();
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['code' => 'Stand By'], 'code'])]
    #[TestWith([['code' => 'overtime'], 'code'])]
    #[TestWith([['code' => '24'], 'code'])]
    #[TestWith([['code' => ''], 'code'])]
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['costPercent' => '1001'], 'costPercent'])]
    #[TestWith([['costPercent' => '12.5'], 'costPercent'])]
    #[TestWith([['teams' => ['nix']], 'teams.0'])]
    #[TestWith([['people' => ['nix']], 'people.0'])]
    public function test_what_is_no_premium_is_refused(array $wrong, string $field): void
    {
        $this->actingAs($this->person('kit'))->post('/office/pay-rules/premiums', $wrong + ['code' => 'shift', 'name' => 'Shift', 'costPercent' => '100'])->assertSessionHasErrors($field);
        $this->post('/office/pay-rules', ['costs' => ['overtime' => 'much']] + self::WEEKLY)->assertSessionHasErrors('costs.overtime');
        self::assertSame([0, 0], [PayPremium::query()->count(), PayRule::query()->count()]);
    }

    /** @param  array<string, mixed>  $rule */
    private function rule(array $rule): void
    {
        $this->actingAs($this->person('kit'))->post('/office/pay-rules', $rule)->assertSessionHasNoErrors();
    }

    /** @param  array<string, mixed>  $premium */
    private function premium(array $premium): void
    {
        $this->actingAs($this->person('kit'))->post('/office/pay-rules/premiums', $premium + ['costPercent' => '100', 'isActive' => true])->assertSessionHasNoErrors();
    }

    /**
     * @param  array<string, string|int>  $pay
     * @return array{outcome: string, message: string, pay: array<array-key, mixed>}
     */
    private function pay(string $task, string $date, array $pay, string $outcome = 'saved'): array
    {
        $cell = ['task' => $this->task($task)->id, 'role' => null, 'date' => $date, 'pay' => $pay, 'seen' => $this->entry('ada', $task, $date)?->version];
        $saved = $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/cells', ['cells' => [$cell]])->assertOk();
        self::assertSame($outcome, $saved->json('cells.0.outcome'), (string) json_encode($saved->json('cells.0.message')));
        [$message, $held] = [$saved->json('cells.0.message'), $saved->json('cells.0.cell.pay')];

        return ['outcome' => $outcome, 'message' => is_string($message) ? $message : '', 'pay' => is_array($held) ? $held : []];
    }

    /** @return list<int> overtime of an entry that is not approved */
    private function overtime(string $task, string $date): array
    {
        $entry = $this->entry('ada', $task, $date);
        self::assertNotNull($entry);

        return [PayWeeks::of(['' => [$entry->person_id, Week::containing($entry->date)]])['']->kinds->ofEntry($entry->id)['overtime'] ?? 0];
    }

    private function correct(string $task, string $date, string $hours): void
    {
        $this->import(['house_rules.csv' => "rule,severity,limit,from\n"]);
        Project::query()->update(['approval' => 'none']);
        $this->app->make(ProposeCorrections::class)->handle($this->person('ada'), $this->person('ada'), [new ProposedHours($this->task($task)->id, $this->entry('ada', $task, $date)?->role_id, Day::of($date), $hours)], 'Too many');
        foreach (Correction::query()->where('state', 'waiting')->get() as $waiting) {
            $this->actingAs($this->person('mo'))->post('/review/corrections', ['corrections' => [$waiting->id], 'accept' => true]);
        }
    }

    private function record(string $state): void
    {
        $rows = '';
        foreach (['2026-06-15' => 4, '2026-06-16' => 4, '2026-06-17' => 4, '2026-06-18' => 4, '2026-06-19' => 5] as $day => $hours) {
            foreach (['FIT', 'CLEAN'] as $task) {
                $rows .= "ada,LENS,$task,$day,$hours,$state\n";
            }
        }
        $this->import(['entries.csv' => "person,project,task,date,hours,state\n".$rows]);
    }

    private function approve(): void
    {
        // Of time on other projects, a project's manager is told nothing.
        self::assertSame('', $this->actingAs($this->person('mo'))->given('/review')->text('review.sheets.0.pay'));
        $waiting = array_values(Entry::query()->where('state', 'submitted')->get()->all());
        $this->actingAs($this->person('mo'))->from('/review')->post('/review/decisions', ['decision' => 'approve', 'comment' => '', 'entries' => array_map(static fn (Entry $entry): array => ['id' => $entry->id, 'version' => $entry->version], $waiting)])->assertSessionHas('message');
    }

    /** @return array<array-key, int> minutes by kind */
    private function stored(): array
    {
        return $this->sums(EntryPayKind::query()->orderBy('kind')->get()->all());
    }

    /** @return array<array-key, int> minutes by kind or premium */
    private function kindsOf(string $task, string $date): array
    {
        return $this->sums(EntryPayKind::query()->where('entry_id', $this->entry('ada', $task, $date)?->id)->orderBy('kind')->get()->all());
    }

    /**
     * @param  array<array-key, EntryPayKind>  $kinds
     * @return array<array-key, int>
     */
    private function sums(array $kinds): array
    {
        $sums = [];
        $codes = PayPremium::query()->pluck('code', 'id');
        foreach ($kinds as $one) {
            $key = is_string($codes[$one->pay_premium_id ?? 0] ?? null) ? $codes[$one->pay_premium_id ?? 0] : $one->kind->value;
            $sums[$key] = ($sums[$key] ?? 0) + $one->minutes;
        }

        return $sums;
    }
}
