<?php

declare(strict_types=1);

namespace Tests\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\CheckedTask;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleResult;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each rule by itself: the exact boundary, one past it, and what it leaves alone. */
final class RulesTest extends TestCase
{
    /** @param  list<string>  $expected  places, as `week`, `2026-06-15`, `FIT` or `FIT 2026-06-15` */
    #[DataProvider('cases')]
    public function test_a_rule_finds_what_it_says(string $rule, int $limit, SheetBuilder $sheet, array $expected): void
    {
        $checked = AllRules::named($rule);
        self::assertNotNull($checked);

        self::assertSame($expected, array_map(self::place(...), $checked->findings($sheet->sheet(), Limit::of($limit))));
    }

    /** @return iterable<string, array{string, int, SheetBuilder, list<string>}> */
    public static function cases(): iterable
    {
        $sheet = static fn (): SheetBuilder => new SheetBuilder;

        // 34 h are expected: 2,040 minutes.
        yield 'a week short by exactly the limit' => ['week_short', 60, $sheet()->with('16', 1380)->with('17', 600)->whole(), []];
        yield 'a week short by one more' => ['week_short', 60, $sheet()->with('16', 1380)->with('17', 599)->whole(), ['week']];
        yield 'a week that may still fill is not short' => ['week_short', 60, $sheet()->with('16', 60), []];
        yield 'a week that is over is short' => ['week_short', 60, $sheet()->with('16', 60)->onToday('2026-06-22'), ['week']];
        yield 'on its Sunday it may still fill' => ['week_short', 60, $sheet()->with('16', 60)->onToday('2026-06-21'), []];
        yield 'an empty week is short' => ['week_short', 0, $sheet()->whole(), ['week']];
        yield 'what is decided counts' => ['week_short', 0, $sheet()->with('16', 1440, isInQuestion: false)->with('17', 600)->whole(), []];

        yield 'a week above by exactly the limit' => ['week_above', 60, $sheet()->with('16', 1440)->with('17', 660), []];
        yield 'a week above by one more' => ['week_above', 60, $sheet()->with('16', 1440)->with('17', 661), ['week']];

        yield 'a day of exactly the limit' => ['day_above', 600, $sheet()->with('16', 300)->with('16', 300, 'OWN TRAIN'), []];
        yield 'a day of one more, over two lines' => ['day_above', 600, $sheet()->with('16', 300)->with('16', 301, 'OWN TRAIN'), ['2026-06-16']];
        yield 'a day above that is decided' => ['day_above', 600, $sheet()->with('16', 700, isInQuestion: false), []];

        yield 'days that are over and empty' => ['empty_working_day', 0, $sheet()->with('15', 60), ['2026-06-16']];
        yield 'today may still fill' => ['empty_working_day', 0, $sheet()->with('15', 60)->with('16', 60), []];
        yield 'all empty days once the week goes' => ['empty_working_day', 0, $sheet()->with('15', 60)->with('16', 60)->whole(), ['2026-06-17', '2026-06-18', '2026-06-19']];
        yield 'a day off is never empty' => ['empty_working_day', 0, $sheet()->absentOn('16', null)->with('15', 60), []];

        yield 'on the step' => ['off_step', 0, $sheet()->with('16', 45)->inSteps(15), []];
        yield 'off the step' => ['off_step', 0, $sheet()->with('16', 46)->inSteps(15), ['FIT 2026-06-16']];
        yield 'without a step' => ['off_step', 0, $sheet()->with('16', 46), []];

        yield 'time on a Saturday' => ['time_on_free_day', 0, $sheet()->with('20', 60), ['2026-06-20']];
        yield 'time on a working day' => ['time_on_free_day', 0, $sheet()->with('16', 60), []];
        yield 'a day of absence is no free day' => ['time_on_free_day', 0, $sheet()->absentOn('16', null)->with('16', 60), []];

        yield 'the hours expected on half a holiday' => ['time_on_holiday', 0, $sheet()->with('15', 240), []];
        yield 'more than is expected on a holiday' => ['time_on_holiday', 0, $sheet()->with('15', 241), ['2026-06-15']];

        yield 'the hours expected on half a day of absence' => ['time_on_absence', 0, $sheet()->absentOn('16', 240)->with('16', 240), []];
        yield 'more than is expected on a day of absence' => ['time_on_absence', 0, $sheet()->absentOn('16', 240)->with('16', 241), ['2026-06-16']];

        yield 'billed without a client note' => ['client_note_missing', 0, $sheet()->with('16', 60, isBillable: true), ['FIT 2026-06-16']];
        yield 'billed with a client note' => ['client_note_missing', 0, $sheet()->with('16', 60, isBillable: true, clientNote: 'Lens'), []];
        yield 'not billed' => ['client_note_missing', 0, $sheet()->with('16', 60), []];

        $internal = new CheckedTask(isInternal: true);
        yield 'training without a note' => ['note_missing', 0, $sheet()->with('16', 60, 'OWN TRAIN', $internal), ['TRAIN 2026-06-16']];
        yield 'training with a note' => ['note_missing', 0, $sheet()->with('16', 60, 'OWN TRAIN', $internal, note: 'Ropes'), []];

        yield 'a note as long as it must be' => ['note_short', 5, $sheet()->with('16', 60, note: 'Bolts'), []];
        yield 'a note one shorter' => ['note_short', 5, $sheet()->with('16', 60, note: 'Bolt '), ['FIT 2026-06-16']];
        yield 'the shorter of two notes' => ['note_short', 5, $sheet()->with('16', 60, note: 'Bolts checked', clientNote: 'öüßé'), ['FIT 2026-06-16']];
        yield 'no note is not short' => ['note_short', 5, $sheet()->with('16', 60), []];

        yield 'a closed project' => ['task_closed', 0, $sheet()->with('16', 60, task: new CheckedTask(isClosed: true)), ['FIT 2026-06-16']];
        yield 'on the day a task is done' => ['task_closed', 0, $sheet()->with('16', 60, task: new CheckedTask(doneOn: Day::of('2026-06-16'))), []];
        yield 'the day after' => ['task_closed', 0, $sheet()->with('17', 60, task: new CheckedTask(doneOn: Day::of('2026-06-16'))), ['FIT 2026-06-17']];

        $dated = new CheckedTask(startsOn: Day::of('2026-06-16'), endsOn: Day::of('2026-06-17'));
        yield 'before a task starts' => ['task_not_started', 0, $sheet()->with('15', 60, task: $dated)->with('16', 60, task: $dated), ['FIT 2026-06-15']];
        yield 'after a task was to end' => ['task_ended', 0, $sheet()->with('17', 60, task: $dated)->with('18', 60, task: $dated), ['FIT 2026-06-18']];

        yield 'not assigned' => ['not_assigned', 0, $sheet()->with('16', 60, task: new CheckedTask(isAssigned: false)), ['FIT 2026-06-16']];
        yield 'internal work needs no assignment' => ['not_assigned', 0, $sheet()->with('16', 60, task: new CheckedTask(isInternal: true, isAssigned: false)), []];

        yield 'as much as remained and the limit' => ['more_than_remained', 30, $sheet()->with('16', 60, task: new CheckedTask(over: Minutes::of(30))), []];
        yield 'more than remained, once for the task' => ['more_than_remained', 30, $sheet()->with('16', 60, task: new CheckedTask(over: Minutes::of(31)))->with('17', 60, task: new CheckedTask(over: Minutes::of(31))), ['FIT']];
        yield 'non-project time has no end' => ['more_than_remained', 0, $sheet()->with('16', 60, 'OWN TRAIN', new CheckedTask(isInternal: true, over: Minutes::of(60))), []];
        yield 'nobody holds it' => ['more_than_remained', 0, $sheet()->with('16', 60), []];

        yield 'a budget that is spent' => ['over_budget', 0, $sheet()->with('16', 60, task: new CheckedTask(budgetIsSpent: true)), ['FIT']];

        yield 'as many days ago as the limit' => ['old_time', 28, $sheet()->with('15', 60)->onToday('2026-07-13'), []];
        yield 'a day more' => ['old_time', 28, $sheet()->with('15', 60)->onToday('2026-07-14'), ['FIT 2026-06-15']];

        yield 'spans that agree' => ['spans_differ', 0, $sheet()->with('16', 60)->spanning('16', 60), []];
        yield 'six hours need no break' => ['break_after_six', 30, $sheet()->with('16', 360)->spanning('16', 360), []];
        yield 'more than six hours without a break' => ['break_after_six', 30, $sheet()->with('16', 361)->spanning('16', 361), ['2026-06-16']];
        yield 'a break that is a minute short' => ['break_after_six', 30, $sheet()->with('16', 361)->spanning('16', 361, 29), ['2026-06-16']];
        yield 'a break of just the limit' => ['break_after_six', 30, $sheet()->with('16', 361)->spanning('16', 361, 30), []];
        yield 'nine hours with half an hour' => ['break_after_nine', 45, $sheet()->with('16', 540)->spanning('16', 540, 30), []];
        yield 'more than nine hours with half an hour' => ['break_after_nine', 45, $sheet()->with('16', 541)->spanning('16', 541, 30), ['2026-06-16']];
        yield 'eleven hours of rest' => ['rest_short', 660, $sheet()->with('17', 60)->spanning('16', 780)->spanning('17', 60, 0, 480), []];
        yield 'a minute less' => ['rest_short', 660, $sheet()->with('17', 60)->spanning('16', 780)->spanning('17', 60, 0, 479), ['2026-06-17']];
        yield 'a night shift before a day' => ['rest_short', 660, $sheet()->with('17', 60)->spanning('16', 480, 0, 1320)->spanning('17', 60, 0, 840), ['2026-06-17']];
        yield 'rest since the Sunday before' => ['rest_short', 660, $sheet()->with('15', 60)->spanning('14', 480, 0, 900)->spanning('15', 60, 0, 480), ['2026-06-15']];
        yield 'a free day between' => ['rest_short', 660, $sheet()->with('17', 60)->spanning('15', 900)->spanning('17', 60, 0, 0), []];
        yield 'spans that differ' => ['spans_differ', 0, $sheet()->with('16', 61)->spanning('16', 60), ['2026-06-16']];
        yield 'time without a span' => ['spans_differ', 0, $sheet()->with('16', 61), ['2026-06-16']];

        yield 'the same four days running' => ['same_every_day', 5, $sheet()->with('15', 60)->with('16', 60)->with('17', 60)->with('18', 60), []];
        yield 'the same five days running' => ['same_every_day', 5, $sheet()->everyDay(60), ['FIT']];
        yield 'a day between' => ['same_every_day', 3, $sheet()->with('15', 60)->with('16', 60)->with('18', 60), []];
        yield 'another number between' => ['same_every_day', 3, $sheet()->with('15', 60)->with('16', 61)->with('17', 60), []];
        yield 'on other lines' => ['same_every_day', 3, $sheet()->with('15', 60)->with('16', 60, 'LENS CLEAN')->with('17', 60), []];

        yield 'a required field holds nothing' => ['field_missing', 0, $sheet()->with('16', 60, missingFields: ['Place of work'])->with('17', 60), ['FIT 2026-06-16']];
        yield 'no charge code where the client wants one' => ['charge_code_missing', 0, $sheet()->with('16', 60, lacksChargeCode: true)->with('17', 60), ['FIT 2026-06-16']];
        yield 'recorded by somebody else' => ['recorded_by_another', 0, $sheet()->with('16', 60, recordedBy: 'Lee Tor')->with('17', 60), ['FIT 2026-06-16']];
    }

