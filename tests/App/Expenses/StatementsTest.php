<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Features\Receipts\Actions\AddReceipt;
use App\Models\Expense;
use App\Models\ExpenseStatement;
use App\Models\ExpenseStatementLine;
use Dompdf\Dompdf;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use Moss\Core\Sheet\EntryState;
use Smalot\PdfParser\Parser;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\TestCase;

final class StatementsTest extends TestCase
{
    use ExpensesHouse;

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('app/private/receipts'));
        parent::tearDown();
    }

    public function test_people_are_paid_back_by_currency_and_once(): void
    {
        $this->approved(['currency' => 'CHF', 'amount' => '100']);
        $this->approved(['amount' => '11.90']);
        $this->approved(['amount' => '50', 'isOwnMoney' => false]);
        $this->add(['amount' => '9']);
        $page = $this->actingAs($this->person('kit'))->given('/office/expense-statements');
        self::assertSame([['EUR', '11.90', '11.90'], ['CHF', '100.00', '105.00']], array_map(null, self::each($page->value('statements.outstanding'), 'currency'), self::each($page->value('statements.outstanding'), 'amount'), self::each($page->value('statements.outstanding'), 'own')));
        self::assertSame('116.90', $page->text('statements.sum'));

        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17'])->assertSessionHasNoErrors();
        $statement = ExpenseStatement::query()->sole();
        self::assertSame(['2026-06-15', 2, 11690], [$statement->starts_on->toString(), $statement->expenses, $statement->amount_cents->cents()]);
        self::assertSame(2, Expense::query()->where('state', EntryState::Settled)->count());
        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17'])->assertSessionHasErrors(['until' => 'No expenses are outstanding up to this day.']);

        $csv = (string) $this->get("/office/expense-statements/$statement->id.csv")->streamedContent();
        self::assertSame([11690, 3], [$this->sumOf($csv, 'own_amount'), count(explode("\n", trim($csv)))]);
        $text = (new Parser)->parseContent((string) $this->get("/office/expense-statements/$statement->id.pdf")->streamedContent())->getText();
        foreach (['CHF 100.00', 'Reimbursements, 15 Jun 2026 to ', 'Made by Kit Ness on 17 Jun 2026, '] as $part) {
            self::assertStringContainsString($part, $text);
        }
    }

    public function test_what_has_changed_since_it_was_looked_at_is_not_settled_unseen(): void
    {
        $this->approved(['amount' => '11.90']);
        $seen = fn (): string => $this->actingAs($this->person('kit'))->given('/office/expense-statements')->text('statements.seen');
        $create = fn (string $seen): TestResponse => $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17', 'seen' => $seen]);
        $before = $seen();
        $this->approved(['amount' => '20']);

        $create($before)->assertSessionHasErrors(['until' => __('expense_statements.changed')]);
        self::assertSame([0, 0], [ExpenseStatement::query()->count(), Expense::query()->where('state', EntryState::Settled)->count()]);
        $create($seen())->assertSessionHasNoErrors();
        self::assertSame(2, ExpenseStatement::query()->sole()->expenses);
    }

    public function test_what_is_settled_stays_and_is_corrected_by_a_difference_in_a_later_statement(): void
    {
        $expense = $this->approved(['amount' => '20']);
        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17']);
        $this->actingAs($this->person('ada'))->post("/people/ada/expenses/$expense->id/correction")->assertSessionHasNoErrors();
        $correction = Expense::query()->where('corrects_id', $expense->id)->sole();
        $this->put("/people/ada/expenses/$correction->id", $this->meal(['amount' => '15']))->assertSessionHasNoErrors();
        $this->task('FIT')->project()->firstOrFail()->update(['approval' => 'none']);
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17'])->assertSessionHasNoErrors();

        self::assertSame([2000, -500], ExpenseStatement::query()->orderBy('id')->get()->map(static fn (ExpenseStatement $one): int => $one->amount_cents->cents())->all());
    }

    public function test_of_what_is_settled_nothing_changes_but_whether_it_was_paid_back_or_charged(): void
    {
        $expense = $this->approved(['amount' => '20']);
        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17'])->assertSessionHasNoErrors();
        self::assertSame([true, false], [$expense->refresh()->reimbursed, $expense->billed]);
        $expense->update(['billed' => true]);
        $changed = [];
        foreach (Schema::getColumnListing('expenses') as $column) {
            try {
                DB::table('expenses')->where('id', $expense->id)->update([$column => DB::table('expenses')->where('id', $expense->id)->value($column)]);
                $changed[] = $column;
            } catch (QueryException $refused) {
                self::assertStringContainsString('settled expenses cannot be changed', $refused->getMessage());
            }
        }
        self::assertSame(['reimbursed', 'billed'], $changed);
    }

    public function test_closing_a_period_settles_them_and_says_how_many_are_open(): void
    {
        $this->approved(['amount' => '20']);
        $this->add(['amount' => '8']);
        $this->add(['amount' => '9', 'date' => '2026-06-16']);
        $page = $this->actingAs($this->person('kit'))->given('/office/periods?day=2026-06-15');
        self::assertSame(1, $page->value('period.openExpenses'));
        $this->post('/office/periods', ['day' => '2026-06-15', 'seen' => $page->text('period.seen')])->assertSessionHasNoErrors();
        self::assertSame(1, Expense::query()->where('state', EntryState::Settled)->count());
        // What is approved late is settled by closing once more.
        Expense::query()->where('date', '2026-06-15')->where('state', EntryState::Draft)->update(['state' => EntryState::Approved]);
        $again = $this->actingAs($this->person('kit'))->given('/office/periods?day=2026-06-15');
        $this->post('/office/periods', ['day' => '2026-06-15', 'seen' => $again->text('period.seen')])->assertSessionHasNoErrors();
        self::assertSame(2, Expense::query()->where('state', EntryState::Settled)->count());
        // What is settled is still paid back, and nothing new is entered on those days.
        self::assertSame('28.00', $this->given('/office/expense-statements')->text('statements.sum'));
        $this->actingAs($this->person('ada'))->post('/people/ada/expenses', $this->meal())->assertSessionHasErrors('task');
    }

    public function test_a_client_is_charged_what_the_project_bears_with_the_receipts_behind(): void
    {
        $pdf = new Dompdf;
        $pdf->loadHtml('<p>Harbour Rest Hotel, total EUR 107.00</p>');
        $pdf->render();
        $receipt = $this->app->make(AddReceipt::class)->handle($this->person('ada'), (string) $pdf->output(), 'hotel.pdf');
        $picture = imagecreatetruecolor(30, 50);
        self::assertNotFalse($picture);
        ob_start();
        imagepng($picture);
        $photo = $this->app->make(AddReceipt::class)->handle($this->person('ada'), (string) ob_get_clean(), 'taxi.png');
        $this->approved(['category' => 'hotel', 'amount' => '107', 'isCharged' => true, 'receipts' => [$receipt->id, $photo->id]]);
        $this->approved(['amount' => '30', 'isCharged' => false]);
        $this->make(['kind' => 'client', 'until' => '2026-06-17'])->assertSessionHasErrors('client');
        $this->make(['kind' => 'client', 'client' => 'harbour', 'until' => '2026-06-18'])->assertSessionHasErrors('until');
        $this->make(['kind' => 'client', 'client' => 'harbour', 'until' => '2026-06-17'])->assertSessionHasNoErrors();

        $statement = ExpenseStatement::query()->sole();
        // Net of 70 % at 7 % and 30 % at 19 %.
        self::assertSame(9697, $statement->amount_cents->cents());
        self::assertSame(9697, (int) ExpenseStatementLine::query()->sum('amount_cents'), 'its sum is that of its lines');
        $whole = (new Parser)->parseContent((string) $this->get("/office/expense-statements/$statement->id.pdf")->streamedContent());
        self::assertCount(3, $whole->getPages(), 'the statement, the bill and the photograph');
        self::assertStringContainsString('Receipt for expense 1: hotel.pdf', $whole->getText());
        // Paying back is another matter.
        $this->make(['kind' => 'reimbursement', 'until' => '2026-06-17'])->assertSessionHasNoErrors();
        self::assertSame([9697, 13700], ExpenseStatement::query()->orderBy('id')->get()->map(static fn (ExpenseStatement $one): int => $one->amount_cents->cents())->all());
    }

    /** @param  array<string, mixed>  $changed */
    private function approved(array $changed): Expense
    {
        $expense = $this->add($changed);
        $expense->fill(['state' => EntryState::Approved])->save();

        return $expense;
    }

    /**
     * @param  array<string, string>  $body
     * @return TestResponse<Response>
     */
    private function make(array $body): TestResponse
    {
        return $this->actingAs($this->person('kit'))->post('/office/expense-statements', $body);
    }

    private function sumOf(string $csv, string $column): int
    {
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim(str_replace("\r", '', $csv))));
        $at = array_search($column, $rows[0], true);

        return array_sum(array_map(static fn (array $row): int => (int) str_replace('.', '', (string) $row[$at]), array_slice($rows, 1)));
    }
}
