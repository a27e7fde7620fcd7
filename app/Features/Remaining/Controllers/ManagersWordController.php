<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\DecideRestatement;
use App\Features\Remaining\Actions\FinishTask;
use App\Features\Remaining\Actions\RestatementRefusal;
use App\Features\Remaining\Requests\DoneRequest;
use App\Features\Remaining\Requests\VerdictRequest;
use App\Models\AskedRestatement;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What the project manager decides on what is left. */
final class ManagersWordController
{
    public function decide(#[CurrentUser] Person $actor, Project $project, int $asked, VerdictRequest $request, DecideRestatement $decide): RedirectResponse
    {
        Gate::authorize('decideRemaining', $project);
        $found = AskedRestatement::query()->whereRelation('task', 'project_id', $project->id)->findOrFail($asked);
        try {
            $decide->handle($actor, $found, $request->boolean('accept'), $request->string('word')->toString());
        } catch (RestatementRefusal $refusal) {
            return back()->with('refusal', $refusal->getMessage());
        }

        return back()->with('message', Words::refusal($request->boolean('accept') ? 'remaining.accepted' : 'remaining.declined'));
    }

    public function done(#[CurrentUser] Person $actor, Project $project, Task $task, DoneRequest $request, FinishTask $finish): RedirectResponse
    {
        Gate::authorize('plan', $project);
        try {
            $finish->handle($actor, $task, $request->boolean('done'), $request->boolean('confirmed'), $request->string('reason')->toString());
        } catch (RestatementRefusal $refusal) {
            return back()->withErrors(['done' => $refusal->getMessage()]);
        }

        return back()->with('message', Words::refusal($request->boolean('done') ? 'remaining.is_done' : 'remaining.is_open', ['task' => $task->name]));
    }
}
