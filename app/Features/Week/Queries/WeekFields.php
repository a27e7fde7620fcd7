<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Person;
use App\OwnFields\OwnFieldList;
use App\OwnFields\Props\OwnFieldProps;
use Moss\Core\Calendar\Week;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** What lines of a week have beside hours and notes: own fields of their entries, and charge codes that were chosen. In at most three queries; in none where the organisation has neither. */
final readonly class WeekFields
{
    /** @param  array<string, string>  $chosen  charge codes by line */
    private function __construct(private OwnFieldList $fields, private ?string $team, private Week $week, private array $chosen)
    {
    }

    public static function load(Person $owner, SheetRecords $records): self
    {
        $hasFields = array_filter($records->tasks, static fn (SheetTask $task): bool => $task->hasOwnFields) !== [];
        $fields = $hasFields ? OwnFieldList::of(FieldSubject::Entry) : OwnFieldList::none();
        $isOfTeams = array_filter($fields->fields(), static fn (OwnField $field): bool => $field->team !== null) !== [];
        $choosing = array_keys(array_filter($records->tasks, static fn (SheetTask $task): bool => $task->composesChargeCodes));

        return new self($fields, $isOfTeams ? $owner->team?->code : null, $records->week, ChosenChargeCodes::of($owner, $choosing));
    }

    /** @return list<OwnFieldProps> that are asked anywhere in the week */
    public function props(): array
    {
        $asked = [];
        foreach ($this->fields->fields() as $field) {
            if ($field->asks($this->week->sunday(), $this->team, $field->client)) {
                $asked[] = $field->code;
            }
        }

        return array_values(array_filter($this->fields->props(), static fn (OwnFieldProps $field): bool => in_array($field->code, $asked, true)));
    }

    /** @return list<string> codes of the fields that are asked on a task */
    public function askedOn(SheetTask $task): array
    {
        return array_values(array_map(static fn (OwnField $field): string => $field->code, $this->fields->asked($this->week->sunday(), $this->team, $task->client)->fields()));
    }

    /**
     * The charge code of a line: those of its entries, else the one that was chosen, else that of its task.
     *
     * @param  array<string, list<InkedEntry>>  $entries  by day
     */
    public function chargeCodeOf(string $line, SheetTask $task, array $entries): ?string
    {
        $codes = [];
        foreach (array_merge(...array_values($entries)) as $entry) {
            $codes[] = $entry->chargeCode ?? $task->chargeCode;
        }
        $codes = array_unique(array_filter($codes, static fn (?string $code): bool => $code !== null));

        return $codes === [] ? $this->chosen[$line] ?? $task->chargeCode : implode(', ', $codes);
    }
}
