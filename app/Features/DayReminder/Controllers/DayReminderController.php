<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Controllers;

use App\Features\DayReminder\Actions\InkDay;
use App\Features\DayReminder\Props\DayReminderDayProps;
use App\Features\DayReminder\Props\DayReminderProps;
use App\Features\DayReminder\Queries\DayPencil;
use App\Features\DayReminder\Queries\OpenDays;
use App\Features\DayReminder\Queries\PencilledDay;
use App\Features\DayReminder\Requests\InkDayRequest;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Props\CellOutcome;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The page behind the signed link of a day reminder. Whoever holds the link sees what is pencilled for that day of that one person
 * and for the days before it that are still open, and may ink it; nothing else, and only for two days. So no signing in is needed.
 */
final readonly class DayReminderController
{
    public function __construct(private DayPencil $pencil, private Today $today)
    {
    }

    public function show(Request $request, Person $person, string $date): Response
    {
        $day = $this->day($person, $date);
        $signature = self::signature($request);
        $days = [$day, ...OpenDays::before($person, $day)];
        $open = array_values(array_filter($days, static fn (Day $one): bool => ! InkDay::isUsed($signature, $one)));
        $pencilled = $this->pencil->ofDays($person, $open);
        $shown = [];
        foreach ($days as $one) {
            // A day that was inked shows nothing any more.
            $isUsed = ! isset($pencilled[$one->toString()]);
            $found = $pencilled[$one->toString()] ?? PencilledDay::nothing();
            $shown[] = new DayReminderDayProps($one->toString(), $isUsed, $found->expected, $found->entered, $found->pencilled, $found->proposals);
        }

        return Inertia::render('DayReminder', ['dayReminder' => new DayReminderProps(
            $person->name, Week::containing($day)->toString(), $shown, $request->getRequestUri(), $person->hours_format,
        )]);
    }

    /** Inks what is pencilled, as it was or as it was changed, as the owner would. */
    public function store(InkDayRequest $request, Person $person, string $date, InkDay $ink): RedirectResponse
    {
        $linked = $this->day($person, $date);
        $day = $request->day() ?? $linked;
        if (! $day->equals($linked) && ! in_array($day->toString(), array_map(static fn (Day $one): string => $one->toString(), OpenDays::before($person, $linked)), true)) {
            throw new AccessDeniedHttpException(Wording::refusal('day_reminder_gone'));
        }
        $results = $ink->handle($person, $day, self::signature($request), $request->hours());
        $back = redirect()->to($request->getRequestUri());
        if ($results === null) {
            return $back->with('message', Wording::refusal('day_reminder_used'));
        }
        $refused = array_values(array_filter($results, static fn (CellResult $result): bool => $result->outcome !== CellOutcome::Saved));
        $minutes = array_sum(array_map(static fn (CellResult $result): int => $result->outcome === CellOutcome::Saved ? ($result->entry?->minutes->toInt() ?? 0) : 0, $results));

        return $refused === []
            ? $back->with('message', Wording::refusal('day_reminder_inked', ['hours' => Wording::hours(Minutes::of($minutes), $person), 'day' => Wording::day($day)]))
            : $back->with('refusal', $refused[0]->message);
    }

    private static function signature(Request $request): string
    {
        $signature = $request->query('signature');

        return is_string($signature) ? $signature : '';
    }

    /** @throws AccessDeniedHttpException if the person may not sign in any more */
    private function day(Person $person, string $date): Day
    {
        if (! $person->hasAccess($this->today->for($person))) {
            throw new AccessDeniedHttpException(Wording::refusal('day_reminder_gone'));
        }
        try {
            return Day::of($date);
        } catch (NotADay) {
            throw new NotFoundHttpException(Wording::refusal('day_reminder_gone'));
        }
    }
}
