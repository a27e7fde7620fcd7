<?php

declare(strict_types=1);

namespace App\Features\Appointments\Queries;

use App\Features\Appointments\Actions\AppointmentWindow;
use App\Features\Appointments\Props\AppointmentCalendarProps;
use App\Features\Appointments\Props\AppointmentsProps;
use App\Features\Appointments\Props\LeftOutSeriesProps;
use App\Features\Appointments\Props\PlaceProps;
use App\Features\Appointments\Props\UnplacedAppointmentProps;
use App\Features\Week\Queries\KnownTasks;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\LeftOutSeries;
use App\Models\Person;
use App\Models\Stretch;
use App\Models\TimeFeed;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\Week;

/** What the page of appointments shows; in a fixed number of queries. */
final readonly class AppointmentsPage
{
    /** Days around today in which appointments without a task are listed. */
    private const BACK = 14;

    private const AHEAD = 7;

    private const MOST = 100;

    public function __construct(private RecordableTasks $tasks, private Today $today)
    {
    }

    /** @param  string|null  $feed  the private address, where it has just been made */
    public function of(Person $owner, ?string $feed): AppointmentsProps
    {
        $week = Week::containing($this->today->for($owner));
        $tasks = [];
        foreach (KnownTasks::of($owner, $week, $this->tasks)->search()->find([]) as $found) {
            $task = $found->task;
            $tasks[] = new PlaceProps((string) $task->id, $task->projectName.' · '.$task->taskName);
        }

        return new AppointmentsProps(
            array_values(AppointmentCalendar::query()->where('person_id', $owner->id)->orderBy('name')->orderBy('id')->get()->map(static fn (AppointmentCalendar $one): AppointmentCalendarProps => new AppointmentCalendarProps(
                $one->id, $one->name, $one->address, $one->notes_titles, $one->read_at, $one->failure === '' ? null : Wording::of('appointments.failure.'.$one->failure),
            ))->all()),
            $this->unplaced($owner),
            Stretch::query()->toBase()->where('person_id', $owner->id)->where('is_inked', 0)->whereNotNull('appointment_id')->distinct()->count('appointment_id'),
            $tasks,
            array_values(LeftOutSeries::query()->where('person_id', $owner->id)->orderBy('title')->get()->map(static fn (LeftOutSeries $one): LeftOutSeriesProps => new LeftOutSeriesProps($one->id, $one->title))->all()),
            $week->toString(),
            TimeFeed::query()->where('person_id', $owner->id)->exists(),
            $feed,
        );
    }

    /** @return list<UnplacedAppointmentProps> */
    private function unplaced(Person $owner): array
    {
        $now = $this->today->now();
        $zone = new DateTimeZone($owner->timezone ?? 'UTC');
        $appointments = Appointment::query()->where('person_id', $owner->id)->where('is_left_out', false)
            ->whereBetween('starts_at', [$now->modify('-'.self::BACK.' days')->format(AppointmentWindow::INSTANT), $now->modify('+'.self::AHEAD.' days')->format(AppointmentWindow::INSTANT)])
            ->whereNotExists(Stretch::query()->whereColumn('stretches.appointment_id', 'appointments.id')->toBase())
            ->where(static fn (Builder $timed): Builder => $timed->where('is_all_day', true)->orWhereColumn('ends_at', '>', 'starts_at'))
            ->whereNotIn('series', LeftOutSeries::query()->where('person_id', $owner->id)->select('series'))
            ->orderBy('starts_at')->orderBy('id')->limit(self::MOST)->get();

        return array_values($appointments->map(static function (Appointment $one) use ($zone): UnplacedAppointmentProps {
            $starts = (new DateTimeImmutable($one->starts_at))->setTimezone($zone);
            $ends = (new DateTimeImmutable($one->ends_at))->setTimezone($zone);
            $minute = static fn (DateTimeImmutable $at): int => (int) $at->format('G') * 60 + (int) $at->format('i');

            return new UnplacedAppointmentProps($one->id, $one->title, $starts->format('Y-m-d'), $one->is_all_day ? null : $minute($starts), $one->is_all_day ? null : $minute($ends));
        })->all());
    }
}
