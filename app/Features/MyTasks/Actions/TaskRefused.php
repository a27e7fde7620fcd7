<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why nothing became of an act on a task, for people. */
final class TaskRefused extends RuntimeException
{
    private function __construct(string $sentence, public readonly string $field)
    {
        parent::__construct($sentence);
    }

    /** @param  array<string, string>  $values */
    public static function because(string $key, array $values = [], string $field = 'line'): self
    {
        return new self(Wording::of('tasks.'.$key, $values), $field);
    }

    public static function saying(string $sentence, string $field = 'line'): self
    {
        return new self($sentence, $field);
    }
}
