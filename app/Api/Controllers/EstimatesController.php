<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\EstimateRequest;
use App\Api\OpenApi\Describes;
use App\Api\Resources\Remaining;
use App\Features\Remaining\Actions\EstimateRefusal;
use App\Features\Remaining\Actions\UpdateEstimate;
use App\Features\Remaining\Queries\RemainingOfTask;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What remains of a task for somebody, and their estimate of it. */
final readonly class EstimatesController
{
    public function __construct(private RemainingOfTask $remaining)
    {
    }

    #[Describes('What remains of a task for a person or their team.', Remaining::class)]
    public function show(#[CurrentUser] Person $reader, Project $project, string $taskCode, Person $person): JsonResponse
    {
        $task = self::task($project, $taskCode);
        Gate::authorize('viewRemaining', [$person, $task]);

        return $this->answer($reader, $project, $task, $person);
    }

    #[Describes('Estimate what remains of a task, or say that it is done. It counts at once, or once the project manager accepts it, as the project is set.', Remaining::class)]
    public function update(#[CurrentUser] Person $actor, Project $project, string $taskCode, Person $person, EstimateRequest $request, UpdateEstimate $update): JsonResponse
    {
        $task = self::task($project, $taskCode);
        Gate::authorize('updateEstimate', [$person, $task]);
        try {
            $update->handle($actor, $person, $task, $request->estimate());
        } catch (EstimateRefusal $refusal) {
            throw new HttpException(422, $refusal->getMessage(), $refusal);
        }

        return $this->answer($actor, $project, $task->refresh()->load('project.manager'), $person);
    }

    private static function task(Project $project, string $code): Task
    {
        return Task::query()->with('project.manager')->where('project_id', $project->id)->where('code', $code)->first()
            ?? throw new NotFoundHttpException(Wording::of('api.unknown_task', ['task' => mb_strimwidth($code, 0, 40, '…'), 'project' => $project->code]));
    }

    private function answer(Person $reader, Project $project, Task $task, Person $person): JsonResponse
    {
        $found = $this->remaining->of($reader, $person, $task)->ofPerson ?? throw new HttpException(422, Wording::of('api.not_assigned', ['person' => $person->name, 'task' => $task->name]));

        return new JsonResponse(new Remaining($project->code, $task->code, $person->code, $found->planned, $found->entered, $found->minutes, $found->isEstimated, $found->isTeam, $found->isDone, $found->waiting));
    }
}
