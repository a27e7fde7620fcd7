<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Models\FindingExplanation;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Database\Record;
use Closure;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/** What the house rules find in the weeks of any number of people, in a fixed number of queries. */
final readonly class SheetFindings
{
    /** @param  array<string, array<string, string>>  $explanations  by person and week, then by place */
    private function __construct(private SheetsToCheck $sheets, private HouseRules $rules, private array $explanations)
    {
    }

    /** @param  list<Person>  $people */
    public static function load(array $people, DayRange $days): self
    {
        return new self(SheetsToCheck::load($people, $days), RulesInForce::load(), self::explanations($people));
    }

    /** What is found while a week is being written: in all that is open. */
    public static function whileWriting(Person $owner, Week $week, Day $today): WeekFindings
    {
        return self::load([$owner], $week->days())->of($owner, $week, $today, false, static fn (EntryToCheck $entry): bool => $entry->state->isOpen());
    }

    /**
     * @param  bool  $isWhole  whether the whole week is being submitted
     * @param  Closure(EntryToCheck): bool  $inQuestion  which entries are to be checked
     */
    public function of(Person $owner, Week $week, Day $today, bool $isWhole, Closure $inQuestion): WeekFindings
    {
        $sheet = $this->sheets->sheet($owner, $week, $today, $isWhole, $inQuestion);

        $asksForSpans = false;
        foreach ([RuleCode::SpansDiffer, RuleCode::BreakAfterSix, RuleCode::BreakAfterNine, RuleCode::RestShort] as $rule) {
            $asksForSpans = $asksForSpans || $this->rules->severity($rule->value, $week->sunday(), $sheet->team, null) !== Severity::Off;
        }

        return WeekFindings::of($sheet, $asksForSpans, $this->rules->check($sheet), $this->sheets->entriesOf($owner, $week), $this->explanations[$owner->id.' '.$week->toString()] ?? []);
    }

    /**
     * @param  list<Person>  $people
     * @return array<string, array<string, string>>
     */
    private static function explanations(array $people): array
    {
        $explanations = [];
        $ids = array_map(static fn (Person $person): int => $person->id, $people);
        foreach (Record::all(FindingExplanation::query()->toBase()->whereIntegerInRaw('person_id', $ids)) as $record) {
            $task = $record->intOrNull('task_id');
            $line = $task === null ? null : LineKey::of($task, $record->intOrNull('role_id'));
            $place = WeekFindings::place($record->string('rule'), $line, $record->stringOrNull('date'));
            $explanations[$record->int('person_id').' '.$record->string('week')][$place] = $record->string('explanation');
        }

        return $explanations;
    }
}
