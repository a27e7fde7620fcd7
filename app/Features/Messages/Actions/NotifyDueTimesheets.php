<?php

declare(strict_types=1);

namespace App\Features\Messages\Actions;

use App\Features\Messages\Jobs\MailPerson;
use App\Features\NotSubmitted\Actions\UnsubmittedTimesheet;
use App\Features\NotSubmitted\Queries\TimesheetOwner;
use App\Features\NotSubmitted\Queries\TimesheetSubmissions;
use App\Models\Access;
use App\Models\Entry;
use App\Models\Message;
use App\Models\MessagePreferences;
use App\Models\Organisation;
use App\Models\Person;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Sheet\TimesheetSetting;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Time\Minutes;

/**
 * Tells people which timesheets are due or late, and lets each be mailed in the parts of their own day that they chose: the
 * morning's mail, and the day reminder at its end. Run as often as one likes, it tells and mails everything once.
 */
final readonly class NotifyDueTimesheets
{
    private const PEOPLE_AT_ONCE = 500;

    /** Timesheets that are later than that are left to whoever looks after them. */
    private const WEEKS_BACK = 6;

    public function __construct(private NotifyPeople $notify)
    {
    }

    /** @return int how many people may have mail */
    public function handle(DateTimeImmutable $now): int
    {
        $due = max(0, Organisation::query()->sole()->week_due);
        $count = 0;
        foreach (array_chunk(self::whoseTurn($now), self::PEOPLE_AT_ONCE, true) as $slots) {
            $people = Person::query()->with('team')->whereKey(array_keys($slots))->orderBy('id')->get();
            $count += $this->tellSome(array_values($people->map(static fn (Person $person): array => [$person, $slots[$person->id]])->all()), $due);
        }

        return $count;
    }

    /**
     * Of everybody, so that only those are looked at who may be told something now.
     *
     * @return array<int, MailSlot> by person
     */
    private static function whoseTurn(DateTimeImmutable $now): array
    {
        $turns = [];
        // Many live in the same zone and want to be told at the same hours.
        $alike = [];
        foreach (StreamedRows::of(Person::query()->toBase()->where('access', '<>', Access::Viewer->value)->select('id', 'timezone', 'messages', 'mailed_in')->orderBy('id')) as $row) {
            /** @var array{int, string|null, string|null, string|null} $row */
            [$person, $timezone, $messages, $mailedIn] = $row;
            $key = $timezone.' '.$messages;
            $alike[$key] ??= [self::turn($timezone, MessagePreferences::read($messages), $now)];
            [$turn] = $alike[$key];
            if ($turn !== null && $mailedIn !== $turn->key()) {
                $turns[$person] = $turn;
            }
        }

        return $turns;
    }

    /**
     * @param  list<array{Person, MailSlot}>  $all
     * @param  int<0, max>  $due
     */
    private function tellSome(array $all, int $due): int
    {
        $turns = array_values(array_filter($all, static fn (array $one): bool => $one[0]->employment()->includes($one[1]->day) && $one[0]->hasAccess($one[1]->day)));
        if ($turns === []) {
            return 0;
        }
        $days = array_map(static fn (array $one): string => $one[1]->day->toString(), $turns);
        $last = Week::containing(Day::of(max($days)));
        $weeks = [Week::containing(Day::of(min($days)))->plusWeeks(-self::WEEKS_BACK)];
        while ($weeks[count($weeks) - 1]->monday()->isBefore($last->monday())) {
            $weeks[] = $weeks[count($weeks) - 1]->plusWeeks(1);
        }
        $submissions = TimesheetSubmissions::load(array_map(static fn (array $one): TimesheetOwner => TimesheetOwner::of($one[0]), $turns), $weeks);
        $begun = self::begun(array_map(static fn (array $one): int => $one[0]->id, $turns));
        DB::transaction(function () use ($turns, $submissions, $weeks, $due, $begun): void {
            $notices = [];
            foreach ($turns as [$person, $turn]) {
                // Weeks before somebody began, with us or with recording here, are nobody's.
                $first = $person->starts_on ?? (isset($begun[$person->id]) ? Day::of($begun[$person->id]) : $turn->day->plusDays(-7));
                $since = array_values(array_filter(self::timesheets($person, $weeks), static fn (DayRange $timesheet): bool => ! $timesheet->last()->isBefore($first)));
                array_push($notices, ...self::notices($person, $turn->day, $submissions, $since, $due));
            }
            $this->notify->of($notices);
        });

        return $this->letMail($turns, $submissions);
    }

    /**
     * @param  list<int>  $people
     * @return array<int, string> the first day on which each has recorded anything
     */
    private static function begun(array $people): array
    {
        $begun = [];
        foreach (Record::all(Entry::query()->toBase()->whereIntegerInRaw('person_id', $people)->groupBy('person_id')->select('person_id', Sql::min('date', 'first'))) as $record) {
            $begun[$record->int('person_id')] = $record->string('first');
        }

        return $begun;
    }

    /**
     * @param  list<DayRange>  $timesheets
     * @param  int<0, max>  $due
     * @return list<Notice> of those that are late, on every working day; and of the one that is due, on the last working day before
     */
    private static function notices(Person $person, Day $today, TimesheetSubmissions $submissions, array $timesheets, int $due): array
    {
        if (self::expected($submissions, $person, $today)->isZero()) {
            return [];
        }
        $notices = [];
        foreach ($timesheets as $timesheet) {
            $dueOn = TimesheetSubmission::dueOn($timesheet, $due);
            $status = $submissions->of($person->id, $timesheet);
            if (! $status->isDone() && ($today->isAfter($dueOn) || $today->equals(self::lastWorkingDay($submissions, $person, $dueOn)))) {
                $notices[] = UnsubmittedTimesheet::notice($person->id, $timesheet, $dueOn, $status, $today);
            }
        }

        return $notices;
    }

    /**
     * @param  list<Week>  $weeks
     * @return list<DayRange> the person's timesheets that end in them
     */
    private static function timesheets(Person $person, array $weeks): array
    {
        $setting = TimesheetSetting::of($person);

        return array_values(array_filter(array_map($setting->endingIn(...), $weeks)));
    }

    private static function lastWorkingDay(TimesheetSubmissions $submissions, Person $person, Day $day): Day
    {
        for ($back = 0; $back < 7; $back++) {
            if (! self::expected($submissions, $person, $day->plusDays(-$back))->isZero()) {
                return $day->plusDays(-$back);
            }
        }

        return $day;
    }

    private static function expected(TimesheetSubmissions $submissions, Person $person, Day $day): Minutes
    {
        return $submissions->expectedOn($person->id, $day);
    }

    /** @param  list<array{Person, MailSlot}>  $turns */
    private function letMail(array $turns, TimesheetSubmissions $submissions): int
    {
        $ids = array_map(static fn (array $one): int => $one[0]->id, $turns);
        $waiting = [];
        foreach (Record::all(Message::query()->toBase()->whereIntegerInRaw('person_id', $ids)->where('by_mail', 1)->whereNull('mailed_at')->distinct()->select('person_id')) as $record) {
            $waiting[$record->int('person_id')] = true;
        }
        $jobs = [];
        foreach ($turns as [$person, $turn]) {
            if (isset($waiting[$person->id]) || ($turn->isEvening && ! self::expected($submissions, $person, $turn->day)->isZero())) {
                $jobs[] = new MailPerson($person->id, $turn->day->toString(), $turn->isEvening);
            }
        }

        if ($jobs !== []) {
            Queue::bulk($jobs);
        }

        return count($jobs);
    }

    /** The part of their day that it is for a person; null before they want any mail. */
    private static function turn(?string $timezone, MessagePreferences $settings, DateTimeImmutable $now): ?MailSlot
    {
        $there = $now->setTimezone(new DateTimeZone($timezone ?? 'UTC'));
        $hour = (int) $there->format('G');
        $day = Day::of($there->format('Y-m-d'));

        return match (true) {
            $hour >= $settings->dayReminderHour => new MailSlot($day, true),
            $hour >= $settings->hour => new MailSlot($day, false),
            default => null,
        };
    }
}
