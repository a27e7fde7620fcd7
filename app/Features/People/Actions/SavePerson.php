<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Approval\RouteWaitingEntries;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Lookup\FreeCode;
use App\Models\Access;
use App\Models\Organisation;
use App\Models\Person;
use App\OwnFields\FieldsChange;
use App\OwnFields\OwnFieldsRefused;
use App\OwnFields\SaveOwnFields;
use App\OwnFields\TypedFields;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\OwnFields\FieldSubject;

/** Adds somebody, or changes what holds for them; what follows from it for plans and costs is worked out in the background. */
final readonly class SavePerson
{
    /** Line managers above somebody that are looked at, before it must be a circle. */
    private const HIGHEST = 50;

    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals, private RouteWaitingEntries $routing, private Today $today, private SaveOwnFields $fields)
    {
    }

    /** @throws PersonRefused */
    public function add(Person $by, PersonInput $input): Person
    {
        return DB::transaction(function () use ($by, $input): Person {
            self::check($input, null);
            $code = $input->code === '' ? FreeCode::of(Person::query(), (string) strstr($input->email, '@', true), 'person') : $input->code;
            $values = ['code' => $code, ...$this->values($input, null)];
            $person = Person::query()->create($values)->refresh();
            $fields = $this->saveFields($person, $input);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Person, $person->code, 'add', $by, null, [...self::told($person), ...$fields->after], $person->id)]);

            return $person;
        });
    }

    /** @throws PersonRefused */
    public function change(Person $by, Person $person, PersonInput $input): void
    {
        $managerBefore = $person->manager_id;
        DB::transaction(function () use ($by, $person, $input): void {
            self::check($input, $person);
            if ($by->is($person) && $input->access !== Access::Office) {
                throw PersonRefused::because('access', 'person_own_access');
            }
            $before = self::told($person);
            $person->fill($this->values($input, $person));
            $changed = array_keys($person->getDirty());
            $person->save();
            $person->unsetRelations();
            $fields = $this->saveFields($person, $input);
            [$before, $after] = [[...$before, ...$fields->before], [...self::told($person), ...$fields->after]];
            $told = array_keys(array_diff_assoc($after, $before));
            if ($told === []) {
                return;
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Person, $person->code, 'change', $by, array_intersect_key($before, array_flip($told)), array_intersect_key($after, array_flip($told)), $person->id)]);
            $this->totals->handle((new EffortChanges)->ofPerson($person->id, $changed));
        });
        if ($person->manager_id !== $managerBefore) {
            // What waits for the line manager goes on to whoever it is now.
            $this->routing->handle(people: [$person->id]);
        }
    }

    /** @throws OwnFieldsRefused */
    private function saveFields(Person $person, PersonInput $input): FieldsChange
    {
        $changes = $this->fields->handle(FieldSubject::Person, [$person->id => new TypedFields($input->fields, $this->today->in('UTC'), $input->team?->code)], $input->fields !== []);

        return $changes[$person->id] ?? new FieldsChange;
    }

    /** @throws PersonRefused */
    private static function check(PersonInput $input, ?Person $person): void
    {
        $other = Person::query()->when($person !== null, static fn ($others) => $others->whereKeyNot($person?->id));
        $fault = match (true) {
            (clone $other)->where('email', $input->email)->exists() => ['email', 'person_email_taken'],
            $person === null && $input->code !== '' && (clone $other)->where('code', $input->code)->exists() => ['code', 'person_code_taken'],
            $input->startsOn !== null && $input->endsOn !== null && $input->endsOn->isBefore($input->startsOn) => ['endsOn', 'person_order'],
            ! $input->breaks->areWithin($input->startsOn, $input->endsOn) => ['breaks', 'person_breaks'],
            $person !== null && self::leadsTo($input->manager, $person) => ['manager', 'person_manager'],
            default => null,
        };
        if ($fault !== null) {
            throw PersonRefused::because(...$fault);
        }
    }

    /** Whether somebody, or whoever is above them, is the person. */
    private static function leadsTo(?Person $manager, Person $person): bool
    {
        for ($above = 0; $manager !== null && $above < self::HIGHEST; $above++) {
            if ($manager->is($person)) {
                return true;
            }
            $manager = Person::query()->find($manager->manager_id);
        }

        return $manager !== null;
    }

    /** @return array<string, mixed> */
    private function values(PersonInput $input, ?Person $person): array
    {
        return [
            'name' => $input->name,
            'email' => $input->email,
            'team_id' => $input->team?->id,
            'manager_id' => $input->manager?->id,
            'access' => $input->access,
            'role_id' => $input->role?->id,
            'calendar_id' => $input->calendar?->id,
            'timezone' => $input->timezone,
            'starts_on' => $input->startsOn,
            'ends_on' => $input->endsOn,
            'pattern' => $this->pattern($input, $person),
            'employment_breaks' => $input->breaks->toString() === '' ? null : $input->breaks->toString(),
        ] + ($input->language === null ? [] : ['language' => $input->language]);
    }

    /** From its day on where there is one: what held before still does. Where the same holds already, everything stays. */
    private function pattern(PersonInput $input, ?Person $person): ?string
    {
        if ($input->pattern === null) {
            return null;
        }
        $stored = $person?->pattern === null ? null : WorkPattern::of($person->pattern);
        if ($input->patternFrom === null) {
            return $stored?->heldOn($this->today->in('UTC'))->toString() === $input->pattern->toString() ? $stored->toString() : $input->pattern->toString();
        }

        return ($stored ?? WorkPattern::of(Organisation::query()->sole()->pattern))->from($input->patternFrom, $input->pattern)->toString();
    }

    /** @return array<string, string|int|null> as the audit trail tells it */
    private static function told(Person $person): array
    {
        $person->loadMissing(['team', 'manager', 'role', 'calendar']);

        return AuditTrailLine::told([
            'name' => $person->name,
            'email' => $person->email,
            'team' => $person->team?->code,
            'line manager' => $person->manager?->code,
            'access' => $person->access,
            'role' => $person->role?->code,
            'calendar' => $person->calendar?->code,
            'time zone' => $person->timezone,
            'first day' => $person->starts_on,
            'last day' => $person->ends_on,
            'employment breaks' => $person->employment_breaks,
            'language' => $person->language,
            'pattern' => $person->pattern,
        ]);
    }
}
