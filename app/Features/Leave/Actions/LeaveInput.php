<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Models\AbsenceKind;
use Moss\Core\Leave\LeaveSpan;

/** What somebody asks for. */
final readonly class LeaveInput
{
    /** @param  string|null  $calendarUid  what a calendar file calls it */
    public function __construct(public AbsenceKind $kind, public LeaveSpan $span, public string $note, public ?string $calendarUid = null)
    {
    }
}
