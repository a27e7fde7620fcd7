<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Controllers;

use App\Features\Plan\Actions\PlanRefused;
use App\Features\ScheduleFiles\Actions\ReceiveSchedule;
use App\Features\ScheduleFiles\Actions\TakeSchedule;
use App\Features\ScheduleFiles\Files\ScheduleExport;
use App\Features\ScheduleFiles\Files\ScheduleUnreadable;
use App\Features\ScheduleFiles\Queries\SchedulePage;
use App\Features\ScheduleFiles\Requests\TakeScheduleRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use App\Models\ScheduleFile;
use App\Support\Files\CsvFile;
use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\Spreadsheet\XlsxFile;
use App\Support\Files\SpreadsheetText;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;
use Symfony\Component\HttpFoundation\Response as FileResponse;

/** Plans from and to files of scheduling programs. */
final readonly class ScheduleController
{
    public function show(#[CurrentUser] Person $reader, Project $project, SchedulePage $page): Response
    {
        Gate::authorize('view', $project);

        return Inertia::render('Schedule', ['schedule' => $page->of($project, $reader)]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $actor, Project $project, Request $request, ReceiveSchedule $receive): RedirectResponse
    {
        Gate::authorize('plan', $project);
        try {
            $receive->handle($actor, $project, Address::of($request)->text('upload'));
        } catch (ScheduleUnreadable $unreadable) {
            throw ValidationException::withMessages(['upload' => $unreadable->getMessage()]);
        }

        return back()->with('message', Wording::of('schedule.compared'));
    }

    /** @throws ValidationException */
    public function take(#[CurrentUser] Person $actor, Project $project, TakeScheduleRequest $request, TakeSchedule $take): RedirectResponse
    {
        Gate::authorize('plan', $project);
        try {
            $count = $take->handle($actor, $project, ScheduleFile::query()->where('project_id', $project->id)->firstOrFail(), $request->keys());
        } catch (PlanRefused $refused) {
            throw ValidationException::withMessages(['keys' => $refused->getMessage()]);
        }

        return back()->with('message', Wording::choice('schedule.taken', $count));
    }

    public function destroy(Project $project): RedirectResponse
    {
        Gate::authorize('plan', $project);
        ScheduleFile::query()->where('project_id', $project->id)->delete();

        return back()->with('message', Wording::of('schedule.discarded'));
    }

    public function export(Project $project, string $format, Request $request, ScheduleExport $export): FileResponse
    {
        Gate::authorize('view', $project);
        $byWeek = Address::of($request)->text('by') === 'week';
        $name = mb_strtolower($project->code).'-'.($byWeek ? 'weeks' : 'days').'.'.$format;
        if ($format === 'csv') {
            $exact = static fn (string|int|null $cell): string => is_int($cell) ? HoursFormat::exact(Minutes::of($cell)) : SpreadsheetText::guarded((string) $cell);

            return response()->streamDownload(static function () use ($export, $project, $byWeek, $exact): void {
                echo CsvFile::write([ScheduleExport::headings($byWeek)]);
                foreach ($export->rows($project, $byWeek) as $row) {
                    echo CsvFile::write([array_map($exact, $row)]);
                }
            }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
        }
        $file = new XlsxFile;
        $file->add([array_map(SheetCell::heading(...), ScheduleExport::headings($byWeek))]);
        foreach ($export->rows($project, $byWeek) as $row) {
            $file->add([array_map(static fn (string|int|null $cell): SheetCell => is_string($cell) ? SheetCell::text($cell) : SheetCell::hours($cell === null ? null : Minutes::of($cell)), $row)]);
        }

        return response()->download($file->finish(), $name, ['Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'])->deleteFileAfterSend();
    }
}
