<?php

declare(strict_types=1);

namespace Tests\App\Month;

use App\Models\Entry;
use App\Models\Team;
use Illuminate\Support\Facades\Artisan;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/**
 * Months that people fill at random, in parts of days of odd lengths, against sums that are worked out here from what was typed
 * alone: nothing of the application takes part in them.
 */
final class IndependentMonthTest extends TestCase
{
    /** Minutes of each weekday from Monday; no half or tenth of some of them is a whole number. */
    private const WEEK = [457, 481, 463, 480, 337, 0, 0];

    private const AWAY = ['2026-06-15' => 0, '2026-06-19' => 337 - 240];

    #[DataProvider('months')]
    public function test_sums_are_those_of_what_was_typed(int $seed, TimesheetPeriod $period, DayUnit $unit, string $days, string $first, string $last): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $pattern = implode(' ', array_map(static fn (int $minutes): string => $minutes.'m', self::WEEK));
        $this->import(Lighthouse::files([
            'people.csv' => str_replace('8 8 8 8 6 0 0', $pattern, Lighthouse::files()['people.csv']),
            'tasks.csv' => Lighthouse::files()['tasks.csv']."OWN,DUES,Dues,,,,\n",
        ]));
        Team::query()->sole()->update(['timesheet_period' => $period, 'counted_in' => $unit]);
        $this->actingAs($this->person('ada'));
        $parts = $unit === DayUnit::HalfDay ? 2 : 10;
        $expected = [];
        $typed = ['Training' => [], 'Dues' => []];
        for ($time = (int) strtotime($first.' 12:00 UTC'); gmdate('Y-m-d', $time) <= $last; $time += 86_400) {
            $date = gmdate('Y-m-d', $time);
            $expected[$date] = self::AWAY[$date] ?? self::WEEK[(int) gmdate('N', $time) - 1];
            if ($expected[$date] !== 0 && $random->getInt(0, 4) !== 0) {
                $typed['Training'][$date] = $random->getInt(0, $parts);
                $typed['Dues'][$date] = $random->getInt(0, $parts - $typed['Training'][$date]);
            }
        }

        $this->type($days, $typed, $parts, $random);

        // All parts of a day are the day; fewer are so many of its minutes, half up.
        $minutes = 0;
        foreach ($typed['Training'] as $date => $count) {
            $minutes += intdiv(2 * ($count + $typed['Dues'][$date]) * $expected[$date] + $parts, 2 * $parts);
        }
        $page = $this->given("/month/$days");
        self::assertSame(
            [$minutes, self::decimal(array_sum($typed['Training']) + array_sum($typed['Dues']), $parts)],
            [$page->int('month.enteredInAll.minutes'), $page->value('month.enteredInAll.count')],
        );
        self::assertSame([array_sum($expected), (string) count(array_filter($expected))], [$page->int('month.expectedInAll.minutes'), $page->value('month.expectedInAll.count')]);
        foreach ($page->rows('month.lines') as $line) {
            self::assertSame(self::decimal(array_sum($typed[$line->text('taskName')] ?? []), $parts), $line->value('count'));
        }
        // The same minutes as everywhere else.
        Artisan::call('moss:compare', ['--by' => 'person', '--from' => $first, '--to' => $last, '--pending' => true]);
        self::assertMatchesRegularExpression('/^ada,.*\b'.$minutes.'\b/m', Artisan::output());
        $this->post("/people/ada/days/$days/submission")->assertSessionMissing('refusal');
        self::assertSame($minutes, (int) Entry::query()->where('state', 'submitted')->sum('minutes'));
    }

    /** @param  array<string, array<string, int>>  $typed  counts by task and day */
    private function type(string $days, array $typed, int $parts, Randomizer $random): void
    {
        $cells = [];
        foreach ($typed as $task => $counts) {
            foreach ($counts as $date => $count) {
                $cells[] = ['task' => $this->task($task === 'Dues' ? 'DUES' : 'TRAIN')->id, 'role' => null, 'date' => $date, 'text' => self::decimal($count, $parts), 'seen' => null];
            }
        }
        $this->putJson("/month/$days/cells", ['cells' => $random->shuffleArray($cells)])->assertOk()->assertExactJson([]);
    }

    /** @return iterable<string, array{int, TimesheetPeriod, DayUnit, string, string, string}> */
    public static function months(): iterable
    {
        foreach ([1, 2] as $seed) {
            foreach (DayUnit::cases() as $unit) {
                yield "a month in $unit->value, $seed" => [$seed, TimesheetPeriod::Month, $unit, '2026-06', '2026-06-01', '2026-06-30'];
                yield "half a month in $unit->value, $seed" => [$seed, TimesheetPeriod::HalfMonth, $unit, '2026-06-16--2026-06-30', '2026-06-16', '2026-06-30'];
                yield "two weeks in $unit->value, $seed" => [$seed, TimesheetPeriod::TwoWeeks, $unit, '2026-06-15--2026-06-28', '2026-06-15', '2026-06-28'];
            }
        }
    }

    /** So many parts as a decimal. */
    private static function decimal(int $count, int $parts): string
    {
        return $count % $parts === 0 ? (string) intdiv($count, $parts) : intdiv($count, $parts).'.'.intdiv(10 * ($count % $parts), $parts);
    }
}
