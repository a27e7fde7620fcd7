<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\SavedComparison;
use App\Models\SavedComparisonVersion;
use App\Models\Sharing;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Keeps a comparison under a name, and what it becomes; every change of name or question is a version. */
final readonly class SaveComparison
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  string  $address  the question, as `ComparisonAddress` writes it
     *
     * @throws ComparisonRefused
     */
    public function handle(Person $owner, string $name, string $address): SavedComparison
    {
        return DB::transaction(function () use ($owner, $name, $address): SavedComparison {
            self::checkName($owner->id, $name, null);
            $saved = SavedComparison::query()->create(['owner_id' => $owner->id, 'name' => $name, 'address' => $address, 'sharing' => Sharing::Nobody, 'version' => 1, ...$this->changed($owner)]);
            $this->writeVersion($saved, $owner);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $name, 'add', $owner, null, ['name' => $name, 'address' => $address])]);

            return $saved;
        });
    }

    /**
     * @param  string|null  $address  null to leave the question as it is
     * @param  int|null  $version  that was changed; null where that does not matter
     *
     * @throws ComparisonRefused
     */
    public function change(Person $actor, SavedComparison $saved, string $name, ?string $address, ?int $version): void
    {
        DB::transaction(function () use ($actor, $saved, $name, $address, $version): void {
            $saved->refresh();
            if ($version !== null && $version !== $saved->version) {
                throw ComparisonRefused::because('saved_comparison_moved_on');
            }
            self::checkName($saved->owner_id, $name, $saved->id);
            $before = ['name' => $saved->name, 'address' => $saved->address];
            $after = ['name' => $name, 'address' => $address ?? $saved->address];
            if ($before === $after) {
                return;
            }
            $saved->update([...$after, 'version' => $saved->version + 1, ...$this->changed($actor)]);
            $this->writeVersion($saved, $actor);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $name, 'change', $actor, $before, $after)]);
        });
    }

    public function remove(Person $actor, SavedComparison $saved): void
    {
        DB::transaction(function () use ($actor, $saved): void {
            $saved->delete();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $saved->name, 'remove', $actor, ['name' => $saved->name, 'address' => $saved->address], null)]);
        });
    }

    /** @throws ComparisonRefused */
    private static function checkName(int $owner, string $name, ?int $of): void
    {
        if (SavedComparison::query()->where('owner_id', $owner)->where('name', $name)->where('id', '<>', $of ?? 0)->exists()) {
            throw ComparisonRefused::because('saved_comparison_name');
        }
    }

    /** @return array{changed_at: string, changed_by_id: int} */
    private function changed(Person $actor): array
    {
        return ['changed_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'changed_by_id' => $actor->id];
    }

    private function writeVersion(SavedComparison $saved, Person $actor): void
    {
        SavedComparisonVersion::query()->insert(['saved_comparison_id' => $saved->id, 'number' => $saved->version, 'name' => $saved->name, 'address' => $saved->address, ...$this->changed($actor)]);
    }
}
