<?php

declare(strict_types=1);

namespace App\Features\Intake\Controllers;

use App\Features\Intake\Actions\AcceptWork;
use App\Features\Intake\Actions\CommentOnRequest;
use App\Features\Intake\Actions\DeclineWork;
use App\Features\Intake\Actions\RequestWork;
use App\Features\Intake\Actions\WorkRefused;
use App\Features\Intake\Queries\WorkRequestList;
use App\Features\Intake\Queries\WorkRequestPage;
use App\Features\Intake\Requests\AcceptedWorkRequest;
use App\Features\Intake\Requests\CommentRequest;
use App\Features\Intake\Requests\WorkRequestForm;
use App\Features\Plan\Actions\PlanRefused;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestFile;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Requests for work, for whoever is signed in. */
final class WorkRequestsController
{
    public function index(#[CurrentUser] Person $reader, Request $request, WorkRequestList $list): Response
    {
        Gate::authorize('viewAny', WorkRequest::class);
        $address = Address::of($request);

        return Inertia::render('WorkRequests', ['requests' => $list->page($reader, $address->text('state'), $address->text('search'), $address->page())]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $reader, WorkRequestForm $form, RequestWork $ask): RedirectResponse
    {
        Gate::authorize('create', WorkRequest::class);
        try {
            $request = $ask->ofPerson($reader, $form->work());
        } catch (WorkRefused $refused) {
            throw ValidationException::withMessages(['uploads' => $refused->getMessage()]);
        }

        return redirect()->route('requests.request', ['workRequest' => $request->id])->with('message', Wording::of('intake.requested'));
    }

    public function show(#[CurrentUser] Person $reader, WorkRequest $workRequest): Response
    {
        Gate::authorize('view', $workRequest);

        return Inertia::render('WorkRequest', ['request' => WorkRequestPage::of($workRequest, $reader)]);
    }

    public function comment(#[CurrentUser] Person $reader, WorkRequest $workRequest, CommentRequest $comment, CommentOnRequest $add): RedirectResponse
    {
        Gate::authorize('view', $workRequest);
        $add->handle($reader, $workRequest, $comment->text());

        return back()->with('message', Wording::of('intake.said'));
    }

    public function decline(#[CurrentUser] Person $reader, WorkRequest $workRequest, CommentRequest $comment, DeclineWork $decline): RedirectResponse
    {
        Gate::authorize('decideAny', WorkRequest::class);
        try {
            $decline->handle($reader, $workRequest, $comment->text());
        } catch (WorkRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('intake.declined'));
    }

    /** @throws ValidationException */
    public function accept(#[CurrentUser] Person $reader, WorkRequest $workRequest, AcceptedWorkRequest $form, AcceptWork $accept): RedirectResponse
    {
        Gate::authorize('decideAny', WorkRequest::class);
        try {
            $project = $accept->handle($reader, $workRequest, $form->settings(), $form->string('hours')->trim()->toString());
        } catch (WorkRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        } catch (PlanRefused $refused) {
            throw ValidationException::withMessages(['name' => $refused->getMessage()]);
        }

        return redirect()->route('project.plan', ['project' => $project->code])->with('message', Wording::of('intake.accepted', ['project' => $project->name]));
    }

    public function file(WorkRequest $workRequest, WorkRequestFile $file): BinaryFileResponse
    {
        Gate::authorize('view', $workRequest);

        return response()->download(WorkRequestFile::folder().'/'.$file->stored_as, $file->name, ['Content-Type' => 'application/octet-stream', 'Content-Security-Policy' => 'sandbox']);
    }
}
