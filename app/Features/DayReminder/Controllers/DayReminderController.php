<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Controllers;

use App\Features\DayReminder\Actions\InkDay;
use App\Features\DayReminder\Props\DayReminderProps;
use App\Features\DayReminder\Queries\DayPencil;
use App\Features\DayReminder\Queries\PencilledDay;
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
 * The page behind the signed link of a day reminder. Whoever holds the link sees what is pencilled for that one day of that one
 * person and may ink it; nothing else, and only for two days. So no signing in is needed.
 */
final readonly class DayReminderController
{
    public function __construct(private DayPencil $pencil, private Today $today)
    {
    }

    public function show(Request $request, Person $person, string $date): Response
    {
        $day = $this->day($person, $date);
        $isUsed = InkDay::isUsed(self::signature($request));
        // A used link shows nothing of the day any more.
        $pencilled = $isUsed ? PencilledDay::nothing() : $this->pencil->of($person, $day);

        return Inertia::render('DayReminder', ['dayReminder' => new DayReminderProps(
            $person->name, $day->toString(), Week::containing($day)->toString(), $isUsed, $pencilled->expected, $pencilled->entered, $pencilled->pencilled, $pencilled->proposals,
            $request->getRequestUri(), $person->hours_format,
        )]);
    }

    /** Inks all that is pencilled, as the owner would. */
    public function store(Request $request, Person $person, string $date, InkDay $ink): RedirectResponse
    {
        $day = $this->day($person, $date);
        $results = $ink->handle($person, $day, self::signature($request));
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
