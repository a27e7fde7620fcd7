<?php

declare(strict_types=1);

namespace App\Exchange\Controllers;

use App\Exchange\Actions\BeginTransfer;
use App\Exchange\Actions\TakeBackImport;
use App\Exchange\Actions\TransferRefused;
use App\Exchange\ExchangeText;
use App\Exchange\Queries\Transfers;
use App\Exchange\Requests\ExportRequest;
use App\Exchange\Requests\ImportRequest;
use App\Http\Input\Address;
use App\Models\FileTransfer;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\TransferKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Files in and out, in the browser. */
final readonly class TransfersController
{
    public function __construct(private BeginTransfer $begin)
    {
    }

    public function index(Request $request): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Files', ['files' => Transfers::page(Address::of($request)->page())]);
    }

    public function show(Request $request, FileTransfer $transfer): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('Import', ['preview' => Transfers::preview($transfer->load('person'), $address->text('outcome'), $address->text('file'), $address->page())]);
    }

    public function progress(FileTransfer $transfer): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);

        return response()->json(Transfers::props($transfer->load('person')));
    }

    /** @throws ValidationException */
    public function import(#[CurrentUser] Person $office, ImportRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $transfer = $this->begin->import($office, $request->uploads(), $request->boolean('replacesPlan'));
        } catch (TransferRefused $refused) {
            throw ValidationException::withMessages(['uploads' => $refused->getMessage()]);
        }

        return redirect()->route('office.files.transfer', ['transfer' => $transfer->id]);
    }

    public function run(FileTransfer $transfer): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $this->begin->run($transfer);
        } catch (TransferRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back();
    }

    public function takeBack(#[CurrentUser] Person $office, FileTransfer $transfer, TakeBackImport $takeBack): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $takeBack->handle($office, $transfer);
        } catch (TransferRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', ExchangeText::get('transfer.taken_back'));
    }

    /** Files that were checked and are not wanted. */
    public function destroy(FileTransfer $transfer): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        if (! FileTransfer::query()->whereKey($transfer->id)->whereIn('state', ['checked', 'refused', 'failed'])->exists()) {
            return back()->with('refusal', ExchangeText::get('transfer.not_checked'));
        }
        File::deleteDirectory($transfer->folder());
        $transfer->delete();

        return redirect()->route('office.files')->with('message', ExchangeText::get('transfer.discarded'));
    }

    public function export(#[CurrentUser] Person $office, ExportRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->begin->export($office, $request->kinds(), $request->period());

        return back()->with('message', ExchangeText::get('transfer.exporting'));
    }

    public function download(FileTransfer $transfer): BinaryFileResponse|RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $path = $transfer->folder().'/export.zip';
        if ($transfer->kind !== TransferKind::Export || ! is_file($path)) {
            return redirect()->route('office.files')->with('refusal', ExchangeText::get('transfer.gone'));
        }

        return response()->download($path, 'moss-week-'.substr($transfer->begun_at, 0, 10).'.zip', ['Content-Type' => 'application/zip']);
    }
}
