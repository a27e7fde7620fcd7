<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Controllers;

use App\Features\MyTasks\Actions\PickUpTask;
use App\Features\MyTasks\Actions\PinTask;
use App\Features\MyTasks\Actions\RecordWork;
use App\Features\MyTasks\Actions\TaskRefused;
use App\Features\MyTasks\Queries\TaskList;
use App\Features\MyTasks\Requests\PickUpRequest;
use App\Features\MyTasks\Requests\PinRequest;
use App\Features\MyTasks\Requests\WorkRequest;
use App\Models\Person;
use App\Models\Task;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The tasks of whoever is signed in. */
final class MyTasksController
{
    public function show(#[CurrentUser] Person $person, TaskList $list): Response
    {
        Gate::authorize('recordWeek', $person);

        return Inertia::render('MyTasks', ['tasks' => $list->of($person)]);
    }

    public function store(#[CurrentUser] Person $person, WorkRequest $request, RecordWork $record): RedirectResponse
    {
        return $this->after($person, static fn (): string => $record->handle($person, $request->work()));
    }

    public function pin(#[CurrentUser] Person $person, PinRequest $request, PinTask $pin): RedirectResponse
    {
        return $this->after($person, static function () use ($person, $request, $pin): string {
            $task = $pin->handle($person, $request->task(), $request->role(), $request->boolean('pinned'));

            return Wording::of($request->boolean('pinned') ? 'tasks.pinned' : 'tasks.unpinned', ['task' => $task]);
        });
    }

    public function pickUp(#[CurrentUser] Person $person, Task $task, PickUpRequest $request, PickUpTask $pickUp): RedirectResponse
    {
        return $this->after($person, static function () use ($person, $task, $request, $pickUp): string {
            $pickUp->handle($person, $task, $request->hours());

            return Wording::of('tasks.picked_up', ['task' => $task->name]);
        });
    }

    /**
     * @param  Closure(): string  $act
     *
     * @throws ValidationException
     */
    private function after(Person $person, Closure $act): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $message = $act();
        } catch (TaskRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', $message);
    }
}
