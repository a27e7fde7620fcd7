<?php

declare(strict_types=1);

namespace Tests\App\ClientSystems;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\BillingFile;
use App\Models\ClientSystem;
use App\Models\ClientSystemDay;
use App\Models\ClientSystemPerson;
use App\Models\ClientSystemWeek;
use App\Models\Entry;
use App\Models\PayRule;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The harbour has the hours of LENS entered in a system of its own. Kit keeps the office; today is Wednesday 17 June 2026. */
final class ClientSystemsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->import(['entries.csv' => <<<'CSV'
            person,project,task,role,date,hours,state
            ada,LENS,FIT,surveyor,2026-06-02,8,approved
            ada,LENS,FIT,surveyor,2026-06-03,7:20,approved
            ada,LENS,FIT,surveyor,2026-06-09,6,approved
            bo,LENS,CLEAN,,2026-06-03,2,approved
            ada,OWN,TRAIN,,2026-06-04,1,approved

            CSV]);
        $this->actingAs($this->person('kit'));
    }

    public function test_each_person_s_days_are_equal_different_or_missing_on_either_side(): void
    {
        $this->system();
        $this->read("Worker,Day,Qty\nAda Moor,2.6.2026,8\nada moor,2026-06-03,7.5\nAda Moor,2026-06-05,\"1,5\"\nNobody Known,2026-06-03,4\n")->assertSessionHas('message', '4 rows were read.');
        $page = $this->given('/office/client-systems/1?week=2026-W23');
        self::assertSame(['Ada Moor', 'Bo Carr'], self::each($page->value('system.people'), 'name'));
        self::assertSame([['2026-06-03', 440, 450, 'different'], ['2026-06-05', 0, 90, 'only there']], $this->days($page->value('system.people.0.days')));
        self::assertSame([['2026-06-03', 120, 0, 'only here']], $this->days($page->value('system.people.1.days')));
        self::assertSame([['2026-W23', '2026-W24'], ['Nobody Known']], [$page->value('system.openWeeks'), self::each($page->value('system.unknown'), 'called')]);

        // Whoever was not known is matched; the same file again, corrected, takes the place of what it said.
        $this->put('/office/client-systems/1/people/'.ClientSystemPerson::query()->whereNull('person_id')->sole()->id, ['person' => 'ada'])->assertSessionHasErrors('person');
        $this->put('/office/client-systems/1/people/'.ClientSystemPerson::query()->whereNull('person_id')->sole()->id, ['person' => 'bo'])->assertSessionHas('message');
        $this->read("worker,day,qty\nAda Moor,2026-06-02,8\nAda Moor,2026-06-03,7:20\nNobody Known,2026-06-03,2\nAda Moor,2026-06-05,0\n");
        self::assertSame(3, ClientSystemDay::query()->count());
        self::assertSame([['2026-W24']], [$this->given('/office/client-systems/1?week=2026-W23')->value('system.openWeeks')]);
        // What ada sees of her own.
        $this->actingAs($this->person('ada'));
        self::assertSame([['2026-06-09', 360, 0, 'only here']], $this->days($this->given('/client-systems')->value('differences.0.days')));
    }

    public function test_charge_codes_are_told_apart_where_it_does(): void
    {
        $this->task('FIT')->update(['charge_code' => 'H-1']);
        $this->system(['chargeCodeHeading' => 'Code']);
        $this->read("Worker,Day,Qty,Code\nAda Moor,2026-06-02,5,H-1\nAda Moor,2026-06-02,3,H-2\nAda Moor,2026-06-03,7:20,H-1\n");
        $days = $this->given('/office/client-systems/1?week=2026-W23')->value('system.people.0.days');
        self::assertSame([['2026-06-02', 480, 480, 'equal']], $this->days($days));
        self::assertSame([['H-1', 480, 300], ['H-2', 0, 180]], array_map(static fn (mixed $one): array => is_array($one) ? [$one['code'], $one['here'], $one['there']] : [], (array) data_get($days, '0.codes')));
        self::assertSame("Worker,Day,Code,Qty\n\"Ada Moor\",2026-06-02,H-1,8\n\"Ada Moor\",2026-06-03,H-1,7.3333333333\n\"Bo Carr\",2026-06-03,,2\n", str_replace("\r", '', (string) $this->get('/office/client-systems/1/hours.csv?week=2026-W23')->assertOk()->streamedContent()));
    }

    public function test_kinds_of_pay_are_told_apart_where_it_does_by_what_it_calls_them(): void
    {
        PayRule::query()->create(['daily_over' => 420, 'falls_on' => 'day']);
        foreach ([['overtime' => 'OT', 'double' => 'ot'], ['overtime' => 'Regular'], ['overtime' => str_repeat('O', 51)]] as $same) {
            $this->post('/office/client-systems', ['payKindHeading' => 'Kind', 'payKinds' => $same] + $this->values())->assertSessionHasErrors();
        }
        $this->system(['payKindHeading' => 'Kind', 'payKinds' => ['overtime' => 'OT', 'regular' => '', 'double' => '']]);
        // What was approved before there were rules is regular; a draft is what the rules say now.
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-10,8,draft\n"]);
        $this->read("Worker,Day,Qty,Kind\nAda Moor,2026-06-09,6,Regular\nAda Moor,2026-06-10,7:30,regular\nAda Moor,2026-06-10,0:30,ot\n");
        $days = $this->given('/office/client-systems/1?week=2026-W24')->value('system.people.0.days');
        self::assertSame([['2026-06-10', 480, 480, 'equal']], $this->days($days));
        self::assertSame([[null, 'Overtime', 60, 30], [null, 'Regular', 420, 450]], array_map(static fn (mixed $one): array => is_array($one) ? [$one['code'], $one['kind'], $one['here'], $one['there']] : [], (array) data_get($days, '0.codes')));
        $ours = (string) $this->get('/office/client-systems/1/hours.csv?week=2026-W24')->assertOk()->streamedContent();
        self::assertSame("Worker,Day,Kind,Qty\n\"Ada Moor\",2026-06-09,Regular,6\n\"Ada Moor\",2026-06-10,OT,1\n\"Ada Moor\",2026-06-10,Regular,7\n", str_replace("\r", '', $ours));
        // What goes out is what comes in.
        $this->read($ours);
        self::assertSame([], $this->given('/office/client-systems/1?week=2026-W24')->value('system.people.0.days'));
        $this->read("Worker,Day,Qty,Kind\nAda Moor,2026-06-09,6,Gold\n")->assertSessionHasErrors(['upload' => __('clientsystems.line', ['line' => 2, 'sentence' => __('clientsystems.no_kind', ['called' => 'Gold'])])]);
    }

    public function test_a_week_is_billed_once_both_agree_and_people_are_reminded_until_then(): void
    {
        $this->system();
        $this->read("Worker,Day,Qty\nAda Moor,2026-06-02,8\nAda Moor,2026-06-03,7:20\n");
        Artisan::call('moss:client-systems');
        self::assertSame(['In one week, Harbour book has other hours than you recorded.'], $this->told('ada'));
        Artisan::call('moss:client-systems');
        self::assertCount(1, $this->told('ada'));
        self::assertCount(1, $this->told('bo'));

        $bill = fn (): TestResponse => $this->actingAs($this->person('kit'))->post('/office/billing', ['kind' => 'bill', 'client' => 'harbour', 'from' => '2026-06-01', 'until' => '2026-06-16']);
        $bill();
        // Of ada's first week alone: bo's two hours and ada's second week wait.
        self::assertSame(480 + 440, BillingFile::query()->sole()->minutes->toInt());
        $this->read("Worker,Day,Qty\nAda Moor,2026-06-09,6\nBo Carr,2026-06-03,2\n");
        $this->read("Worker,Day,Qty\nAda Moor,2026-06-02,8\nAda Moor,2026-06-03,7:20\nAda Moor,2026-06-09,6\nBo Carr,2026-06-03,2\n");
        self::assertSame(0, ClientSystemWeek::query()->count());
        $bill();
        self::assertSame(360 + 120, BillingFile::query()->latest('id')->firstOrFail()->minutes->toInt());
        $this->delete('/office/client-systems/1')->assertSessionHas('message');
        self::assertSame(0, ClientSystemDay::query()->count());
    }

    public function test_open_weeks_are_those_of_an_independent_computation(): void
    {
        $this->system();
        $random = new Randomizer(new Mt19937(66));
        for ($round = 0; $round < 12; $round++) {
            $there = [];
            foreach (['ada' => 'Ada Moor', 'bo' => 'Bo Carr'] as $code => $name) {
                for ($day = 1; $day <= 14; $day++) {
                    $own = (int) Entry::query()->where('person_id', $this->person($code)->id)->where('date', sprintf('2026-06-%02d', $day))->whereRelation('task.project', 'code', 'LENS')->sum('minutes');
                    $minutes = $random->getInt(0, 3) === 0 ? 15 * $random->getInt(0, 4) : $own;
                    $there[] = [$name, sprintf('2026-06-%02d', $day), $minutes, $own, $code];
                }
            }
            $this->read("Worker,Day,Qty\n".implode("\n", array_map(static fn (array $row): string => "$row[0],$row[1],{$row[2]}m", $there)));
            $open = [];
            foreach ($there as [, $date, $minutes, $own, $code]) {
                if ($minutes !== $own) {
                    $open[$code.' '.date('o-\WW', (int) strtotime($date))] = true;
                }
            }
            $found = ClientSystemWeek::query()->with('person')->get()->map(static fn (ClientSystemWeek $week): string => $week->person->code.' '.date('o-\WW', (int) strtotime($week->monday->toString())))->sort()->values()->all();
            ksort($open);
            self::assertSame(array_keys($open), $found);
        }
    }

    #[TestWith(["Worker,Day\nAda Moor,2026-06-02\n", 'Qty'])]
    #[TestWith(["Worker,Day,Qty\nAda Moor,soon,8\n", 'Line 2'])]
    #[TestWith(["Worker,Day,Qty\nAda Moor,2026-06-02,much\n", 'Line 2'])]
    #[TestWith(["Worker,Day,Qty\n,2026-06-02,8\n", 'Line 2'])]
    #[TestWith(["Worker,Day,Qty\n", 'no rows'])]
    #[TestWith(["Worker,\"Day,Qty\n", 'not a CSV'])]
    public function test_what_cannot_be_read_changes_nothing(string $content, string $says): void
    {
        $this->system();
        $this->read("Worker,Day,Qty\nAda Moor,2026-06-02,8\n");
        $this->read($content)->assertInvalid(['upload' => $says]);
        self::assertSame(1, ClientSystemDay::query()->count());
    }

    /** @param  array<string, string>  $given */
    #[TestWith([['client' => 'nobody'], 'client'])]
    #[TestWith([['dateHeading' => 'Worker'], 'dateHeading'])]
    #[TestWith([['personBy' => 'shoe size'], 'personBy'])]
    public function test_what_is_no_system_is_refused(array $given, string $field): void
    {
        $this->post('/office/client-systems', $given + $this->values())->assertSessionHasErrors($field);
        self::assertSame(0, ClientSystem::query()->count());
    }

    /** @return array<string, string> */
    private function values(): array
    {
        return ['client' => 'harbour', 'name' => 'Harbour book', 'startsOn' => '2026-06-01', 'personBy' => 'name', 'personHeading' => 'Worker', 'dateHeading' => 'Day', 'hoursHeading' => 'Qty'];
    }

    /** @param  array<string, mixed>  $given */
    private function system(array $given = []): void
    {
        $this->post('/office/client-systems', $given + $this->values())->assertSessionHas('message', 'Harbour book is saved.');
    }

    /** @return TestResponse<Response> */
    private function read(string $content): TestResponse
    {
        $receive = $this->app->make(ReceiveUpload::class);
        $upload = $receive->begin($this->person('kit'), 'export.csv', max(1, strlen($content)));
        $receive->append($upload->refresh(), 0, $content);

        return $this->actingAs($this->person('kit'))->post('/office/client-systems/1/export', ['upload' => $upload->id]);
    }

    /** @return list<array{mixed, mixed, mixed, mixed}> */
    private function days(mixed $days): array
    {
        return array_values(array_map(static fn (mixed $day): array => is_array($day) ? [$day['date'], $day['here'], $day['there'], $day['side']] : [null, null, null, null], (array) $days));
    }

    /** @return list<string> what somebody was told of it */
    private function told(string $person): array
    {
        $texts = self::each($this->actingAs($this->person($person))->given('/messages')->value('messages.messages'), 'text');

        return array_values(array_filter(array_map(static fn (mixed $text): string => is_string($text) ? $text : '', $texts), static fn (string $text): bool => str_contains($text, 'Harbour book')));
    }
}
