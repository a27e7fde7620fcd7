<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestComment;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Adds to what is said about a request; the others are told. */
final readonly class CommentOnRequest
{
    public function __construct(private WorkRequestNotices $notices, private Today $today)
    {
    }

    /** @param  Person|null  $by  null for somebody at the client */
    public function handle(?Person $by, WorkRequest $request, string $text): void
    {
        DB::transaction(function () use ($by, $request, $text): void {
            $comment = WorkRequestComment::query()->create(['work_request_id' => $request->id, 'person_id' => $by?->id, 'text' => $text, 'commented_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->notices->said($request, $comment, $by);
        });
    }
}
