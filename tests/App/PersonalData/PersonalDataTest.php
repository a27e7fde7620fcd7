<?php

declare(strict_types=1);

namespace Tests\App\PersonalData;

use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What is stored about a person, and taking out who they were. Today is Wednesday 17 June 2026. */
final class PersonalDataTest extends TestCase
{
    /** Sums of their time, and who did, decides or leads what; the audit trail tells of these acts. */
    private const BESIDE_THE_FILE = [
        'billing_files', 'closings', 'decided_entries', 'decided_expenses', 'decisions', 'expense_decisions', 'expense_statements', 'intake_links', 'recorded_months', 'recorded_weeks',
        'saved_comparison_versions', 'scheduled_settings', 'settling_batches', 'tracker_links',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2025-06-16,8,settled,Gale\nada,LENS,FIT,surveyor,2025-06-17,4,approved,\n"]));
        $this->person('ada')->update(['password' => 'a-long-secret-of-ada']);
    }

    public function test_ones_own_data_come_as_one_file_without_secrets(): void
    {
        $this->import(['entry_pay_kinds.csv' => "person,project,task,role,date,kind,hours\nada,LENS,FIT,surveyor,2025-06-17,overtime,4\n", 'pay_rules.csv' => "person,weekly_over\nada,40\nbo,38\n", 'entry_pay_choices.csv' => "person,project,task,role,date,kind,hours\nada,LENS,FIT,surveyor,2025-06-17,double,1\n"]);
        $file = $this->actingAs($this->person('ada'))->get('/account/data')->assertOk()->streamedContent();
        $data = json_decode($file, true, flags: JSON_THROW_ON_ERROR);

        self::assertIsArray($data);
        self::assertIsArray($data['person']);
        self::assertSame(['Ada Moor', 'Field', 'Lee Tor'], [$data['person']['name'], $data['person']['team'], $data['person']['line_manager']]);
        self::assertArrayNotHasKey('password', $data['person']);
        self::assertStringNotContainsString($this->person('ada')->password ?? '?', $file);
        self::assertSame(['Gale', ''], self::each($data['entries'], 'note'));
        self::assertSame(['Leave'], self::each($data['absences'], 'kind'));
        self::assertSame([['overtime'], ['double'], [2400]], [self::each($data['pay_kinds'], 'kind'), self::each($data['pay_choices'], 'kind'), self::each($data['pay_rules'], 'weekly_over')]);
        self::assertSame('export personal data', DB::table('audit_trail')->latest('id')->value('act'));
    }

    public function test_the_file_has_every_table_that_is_about_people(): void
    {
        DB::enableQueryLog();
        $this->actingAs($this->person('ada'))->get('/account/data')->assertOk()->streamedContent();
        $read = implode("\n", array_column(DB::getQueryLog(), 'query'));
        $missing = array_filter(Schema::getTableListing(schemaQualified: false), static fn (string $table): bool => in_array('people', array_column(Schema::getForeignKeys($table), 'foreign_table'), true)
            && preg_match('/(from|join) "'.$table.'"/', $read) !== 1);

        self::assertSame([], array_values(array_diff($missing, self::BESIDE_THE_FILE)), 'Add what these tables hold to the file, or to those that tell nothing else about a person.');
        self::assertSame([], array_values(array_diff(self::BESIDE_THE_FILE, $missing)));
    }

    public function test_nothing_has_the_name_of_somebody_anonymised(): void
    {
        $ada = $this->person('ada');
        $tracker = DB::table('trackers')->insertGetId(['name' => 'Boards', 'address' => 'https://boards.example', 'token' => 'x']);
        DB::table('tracker_people')->insert(['tracker_id' => $tracker, 'login' => 'ada.moor', 'name' => $ada->name, 'email' => $ada->email, 'person_id' => $ada->id]);
        $system = DB::table('client_systems')->insertGetId(['client_id' => DB::table('clients')->value('id'), 'name' => 'Harbour', 'starts_on' => '2025-01-01', 'person_by' => 'name', 'person_heading' => 'Who', 'date_heading' => 'Day', 'hours_heading' => 'Hours']);
        DB::table('client_system_people')->insert(['client_system_id' => $system, 'called' => $ada->name, 'person_id' => $ada->id]);
        $comparison = DB::table('saved_comparisons')->insertGetId(['owner_id' => $this->person('mo')->id, 'name' => 'Weirs', 'address' => '', 'changed_at' => '2026-05-01T08:00:00Z', 'changed_by_id' => $this->person('mo')->id]);
        DB::table('comparison_mailings')->insert(['saved_comparison_id' => $comparison, 'person_id' => $ada->id, 'rhythm' => 'week', 'day' => 1, 'sent_on' => '2026-05-01']);
        $ada->update(['ends_on' => '2026-05-31']);
        self::assertContains('tracker_people', self::tablesWith($ada));
        $this->actingAs($this->person('kit'))->post('/office/people/of/ada/anonymisation')->assertSessionHas('message', 'One person was anonymised.');

        self::assertSame([], self::tablesWith($ada));
        self::assertSame(0, DB::table('comparison_mailings')->count());
        self::assertSame([0, 0], [Artisan::call('moss:verify'), Artisan::call('moss:audit', ['act' => 'verify'])]);
    }

