<?php

declare(strict_types=1);

namespace App\Features\Intake\Queries;

use App\Features\Intake\Actions\WorkRequestNotices;
use App\Features\Intake\Props\WorkRequestCommentProps;
use App\Features\Intake\Props\WorkRequestFileProps;
use App\Features\Intake\Props\WorkRequestProps;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestComment;
use App\Models\WorkRequestFile;
use Illuminate\Support\Facades\Gate;

/** One request with its files and what is said about it, in a fixed number of queries. */
final class WorkRequestPage
{
    /** @param  Person|null  $reader  null for somebody at the client */
    public static function of(WorkRequest $request, ?Person $reader): WorkRequestProps
    {
        $request->load(['client', 'person', 'decidedBy', 'project', 'files', 'comments.person']);
        $project = $request->project;

        return new WorkRequestProps(
            $request->id,
            $request->title,
            $request->description,
            $request->client === null ? null : new OptionProps($request->client->code, $request->client->name),
            WorkRequestNotices::requester($request),
            $request->contact_email,
            $request->requested_at,
            $request->wanted_by?->toString(),
            $request->about_minutes?->toInt(),
            $request->state,
            $request->decidedBy?->name,
            $request->comment,
            $project !== null && $reader !== null && Gate::forUser($reader)->allows('view', $project) ? new OptionProps($project->code, $project->name) : null,
            array_values(array_map(static fn (WorkRequestFile $file): WorkRequestFileProps => new WorkRequestFileProps($file->id, $file->name, $file->size), $request->files->all())),
            array_values(array_map(static fn (WorkRequestComment $comment): WorkRequestCommentProps => new WorkRequestCommentProps($comment->id, $comment->person->name ?? $request->contact_name, $comment->text, $comment->commented_at), $request->comments->sortBy('id')->all())),
            $reader !== null && Gate::forUser($reader)->allows('decideAny', WorkRequest::class),
        );
    }
}
