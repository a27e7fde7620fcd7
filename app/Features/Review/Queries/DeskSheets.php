<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Features\HouseRules\Props\FindingProps;
use App\Features\HouseRules\Queries\FindingText;
use App\Features\Review\Props\AnswerProps;
use App\Features\Review\Props\WaitingSheetProps;
use App\Models\Entry;
use App\Models\Person;
use App\Pay\PayText;
use App\Pay\PayWeeks;
use App\Policies\WholeWeeks;
use App\Sheet\ExpectedDaysOfMany;
use App\Sheet\LineKey;
use App\Sheet\PersonWorkTime;
use App\Sheet\Props\DayProps;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use App\Support\Language\TextValues;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\Severity;

/** The sheets of which something waits, a page at a time, with what was found in them; in a fixed number of queries. */
final readonly class DeskSheets
{
    public function __construct(private Waiting $waiting, private WaitingLines $lines)
    {
    }

    public function count(Person $approver, Day $today, DeskFilter $filter): int
    {
        $sheets = $filter->narrow($this->waiting->for($approver, $today))->distinct()->select('entries.person_id', Sql::monday('entries.date', 'monday'));

        return Record::all(DB::query()->fromSub($sheets, 'timesheets')->addSelect(Sql::count('sheets')))[0]->int('sheets');
    }

    /** @return list<WaitingSheetProps> those that need attention first, then the oldest */
    public function of(Person $approver, Day $today, DeskFilter $filter, int $page): array
    {
        $sheets = Rows::of(WaitingWeek::class, $filter->narrow($this->waiting->for($approver, $today))
            ->select('entries.person_id', Sql::monday('entries.date', 'monday'), 'people.name')
            ->groupBy('entries.person_id', 'monday')->orderByRaw('sum(entries.needs_attention) > 0 DESC, monday, people.name')
            ->offset(($page - 1) * ReviewDesk::SHEETS_AT_ONCE)->limit(ReviewDesk::SHEETS_AT_ONCE));
        if ($sheets === []) {
            return [];
        }
        $weeks = array_map(static fn (WaitingWeek $sheet): Week => Week::containing($sheet->monday), $sheets);
        $ids = array_values(array_unique(array_map(static fn (WaitingWeek $sheet): int => $sheet->personId, $sheets)));
        $people = Person::query()->whereIntegerInRaw('id', $ids)->get()->keyBy('id');
        $expected = ExpectedDaysOfMany::load(array_map(PersonWorkTime::of(...), array_values($people->all())), $weeks);
        $paid = PayWeeks::of(array_combine(array_map(static fn (WaitingWeek $sheet): string => $sheet->key(), $sheets), array_map(static fn (WaitingWeek $sheet, Week $week): array => [$sheet->personId, $week], $sheets, $weeks)));
        $lines = $this->lines->of($approver, $today, $filter, $sheets, $paid);
        $entered = $this->entered($sheets);
        $whole = WholeWeeks::among($approver, $ids);
        $findings = $this->findings($sheets, $weeks, $approver, $whole);
        $answers = $this->answers($sheets, $weeks);
        $props = [];
        foreach ($sheets as $index => $sheet) {
            $owner = $people[$sheet->personId] ?? null;
            $waiting = $lines[$sheet->key()] ?? null;
            if ($owner !== null && $waiting !== null) {
                $isWhole = isset($whole[$owner->id]);
                $props[] = $this->sheet($owner, $weeks[$index], $isWhole, $expected->props(PersonWorkTime::of($owner), $weeks[$index], $today, $isWhole), $waiting, $isWhole ? $entered[$sheet->key()] ?? 0 : $waiting->minutes, $findings[$sheet->key()] ?? [], $answers[$sheet->key()] ?? [], $isWhole && isset($paid[$sheet->key()]) ? PayText::sentence($paid[$sheet->key()], $approver) : '');
            }
        }

        return $props;
    }

    /**
     * @param  list<DayProps>  $days
     * @param  list<FindingProps>  $findings
     * @param  list<AnswerProps>  $answers
     */
    private function sheet(Person $owner, Week $week, bool $isWhole, array $days, WaitingLinesOfSheet $waiting, int $entered, array $findings, array $answers, string $pay): WaitingSheetProps
    {
        return new WaitingSheetProps(
            $owner->code.' '.$week->toString(),
            $owner->code,
            $owner->name,
            $week->toString(),
            $week->number(),
            $isWhole,
            array_sum(array_map(static fn (DayProps $day): int => $day->expected ?? 0, $days)),
            $entered,
            $waiting->minutes,
            $days,
            $waiting->lines,
            array_values(array_filter($findings, static fn (FindingProps $finding): bool => $waiting->concerns($finding))),
            $answers,
            $waiting->fields,
            $pay,
            $waiting->standingInFor,
        );
    }

    /**
     * @param  list<WaitingWeek>  $sheets
     * @return array<string, int> minutes by sheet
     */
    private function entered(array $sheets): array
    {
        $query = Entry::query()->toBase()->select('entries.person_id', Sql::monday('entries.date', 'monday'), Sql::sum('entries.minutes', 'minutes'))
            ->where(static function (Builder $any) use ($sheets): void {
                foreach ($sheets as $sheet) {
                    $any->orWhere(static fn (Builder $one): Builder => $one->where('entries.person_id', $sheet->personId)
                        ->whereBetween('entries.date', [$sheet->monday, $sheet->monday->plusDays(6)]));
                }
            })->groupBy('entries.person_id', 'monday');
        $entered = [];
        foreach (Record::all($query) as $record) {
            $entered[$record->string('person_id').' '.$record->string('monday')] = $record->int('minutes');
        }

        return $entered;
    }

    /**
     * @param  list<WaitingWeek>  $sheets
     * @param  list<Week>  $weeks
     * @param  array<int, true>  $whole  people whose whole week the reader may see
     * @return array<string, list<FindingProps>> by sheet
     */
    private function findings(array $sheets, array $weeks, Person $reader, array $whole): array
    {
        $found = [];
        foreach (Record::all($this->ofSheets('findings', $sheets, $weeks)->orderBy('id')) as $record) {
            $task = $record->intOrNull('task_id');
            $values = TextValues::read($record->string('text_values'));
            if (isset($values['absence']) && ! isset($whole[$record->int('person_id')])) {
                $values['absence'] = Wording::refusal('an_absence');
            }
            $found[$record->int('person_id').' '.$record->string('week')][] = new FindingProps(
                $record->string('week'),
                $record->string('rule'),
                Severity::from($record->string('severity')),
                $task === null ? null : LineKey::of($task, $record->intOrNull('role_id')),
                $record->stringOrNull('date'),
                FindingText::what($record->string('rule'), $values, $reader),
                FindingText::cure($record->string('rule')),
                $record->string('explanation'),
            );
        }

        return self::byMonday($found);
    }

    /**
     * @param  list<WaitingWeek>  $sheets
     * @param  list<Week>  $weeks
     * @return array<string, list<AnswerProps>> by sheet
     */
    private function answers(array $sheets, array $weeks): array
    {
        $answers = [];
        foreach (Record::all($this->ofSheets('answers', $sheets, $weeks)->join('questions', 'questions.id', 'answers.question_id')
            ->addSelect('answers.person_id', 'answers.week', 'answers.answer', 'questions.wording')->orderBy('questions.id')) as $record) {
            $answers[$record->int('person_id').' '.$record->string('week')][] = new AnswerProps($record->string('wording'), $record->string('answer'));
        }

        return self::byMonday($answers);
    }

    /**
     * @param  list<WaitingWeek>  $sheets
     * @param  list<Week>  $weeks
     */
    private function ofSheets(string $table, array $sheets, array $weeks): Builder
    {
        return DB::table($table)->where(static function (Builder $any) use ($sheets, $weeks): void {
            foreach ($sheets as $index => $sheet) {
                $any->orWhere(static fn (Builder $one): Builder => $one->where('person_id', $sheet->personId)->where('week', $weeks[$index]->toString()));
            }
        });
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $byWeek
     * @return array<string, T> the same by sheet
     */
    private static function byMonday(array $byWeek): array
    {
        $bySheet = [];
        foreach ($byWeek as $key => $value) {
            [$person, $week] = explode(' ', $key);
            $bySheet[$person.' '.Week::of($week)->monday()->toString()] = $value;
        }

        return $bySheet;
    }
}
