<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\EmploymentBreaks;

/** What of a person says how many hours their days ask: a model would take far longer where thousands are asked for at once. */
final readonly class PersonWorkTime
{
    /** Columns from which it is made as a row. */
    public const COLUMNS = ['people.id', 'people.pattern', 'people.calendar_id', 'people.starts_on', 'people.ends_on', 'people.employment_breaks'];

    /**
     * @param  string|null  $pattern  null, like the calendar, for that of the organisation
     * @param  string|null  $employmentBreaks  days between two stretches of employment
     */
    public function __construct(
        public int $id,
        public ?string $pattern,
        public ?int $calendarId,
        private ?Day $startsOn,
        private ?Day $endsOn,
        private ?string $employmentBreaks,
    ) {
    }

    public static function of(Person $person): self
    {
        return new self($person->id, $person->pattern, $person->calendar_id, $person->starts_on, $person->ends_on, $person->employment_breaks);
    }

    public function employment(): Employment
    {
        return new Employment($this->startsOn, $this->endsOn, $this->employmentBreaks === null ? null : EmploymentBreaks::of($this->employmentBreaks));
    }

    /** Whether the person is employed throughout, as far as anybody knows. */
    public function isEmployedThroughout(): bool
    {
        return $this->startsOn === null && $this->endsOn === null && $this->employmentBreaks === null;
    }
}
