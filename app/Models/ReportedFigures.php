<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * What a project came to when a period was closed. Its key is of two columns, so that rows are written in bulk.
 *
 * @property int $closing_id
 * @property int $project_id
 * @property Minutes $planned_minutes
 * @property Minutes $actual_minutes
 * @property Minutes $pending_minutes
 * @property Minutes $remaining_minutes
 * @property Money $actual_cents
 * @property int $actual_unrated
 * @property Money $budget_cents
 * @property-read Closing $closing
 * @property-read Project $project
 */
final class ReportedFigures extends Model
{
    protected $table = 'reported_figures';

    public const FIGURES = ['planned_minutes', 'actual_minutes', 'pending_minutes', 'remaining_minutes', 'actual_cents', 'actual_unrated', 'budget_cents'];

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['closing_id', 'project_id', ...self::FIGURES];

    /** @return BelongsTo<Closing, $this> */
    public function closing(): BelongsTo
    {
        return $this->belongsTo(Closing::class);
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
            'planned_minutes' => AsMinutes::class, 'actual_minutes' => AsMinutes::class, 'pending_minutes' => AsMinutes::class, 'remaining_minutes' => AsMinutes::class,
            'actual_cents' => AsMoney::class, 'budget_cents' => AsMoney::class,
        ];
    }
}