    /** @return list<string> tables that hold somebody's name, address or login */
    private static function tablesWith(Person $person): array
    {
        $tables = array_filter(Schema::getTableListing(schemaQualified: false), static function (string $table) use ($person): bool {
            $rows = DB::table($table)->get()->toJson();

            return str_contains($rows, $person->name) || str_contains($rows, $person->email) || str_contains($rows, 'ada.moor');
        });

        return array_values($tables);
    }

    public function test_somebody_who_left_is_anonymised_and_every_sum_stays(): void
    {
        $this->actingAs($this->person('kit'));
        $before = [DB::table('entries')->sum('minutes'), DB::table('recorded_weeks')->sum('actual_minutes'), DB::table('recorded_weeks')->sum('actual_cents')];
        $this->post('/office/people/of/ada/anonymisation')->assertSessionHas('refusal', 'Only somebody whose last day has passed can be anonymised. Enter their last day first.');
        $ada = $this->person('ada');
        $ada->update(['ends_on' => '2026-05-31']);
        DB::table('messages')->insert(['person_id' => $ada->id, 'kind' => 'decided', 'at' => '2026-05-01T08:00:00Z', 'text_values' => '{}', 'link' => '/', 'about' => 'x', 'in_app' => 1, 'by_mail' => 0]);
        DB::table('outbox_mails')->insert(['at' => '2026-05-01T08:00:00Z', 'sender' => 'x', 'recipient' => $ada->email, 'subject' => 'Hello Ada', 'text' => 'Ada', 'html' => 'Ada']);
        $this->post('/office/people/of/ada/anonymisation')->assertSessionHas('message', 'One person was anonymised.');

        $gone = Person::query()->findOrFail($ada->id);
        self::assertSame(["person-$ada->id", "Former person $ada->id", "person-$ada->id@anonymised.invalid", null, false], [$gone->code, $gone->name, $gone->email, $gone->password, $gone->disabled_at === null]);
        self::assertSame([0, 0], [DB::table('messages')->where('person_id', $ada->id)->count(), DB::table('outbox_mails')->where('recipient', $ada->email)->count()]);
        self::assertSame($before, [DB::table('entries')->sum('minutes'), DB::table('recorded_weeks')->sum('actual_minutes'), DB::table('recorded_weeks')->sum('actual_cents')]);
        self::assertSame([0, 0], [Artisan::call('moss:verify'), Artisan::call('moss:audit', ['act' => 'verify'])]);
        $this->post("/office/people/of/person-$ada->id/anonymisation")->assertSessionHas('refusal', 'This person is anonymised already.');
    }

    public function test_who_still_has_something_to_do_is_not_anonymised(): void
    {
        $this->actingAs($this->person('kit'));
        $this->person('mo')->update(['ends_on' => '2026-05-31']);
        $this->post('/office/people/of/mo/anonymisation')->assertSessionHas('refusal', 'This person still manages an open project, leads a team or is somebody’s line manager. Transfer their responsibilities first.');
        $this->import(['entries.csv' => "person,project,task,date,hours\nada,LENS,FIT,2026-05-04,8\n"]);
        $this->person('ada')->update(['ends_on' => '2026-05-31']);
        $this->post('/office/people/of/ada/anonymisation')->assertSessionHas('refusal', 'Some of this person’s time is not approved yet. Have it approved or removed first.');
    }

    public function test_whoever_left_long_enough_ago_is_anonymised_by_itself(): void
    {
        $this->person('ada')->update(['ends_on' => '2026-02-28']);
        $this->person('bo')->update(['ends_on' => '2026-03-01']);
        Artisan::call('moss:anonymise');
        self::assertSame(0, Person::query()->whereNotNull('anonymised_at')->count());

        Organisation::query()->sole()->update(['anonymised_after' => 3]);
        Artisan::call('moss:anonymise');
        self::assertSame([$this->person('bo')->id], Person::query()->whereNull('anonymised_at')->whereNotNull('ends_on')->pluck('id')->all());
        self::assertSame(1, Person::query()->whereNotNull('anonymised_at')->count());
    }
}
