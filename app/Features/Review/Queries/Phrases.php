<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Models\Person;
use App\Models\Phrase;
use App\Support\Database\Record;

/** The phrases that an approver keeps for returning. */
final class Phrases
{
    /** @return list<string> the newest first */
    public function of(Person $person): array
    {
        return array_map(static fn (Record $phrase): string => $phrase->string('phrase'), Record::all(
            Phrase::query()->toBase()->where('person_id', $person->id)->orderByDesc('id'),
        ));
    }
}
