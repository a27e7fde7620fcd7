<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Models\AuditTrailRow;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\ExpenseCategoryTeam;
use App\Models\Project;
use App\Models\Team;
use App\Models\Trip;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\EntryState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class ExpensesTest extends TestCase
{
    use ExpensesHouse;

    /**
     * @param  array<string, mixed>  $typed
     * @param  array<int|string>  $stored  gross and tax in minor units, rate, gross and cost in cents
     */
    #[DataProvider('amounts')]
    public function test_what_is_typed_becomes_money(array $typed, array $stored): void
    {
        $expense = $this->add($typed);

        self::assertSame($stored, [$expense->gross_minor, $expense->tax_minor, $expense->exchange_rate, $expense->gross_cents->cents(), $expense->cost_cents->cents()]);
    }

    /** @return iterable<string, array{array<string, mixed>, array<int|string>}> */
    public static function amounts(): iterable
    {
        yield 'tax included, not reclaimed' => [['amount' => '11,90'], [1190, 190, '1', 1190, 1190]];
        yield 'tax on top' => [['amount' => '10', 'isNet' => true], [1190, 190, '1', 1190, 1190]];
        yield 'tax as on the receipt' => [['amount' => '11.90', 'tax' => '0.78'], [1190, 78, '1', 1190, 1190]];
        // 70 % at 7 %, 30 % at 19 %: 9.34 and 9.77.
        yield 'two rates of tax, reclaimed' => [['category' => 'hotel', 'amount' => '204.00'], [20400, 1911, '1', 20400, 18489]];
        yield 'the rate of its day' => [['currency' => 'CHF', 'amount' => '100'], [10000, 1597, '1.05', 10500, 10500]];
        yield 'the rate of another day' => [['currency' => 'CHF', 'amount' => '100', 'date' => '2026-06-16'], [10000, 1597, '1.0823', 10823, 10823]];
        yield 'the rate that was paid' => [['currency' => 'CHF', 'amount' => '100', 'rate' => '1,1'], [10000, 1597, '1.1', 11000, 11000]];
        yield 'no decimals, and no rate but the typed one' => [['currency' => 'JPY', 'amount' => '1500', 'rate' => '0.0062'], [1500, 239, '0.0062', 930, 930]];
        yield 'kilometres before the rate changed' => [['category' => 'car', 'distance' => '123.5'], [3705, 0, '1', 3705, 3705]];
        yield 'and after' => [['category' => 'car', 'distance' => '123,5', 'date' => '2026-06-16', 'from' => 'Harbour', 'to' => 'Skerry'], [4693, 0, '1', 4693, 4693]];
    }

    /** @param  list<string>  $tasks */
    #[DataProvider('offered')]
    public function test_own_tasks_those_of_the_team_and_internal_ones_are_offered_whatever_the_rule_of_others_says(string $person, array $tasks): void
    {
        foreach (['blocking', 'off'] as $severity) {
            DB::table('house_rules')->where('rule', 'not_assigned')->delete();
            DB::table('house_rules')->insert(['rule' => 'not_assigned', 'severity' => $severity, 'starts_on' => '2020-01-01']);
            $offered = $this->actingAs($this->person($person))->given("/people/$person/expenses/2026-W25")->value('expenses.tasks');
            self::assertIsArray($offered);

            self::assertSame(array_map(fn (string $task): int => $this->task($task)->id, $tasks), array_column($offered, 'id'), $severity);
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function offered(): iterable
    {
        yield 'somebody with tasks, of a team with one; one is done, one of a closed project' => ['ada', ['CLEAN', 'FIT', 'TRAIN']];
        yield 'somebody with none, of another team' => ['bo', ['TRAIN']];
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_with_a_sentence(array $typed, string $field, string $says): void
    {
        ExpenseCategory::query()->create(['code' => 'lab', 'name' => 'Laboratory', 'active' => false]);
        $this->actingAs($this->person('ada'))->post('/people/ada/expenses', $this->meal($typed))->assertSessionHasErrors($field);

        self::assertStringContainsString($says, self::errorOf($field));
        self::assertSame(0, Expense::query()->count());
        self::assertSame(0, Trip::query()->count(), 'nothing is half stored');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'no amount' => [['amount' => ''], 'amount', 'Enter the amount'];
        yield 'words' => [['amount' => 'ten', 'trip' => 'Skerry'], 'amount', 'Enter the amount'];
        yield 'a negative amount' => [['amount' => '-5'], 'amount', 'Enter the amount'];
        yield 'parts of a yen' => [['currency' => 'JPY', 'amount' => '10.5', 'rate' => '1'], 'amount', 'at most 0 decimal'];
        yield 'more tax than money' => [['tax' => '12'], 'tax', 'cannot be more'];
        yield 'no rate on the day' => [['currency' => 'JPY', 'amount' => '100'], 'rate', 'no rate for JPY'];
        yield 'a rate of nothing' => [['currency' => 'CHF', 'rate' => '0'], 'rate', 'Enter how much EUR one CHF'];
        yield 'an unknown currency' => [['currency' => 'XYZ'], 'currency', 'Choose a currency'];
        yield 'no distance' => [['category' => 'car'], 'distance', 'kilometres'];
        yield 'no mileage rate yet' => [['category' => 'car', 'distance' => '5', 'date' => '2025-12-31'], 'date', 'no mileage rate'];
        yield 'a category out of use' => [['category' => 'lab'], 'category', 'Choose a category'];
        yield 'no such task' => [['task' => 999], 'task', 'task'];
        yield 'a closed project' => [['task' => 4], 'task', 'closed'];
        yield 'no day' => [['date' => ''], 'date', 'Enter the day'];
        yield 'no real day' => [['date' => '2026-02-30'], 'date', 'Enter the day'];
    }

    public function test_a_category_may_be_for_some_teams_only(): void
    {
        $meals = ExpenseCategory::query()->where('code', 'meals')->sole();
        ExpenseCategoryTeam::query()->create(['expense_category_id' => $meals->id, 'team_id' => Team::query()->where('code', 'field')->sole()->id]);
        $this->actingAs($this->person('bo'))->post('/people/bo/expenses', $this->meal(['task' => $this->task('TRAIN')->id]))->assertSessionHasErrors('category');

        $this->add();
        self::assertSame(['hotel', 'car'], self::each($this->actingAs($this->person('bo'))->given('/people/bo/expenses/2026-W25')->value('expenses.categories'), 'code'));
    }

    public function test_the_week_shows_its_expenses_with_sums_by_currency(): void
    {
        $this->add();
        $this->add(['currency' => 'CHF', 'amount' => '100', 'date' => '2026-06-16', 'trip' => 'Skerry']);
        $this->add(['currency' => 'CHF', 'amount' => '20', 'isOwnMoney' => false]);
        $this->add(['date' => '2026-06-08']);
        $page = $this->given('/people/ada/expenses/2026-W25');

        self::assertSame(['2026-06-15', '2026-06-15', '2026-06-16'], self::each($page->value('expenses.expenses'), 'date'));
        self::assertSame([['currency' => 'EUR', 'gross' => '11.90', 'reimbursable' => '11.90'], ['currency' => 'CHF', 'gross' => '120.00', 'reimbursable' => '100.00']], $page->value('expenses.sums'));
        self::assertSame('141.13', $page->text('expenses.cost'), '11.90, 21.00 and 108.23');
        self::assertSame(['Skerry'], $page->value('expenses.trips'));
        self::assertSame([['trip' => 'Skerry', 'sums' => [['currency' => 'CHF', 'gross' => '100.00', 'reimbursable' => '100.00']]]], $page->value('expenses.tripSums'));
        self::assertSame([['week' => '2026-W24', 'monday' => '2026-06-08', 'open' => 1]], $page->value('expenses.elsewhere'));
        self::assertSame([['from' => '2026-06-16', 'rate' => '1.0823'], ['from' => '2026-06-01', 'rate' => '1.05']], $page->value('expenses.currencies.1.rates'));
        self::assertSame('7 % of 70 %, 19 % of 30 %', $page->text('expenses.categories.0.tax'));
        self::assertLessThanOrEqual(31, $this->queriesOf(fn () => $this->get('/people/ada/expenses/2026-W25')));
    }

    public function test_an_expense_is_changed_and_removed_while_it_is_open(): void
    {
        $expense = $this->add();
        $this->put("/people/ada/expenses/$expense->id", $this->meal(['amount' => '12', 'version' => 1]))->assertSessionHasNoErrors();
        self::assertSame([1200, 2], [$expense->refresh()->gross_minor, $expense->version]);
        $this->put("/people/ada/expenses/$expense->id", $this->meal(['amount' => '13', 'version' => 1]))->assertSessionHasErrors('expense');

        // Not by another way into it.
        $this->actingAs($this->person('bo'))->put("/people/bo/expenses/$expense->id", $this->meal(['amount' => '13']))->assertSessionHasErrors('expense');
        self::assertSame(1200, $expense->refresh()->gross_minor);
        $this->actingAs($this->person('ada'))->delete("/people/ada/expenses/$expense->id")->assertSessionHasNoErrors();
        self::assertSame(['add', 'change', 'remove'], AuditTrailRow::query()->where('subject', 'expense')->orderBy('id')->pluck('act')->all());
    }

    public function test_expenses_go_the_way_of_time_on_their_task(): void
    {
        Project::query()->update(['approval' => 'line']);
        $expense = $this->add();
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors()->assertSessionHas('message', 'One expense submitted.');
        self::assertSame([EntryState::Submitted, $this->person('lee')->id], [$expense->refresh()->state, $expense->approver_id]);
        $this->put("/people/ada/expenses/$expense->id", $this->meal())->assertSessionHasErrors('expense');
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHas('message', 'There are no expenses to submit.');
        $this->delete('/people/ada/expenses/2026-W25/submission')->assertSessionHas('message', 'One expense taken back.');
        self::assertSame([EntryState::Draft, null], [$expense->refresh()->state, $expense->approver_id]);

        // Nobody approves where nobody is asked.
        Project::query()->update(['approval' => 'none']);
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHas('message', 'One expense submitted and approved at once.');
        self::assertSame(EntryState::Approved, $expense->refresh()->state);
    }

    public function test_the_house_rules_stand_in_the_way_until_they_are_answered(): void
    {
        $expense = $this->add(['category' => 'hotel', 'amount' => '180']);
        $found = self::each($this->given('/people/ada/expenses/2026-W25')->value('expenses.expenses.0.findings'), 'what');
        self::assertSame(["There is no receipt for EUR\u{A0}180.00; one is needed above EUR\u{A0}25.00.", "EUR\u{A0}180.00 is over the limit of EUR\u{A0}150.00."], $found);
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasErrors('expense');
        self::assertSame(EntryState::Draft, $expense->refresh()->state);

        $this->put("/people/ada/expenses/$expense->id", $this->meal(['category' => 'hotel', 'amount' => '180', 'explanation' => 'The boat did not sail.']))->assertSessionHasNoErrors();
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        self::assertTrue($expense->refresh()->needs_attention);
    }

    public function test_own_fields_are_filled_in_and_asked_for_by_a_rule(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/own-fields', ['name' => 'Purpose', 'code' => 'purpose', 'subject' => 'expense', 'kind' => 'choice', 'isRequired' => true, 'client' => 'harbour', 'choices' => "survey = Survey\nrepair = Repair"])->assertSessionHasNoErrors();
        $expense = $this->add();
        $page = $this->given('/people/ada/expenses/2026-W25');
        self::assertSame(['purpose'], self::each($page->value('expenses.fields'), 'code'));
        self::assertSame([['purpose'], ['purpose'], []], [$page->value('expenses.tasks.0.fields'), $page->value('expenses.tasks.1.fields'), $page->value('expenses.tasks.2.fields')], 'of the client’s project only');
        self::assertSame(['Not filled in: Purpose.'], self::each($page->value('expenses.expenses.0.findings'), 'what'));
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasErrors('expense');

        $this->put("/people/ada/expenses/$expense->id", $this->meal(['fields' => ['purpose' => 'holiday']]))->assertSessionHasErrors('fields.purpose');
        $this->put("/people/ada/expenses/$expense->id", $this->meal(['fields' => ['purpose' => 'survey']]))->assertSessionHasNoErrors();
        self::assertSame(['purpose' => 'survey'], $this->given('/people/ada/expenses/2026-W25')->value('expenses.expenses.0.fields'));
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        self::assertSame(EntryState::Submitted, $expense->refresh()->state);
        self::assertStringContainsString('survey', AuditTrailRow::query()->where('subject', 'expense')->where('act', 'change')->orderByDesc('id')->firstOrFail()->after ?? '');
    }

    public function test_a_correction_takes_the_place_of_what_was_approved(): void
    {
        Project::query()->update(['approval' => 'none']);
        $expense = $this->add();
        $this->post('/people/ada/expenses/2026-W25/submission');
        $this->post("/people/ada/expenses/$expense->id/correction")->assertSessionHasNoErrors();
        $correction = Expense::query()->where('corrects_id', $expense->id)->sole();
        $this->post("/people/ada/expenses/$expense->id/correction")->assertSessionHasErrors('expense');
        self::assertSame([false, false], self::each($this->given('/people/ada/expenses/2026-W25')->value('expenses.expenses'), 'mayCorrect'));

        $this->put("/people/ada/expenses/$correction->id", $this->meal(['amount' => '9.50']))->assertSessionHasNoErrors();
        self::assertSame(1, Expense::query()->where('state', 'approved')->count(), 'it counts until the correction is approved');
        self::assertSame(['11.90'], self::each($this->given('/people/ada/expenses/2026-W25')->value('expenses.sums'), 'gross'));
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        self::assertSame([1190, 950, -1190], Expense::query()->where('state', 'approved')->orderBy('id')->pluck('gross_minor')->all());
        self::assertSame(950, (int) Expense::query()->where('state', 'approved')->sum('cost_cents'));
        $week = $this->given('/people/ada/expenses/2026-W25');
        self::assertSame(['9.50'], self::each($week->value('expenses.sums'), 'gross'));
        self::assertSame(1, $week->value('expenses.counting'));
    }

    public function test_only_who_may_record_and_see_the_week_gets_there(): void
    {
        $expense = $this->add();
        foreach (['bo' => 403, 'vic' => 403, 'lee' => 200, 'kit' => 200, 'mo' => 403] as $person => $status) {
            $this->actingAs($this->person($person))->get('/people/ada/expenses/2026-W25')->assertStatus($status);
        }
        $this->actingAs($this->person('lee'))->post('/people/ada/expenses/2026-W25/submission')->assertForbidden();
        $this->actingAs($this->person('bo'))->delete("/people/ada/expenses/$expense->id")->assertForbidden();
        $this->actingAs($this->person('lee'))->post('/people/ada/expenses', $this->meal())->assertSessionHasNoErrors();
        self::assertSame($this->person('lee')->id, Expense::query()->orderByDesc('id')->firstOrFail()->recorded_by_id);
    }
}
