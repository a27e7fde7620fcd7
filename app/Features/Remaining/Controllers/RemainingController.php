<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\EstimateRefusal;
use App\Features\Remaining\Actions\EstimateResult;
use App\Features\Remaining\Actions\TakeBackEstimate;
use App\Features\Remaining\Actions\UpdateEstimate;
use App\Features\Remaining\Queries\RemainingOfTask;
use App\Features\Remaining\Requests\EstimateRequest;
use App\Models\Person;
use App\Models\Task;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** The remaining hours of a task, and a person's estimate of them. */
final readonly class RemainingController
{
    public function __construct(private RemainingOfTask $remaining)
    {
    }

    public function show(#[CurrentUser] Person $reader, Person $person, Task $task): JsonResponse
    {
        $task->load('project.manager');
        Gate::authorize('viewRemaining', [$person, $task]);

        return response()->json($this->remaining->of($reader, $person, $task));
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Task $task, EstimateRequest $request, UpdateEstimate $updateEstimate): JsonResponse
    {
        $task->load('project.manager');
        Gate::authorize('updateEstimate', [$person, $task]);
        try {
            $result = $updateEstimate->handle($actor, $person, $task, $request->estimate());
        } catch (EstimateRefusal $refusal) {
            return self::refused($refusal);
        }

        return response()->json([
            'message' => Wording::refusal($result === EstimateResult::InForce ? 'remaining.counts' : 'remaining.waits', ['manager' => $task->project->manager->name]),
            'remaining' => $this->remaining->of($actor, $person, $task->refresh()->load('project.manager')),
        ]);
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Task $task, TakeBackEstimate $takeBack): JsonResponse
    {
        $task->load('project.manager');
        Gate::authorize('updateEstimate', [$person, $task]);
        try {
            $takeBack->handle($actor, $person->loadMissing('team'), $task);
        } catch (EstimateRefusal $refusal) {
            return self::refused($refusal);
        }

        return response()->json(['message' => Wording::refusal('remaining.taken_back'), 'remaining' => $this->remaining->of($actor, $person, $task)]);
    }

    private static function refused(EstimateRefusal $refusal): JsonResponse
    {
        return response()->json(['message' => $refusal->getMessage(), 'fault' => $refusal->fault?->value], 422);
    }
}
