<?php

declare(strict_types=1);

namespace Tests\App\Pay;

use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\ProposedHours;
use App\Models\BillingFile;
use App\Models\BillingLine;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\EntryPayKind;
use App\Models\PayRule;
use App\Models\Project;
use App\Pay\StorePayKinds;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Time above 40 hours a week is overtime; ada works 4 and 4 hours on four days, and 5 and 5 on Friday. */
final class PayTest extends TestCase
{
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

        $this->import(['house_rules.csv' => "rule,severity,limit,from\n"]);
        Project::query()->update(['approval' => 'none']);
        $this->app->make(ProposeCorrections::class)->handle($this->person('ada'), $this->person('ada'), [new ProposedHours($this->task('FIT')->id, $this->entry('ada', 'FIT', '2026-06-19')?->role_id, Day::of('2026-06-19'), '4')], 'An hour too many');
        foreach (Correction::query()->where('state', 'waiting')->get() as $waiting) {
            $this->actingAs($this->person('mo'))->post('/review/corrections', ['corrections' => [$waiting->id], 'accept' => true]);
        }
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

    /** @param  array<string, mixed>  $rule */
    private function rule(array $rule): void
    {
        $this->actingAs($this->person('kit'))->post('/office/pay-rules', $rule)->assertSessionHasNoErrors();
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
        $sums = [];
        foreach (EntryPayKind::query()->orderBy('kind')->get() as $one) {
            $sums[$one->kind->value] = ($sums[$one->kind->value] ?? 0) + $one->minutes;
        }

        return $sums;
    }
}
