<?php

declare(strict_types=1);

namespace App\Features\FrontPage\Controllers;

use App\Features\Compare\Queries\FrontComparisons;
use App\Features\FrontPage\Queries\TroubledProjects;
use App\Features\FrontPage\Queries\WaitingForReader;
use App\Features\Load\Queries\LoadSummary;
use App\Http\Input\DaysText;
use App\Models\Person;
use App\Models\Project;
use App\Sheet\TimesheetSetting;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;

/** Where people begin: whoever manages with a front page, everybody else with their week, or the timesheet of their team. */
final readonly class FrontPageController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, WaitingForReader $waiting, TroubledProjects $projects, FrontComparisons $comparisons): Response|RedirectResponse
    {
        $gate = Gate::forUser($reader);
        $today = $this->today->for($reader);
        if ($gate->denies('compare', $reader)) {
            $setting = TimesheetSetting::of($reader);

            return $setting->isUsual() || $reader->isViewer()
                ? redirect()->route('week', ['week' => Week::containing($today)->toString()])
                : redirect()->route('month', ['days' => DaysText::of($setting->containing($today))]);
        }

        return Inertia::render('FrontPage', [
            'waiting' => $gate->allows('review', Person::class) ? $waiting->of($reader, $today) : null,
            'projects' => $gate->allows('viewAny', Project::class) ? $projects->of($reader, $today) : null,
            'load' => $gate->allows('viewLoads', $reader) ? Inertia::defer(static fn () => LoadSummary::of($reader, $today), 'load', rescue: true) : null,
            'comparisons' => Inertia::defer(static fn (): array => $comparisons->of($reader, $today), 'comparisons', rescue: true),
        ]);
    }
}
