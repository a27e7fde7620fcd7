<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Models\AppointmentCalendar;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Network\PublicAddress;
use Illuminate\Support\Facades\DB;

/** Adds a calendar of a person: an address, which is asked at once, or a file. The same file again refreshes the first. */
final readonly class AddCalendar
{
    private const MOST = 10;

    public function __construct(private ReadCalendar $read, private PublicAddress $addresses, private Today $today)
    {
    }

    /** @throws CalendarRefused */
    public function address(Person $person, string $name, string $address, bool $notesTitles): AppointmentCalendar
    {
        if ($this->addresses->of($address) === null) {
            throw CalendarRefused::because('address');
        }
        $calendar = DB::transaction(static function () use ($person, $name, $address, $notesTitles): AppointmentCalendar {
            self::mustHaveRoom($person);
            if (AppointmentCalendar::query()->where('person_id', $person->id)->where('address', $address)->exists()) {
                throw CalendarRefused::because('known');
            }

            return AppointmentCalendar::query()->create(['person_id' => $person->id, 'name' => $name, 'address' => $address, 'notes_titles' => $notesTitles]);
        });
        $this->read->handle($calendar->refresh());

        return $calendar;
    }

    /**
     * @return int how many times of appointments it has around today
     *
     * @throws CalendarRefused
     */
    public function file(Person $person, string $name, string $text, bool $notesTitles): int
    {
        try {
            return DB::transaction(function () use ($person, $name, $text, $notesTitles): int {
                $calendar = AppointmentCalendar::query()->where('person_id', $person->id)->whereNull('address')->where('name', $name)->first();
                if ($calendar === null) {
                    self::mustHaveRoom($person);
                }
                $calendar ??= AppointmentCalendar::query()->create(['person_id' => $person->id, 'name' => $name, 'address' => null, 'notes_titles' => $notesTitles])->refresh();
                $calendar->update(['notes_titles' => $notesTitles, 'read_at' => $this->today->now()->format(AppointmentWindow::INSTANT)]);

                return $this->read->take($calendar, $text);
            });
        } catch (CalendarFileUnreadable) {
            throw CalendarRefused::because('unreadable', 'calendar');
        }
    }

    private static function mustHaveRoom(Person $person): void
    {
        if (AppointmentCalendar::query()->where('person_id', $person->id)->count() >= self::MOST) {
            throw CalendarRefused::because('too_many');
        }
    }
}
