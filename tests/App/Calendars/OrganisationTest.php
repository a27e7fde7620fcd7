<?php

declare(strict_types=1);

namespace Tests\App\Calendars;

use App\Features\Calendars\Queries\CountryHolidays;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The organisation's settings and public holidays, kept in the browser. */
final class OrganisationTest extends TestCase
{
    private const WEEK = ['8', '8', '8', '8', '8', '0', '0'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_settings_are_saved_told_and_followed_by_plans(): void
    {
        $this->put('/office/organisation', ['name' => 'New Lighthouse', 'currency' => 'GBP', 'pattern' => ['7.5', '7.5', '7.5', '7.5', '7.5', '0', '0'], 'calendar' => 'coast'])->assertSessionHas('message', __('organisation.saved'));

        $organisation = Organisation::query()->sole();
        self::assertSame(['New Lighthouse', 'GBP', '7.5 7.5 7.5 7.5 7.5 0 0'], [$organisation->name, $organisation->currency, $organisation->pattern]);
        $told = DB::table('audit_trail')->where('name', 'organisation')->sole();
        self::assertSame(['name' => 'Lighthouse', 'currency' => 'EUR', 'pattern' => '8 8 8 8 8 0 0'], json_decode(is_string($told->before) ? $told->before : '', true));
        self::assertSame(0, Artisan::call('moss:verify'));
        foreach ([['name', ''], ['currency', 'pounds'], ['calendar', 'none'], ['pattern', ['8']]] as [$field, $value]) {
            $this->put('/office/organisation', [$field => $value] + ['name' => 'New Lighthouse', 'currency' => 'GBP', 'pattern' => self::WEEK])->assertSessionHasErrors($field);
        }
    }

    public function test_another_week_holds_from_a_day_on_and_saving_once_more_changes_nothing(): void
    {
        $save = fn (?string $from, string ...$hours): mixed => $this->put('/office/organisation', ['name' => 'Lighthouse', 'currency' => 'EUR', 'pattern' => [...$hours, '0', '0'], 'patternFrom' => $from, 'calendar' => 'coast'])->assertSessionHasNoErrors();
        $save('2026-06-01', '8', '8', '8', '8', '4');
        $save('2026-07-01', '6', '6', '6', '6', '6');
        $stored = '8 8 8 8 8 0 0 from 2026-06-01 8 8 8 8 4 0 0 from 2026-07-01 6 6 6 6 6 0 0';
        self::assertSame($stored, Organisation::query()->sole()->pattern);
        self::assertSame(['8', '8', '8', '8', '4', '0', '0'], $this->given('/office/organisation')->value('organisation.pattern'));

        $save(null, '8', '8', '8', '8', '4');
        self::assertSame($stored, Organisation::query()->sole()->pattern);
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_a_public_holiday_is_added_changed_and_removed_and_the_week_knows_it_at_once(): void
    {
        $expected = function (): mixed {
            $given = $this->actingAs($this->person('ada'))->given('/week/2026-W25')->rows('sheet.days')[2]->value('expected');
            $this->actingAs($this->person('kit'));

            return $given;
        };
        self::assertSame(480, $expected());
        $this->put('/office/calendars/coast/holidays', ['date' => '2026-06-17', 'name' => 'Regatta', 'part' => '0.5'])->assertSessionHas('message', __('organisation.holiday_saved'));
        self::assertSame(240, $expected());
        $this->put('/office/calendars/coast/holidays', ['date' => '2026-06-17', 'name' => 'Regatta', 'part' => '1']);
        self::assertSame(0, $expected());
        $holiday = Holiday::query()->where('date', '2026-06-17')->sole();
        $this->delete("/office/holidays/$holiday->id")->assertSessionHas('message', 'Regatta is removed.');
        self::assertSame(480, $expected());
        self::assertSame(['add', 'change', 'remove'], DB::table('audit_trail')->where('subject', 'holiday')->orderBy('id')->pluck('act')->all());
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_a_calendar_takes_the_public_holidays_of_a_country_in_a_year_and_keeps_its_own(): void
    {
        $this->post('/office/calendars', ['code' => 'island'])->assertRedirect('/office/organisation?calendar=island');
        $this->put('/office/calendars/island/holidays', ['date' => '2027-03-17', 'name' => 'Our own day', 'part' => '0.5']);
        $this->post('/office/calendars/island/country', ['country' => 'IE', 'year' => 2027])->assertSessionHas('message', '9 public holidays are added.');

        $rows = $this->given('/office/organisation?calendar=island&year=2027')->rows('organisation.holidays');
        self::assertSame(['2027-01-01', '2027-02-01', '2027-03-17', '2027-03-29', '2027-05-03', '2027-06-07', '2027-08-02', '2027-10-25', '2027-12-25', '2027-12-26'], array_map(static fn ($row): string => $row->text('date'), $rows));
        self::assertSame(['Our own day', '0.5'], [$rows[2]->text('name'), $rows[2]->text('part')]);
        $this->post('/office/calendars/island/country', ['country' => 'IE', 'year' => 2027])->assertSessionHas('message', 'Nothing has changed: the calendar had all of them already.');
        foreach ([['code' => 'island'], ['code' => 'a b'], ['code' => '']] as $calendar) {
            $this->post('/office/calendars', $calendar)->assertSessionHasErrors('code');
        }
        $this->post('/office/calendars/island/country', ['country' => 'ZZ', 'year' => 2027])->assertSessionHasErrors('country');
        $this->post('/office/calendars/none/country', ['country' => 'IE', 'year' => 2027])->assertNotFound();
        foreach ([['date' => 'soon'], ['name' => ''], ['part' => '2']] as $wrong) {
            $this->put('/office/calendars/island/holidays', $wrong + ['date' => '2027-03-18', 'name' => 'Another', 'part' => '1'])->assertSessionHasErrors(array_keys($wrong));
        }
        self::assertSame(2, Calendar::query()->count());
    }

    public function test_every_country_that_ships_has_days_in_any_year(): void
    {
        self::assertGreaterThanOrEqual(7, count(CountryHolidays::countries()));
        foreach (array_keys(CountryHolidays::countries()) as $country) {
            foreach ([2026, 2027, 2028, 2032] as $year) {
                $days = array_map(static fn ($holiday): string => $holiday->day->toString(), CountryHolidays::in($country, $year));
                self::assertGreaterThanOrEqual(8, count($days), $country);
                $sorted = $days;
                sort($sorted);
                self::assertSame($sorted, $days);
            }
        }
    }

    public function test_the_holidays_of_a_year_are_copied_to_the_next_once(): void
    {
        $this->put('/office/calendars/coast/holidays', ['date' => '2028-02-29', 'name' => 'Leap day', 'part' => '0.5']);
        $this->put('/office/calendars/coast/holidays', ['date' => '2028-06-01', 'name' => 'Regatta', 'part' => '0.5']);
        $this->post('/office/calendars/coast/copied-year', ['year' => 2028])->assertSessionHas('message', 'One public holiday is copied. Check those that move from year to year.');
        $this->post('/office/calendars/coast/copied-year', ['year' => 2028])->assertSessionHas('message', 'Nothing has changed: the calendar had all of these days already.');
        self::assertSame([['2029-06-01', '0.5']], DB::table('holidays')->where('date', '>=', '2029')->get()->map(static fn (object $one): array => [$one->date, $one->part])->all());
        $this->post('/office/calendars/coast/copied-year', ['year' => 1900])->assertSessionHasErrors('year');
    }

    public function test_holidays_come_from_a_calendar_file(): void
    {
        $file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:a\r\nSUMMARY:Fair\r\nDTSTART;VALUE=DATE:20260810\r\nDTEND;VALUE=DATE:20260812\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:b\r\nSUMMARY:Already\r\nDTSTART;VALUE=DATE:20260615\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->post('/office/calendars/coast/file', ['calendar' => $file])->assertSessionHas('message', '2 public holidays were added from the calendar file.');
        self::assertSame(['Harbour Day', 'Fair', 'Fair'], DB::table('holidays')->orderBy('date')->pluck('name')->all());
        $this->post('/office/calendars/coast/file', ['calendar' => 'nothing'])->assertSessionHasErrors('calendar');
        $this->post('/office/calendars/coast/file', [])->assertSessionHasErrors('calendar');
    }

    public function test_calendars_are_renamed_merged_and_removed(): void
    {
        $this->post('/office/calendars', ['code' => 'island']);
        $this->put('/office/calendars/island', ['code' => 'coast'])->assertSessionHasErrors('code');
        $this->put('/office/calendars/island', ['code' => 'islands'])->assertSessionHas('message', 'The calendar is now called islands.');
        $this->delete('/office/calendars/coast')->assertSessionHas('refusal', 'The calendar coast is used, so it cannot be removed. Merge it into another one.');
        $this->person('ada')->update(['calendar_id' => DB::table('calendars')->where('code', 'coast')->value('id')]);
        $this->post('/office/calendars/coast/merge', ['into' => 'nowhere'])->assertSessionHas('refusal');
        $this->post('/office/calendars/coast/merge', ['into' => 'islands'])->assertSessionHas('message', 'The calendar coast is merged into islands. Plans follow in the background.');
        self::assertSame(['islands', 'islands', 0], [$this->person('ada')->calendar?->code, Organisation::query()->sole()->calendar?->code, DB::table('holidays')->count()]);
        $this->post('/office/calendars', ['code' => 'spare']);
        $this->delete('/office/calendars/spare')->assertSessionHas('message', 'The calendar spare is removed.');
        // Without its holiday, a Monday in June holds work again.
        self::assertSame(480, $this->given('/people/ada/week/2026-W25')->value('sheet.days.0.expected'));
    }
}
