<?php

declare(strict_types=1);

namespace App\Features\Intake\Queries;

use App\Features\Intake\Actions\WorkRequestNotices;
use App\Features\Intake\Props\WorkRequestRowProps;
use App\Features\Intake\Props\WorkRequestsProps;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;

/** Requests for work, a page at a time, the newest first, in a fixed number of queries. */
final class WorkRequestList
{
    private const AT_ONCE = 50;

    /** @param  string  $state  empty for all */
    public function page(Person $reader, string $state, string $search, int $page): WorkRequestsProps
    {
        $decides = Gate::forUser($reader)->allows('decideAny', WorkRequest::class);
        $theirs = static fn (): Builder => WorkRequest::query()->when(! $decides, static fn (Builder $own): Builder => $own->where('person_id', $reader->id));
        $found = $theirs()->when(WorkRequestState::tryFrom($state) !== null, static fn (Builder $one): Builder => $one->where('state', $state))
            ->when($search !== '', static fn (Builder $named): Builder => $named->whereLike('title', '%'.addcslashes($search, '%_\\').'%'));
        $count = (clone $found)->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = min($page, $pages);

        return new WorkRequestsProps(
            $decides, Gate::forUser($reader)->allows('create', WorkRequest::class), WorkRequestState::tryFrom($state)->value ?? '', $search,
            array_values(array_map(self::row(...), $found->with(['client', 'person'])->orderByDesc('id')->forPage($page, self::AT_ONCE)->get()->all())),
            $theirs()->where('state', WorkRequestState::Open)->count(), $count, $page, $pages,
        );
    }

    private static function row(WorkRequest $request): WorkRequestRowProps
    {
        return new WorkRequestRowProps(
            $request->id, $request->title, $request->client?->name, WorkRequestNotices::requester($request), $request->requested_at,
            $request->wanted_by?->toString(), $request->about_minutes?->toInt(), $request->state,
        );
    }
}
