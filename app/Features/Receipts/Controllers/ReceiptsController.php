<?php

declare(strict_types=1);

namespace App\Features\Receipts\Controllers;

use App\Features\Receipts\Actions\ReceiptRefused;
use App\Features\Receipts\Actions\RemoveReceipt;
use App\Features\Receipts\Actions\TakeUploads;
use App\Features\Receipts\Requests\ReceiptsRequest;
use App\Features\Receipts\Requests\ReminderRequest;
use App\Models\Person;
use App\Models\Receipt;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Receipts as files: added, looked at, and removed. */
final class ReceiptsController
{
    /** @throws ValidationException of those that are not taken; the others are kept */
    public function store(#[CurrentUser] Person $sender, Person $person, ReceiptsRequest $request, TakeUploads $take): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        [$taken, $refusals] = $take->handle($sender, $person, $request->uploads());
        if ($refusals !== []) {
            throw ValidationException::withMessages(['uploads' => implode(' ', array_unique($refusals))]);
        }

        return back()->with('message', Wording::choice('receipts.added', $taken));
    }

    /** Never run, whatever is in it: the browser shows it in a box of its own. */
    public function show(Receipt $receipt): BinaryFileResponse
    {
        Gate::authorize('view', $receipt);
        abort_unless(is_file($receipt->path()), 404);

        return response()->file($receipt->path(), [
            'Content-Type' => $receipt->media_type, 'Content-Security-Policy' => "default-src 'none'; sandbox", 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=86400',
        ])->setContentDisposition('inline', $receipt->file);
    }

    /** How often its owner is reminded of those that wait. */
    public function remind(Person $person, ReminderRequest $request): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $person->update(['receipt_reminder' => $request->reminder()]);

        return back()->with('message', Wording::of('receipts.reminder_saved'));
    }

    public function destroy(Receipt $receipt, RemoveReceipt $remove): RedirectResponse
    {
        Gate::authorize('remove', $receipt);
        try {
            $remove->handle($receipt);
        } catch (ReceiptRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('receipts.removed'));
    }
}
