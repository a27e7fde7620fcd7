<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\HouseRules\Props\FindingProps;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Language\TextValues;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\Finding;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Sheet\Line;

/** What the house rules find in one week of one person, with the explanations given on it. */
final readonly class WeekFindings
{
    /**
     * @param  bool  $asksForSpans  whether a rule wants to know start, end and break of days
     * @param  list<Finding>  $findings
     * @param  list<EntryToCheck>  $entries  of the week, in the order of those of the sheet
     * @param  array<string, array{int, int|null}>  $lines  task and role by the core's line
     * @param  array<string, string>  $explanations  by place
     */
    private function __construct(private CheckedSheet $sheet, public bool $asksForSpans, public array $findings, public array $entries, private array $lines, private array $explanations)
    {
    }

    /**
     * @param  bool  $asksForSpans  whether a rule wants to know start, end and break of days
     * @param  list<Finding>  $findings
     * @param  list<EntryToCheck>  $entries  of the week, in the order of those of the sheet
     * @param  array<string, string>  $explanations  by place
     */
    public static function of(CheckedSheet $sheet, bool $asksForSpans, array $findings, array $entries, array $explanations): self
    {
        $lines = [];
        foreach ($entries as $entry) {
            $lines[$entry->line()->key()] = [$entry->taskId, $entry->roleId];
        }

        return new self($sheet, $asksForSpans, $findings, $entries, $lines, $explanations);
    }

    /** @return list<FindingProps> */
    public function props(Person $reader): array
    {
        return array_map(fn (Finding $finding): FindingProps => new FindingProps(
            $this->sheet->week->toString(),
            $finding->rule,
            $finding->severity,
            $this->lineKey($finding->place->line),
            $finding->place->day?->toString(),
            FindingText::what($finding->rule, $finding->values, $reader),
            FindingText::cure($finding->rule),
            $this->explanation($finding),
        ), $this->findings);
    }

    /** @return list<Finding> those that block, or ask and were not answered */
    public function standingInTheWay(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding): bool => $finding->severity === Severity::Blocking
            || ($finding->severity === Severity::NeedsExplanation && $this->explanation($finding) === '')));
    }

    /** @return array<int, bool> whether each entry in question needs attention, by id */
    public function needingALook(): array
    {
        $needing = [];
        foreach ($this->sheet->entries as $index => $entry) {
            if (! $entry->isInQuestion) {
                continue;
            }
            $id = $this->entries[$index]->id;
            $needing[$id] = false;
            foreach ($this->findings as $finding) {
                $needing[$id] = $needing[$id] || ($finding->severity->needsAttention() && $finding->place->covers($entry->line, $entry->day));
            }
        }

        return $needing;
    }

    /** @return list<array<string, string|int|null>> as they are stored */
    public function rows(Person $owner): array
    {
        return array_map(function (Finding $finding) use ($owner): array {
            [$task, $role] = $finding->place->line === null ? [null, null] : $this->lines[$finding->place->line->key()];

            return [
                'person_id' => $owner->id,
                'week' => $this->sheet->week->toString(),
                'rule' => $finding->rule,
                'severity' => $finding->severity->value,
                'task_id' => $task,
                'role_id' => $role,
                'date' => $finding->place->day?->toString(),
                'text_values' => TextValues::stored($finding->values),
                'explanation' => $this->explanation($finding),
            ];
        }, $this->findings);
    }

    private function explanation(Finding $finding): string
    {
        return $this->explanations[self::place($finding->rule, $this->lineKey($finding->place->line), $finding->place->day?->toString())] ?? '';
    }

    private function lineKey(?Line $line): ?string
    {
        return $line === null ? null : LineKey::of(...$this->lines[$line->key()]);
    }

    /** The place of an explanation. */
    public static function place(string $rule, ?string $line, ?string $date): string
    {
        return $rule.' '.$line.' '.$date;
    }
}
