<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/**
 * Everybody, every grouping and every measure: figures are those of what one may see, calculated here from the rows that were
 * imported, and money is nowhere for who may not see it. Today is Wednesday 17 June 2026.
 */
final class ComparisonAccessTest extends TestCase
{
    private const DAYS = 'from=2026-06-01&to=2026-06-30';

    /** Person, project, task, role, day, minutes, whether it is actual, whether it is billable, cents of cost. */
    private const ENTRIES = [
        ['ada', 'LENS', 'FIT', '', '2026-06-16', 480, true, true, 70120],
        ['ada', 'LENS', 'FIT', 'senior', '2026-06-17', 180, false, true, null],
        ['ada', 'OWN', 'TRAIN', '', '2026-06-04', 120, true, false, 17530],
        ['ada', 'PIER', 'DECK', '', '2026-06-05', 60, true, true, 8765],
        ['bo', 'LENS', 'CLEAN', '', '2026-06-17', 90, true, false, null],
        ['bo', 'PIER', 'DECK', '', '2026-06-18', 240, true, true, null],
        ['mo', 'PIER', 'DECK', '', '2026-06-09', 300, true, true, null],
    ];

    /** Whose work each may see: of projects that they manage, and of people whose line manager they are, with their own. */
    private const SEES = [
        'kit' => [['LENS', 'OWN', 'PIER'], ['ada', 'bo', 'mo']],
        'vic' => [['LENS', 'OWN', 'PIER'], ['ada', 'bo', 'mo']],
        'mo' => [['LENS'], ['mo']],
        'lee' => [['PIER'], ['lee', 'ada', 'mo']],
    ];

    /** On whose projects each sees what time costs. */
    private const SEES_COST = ['kit' => ['LENS', 'OWN', 'PIER'], 'vic' => [], 'mo' => ['LENS'], 'lee' => []];

    protected function setUp(): void
    {
        parent::setUp();
        $rows = "person,project,task,role,date,hours,state,billable\n";
        foreach (self::ENTRIES as [$person, $project, $task, $role, $day, $minutes, $isActual, $isBillable]) {
            $rows .= sprintf("%s,%s,%s,%s,%s,%dm,%s,%s\n", $person, $project, $task, $role, $day, $minutes, $isActual ? 'approved' : 'draft', $isBillable ? 'yes' : 'no');
        }
        $this->import(Lighthouse::files());
        $this->import([
            'projects.csv' => "project,name,client,manager\nPIER,Pier deck,harbour,lee\n", 'tasks.csv' => "project,task,name\nPIER,DECK,Deck\n",
            'entries.csv' => $rows,
        ]);
        $this->person('mo')->update(['sees_cost' => true]);
    }

    #[DataProvider('readers')]
    public function test_sums_of_every_grouping_are_of_what_one_may_see(string $reader): void
    {
        $minutes = self::sum($reader, static fn (array $entry): int => $entry[6] ? $entry[5] : 0);
        $pending = self::sum($reader, static fn (array $entry): int => $entry[6] ? 0 : $entry[5]);
        $billable = self::sum($reader, static fn (array $entry): int => $entry[6] && $entry[7] ? $entry[5] : 0);
        foreach (Grouping::cases() as $by) {
            $found = $this->file($reader, "by=$by->value&show=actual,pending,billable");
            self::assertSame([$minutes, $pending, $billable], [$found->int('total.actual'), $found->int('total.pending'), $found->int('total.billable')], $by->value);
            self::assertSame($minutes, $found->sum('rows', 'actual'), $by->value);
        }
    }

