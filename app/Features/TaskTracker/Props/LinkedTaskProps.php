<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

use App\Lookup\Props\OptionProps;

/** A task of a task tracker. */
final readonly class LinkedTaskProps
{
    /**
     * @param  OptionProps|null  $task  which it is here; null while nobody knows
     * @param  string  $state  in the tracker's words
     * @param  int  $minutes  logged there, all in all
     */
    public function __construct(public int $id, public string $key, public string $title, public string $state, public string $comment, public string $commentBy, public ?OptionProps $task, public int $minutes)
    {
    }
}
