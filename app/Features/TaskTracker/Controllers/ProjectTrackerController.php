<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Controllers;

use App\Features\TaskTracker\Actions\LinkProject;
use App\Features\TaskTracker\Actions\MatchThere;
use App\Features\TaskTracker\Actions\TrackerRefused;
use App\Features\TaskTracker\Jobs\SyncLinkJob;
use App\Features\TaskTracker\Queries\TrackerPages;
use App\Features\TaskTracker\Requests\LinkRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A project and its counterpart in a task tracker. */
final readonly class ProjectTrackerController
{
    public function __construct(private LinkProject $link, private MatchThere $match)
    {
    }

    public function show(#[CurrentUser] Person $reader, Project $project, TrackerPages $pages, Today $today): Response
    {
        Gate::authorize('plan', $project);

        return Inertia::render('ProjectTracker', [
            'shown' => $pages->ofProject($project, $today->for($reader)),
            // A task tracker may take its time to answer.
            'offers' => Inertia::defer(static fn (): array => $pages->offers()),
        ]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $actor, Project $project, LinkRequest $request): RedirectResponse
    {
        Gate::authorize('plan', $project);
        try {
            $this->link->handle($actor, $project, $request->tracker(), $request->string('key')->toString(), $request->from(), $request->boolean('takesTasks'));
        } catch (TrackerRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('trackers.linked'));
    }

    public function destroy(#[CurrentUser] Person $actor, Project $project): RedirectResponse
    {
        Gate::authorize('plan', $project);
        $this->link->end($actor, self::linkOf($project));

        return back()->with('message', Wording::of('trackers.unlinked'));
    }

    public function sync(Project $project): RedirectResponse
    {
        Gate::authorize('plan', $project);
        SyncLinkJob::dispatch(self::linkOf($project)->id);

        return back()->with('message', Wording::of('trackers.syncing'));
    }

    /** @throws ValidationException */
    public function matchPerson(#[CurrentUser] Person $actor, Project $project, int $there, Request $request): RedirectResponse
    {
        Gate::authorize('plan', $project);
        $link = self::linkOf($project);
        $known = TrackerPerson::query()->where('tracker_id', $link->tracker_id)->findOrFail($there);
        $person = Person::query()->where('code', Address::of($request)->text('person'))->first() ?? throw ValidationException::withMessages(['person' => Wording::of('trackers.person')]);
        try {
            $this->match->person($actor, $link, $known, $person);
        } catch (TrackerRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('trackers.matched'));
    }

    /** @throws ValidationException */
    public function matchTask(#[CurrentUser] Person $actor, Project $project, int $there, Request $request): RedirectResponse
    {
        Gate::authorize('plan', $project);
        $link = self::linkOf($project);
        $known = TrackerTask::query()->where('tracker_link_id', $link->id)->findOrFail($there);
        $task = Task::query()->where('project_id', $project->id)->find(Address::of($request)->number('task')) ?? throw ValidationException::withMessages(['task' => Wording::of('trackers.task')]);
        try {
            $this->match->task($actor, $link, $known, $task);
        } catch (TrackerRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('trackers.matched'));
    }

    private static function linkOf(Project $project): TrackerLink
    {
        return TrackerLink::query()->with(['tracker', 'project'])->where('project_id', $project->id)->firstOrFail();
    }
}
