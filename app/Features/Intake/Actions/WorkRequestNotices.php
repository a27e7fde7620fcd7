<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\Features\Intake\Mail\WorkRequestMail;
use App\Features\Intake\Queries\IntakeLinks;
use App\Models\Access;
use App\Models\MessageKind;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestComment;
use App\Models\WorkRequestState;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Tells who asked of each step, and the time office of what is asked: people by messages, clients by email. */
final readonly class WorkRequestNotices
{
    public function __construct(private NotifyPeople $notify)
    {
    }

    public function requested(WorkRequest $request): void
    {
        $office = Person::query()->where('access', Access::Office)->whereNull('disabled_at')->when($request->person_id !== null, static fn ($others) => $others->whereKeyNot($request->person_id))->pluck('id')->all();
        $values = ['name' => self::requester($request), 'title' => $request->title];
        $this->notify->of(array_map(static fn (int $person): Notice => new Notice($person, MessageKind::WorkRequested, "request $request->id", $values, self::address($request)), array_values(array_filter($office, is_int(...)))));
        $this->mail($request, 'received', '');
    }

    public function said(WorkRequest $request, WorkRequestComment $comment, ?Person $by): void
    {
        $told = array_diff(array_unique(array_filter([$request->person_id, ...$request->comments()->whereNotNull('person_id')->pluck('person_id')->all(), $request->decided_by_id], is_int(...))), [$by?->id]);
        $values = ['name' => $by->name ?? $request->contact_name, 'title' => $request->title, 'text' => $comment->text];
        $this->notify->of(array_map(static fn (int $person): Notice => new Notice($person, MessageKind::WorkRequestDiscussed, "request $request->id comment $comment->id", $values, self::address($request)), array_values($told)));
        if ($by !== null) {
            $this->mail($request, 'comment', $comment->text);
        }
    }

    public function decided(WorkRequest $request, Person $by): void
    {
        if ($request->person_id !== null && $request->person_id !== $by->id) {
            $this->notify->of([new Notice($request->person_id, MessageKind::WorkRequestDecided, "request $request->id decision", [
                'name' => $by->name, 'title' => $request->title, 'verdict' => $request->state->value, 'comment' => $request->comment, 'project' => $request->project->name ?? '',
            ], self::address($request))]);
        }
        $this->mail($request, $request->state === WorkRequestState::Accepted ? 'accepted' : 'declined', $request->comment);
    }

    public static function requester(WorkRequest $request): string
    {
        return $request->person->name ?? $request->contact_name.', '.($request->client->name ?? '');
    }

    private static function address(WorkRequest $request): string
    {
        return "/requests/$request->id";
    }

    /** After the act, so that nothing is mailed that was not done. */
    private function mail(WorkRequest $request, string $step, string $said): void
    {
        if ($request->contact_email !== '') {
            $mail = new WorkRequestMail(
                $request->contact_name, Organisation::query()->sole()->name, $request->title, $step, $said, url(IntakeLinks::addressOf($request)),
                Wording::of("intake.mail.$step.subject", ['title' => $request->title, 'organisation' => Organisation::query()->sole()->name]),
            );
            DB::afterCommit(static fn () => Mail::to($request->contact_email)->send($mail));
        }
    }
}
