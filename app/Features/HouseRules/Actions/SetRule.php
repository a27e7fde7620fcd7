<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\HouseRuleSetting;
use App\Models\Person;
use App\Models\Project;
use App\Models\Team;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\HouseRules\Severity;

/** Sets a house rule for everybody, a team or a project from a day on, or takes such a setting away. */
final readonly class SetRule
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  string|null  $from  the first day; null from the beginning
     * @param  string|null  $team  code
     * @param  string|null  $project  code
     */
    public function handle(Person $office, string $rule, Severity $severity, int $limit, ?string $from, ?string $team, ?string $project): void
    {
        DB::transaction(function () use ($office, $rule, $severity, $limit, $from, $team, $project): void {
            $key = [
                'rule' => $rule,
                'starts_on' => $from,
                'team_id' => $team === null ? null : Team::query()->toBase()->where('code', $team)->value('id'),
                'project_id' => $project === null ? null : Project::query()->toBase()->where('code', $project)->value('id'),
            ];
            $known = Record::all(HouseRuleSetting::query()->toBase()->where($key))[0] ?? null;
            $before = $known?->only('severity', 'limit_number');
            $after = ['severity' => $severity->value, 'limit_number' => $limit];
            if ($before === $after) {
                return;
            }
            HouseRuleSetting::query()->where($key)->delete();
            HouseRuleSetting::query()->insert($key + $after);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Rule, $rule, $known === null ? 'save' : 'change', $office, $before, $after + array_filter(['from' => $from, 'team' => $team, 'project' => $project]))]);
        });
    }

    public function remove(Person $office, int $id): void
    {
        DB::transaction(function () use ($office, $id): void {
            $known = Record::all(HouseRuleSetting::query()->toBase()->where('id', $id))[0] ?? null;
            if ($known !== null) {
                HouseRuleSetting::query()->where('id', $id)->delete();
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Rule, $known->string('rule'), 'remove', $office, $known->only('severity', 'limit_number', 'starts_on', 'team_id', 'project_id'), null)]);
            }
        });
    }
}
