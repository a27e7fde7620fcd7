<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why something about a task tracker is not saved; the message is a sentence for people. */
final class TrackerRefused extends RuntimeException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function because(string $field, string $key): self
    {
        return new self($field, Wording::of('trackers.'.$key));
    }
}
