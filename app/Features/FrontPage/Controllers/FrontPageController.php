<?php

declare(strict_types=1);

namespace App\Features\FrontPage\Controllers;

use App\Features\Compare\Queries\FrontComparisons;
use App\Features\FrontPage\Queries\TroubledProjects;
use App\Features\FrontPage\Queries\WaitingForReader;
use App\Features\Load\Queries\LoadSummary;
use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;

/** Where people begin: whoever manages with a front page, everybody else with their week. */
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
            return redirect()->route('week', ['week' => Week::containing($today)->toString()]);
        }

        return Inertia::render('FrontPage', [
            'waiting' => $gate->allows('review', Person::class) ? $waiting->of($reader, $today) : null,
            'projects' => $gate->allows('viewAny', Project::class) ? $projects->of($reader, $today) : null,
            'load' => $gate->allows('viewLoads', $reader) ? Inertia::defer(static fn () => LoadSummary::of($reader, $today), 'load', rescue: true) : null,
            'comparisons' => Inertia::defer(static fn (): array => $comparisons->of($reader, $today), 'comparisons', rescue: true),
        ]);
    }
}
