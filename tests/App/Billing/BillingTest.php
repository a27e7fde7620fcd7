<?php

declare(strict_types=1);

namespace Tests\App\Billing;

use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\ProposedHours;
use App\Models\BillingFile;
use App\Models\BillingLine;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\EntryPayKind;
use App\Models\Project;
use App\Models\SettlingBatch;
use App\Support\Database\Sql;
use App\Support\Files\Spreadsheet\XlsxRows;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Parser;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Ada works as a surveyor at 120 an hour on LENS, which the harbour pays for; bo on the organisation's own time, for which nobody pays. */
final class BillingTest extends TestCase
{
    private const ENTRIES = <<<'CSV'
        person,project,task,role,date,hours,state,client_note
        ada,LENS,FIT,surveyor,2026-05-29,1,approved,Before
        ada,LENS,FIT,surveyor,2026-06-01,7:20,approved,Bolts
        ada,LENS,FIT,surveyor,2026-06-02,2,submitted,
        ada,LENS,CLEAN,,2026-06-03,1:05,approved,"=Rags, two"
        ada,LENS,FIT,senior,2026-06-04,1,approved,
        bo,OWN,TRAIN,,2026-06-03,3,approved,

        CSV;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->import(['entries.csv' => self::ENTRIES]);
        $this->actingAs($this->person('kit'));
    }

    public function test_each_entry_is_billed_once_and_settled_and_what_comes_later_is_a_correction(): void
    {
        $page = $this->given('/office/billing?client=harbour&from=2026-06-01&until=2026-06-15', true);
        // What lies before the first day of the first file was billed elsewhere.
        self::assertSame([440 + 65 + 60, 3, 0], [$page->int('unbilled.minutes'), $page->int('unbilled.entries'), $page->int('unbilled.late')]);
        $this->make('bill', 'harbour', '2026-06-01', '2026-06-15')->assertSessionHas('message', __('billing.making'));
        $file = BillingFile::query()->sole();
        // 7:20 h and 1:05 h at 120; a senior has no rate.
        self::assertSame(['done', 565, '1010.00', 60], [$file->state->value, $file->minutes->toInt(), $file->amount_cents->toString(), $file->unrated_minutes->toInt()]);
        self::assertSame(['settled'], Entry::query()->whereKey(BillingLine::query()->pluck('entry_id'))->get()->map(static fn (Entry $entry): string => $entry->state->value)->unique()->values()->all());
        self::assertSame('submitted', $this->entry('ada', 'FIT', '2026-06-02')?->state->value);
        $this->make('bill', 'harbour', '2026-06-01', '2026-06-15')->assertSessionHasErrors(['until' => __('billing.nothing')]);

        // What was billed is corrected, what was late is approved: both come with the next file, and nothing else.
        $this->import(['house_rules.csv' => "rule,severity,limit,from\n"]);
        Project::query()->update(['approval' => 'none']);
        $this->app->make(ProposeCorrections::class)->handle($this->person('ada'), $this->person('ada'), [new ProposedHours($this->task('FIT')->id, $this->person('ada')->role_id, Day::of('2026-06-01'), '6:20')], 'An hour too many');
        foreach (Correction::query()->where('state', 'waiting')->get() as $waiting) {
            $this->actingAs($this->person('mo'))->post('/review/corrections', ['corrections' => [$waiting->id], 'accept' => true]);
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-02,2,approved\n"]);
        $this->actingAs($this->person('kit'))->make('bill', 'harbour', '2026-06-16', '2026-06-17');
        $next = BillingFile::query()->latest('id')->firstOrFail();
        self::assertSame([60, '120.00'], [$next->minutes->toInt(), $next->amount_cents->toString()]);
        $rows = $this->csv($next->id);
        self::assertSame([['2026-06-01', 'yes', '-1', '-120.00'], ['', 'yes', '2', '240.00']], array_map(static fn (array $row): array => [$row['corrects'], $row['correction'], $row['hours'], $row['amount']], $rows));
        self::assertSame(Entry::query()->where('date', '>=', '2026-06-01')->whereHas('task', static fn ($task) => $task->whereRelation('project', 'code', 'LENS'))->get()->sum(static fn (Entry $entry): int => $entry->minutes->toInt()), BillingFile::query()->get()->sum(static fn (BillingFile $one): int => $one->minutes->toInt()));
        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
    }

    public function test_before_a_file_is_created_it_is_shown_what_it_comes_to_and_what_is_missing(): void
    {
        $bill = $this->given('/office/billing?from=2026-06-01&until=2026-06-15', true);
        self::assertSame(120, $bill->int('unbilled.unapproved'));
        self::assertSame([['code' => 'LENS', 'name' => 'Lens refit', 'client' => 'Harbour Board', 'minutes' => 565, 'amount' => '1010.00', 'unrated' => 60]], $bill->value('preview.projects'));
        self::assertSame([565, '1010.00', 60], [$bill->int('preview.minutes'), $bill->text('preview.amount'), $bill->int('preview.unrated')]);
        self::assertNull($bill->value('payroll'));
        self::assertSame([], $this->given('/office/billing?from=2026-06-05&until=2026-06-15', true)->value('preview.projects'));

        $this->make('bill', null, '2026-06-01', '2026-06-15');
        // The next file begins after the last, and within a month has what there is of it.
        $next = $this->given('/office/billing', true);
        self::assertSame(['2026-06-16', '2026-06-16', 0], [$next->text('billing.from'), $next->text('billing.until'), $next->int('unbilled.entries')]);
    }

    public function test_before_a_payroll_file_is_created_it_is_shown_what_it_has_of_whom(): void
    {
        $address = '/office/billing?kind=payroll&from=2026-06-01&until=2026-06-15';
        self::assertSame([], $this->given($address, true)->value('payroll.kinds'));
        $entry = $this->entry('ada', 'CLEAN', '2026-06-03');
        self::assertNotNull($entry);
        EntryPayKind::query()->insert([['entry_id' => $entry->id, 'kind' => 'overtime', 'minutes' => 60, 'cost_percent' => 150], ['entry_id' => $entry->id, 'kind' => 'regular', 'minutes' => 5, 'cost_percent' => 100]]);

        $page = $this->given($address, true);
        self::assertSame([4, null, ['Regular', 'Overtime']], [$page->int('unbilled.entries'), $page->value('preview'), $page->value('payroll.kinds')]);
        self::assertSame([['ada', 565, [505, 60]], ['bo', 180, [180, 0]]], array_map(null, self::each($page->value('payroll.people'), 'code'), self::each($page->value('payroll.people'), 'minutes'), self::each($page->value('payroll.people'), 'ofKinds')));
        self::assertSame([745, [685, 60], 0], [$page->int('payroll.minutes'), $page->value('payroll.ofKinds'), $page->int('payroll.left')]);

        // It is what the file has then.
        $this->make('payroll', null, '2026-06-01', '2026-06-15');
        self::assertSame(['overtime' => 60, 'regular' => 685], BillingLine::query()->toBase()->groupBy('pay_kind')->orderBy('pay_kind')->select('pay_kind', Sql::sum('minutes', 'minutes'))->pluck('minutes', 'pay_kind')->all());
        self::assertSame([], $this->given($address, true)->value('payroll.people'));
    }

    public function test_what_has_changed_since_it_was_looked_at_is_not_billed_unseen(): void
    {
        $page = $this->given('/office/billing?from=2026-06-01&until=2026-06-15', true);
        $create = fn (string $seen) => $this->post('/office/billing', ['kind' => 'bill', 'client' => null, 'from' => '2026-06-01', 'until' => '2026-06-15', 'seen' => $seen]);
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-02,2,approved\n"]);

        $create($page->text('unbilled.seen'))->assertSessionHasErrors(['until' => __('billing.changed')]);
        self::assertSame(0, BillingFile::query()->count());
        $create($this->given('/office/billing?from=2026-06-01&until=2026-06-15', true)->text('unbilled.seen'))->assertSessionHasNoErrors();
        self::assertSame(565 + 120, BillingFile::query()->sole()->minutes->toInt());
    }

    public function test_what_another_file_took_while_this_one_waited_to_be_created_is_not_billed_twice(): void
    {
        $isFirst = true;
        Event::listen(function (TransactionBeginning $event) use (&$isFirst): void {
            if ($isFirst) {
                $isFirst = false;
                BillingFile::query()->create(['kind' => 'bill', 'starts_on' => '2026-06-01', 'ends_on' => '2026-06-15', 'state' => 'done', 'made_by_id' => $this->person('kit')->id, 'made_at' => '2026-06-17T08:00:00Z', 'minutes' => 0, 'amount_cents' => 0, 'unrated_minutes' => 0]);
            }
        });

        $this->make('bill', null, '2026-06-01', '2026-06-15')->assertSessionHasErrors(['until' => __('billing.changed')]);
        self::assertFalse($isFirst);
        self::assertSame([0, 0], [BillingFile::query()->where('state', 'settling')->count(), SettlingBatch::query()->count()]);
    }

    public function test_payroll_has_everybody_s_hours_once_whatever_was_billed(): void
    {
        $this->make('bill', null, '2026-06-01', '2026-06-15');
        $this->make('payroll', null, '2026-06-01', '2026-06-15');
        $file = BillingFile::query()->latest('id')->firstOrFail();
        self::assertSame([565 + 180, '0.00', 0], [$file->minutes->toInt(), $file->amount_cents->toString(), $file->unrated_minutes->toInt()]);
        $rows = $this->csv($file->id, $this->mapping('payroll', 'person', ['person' => 'Personnel number', 'kind_of_pay' => 'Kind', 'hours' => 'Hours', 'correction' => 'Later']));
        self::assertSame([['ada', 'regular', '9.4166666667', ''], ['bo', 'regular', '3', '']], array_map(static fn (array $row): array => [$row['Personnel number'], $row['Kind'], $row['Hours'], $row['Later']], $rows));
    }

    public function test_who_reads_a_bill_finds_names_and_no_codes(): void
    {
        $this->make('bill', 'harbour', '2026-06-01', '2026-06-15');

        $text = (string) preg_replace('/\s+/', ' ', (new Parser)->parseContent((string) $this->get('/office/billing/1/file.pdf')->assertOk()->streamedContent())->getText());
        self::assertStringContainsString('Project Task Person Role Day Corrects Hours Rate Amount', $text);
        self::assertStringContainsString('Lens refit Clean the lens', $text);
        self::assertStringNotContainsString('client_name', $text);

        $this->make('payroll', null, '2026-06-01', '2026-06-15');
        $text = (string) preg_replace('/\s+/', ' ', (new Parser)->parseContent((string) $this->get('/office/billing/2/file.pdf')->assertOk()->streamedContent())->getText());
        self::assertStringContainsString('Person Project Task Role Day Corrects Kind of pay Hours', $text);
        self::assertStringContainsString('Regular', $text);
    }

    public function test_files_are_made_up_as_another_program_wants_them(): void
    {
        $this->make('bill', 'harbour', '2026-06-01', '2026-06-15');
        $mapping = $this->mapping('bill', 'task', ['charge_code' => 'Code', 'task_name' => 'Text', 'hours' => 'Qty', 'amount' => 'Sum', 'correction' => 'Later']);
        $rows = $this->csv(1, $mapping);
        self::assertSame([['Clean the lens', '130.00', ''], ['Fit the lens', '880.00', '']], array_map(static fn (array $row): array => [$row['Text'], $row['Sum'], $row['Later']], $rows));
        $file = $this->get('/office/billing/1/file.xlsx')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);
        $sheet = XlsxRows::of($file->getFile()->getPathname(), 100);
        $first = array_combine($sheet[0], $sheet[1]);
        self::assertSame(['=Rags, two', '1.0833333333', '130.00'], [$first['note'], $first['hours'], $first['amount']]);
        self::assertSame("'=Rags, two", $this->csv(1)[0]['note']);
        $text = (new Parser)->parseContent((string) $this->get('/office/billing/1/file.pdf?mapping='.$mapping)->assertOk()->streamedContent())->getText();
        self::assertMatchesRegularExpression('/Billable time, .* \d+ \w{3} 2026 to \d+ \w{3} 2026/', $text);
        self::assertStringContainsString('Made by ', $text);
        self::assertStringContainsString('Qty', $text);
        $this->put('/office/billing/mappings', ['kind' => 'payroll', 'name' => 'x', 'detail' => 'person', 'columns' => [['column' => 'amount', 'heading' => 'Sum']]])->assertSessionHasErrors('columns');
        $this->delete("/office/billing/mappings/$mapping")->assertSessionHas('message');
    }

    /** @param  array<string, string|null>  $input */
    #[TestWith([['until' => '2026-06-18'], 'until'])]
    #[TestWith([['until' => '2026-05-01'], 'until'])]
    #[TestWith([['client' => 'nobody'], 'client'])]
    #[TestWith([['kind' => 'gift'], 'kind'])]
    #[TestWith([['from' => 'soon'], 'from'])]
    public function test_what_cannot_be_billed_is_refused(array $input, string $field): void
    {
        $this->post('/office/billing', $input + ['kind' => 'bill', 'client' => null, 'from' => '2026-06-01', 'until' => '2026-06-15'])->assertSessionHasErrors($field);
        self::assertSame(0, BillingFile::query()->count());
    }

    /** @return TestResponse<Response> */
    private function make(string $kind, ?string $client, string $from, string $until): TestResponse
    {
        return $this->post('/office/billing', ['kind' => $kind, 'client' => $client, 'from' => $from, 'until' => $until]);
    }

    /** @param  array<string, string>  $columns */
    private function mapping(string $kind, string $detail, array $columns): int
    {
        $this->put('/office/billing/mappings', ['kind' => $kind, 'name' => 'Ledger', 'detail' => $detail, 'columns' => array_map(static fn (string $column, string $heading): array => ['column' => $column, 'heading' => $heading], array_keys($columns), array_values($columns))])->assertSessionHas('message', 'Ledger is saved.');

        return self::lastId('billing_mappings');
    }

    /** @return list<array<string, string>> */
    private function csv(int $file, ?int $mapping = null): array
    {
        $lines = preg_split('/\r?\n/', trim((string) $this->get("/office/billing/$file/file.csv".($mapping === null ? '' : "?mapping=$mapping"))->assertOk()->streamedContent())) ?: [];
        $rows = array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, ',', '"', '')), $lines);
        $headings = $rows[0] ?? [];

        return array_map(static fn (array $row): array => array_combine($headings, $row), array_slice($rows, 1));
    }
}
