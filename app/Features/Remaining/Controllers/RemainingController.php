<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\Restate;
use App\Features\Remaining\Actions\RestatementRefusal;
use App\Features\Remaining\Actions\Stated;
use App\Features\Remaining\Actions\TakeWordBack;
use App\Features\Remaining\Queries\RemainingOfTask;
use App\Features\Remaining\Requests\WordRequest;
use App\Models\Person;
use App\Models\Task;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** What a person says is left of a task. */
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

    public function update(#[CurrentUser] Person $actor, Person $person, Task $task, WordRequest $request, Restate $restate): JsonResponse
    {
        $task->load('project.manager');
        Gate::authorize('restate', [$person, $task]);
        try {
            $stated = $restate->handle($actor, $person, $task, $request->word());
        } catch (RestatementRefusal $refusal) {
            return self::refused($refusal);
        }

        return response()->json([
            'message' => Words::refusal($stated === Stated::Counts ? 'remaining.counts' : 'remaining.waits', ['manager' => $task->project->manager->name]),
            'remaining' => $this->remaining->of($actor, $person, $task->refresh()->load('project.manager')),
        ]);
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Task $task, TakeWordBack $takeBack): JsonResponse
    {
        $task->load('project.manager');
        Gate::authorize('restate', [$person, $task]);
        try {
            $takeBack->handle($actor, $person->loadMissing('team'), $task);
        } catch (RestatementRefusal $refusal) {
            return self::refused($refusal);
        }

        return response()->json(['message' => Words::refusal('remaining.taken_back'), 'remaining' => $this->remaining->of($actor, $person, $task)]);
    }

    private static function refused(RestatementRefusal $refusal): JsonResponse
    {
        return response()->json(['message' => $refusal->getMessage(), 'fault' => $refusal->fault?->value], 422);
    }
}
