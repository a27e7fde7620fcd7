<?php

declare(strict_types=1);

namespace App\Features\Billing\Controllers;

use App\Features\Billing\Actions\BillingRefused;
use App\Features\Billing\Actions\KeepMappings;
use App\Features\Billing\Actions\MakeBillingFile;
use App\Features\Billing\Files\BillingDocument;
use App\Features\Billing\Props\BillingPreviewProps;
use App\Features\Billing\Props\PayrollPreviewProps;
use App\Features\Billing\Props\UnbilledProps;
use App\Features\Billing\Queries\BillingMappings;
use App\Features\Billing\Queries\BillingPage;
use App\Features\Billing\Queries\BillingPreview;
use App\Features\Billing\Queries\PayrollPreview;
use App\Features\Billing\Requests\BillingFileRequest;
use App\Features\Billing\Requests\BillingMappingRequest;
use App\Http\Input\Address;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingMapping;
use App\Models\BillingState;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as FileResponse;

/** What clients are billed for and people are paid for. */
final readonly class BillingController
{
    public function __construct(private KeepMappings $mappings)
    {
    }

    public function show(#[CurrentUser] Person $office, Request $request, Today $today): Response
    {
        Gate::authorize('keep', Organisation::class);

        $billing = BillingPage::of(Address::of($request), $today->for($office));
        $isBill = $billing->kind === BillingKind::Bill;

        return Inertia::render('Billing', [
            'billing' => $billing,
            'unbilled' => Inertia::defer(static fn (): UnbilledProps => BillingPage::unbilled($billing), 'unbilled', rescue: true),
            'preview' => $isBill ? Inertia::defer(static fn (): BillingPreviewProps => BillingPreview::of($billing), 'preview', rescue: true) : null,
            'payroll' => $isBill ? null : Inertia::defer(static fn (): PayrollPreviewProps => PayrollPreview::of($billing), 'preview', rescue: true),
        ]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, BillingFileRequest $request, MakeBillingFile $make): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $make->handle($office, $request->kind(), $request->client(), $request->day('from'), $request->day('until'), $request->seen());
        } catch (BillingRefused $refused) {
            throw ValidationException::withMessages(['until' => $refused->getMessage()]);
        }

        return redirect()->route('office.billing', ['kind' => $request->kind()->value])->with('message', Wording::of('billing.making'));
    }

    public function saveMapping(#[CurrentUser] Person $office, BillingMappingRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $name = $request->string('name')->trim()->toString();
        $this->mappings->save($office, $request->kind(), $name, $request->detail(), $request->columns());

        return back()->with('message', Wording::of('billing.mapping_saved', ['name' => $name]));
    }

    public function removeMapping(#[CurrentUser] Person $office, BillingMapping $mapping): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->mappings->remove($office, $mapping);

        return back()->with('message', Wording::of('billing.mapping_removed', ['name' => $mapping->name]));
    }

    public function download(BillingFile $billingFile, string $format, Request $request, BillingDocument $document): FileResponse
    {
        Gate::authorize('keep', Organisation::class);
        if ($billingFile->state !== BillingState::Done) {
            return back()->with('refusal', Wording::of('billing.not_done'));
        }
        $mapping = BillingMappings::of($billingFile->kind, Address::of($request)->number('mapping'));
        $name = sprintf('%s-%d-%s.%s', $billingFile->kind->value, $billingFile->id, $billingFile->ends_on->toString(), $format);

        return match ($format) {
            'xlsx' => response()->download($document->xlsx($billingFile, $mapping), $name, ['Content-Type' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'])->deleteFileAfterSend(),
            'pdf' => response()->streamDownload(static function () use ($document, $billingFile, $mapping): void {
                echo $document->pdf($billingFile, $mapping);
            }, $name, ['Content-Type' => 'application/pdf']),
            default => response()->streamDownload(static function () use ($document, $billingFile, $mapping): void {
                foreach ($document->csv($billingFile, $mapping) as $piece) {
                    echo $piece;
                }
            }, $name, ['Content-Type' => 'text/csv; charset=utf-8']),
        };
    }
}
