<?php

declare(strict_types=1);

namespace App\Features\Nudge\Controllers;

use App\Features\Nudge\Props\NudgeLineProps;
use App\Features\Nudge\Props\NudgeProps;
use App\Features\Nudge\Queries\DayPencil;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Person;
use App\Support\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The page behind the signed link of a nudge. Whoever holds the link sees what is pencilled for that one day of that one
 * person and may ink it; nothing else, and only for two days. So no signing in is needed.
 */
final readonly class NudgeController
{
    public function __construct(private DayPencil $pencil)
    {
    }

    public function show(Request $request, Person $person, string $date): Response
    {
        $day = self::day($date);
        $pencilled = $this->pencil->of($person, $day);

        return Inertia::render('Nudge', ['nudge' => new NudgeProps(
            $person->name, $day->toString(), Week::containing($day)->toString(), $pencilled->owed, $pencilled->entered, $pencilled->pencilled, $pencilled->proposals,
            $request->getRequestUri(), $person->hours_format,
        )]);
    }

    /** Inks all that is pencilled, as the owner would. */
    public function store(Request $request, Person $person, string $date, SaveCells $save): RedirectResponse
    {
        $day = self::day($date);
        $inputs = array_map(static function (NudgeLineProps $line) use ($day): CellInput {
            [$task, $role] = explode(':', $line->line);

            return new CellInput((int) $task, $role === '' ? null : (int) $role, $day, $line->minutes.'m', null);
        }, $this->pencil->of($person, $day)->proposals);
        $results = $inputs === [] ? [] : $save->handle($person, $person, $inputs);
        $refused = array_values(array_filter($results, static fn (CellResult $result): bool => $result->outcome !== CellOutcome::Saved));
        $minutes = array_sum(array_map(static fn (CellResult $result): int => $result->outcome === CellOutcome::Saved ? ($result->entry->minutes ?? 0) : 0, $results));
        $back = redirect()->to($request->getRequestUri());

        return $refused === []
            ? $back->with('message', Words::refusal('nudge_inked', ['hours' => Words::hours(Minutes::of($minutes), $person), 'day' => Words::day($day)]))
            : $back->with('refusal', $refused[0]->message);
    }

    private static function day(string $date): Day
    {
        try {
            return Day::of($date);
        } catch (NotADay) {
            throw new NotFoundHttpException(Words::refusal('nudge_gone'));
        }
    }
}
