<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

/** The task that an appointment most likely belongs to, and why. */
final readonly class Guess
{
    /**
     * @param  int|null  $role  in which the person had such appointments before; null to leave it to the assignment
     * @param  array<string, string>  $reasons  what spoke for it by `GuessReason`, the strongest first: the code, how often, the guest, the words
     */
    public function __construct(public int $task, public ?int $role, public array $reasons)
    {
    }
}
