<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Holiday as HolidayModel;
use App\Models\Organisation;
use App\Support\Database\Record;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;

/**
 * Work patterns and holidays of the organisation and its people, read in two queries.
 */
final class WorkingTime
{
    /** @var array<string, Capacity> by pattern and calendar, since people share them */
    private array $capacities = [];

    /** @param  array<int, HolidayCalendar>  $calendars  by id */
    private function __construct(private readonly Organisation $organisation, private readonly array $calendars)
    {
    }

    public static function load(): self
    {
        $holidays = [];
        foreach (Record::all(HolidayModel::query()->toBase()->select('calendar_id', 'date', 'name', 'part')) as $record) {
            $holidays[$record->int('calendar_id')][] = Holiday::on(Day::of($record->string('date')), $record->string('name'), $record->string('part'));
        }

        return new self(Organisation::query()->sole(), array_map(HolidayCalendar::of(...), $holidays));
    }

    public function organisation(): Organisation
    {
        return $this->organisation;
    }

    /** What the organisation's days hold: for teams, and for hours that nobody is assigned to. */
    public function ofOrganisation(): Capacity
    {
        return $this->capacity(null, null);
    }

    /** What a person's days hold; pattern and calendar are the organisation's where they have none. */
    public function capacity(?string $pattern, ?int $calendar): Capacity
    {
        return $this->capacities[$pattern.'/'.$calendar] ??= new Capacity(WorkPattern::of($pattern ?? $this->organisation->pattern), $this->holidays($calendar));
    }

    public function holidays(?int $calendar): HolidayCalendar
    {
        return $this->calendars[$calendar ?? $this->organisation->calendar_id ?? 0] ?? HolidayCalendar::empty();
    }
}
