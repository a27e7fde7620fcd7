<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Directory\Queries\DirectoryKind;
use App\Models\Assignment;
use App\Models\Client;
use App\Models\ClientContact;
use App\Models\ExpenseCategoryTeam;
use App\Models\HouseRuleSetting;
use App\Models\OwnField;
use App\Models\PayPremiumTeam;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\SavedComparisonReader;
use App\Models\Team;
use App\Support\Database\ShortSteps;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * Gives what refers to one team, role or client to another, in short steps, and retires the one: what was recorded in a role stays in
 * it, and so does what was approved and billed. Begun again, it goes on where it stopped.
 */
final readonly class MergeDirectoryEntries
{
    private const AT_ONCE = 100;

    public function __construct(private UpdateTotals $totals, private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $by, DirectoryKind $kind, Client|Role|Team $entry, Client|Role|Team $into): void
    {
        DB::transaction(function () use ($by, $kind, $entry, $into): void {
            $entry->update(['is_retired' => true]);
            $this->auditTrail->of([AuditTrailLine::on($kind->subject(), $entry->code, 'merge', $by, ['name' => $entry->name], ['name' => $into->name])]);
        });
        match ($kind) {
            DirectoryKind::Teams => $this->team($entry->id, $into->id),
            DirectoryKind::Roles => $this->role($entry->id, $into->id),
            DirectoryKind::Clients => $this->client($entry->id, $into->id),
        };
    }

    private function team(int $team, int $into): void
    {
        $this->each(Person::query()->where('team_id', $team), ['team_id' => $into], static function (EffortChanges $changes, Person $person): void {
            $changes->ofPerson($person->id, ['team_id']);
        });
        $this->assignments('team_id', $team, $into);
        DB::transaction(static function () use ($team, $into): void {
            OwnField::query()->where('team_id', $team)->update(['team_id' => $into]);
            $usable = ExpenseCategoryTeam::query()->where('team_id', $into)->select('expense_category_id');
            ExpenseCategoryTeam::query()->where('team_id', $team)->whereIn('expense_category_id', $usable)->delete();
            ExpenseCategoryTeam::query()->where('team_id', $team)->update(['team_id' => $into]);
            $premiums = PayPremiumTeam::query()->where('team_id', $into)->select('pay_premium_id');
            PayPremiumTeam::query()->where('team_id', $team)->whereIn('pay_premium_id', $premiums)->delete();
            PayPremiumTeam::query()->where('team_id', $team)->update(['team_id' => $into]);
            // A pay rule of the other from the same day on holds.
            $ruled = PayRule::query()->where('team_id', $into)->get()->map(static fn (PayRule $rule): ?string => $rule->starts_on?->toString())->all();
            foreach (PayRule::query()->where('team_id', $team)->get() as $rule) {
                in_array($rule->starts_on?->toString(), $ruled, true) ? $rule->delete() : $rule->update(['team_id' => $into]);
            }
            // A rule that is set for the other from the same day on holds.
            $key = static fn (HouseRuleSetting $setting): string => $setting->rule.' '.$setting->starts_on?->toString();
            $set = HouseRuleSetting::query()->where('team_id', $into)->get()->map($key)->all();
            foreach (HouseRuleSetting::query()->where('team_id', $team)->get() as $setting) {
                in_array($key($setting), $set, true) ? $setting->delete() : $setting->update(['team_id' => $into]);
            }
            SavedComparisonReader::query()->where('team_id', $team)->whereIn('saved_comparison_id', SavedComparisonReader::query()->where('team_id', $into)->select('saved_comparison_id'))->delete();
            SavedComparisonReader::query()->where('team_id', $team)->update(['team_id' => $into]);
        });
    }

    private function role(int $role, int $into): void
    {
        $this->each(Person::query()->where('role_id', $role), ['role_id' => $into], static function (EffortChanges $changes, Person $person): void {
            $changes->ofPerson($person->id, ['role_id']);
        });
        $this->assignments('role_id', $role, $into);
    }

    private function client(int $client, int $into): void
    {
        $this->each(Project::query()->where('client_id', $client), ['client_id' => $into]);
        OwnField::query()->where('client_id', $client)->update(['client_id' => $into]);
        DB::transaction(static function () use ($client, $into): void {
            $known = ClientContact::query()->where('client_id', $into)->get()->map(static fn (ClientContact $one): string => $one->name.' '.$one->email)->all();
            foreach (ClientContact::query()->where('client_id', $client)->get() as $contact) {
                in_array($contact->name.' '.$contact->email, $known, true) ? $contact->delete() : $contact->update(['client_id' => $into]);
            }
        });
    }

    /** An assignment that is there already under the other stays as it is. */
    private function assignments(string $column, int $from, int $into): void
    {
        $last = 0;
        ShortSteps::run(function () use ($column, $from, $into, &$last): bool {
            $some = Assignment::query()->where($column, $from)->where('id', '>', $last)->orderBy('id')->limit(self::AT_ONCE)->get();
            $key = static fn (Assignment $one): string => implode('/', [$one->task_id, $one->person_id, $column === 'team_id' ? $into : $one->team_id, $column === 'role_id' ? $into : $one->role_id, $one->starts_on->toString()]);
            $there = Assignment::query()->whereIntegerInRaw('task_id', $some->pluck('task_id')->all())->where($column, $into)->get()->map($key)->all();
            $changes = new EffortChanges;
            foreach ($some as $assignment) {
                $last = $assignment->id;
                if (! in_array($key($assignment), $there, true)) {
                    $assignment->update([$column => $into]);
                    $changes->plansOf($assignment->task_id);
                }
            }
            $this->totals->handle($changes);

            return $some->count() === self::AT_ONCE;
        }, null);
    }

    /**
     * @template Row of Model
     *
     * @param  Builder<Row>  $rows
     * @param  array<string, int>  $values
     * @param  Closure(EffortChanges, Row): void|null  $changed
     */
    private function each(Builder $rows, array $values, ?Closure $changed = null): void
    {
        ShortSteps::run(function () use ($rows, $values, $changed): bool {
            $some = $rows->clone()->orderBy('id')->limit(self::AT_ONCE)->get();
            $changes = new EffortChanges;
            foreach ($some as $row) {
                $row->update($values);
                if ($changed !== null) {
                    $changed($changes, $row);
                }
            }
            $this->totals->handle($changes);

            return $some->count() === self::AT_ONCE;
        }, null);
    }
}
