<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\PeopleRequest;
use App\Api\Input\PersonRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\PeoplePages;
use App\Api\Resources\Person as PersonResource;
use App\Api\Resources\PersonList;
use App\Features\People\Actions\PersonRefused;
use App\Features\People\Actions\SavePerson;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** People, as the time office keeps them. */
final readonly class PeopleController
{
    public function __construct(private SavePerson $save)
    {
    }

    #[Describes('People of the organisation by their codes. For the time office.', PersonList::class)]
    public function index(PeopleRequest $request): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);

        return new JsonResponse(PeoplePages::of($request));
    }

    #[Describes('One person. For the time office, and for oneself.', PersonResource::class)]
    public function show(#[CurrentUser] Person $reader, Person $person): JsonResponse
    {
        if (! $reader->is($person)) {
            Gate::authorize('keep', Organisation::class);
        }

        return new JsonResponse(PeoplePages::one($person));
    }

    /** @throws ValidationException */
    #[Describes('Add somebody. Whoever is added signs in once they are invited.', PersonResource::class)]
    public function store(#[CurrentUser] Person $office, PersonRequest $request): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $person = $this->save->add($office, $request->person());
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return new JsonResponse(PeoplePages::one($person));
    }

    /** @throws ValidationException */
    #[Describes('Change what holds for somebody: all of it, as it was read.', PersonResource::class, problems: [412, 428])]
    public function update(#[CurrentUser] Person $office, Person $person, PersonRequest $request): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            DB::transaction(function () use ($office, $person, $request): void {
                SeenVersion::mustBe($request, PeoplePages::one($person));
                $this->save->change($office, $person, $request->person());
            });
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return new JsonResponse(PeoplePages::one($person->refresh()));
    }
}
