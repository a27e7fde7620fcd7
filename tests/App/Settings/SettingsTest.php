<?php

declare(strict_types=1);

namespace Tests\App\Settings;

use App\Models\Organisation;
use App\Models\ScheduledSetting;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Review\RouteKind;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The organisation's settings, from a day on, with their history and a way back. Today is Wednesday 17 June 2026. */
final class SettingsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    /** @param  array<string, string>  $values */
    #[TestWith(['name', ['name' => 'Lighthouse Board'], 'name', 'Lighthouse Board'])]
    #[TestWith(['currency', ['currency' => 'GBP'], 'currency', 'GBP'])]
    #[TestWith(['calendar', ['calendar' => ''], 'calendar_id', null])]
    #[TestWith(['approval', ['route' => 'line', 'self_approve' => '1'], 'approval', RouteKind::Line])]
    #[TestWith(['remaining estimates', ['mode' => 'approve', 'tolerance_minutes' => '60'], 'estimate_tolerance', 60])]
    #[TestWith(['week due', ['days' => '3'], 'week_due', 3])]
    #[TestWith(['bill value', ['shown' => '1'], 'shows_bill_value', true])]
    #[TestWith(['anonymising', ['months' => '24'], 'anonymised_after', 24])]
    public function test_each_setting_changes_at_once_and_back_again(string $setting, array $values, string $column, mixed $expected): void
    {
        $read = static function () use ($column): mixed {
            $value = Organisation::query()->sole()->getAttribute($column);

            return $value instanceof Minutes ? $value->toInt() : $value;
        };
        $before = $read();
        $this->put('/office/settings', ['setting' => $setting, 'values' => $values])->assertSessionHas('message', 'The setting is saved.');
        self::assertSame($expected, $read());
        $this->put('/office/settings', ['setting' => $setting, 'values' => $values])->assertSessionHas('message', 'The setting has this value already.');

        $history = $this->given('/office/settings');
        self::assertTrue($history->value('settings.changes.0.canBeRestored'));
        $this->post('/office/settings/changes/'.$history->int('settings.changes.0.line.id').'/restoration')->assertSessionHas('message', 'The setting is as it was before.');
        self::assertSame($before, $read());
        self::assertSame(2, DB::table('audit_trail')->where('subject', 'setting')->where('name', $setting)->count());
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['setting' => 'colour', 'values' => ['days' => '3']], 'setting'])]
    #[TestWith([['setting' => 'week due', 'values' => ['days' => '15']], 'values'])]
    #[TestWith([['setting' => 'week due', 'values' => ['days' => ['3']]], 'values.days'])]
    #[TestWith([['setting' => 'week due'], 'values'])]
    #[TestWith([['setting' => 'currency', 'values' => ['currency' => 'euro']], 'values'])]
    #[TestWith([['setting' => 'calendar', 'values' => ['calendar' => 'moon']], 'values'])]
    #[TestWith([['setting' => 'approval', 'values' => ['route' => 'king']], 'values'])]
    #[TestWith([['setting' => 'remaining estimates', 'values' => ['mode' => 'notify', 'tolerance_minutes' => '-1']], 'values'])]
    #[TestWith([['setting' => 'bill value', 'values' => ['shown' => '2']], 'values'])]
    #[TestWith([['setting' => 'anonymising', 'values' => ['months' => '0']], 'values'])]
    #[TestWith([['setting' => 'name', 'values' => ['name' => ' ']], 'values'])]
    #[TestWith([['setting' => 'week due', 'values' => ['days' => '3'], 'from' => '2026-06-16'], 'from'])]
    #[TestWith([['setting' => 'week due', 'values' => ['days' => '3'], 'from' => 'soon'], 'from'])]
    public function test_what_makes_no_sense_is_refused(array $body, string $field): void
    {
        $this->put('/office/settings', $body)->assertSessionHasErrors($field);
        self::assertSame([0, 0], [DB::table('audit_trail')->where('subject', 'setting')->where('act', 'set')->count(), ScheduledSetting::query()->count()]);
    }

    public function test_a_setting_is_planned_for_a_day_and_holds_from_then_on(): void
    {
        $this->put('/office/settings', ['setting' => 'week due', 'values' => ['days' => '3'], 'from' => '2026-07-01'])->assertSessionHas('message', 'The setting will change on Wed 1 Jul.');
        $this->put('/office/settings', ['setting' => 'week due', 'values' => ['days' => '4'], 'from' => '2026-07-01']);
        self::assertSame([['days' => '4']], self::each($this->given('/office/settings')->value('settings.planned'), 'values'));

        $this->itIs('2026-06-30');
        Artisan::call('moss:settings');
        self::assertSame(1, Organisation::query()->sole()->week_due);
        $this->itIs('2026-07-02');
        Artisan::call('moss:settings');
        self::assertSame([4, 0], [Organisation::query()->sole()->week_due, ScheduledSetting::query()->count()]);
        self::assertSame($this->person('kit')->id, DB::table('audit_trail')->where('subject', 'setting')->where('act', 'set')->value('actor_id'));
    }

    public function test_a_planned_change_is_cancelled_or_dropped_where_it_can_no_longer_be(): void
    {
        $this->put('/office/settings', ['setting' => 'week due', 'values' => ['days' => '3'], 'from' => '2026-07-01']);
        $this->delete('/office/settings/planned/'.ScheduledSetting::query()->sole()->id)->assertSessionHas('message', 'The change planned for Wed 1 Jul is cancelled.');
        $this->post('/office/calendars', ['code' => 'island']);
        $this->put('/office/settings', ['setting' => 'calendar', 'values' => ['calendar' => 'island'], 'from' => '2026-07-01']);
        $this->delete('/office/calendars/island');
        $this->itIs('2026-07-01');
        Artisan::call('moss:settings');
        self::assertSame([0, 'coast'], [ScheduledSetting::query()->count(), Organisation::query()->sole()->calendar?->code]);
    }

    public function test_what_says_nothing_of_before_cannot_be_taken_back(): void
    {
        $this->put('/office/settings', ['setting' => 'week due', 'values' => ['days' => '3'], 'from' => '2026-07-01']);
        $line = $this->given('/office/settings')->int('settings.changes.0.line.id');
        self::assertFalse($this->given('/office/settings')->value('settings.changes.0.canBeRestored'));
        $this->post("/office/settings/changes/$line/restoration")->assertSessionHas('refusal', 'This change cannot be taken back: it says nothing about what was before, or that no longer exists.');
    }

    public function test_what_the_organisation_page_saved_can_be_taken_back_too(): void
    {
        $this->put('/office/organisation', ['name' => 'Other', 'currency' => 'USD', 'pattern' => ['8', '8', '8', '8', '8', '0', '0'], 'calendar' => 'coast'])->assertSessionHasNoErrors();
        $line = $this->given('/office/settings')->int('settings.changes.0.line.id');
        $this->post("/office/settings/changes/$line/restoration")->assertSessionHas('message', 'The setting is as it was before.');
        self::assertSame(['Lighthouse', 'EUR'], [Organisation::query()->sole()->name, Organisation::query()->sole()->currency]);
    }
}
