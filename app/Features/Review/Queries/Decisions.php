<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\DecisionKind;
use App\Features\Review\Props\DecisionProps;
use App\Models\DecidedEntry;
use App\Models\Decision;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;

/** What a person has decided today and not undone, in two queries. */
final class Decisions
{
    private const MOST = 5;

    /** @return list<DecisionProps> the newest first */
    public function of(Person $person, Day $today): array
    {
        $decisions = Record::all(Decision::query()->toBase()->where('actor_id', $person->id)->where('at', '>=', $today->plusDays(-1)->toString())
            ->whereNull('undone_at')->orderByDesc('id')->limit(self::MOST));
        $touched = $this->touched(array_map(static fn (Record $decision): int => $decision->int('id'), $decisions));

        return array_map(static fn (Record $decision): DecisionProps => new DecisionProps(
            $decision->int('id'),
            $decision->string('at'),
            DecisionKind::from($decision->string('decision')),
            $decision->string('comment'),
            $decision->int('entries'),
            $decision->int('minutes'),
            $touched[$decision->int('id')]['people'] ?? [],
            ($touched[$decision->int('id')]['as they were'] ?? 0) === $decision->int('entries'),
        ), $decisions);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, array{'people': list<string>, 'as they were': int}>
     */
    private function touched(array $ids): array
    {
        $query = DecidedEntry::query()->toBase()
            ->join('entries', static fn (JoinClause $join): JoinClause => $join->on('entries.id', 'decided_entries.entry_id')->whereColumn('entries.version', 'decided_entries.version'))
            ->join('people', 'people.id', 'entries.person_id')
            ->whereIntegerInRaw('decided_entries.decision_id', $ids)->where('entries.state', '<>', 'settled')
            ->select('decided_entries.decision_id', 'people.name', Sql::count('entries'))
            ->groupBy('decided_entries.decision_id', 'people.id')->orderBy('people.name');
        $touched = [];
        foreach (Record::all($query) as $record) {
            $touched[$record->int('decision_id')]['people'][] = $record->string('name');
            $touched[$record->int('decision_id')]['as they were'] = ($touched[$record->int('decision_id')]['as they were'] ?? 0) + $record->int('entries');
        }

        return $touched;
    }
}
