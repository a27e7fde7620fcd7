<?php

declare(strict_types=1);

namespace App\Models;

use Moss\Core\Leave\AllowanceRule;

/**
 * What absences are called, and what holds for each.
 *
 * @property int $id
 * @property string $name
 * @property AbsenceClass $counts_as
 * @property AbsenceVisibility $visible_to
 * @property bool $needs_approval  whether somebody decides on a request; a rule approves it otherwise
 * @property int<0, max>|null $allowance  half days of everybody in a year; null where it is not limited
 * @property int<0, max> $carried_at_most  half days that can be taken in the year after
 * @property int|null $allowance_from  the first year that is counted
 * @property bool $is_retired  whether it can no longer be asked for
 */
final class AbsenceKind extends Model
{
    protected $table = 'absence_kinds';

    public $timestamps = false;

    protected $fillable = ['name', 'counts_as', 'visible_to', 'needs_approval', 'allowance', 'carried_at_most', 'allowance_from', 'is_retired'];

    public function allowanceRule(): ?AllowanceRule
    {
        return $this->allowance === null || $this->allowance_from === null ? null : new AllowanceRule($this->allowance, $this->carried_at_most, $this->allowance_from);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'counts_as' => AbsenceClass::class,
            'visible_to' => AbsenceVisibility::class,
            'needs_approval' => 'boolean',
            'is_retired' => 'boolean',
        ];
    }
}
