<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\EntriesRequest;
use App\Api\Input\EntryRequest;
use App\Api\Input\SaveEntriesRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\EntryPages;
use App\Api\Resources\Entry as EntryResource;
use App\Api\Resources\EntryList;
use App\Api\Resources\SavedEntries;
use App\Api\Resources\SavedEntry;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Entry;
use App\Models\Person;
use App\OwnFields\TypedFields;
use App\Pay\TypedPay;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Time\Minutes;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Entries of timesheets, saved as the cells of the pages are. */
final readonly class EntriesController
{
    public function __construct(private SaveCells $save)
    {
    }

    #[Describes('Entries of a person in the order of days.', EntryList::class)]
    public function index(#[CurrentUser] Person $reader, EntriesRequest $request): JsonResponse
    {
        $owner = $request->owner($reader);
        Gate::authorize('viewWeek', $owner);

        return new JsonResponse(EntryPages::of($owner, $request));
    }

    #[Describes('One entry.', EntryResource::class)]
    public function show(Entry $entry): JsonResponse
    {
        Gate::authorize('viewEntries', [$entry->person, $entry->task_id]);

        return self::answer($entry);
    }

    #[Describes('Make, change and clear entries of a person. What can be saved is saved; what cannot is refused by itself.', SavedEntries::class)]
    public function save(#[CurrentUser] Person $actor, Person $person, SaveEntriesRequest $request): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $results = $this->save->handle($actor, $person, $request->cells());
        $entries = EntryPages::on($person, array_values(array_unique(array_map(static fn (CellResult $result): string => $result->input->day->toString(), $results))));

        return new JsonResponse(new SavedEntries(array_map(
            static fn (CellResult $result): SavedEntry => new SavedEntry($result->outcome, $result->message, $entries[$result->input->cell()] ?? null), $results,
        )));
    }

    #[Describes('Change an entry.', EntryResource::class, problems: [412, 428])]
    public function update(#[CurrentUser] Person $actor, Entry $entry, EntryRequest $request): JsonResponse
    {
        $this->change($actor, $entry, new CellInput(
            $entry->task_id, $entry->role_id, $entry->date,
            $request->has('hours') ? $request->string('hours')->toString() : null, self::seen($request, $entry),
            $request->has('note') ? $request->string('note')->toString() : null,
            $request->has('clientNote') ? $request->string('clientNote')->toString() : null,
            $request->filled('billable') ? $request->boolean('billable') : null,
            $request->filled('minutes') ? Minutes::of($request->integer('minutes')) : null,
            $request->filled('fields') ? TypedFields::texts($request->array('fields')) : null,
            $request->has('chargeCode') ? $request->string('chargeCode')->toString() : null,
            $request->filled('pay') ? TypedPay::read($request->array('pay')) : null,
        ));
        $after = Entry::query()->find($entry->id);

        return $after === null ? new JsonResponse(null, 204) : self::answer($after);
    }

    #[Describes('Clear an entry.', null, problems: [412, 428])]
    public function destroy(#[CurrentUser] Person $actor, Entry $entry, Request $request): Response
    {
        $this->change($actor, $entry, new CellInput($entry->task_id, $entry->role_id, $entry->date, '', self::seen($request, $entry)));

        return new Response(status: 204);
    }

    private function change(Person $actor, Entry $entry, CellInput $input): void
    {
        Gate::authorize('recordWeek', $entry->person);
        $result = $this->save->handle($actor, $entry->person, [$input])[0];
        if ($result->outcome !== CellOutcome::Saved) {
            throw new HttpException($result->outcome === CellOutcome::MovedOn ? 412 : 422, $result->message ?? '');
        }
    }

    /** The version that was seen; that of another time refuses the change. */
    private static function seen(Request $request, Entry $entry): int
    {
        $given = $request->headers->get('If-Match');
        if ($given === null) {
            throw new HttpException(428, Wording::of('api.match_needed'));
        }
        if (trim($given, ' "') !== (string) $entry->version || $entry->corrects !== null) {
            throw new HttpException(412, Wording::of('api.changed'));
        }

        return $entry->version;
    }

    private static function answer(Entry $entry): JsonResponse
    {
        return (new JsonResponse(EntryPages::one($entry)))->setEtag((string) $entry->version);
    }
}
