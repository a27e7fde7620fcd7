<?php

declare(strict_types=1);

namespace App\Features\Intake\Controllers;

use App\Features\Intake\Actions\CommentOnRequest;
use App\Features\Intake\Actions\RequestWork;
use App\Features\Intake\Actions\WorkRefused;
use App\Features\Intake\Queries\IntakeLinks;
use App\Features\Intake\Queries\WorkRequestPage;
use App\Features\Intake\Requests\ClientWorkRequestForm;
use App\Features\Intake\Requests\CommentRequest;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Features\Uploads\Requests\UploadRequest;
use App\Models\IntakeLink;
use App\Models\Organisation;
use App\Models\WorkRequest;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/**
 * What a client sees behind a signed link, without signing in: a form, and their own request. Whoever holds the address of a request
 * sees that one request and what was said about it, and nothing else.
 */
final readonly class ClientRequestsController
{
    public function __construct(private Today $today)
    {
    }

    public function create(Request $request, IntakeLink $link): Response
    {
        $this->mustWork($link);

        return Inertia::render('ClientIntake', ['organisation' => Organisation::query()->sole()->name, 'client' => $link->client->name, 'address' => $request->getRequestUri(), 'uploads' => IntakeLinks::uploads($link)]);
    }

    public function upload(IntakeLink $link, UploadRequest $request, ReceiveUpload $receive): JsonResponse
    {
        $this->mustWork($link);

        return response()->json(['id' => $receive->begin(null, basename($request->string('name')->toString()), $request->size())->id], 201);
    }

    /** @throws ValidationException */
    public function store(IntakeLink $link, ClientWorkRequestForm $form, RequestWork $ask): RedirectResponse
    {
        $this->mustWork($link);
        try {
            $request = $ask->ofClient($link, $form->string('name')->trim()->toString(), $form->string('email')->trim()->toString(), $form->work());
        } catch (WorkRefused $refused) {
            throw ValidationException::withMessages(['uploads' => $refused->getMessage()]);
        }

        return redirect(IntakeLinks::addressOf($request))->with('message', Wording::of('intake.requested'));
    }

    public function show(Request $request, WorkRequest $workRequest): Response
    {
        abort_if($workRequest->intake_link_id === null, 404);

        return Inertia::render('ClientRequest', ['organisation' => Organisation::query()->sole()->name, 'request' => WorkRequestPage::of($workRequest, null), 'address' => $request->getRequestUri()]);
    }

    public function comment(WorkRequest $workRequest, CommentRequest $comment, CommentOnRequest $add): RedirectResponse
    {
        abort_if($workRequest->intake_link_id === null, 404);
        $add->handle(null, $workRequest, $comment->text());

        return redirect(IntakeLinks::addressOf($workRequest))->with('message', Wording::of('intake.said'));
    }

    private function mustWork(IntakeLink $link): void
    {
        abort_unless($link->works($this->today->in('UTC')), 403, Wording::of('intake.link_ended'));
    }
}
