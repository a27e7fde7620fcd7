<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Approval\RouteWaitingEntries;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Gives several people the same team, line manager or usual role. */
final readonly class ChangeSeveralPeople
{
    /** Line managers above somebody that are looked at. */
    private const HIGHEST = 50;

    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals, private RouteWaitingEntries $routing)
    {
    }

    /**
     * @param  list<string>  $codes  of people; who is not there is passed over
     * @return int how many have changed
     *
     * @throws PersonRefused if somebody would become their own line manager
     */
    public function handle(Person $by, array $codes, SharedField $field, Person|Role|Team|null $value): int
    {
        $changed = DB::transaction(function () use ($by, $codes, $field, $value): array {
            $column = $field->column();
            $people = Record::all(Person::query()->toBase()->whereIn('people.code', $codes)
                ->leftJoinSub($field->options()->toBase()->select('id AS option_id', 'code AS option_code'), 'options', 'options.option_id', "people.$column")
                ->select('people.id', 'people.code', "people.$column AS before", 'options.option_code'));
            $changed = array_values(array_filter($people, static fn (Record $person): bool => $person->intOrNull('before') !== $value?->id));
            $ids = array_map(static fn (Record $person): int => $person->int('id'), $changed);
            if ($field === SharedField::Manager && $value instanceof Person && array_intersect(self::above($value), $ids) !== []) {
                throw PersonRefused::because('value', 'person_manager');
            }
            Person::query()->whereIntegerInRaw('id', $ids)->update([$column => $value?->id]);
            $this->auditTrail->of(array_map(static fn (Record $person): AuditTrailLine => AuditTrailLine::on(
                AuditTrailSubject::Person, $person->string('code'), 'change', $by, [$field->told() => $person->stringOrNull('option_code')], [$field->told() => $value?->code], $person->int('id'),
            ), $changed));
            $changes = new EffortChanges;
            foreach ($ids as $id) {
                $changes->ofPerson($id, [$column]);
            }
            $this->totals->handle($changes);

            return $ids;
        });
        if ($field === SharedField::Manager && $changed !== []) {
            // What waits for the line manager goes on to whoever it is now.
            $this->routing->handle(people: $changed);
        }

        return count($changed);
    }

    /** @return list<int> somebody and whoever is above them */
    private static function above(Person $person): array
    {
        $above = [];
        for ($one = $person; $one !== null && count($above) < self::HIGHEST; $one = $one->manager) {
            $above[] = $one->id;
            $one->loadMissing('manager');
        }

        return $above;
    }
}