    public function test_every_rule_has_a_code_of_its_own_and_a_usual_limit_that_it_may_have(): void
    {
        $codes = [];
        foreach (AllRules::list() as $rule) {
            self::assertMatchesRegularExpression('/^[a-z_]+$/', $rule->code());
            $codes[] = $rule->code();
            self::assertTrue($rule->limits()?->includes($rule->limits()->usual) ?? true, $rule->code());
        }

        self::assertSame($codes, array_values(array_unique($codes)));
        $tried = array_unique(array_column(iterator_to_array(self::cases()), 0));
        // Rules on expenses have theirs beside the expenses.
        $ofHours = array_filter($codes, static fn (string $code): bool => AllRules::named($code)?->scope() !== RuleScope::Expenses);
        self::assertEqualsCanonicalizing($ofHours, array_values($tried), 'every rule has its cases');
    }

    public function test_what_concerns_entries_is_found_on_lines_or_cells(): void
    {
        foreach (self::cases() as $name => [$code, $limit, $sheet]) {
            $rule = AllRules::named($code);
            foreach ($rule?->findings($sheet->sheet(), Limit::of($limit)) ?? [] as $found) {
                self::assertSame($rule?->scope() === RuleScope::Entries, $found->place->line !== null, $name);
            }
        }
    }

    private static function place(RuleResult $found): string
    {
        $place = implode(' ', array_filter([$found->place->line?->task, $found->place->day?->toString()]));

        return $place === '' ? 'week' : $place;
    }
}