    #[DataProvider('readers')]
    public function test_money_is_of_what_one_may_see_and_of_nothing_else(string $reader): void
    {
        $known = self::sum($reader, static fn (array $entry): int => $entry[6] && in_array($entry[1], self::SEES_COST[$reader], true) ? $entry[8] ?? 0 : 0);
        $found = $this->file($reader, 'by=project&show=actual,cost,bill-value,margin&sort=cost');
        if (self::SEES_COST[$reader] === []) {
            foreach (['cost', 'bill_value', 'margin', 'cost_without_minutes'] as $figure) {
                self::assertNull($found->value('total.'.$figure), $figure);
            }
        } else {
            self::assertSame(sprintf('%d.%02d', intdiv($known, 100), $known % 100), $found->text('total.cost'));
            // What has no rate, or one that the reader may not see, is said beside it.
            $without = self::sum($reader, static fn (array $entry): int => $entry[6] && ($entry[8] === null || ! in_array($entry[1], self::SEES_COST[$reader], true)) ? $entry[5] : 0);
            self::assertSame($without, $found->int('total.cost_without_minutes'));
        }
    }

    #[DataProvider('readers')]
    public function test_no_measure_filter_or_opened_figure_shows_more(string $reader): void
    {
        [$projects, $people] = self::SEES[$reader];
        foreach (Measure::cases() as $measure) {
            foreach (['by=project', 'by=person', 'by=person&project=OWN', 'by=project&person=bo'] as $question) {
                $page = $this->actingAs($this->person($reader))->get('/compare?'.self::DAYS.'&'.$question.'&show=actual,'.$measure->value.'&figure='.$measure->value)->assertOk();
                $props = PageProps::of($page->viewData('page'));
                foreach ($props->value('props.comparison.opened') === null ? [] : $props->rows('props.comparison.opened.entries') as $entry) {
                    $project = $entry->text('project');
                    self::assertTrue(in_array(['Lens refit' => 'LENS', 'Our own time' => 'OWN', 'Pier deck' => 'PIER'][$project] ?? '', $projects, true) || in_array($entry->text('personCode'), $people, true), "$measure->value $question");
                    self::assertTrue($entry->value('cents') === null || $measure->isMoney());
                }
                if (self::SEES_COST[$reader] === [] && $measure->isMoney()) {
                    self::assertStringNotContainsString('"'.$measure->value.'"', (string) json_encode($props->value('props.comparison.groups')));
                    self::assertNull($props->value('props.comparison.opened'));
                }
            }
        }
    }

    public function test_what_days_ask_of_people_is_for_who_may_know_it(): void
    {
        // 22 weekdays less a holiday for everybody; ada has six hours on Fridays and half a day of leave.
        $expected = ['kit' => ['ada', 'bo', 'kit', 'lee', 'mo'], 'lee' => ['ada', 'lee', 'mo'], 'mo' => ['mo']];
        foreach ($expected as $reader => $people) {
            $rows = array_filter($this->file($reader, 'by=person&show=actual,expected')->rows('rows'), static fn (PageProps $row): bool => $row->int('expected') > 0);
            $found = array_values(array_map(static fn (PageProps $row): string => $row->text('group'), $rows));
            sort($found);
            self::assertSame($people, $found, $reader);
        }
        self::assertSame(['actual'], $this->file('vic', 'by=person&show=actual,expected')->value('measures'));
    }

    /** @return iterable<string, array{string}> */
    public static function readers(): iterable
    {
        foreach (array_keys(self::SEES) as $reader) {
            yield $reader => [$reader];
        }
    }

    /** @param  callable(array{string, string, string, string, string, int, bool, bool, int|null}): int  $figure */
    private static function sum(string $reader, callable $figure): int
    {
        [$projects, $people] = self::SEES[$reader];

        return array_sum(array_map($figure, array_values(array_filter(self::ENTRIES, static fn (array $entry): bool => in_array($entry[1], $projects, true) || in_array($entry[0], $people, true)))));
    }

    private function file(string $reader, string $question): PageProps
    {
        return PageProps::of(json_decode($this->actingAs($this->person($reader))->get('/compare.json?'.self::DAYS.'&'.$question)->assertOk()->streamedContent(), true, 64, JSON_THROW_ON_ERROR));
    }
}
