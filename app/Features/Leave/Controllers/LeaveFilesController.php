<?php

declare(strict_types=1);

namespace App\Features\Leave\Controllers;

use App\Features\Leave\Actions\RequestLeaveFromFile;
use App\Features\Leave\Queries\AbsenceEvents;
use App\Features\Leave\Requests\CalendarFileRequest;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Files\Calendar\CalendarFile;
use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Absences as calendar files. */
final readonly class LeaveFilesController
{
    public function __construct(private CalendarFile $file, private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, Person $person): Response
    {
        Gate::authorize('viewOf', [LeaveRequest::class, $person]);

        return self::calendar($this->file->write(Wording::of('leave.calendar_name', ['name' => $person->name]), AbsenceEvents::ofPerson($person, $this->today->for($reader))), $person->code);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $reader, Person $person, CalendarFileRequest $request, RequestLeaveFromFile $ask): RedirectResponse
    {
        Gate::authorize('viewOf', [LeaveRequest::class, $person]);
        try {
            [$count, $left] = $ask->handle($reader, $person, $request->string('calendar')->toString(), $request->kind());
        } catch (CalendarFileUnreadable) {
            throw ValidationException::withMessages(['calendar' => Wording::of('leave.file_unreadable')]);
        }

        return back()->with('message', Wording::choice('leave.file_taken', $count))->with('refusal', $left === [] ? null : implode(' ', array_slice($left, 0, 5)));
    }

    private static function calendar(string $text, string $name): Response
    {
        return response($text, 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.$name.'.ics"']);
    }
}
