<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Stretch;
use App\Sheet\LineKey;
use Moss\Core\Calendar\Day;

/** By how much time by the clock makes an entry longer or shorter. */
final readonly class EntryGrowth
{
    /** @param  int  $minutes  negative where it becomes shorter */
    private function __construct(public int $task, public ?int $role, public Day $day, public int $minutes, public string $note, public ?bool $billable = null)
    {
    }

    public static function by(StretchInput $input): self
    {
        return new self($input->task, $input->role, $input->day, $input->span->minutes()->toInt(), $input->note, $input->billable);
    }

    public static function byInking(Stretch $stretch): self
    {
        return new self($stretch->task_id, $stretch->role_id, $stretch->date, $stretch->span()->minutes()->toInt(), $stretch->note, $stretch->billable);
    }

    public static function without(Stretch $stretch): self
    {
        return new self($stretch->task_id, $stretch->role_id, $stretch->date, -$stretch->span()->minutes()->toInt(), '');
    }

    public function cell(): string
    {
        return LineKey::cell($this->task, $this->role, $this->day->toString());
    }
}
