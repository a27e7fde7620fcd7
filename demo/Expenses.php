<?php

declare(strict_types=1);

namespace Demo;

use App\Approval\DecisionKind;
use App\Features\Expenses\Actions\ExpenseInput;
use App\Features\Expenses\Actions\SaveExpense;
use App\Features\Expenses\Actions\SubmitExpenses;
use App\Features\ExpenseSettings\Actions\KeepCurrencies;
use App\Features\ExpenseSettings\Actions\KeepExpenseCategories;
use App\Features\ExpenseStatements\Actions\MakeStatement;
use App\Features\Receipts\Actions\AddReceipt;
use App\Features\Review\Actions\DecideExpenses;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\ExpenseStatementKind;
use App\Models\Person;
use Dompdf\Dompdf;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use RuntimeException;

/**
 * A survey trip whose receipts wait to be confirmed; a crossing paid in another currency; mileage before and after its rate changed; what
 * waits for a manager, and what was paid by the company.
 */
final readonly class Expenses
{
    /** Code, name, tax shares, limit in cents, whether charged. */
    private const CATEGORIES = [
        ['hotel', 'Hotel', [[700, 8000], [1900, 2000]], 14_000, true],
        ['rail', 'Rail and ferry', [[700, 10000]], null, true],
        ['taxi', 'Taxi', [[700, 10000]], 4_000, true],
        ['meals', 'Meals', [[1900, 10000]], 3_500, false],
        ['materials', 'Materials', [[1900, 10000]], null, true],
    ];

    public function __construct(
        private KeepExpenseCategories $categories,
        private KeepCurrencies $currencies,
        private SaveExpense $save,
        private SubmitExpenses $submit,
        private AddReceipt $receipts,
        private RecordableTasks $tasks,
        private DecideExpenses $decide,
        private MakeStatement $statements,
    ) {
    }

    public function handle(Day $today): void
    {
        config(['queue.default' => 'sync']);
        $week = Week::containing($today);
        $this->settings($week);
        $ines = self::someone('ines.calder');
        $this->approved($ines, $week->plusWeeks(-5));
        $this->statements->handle(self::someone('tobin.vale'), ExpenseStatementKind::Reimbursement, null, $week->plusWeeks(-4)->days()->last());
        $this->approved($ines, $week->plusWeeks(-2));
        $this->lastWeek($ines, $week->plusWeeks(-1));
        $this->add($ines, $week->monday(), 'BEARING', 'mileage', '', ['distance' => '46.5', 'from' => 'Workshop', 'to' => 'Lantern quay', 'note' => 'Bearing housing to the quay']);
        $this->add($ines, $week->monday()->plusDays(1), 'BEARING', 'materials', '38.40', ['note' => 'Marine grease, two tins']);
        foreach ($this->trip($week->plusWeeks(-1)) as $name => $lines) {
            $this->receipts->handle($ines, self::pdf($lines), $name);
        }
        $this->waiting('pilar.duncombe', $week->plusWeeks(-1));
        $this->waiting('jem.sorley', $week->plusWeeks(-1));
    }

    private function settings(Week $week): void
    {
        $office = self::someone('tobin.vale');
        foreach (self::CATEGORIES as [$code, $name, $shares, $limit, $isCharged]) {
            $this->categories->save($office, new ExpenseCategory, ['code' => $code, 'name' => $name, 'tax_shares' => $shares, 'limit_cents' => $limit, 'charged' => $isCharged, 'limit_per' => $code === 'meals' ? 'day' : 'expense'], []);
        }
        $mileage = new ExpenseCategory;
        $this->categories->save($office, $mileage, ['code' => 'mileage', 'name' => 'Mileage, own car', 'mileage' => true, 'charged' => true], []);
        $this->categories->setMileageRate($office, $mileage, Day::of($week->monday()->year().'-01-01'), '0.30');
        $this->categories->setMileageRate($office, $mileage, $week->monday(), '0.38');
        $this->currencies->save($office, 'GBP', 2, 1, [$week->plusWeeks(-3)->monday(), '1.1642']);
        $this->currencies->save($office, 'GBP', 2, 1, [$week->plusWeeks(-1)->monday(), '1.1718']);
        $this->currencies->save($office, 'NOK', 2, 1, [$week->plusWeeks(-3)->monday(), '0.0859']);
        $this->currencies->save($office, 'CHF', 2, 5, null);
    }

    /** What she submitted of last week: a crossing in pounds, and mileage at the old rate. */
    private function lastWeek(Person $ines, Week $week): void
    {
        $receipt = $this->receipts->handle($ines, self::pdf(['Northern Ferries', $week->monday()->toString(), 'Foot passenger, return', 'Total GBP 42.00']), 'crossing.pdf');
        $this->add($ines, $week->monday(), 'BEARING', 'rail', '42.00', ['currency' => 'GBP', 'trip' => 'Skerry crossing', 'receipts' => [$receipt->id]]);
        $this->add($ines, $week->monday()->plusDays(1), 'BEARING', 'mileage', '', ['distance' => '112', 'from' => 'Lantern quay', 'to' => 'Foundry', 'trip' => 'Skerry crossing']);
        $this->add($ines, $week->monday()->plusDays(1), 'BEARING', 'meals', '41.20', ['trip' => 'Skerry crossing', 'explanation' => 'For the two of us; the foundry had no canteen. The receipt got wet.']);
        $this->submit->handle($ines, $ines, $week->days());
    }

    /** Two days at the foundry, which her manager approved. */
    private function approved(Person $ines, Week $week): void
    {
        $day = $week->monday()->plusDays(1);
        $trip = 'Foundry, week '.$week->number();
        $receipt = $this->receipts->handle($ines, self::pdf(['Foundry Guest House', 'Arrival '.$day->toString(), 'Total EUR 94.00', 'VAT 8.05']), 'guest-house.pdf');
        $this->add($ines, $day, 'BEARING', 'hotel', '94.00', ['trip' => $trip, 'receipts' => [$receipt->id]]);
        $this->add($ines, $day, 'BEARING', 'meals', '21.60', ['trip' => $trip]);
        $this->add($ines, $day, 'BEARING', 'mileage', '', ['distance' => '88.4', 'from' => 'Workshop', 'to' => 'Foundry', 'trip' => $trip]);
        $waiting = $this->submit->handle($ines, $ines, $week->days())->groupBy('approver_id');
        foreach ($waiting as $approver => $expenses) {
            $seen = [];
            foreach ($expenses as $expense) {
                $seen[$expense->id] = $expense->version;
            }
            $this->decide->handle(Person::query()->findOrFail($approver), DecisionKind::Approve, $seen, '');
        }
    }

    /** @return array<string, list<string>> the lines of receipts of three days, by name */
    private function trip(Week $week): array
    {
        $day = static fn (int $number): string => $week->monday()->plusDays($number)->toString();

        return [
            'rail.pdf' => ['Coast Rail', 'Date '.$day(2), 'Day return, second class', 'Total EUR 31.80', 'VAT 7 % 2.08'],
            'hotel.pdf' => ['Harbour Rest Hotel', 'Invoice 20931', 'Arrival '.$day(2), '1 night 112.00', 'Breakfast 14.00', 'VAT 10.02', 'Total EUR 126.00'],
            'taxi.pdf' => ['Quay Taxis', $day(3), 'Station to boatyard', 'Total EUR 18.50', 'VAT 7 % 1.21'],
        ];
    }

    /** Something of somebody else that waits for whoever decides. */
    private function waiting(string $code, Week $week): void
    {
        $person = self::someone($code);
        $this->add($person, $week->monday()->plusDays(2), '', 'taxi', '22.00', ['clientNote' => 'From the station to the site']);
        $this->add($person, $week->monday()->plusDays(2), '', 'materials', '64.90', ['isOwnMoney' => false, 'explanation' => 'The shop sends the invoice at the end of the month.']);
        $this->submit->handle($person, $person, $week->days());
    }

    /** @param  array<string, mixed>  $more */
    private function add(Person $owner, Day $day, string $task, string $category, string $amount, array $more = []): Expense
    {
        $text = static fn (string $name): string => is_string($more[$name] ?? null) ? $more[$name] : '';
        $receipts = array_values(array_filter((array) ($more['receipts'] ?? []), is_int(...)));

        return $this->save->handle($owner, $owner, null, new ExpenseInput(
            $day, $this->task($owner, $day, $task), $category, $amount, '', false, $text('currency') === '' ? 'EUR' : $text('currency'), '', $text('distance'), $text('from'), $text('to'),
            $text('trip'), ($more['isOwnMoney'] ?? true) === true, $category !== 'meals', $text('note'), $text('clientNote'), $text('explanation'), $receipts, null,
        ));
    }

    /** One of the person's own, by its code where it is named. */
    private function task(Person $owner, Day $day, string $code): int
    {
        foreach ($this->tasks->openOn($owner, $day) as $task) {
            if ($task->assigned !== null && ! $task->internal && ($code === '' || $task->code === $code)) {
                return $task->id;
            }
        }

        throw new RuntimeException("$owner->code has no task $code.");
    }

    /** @param  list<string>  $lines */
    private static function pdf(array $lines): string
    {
        $pdf = new Dompdf;
        $pdf->setPaper([0, 0, 227, 320]);
        $pdf->loadHtml(implode('', array_map(static fn (string $line): string => '<p style="margin: 4px; font-family: Helvetica; font-size: 11px">'.htmlspecialchars($line).'</p>', $lines)));
        $pdf->render();

        return (string) $pdf->output();
    }

    private static function someone(string $code): Person
    {
        return Person::query()->where('code', $code)->sole();
    }
}
