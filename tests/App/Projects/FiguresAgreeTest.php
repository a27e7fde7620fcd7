<?php

declare(strict_types=1);

namespace Tests\App\Projects;

use Demo\Scenario;
use Illuminate\Support\Facades\Artisan;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What the commands say is what a second, slower computation says, to the minute and the cent. */
final class FiguresAgreeTest extends TestCase
{
    private const MINUTES = ['planned', 'actual', 'pending', 'remaining', 'unrated_planned', 'unrated_entered'];

    private const CENTS = ['planned_cost', 'actual_cost', 'forecast_cost', 'pv', 'ev', 'ac', 'budget'];

    /** @param  array<string, string>  $files */
    #[DataProvider('data')]
    public function test_status_and_comparisons_agree(array $files, string $today): void
    {
        $this->import($files);
        $oracle = new Oracle($files, $today);
        $expected = $oracle->status();
        $keys = [];
        foreach (['project' => 1, 'task' => 2, 'assignee' => 3] as $level => $parts) {
            foreach ($this->rows('moss:status', ['--level' => $level, '--today' => $today]) as $row) {
                $key = implode('|', array_slice([$row['project'], $row['task'], $row['assignee']], 0, $parts));
                $key .= isset($keys[$key]) ? '#2' : '';
                $keys[$key] = true;
                foreach (self::MINUTES as $name) {
                    self::assertSame($expected[$key][$name] ?? 0, (int) $row[$name], $key.' '.$name);
                }
                foreach ($level === 'assignee' ? array_slice(self::CENTS, 0, -1) : self::CENTS as $name) {
                    self::assertSame($expected[$key][$name] ?? ($name === 'budget' ? null : 0), $row[$name] === '' ? null : (int) str_replace('.', '', $row[$name]), $key.' '.$name);
                }
                self::assertSame((int) $row['actual'] + (int) $row['pending'], (int) $row['entered']);
                self::assertSame((int) $row['entered'] + (int) $row['remaining'], (int) $row['forecast']);
            }
        }
        self::assertSame(array_diff(array_keys($expected), array_keys($keys)), array_diff(array_keys($keys), array_keys($expected)));
        $from = Day::of($today)->plusDays(-40)->toString();
        $to = Day::of($today)->plusDays(25)->toString();
        foreach (['project', 'phase', 'task', 'person', 'team', 'client', 'role', 'month', 'week'] as $by) {
            $rows = [];
            foreach ($this->rows('moss:compare', ['--by' => $by, '--from' => $from, '--to' => $to, '--today' => $today]) as $row) {
                $rows[$row['group']] = [(int) $row['planned'], (int) $row['planned_to_date'], (int) $row['actual'], (int) $row['pending']];
            }
            $groups = $oracle->compare($by, $from, $to);
            $inOrder = array_diff(array_map(strval(...), array_keys($groups)), ['total']);
            sort($inOrder, SORT_STRING);
            self::assertEquals($groups, $rows, $by);
            self::assertSame([...$inOrder, 'total'], array_map(strval(...), array_keys($rows)), $by);
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function data(): iterable
    {
        yield 'the small organisation' => [Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,,2026-06-16,50m,approved\nbo,LENS,FIT,,2026-06-16,80m,draft\nlee,LENS,CLEAN,senior,2026-06-17,5m,approved\n"]), '2026-06-17'];
        yield 'the demonstration' => [self::demonstration(), '2026-06-17'];
        yield 'the demonstration, three weeks on' => [self::demonstration(), '2026-07-08'];
        foreach ([1, 2, 3] as $seed) {
            yield 'awkward data '.$seed => [AwkwardData::files($seed), '2026-06-17'];
        }
    }

    public function test_options_that_cannot_be_used_are_refused_with_a_sentence(): void
    {
        foreach ([
            ['moss:status', ['--level' => 'galaxy'], 'Use one of: project, phase, task, assignee'],
            ['moss:status', ['--today' => '2026-02-30'], '”. Enter a date as YYYY-MM-DD.'],
            ['moss:status', ['--project' => ['NONE']], '--project is “NONE”'],
            ['moss:status', ['--format' => 'xml'], 'Use one of: csv, json'],
            ['moss:compare', ['--from' => '2026-06-01', '--to' => '2026-06-30'], '--by cannot be “”'],
            ['moss:compare', ['--by' => 'week', '--to' => '2026-06-30'], '--from is missing'],
            ['moss:compare', ['--by' => 'field', '--from' => '2026-06-01', '--to' => '2026-06-30'], '--field is missing. Enter the code of an own field.'],
            ['moss:compare', ['--by' => 'week', '--from' => '2026-06-30', '--to' => '2026-06-01'], '--to is before --from'],
            ['moss:compare', ['--by' => 'week', '--from' => '2026-06-01', '--to' => '2026-06-30', '--team' => ['none']], '--team is “none”'],
            ['moss:compare', ['--by' => 'week', '--period' => 'last-moon'], '--period is “last-moon”'],
            ['moss:compare', ['--by' => 'week', '--period' => 'this-month', '--internal' => 'maybe'], 'Use one of: only, out'],
        ] as [$command, $options, $sentence]) {
            self::assertSame(1, Artisan::call($command, $options));
            self::assertStringContainsString($sentence, Artisan::output());
        }
    }

    public function test_json_holds_the_same_with_nulls_for_what_is_undefined(): void
    {
        $this->import(Lighthouse::files());
        Artisan::call('moss:status', ['--format' => 'json', '--project' => ['LENS'], '--today' => '2026-06-17']);
        $rows = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);

        self::assertIsArray($rows);
        self::assertIsArray($rows[0]);
        self::assertSame(['LENS', null, 2880 + 480, '5000.00', null], [$rows[0]['project'], $rows[0]['phase'], $rows[0]['planned'], $rows[0]['budget'], $rows[0]['cpi']]);
    }

    public function test_pending_time_counts_as_actual_on_demand(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-16,2,approved\nada,LENS,FIT,2026-06-17,3,draft\n"]));
        $options = ['--by' => 'person', '--from' => '2026-06-15', '--to' => '2026-06-21', '--person' => ['ada']];

        self::assertSame(['960', '120', '180'], self::figures($this->rows('moss:compare', $options)));
        self::assertSame(['960', '300', '180'], self::figures($this->rows('moss:compare', $options + ['--pending' => true])));
    }

    public function test_a_comparison_takes_a_period_that_moves_and_leaves_internal_time_out(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-05-31,2,approved\nada,LENS,FIT,2026-06-16,3,approved\nada,OWN,TRAIN,2026-06-17,4,approved\n"]));
        $sum = fn (array $options): string => array_slice($this->rows('moss:compare', $options + ['--today' => '2026-06-17']), -1)[0]['actual'];

        self::assertSame('420', $sum(['--by' => 'manager', '--period' => 'this-month']));
        self::assertSame('120', $sum(['--by' => 'quarter', '--period' => 'last-month']));
        self::assertSame('180', $sum(['--by' => 'charge-code', '--period' => 'this-month', '--internal' => 'out']));
        self::assertSame('240', $sum(['--by' => 'project', '--period' => 'this-month', '--internal' => 'only']));
        self::assertSame('300', $sum(['--by' => 'client', '--period' => 'this-quarter', '--manager' => ['mo']]));
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @return list<string>
     */
    private static function figures(array $rows): array
    {
        return [$rows[0]['planned'], $rows[0]['actual'], $rows[0]['pending']];
    }

    /** @return array<string, string> */
    public static function demonstration(): array
    {
        return (new Scenario(Day::of('2026-06-17')))->files();
    }

    /**
     * @param  array<string, mixed>  $options
     * @return list<array<string, string>>
     */
    private function rows(string $command, array $options): array
    {
        self::assertSame(0, Artisan::call($command, $options));
        $lines = array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line, ',', '"', '')), explode("\n", trim(Artisan::output())));
        $header = $lines[0];

        return array_map(static fn (array $cells): array => array_combine($header, $cells), array_slice($lines, 1));
    }
}
