<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Models\SheetChoiceKind;
use Moss\Core\Calendar\Day;

/** What is wanted of a line, or with a day of one of its cells; nothing leaves it to the plan and what is recorded. */
final readonly class Choice
{
    public function __construct(public int $task, public ?int $role, public ?Day $day, public ?SheetChoiceKind $choice)
    {
    }
}
