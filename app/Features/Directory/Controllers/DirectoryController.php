<?php

declare(strict_types=1);

namespace App\Features\Directory\Controllers;

use App\Features\Directory\Actions\DirectoryRefused;
use App\Features\Directory\Actions\KeepDirectory;
use App\Features\Directory\Actions\MergeDirectoryEntries;
use App\Features\Directory\Queries\DirectoryKind;
use App\Features\Directory\Queries\DirectoryList;
use App\Features\Directory\Requests\DirectoryRequest;
use App\Http\Input\Address;
use App\Models\Client;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Teams, roles and clients. */
final readonly class DirectoryController
{
    public function __construct(private KeepDirectory $keep)
    {
    }

    public function index(Request $request, DirectoryKind $kind, DirectoryList $list): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('Directory', ['directory' => $list->page($kind, $address->text('search'), $address->page())]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, DirectoryKind $kind, DirectoryRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $name = $request->string('name')->trim()->toString();
        try {
            $this->keep->add($office, $kind, $name, $request->string('code')->trim()->toString(), $request->team(null));
        } catch (DirectoryRefused $refused) {
            throw ValidationException::withMessages(['code' => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('organisation.entry_added', ['name' => $name]));
    }

    public function update(#[CurrentUser] Person $office, DirectoryKind $kind, string $code, DirectoryRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $name = $request->string('name')->trim()->toString();
        $entry = self::entry($kind, $code);
        $this->keep->change($office, $kind, $entry, $name, $request->team($entry instanceof Team ? $entry : null), $request->boolean('retired'));

        return back()->with('message', Wording::of('organisation.entry_saved', ['name' => $name]));
    }

    public function destroy(#[CurrentUser] Person $office, DirectoryKind $kind, string $code): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $entry = self::entry($kind, $code);
        try {
            $this->keep->remove($office, $kind, $entry);
        } catch (DirectoryRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('organisation.entry_removed', ['name' => $entry->name]));
    }

    public function merge(#[CurrentUser] Person $office, DirectoryKind $kind, string $code, Request $request, MergeDirectoryEntries $merge): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $entry = self::entry($kind, $code);
        $into = $kind->query()->where('code', Address::of($request)->text('into'))->whereKeyNot($entry->id)->first();
        if ($into === null) {
            return back()->with('refusal', Wording::of('organisation.merge_into'));
        }
        $merge->handle($office, $kind, $entry, $into);

        return back()->with('message', Wording::of('organisation.entry_merged', ['name' => $entry->name, 'into' => $into->name]));
    }

    private static function entry(DirectoryKind $kind, string $code): Client|Role|Team
    {
        return $kind->query()->where('code', $code)->firstOrFail();
    }
}
