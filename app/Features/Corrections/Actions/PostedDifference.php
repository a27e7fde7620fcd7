<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Features\Corrections\Queries\CorrectableEntry;
use Moss\Core\Time\Minutes;

/** What is to be posted beside a settled entry; negative where less was worked. */
final readonly class PostedDifference
{
    public function __construct(public CorrectableEntry $entry, public Minutes $minutes, public string $reason)
    {
    }

    /** The same for every difference that was, or is to be, posted for the same entry. */
    public function key(): string
    {
        return self::keyOf($this->entry->entry->personId, $this->entry->entry->taskId, $this->entry->entry->roleId, $this->entry->entry->date->toString());
    }

    public static function keyOf(int $person, int $task, ?int $role, ?string $corrects): string
    {
        return implode(' ', [$person, $task, $role ?? '', $corrects ?? '']);
    }
}
