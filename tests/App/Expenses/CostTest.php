<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Features\HouseRules\Queries\SpentBudgets;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Models\OwnField;
use App\Models\OwnFieldValue;
use Moss\Core\Calendar\Day;
use Tests\App\TestCase;

/** What projects bear of expenses counts in their cost, budget and forecast. */
final class CostTest extends TestCase
{
    use ExpensesHouse;

    public function test_approved_expenses_are_cost_and_the_others_are_in_the_forecast(): void
    {
        $before = $this->figures();
        $this->add(['category' => 'hotel', 'amount' => '107']);
        $approved = $this->add(['category' => 'car', 'distance' => '100']);
        $approved->fill(['state' => 'approved'])->save();
        $after = $this->figures();
        // Net of 70 % at 7 % and 30 % at 19 %: 107.00 less 4.90 and 5.13.
        self::assertSame([$before[0] + 3000, $before[1] + 3000 + 9697, $before[2] - 3000], $after);

        // A correction takes the place of what it corrects once it is approved, and counts for nothing before.
        $this->post("/people/ada/expenses/$approved->id/correction")->assertSessionHasNoErrors();
        self::assertSame($after, $this->figures());
    }

    public function test_comparisons_have_them_in_cost_bill_value_and_margin(): void
    {
        $address = '/compare?by=project&from=2026-06-01&to=2026-06-30&show=cost,bill-value,margin,expenses&figure=cost';
        $figures = fn (string $more = ''): array => self::each($this->actingAs($this->person('kit'))->given($address.$more)->value('comparison.groups.0.row.values'), 'amount');
        $this->add(['amount' => '100', 'isCharged' => true])->fill(['state' => 'approved'])->save();
        $this->add(['amount' => '30', 'date' => '2026-06-16'])->fill(['state' => 'approved'])->save();
        $this->add(['amount' => '7', 'date' => '2026-05-31']);
        $this->add(['amount' => '5', 'date' => '2026-06-12']);

        self::assertSame([13000, 10000, -3000, 13000], $figures());
        self::assertSame([13500, 10000, -3500, 13500], $figures('&pending=in'));
        $byBillable = $this->given('/compare?by=billable&from=2026-06-01&to=2026-06-30&show=cost,bill-value,margin,expenses&sort=name');
        self::assertEqualsCanonicalizing([[10000, 10000, 0, 10000], [3000, 0, -3000, 3000]], array_map(static fn (int $index): array => self::each($byBillable->value("comparison.groups.$index.row.values"), 'amount'), [0, 1]));
        $opened = $this->given($address.'&group=LENS');
        self::assertSame([3000, 10000], self::each($opened->value('comparison.opened.expenses'), 'cents'));
        self::assertSame(2, $opened->value('comparison.opened.allExpenses'));
    }

    public function test_comparisons_are_grouped_and_narrowed_by_an_own_field_of_expenses(): void
    {
        $field = OwnField::query()->create(['code' => 'purpose', 'name' => 'Purpose', 'subject' => 'expense', 'kind' => 'text']);
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,approved\n"]);
        foreach (['Survey' => '100', 'Repair' => '30', '' => '7'] as $purpose => $amount) {
            $expense = $this->add(['amount' => $amount, 'fields' => ['purpose' => $purpose]]);
            $expense->fill(['state' => 'approved'])->save();
        }
        self::assertSame(2, OwnFieldValue::query()->where('own_field_id', $field->id)->count());
        $page = $this->actingAs($this->person('kit'))->given('/compare?by=field&field=purpose&from=2026-06-01&to=2026-06-30&sort=name&figure=expenses&group=Repair');
        $groups = [];
        foreach ([0, 1, 2] as $index) {
            $groups[$page->text("comparison.groups.$index.code")] = self::each($page->value("comparison.groups.$index.row.values"), 'amount');
        }
        self::assertEquals(['Survey' => [10000], 'Repair' => [3000], '-' => [700]], $groups, 'hours have no purpose');
        self::assertSame([3000], self::each($page->value('comparison.opened.expenses'), 'cents'));
        $narrowed = $this->given('/compare?by=project&field=purpose&value=Survey,-&from=2026-06-01&to=2026-06-30&show=cost&figure=cost');
        self::assertSame([10700], self::each($narrowed->value('comparison.groups.0.row.values'), 'amount'));
        self::assertEqualsCanonicalizing([10000, 700], self::each($narrowed->value('comparison.opened.expenses'), 'cents'));
        // Who sees no money is told of no field of it.
        self::assertSame([], self::each($this->actingAs($this->person('mo'))->given('/compare?by=project')->value('comparison.ownFields'), 'code'));
    }

    public function test_a_budget_can_be_spent_by_expenses_alone(): void
    {
        $this->letSeeCost('mo');
        $over = fn (): array => self::each($this->actingAs($this->person('mo'))->given('/projects?only=over%20budget')->value('list.projects'), 'code');
        self::assertSame([], $over());
        self::assertSame([], SpentBudgets::among([$this->task('FIT')->project_id]));

        $expense = $this->add(['amount' => '5000.01', 'explanation' => 'A new lens.']);
        self::assertSame([$this->task('FIT')->project_id => true], SpentBudgets::among([$this->task('FIT')->project_id]));
        self::assertSame([], $over(), 'not while it waits');
        $expense->fill(['state' => 'approved'])->save();
        self::assertSame(['LENS'], $over());
    }

    public function test_the_page_of_the_project_says_the_same_as_the_report(): void
    {
        $this->letSeeCost('mo');
        $expense = $this->add(['amount' => '50']);
        $expense->fill(['state' => 'approved'])->save();

        $cents = (int) str_replace('.', '', $this->actingAs($this->person('mo'))->given('/projects/LENS')->text('project.figures.money.actualCost'));
        self::assertSame($this->figures()[0], $cents);
        $opened = $this->given('/projects/LENS?shown=money&figure=actual');
        self::assertSame([['50.00', 'approved', []]], array_map(null, self::each($opened->value('project.trace.expenses'), 'cost'), self::each($opened->value('project.trace.expenses'), 'state'), self::each($opened->value('project.trace.expenses'), 'receipts')));
        $this->actingAs($this->person('ada'))->post("/people/ada/expenses/$expense->id/correction")->assertSessionHasNoErrors();
        $forecast = $this->actingAs($this->person('mo'))->given('/projects/LENS?shown=money&figure=forecast');
        self::assertSame(['50.00'], self::each($forecast->value('project.trace.expenses'), 'cost'), 'a correction counts once it is approved');
        self::assertSame(1, $forecast->value('project.trace.allExpenses'));
        self::assertSame([], $this->given('/projects/LENS?shown=money&figure=remaining')->value('project.trace.expenses'));
        self::assertSame([], $this->given('/projects/LENS?shown=money&figure=actual&task=FIT&assignee=person:ada')->value('project.trace.expenses'));
        self::assertSame(5000, $expense->refresh()->cost_cents->cents());
    }

    /** @return array{int, int, int} actual cost, forecast cost and budget left in cents */
    private function figures(): array
    {
        $figures = (new StatusReport)->rows(StatusLevel::Project, Day::of('2026-06-17'), ['LENS'])[0]->figures;

        return [$figures->actualCost->known->cents(), $figures->forecastCost->known->cents(), $figures->budgetLeft()?->cents() ?? 0];
    }
}
