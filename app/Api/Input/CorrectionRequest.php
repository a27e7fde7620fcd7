<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Corrections\Actions\ProposedHours;
use App\Http\Input\BoundedRequest;
use App\Models\Entry;
use App\Models\Person;
use App\Support\Database\WriteLimits;
use App\Support\Language\Wording;
use Illuminate\Validation\ValidationException;

/** Other hours for entries that are approved or settled, and why. */
final class CorrectionRequest extends BoundedRequest implements DescribesBody
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'entries' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'entries.*.entry' => ['required', 'integer', 'min:1', 'distinct'],
            'entries.*.hours' => ['present', 'nullable', 'string', 'max:50'],
            'reason' => ['required', 'string', 'max:1000'],
        ];
    }

    public static function fields(): array
    {
        return [
            'entries' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WriteLimits::MOST_ROWS, 'items' => ['type' => 'object', 'required' => ['entry', 'hours'], 'properties' => [
                'entry' => ['type' => 'integer', 'description' => 'Number of the entry.'],
                'hours' => ['type' => ['string', 'null'], 'description' => 'What it should be; empty for nothing.'],
            ]]],
            'reason' => ['type' => 'string', 'maxLength' => 1000],
        ];
    }

    public static function required(): array
    {
        return ['entries', 'reason'];
    }

    /**
     * @return non-empty-list<ProposedHours>
     *
     * @throws ValidationException if one is not an entry of the person
     */
    public function proposals(Person $person): array
    {
        /** @var non-empty-list<array{entry: int|string, hours: string|null}> $rows */
        $rows = $this->array('entries');
        $entries = Entry::query()->where('person_id', $person->id)->whereKey(array_map(static fn (array $row): int => (int) $row['entry'], $rows))->get()->keyBy('id');

        return array_map(static function (array $row, int $place) use ($entries): ProposedHours {
            $entry = $entries->get((int) $row['entry']) ?? throw ValidationException::withMessages(["entries.$place.entry" => Wording::of('api.unknown_entry', ['entry' => (int) $row['entry']])]);

            return new ProposedHours($entry->task_id, $entry->role_id, $entry->date, $row['hours'] ?? '');
        }, $rows, array_keys($rows));
    }
}
