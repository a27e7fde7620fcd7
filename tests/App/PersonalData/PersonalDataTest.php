<?php

declare(strict_types=1);

namespace Tests\App\PersonalData;

use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What is stored about a person, and taking out who they were. Today is Wednesday 17 June 2026. */
final class PersonalDataTest extends TestCase
{
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
