<?php

declare(strict_types=1);

namespace App\Features\Appointments\Queries;

use App\Models\Entry;
use App\Models\Person;
use App\Models\Stretch;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Files\Calendar\TimedEvent;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Moss\Core\Time\Minutes;

/** A person's recorded time as events: by the clock where it has times, else as hours of a day. In two queries. */
final readonly class RecordedTimeEvents
{
    private const DAYS = 366;

    public function __construct(private Today $today)
    {
    }

    /** @return list<TimedEvent> */
    public function of(Person $person): array
    {
        $since = $this->today->for($person)->plusDays(-self::DAYS)->toString();
        $zone = new DateTimeZone($person->timezone ?? 'UTC');
        $timed = [];
        $events = [];
        foreach (Record::all(self::named(Stretch::query()->toBase(), 'stretches', $person, $since)->where('is_inked', 1)->addSelect('stretches.starts_at', 'stretches.ends_at')->orderBy('stretches.starts_at')) as $row) {
            $key = self::key($row);
            $timed[$key] = ($timed[$key] ?? 0) + $row->int('ends_at') - $row->int('starts_at');
            $at = static fn (int $minute): DateTimeImmutable => (new DateTimeImmutable($row->string('date'), $zone))->setTime(intdiv($minute, 60), $minute % 60);
            $uid = 'stretch-'.$row->int('id').'@moss-week';
            $events[] = new TimedEvent($uid, $uid, self::title($row), false, $at($row->int('starts_at')), $at($row->int('ends_at')), false);
        }
        foreach (Record::all(self::named(Entry::query()->toBase(), 'entries', $person, $since)->whereNull('corrects')->addSelect('entries.minutes')) as $row) {
            $left = $row->int('minutes') - ($timed[self::key($row)] ?? 0);
            if ($left > 0) {
                $day = new DateTimeImmutable($row->string('date'), $zone);
                $uid = 'entry-'.$row->int('id').'@moss-week';
                $events[] = new TimedEvent($uid, $uid, Wording::hours(Minutes::of($left), $person).' '.self::title($row), false, $day, $day->modify('+1 day'), true);
            }
        }

        return $events;
    }

    /** @param  literal-string  $table */
    private static function named(Builder $query, string $table, Person $person, string $since): Builder
    {
        return $query->join('tasks', 'tasks.id', $table.'.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->where($table.'.person_id', $person->id)->where($table.'.date', '>=', $since)->orderBy($table.'.date')
            ->select($table.'.id', $table.'.date', $table.'.task_id', $table.'.role_id', 'tasks.name AS task', 'projects.name AS project');
    }

    private static function key(Record $row): string
    {
        return $row->string('date').' '.$row->int('task_id').' '.($row->intOrNull('role_id') ?? 0);
    }

    private static function title(Record $row): string
    {
        return $row->string('task').' · '.$row->string('project');
    }
}
