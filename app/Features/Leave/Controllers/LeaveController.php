<?php

declare(strict_types=1);

namespace App\Features\Leave\Controllers;

use App\Features\Leave\Actions\LeaveNotPossible;
use App\Features\Leave\Actions\RequestLeave;
use App\Features\Leave\Actions\TakeBackLeave;
use App\Features\Leave\Queries\LeavePage;
use App\Features\Leave\Queries\LeavePreview;
use App\Features\Leave\Requests\LeaveRequestForm;
use App\Http\Input\Address;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Leave\LeaveState;

/** A person's leave. */
final readonly class LeaveController
{
    public function __construct(private Today $today)
    {
    }

    public function own(#[CurrentUser] Person $reader, Request $request, LeavePage $page): Response
    {
        return $this->show($reader, $reader, $request, $page);
    }

    public function show(#[CurrentUser] Person $reader, Person $person, Request $request, LeavePage $page): Response
    {
        Gate::authorize('viewOf', [LeaveRequest::class, $person]);
        $today = $this->today->for($reader);
        $year = Address::of($request)->number('year') ?? $today->year();

        return Inertia::render('Leave', ['leave' => $page->of($reader, $person, max(2000, min(2100, $year)), $today)]);
    }

    public function preview(Person $person, LeaveRequestForm $form): JsonResponse
    {
        Gate::authorize('viewOf', [LeaveRequest::class, $person]);
        $changed = Address::of($form)->number('changes');

        return response()->json(LeavePreview::of($person, $form->leave(), $changed === null ? null : LeaveRequest::query()->with('kind')->where('person_id', $person->id)->find($changed)));
    }

    public function store(#[CurrentUser] Person $reader, Person $person, LeaveRequestForm $form, RequestLeave $ask): RedirectResponse
    {
        Gate::authorize('viewOf', [LeaveRequest::class, $person]);

        return $this->asked($reader, $person, $form, $ask, null);
    }

    public function update(#[CurrentUser] Person $reader, LeaveRequest $leave, LeaveRequestForm $form, RequestLeave $ask): RedirectResponse
    {
        Gate::authorize('change', $leave);

        return $this->asked($reader, $leave->person, $form, $ask, $leave);
    }

    public function destroy(#[CurrentUser] Person $reader, LeaveRequest $leave, TakeBackLeave $takeBack): RedirectResponse
    {
        Gate::authorize('change', $leave);
        try {
            $takeBack->handle($reader, $leave);
        } catch (LeaveNotPossible $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', self::told('leave.taken_back', $leave));
    }

    /** @throws ValidationException */
    private function asked(Person $reader, Person $owner, LeaveRequestForm $form, RequestLeave $ask, ?LeaveRequest $changed): RedirectResponse
    {
        try {
            $request = $ask->handle($reader, $owner, $form->leave(), $changed);
        } catch (LeaveNotPossible $refused) {
            throw ValidationException::withMessages(['first' => $refused->getMessage()]);
        }

        return back()->with('message', self::told($request->state === LeaveState::Approved ? 'leave.approved_at_once' : 'leave.requested', $request));
    }

    private static function told(string $key, LeaveRequest $request): string
    {
        return Wording::of($key, ['kind' => $request->kind->name, 'from' => Wording::day($request->starts_on), 'to' => Wording::day($request->ends_on)]);
    }
}
