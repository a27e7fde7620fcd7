<?php

declare(strict_types=1);

namespace App\Features\Plan\Controllers;

use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Features\Plan\Actions\SpreadAssignment;
use App\Features\Plan\Actions\TakeBaseline;
use App\Features\Plan\Queries\PersonLoad;
use App\Features\Plan\Queries\PlanView;
use App\Features\Plan\Requests\BaselineRequest;
use App\Features\Plan\Requests\LoadRequest;
use App\Features\Plan\Requests\PlanChangesRequest;
use App\Features\Plan\Requests\PlanLinesRequest;
use App\Features\Plan\Requests\PlanRowsRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The plan of a project as a table. */
final readonly class PlanController
{
    public function __construct(private PlanView $plan)
    {
    }

    public function show(#[CurrentUser] Person $reader, Project $project, Request $request): Response
    {
        Gate::authorize('view', $project);

        return Inertia::render('Plan', ['plan' => $this->plan->of($project, $reader, self::compared($request))]);
    }

    public function update(#[CurrentUser] Person $actor, Project $project, PlanChangesRequest $request, ChangePlan $change): JsonResponse
    {
        return $this->changed($actor, $project, $request, static fn () => $change->handle($actor, $project, $request->changes()));
    }

    public function store(#[CurrentUser] Person $actor, Project $project, PlanLinesRequest $request, AddPlanLines $add): JsonResponse
    {
        return $this->changed($actor, $project, $request, static fn () => $add->handle($actor, $project, $request->lines()));
    }

    public function destroy(#[CurrentUser] Person $actor, Project $project, PlanRowsRequest $request, RemovePlanRows $remove): JsonResponse
    {
        return $this->changed($actor, $project, $request, static fn () => $remove->handle($actor, $project, $request->tasks(), $request->assignments()));
    }

    public function spread(#[CurrentUser] Person $actor, Project $project, PlanRowsRequest $request, SpreadAssignment $spread): JsonResponse
    {
        $ids = $request->assignments();

        return $this->changed($actor, $project, $request, static fn () => $spread->handle($actor, $project, $ids === [] ? [0] : $ids, $request->days()));
    }

    public function load(Project $project, LoadRequest $request, PersonLoad $load): JsonResponse
    {
        Gate::authorize('plan', $project);

        return response()->json($load->of(Person::query()->where('code', $request->string('person')->toString())->firstOrFail(), $request->days()));
    }

    public function baseline(#[CurrentUser] Person $actor, Project $project, BaselineRequest $request, TakeBaseline $take): RedirectResponse
    {
        Gate::authorize('plan', $project);
        $take->handle($actor, $project, $request->string('why')->toString());

        return back()->with('message', Wording::refusal('plan_row.baseline_taken'));
    }

    /** @param  callable(): mixed  $act */
    private function changed(Person $actor, Project $project, Request $request, callable $act): JsonResponse
    {
        Gate::authorize('plan', $project);
        try {
            $act();
        } catch (PlanRefused $refused) {
            return response()->json(['message' => $refused->getMessage(), 'faults' => (object) $refused->faults], 422);
        }

        return response()->json($this->plan->of($project->refresh(), $actor, self::compared($request)));
    }

    private static function compared(Request $request): ?string
    {
        $address = Address::of($request);

        return $address->text('compare') === 'baseline' ? 'baseline' : $address->day('compare')?->toString();
    }
}
