<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Load;
use Moss\Core\Planning\LoadedDay;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\TestCase;

final class LoadTest extends TestCase
{
    public function test_plans_of_all_projects_add_up_against_what_is_expected(): void
    {
        $load = $this->load([[20, '2026-06-15', '2026-06-19'], [10, '2026-06-17', '2026-06-18']]);

        self::assertSame(30 * 60, $load->planned()->toInt());
        self::assertSame(40 * 60, $load->expected()->toInt());
        self::assertSame([240, 240, 540, 540, 240], array_map(static fn (LoadedDay $day): int => $day->planned->toInt(), array_slice($load->byDay(), 0, 5)));
        self::assertSame(['2026-06-17' => 60, '2026-06-18' => 60], self::over($load));
    }

    public function test_who_is_away_has_no_expected_hours_and_what_is_planned_is_over(): void
    {
        $load = $this->load([[40, '2026-06-15', '2026-06-19']], [new Absence(Day::of('2026-06-16'), null), new Absence(Day::of('2026-06-17'), Minutes::ofHours(3))]);

        self::assertSame(['2026-06-16' => 480, '2026-06-17' => 180], self::over($load));
        self::assertSame(29 * 60, $load->expected()->toInt());
    }

    public function test_a_holiday_has_no_plan_and_no_expected_hours(): void
    {
        $load = $this->load([[32, '2026-06-15', '2026-06-19']], holidays: ['2026-06-18']);

        self::assertSame([], self::over($load));
        self::assertSame($load->expected()->toInt(), $load->planned()->toInt());
    }

    public function test_what_lies_outside_the_days_asked_for_is_not_counted(): void
    {
        $load = $this->load([[80, '2026-06-08', '2026-06-19']]);

        self::assertSame(40 * 60, $load->planned()->toInt());
        self::assertCount(7, $load->byDay());
    }

    public function test_nothing_planned_is_no_load(): void
    {
        self::assertSame([0, []], [$this->load([])->planned()->toInt(), self::over($this->load([]))]);
    }

    /**
     * @param  list<array{int, string, string}>  $plans  hours, first and last day
     * @param  list<Absence>  $absences
     * @param  list<string>  $holidays
     */
    private function load(array $plans, array $absences = [], array $holidays = []): Load
    {
        $calendar = HolidayCalendar::of(array_map(static fn (string $day): Holiday => Holiday::on(Day::of($day), 'Storm', '1'), $holidays));
        $capacity = new Capacity(WorkPattern::standard(), $calendar);
        $assignments = array_map(static fn (array $plan): Assignment => new Assignment(
            Assignee::person('ada'), null, Minutes::ofHours($plan[0]), DayRange::between(Day::of($plan[1]), Day::of($plan[2])),
        ), $plans);

        return Load::over(DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-21')), $assignments, $capacity, ExpectedHours::of($capacity, new Employment(null, null), $absences));
    }

    /** @return array<string, int> minutes over by day */
    private static function over(Load $load): array
    {
        $over = [];
        foreach ($load->daysOver() as $day) {
            $over[$day->day->toString()] = $day->over()->toInt();
        }

        return $over;
    }
}
