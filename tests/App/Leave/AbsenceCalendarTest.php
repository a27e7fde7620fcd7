<?php

declare(strict_types=1);

namespace Tests\App\Leave;

use App\Models\AbsenceKind;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Who is away when, and who may know why. Today is Wednesday 17 June 2026. */
final class AbsenceCalendarTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'absence_kinds.csv' => "kind,counts_as,visible_to\nLeave,leave,everybody\nSickness,sickness,managers\n",
            'absences.csv' => "person,date,hours,kind\nada,2026-06-17,,Sickness\nada,2026-06-18,4,Leave\nada,2026-06-22,,Leave\n",
        ]));
        // Cal works in Ada's team.
        $this->import(['people.csv' => "person,name,email,team\ncal,Cal Dune,cal@lighthouse.example,field\n"]);
        $kind = AbsenceKind::query()->where('name', 'Sickness')->sole()->id;
        $this->actingAs($this->person('ada'))->post('/leave/of/ada', ['kind' => $kind, 'first' => '2026-06-24', 'last' => '2026-06-24'])->assertSessionHasNoErrors();
    }

    public function test_colleagues_see_who_is_away_and_why_only_where_everybody_may_know(): void
    {
        $calendar = $this->actingAs($this->person('cal'))->given('/leave/calendar?month=2026-06');

        self::assertSame(['Ada Moor', 'Cal Dune'], self::each($calendar->value('calendar.people'), 'name'));
        self::assertSame(['absent', false, false], self::day($calendar, 17));
        self::assertSame(['Leave', true, false], self::day($calendar, 18));
        self::assertSame(['Leave', false, false], self::day($calendar, 22));
        self::assertSame([null, false, false], self::day($calendar, 24), 'What is only asked for is for who decides');
        self::assertSame(['Ada Moor'], $calendar->value('calendar.away'));
    }

    public function test_whoever_decides_sees_why_and_what_is_asked_for(): void
    {
        $calendar = $this->actingAs($this->person('lee'))->given('/leave/calendar?month=2026-06');

        self::assertSame(['Sickness', false, false], self::day($calendar, 17));
        self::assertSame(['Sickness', false, true], self::day($calendar, 24));
        self::assertTrue($calendar->value('calendar.decidesForOthers'));
    }

    public function test_weekends_holidays_and_other_months_are_as_they_are(): void
    {
        $calendar = $this->actingAs($this->person('ada'))->given('/leave/calendar?month=2026-06');
        self::assertCount(30, (array) $calendar->value('calendar.dates'));
        $off = array_filter((array) $calendar->value('calendar.people.0.days'), static fn (mixed $day): bool => is_array($day) && $day['isWorked'] === false);
        self::assertSame(['2026-06-06', '2026-06-07', '2026-06-13', '2026-06-14', '2026-06-15', '2026-06-20', '2026-06-21', '2026-06-27', '2026-06-28'], array_column($off, 'date'));
        self::assertSame(['2026-05', '2026-07'], [$calendar->value('calendar.before'), $calendar->value('calendar.after')]);
        self::assertSame('2026-06', $this->given('/leave/calendar?month=never')->value('calendar.month'));
    }

    public function test_who_is_away_today_is_said_whatever_month_and_page_is_shown(): void
    {
        $rows = implode('', array_map(static fn (int $number): string => "p$number,Person $number,p$number@lighthouse.example,field\n", range(10, 65)));
        $away = implode('', array_map(static fn (int $number): string => "p$number,2026-06-17,Leave,\n", range(60, 65)));
        $this->import(['people.csv' => "person,name,email,team\n$rows", 'absences.csv' => "person,date,kind,hours\n$away"]);

        foreach (['month=2026-06', 'month=2026-08', 'month=2026-06&page=2'] as $query) {
            $calendar = $this->actingAs($this->person('cal'))->given('/leave/calendar?'.$query);
            self::assertSame([7, ['Ada Moor', 'Person 60', 'Person 61', 'Person 62', 'Person 63']], [$calendar->value('calendar.awayCount'), $calendar->value('calendar.away')], $query);
        }
    }

    public function test_nobody_looks_at_a_team_that_is_not_theirs_to_see(): void
    {
        // Bo is in no team and plans nothing; Mo plans a project, and so may look at any team.
        self::assertSame(['Bo Carr'], self::each($this->actingAs($this->person('bo'))->given('/leave/calendar?team=field')->value('calendar.people'), 'name'));
        $calendar = $this->actingAs($this->person('mo'))->given('/leave/calendar?team=field&month=2026-06');
        self::assertSame(['Ada Moor', 'Cal Dune'], self::each($calendar->value('calendar.people'), 'name'));
        self::assertSame(['absent', false, false], self::day($calendar, 17));
        self::assertSame(['Sickness', false, false], self::day($this->actingAs($this->person('kit'))->given('/leave/calendar?team=field&month=2026-06'), 17));
    }

    public function test_a_part_of_a_week_names_what_everybody_may_know_alone(): void
    {
        $week = $this->actingAs($this->person('mo'))->given('/people/ada/week/2026-W25');
        self::assertSame([[], [], [['kind' => 'absent', 'minutes' => null, 'isPencilled' => false]], [['kind' => 'Leave', 'minutes' => null, 'isPencilled' => false]], [], [], []], self::each($week->value('sheet.days'), 'absences'));
        self::assertSame([[], [], [], [], [], [], []], array_replace(self::each($this->given('/people/ada/week/2026-W26')->value('sheet.days'), 'absences'), [0 => []]));
    }

    public function test_it_takes_the_same_number_of_queries_however_many_there_are(): void
    {
        $this->actingAs($this->person('kit'));
        $this->given('/leave/calendar');
        $few = $this->queriesOf(fn () => $this->given('/leave/calendar'));
        $rows = implode('', array_map(static fn (int $number): string => "p$number,Person $number,p$number@lighthouse.example,field\n", range(1, 30)));
        $this->import(['people.csv' => "person,name,email,team\n$rows"]);

        self::assertSame($few, $this->queriesOf(fn () => $this->given('/leave/calendar')));
    }

    /** @return array{mixed, mixed, mixed} what is shown of Ada's day */
    private static function day(PageProps $calendar, int $day): array
    {
        foreach ((array) $calendar->value('calendar.people.0.days') as $shown) {
            if (is_array($shown) && $shown['date'] === sprintf('2026-06-%02d', $day)) {
                return [$shown['what'], $shown['isPart'], $shown['isPencilled']];
            }
        }

        return [null, false, false];
    }
}
