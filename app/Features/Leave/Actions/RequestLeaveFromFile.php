<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Models\AbsenceKind;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Files\Calendar\CalendarEvent;
use App\Support\Files\Calendar\CalendarFile;
use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Language\Wording;
use Moss\Core\Leave\LeaveRefused;
use Moss\Core\Leave\LeaveSpan;

/** Asks for the whole days of a calendar file, each event as a request of its own; an event that is known already is left out. */
final readonly class RequestLeaveFromFile
{
    public function __construct(private CalendarFile $file, private RequestLeave $ask)
    {
    }

    /**
     * @param  AbsenceKind  $kind  of events that are not called as a kind
     * @return array{int, list<string>} how many were asked for, and sentences on those that could not
     *
     * @throws CalendarFileUnreadable
     */
    public function handle(Person $by, Person $owner, string $text, AbsenceKind $kind): array
    {
        $events = $this->file->read($text);
        $known = array_map(static fn (LeaveRequest $request): string => $request->uid(), LeaveRequest::query()->where('person_id', $owner->id)->get()->all());
        $kinds = [];
        foreach (AbsenceKind::query()->where('is_retired', false)->get() as $each) {
            $kinds[mb_strtolower($each->name)] = $each;
        }
        $count = 0;
        $left = [];
        foreach ($events as $event) {
            if (in_array($event->uid, $known, true)) {
                continue;
            }
            try {
                $this->ask->handle($by, $owner, new LeaveInput($kinds[mb_strtolower($event->summary)] ?? $kind, LeaveSpan::over($event->days), $event->summary, $event->uid));
                $count++;
            } catch (LeaveNotPossible $refused) {
                $left[] = self::left($event, $refused->getMessage());
            } catch (LeaveRefused $refused) {
                $left[] = self::left($event, Wording::of('leave.'.$refused->fault->value));
            }
        }

        return [$count, $left];
    }

    private static function left(CalendarEvent $event, string $why): string
    {
        return Wording::of('leave.file_left', ['event' => $event->summary === '' ? Wording::day($event->days->first()) : $event->summary, 'why' => $why]);
    }
}
