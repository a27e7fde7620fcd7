<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Features\Appointments\Feeds\CalendarFeed;
use App\Features\Appointments\Feeds\FeedFailed;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Stretch;
use App\Support\Clock\Today;
use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Files\Calendar\TimedEvent;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Reads a calendar: what is new is pencilled, what was moved is moved unless its person changed it, what is gone goes unless it was
 * inked. The same calendar again changes nothing.
 */
final readonly class ReadCalendar
{
    public function __construct(private CalendarFeed $feed, private PencilAppointments $pencil, private Today $today)
    {
    }

    /** Asks the address of a calendar; what goes wrong is stored with it. */
    public function handle(AppointmentCalendar $calendar): void
    {
        $asked = $this->today->now()->format(AppointmentWindow::INSTANT);
        try {
            $answer = $this->feed->read($calendar->address ?? '', $calendar->version);
            if ($answer->text !== null) {
                $this->take($calendar, $answer->text);
            } else {
                // Nothing is new there, but something may have been learnt.
                $this->pencil->handle($calendar->person, []);
            }
            $calendar->update(['asked_at' => $asked, 'read_at' => $asked, 'version' => $answer->version, 'failure' => '']);
        } catch (FeedFailed $failed) {
            $calendar->update(['asked_at' => $asked, 'failure' => $failed->key]);
        } catch (CalendarFileUnreadable) {
            $calendar->update(['asked_at' => $asked, 'failure' => 'unreadable', 'version' => '']);
        }
    }

    /**
     * Takes what a calendar says.
     *
     * @return int how many times of appointments it has around today
     *
     * @throws CalendarFileUnreadable
     */
    public function take(AppointmentCalendar $calendar, string $text): int
    {
        $window = AppointmentWindow::around($this->today->now());
        $events = Collection::make(TimedCalendarFile::read($text, $window->from, $window->to, new DateTimeZone($calendar->person->timezone ?? 'UTC')))
            ->keyBy(static fn (TimedEvent $event): string => $event->uid);
        DB::transaction(function () use ($calendar, $events, $window): void {
            $known = Appointment::query()->where('appointment_calendar_id', $calendar->id)
                ->where(static fn (Builder $either): Builder => $either->whereIn('uid', $events->keys()->all())->orWhereBetween('starts_at', [$window->from->format(AppointmentWindow::INSTANT), $window->to->format(AppointmentWindow::INSTANT)]))
                ->get()->keyBy('uid');
            $this->forget(array_values($known->diffKeys($events)->modelKeys()));
            $this->pencil->handle($calendar->person, $this->store($calendar, $events, $known));
        });

        return $events->count();
    }

    /**
     * @param  Collection<string, TimedEvent>  $events
     * @param  Collection<(int|string), Appointment>  $known
     * @return list<int> appointments that are new or were moved
     */
    private function store(AppointmentCalendar $calendar, Collection $events, Collection $known): array
    {
        [$new, $changed, $moved] = [[], [], []];
        foreach ($events as $uid => $event) {
            $row = [
                'series' => $event->series, 'title' => $event->summary, 'is_private' => $event->isPrivate, 'is_all_day' => $event->isAllDay, 'guests' => $event->guests,
                'starts_at' => $event->starts->setTimezone(new DateTimeZone('UTC'))->format(AppointmentWindow::INSTANT), 'ends_at' => $event->ends->setTimezone(new DateTimeZone('UTC'))->format(AppointmentWindow::INSTANT),
            ];
            $before = $known->get($uid);
            if ($before === null) {
                $new[] = (new Appointment($row + ['appointment_calendar_id' => $calendar->id, 'person_id' => $calendar->person_id, 'uid' => $uid, 'is_left_out' => false]))->getAttributes();
            } elseif ($before->fill($row)->isDirty()) {
                $moved = $before->isDirty('starts_at', 'ends_at', 'is_all_day') ? [...$moved, $before->id] : $moved;
                $changed[] = $before->getAttributes();
            }
        }
        foreach (array_chunk($new, 500) as $part) {
            Appointment::query()->insert($part);
        }
        foreach (array_chunk($changed, 500) as $part) {
            Appointment::query()->upsert($part, ['id'], ['series', 'title', 'is_private', 'is_all_day', 'guests', 'starts_at', 'ends_at']);
        }
        // What was not touched lies where the appointment lay.
        Stretch::query()->whereIntegerInRaw('appointment_id', $moved)->where('is_inked', false)->where('version', 1)->delete();
        $stay = Stretch::query()->whereIntegerInRaw('appointment_id', $moved)->get()->map(static fn (Stretch $one): int => $one->appointment_id ?? 0)->all();
        $added = Appointment::query()->where('appointment_calendar_id', $calendar->id)->whereIn('uid', array_column($new, 'uid'))->pluck('id')->all();

        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, [...$added, ...array_diff($moved, $stay)]));
    }

    /** @param  list<int>  $gone */
    private function forget(array $gone): void
    {
        Stretch::query()->whereIntegerInRaw('appointment_id', $gone)->where('is_inked', false)->delete();
        $inked = Stretch::query()->whereIntegerInRaw('appointment_id', $gone)->get()->map(static fn (Stretch $one): int => $one->appointment_id ?? 0)->all();
        Appointment::query()->whereIntegerInRaw('id', array_values(array_diff($gone, $inked)))->delete();
    }
}
