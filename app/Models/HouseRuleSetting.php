<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\Severity;

/**
 * How a house rule is set for everybody, a team or a project, from a day on.
 *
 * @property int $id
 * @property string $rule
 * @property Severity $severity
 * @property int $limit_number
 * @property Day|null $starts_on
 * @property int|null $team_id
 * @property int|null $project_id
 * @property-read Team|null $team
 * @property-read Project|null $project
 */
final class HouseRuleSetting extends Model
{
    public $timestamps = false;

    protected $table = 'house_rules';

    protected $fillable = [
        'rule',
        'severity',
        'limit_number',
        'starts_on',
        'team_id',
        'project_id',
    ];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'severity' => Severity::class,
            'starts_on' => AsDay::class,
        ];
    }
}
