<?php

declare(strict_types=1);

namespace Tests\App\Sheet;

use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Tests\App\TestCase;

final class CalendarTest extends TestCase
{
    public function test_a_year_has_the_readers_own_holidays_and_the_closed_period(): void
    {
        $north = Calendar::query()->create(['code' => 'north']);
        $south = Calendar::query()->create(['code' => 'south']);
        foreach ([[$north, '2026-06-19', 'Midsummer'], [$north, '2027-01-01', 'New Year'], [$south, '2026-06-20', 'Founders']] as [$calendar, $day, $name]) {
            Holiday::query()->create(['calendar_id' => $calendar->id, 'date' => Day::of($day), 'name' => $name, 'part' => '1']);
        }
        Organisation::query()->sole()->update(['calendar_id' => $north->id, 'closed_until' => Day::of('2026-05-31')]);
        $ofNorth = Person::factory()->create()->refresh();
        $ofSouth = Person::factory()->create(['calendar_id' => $south->id])->refresh();

        $this->actingAs($ofNorth)->getJson('/calendar/2026')->assertOk()->assertExactJson(['holidays' => ['2026-06-19' => 'Midsummer'], 'closedUntil' => '2026-05-31']);
        $this->actingAs($ofSouth)->getJson('/calendar/2026')->assertOk()->assertJsonPath('holidays', ['2026-06-20' => 'Founders']);
        $this->actingAs($ofSouth)->getJson('/calendar/26')->assertNotFound();
    }
}
