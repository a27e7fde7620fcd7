<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\DecideEstimate;
use App\Features\Remaining\Actions\EstimateRefusal;
use App\Features\Remaining\Actions\MarkTaskDone;
use App\Features\Remaining\Requests\DoneRequest;
use App\Features\Remaining\Requests\VerdictRequest;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProposedEstimate;
use App\Models\Task;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** The project manager accepts or declines estimates, and marks tasks as done. */
final class ManagerEstimatesController
{
    public function decide(#[CurrentUser] Person $actor, Project $project, int $asked, VerdictRequest $request, DecideEstimate $decide): RedirectResponse
    {
        Gate::authorize('decideRemaining', $project);
        $found = ProposedEstimate::query()->whereRelation('task', 'project_id', $project->id)->findOrFail($asked);
        try {
            $decide->handle($actor, $found, $request->boolean('accept'), $request->string('comment')->toString());
        } catch (EstimateRefusal $refusal) {
            return back()->with('refusal', $refusal->getMessage());
        }

        return back()->with('message', Wording::refusal($request->boolean('accept') ? 'remaining.accepted' : 'remaining.declined'));
    }

    public function done(#[CurrentUser] Person $actor, Project $project, Task $task, DoneRequest $request, MarkTaskDone $finish): RedirectResponse
    {
        Gate::authorize('plan', $project);
        try {
            $finish->handle($actor, $task, $request->boolean('done'), $request->boolean('confirmed'), $request->string('reason')->toString());
        } catch (EstimateRefusal $refusal) {
            return back()->withErrors(['done' => $refusal->getMessage()]);
        }

        return back()->with('message', Wording::refusal($request->boolean('done') ? 'remaining.is_done' : 'remaining.is_open', ['task' => $task->name]));
    }
}
