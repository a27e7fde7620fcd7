<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\SavedComparison;
use App\Models\SavedComparisonReader;
use App\Models\Sharing;
use App\Models\Team;
use Illuminate\Support\Facades\DB;

/** Shares a saved comparison with nobody, with people and teams, or with everybody. Each sees in it what they may see. */
final readonly class ShareComparison
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  list<Person>  $people
     * @param  list<Team>  $teams
     */
    public function handle(Person $actor, SavedComparison $saved, Sharing $sharing, array $people, array $teams): void
    {
        DB::transaction(function () use ($actor, $saved, $sharing, $people, $teams): void {
            $before = self::told($saved);
            SavedComparisonReader::query()->where('saved_comparison_id', $saved->id)->delete();
            if ($sharing === Sharing::Some) {
                SavedComparisonReader::query()->insert([
                    ...array_map(static fn (Person $person): array => ['saved_comparison_id' => $saved->id, 'person_id' => $person->id, 'team_id' => null], $people),
                    ...array_map(static fn (Team $team): array => ['saved_comparison_id' => $saved->id, 'person_id' => null, 'team_id' => $team->id], $teams),
                ]);
            }
            $saved->update(['sharing' => $sharing]);
            $after = self::told($saved);
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $saved->name, 'change', $actor, $before, $after)]);
            }
        });
    }

    /** @return array{sharing: string, readers: string} */
    private static function told(SavedComparison $saved): array
    {
        $codes = [];
        foreach (SavedComparisonReader::query()->where('saved_comparison_id', $saved->id)->with('person:id,code', 'team:id,code')->get() as $reader) {
            $codes[] = $reader->person === null ? 'team '.$reader->team?->code : $reader->person->code;
        }
        sort($codes);

        return ['sharing' => $saved->sharing->value, 'readers' => implode(', ', $codes)];
    }
}
